/** Short ways to write the demo's plates as readings. */
import type { PartSpec } from '../../core/case/case';
import type { Reading, Readings, ReadingValue } from '../../core/readings/reading';

export const read = (value: ReadingValue, asPrinted?: string): Reading => ({
  state: 'read',
  value,
  ...(asPrinted ? { asPrinted } : {}),
});
export const worn: Reading = { state: 'unreadable' };
export const assumed = (value: ReadingValue): Reading => ({ state: 'assumed', value });
export const measured = (value: ReadingValue, from: string): Reading => ({ state: 'measured', value, from });

export const allRead = (marks: Record<string, ReadingValue>): Readings =>
  Object.fromEntries(Object.entries(marks).map(([id, value]) => [id, read(value)]));

/** Readings of a part from its spec: no such mark becomes absent. */
export function readingsOfSpec(name: string, spec: PartSpec): Readings {
  const marks = Object.entries(spec).map(([id, mark]): [string, Reading] => {
    if (mark === null) return [id, worn];
    if (mark === 'none' || mark === false || (Array.isArray(mark) && mark.length === 0)) return [id, { state: 'absent' }];
    return [id, read(mark as ReadingValue)];
  });
  return { type: read(name), ...Object.fromEntries(marks) };
}
