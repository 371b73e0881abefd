/**
 * The plain case: one position's supply, load and duty, the removed part and the candidates, in the words of the open
 * interface. Every number is in the unit that ends its name. A mark is a value, null (worn) or "none" (no such mark).
 */
import type { Practice } from '../language/practice';
import type { NamesOf } from '../fields/mark-types';
import type { Mark } from '../readings/reading';

export type { Practice } from '../language/practice';
export type CurrentKind = 'ac' | 'dc' | 'ac/dc';

/** Values of one object of the case by field name. The fields are listed, with units and ranges, in `fields.ts`. */
export type FieldValues = Record<string, unknown>;

/** One row of a contactor's rating plate; a row is valid at its own volts. */
export type RatingRow = { volts: Mark<number>; kind?: CurrentKind | null; polesInSeries?: number } & Record<string, unknown>;

export type PartSpec = FieldValues;
export type Part = { id: string; spec: PartSpec };

export type PlainCase = {
  practice: Practice;
  family: string;
  supply: FieldValues;
  load: FieldValues;
  duty: FieldValues;
  removed: { spec: PartSpec } | null;
  candidates: Part[];
};

/** Reads a number from marks: the number, null when worn, undefined when not asked for or no such mark. */
export function numberMark<M extends object>(marks: M, name: NamesOf<M, number>): number | null | undefined {
  const mark: unknown = marks[name];
  if (mark === null) return null;
  return typeof mark === 'number' ? mark : undefined;
}

/** Reads a word from marks: the word, null when worn, undefined when not asked for. */
export function wordMark<M extends object>(marks: M, name: NamesOf<M, string>): string | null | undefined {
  const mark: unknown = marks[name];
  if (mark === null) return null;
  return typeof mark === 'string' && mark !== 'none' ? mark : undefined;
}

/** True when the flag is set; absent and false are the same. */
export const flagMark = <M extends object>(marks: M, name: NamesOf<M, boolean>): boolean => {
  const mark: unknown = marks[name];
  return mark === true;
};

/** Words of a mark that lists them; none where it is not such a list. */
export const wordsMark = (mark: unknown): readonly string[] => (Array.isArray(mark) ? mark : []);

/** Figures of a mark that lists them; none where it is not such a list. */
export const figuresMark = (mark: unknown): readonly number[] => (Array.isArray(mark) ? mark : []);

/** Rows of a mark that lists them; none where it is not such a list. */
export const rowsMark = (mark: unknown): readonly Record<string, unknown>[] => (Array.isArray(mark) ? mark : []);

/** Bands of a mark that lists them; none where it is not such a list. */
export const bandsMark = (mark: unknown): readonly (readonly [low: number, high: number])[] => (Array.isArray(mark) ? mark : []);
