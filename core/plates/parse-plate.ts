/**
 * Which fields does a typed or pasted plate text give, and from which characters?
 * Method: every name of the grammar is looked for with its value behind it ("HP 10"), then values with a unit of their
 * own ("10 HP"); longer names first, no character is used twice. What was not understood stays visible.
 * Two different values for one field are a conflict: both are shown and none is taken.
 * Limits: at most 4000 characters are read; the rest is reported as not read.
 */
import type { Reading, ReadingValue, Readings } from '../readings/reading';
import { ratingNames } from './contactor-plate';
import type { PlateDefinition, PlateField } from './plate-field';

export type Span = { field: string; start: number; end: number };
export type PlateReading = {
  readings: Readings;
  spans: Span[];
  conflicts: { field: string; values: string[] }[];
  faults: string[];
  rest: string[];
};

const MOST_CHARACTERS = 4000;
/** Frequencies that exist in service, Hz. */
const FREQUENCIES = [16.7, 25, 50, 60, 400];
const FIGURE = String.raw`(?:\d+\s+\d+\/\d+|\d+\/\d+(?=\s*HP)|\d+(?:[.,]\d+)?)`;
const LIST = String.raw`\d+(?:[.,]\d+)?(?:\s*[/-]\s*\d+(?:[.,]\d+)?)*`;
const escape = (text: string) => text.replace(/[.*+?^${}()|[\]\\]/g, '\\$&').replace(/ /g, String.raw`\s+`);
const bySize = (words: readonly string[]) =>
  [...words]
    .sort((a, b) => b.length - a.length)
    .map(escape)
    .join('|');

type Found = { value: ReadingValue; printed: string; start: number; end: number };

const toNumber = (text: string): number => {
  const mixed = /^(?:(\d+)\s+)?(\d+)\/(\d+)$/.exec(text.trim());
  return mixed ? Number(mixed[1] ?? 0) + Number(mixed[2]) / Number(mixed[3]) : Number(text.replace(',', '.'));
};

function valuePattern(field: PlateField): string {
  if (field.words) return `(?:${bySize(field.words)})`;
  if (field.kind === 'text') return String.raw`[A-Z0-9][A-Z0-9.\-/]*`;
  if (field.kind === 'volts' || field.kind === 'coil' || field.kind === 'numbers') return LIST;
  return field.kind === 'hertz' ? String.raw`\d+(?:\.\d+)?(?:\s*\/\s*\d+)?` : FIGURE;
}

function readValue(field: PlateField, text: string, unit: string | undefined): ReadingValue | undefined {
  const factor = unit === undefined ? 1 : (field.units?.[unit.toUpperCase()] ?? field.units?.[unit] ?? 1);
  const ok = (n: number) => Number.isFinite(n) && n >= (field.min ?? 0) && n <= field.max && (n > 0 || field.min === 0);
  switch (field.kind) {
    case 'letter':
      return text.toUpperCase();
    case 'word':
      return field.words!.find((word) => word.toLowerCase() === text.toLowerCase());
    case 'text':
      return text;
    case 'hertz': {
      const list = text.split('/').map(Number);
      if (!list.every((n) => FREQUENCIES.includes(n))) return undefined;
      return field.id === 'coilHertz' ? list : list.length === 1 ? list[0] : list;
    }
    case 'volts': {
      const clean = text.replace(/\s/g, '').replace(/,/g, '.');
      const parts = clean.split(/[/-]/).map(Number);
      return parts.every(ok) ? (parts.length === 1 ? parts[0] : clean) : undefined;
    }
    case 'numbers':
    case 'coil': {
      const parts = text.split(/[/-]/).map((part) => toNumber(part) * factor);
      return parts.every(ok) ? (parts.length === 1 ? parts[0] : parts) : undefined;
    }
    default: {
      const value = toNumber(text) * factor;
      const ratio = field.id === 'efficiency' && value > 1 ? value / 100 : value;
      return ok(ratio) && (field.unit !== 'count' || Number.isInteger(ratio)) ? ratio : undefined;
    }
  }
}

type Rule = { field: PlateField; pattern: RegExp; named: boolean };

/** Patterns that are tried at one place of the text: names with a value behind, then values with their own unit. */
function rulesOf(plate: PlateDefinition): Rule[] {
  const longest = (field: PlateField) => Math.max(0, ...field.names.map((name) => name.length));
  const order = [...plate.fields].filter((field) => field.kind !== 'rows').sort((a, b) => longest(b) - longest(a));
  const rule = (field: PlateField, named: boolean): Rule[] => {
    const units = field.units ? `(?:\\s*(${bySize(Object.keys(field.units))})(?![A-Z0-9]))` : '()';
    const value = `(${valuePattern(field)})`;
    if (named && field.names.length > 0)
      return [
        {
          field,
          named,
          pattern: new RegExp(`(?:${bySize(field.names)})\\s*[:=.]?\\s*${value}(?![0-9])${units}?`, 'iy'),
        },
      ];
    if (named || !field.bareUnit) return [];
    return [
      {
        field,
        named,
        pattern: new RegExp(field.words ? `${value}(?![A-Z0-9])()` : `${value}${units}`, 'iy'),
      },
    ];
  };
  return [...order.flatMap((field) => rule(field, true)), ...order.flatMap((field) => rule(field, false))];
}

const columnNames = ratingNames.map(({ names }) => names).flat();
const nameFirst = `(?:${bySize(columnNames)})\\s*[:=]?\\s*${FIGURE}(?:\\s*A(?![A-Z]))?`;
const figureFirst = `${FIGURE}\\s*(?:${bySize(columnNames)})(?![A-Z0-9-])`;
const ROW = new RegExp(`(\\d{2,4})\\s*V(?:AC)?\\s*[:,]?\\s*((?:${nameFirst}[\\s,;]*)+|(?:${figureFirst}[\\s,;]*)+)`, 'iy');

/** One rating row at this place, such as "240V FLA 30 LRA 180 RES 40": volts, then at least one named column. */
function readRow(text: string, at: number): { row: Record<string, unknown>; end: number } | undefined {
  ROW.lastIndex = at;
  const match = ROW.exec(text);
  if (!match) return undefined;
  const row: Record<string, unknown> = { volts: Number(match[1]) };
  const named = /^[A-Z]/i.test(match[2]!);
  for (const { column, names } of ratingNames) {
    const pattern = named ? `(?<![A-Z])(?:${bySize(names)})\\s*[:=]?\\s*(${FIGURE})` : `(${FIGURE})\\s*(?:${bySize(names)})(?![A-Z0-9-])`;
    const found = new RegExp(pattern, 'i').exec(match[2]!);
    if (found) row[column] = toNumber(found[1]!);
  }
  return { row, end: at + match[0].replace(/[\s,;]+$/, '').length };
}

/** Kind and hertz printed behind coil volts ("COIL 24V DC", "COIL 120V 60HZ"). */
function coilTail(text: string, end: number): { kind?: string; hertz?: number[]; end: number } {
  const match = /^\s*(AC\/DC|AC|DC|~|=)?\s*(?:,?\s*(\d{2}(?:\s*\/\s*\d{2})?)\s*HZ)?/i.exec(text.slice(end));
  const mark = match?.[1]?.toUpperCase();
  const behind = /VDC$/i.test(text.slice(0, end)) ? 'dc' : /VAC$/i.test(text.slice(0, end)) ? 'ac' : undefined;
  const kind = mark ? (mark === '~' ? 'ac' : mark === '=' ? 'dc' : mark.toLowerCase()) : (behind ?? (match?.[2] ? 'ac' : undefined));
  return {
    kind,
    hertz: match?.[2]?.split('/').map(Number),
    end: end + (match && (mark || match[2]) ? match[0].trimEnd().length : 0),
  };
}

/**
 * Reads a plate text with a grammar.
 * @param text as typed, pasted or found in a picture; any order, case, separators and line breaks.
 * @returns readings in the state 'read', the characters each came from, conflicts, faults, and the words left over.
 * Example: 'HP 10 V 230/460 A 28/14 CODE G' gives four readings.
 */
export function parsePlate(text: string, plate: PlateDefinition): PlateReading {
  const faults: string[] =
    text.length > MOST_CHARACTERS ? [`Only the first ${MOST_CHARACTERS} of ${text.length} characters were read.`] : [];
  const source = text.slice(0, MOST_CHARACTERS);
  const spans: Span[] = [];
  const found = new Map<string, Found[]>();
  const add = (field: string, hit: Found) => {
    found.set(field, [...(found.get(field) ?? []), hit]);
    spans.push({ field, start: hit.start, end: hit.end });
  };
  const rules = rulesOf(plate);
  const hasRows = plate.fields.some((field) => field.kind === 'rows');
  const rows: Record<string, unknown>[] = [];
  for (let at = 0; at < source.length;) {
    if (at > 0 && /[A-Z0-9]/i.test(source[at]!) && /[A-Z0-9.,/]/i.test(source[at - 1]!) && spans.at(-1)?.end !== at) {
      at += 1;
      continue;
    }
    const row = hasRows ? readRow(source, at) : undefined;
    if (row) {
      rows.push(row.row);
      spans.push({ field: 'ratings', start: at, end: row.end });
      at = row.end;
      continue;
    }
    const end = takeAt(at);
    at = end > at ? end : at + 1;
  }
  if (rows.length > 0) {
    const own = spans.filter((span) => span.field === 'ratings');
    found.set('ratings', [{ value: rows, printed: `${rows.length} rows`, start: own[0]!.start, end: own.at(-1)!.end }]);
  }

  /** Takes the first rule that holds at this place; returns where it ends, or the place itself. */
  function takeAt(at: number): number {
    for (const { field, pattern, named } of rules) {
      pattern.lastIndex = at;
      const match = pattern.exec(source);
      if (!match) continue;
      const end = at + match[0].trimEnd().length;
      const value = readValue(field, match[1]!, match[2]);
      if (value === undefined) {
        if (!named) continue;
        faults.push(`${field.label} '${match[0].trim()}' is outside what is possible; it was left alone.`);
        return end;
      }
      const hit = { value, printed: match[0].trim(), start: at, end };
      if (field.kind !== 'coil') {
        add(field.id, hit);
        return end;
      }
      const tail = coilTail(source, end);
      add(field.id, { ...hit, end: tail.end });
      const behind = { printed: source.slice(end, tail.end).trim() || hit.printed, start: at, end: tail.end };
      if (tail.kind) found.set('coilKind', [{ ...behind, value: tail.kind }]);
      if (tail.hertz) found.set('coilHertz', [{ ...behind, value: tail.hertz }]);
      return tail.end;
    }
    return at;
  }

  const readings: Readings = {};
  const conflicts: PlateReading['conflicts'] = [];
  for (const [field, hits] of found) {
    const distinct = new Set(hits.map((hit) => JSON.stringify(hit.value)));
    if (distinct.size > 1) conflicts.push({ field, values: hits.map((hit) => hit.printed) });
    else readings[field] = asReading(hits[0]!);
  }
  spans.sort((a, b) => a.start - b.start);
  return { readings, spans, conflicts, faults, rest: restOf(source, spans) };
}

const asReading = (hit: Found): Reading => ({
  state: 'read',
  value: hit.value,
  asPrinted: hit.printed,
  from: `typed line, characters ${hit.start + 1} to ${hit.end}`,
});

function restOf(text: string, spans: readonly Span[]): string[] {
  let at = 0;
  const pieces: string[] = [];
  for (const span of spans) {
    pieces.push(text.slice(at, span.start));
    at = Math.max(at, span.end);
  }
  pieces.push(text.slice(at));
  return pieces.map((piece) => piece.replace(/^[\s,;:/|]+|[\s,;:/|]+$/g, '')).filter((piece) => piece !== '');
}
