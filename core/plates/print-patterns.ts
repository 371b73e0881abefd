/**
 * Forms that several families print: rows of contact ratings, a series of figures behind a row's name, standard numbers.
 * Each returns what it found with the places it came from.
 */
import { certain } from '../certain';
import { fold, toNumber } from './characters';
import { linesOf, type Laid } from './layout';
import type { Hit } from './plate-field';

const ratio = String.raw`(\d{1,3}(?:[.,]\d{1,2})?)\s?A(?:MPS?)?`;

/** Rows "10 A 250 VAC", "5 A 30 V DC", "8A 250V~ AC-1": amps, volts and kind of current. */
export function contactRatingRows({ text }: Laid): Hit[] {
  const pattern = new RegExp(String.raw`${ratio}[ ,/@]{0,3}(\d{2,3})\s?V\s?((AC|DC)(?:-?(1[0-5]?|2[0-3]?))?|~|=)(?![A-Z0-9])`, 'gi');
  const rows = [...text.matchAll(pattern)];
  if (rows.length === 0) return [];
  const value = rows.map((row) => {
    const category = row[5] && `${certain(row[4]).toUpperCase()}-${row[5]}`;
    return {
      amps: toNumber(certain(row[1])),
      volts: Number(row[2]),
      kind: /^(DC|=)/i.test(certain(row[3])) ? 'dc' : 'ac',
      loadType: category ?? 'resistive',
    };
  });
  return rows.map((row, i) => ({
    field: 'contactRatings',
    value: i === 0 ? value : value,
    start: row.index,
    end: row.index + row[0].length,
  }));
}

export type Series = { name: string; values: string[]; start: number; end: number };

/** Lines "name v1 v2 v3": a row's name and two or more figures behind it. Mixed fractions and sets count as one figure. */
export function seriesOf(laid: Laid, name: RegExp, least = 2): Series[] {
  return linesOf(laid).flatMap(({ text, start }) => {
    const head = name.exec(text);
    if (!head) return [];
    const from = head.index + head[0].length;
    const figures = [...text.slice(from).matchAll(/\d{1,2} 1\/2|\d+(?:[.,]\d+)?(?:\/\d+(?:[.,]\d+)?)?/g)];
    if (figures.length < least) return [];
    const last = certain(figures.at(-1));
    return [
      {
        name: head[0],
        values: figures.map((figure) => figure[0]),
        start: start + head.index,
        end: start + from + last.index + last[0].length,
      },
    ];
  });
}

/** Finds one pattern and makes it a hit. */
export function single(laid: Laid, field: string, pattern: RegExp, value: (match: RegExpExecArray) => Hit['value'] | undefined): Hit[] {
  const match = pattern.exec(laid.text);
  const got = match ? value(match) : undefined;
  return match && got !== undefined ? [{ field, value: got, start: match.index, end: match.index + match[0].trimEnd().length }] : [];
}

/** "480Y/277 V": line to line and line to ground of a grounded wye. Without the letter the common rule for volts reads it. */
export function wyeVolts({ text }: Laid): Hit[] {
  const match = /(?<![A-Z0-9.,\-/])(\d{3})\s?Y\s?\/\s?(\d{3})(?!\d)(?:\s?V(?![A-Z])|\s?(?=VAC))?(\s?(?:~|V?AC\b))?/i.exec(text);
  if (!match || Number(match[1]) <= Number(match[2])) return [];
  const end = match.index + match[0].length;
  const tail = match[3]?.length ?? 0;
  return [
    { field: 'ratedVolts', value: [Number(match[1]), Number(match[2])], start: match.index, end: end - tail },
    ...(tail > 0 ? [{ field: 'currentKind', value: 'ac', start: end - tail, end }] : []),
  ];
}

/** Terminal marks anywhere on the plate: 13-14, A1, L1, 2/T1. */
export function terminalNumbers({ text }: Laid): string[] {
  return [
    ...new Set(
      [
        ...fold(text)
          .replace(/(?<=[LT][1-3])(?=[LT][1-3])/g, ' ')
          .matchAll(/(?<![A-Z0-9./-])(?:[1-9]\/L[1-3]|[1-9]\/T[1-9]|[LT][1-9]|[AD][12]|[1-9][1-8])(?![A-Z0-9.,/%-])/gi),
      ].map((match) => match[0].toUpperCase()),
    ),
  ];
}
