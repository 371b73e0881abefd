/**
 * What does one mark of a plate say, how sure is that, and where did it come from?
 * A reading is a value with its state; nothing is ever filled in silently.
 * Absent (the plate is legible and has no such mark) and unreadable (worn) are different states with different
 * consequences: a missing rating fails a line that needs it, an unread one leaves the line not known.
 */
export type ReadingState = 'read' | 'measured' | 'worked-out' | 'assumed' | 'unreadable' | 'absent';

/** Rows are the rating rows of a plate, objects and bands as in the plain case. */
export type ReadingValue =
  number | string | boolean | number[] | string[] | number[][] | Record<string, unknown>[] | Record<string, unknown>;

export type Reading = {
  state: ReadingState;
  /** Base unit of the field; undefined for unreadable and absent. */
  value?: ReadingValue;
  /** As printed or typed, to show the same figures as the plate. */
  asPrinted?: string;
  /** Arithmetic or place: "18.7 ohm less 0.3 ohm of leads", "typed line, characters 6 to 15". */
  from?: string;
  /** Found by a machine and not yet looked at by a person. */
  toConfirm?: boolean;
  /** Words of the picture it came from, by their number. */
  words?: number[];
};

/** Readings of one plate by field id. A field that is not there has not been looked at. */
export type Readings = Record<string, Reading>;

/** The readings with one of them put in the place of what was there; null takes it away. */
export const withReading = (readings: Readings, id: string, reading: Reading | null): Readings =>
  reading ? { ...readings, [id]: reading } : Object.fromEntries(Object.entries(readings).filter(([name]) => name !== id));

/** State of a mark in the plain case: value, null (worn) or "none" (legible, no such mark). */
export type Mark<T> = T | null | 'none' | undefined;

/** True where the reading has a value that may be worked with. */
export const isKnown = (reading: Reading | undefined): reading is Reading & { value: ReadingValue } =>
  reading !== undefined && reading.value !== undefined && reading.state !== 'unreadable' && reading.state !== 'absent';

/** Maps a reading to its mark in the plain case: one to one, save that 'assumed' is carried beside it. */
export function toMark(reading: Reading | undefined): unknown {
  if (reading === undefined) return undefined;
  if (reading.state === 'unreadable') return null;
  if (reading.state === 'absent') return 'none';
  return reading.value;
}

/** True where both say the same value, whatever their states. */
export const sameValue = (a: Reading, b: Reading): boolean => JSON.stringify(a.value) === JSON.stringify(b.value);

/** Returns the field that took a word of the picture, or undefined. */
export const fieldOfWord = (readings: Readings, word: number): string | undefined =>
  Object.entries(readings).find(([, reading]) => reading.words?.includes(word))?.[0];

/** One sentence for each state, shown when a mark is tapped. */
export const stateMeaning: Record<ReadingState, string> = {
  read: 'Read from the plate or drawing by a person.',
  measured: 'Measured, with the instrument readings kept beside it.',
  'worked-out': 'Worked out from other marks; the arithmetic is kept.',
  assumed: 'Assumed. A line that rests on it is at best a check, never a fit.',
  unreadable: 'Worn away or hidden. Lines that need it stay not known.',
  absent: 'The plate is legible here and has no such mark.',
};
