import type { PartSpec } from '../case/case';
import type { Reading, Readings, ReadingValue } from './reading';

/** Returns the readings of a part from its spec: null is unreadable; "none", false and [] are absent; the rest is read. */
export function readingsOfSpec(name: string, spec: PartSpec): Readings {
  const readingOf = (mark: unknown): Reading => {
    if (mark === null) return { state: 'unreadable' };
    if (mark === 'none' || mark === false || (Array.isArray(mark) && mark.length === 0)) return { state: 'absent' };
    return { state: 'read', value: mark as ReadingValue };
  };
  return { type: { state: 'read', value: name }, ...Object.fromEntries(Object.entries(spec).map(([id, mark]) => [id, readingOf(mark)])) };
}
