'use client';

import { useCallback, useSyncExternalStore } from 'react';
import { mapFault, standInMap, type RegisterMap } from '@/core/meter/register-map';

/** The meter of this device: where it is and where it keeps its figures. Kept in the browser, used by the lab and at first start. */
export type Meter = { at: string; unitId: number; map: RegisterMap };
const KEY = 'loyal-coil-meter';
const changed = new Set<() => void>();

let known: { text: string | null; meter: Meter | undefined } = { text: null, meter: undefined };
function kept(): Meter | undefined {
  let text: string | null = null;
  try {
    text = localStorage.getItem(KEY);
  } catch {
    return undefined;
  }
  if (text === known.text) return known.meter;
  known = { text, meter: undefined };
  try {
    const read = JSON.parse(text ?? 'null') as Meter | null;
    if (read && typeof read.at === 'string' && typeof read.unitId === 'number' && mapFault(read.map) === undefined) known.meter = read;
  } catch {
    // What another version left behind is as if there were none.
  }
  return known.meter;
}

/** The meter as kept, else the one of the demo; and how to keep another. */
export function useMeter(address: string): [Meter, (part: Partial<Meter>) => void] {
  const own = useSyncExternalStore(
    (told) => {
      changed.add(told);
      return () => changed.delete(told);
    },
    kept,
    () => undefined,
  );
  const meter = own ?? { at: address || '127.0.0.1:502', unitId: 1, map: standInMap };
  const keep = useCallback(
    (part: Partial<Meter>) => {
      try {
        localStorage.setItem(
          KEY,
          JSON.stringify({ ...(kept() ?? { at: address || '127.0.0.1:502', unitId: 1, map: standInMap }), ...part }),
        );
      } catch {
        // Without storage it holds for nothing but this reading.
      }
      changed.forEach((told) => told());
    },
    [address],
  );
  return [meter, keep];
}
