'use client';

import { useCallback, useEffect, useState } from 'react';

/** What stands on this device under a name, where it is of the form that is expected. */
function kept<T>(name: string, is: (value: unknown) => value is T): T | undefined {
  try {
    const value: unknown = JSON.parse(localStorage.getItem(name) ?? 'null');
    return is(value) ? value : undefined;
  } catch {
    return undefined;
  }
}

/** Keeps a value on this device; a full or forbidden store costs only the copy. */
export function keep(name: string, value: unknown): void {
  try {
    localStorage.setItem(name, JSON.stringify(value));
  } catch {
    // What is on the screen stays there.
  }
}

/** State that a reload of the page does not lose: read from this device once the page is there, kept on it with every change. */
export function useKept<T>(name: string, initial: () => T, is: (value: unknown) => value is T): [T, (next: (now: T) => T) => void] {
  const [value, setValue] = useState(initial);
  const [read, setRead] = useState(false);
  useEffect(() => {
    const before = kept(name, is);
    if (before !== undefined) setValue(before);
    setRead(true);
    // Read once for a name; the form of it never changes.
  }, [name]);
  useEffect(() => {
    if (read) keep(name, value);
  }, [name, read, value]);
  return [value, useCallback((next: (now: T) => T) => setValue(next), [])];
}
