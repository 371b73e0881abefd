/** Short ways to write the demo's plates as readings. */
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
