/** States of a mark in a canonical spec: false and an empty list are "no such mark"; aliases of kinds are read. */
import type { PartSpec } from '../case/case';
import { kindAliases } from '../fields/field';

/** Returns the marks with false and [] as 'none'. The input is not changed. */
export const cleanMarks = (spec: PartSpec): Record<string, unknown> =>
  Object.fromEntries(
    Object.entries(spec).map(([name, mark]) => [name, mark === false || (Array.isArray(mark) && mark.length === 0) ? 'none' : mark]),
  );

/** Kinds of current of a list or word, each by itself: 'ac/dc' and 'UC' are both. Null and "none" stay. */
export function currentKindsOf(mark: unknown): unknown {
  if (mark === undefined || mark === null || mark === 'none') return mark;
  const list = (Array.isArray(mark) ? mark : [mark]).map((kind: unknown) => kindAliases[String(kind)] ?? String(kind));
  return [...new Set(list.flatMap((kind) => (kind === 'ac/dc' ? ['ac', 'dc'] : [kind])))];
}

/** A flag as one of two words; null where worn, undefined where it is not asked for. */
export const flagWord = (mark: unknown, yes: string, no: string): string | null | undefined =>
  mark === undefined ? undefined : mark === null ? null : mark === true ? yes : no;

export const numberOr = <T>(mark: unknown, other: T): number | T => (typeof mark === 'number' ? mark : other);
