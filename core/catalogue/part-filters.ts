/**
 * Which parts of a family are looked for, by its own marks? A filter names a field of the family, and a word, a flag or a range of figures:
 * `poles:3`, `maxAmbientC:50..`, `standard:UL 508`, `latch:yes`. What is typed becomes a filter whole, or a fault.
 */
import type { Field } from '../fields/field';
import { readQuantity } from '../quantities/read-quantity';

export type PartFilter =
  | { name: string; kind: 'range'; atLeast: number | null; atMost: number | null }
  | { name: string; kind: 'word'; word: string; list: boolean }
  | { name: string; kind: 'flag'; flag: boolean };
export type FilterRead = { ok: true; filters: PartFilter[] } | { ok: false; fault: string };

export const MOST_FILTERS = 12;
const LONGEST = 120;
const kinds: ReadonlySet<Field['kind']> = new Set(['number', 'word', 'words', 'flag']);

/** The fields by which parts of a family may be looked for: one figure, word or flag; texts of any wording are found by search. */
export const filterFields = (fields: readonly Field[]): Field[] =>
  fields.filter(({ kind, words }) => kinds.has(kind) && (kind === 'number' || kind === 'flag' || (words?.length ?? 0) > 0));

function rangeOf(field: Field, text: string): PartFilter | string {
  const ends = text.split('..');
  const figures = ends.map((end) => (end.trim() === '' ? null : readQuantity(end, field.unit ?? '', field.label)));
  const wrong = figures.find((figure) => figure !== null && !figure.ok);
  if (wrong && !wrong.ok) return wrong.fault;
  const [low = null, high = ends.length === 1 ? low : null] = figures.map((figure) => (figure?.ok ? figure.value : null));
  if (ends.length > 2 || (low === null && high === null)) return `${field.label}: one figure, or two with '..' between them.`;
  if (low !== null && high !== null && low > high) return `${field.label}: the first figure is above the second.`;
  return { name: field.name, kind: 'range', atLeast: low, atMost: high };
}

function oneFilter(fields: readonly Field[], text: string): PartFilter | string {
  const at = text.indexOf(':');
  const [name, value] = [text.slice(0, at).trim(), text.slice(at + 1).trim()];
  const field = at < 0 ? undefined : filterFields(fields).find((one) => one.name === name);
  if (!field) return `'${(at < 0 ? text : name).slice(0, 40)}' is no mark by which these parts are looked for.`;
  if (field.kind === 'number') return rangeOf(field, value);
  if (field.kind === 'flag')
    return value === 'yes' || value === 'no' ? { name, kind: 'flag', flag: value === 'yes' } : `${field.label}: yes or no.`;
  const word = field.words?.find((one) => one.toLowerCase() === value.toLowerCase());
  return word === undefined
    ? `${field.label}: one of ${(field.words ?? []).slice(0, 12).join(', ')}.`
    : { name, kind: 'word', word, list: field.kind === 'words' };
}

/** Reads filters as they stand in an address. */
export function readFilters(fields: readonly Field[], texts: readonly string[]): FilterRead {
  if (texts.length > MOST_FILTERS) return { ok: false, fault: `At most ${MOST_FILTERS} filters at once.` };
  const read = texts.map((text) => (text.length > LONGEST ? 'A filter is too long.' : oneFilter(fields, text)));
  const fault = read.find((one) => typeof one === 'string');
  return fault === undefined ? { ok: true, filters: read.filter((one) => typeof one !== 'string') } : { ok: false, fault };
}

/** Does a part's own marks hold a filter? A mark that is worn, or that it does not carry, holds none. */
export function holdsFilter(raw: Readonly<Record<string, unknown>>, filter: PartFilter): boolean {
  const value = raw[filter.name];
  switch (filter.kind) {
    case 'range':
      return (
        typeof value === 'number' &&
        (filter.atLeast === null || value >= filter.atLeast) &&
        (filter.atMost === null || value <= filter.atMost)
      );
    case 'flag':
      return value === filter.flag;
    case 'word':
      return filter.list ? Array.isArray(value) && value.includes(filter.word) : value === filter.word;
  }
}
