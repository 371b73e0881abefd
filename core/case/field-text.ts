/**
 * A mark that is more than one figure as one line of text, and back: counts by form, lists, bands, traces, rows with words.
 * Whole or not at all; what cannot be placed is a fault with an example. Round trip is kept by test.
 */
import { figuresMark, rowsMark, wordsMark, bandsMark } from './case';
import { certain, isRecord } from '../certain';
import { formatQuantity, formatValue } from '../quantities/format-quantity';
import { readQuantity } from '../quantities/read-quantity';
import { readGaugeRange } from '../quantities/wire-gauge';
import type { State } from '../timing/trace';
import type { Field } from '../fields/field';
import { wordText } from '../language/word-text';

export type FieldText = { ok: true; value: unknown } | { ok: false; fault: string };
type Row = Record<string, unknown>;
/** What the text forms need to know of a field. */
export type TextField = Pick<Field, 'label' | 'kind' | 'unit' | 'words' | 'rowFields'>;

const read = (value: unknown): FieldText => ({ ok: true, value });
const fault = (field: TextField, example: string): FieldText => ({ ok: false, fault: `${field.label} is written such as ${example}.` });

const key = (text: string) => text.toLowerCase().replace(/[\s,-]+/g, '');
const wordOf = (words: readonly string[], text: string) =>
  words.find((word) => key(word) === key(text)) ?? words.find((word) => key(wordText(word)) === key(text));

const poleWords: Record<string, [form: string, count: number]> = {
  dpdt: ['SPDT', 2],
  '3pdt': ['SPDT', 3],
  '4pdt': ['SPDT', 4],
  dpstno: ['SPST-NO', 2],
  dpstnc: ['SPST-NC', 2],
};
const formWords: Record<string, string> = { co: 'SPDT', no: 'SPST-NO', nc: 'SPST-NC', dm: 'SPST-NO-DM' };

function readCounts(field: TextField, text: string): FieldText {
  const out: Record<string, number> = {};
  for (const part of text.split(/[,;+]/).map((one) => one.trim())) {
    const match = /^(?:(\d{1,2})\s*x?\s+|(\d{1,2})(?=[A-Z]{2}\b))?(.+)$/i.exec(part);
    const counted = poleWords[key(match?.[3] ?? '')];
    const form = counted?.[0] ?? wordOf(certain(field.words), match?.[3] ?? '') ?? formWords[key(match?.[3] ?? '')];
    if (!form) return fault(field, '2 SPDT, 1 SPST-NO');
    out[form] = (out[form] ?? 0) + Number(match?.[1] ?? match?.[2] ?? 1) * (counted?.[1] ?? 1);
  }
  return read(out);
}

function readFlags(field: TextField, text: string): FieldText {
  const out: Record<string, boolean | null> = {};
  for (const part of text.split(/[,;]/).map((one) => one.trim())) {
    const match = /^(no\s+|\?\s*)?(.+)$/i.exec(part);
    const word = wordOf(certain(field.words), match?.[2] ?? '');
    if (!word)
      return fault(
        field,
        `${certain(field.words).slice(0, 2).map(wordText).join(', ')}, no ${wordText(certain(certain(field.words).at(-1)))}, ? ${wordText(certain(certain(field.words)[2]))}`,
      );
    out[word] = match?.[1] ? (match[1].startsWith('?') ? null : false) : true;
  }
  return read(out);
}

const secondsUnits: Record<string, number> = { ms: 0.001, s: 1, sec: 1, min: 60, m: 60, h: 3600, d: 86400 };
const TIME = String.raw`(\d+(?:[.,]\d+)?)\s*(ms|sec|s|min|m|h|d)?`;
const timeOf = (figure: string, unit: string | undefined, other: string | undefined) =>
  Number((Number(figure.replace(',', '.')) * certain(secondsUnits[(unit ?? other ?? 's').toLowerCase()])).toPrecision(12));

function readTimes(field: TextField, text: string): FieldText {
  const match = new RegExp(`^${TIME}(?:\\s*(?:/|,|on)\\s*${TIME}(?:\\s*off)?)?$`, 'i').exec(text);
  if (!match) return fault(field, '5 s, or 2 s / 8 s for on and off');
  const [, first, unit, other, otherUnit] = match;
  const one = timeOf(certain(first), unit, otherUnit);
  return read(other === undefined ? one : [one, timeOf(other, otherUnit, unit)]);
}

function readBands(field: TextField, text: string): FieldText {
  const out: [number, number][] = [];
  for (const part of text.split(/[,;]\s+|;/).filter((one) => one.trim() !== '')) {
    const match = new RegExp(`^${TIME}\\s*(?:-|to)\\s*${TIME}$`, 'i').exec(part.trim());
    if (!match) return fault(field, '0.1-10 s, 6-60 s, 1-10 h');
    const [, low, lowUnit, high, highUnit] = match;
    out.push([timeOf(certain(low), lowUnit, highUnit), timeOf(certain(high), highUnit, lowUnit)]);
  }
  return out.length > 0 && out.every(([low, high]) => low <= high) ? read(out) : fault(field, '0.1-10 s, 6-60 s, 1-10 h');
}

function readTrace(field: TextField, text: string): FieldText {
  const example = 'supply 0 on; signal 3 on 7.5 off; output 3 on 16.5 off';
  const out: Record<string, [number, State][]> = {};
  for (const part of text.split(';').map((one) => one.trim())) {
    const head = /^(supply|signal|output)\s+/i.exec(part);
    const changes = [...part.slice(head?.[0].length ?? 0).matchAll(/(\d+(?:\.\d+)?)\s*s?\s+(on|off)/gi)];
    if (!head || changes.length === 0) return fault(field, example);
    out[certain(head[1]).toLowerCase()] = changes.map(([, at, state]) => [Number(at), certain(state).toLowerCase() === 'on' ? 1 : 0]);
  }
  return read(out);
}

function readFeed(field: TextField, text: string): FieldText {
  if (/^self/i.test(text)) return read('self');
  const match = /^(\d+(?:\.\d+)?)\s*V?\s*(AC\/DC|AC|DC)?$/i.exec(text);
  return match ? read({ volts: Number(match[1]), kind: match[2]?.toLowerCase() ?? null }) : fault(field, 'self, or 24 V DC');
}

/** "35 to 70 %". */
function readBand(field: TextField, text: string): FieldText {
  const gauges = field.unit === 'mm²' ? readGaugeRange(text) : undefined;
  if (gauges) return read(gauges);
  const match = /^(\d+(?:\.\d+)?)\s*\D{0,3}?\s*(?:-|to|–)\s*(\d+(?:\.\d+)?)\s*(\D*)$/i.exec(text);
  const [low, high] = match ? [Number(match[1]), Number(match[2])] : [1, 0];
  return match && low <= high && (certain(match[3]).trim() === '' || certain(match[3]).trim() === field.unit)
    ? read([low, high])
    : fault(field, field.unit === 'mm²' ? '1.5 to 6 mm² or 14-8 AWG' : `35 to 70 ${field.unit ?? ''}`);
}

/** "30 + 5 µF". */
function readNumbers(field: TextField, text: string): FieldText {
  const figures = text.split(/[+/]/).map((one) => readQuantity(one, field.unit ?? '', field.label));
  return figures.every((one) => one.ok) ? read(figures.map((one) => one.value)) : fault(field, '30 + 5');
}

/** "compressor 35.3 µF, fan 5 µF". */
function readAmounts(field: TextField, text: string): FieldText {
  const out: Record<string, number> = {};
  for (const part of text.split(/[,;]/).map((one) => one.trim())) {
    const match = /^([A-Za-z -]+?)\s+(\d.*)$/.exec(part);
    const word = wordOf(certain(field.words), match?.[1] ?? '');
    const figure = match && readQuantity(certain(match[2]), field.unit ?? '', field.label);
    if (!word || !figure?.ok)
      return fault(
        field,
        `${certain(field.words)
          .slice(0, 2)
          .map((one, i) => `${one} ${i ? 5 : 35} ${field.unit}`)
          .join(', ')}`,
      );
    out[word] = figure.value;
  }
  return read(out);
}

const BARE = new Set(['pole', 'volts', 'amps', 'horsepower', 'microfarads']);
/** Words before a figure of a row, where its unit does not tell what it is. */
const prefixOf = (column: Field) => (column.kind === 'number' && !BARE.has(column.name) ? `${column.label.toLowerCase()} ` : '');

function rowText(fields: readonly Field[], row: Row): string {
  return fields
    .filter(({ name }) => row[name] !== undefined && row[name] !== null)
    .map((column) => {
      const value = row[column.name];
      if (column.name === 'letter') return `${String(value)}:`;
      if (column.kind === 'numbers') return `(${figuresMark(value).join(' + ')})`;
      if (column.name === 'pole') return `pole ${Number(value)}:`;
      if (typeof value !== 'number') return wordText(String(value));
      return `${prefixOf(column)}${formatQuantity(value, column.unit ?? '', 'nearest', 6)}`;
    })
    .join(' ');
}

/** A code of a bay and what stands behind it. Example: 'B1: shunt trip'. */
function readLetterRow(text: string): Row | undefined {
  const match = /^([A-Za-z]\w?):?\s+(.+)$/.exec(text.trim());
  return match ? { letter: match[1], word: match[2] } : undefined;
}

function readRow(field: TextField, text: string): Row | undefined {
  const fields = certain(field.rowFields);
  if (certain(fields[0]).name === 'letter') return readLetterRow(text);
  const row: Row = {};
  let rest = text.trim().replace(/\u2009/g, ' ');
  const take = (pattern: RegExp, place: (match: RegExpExecArray) => boolean): boolean => {
    const match = pattern.exec(rest);
    if (!match || !place(match)) return false;
    rest = rest.slice(match[0].length).trim();
    return true;
  };
  const number = (column: Field, written: string): boolean => {
    const figure =
      column.unit === 'us' || column.unit === 'ms'
        ? readQuantity(written.replace(/\s*(us|ms)$/, ''), '', column.label)
        : readQuantity(written, column.unit ?? '', column.label);
    if (!figure.ok || row[column.name] !== undefined) return false;
    row[column.name] = figure.value;
    return true;
  };
  take(/^pole\s+(\d{1,2}):?/i, (match) => number(certain(fields.find(({ name }) => name === 'pole')), certain(match[1])));
  while (rest !== '') {
    const list = fields.find(({ kind, name }) => kind === 'numbers' && row[name] === undefined);
    if (list && rest.startsWith('(')) {
      const joined = (match: RegExpExecArray) => {
        const figures = readNumbers(list, certain(match[1]));
        if (figures.ok) row[list.name] = figures.value;
        return figures.ok;
      };
      if (!take(/^\(([\d.+/ ]+)\)/, joined)) return undefined;
      continue;
    }
    const prefixed = fields.find((column) => {
      const prefix = prefixOf(column);
      return prefix !== '' && rest.toLowerCase().startsWith(prefix);
    });
    if (prefixed) {
      rest = rest.slice(prefixOf(prefixed).length).trim();
      if (!take(/^\d+(?:\.\d+)?\s*[A-Za-zµ]+/, ([written]) => number(prefixed, written))) return undefined;
      continue;
    }
    const worded = fields
      .filter((column) => column.words && row[column.name] === undefined)
      .flatMap((column) => certain(column.words).flatMap((word) => [word, wordText(word)].map((form) => ({ column, word, form }))))
      .filter(({ form }) => rest.toLowerCase().startsWith(form.toLowerCase()))
      .sort((a, b) => b.form.length - a.form.length)[0];
    if (worded && !/^[\w/]/.test(rest.slice(worded.form.length))) {
      row[worded.column.name] = worded.word;
      rest = rest.slice(worded.form.length).trim();
      continue;
    }
    const placed = take(/^\d+(?:\.\d+)?\s*[A-Za-zµ]+/, ([written]) =>
      fields.some((column) => column.kind === 'number' && column.name !== 'pole' && prefixOf(column) === '' && number(column, written)),
    );
    if (!placed) return undefined;
  }
  return row;
}

function readRows(field: TextField, text: string): FieldText {
  const rows = text
    .split(/[,;]/)
    .filter((one) => one.trim() !== '')
    .map((one) => readRow(field, one));
  return rows.length > 0 && rows.every((row) => row !== undefined)
    ? read(rows)
    : fault(
        field,
        certain(certain(field.rowFields)[0]).name === 'name'
          ? 'compressor 35 µF, fan 5 µF'
          : 'AC-15 AC 230 V 0.4 A, pole 2: DC-13 DC 24 V 0.2 A',
      );
}

/** True where the field has a text form here. */
export const hasText = (field: TextField): boolean =>
  ['counts', 'flags', 'times', 'bands', 'trace', 'feed', 'band', 'numbers', 'amounts'].includes(field.kind) ||
  (field.kind === 'words' && !field.words?.length) ||
  (field.kind === 'rows' && (field.rowFields ?? []).some(({ name }) => ['loadType', 'letter', 'name'].includes(name)));

/** The value as one line. */
export function fieldText(field: TextField, value: unknown): string {
  switch (field.kind) {
    case 'counts':
      return Object.entries(isRecord(value) ? value : {})
        .filter(([, count]) => count)
        .map(([form, count]) => `${count} ${form}`)
        .join(', ');
    case 'flags':
      return Object.entries(isRecord(value) ? value : {})
        .map(([word, has]) => `${has === true ? '' : has === null ? '? ' : 'no '}${wordText(word)}`)
        .join(', ');
    case 'times':
      return typeof value === 'number' ? seconds(value) : figuresMark(value).map(seconds).join(' / ');
    case 'bands':
      return bandsMark(value)
        .map(([low, high]) => `${seconds(low)} - ${seconds(high)}`)
        .join(', ');
    case 'band':
      return field.unit === 'mm²' ? formatValue(value, field.unit) : `${figuresMark(value).join(' to ')} ${field.unit ?? ''}`.trim();
    case 'numbers':
      return `${figuresMark(value).join(' + ')} ${field.unit ?? ''}`.trim();
    case 'amounts':
      return Object.entries(isRecord(value) ? value : {})
        .filter(([, amount]) => typeof amount === 'number')
        .map(([word, amount]) => `${word} ${amount} ${field.unit ?? ''}`.trim())
        .join(', ');
    case 'feed':
      return isRecord(value) ? `${Number(value.volts)} V ${typeof value.kind === 'string' ? value.kind.toUpperCase() : ''}`.trim() : 'self';
    case 'trace':
      return ['supply', 'signal', 'output']
        .map((name) => [name, (value as Record<string, [number, State][] | null>)[name]] as const)
        .filter(([, changes]) => changes && changes.length > 0)
        .map(
          ([name, changes]) =>
            `${name} ${certain(changes)
              .map(([at, state]) => `${at} ${state ? 'on' : 'off'}`)
              .join(' ')}`,
        )
        .join('; ');
    case 'rows':
      return rowsMark(value)
        .map((row) => rowText(certain(field.rowFields), row))
        .join(', ');
    default:
      return wordsMark(value).map(wordText).join(', ');
  }
}

/** Seconds in the unit in which they are a whole figure, if there is one. */
export function seconds(value: number): string {
  const [factor, unit] = (
    [
      [86400, 'd'],
      [3600, 'h'],
      [60, 'min'],
    ] as const
  ).find(([one]) => value >= one && value % one === 0) ?? [1, 's'];
  return formatQuantity(value / factor, unit);
}

/** Reads what was typed into such a field. */
export function readFieldText(field: TextField, text: string): FieldText {
  const clean = text.trim().replace(/\u2009/g, ' ');
  switch (field.kind) {
    case 'counts':
      return readCounts(field, clean);
    case 'flags':
      return readFlags(field, clean);
    case 'times':
      return readTimes(field, clean);
    case 'bands':
      return readBands(field, clean);
    case 'band':
      return readBand(field, clean);
    case 'numbers':
      return readNumbers(field, clean);
    case 'amounts':
      return readAmounts(field, clean);
    case 'feed':
      return readFeed(field, clean);
    case 'trace':
      return readTrace(field, clean);
    case 'rows':
      return readRows(field, clean);
    default:
      return read(clean.split(/\s*[,;]\s*/).filter(Boolean));
  }
}
