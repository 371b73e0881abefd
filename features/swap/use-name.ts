'use client';

import { useCallback, useSyncExternalStore } from 'react';

const KEY = 'loyal-coil:name';
const listeners = new Set<() => void>();
const subscribe = (listener: () => void) => {
  listeners.add(listener);
  return () => listeners.delete(listener);
};

/** The name that confirmations and signatures carry; remembered on this device. */
export function useName(): [string, (name: string) => void] {
  const name = useSyncExternalStore(
    subscribe,
    () => localStorage.getItem(KEY) ?? '',
    () => '',
  );
  const set = useCallback((next: string) => {
    localStorage.setItem(KEY, next);
    for (const listener of listeners) listener();
  }, []);
  return [name, set];
}
