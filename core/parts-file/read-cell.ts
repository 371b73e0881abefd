/**
 * What does a cell of a spreadsheet say for a field? Whole or not at all. Decimals by point or by comma are told from the file or by whoever
 * brings it: 1,500 is 1.5 to one and 1500 to another, and is never guessed.
 */
import { accepts } from '../case/schema';
import { readFieldText } from '../case/field-text';
import type { Field } from '../fields/field';
import { wordText } from '../language/word-text';
import { readQuantity } from '../quantities/read-quantity';
import { readUnitOf } from '../quantities/units';

export const decimalWays = ['point', 'comma'] as const;
export type Decimals = (typeof decimalWays)[number];
export type CellRead = { ok: true; value: unknown } | { ok: false; fault: string };

const FIGURE = /[+-]?\d[\d.,' \u2009\u00a0\u202f]*/;
/** A group of three behind one to three digits: thousands, or decimals. None begins with a nought. */
const THOUSANDS = /^[+-]?[1-9]\d{0,2}([.,])\d{3}$/;

/** Which sign parts the decimals of this figure; undefined where it tells nothing, or either. */
function decimalsOf(figure: string): Decimals | undefined {
  const clean = figure.replace(/[' \u2009\u00a0\u202f]/g, '');
  const [comma, point] = [clean.lastIndexOf(','), clean.lastIndexOf('.')];
  if (comma < 0 && point < 0) return undefined;
  if (comma >= 0 && point >= 0) return comma > point ? 'comma' : 'point';
  const sign = comma >= 0 ? ',' : '.';
  // Twice the same sign parts thousands: the decimals go by the other.
  if (clean.split(sign).length > 2) return sign === ',' ? 'point' : 'comma';
  if (THOUSANDS.test(clean)) return undefined;
  return sign === ',' ? 'comma' : 'point';
}

/** How a file writes decimals: as all of its figures agree; undefined where they do not, or tell nothing. */
export function decimalsOfCells(cells: Iterable<string>): Decimals | undefined {
  const seen = new Set<Decimals>();
  for (const cell of cells) {
    const figure = FIGURE.exec(cell)?.[0].trim();
    const way = figure === undefined ? undefined : decimalsOf(figure);
    if (way) seen.add(way);
  }
  return seen.size === 1 ? [...seen][0] : undefined;
}

/** A figure written out with a decimal point and nothing between its thousands; null where it may be two figures. */
export function plainFigure(text: string, decimals: Decimals | undefined): string | null {
  const figure = FIGURE.exec(text)?.[0].trimEnd();
  if (figure === undefined || !/[.,']|\d[ \u2009\u00a0\u202f]\d/.test(figure)) return text;
  const clean = figure.replace(/[' \u2009\u00a0\u202f](?=\d{3}(?!\d))/g, '');
  if (decimals === undefined && THOUSANDS.test(clean)) return null;
  // Behind a nought there are no thousands: it reads as one thing alone.
  if (/^[+-]?0[.,]\d+$/.test(clean)) return text.replace(figure, clean.replace(',', '.'));
  const way = decimals ?? decimalsOf(clean) ?? 'point';
  const own = way === 'comma' ? ',' : '.';
  const other = way === 'comma' ? '.' : ',';
  // Thousands are parted in threes, all of them before the decimals.
  const grouped = new RegExp(`^[+-]?[1-9]\\d{0,2}(\\${other}\\d{3})+(\\${own}\\d+)?$`);
  if (clean.includes(other) && !grouped.test(clean)) return null;
  return text.replace(figure, clean.replaceAll(other, '').replace(own, '.'));
}

const folded = (text: string) => text.toLowerCase().replace(/[\s,_-]+/g, '');
const yes = ['yes', 'y', 'true', '1', 'x', 'ja', 'oui', 'si', 'sì', 'sí'];
const no = ['no', 'n', 'false', '0', 'nein', 'non'];

/** Words that a fault lists. */
const MOST_WORDS = 12;
function wordIn({ words = [], print, label }: Field, text: string): CellRead {
  const printed = Object.entries(print?.printed ?? {}).find(([written]) => folded(written) === folded(text))?.[1];
  const word = printed ?? words.find((one) => folded(one) === folded(text) || folded(wordText(one)) === folded(text));
  if (word !== undefined) return { ok: true, value: word };
  if (words.length === 0) return { ok: true, value: text };
  const more = words.length - MOST_WORDS;
  const listed = words.slice(0, MOST_WORDS).join(', ');
  return { ok: false, fault: `${label} is '${text.slice(0, 40)}'; accepted: ${listed}${more > 0 ? ` and ${more} more` : ''}.` };
}

function figureIn(field: Field, text: string, headUnit: string, decimals: Decimals | undefined): CellRead {
  const plain = plainFigure(text, decimals);
  if (plain === null)
    return { ok: false, fault: `${field.label} is '${text.slice(0, 40)}': say whether this file writes decimals by point or by comma.` };
  const unit = field.unit === 'count' || field.unit === 'ratio' ? '' : (field.unit ?? '');
  const bare = /^[+-]?[\d.]+(e[+-]?\d+)?$/i.test(plain);
  return readQuantity(bare && headUnit ? `${plain} ${headUnit}` : plain, unit, field.label);
}

function valueIn(field: Field, text: string, headUnit: string, decimals: Decimals | undefined): CellRead {
  if (text === '?') return { ok: true, value: null };
  if (/^(none|∅)$/i.test(text)) return { ok: true, value: 'none' };
  if (field.kind === 'number') return figureIn(field, text, headUnit, decimals);
  if (field.kind === 'word') return wordIn(field, text);
  if (field.kind === 'flag') {
    if (yes.includes(folded(text))) return { ok: true, value: true };
    return no.includes(folded(text))
      ? { ok: true, value: false }
      : { ok: false, fault: `${field.label} is '${text.slice(0, 40)}'; yes or no is accepted.` };
  }
  return readFieldText(field, text);
}

/**
 * Reads a cell that is not empty.
 * @param headUnit the unit that stands in the head of its column, for figures without one of their own.
 */
export function readCell(field: Field, text: string, headUnit = '', decimals?: Decimals): CellRead {
  const read = valueIn(field, text.trim(), headUnit, decimals);
  if (!read.ok || accepts(field, read.value)) return read;
  return { ok: false, fault: `${field.label} is '${text.trim().slice(0, 40)}'; that is outside of what is possible.` };
}

/** A head parted into its words and the unit in brackets, or behind a comma or a slash. Example: 'Rated current (mA)'. */
export function headParts(head: string, unitOfField: string): { words: string; unit: string } {
  const match = /^(.*?)\s*(?:[([]\s*([^)\]]+?)\s*[)\]]|[,/]\s*([^,/\s]+))\s*$/.exec(head.trim());
  const unit = match?.[2] ?? match?.[3] ?? '';
  const known = unit !== '' && unitOfField !== '' && readUnitOf(unit, unitOfField)?.unit === unitOfField;
  return known ? { words: (match?.[1] ?? '').trim(), unit } : { words: head.trim(), unit: '' };
}
