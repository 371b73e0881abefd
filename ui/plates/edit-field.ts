import { wordsMark, rowsMark } from '@/core/case/case';
import { certain } from '@/core/certain';
import type { Practice } from '@/core/case/case';
import { fieldText, hasText, readFieldText, type TextField } from '@/core/case/field-text';
import type { DeviceFamily } from '@/core/families/contract';
import { dutyFields } from '@/core/fields/duty-fields';
import { labelIn, shortIn, type Field } from '@/core/fields/field';
import { sayIn } from '@/core/language/by-practice';
import { loadFields } from '@/core/fields/load-fields';
import { notPrinted, plateFieldOf } from '@/core/fields/print';
import { supplyFields } from '@/core/fields/supply-fields';
import { wordOfText, wordText } from '@/core/language/word-text';
import type { PlateDefinition, PlateField } from '@/core/plates/plate-field';
import { formatQuantity, formatValue } from '@/core/quantities/format-quantity';
import { readQuantity } from '@/core/quantities/read-quantity';
import { readGaugeRange } from '@/core/quantities/wire-gauge';
import type { Reading, ReadingValue } from '@/core/readings/reading';

/** A field as it stands on a plate or card of the bench. */
export type EditField = PlateField & {
  section: 'load' | 'duty' | 'supply' | 'removed';
  /** Columns where it is a list of rows, written in one line. */
  rowFields?: readonly Field[];
  /** The field of the case, where its value is more than one figure and is written in one line. */
  asText?: TextField;
};

/** The words of a field in the practice of the site. */
const wordsIn = (practice: Practice, { of, meaning, recovery }: PlateField) => ({
  label: labelIn(practice, of),
  short: shortIn(practice, of),
  meaning: sayIn(practice, meaning),
  recovery: sayIn(practice, recovery),
});

/** A field as a card shows it: in the form of the case, whatever a plate prints. */
const onCard = (practice: Practice, section: EditField['section'], field: Field): EditField => ({
  ...plateFieldOf(notPrinted(field)),
  ...wordsIn(practice, plateFieldOf(notPrinted(field))),
  section,
  ...(field.rowFields ? { rowFields: field.rowFields } : {}),
  ...(hasText(field) ? { asText: field } : {}),
});
const caseFields = { supply: supplyFields, load: loadFields, duty: dutyFields };
/** A mark of supply, load or duty as it is asked for by its name; undefined where there is none. */
export function askedField(practice: Practice, section: keyof typeof caseFields, name: string): EditField | undefined {
  const fields: readonly Field[] = caseFields[section];
  const field = fields.find((one) => one.name === name);
  return field && onCard(practice, section, field);
}
/** Cards of the bench beside the plates, as the family asks. */
export function cardsOf({ positionFields: asks, fields }: DeviceFamily, practice: Practice) {
  const named = (section: EditField['section'], all: readonly Field[], names: readonly string[]): EditField[] =>
    names.map((name) => onCard(practice, section, certain(all.find((one) => one.name === name))));
  return {
    supply: named('supply', supplyFields, asks.supply),
    wiring: [...named('load', loadFields, asks.load), ...named('duty', dutyFields, asks.duty)],
    /** Marks of the part that its plate does not name so. */
    part: fields.map((field) => onCard(practice, 'removed', field)),
  };
}

/** Fields of a plate as they are edited, in the order printed. */
export const plateFieldsOf = (plate: PlateDefinition, section: EditField['section'], practice: Practice): EditField[] =>
  plate.fields.map((field) => ({ ...field, ...wordsIn(practice, field), section }));

/** Rows in one line: '240 V 22 kA, 480 V 14 kA'. */
const rowsText = (field: EditField, rows: Record<string, unknown>[]): string =>
  rows
    .map((row) =>
      (field.rowFields ?? [])
        .filter(({ name, kind }) => kind === 'number' && typeof row[name] === 'number')
        .map(({ name, unit }) => (unit === 'count' ? `${Number(row[name])}p` : formatQuantity(Number(row[name]), unit ?? '')))
        .join(' '),
    )
    .join(', ');

/** Reads rows written in one line; each figure goes to the first free column of its unit. */
function readRows(field: EditField, text: string): Edited {
  const first = certain(certain(field.rowFields).find(({ kind }) => kind === 'number'));
  const example = first.unit === 'V' ? '240 V 22 kA, 480 V 14 kA' : '27 A 70 A, 14 A 35 A';
  const rows: Record<string, unknown>[] = [];
  for (const part of text.split(/[,;]/).filter((one) => one.trim() !== '')) {
    const row: Record<string, unknown> = {};
    for (const [, figure, unit] of part.matchAll(/(\d+(?:\.\d+)?)\s*([A-Za-z]+)/g)) {
      const poles = /^p/i.test(certain(unit));
      const read = poles
        ? undefined
        : readQuantity(`${figure} ${unit}`, certain(unit).toLowerCase().endsWith('v') ? 'V' : 'A', field.label);
      if (read && !read.ok) return { ok: false, fault: read.fault };
      const value = poles ? Number(figure) : (read as { value: number }).value;
      const column = certain(field.rowFields).find(
        (one) =>
          one.kind === 'number' &&
          row[one.name] === undefined &&
          (poles ? one.unit === 'count' : one.unit === (certain(unit).toLowerCase().endsWith('v') ? 'V' : 'A')),
      );
      if (!column) return { ok: false, fault: `${field.label}: '${figure} ${unit}' has no place in a row.` };
      row[column.name] = value;
    }
    if (row[first.name] === undefined)
      return {
        ok: false,
        fault: `${field.label}: each row begins with its ${first.unit === 'V' ? 'volts' : first.label.toLowerCase()}, such as ${example}.`,
      };
    rows.push(row);
  }
  return rows.length > 0 ? { ok: true, value: rows } : { ok: false, fault: `${field.label} is written such as ${example}.` };
}

/** Several words at once, between slashes or commas. */
function readWords(field: EditField, text: string): Edited {
  const list = text.split(/[/,]\s*/).filter(Boolean);
  const found = list.map((one) => wordOfText(certain(field.words), one));
  const wrong = list.find((_, i) => found[i] === undefined);
  return wrong !== undefined || list.length === 0
    ? { ok: false, fault: `${field.label} is '${(wrong ?? '').slice(0, 24)}'; accepted: ${certain(field.words).map(wordText).join(', ')}.` }
    : { ok: true, value: [...wordsMark(found)] };
}

/** Text of a reading as it stands in its field: as printed where that is short, else formatted. */
export function readingText(field: EditField, reading: Reading | undefined): string {
  if (!reading || reading.value === undefined) return '';
  const { value } = reading;
  if (typeof value === 'boolean') return value ? 'yes' : 'no';
  if (field.asText && (typeof value !== 'string' || field.asText.kind === 'feed')) return fieldText(field.asText, value);
  if (field.id === 'coilMarks')
    return (value as { volts: number; kind?: string; hertz?: number[] }[])
      .map(({ volts, kind, hertz }) => `${volts}\u2009V ${hertz?.length ? `${hertz.join('/')}\u2009Hz` : (kind ?? '').toUpperCase()}`)
      .join(', ');
  if (Array.isArray(value) && typeof value[0] === 'object') return rowsText(field, [...rowsMark(value)]);
  if (field.kind === 'range' && Array.isArray(value))
    return field.unit === 'mm²'
      ? formatValue(value, field.unit)
      : `${value.map((entry) => formatQuantity(Number(entry), '')).join(' to ')}${field.unit ? `\u2009${field.unit}` : ''}`;
  if (Array.isArray(value) && typeof value[0] === 'string') return value.map((one) => wordText(String(one))).join(', ');
  if (Array.isArray(value))
    return (
      value.map((entry) => (typeof entry === 'number' ? formatQuantity(entry, '') : String(entry))).join('/') +
      (field.unit && field.kind !== 'volts' ? `\u2009${field.unit}` : '')
    );
  if (typeof value === 'number') return formatQuantity(value, field.unit);
  if (field.kind === 'volts') return `${String(value)}\u2009V`;
  return field.words ? wordText(String(value)) : String(value);
}

/** Units that fields of the case are held in though they are no base units. */
const scaledUnits: readonly string[] = ['kW', 'mA', 'ms', 'us'];

export type Edited = { ok: true; value: ReadingValue } | { ok: false; fault: string };

/** Reads what was typed into a field: whole or not at all. */
export function readEdited(field: EditField, text: string): Edited {
  const clean = text.trim().replace(/\u2009/g, ' ');
  const outside = (value: number) => !(value >= (field.min ?? 0) && value <= field.max && (value > 0 || field.min !== undefined));
  const range = (value: number): Edited =>
    outside(value)
      ? {
          ok: false,
          fault: `${field.label} is ${formatQuantity(value, field.unit)}; ${field.min !== undefined ? `${field.min}` : 'above 0'} to ${formatQuantity(field.max, field.unit)} is accepted. Read it again.`,
        }
      : field.unit === 'count' && field.max <= 1000 && !Number.isInteger(value)
        ? { ok: false, fault: `${field.label} is ${value}; a whole number is needed.` }
        : { ok: true, value };
  if (field.asText) {
    const given = readFieldText(field.asText, clean);
    return given.ok ? { ok: true, value: given.value as ReadingValue } : given;
  }
  if (field.id === 'coilMarks') {
    const marks = [...clean.matchAll(/(\d+(?:\.\d+)?)\s*V?\s*(AC|DC)?\s*(?:(\d+(?:\/\d+)?)\s*Hz)?/gi)].map(([, volts, kind, hertz]) => ({
      volts: Number(volts),
      kind: kind?.toLowerCase() ?? (hertz ? 'ac' : null),
      hertz: hertz ? hertz.split('/').map(Number) : [],
    }));
    return marks.length > 0 && marks.every(({ volts }) => volts > 0 && volts <= 690)
      ? { ok: true, value: marks }
      : { ok: false, fault: 'Coil marks are written such as 110 V 50 Hz, 120 V 60 Hz; up to 690 V.' };
  }
  if (field.rowFields) return readRows(field, clean);
  if (field.kind === 'text' && field.words) return readWords(field, clean);
  if (field.kind === 'text' || (field.kind === 'word' && !field.words)) return { ok: true, value: clean.slice(0, 120) };
  if (field.kind === 'word' || field.kind === 'letter') {
    const word = wordOfText(field.words ?? [], clean);
    return word === undefined
      ? {
          ok: false,
          fault: `${field.label} is '${clean.slice(0, 24)}'; accepted: ${field.words?.slice(0, 24).map(wordText).join(', ')}.`,
        }
      : { ok: true, value: word };
  }
  if (field.kind === 'range') {
    const gauges = field.unit === 'mm²' ? readGaugeRange(clean) : undefined;
    if (gauges) return { ok: true, value: gauges };
    const ends = /^(.*?\d.*?)\s*(?:-|–|to|\/|\.{2,3})\s*(\d.*)$/i.exec(clean);
    const [low, high] = (ends?.slice(1) ?? []).map((end) => readQuantity(end, field.unit, field.label));
    if (!low || !high) return { ok: false, fault: `${field.label} has two ends, such as 12 to 18.` };
    if (!low.ok) return low;
    if (!high.ok) return high;
    return outside(low.value) || outside(high.value) || low.value >= high.value
      ? { ok: false, fault: `${field.label} is outside what is possible. Read it again.` }
      : { ok: true, value: [low.value, high.value] };
  }
  if (field.kind === 'volts' && /^\d+(\.\d+)?([/-]\d+(\.\d+)?)+\s*V?$/i.test(clean))
    return { ok: true, value: clean.replace(/\s*V$/i, '') };
  if (
    (field.kind === 'numbers' || (field.kind === 'hertz' && field.id === 'coilHertz')) &&
    (clean.includes('/') || field.id === 'coilHertz')
  ) {
    const parts = clean
      .replace(/\s*(A|Hz)$/i, '')
      .split('/')
      .map((part) => readQuantity(part, field.unit, field.label));
    const bad = parts.find((part) => !part.ok);
    if (bad && !bad.ok) return { ok: false, fault: bad.fault };
    const values = parts.map((part) => (part as { value: number }).value);
    return values.some(outside)
      ? { ok: false, fault: `${field.label} is outside what is possible. Read it again.` }
      : { ok: true, value: values };
  }
  if (scaledUnits.includes(field.unit)) {
    const own = field.unit;
    const read = readQuantity(clean.replace(new RegExp(`\\s*${own}$`, 'i'), ''), 'count', field.label);
    return read.ok ? range(read.value) : read;
  }
  const read = readQuantity(clean, field.unit === 'K' ? '' : field.unit, field.label);
  return read.ok ? range(read.value) : read;
}
