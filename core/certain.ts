/**
 * What the code knows and the compiler cannot: asked here, where it is checked as the code runs, not asserted.
 * Each throws a `DefectError`: a missing figure must stop the answer, never go on as `undefined` into a sum.
 */
import { DefectError } from './defect-error';

/** The value, which is there. Throws a `DefectError` where it is not. */
export function certain<T>(value: T | null | undefined): T {
  if (value === undefined || value === null) throw new DefectError('A value that must be there is missing.');
  return value;
}

/** The names of an object, typed as what they are. */
export const keysOf = <T extends object>(value: T): (keyof T & string)[] => Object.keys(value) as (keyof T & string)[];

/** Names and values of an object, typed as what they are. */
export const entriesOf = <K extends string, V>(value: Partial<Readonly<Record<K, V>>>): [K, V][] => Object.entries(value) as [K, V][];

/** True where the value is one of the words. */
export const isOneOf = <Word extends string>(words: readonly Word[], value: unknown): value is Word =>
  typeof value === 'string' && (words as readonly string[]).includes(value);

/** The number, or null where it is none. */
export const numberOrNull = (value: unknown): number | null => (typeof value === 'number' && Number.isFinite(value) ? value : null);

/** True where the value is an object with names. */
export const isRecord = (value: unknown): value is Record<string, unknown> =>
  typeof value === 'object' && value !== null && !Array.isArray(value);

/** The words of an error, whatever was thrown. */
export const messageOf = (error: unknown): string => (error instanceof Error ? error.message : String(error));
