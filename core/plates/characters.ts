/**
 * Which characters are the same mark? Typographic variants become one character each, so that places in the text stay.
 * A text engine and worn print confuse letters and digits of like shape; those classes are used only where the strict
 * reading finds nothing, and what they give is marked as a repair.
 */
const variants: Record<string, string> = {
  '–': '-',
  '—': '-',
  '−': '-',
  '‐': '-',
  '‑': '-',
  '’': "'",
  '‘': "'",
  '“': '"',
  '”': '"',
  '∼': '~',
  '˜': '~',
  '≈': '~',
  μ: 'µ',
  Ω: 'Ω',
  ϕ: 'φ',
  ɸ: 'φ',
  ø: 'φ',
  Ø: 'φ',
  Φ: 'φ',
  '∆': 'Δ',
  '\u00a0': ' ',
  '\u2009': ' ',
  '\u202f': ' ',
  '\t': ' ',
  '⎓': '=',
  '×': 'x',
  º: '°',
  '˚': '°',
};

/** Returns the text with typographic variants folded; every character keeps its place. */
export const fold = (text: string): string => text.replace(/[^\x20-\x7e\n]/g, (c) => variants[c] ?? c);

/** Letters and digits of like shape. */
const alike: Record<string, string> = {
  O: 'O0Q',
  I: 'I1L|!',
  L: 'L1I|',
  S: 'S5$',
  B: 'B8',
  Z: 'Z2',
  V: 'VUY',
  U: 'UVJ',
  G: 'G6',
  C: 'CE',
  D: 'DO0',
  Q: 'QO0',
  T: 'TI',
  N: 'NM',
};
const escape = (text: string): string => text.replace(/[.*+?^${}()|[\]\\/]/g, '\\$&');

/** Source of a pattern for a printed name. Dots and spaces within it may be missing; `loose` lets like shapes stand in. */
export function namePattern(name: string, loose: boolean): string {
  const letters = [...name];
  const many = letters.filter((c) => /[A-Z]/i.test(c)).length;
  return letters
    .map((c) => {
      if (c === ' ') return String.raw`[ ]{0,3}`;
      if (c === '.') return String.raw`\.?`;
      const like = loose && many >= 2 ? alike[c.toUpperCase()] : undefined;
      return like ? `[${escape(like)}]` : escape(c);
    })
    .join('');
}

export const bySize = (words: readonly string[], loose = false): string =>
  [...words]
    .sort((a, b) => b.length - a.length)
    .map((word) => namePattern(word, loose))
    .join('|');

const digitOf: Record<string, string> = {
  O: '0',
  o: '0',
  Q: '0',
  D: '0',
  I: '1',
  l: '1',
  L: '1',
  '|': '1',
  '!': '1',
  i: '1',
  S: '5',
  s: '5',
  B: '8',
  Z: '2',
  z: '2',
  G: '6',
};

/** Figure as printed: mixed fraction, fraction, or number with point or comma and groups of three. */
export const FIGURE = String.raw`(?:\d{1,4} \d{1,2}\/\d{1,2}|\d{1,3}\/\d{1,2}(?=\s*HP)|\d{1,3}(?:,\d{3})+(?:\.\d+)?(?!\d)|\d{1,9}(?:[.,]\d{1,5})?)`;
/** The same with like shapes for digits; at least one true digit. */
export const LOOSE_FIGURE = String.raw`(?=[OoIlSBZ|]{0,2}\d)[\dOoIlSBZ|]{1,8}(?:[.,][\dOoIlSBZ|]{1,4})?`;
export const LIST = String.raw`\d{1,6}(?:[.,]\d{1,4})?(?:\s?[/-]\s?\d{1,6}(?:[.,]\d{1,4})?){0,5}`;
export const LOOSE_LIST = String.raw`(?=[OoIlSBZ|]{0,2}\d)[\dOoIlSBZ|]{1,6}(?:[.,][\dOoIlSBZ|]{1,4})?(?:\s?[/-]\s?[\dOoIlSBZ|]{1,6}(?:[.,][\dOoIlSBZ|]{1,4})?){0,5}`;

/** Returns the figure with digits put in for like shapes. */
export const asDigits = (text: string): string => text.replace(/[OoQDIlL|!iSsBZzG]/g, (c) => digitOf[c] ?? c);

/** Number of a printed figure; NaN where it is none. Decimal comma or point, groups of three, mixed fractions. */
export function toNumber(text: string): number {
  const trimmed = text.trim();
  const mixed = /^(?:(\d+) )?(\d+)\/(\d+)$/.exec(trimmed);
  if (mixed) return Number(mixed[1] ?? 0) + Number(mixed[2]) / Number(mixed[3]);
  if (/^\d{1,3}(,\d{3})+(\.\d+)?$/.test(trimmed)) return Number(trimmed.replace(/,/g, ''));
  return Number(trimmed.replace(',', '.'));
}
