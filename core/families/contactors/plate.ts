/**
 * A contactor's plate: IEC, NEMA size, definite purpose. Contact side and coil side are apart: a figure read on one never
 * fills the other. Coil marks need their name (COIL, Uc, A1-A2), so that bare volts stay with the contacts. Common practice.
 */
import { certain } from '../../certain';
import { toNumber } from '../../plates/characters';
import { seriesOf, single, terminalNumbers } from '../../plates/print-patterns';
import { linesOf, type Laid } from '../../plates/layout';
import { plateFieldsOf } from '../../fields/print';
import type { Column, Hit, PlateDefinition } from '../../plates/plate-field';
import type { Table } from '../../plates/plate-field';
import { contactorFields } from './fields';

const FIGURE = String.raw`(?:\d{1,2} 1\/2|\d{1,2}\/\d{1,2}(?=\s*HP)|\d{1,4}(?:[.,]\d{1,2})?)`;

/** Columns of a rating row by the names printed over them. RES = resistive; AFL, ALR are the same as FLA, LRA. */
export const ratingNames: readonly { column: string; names: readonly string[]; unit: 'A' | 'hp' }[] = [
  { column: 'fullLoadAmps', names: ['FLA', 'AFL'], unit: 'A' },
  { column: 'lockedRotorAmps', names: ['LRA', 'ALR'], unit: 'A' },
  { column: 'resistiveAmps', names: ['RES'], unit: 'A' },
  { column: 'ac1Amps', names: ['AC-1', 'AC1'], unit: 'A' },
  { column: 'ac3Amps', names: ['AC-3', 'AC3'], unit: 'A' },
  { column: 'ac4Amps', names: ['AC-4', 'AC4'], unit: 'A' },
  { column: 'normalHp', names: ['HP'], unit: 'hp' },
];
const columns: readonly Column[] = [
  { column: 'volts', names: ['VAC', 'VOLTS', 'V'], unit: 'V' },
  { column: 'fullLoadAmps', names: ['FLA', 'AFL'], unit: 'A' },
  { column: 'lockedRotorAmps', names: ['LRA', 'ALR'], unit: 'A' },
  { column: 'resistiveAmps', names: ['RESISTIVE AMPS', 'RES. AMPS', 'RES AMPS', 'RES.', 'RES'], unit: 'A' },
  { column: 'ac1Amps', names: ['AC-1', 'AC1'], unit: 'A' },
  { column: 'ac3Amps', names: ['AC-3', 'AC3'], unit: 'A' },
];

const names = (list: readonly string[]) => [...list].sort((a, b) => b.length - a.length).join('|');
const all = names(ratingNames.flatMap((one) => one.names));
const nameFirst = `(?:(?:${all})[ ]{0,2}[:=]?[ ]{0,2}${FIGURE}(?:[ ]?A(?![A-Z]))?[ ,;]{0,4})`;
const figureFirst = `(?:${FIGURE}[ ]?(?:${all})(?![A-Z0-9-])[ ,;]{0,4})`;
const ROW = new RegExp(`(?<![A-Z0-9.])(\\d{2,4})[ ]?V(?:AC)?[ ]?[:,]?[ ]{0,4}(${nameFirst}{1,7}|${figureFirst}{1,7})`, 'gi');

/** Rows "240V FLA 30 LRA 180 RES 40": volts, then at least one named column. */
function typedRows({ text }: Laid): Hit[] {
  const rows = [...text.matchAll(ROW)];
  const value = rows.map((match) => {
    const row: Record<string, unknown> = { volts: Number(match[1]) };
    const named = /^[A-Z]/i.test(certain(match[2]));
    for (const { column, names: own } of ratingNames) {
      const pattern = named
        ? `(?<![A-Z])(?:${names(own)})[ ]{0,2}[:=]?[ ]{0,2}(${FIGURE})`
        : `(${FIGURE})[ ]?(?:${names(own)})(?![A-Z0-9-])`;
      const found = new RegExp(pattern, 'i').exec(certain(match[2]));
      if (found) row[column] = toNumber(certain(found[1]));
    }
    return row;
  });
  return rows.map((match) => ({ field: 'ratings', value, start: match.index, end: match.index + match[0].replace(/[\s,;]+$/, '').length }));
}

/** A table of volts with FLA, LRA, RES under their heads. */
function ratingTable(table: Table): Hit[] | undefined {
  const at = (column: string) => table.heads.findIndex((head) => head.column === column);
  const volts = at('volts');
  if (volts < 0 || table.heads.filter((head) => head.column).length < 2) return undefined;
  const figure = (text: string | undefined) => {
    const digits = /^\D{0,2}(\d+(?:[.,]\d+)?)\D{0,3}$/.exec(text ?? '');
    return digits ? toNumber(certain(digits[1])) : undefined;
  };
  const rows = table.rows.flatMap(({ cells }) => {
    const v = figure(cells[volts]?.text);
    if (v === undefined || v < 24 || v > 1000) return [];
    const row: Record<string, unknown> = { volts: v };
    for (const [j, head] of table.heads.entries()) {
      const n = figure(cells[j]?.text);
      if (head.column && head.column !== 'volts' && n !== undefined) row[head.column] = n;
    }
    const places = cells.filter((cell) => cell !== undefined);
    return [{ row, start: Math.min(...places.map((cell) => cell.start)), end: Math.max(...places.map((cell) => cell.end)) }];
  });
  const value = rows.map(({ row }) => row);
  return rows.length === 0 ? undefined : rows.map(({ start, end }) => ({ field: 'ratings', value, start, end }));
}

/** IEC: a row of volts under AC-3, then amps, then kW, each with as many figures. */
function categoryRows(laid: Laid): Hit[] {
  const [volts] = seriesOf(laid, /(?:AC-?3\b.{0,4})?\bU[ec]?\b\s*(?:\(V\))?|AC-?3\b/i).filter(({ values }) =>
    values.every((v) => Number(v.split('/').at(-1)) >= 24 && Number(v.split('/').at(-1)) <= 1000),
  );
  if (!volts) return [];
  const after = { ...laid, text: ' '.repeat(volts.end) + laid.text.slice(volts.end) };
  const masked = { ...laid, text: [...after.text].map((c, i) => (laid.text[i] === '\n' ? '\n' : c)).join('') };
  const [amps] = seriesOf(masked, /\b[I1l][ec]?\b\s*(?:\(A\))?|\bA\b/i).filter(({ values }) => values.length === volts.values.length);
  const [kw] = seriesOf(masked, /\bkW\b/i).filter(({ values }) => values.length === volts.values.length);
  if (!amps && !kw) return [];
  const value = volts.values.map((v, i) => ({
    volts: Number(v.split('/').at(-1)),
    ...(amps ? { ac3Amps: toNumber(certain(amps.values[i])) } : {}),
    ...(kw ? { ac3Kilowatts: toNumber(certain(kw.values[i])) } : {}),
  }));
  return [volts, amps, kw].flatMap((row) => (row ? [{ field: 'ratings', value, start: row.start, end: row.end }] : []));
}

const CATEGORY = String.raw`AC-?([134])(?![0-9A-Z])`;
const AMPS = String.raw`(?:I[EC]?[ ]?[=:]?[ ]?)?(\d{1,4}(?:[.,]\d{1,2})?)[ ]?A(?![A-Z])`;
const POWER = String.raw`(?:(\d{1,3}(?:[.,]\d{1,2})?)[ ]?KW)?`;
const VOLTS = String.raw`(?:AT[ ]|@[ ]?)?(?:U[EC]?[ ]?[=:]?[ ]?)?(\d{2,4})[ ]?V(?:AC)?(?![A-Z])`;
const GAP = String.raw`[ ,;:/|]{0,4}`;
const UNTOUCHED = String.raw`(?<![A-Z0-9.,/-])`;
/** What stands in one line about one category: its letters, amps, volts and, where printed, kW, in the orders in which they are printed. */
const categoryForms: readonly { form: RegExp; at: Record<'category' | 'amps' | 'volts', number> & { kw?: number } }[] = [
  { form: new RegExp(UNTOUCHED + CATEGORY + GAP + AMPS + GAP + POWER + GAP + VOLTS, 'gi'), at: { category: 1, amps: 2, kw: 3, volts: 4 } },
  { form: new RegExp(UNTOUCHED + CATEGORY + GAP + VOLTS + GAP + AMPS + GAP + POWER, 'gi'), at: { category: 1, volts: 2, amps: 3, kw: 4 } },
  { form: new RegExp(UNTOUCHED + AMPS + GAP + CATEGORY + GAP + POWER + GAP + VOLTS, 'gi'), at: { amps: 1, category: 2, kw: 3, volts: 4 } },
  { form: new RegExp(UNTOUCHED + AMPS + GAP + VOLTS + GAP + CATEGORY, 'gi'), at: { amps: 1, volts: 2, category: 3 } },
];
const columnOfCategory: Readonly<Record<string, string>> = { 1: 'ac1Amps', 3: 'ac3Amps', 4: 'ac4Amps' };

/** "AC-3 25 A 11 kW 400 V AC-1 40 A 690 V": each category with its amps and volts. Undefined where it says two figures of one. */
function categoryLines({ text }: Laid): Hit[] | undefined {
  const rows = new Map<number, Record<string, number>>();
  const taken: { start: number; end: number }[] = [];
  for (const { form, at } of categoryForms)
    for (const match of text.matchAll(form)) {
      const end = match.index + match[0].trimEnd().length;
      if (taken.some((one) => match.index < one.end && one.start < end)) continue;
      const figure = (nth: number | undefined) => (nth !== undefined && match[nth] !== undefined ? toNumber(match[nth]) : undefined);
      const [volts, amps, kw] = [figure(at.volts), figure(at.amps), figure(at.kw)];
      const column = columnOfCategory[match[at.category] ?? ''];
      if (volts === undefined || amps === undefined || !column || volts < 24 || volts > 1000) continue;
      const row = rows.get(volts) ?? { volts };
      if (row[column] !== undefined && row[column] !== amps) return undefined;
      rows.set(volts, { ...row, [column]: amps, ...(kw !== undefined && column === 'ac3Amps' ? { ac3Kilowatts: kw } : {}) });
      taken.push({ start: match.index, end });
    }
  const value = [...rows.values()].sort((a, b) => (a.volts ?? 0) - (b.volts ?? 0));
  return taken.map((place) => ({ field: 'ratings', value, ...place }));
}

const covered = ({ text }: Laid, hits: readonly Hit[]): number =>
  hits.reduce((sum, { start, end }) => sum + (text.slice(start, end).match(/AC-?\d/gi) ?? []).length, 0);

/**
 * Volts before the figures or after them: the reading that leaves no category over. "690 V, AC-3 25 A 400 V" is one of the two; where both are
 * as likely and say different things, neither is read.
 */
function ratingsOf(laid: Laid): Hit[] {
  const [before, after] = [typedRows(laid), categoryLines(laid)];
  if (after === undefined) return [];
  if (before.length > 0 && after.length > 0) {
    const more = covered(laid, before) - covered(laid, after);
    if (more !== 0) return more > 0 ? before : after;
    return JSON.stringify(before[0]?.value) === JSON.stringify(after[0]?.value) ? before : [];
  }
  return [before, after, categoryRows(laid)].find((hits) => hits.length > 0) ?? [];
}

/** NEMA: "VOLTS 60 HZ 200 230 460 575" over "MAX HP 3 PH 7 1/2 7 1/2 10 10". */
function horsepowerRows(laid: Laid): Hit[] {
  const [volts] = seriesOf(laid, /VOLTS\s*(?:\d{2}\s?HZ)?/i).filter(({ values }) => values.every((v) => /^\d{3}$/.test(v)));
  const [hp] = seriesOf(laid, /(?:MAX\.?\s*)?HP\s*(?:[13]\s?PH(?:ASE)?)?/i).filter(({ values }) => values.length === volts?.values.length);
  if (!volts || !hp) return [];
  const phase = /([13])\s?PH/i.exec(hp.name)?.[1];
  const value = volts.values.map((v, i) => ({
    volts: Number(v),
    [phase === '1' ? 'normalHpSinglePhase' : 'normalHp']: toNumber(certain(hp.values[i])),
  }));
  return [volts, hp].map(({ start, end }) => ({ field: 'ratings', value, start, end }));
}

/** "1 PH HP: 3 @ 120 V  7 1/2 @ 240 V": horsepower at volts, kept apart from the rows of amps. */
function horsepowerAt(laid: Laid): Hit[] {
  return linesOf(laid).flatMap(({ text, start }) => {
    const head = /([13])\s?PH(?:ASE)?\s*HP\s*:?/i.exec(text);
    if (!head) return [];
    const pairs = [...text.slice(head.index + head[0].length).matchAll(/(\d{1,2} 1\/2|\d{2}\/2|\d{1,3}(?:\/\d)?)\s?@\s?(\d{3})\s?V?/g)];
    if (pairs.length === 0) return [];
    const hpOf = (t: string) => (/^\d1\/2$/.test(t) ? Number(t[0]) + 0.5 : toNumber(t));
    const last = certain(pairs.at(-1));
    const value = pairs.map((pair) => ({ volts: Number(pair[2]), phases: Number(head[1]), hp: hpOf(certain(pair[1])) }));
    return [
      { field: 'horsepowerAt', value, start: start + head.index, end: start + head.index + head[0].length + last.index + last[0].length },
    ];
  });
}

const auxiliaries = (laid: Laid): Hit[] =>
  linesOf(laid).flatMap(({ text, start }) => {
    const match = /AUX\.?\s*((?:\d{2}-\d{2}\s?N[OC]\s*)+)/i.exec(text);
    return match
      ? [
          {
            field: 'auxContacts',
            value: certain(match[1]).trim().replace(/\s+/g, ' '),
            start: start + match.index,
            end: start + match.index + match[0].trimEnd().length,
          },
        ]
      : [];
  });

function derive(found: ReadonlyMap<string, unknown>, laid: Laid): Hit[] {
  const power = terminalNumbers(laid).filter((mark) => /^(\d\/)?[LT][1-4]$/.test(mark));
  const lines = new Set(power.map((mark) => mark.replace(/^\d\//, '')).filter((mark) => mark.startsWith('L')));
  const aux = String(found.get('auxContacts') ?? '');
  const at = laid.text.search(/L1/);
  const count = (kind: string) => (aux.match(new RegExp(kind, 'gi')) ?? []).length;
  return [
    ...(lines.size >= 3 && at >= 0 ? [{ field: 'poles', value: lines.size, start: at, end: at + 2 }] : []),
    ...(aux
      ? [
          { field: 'auxNormallyOpen', value: count('NO'), start: 0, end: 0 },
          { field: 'auxNormallyClosed', value: count('NC'), start: 0, end: 0 },
        ]
      : []),
  ];
}

export const contactorPlate: PlateDefinition = {
  id: 'contactor',
  title: 'Contactor',
  side: 'device',
  fields: plateFieldsOf(contactorFields),
  columns,
  readTable: ratingTable,
  special: (laid) => [
    ...ratingsOf(laid),
    ...horsepowerRows(laid),
    ...horsepowerAt(laid),
    ...auxiliaries(laid),
    ...single(laid, 'auxNormallyOpen', /(?<![\d-])([1-8])\s?NO(?![A-Z])/i, (m) => Number(m[1])),
  ],
  derive,
  cues: [
    [/CONTACTOR/i, 8],
    [/DEFINITE PURPOSE/i, 4],
    [/AC-?3\b/i, 4],
    [/NEMA SIZE/i, 6],
    [/60947-4-1/i, 4],
    [/\bU[CI]\b|A1.?A2/i, 2],
    [/\bCOIL\b/i, 1],
    [/\bFLA\b[\s\S]*\bLRA\b[\s\S]*\bRES/i, 4],
  ],
};
