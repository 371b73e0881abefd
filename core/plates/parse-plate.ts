/**
 * Which fields does a plate's text give, and from which characters?
 * Method: the family's own forms, then tables of heads over values, then every name with its value behind it ("HP 10") and
 * values with a unit of their own ("10 HP"). Where that finds nothing, like shapes are let in (O for 0) and what they give is
 * marked as a repair, to be confirmed. No character is used twice; what was not understood stays visible.
 * Two different values for one field are a conflict: both are shown and none is taken.
 * Limits: at most 2500 characters are read; the rest is reported as not read.
 */
import { certain } from '../certain';
import type { Reading, ReadingValue, Readings } from '../readings/reading';
import { crossChecks, type Finding } from './cross-checks';
import { fold } from './characters';
import { layOutText, type Laid } from './layout';
import { nameMarks } from './name-marks';
import type { PlateDefinition, PlateField } from './plate-field';
import { plateRules, type Rule } from './field-patterns';
import { readCell, tablesOf } from './tables';
import { FREQUENCIES, inRange, readValue } from './parse-value';

export type Span = { field: string; start: number; end: number };
export type PlateReading = {
  readings: Readings;
  spans: Span[];
  conflicts: { field: string; values: string[] }[];
  faults: string[];
  /** What does not agree between marks; nothing is changed by it. */
  findings: Finding[];
  rest: string[];
  /** Fields read from a figure and its unit alone: an unnamed figure may be another's. */
  unnamed: string[];
};

export const MAX_CHARACTERS = 2500;

type Found = { value: ReadingValue; start: number; end: number; strength: number; repair?: string };
const OWN_FORM = 3;
const NAMED = 2;
const BARE = 1;
const LOOSE = 0;

/** Kind and hertz printed behind volts ("24V DC", "120V 60HZ"). */
function tailOf(text: string, end: number, unit: string | undefined): { kind?: string; hertz?: number[]; end: number } {
  const match = /^[ ]{0,3}(AC[ ]?\/[ ]?DC|UC|AC|DC|~|=)?[ ]{0,3}(?:,?[ ]?(\d{2,3}(?:[ ]?[/-][ ]?\d{2,3})?)[ ]?HZ)?/i.exec(
    text.slice(end, end + 40),
  );
  const mark = match?.[1]?.replace(/ /g, '').toUpperCase();
  const words: Record<string, string> = { '~': 'ac', '=': 'dc', UC: 'ac/dc' };
  const own = unit && /DC$/i.test(unit) ? 'dc' : unit && /(AC|~)$/i.test(unit) ? 'ac' : undefined;
  const hertz = match?.[2]?.split(/[/-]/).map(Number);
  const good = hertz?.every((n) => FREQUENCIES.includes(n)) ? hertz : undefined;
  const kind = mark ? (words[mark] ?? mark.toLowerCase()) : (own ?? (good ? 'ac' : undefined));
  return { kind, hertz: good, end: end + (match && (mark || good) ? match[0].trimEnd().length : 0) };
}

class ParseState {
  readonly found = new Map<string, Found[]>();
  readonly spans: Span[] = [];
  readonly faults: string[] = [];
  readonly taken: Uint8Array;
  constructor(readonly text: string) {
    this.taken = new Uint8Array(text.length);
  }
  isFree(start: number, end: number): boolean {
    for (let i = start; i < end; i += 1) if (this.taken[i]) return false;
    return true;
  }
  add(field: string, hit: Found): void {
    this.found.set(field, [...(this.found.get(field) ?? []), hit]);
    this.take(field, hit.start, hit.end);
  }
  take(field: string, start: number, end: number): void {
    this.spans.push({ field, start, end });
    this.taken.fill(1, start, end);
  }
}

/** Takes the first rule that holds at this place; returns where it ends, or the place itself. */
function takeAt(g: ParseState, rules: readonly Rule[], at: number, plate: PlateDefinition): number {
  for (const { field, pattern, named, loose } of rules) {
    pattern.lastIndex = at;
    const match = pattern.exec(g.text);
    if (!match) continue;
    const end = at + match[0].trimEnd().length;
    if (!g.isFree(at, end)) continue;
    const read = readValue(field, certain(match[1]), match[2] || undefined, loose);
    if (read === undefined) {
      if (!named || loose) continue;
      g.faults.push(`${field.label} '${match[0].trim()}' is outside what is possible; it was left alone.`);
      g.taken.fill(1, at, end);
      return end;
    }
    if (loose && read.repair === undefined && field.kind !== 'flag')
      read.repair = `'${match[0].trim()}' taken as ${field.names[0] ?? field.label}`;
    const tail = field.tail ? tailOf(g.text, end, match[2]) : { end };
    const last = g.isFree(end, tail.end) ? tail.end : end;
    g.add(field.id, { ...read, start: at, end: last, strength: loose ? LOOSE : named ? NAMED : BARE });
    if (field.tail && 'kind' in tail) addTail(g, plate, field, tail, { start: at, end: last });
    return last;
  }
  return at;
}

function addTail(
  g: ParseState,
  plate: PlateDefinition,
  field: PlateField,
  tail: { kind?: string; hertz?: number[] },
  place: { start: number; end: number },
) {
  const put = (id: string | undefined, value: ReadingValue | undefined) => {
    const target = plate.fields.find((one) => one.id === id);
    if (target && value !== undefined) g.found.set(target.id, [...(g.found.get(target.id) ?? []), { value, ...place, strength: NAMED }]);
  };
  put(field.tail?.kind, tail.kind);
  const single = tail.hertz?.length === 1 && field.tail?.hertz === 'hertz' ? tail.hertz[0] : tail.hertz;
  put(field.tail?.hertz, single);
}

const isWord = (c: string | undefined) => c !== undefined && /[A-Z0-9]/i.test(c);

function scan(g: ParseState, rules: readonly Rule[], plate: PlateDefinition): void {
  for (let at = 0; at < g.text.length;) {
    const before = g.text[at - 1];
    const inside = at > 0 && isWord(g.text[at]) && before !== undefined && /[A-Z0-9.,/]/i.test(before) && !g.taken[at - 1];
    if (g.taken[at] || inside || /\s/.test(certain(g.text[at]))) {
      at += 1;
      continue;
    }
    const end = takeAt(g, rules, at, plate);
    at = end > at ? end : at + 1;
  }
}

function readTables(g: ParseState, laid: Laid, plate: PlateDefinition): void {
  for (const table of tablesOf(laid, plate, (cell) => g.isFree(cell.start, cell.end))) {
    const own = plate.readTable?.(table);
    if (own) {
      for (const hit of own) if (g.isFree(hit.start, hit.end)) g.add(hit.field, { ...hit, strength: OWN_FORM });
      if (own.length > 0) for (const head of table.heads) g.take(certain(own[0]).field, head.cell.start, head.cell.end);
      continue;
    }
    for (const [j, head] of table.heads.entries()) {
      const cell = certain(table.rows[0]).cells[j];
      const read = cell && readCell(cell, head, plate);
      if (!cell || !read || !head.field) continue;
      const repair = read.repair ?? (head.loose ? `'${head.cell.text}' taken as ${head.name}` : undefined);
      g.take(head.field.id, head.cell.start, head.cell.end);
      const tail = head.field.tail && tailOf(g.text, cell.end, /[A-Z~]+$/i.exec(cell.text)?.[0]);
      if (tail && g.isFree(cell.end, tail.end)) {
        addTail(g, plate, head.field, tail, { start: cell.start, end: tail.end });
        g.taken.fill(1, cell.end, tail.end);
      }
      g.add(head.field.id, {
        value: read.value,
        ...(repair ? { repair } : {}),
        start: cell.start,
        end: cell.end,
        strength: repair ? LOOSE : NAMED,
      });
    }
  }
}

/**
 * Reads a plate text with a grammar.
 * @param source as typed or pasted, or laid out from a picture; any order, case, separators and line breaks.
 * @returns readings in the state 'read' (repairs marked `toConfirm`), the characters each came from, conflicts, faults,
 * findings between marks, and the words left over.
 * Example: 'HP 10 V 230/460 A 28/14 CODE G' gives four readings.
 */
export function parsePlate(source: string | Laid, plate: PlateDefinition): PlateReading {
  const whole = typeof source === 'string' ? source : source.text;
  const text = fold(whole.slice(0, MAX_CHARACTERS));
  const laid = typeof source === 'string' ? layOutText(text) : source;
  const g = new ParseState(text);
  if (whole.length > MAX_CHARACTERS) g.faults.push(`Only the first ${MAX_CHARACTERS} of ${whole.length} characters were read.`);
  for (const hit of plate.special?.({ ...laid, text }) ?? []) {
    const field = plate.fields.find((one) => one.id === hit.field);
    if (!field || !g.isFree(hit.start, hit.end)) continue;
    if (typeof hit.value === 'number' && !inRange(field, hit.value)) {
      g.faults.push(`${field.label} '${text.slice(hit.start, hit.end).trim()}' is outside what is possible; it was left alone.`);
      g.taken.fill(1, hit.start, hit.end);
    } else g.add(hit.field, { ...hit, strength: OWN_FORM });
  }
  readTables(g, laid, plate);
  const { strict, loose } = plateRules(plate);
  scan(g, strict, plate);
  scan(g, loose, plate);
  const has = (id: string) => plate.fields.some((field) => field.id === id) && !g.found.has(id);

  for (const hit of plate.fallback?.({ ...laid, text }) ?? [])
    if (has(hit.field) && g.isFree(hit.start, hit.end)) g.add(hit.field, { ...hit, strength: LOOSE, repair: 'known by its form' });
  if (laid.rows.length > 2) {
    const wanted = { maker: has('maker'), type: has('type') };
    for (const hit of nameMarks(laid, (cell) => g.isFree(cell.start, cell.end), wanted))
      g.add(hit.field, { ...hit, strength: LOOSE, repair: 'taken as a name from its place' });
  }

  const readings: Readings = {};
  const conflicts: PlateReading['conflicts'] = [];
  const settled = new Map<string, ReadingValue>();
  const unnamed: string[] = [];
  for (const [field, all] of g.found) {
    const best = Math.max(...all.map((hit) => hit.strength));
    const hits = all.filter((hit) => hit.strength === best);
    const distinct = new Set(hits.map((hit) => JSON.stringify(hit.value)));
    if (distinct.size > 1) {
      conflicts.push({ field, values: [...new Set(hits.map((hit) => text.slice(hit.start, hit.end).trim()))] });
      continue;
    }
    readings[field] = asReading(certain(hits[0]), text);
    settled.set(field, certain(hits[0]).value);
    if (best === BARE) unnamed.push(field);
  }
  for (const hit of plate.derive?.(settled, { ...laid, text }) ?? [])
    if (!g.found.has(hit.field))
      readings[hit.field] = { state: 'read', value: hit.value, from: placeOf(hit), asPrinted: text.slice(hit.start, hit.end).trim() };
  const spans = g.spans.sort((a, b) => a.start - b.start || a.end - b.end);
  return { readings, spans, conflicts, faults: g.faults, findings: crossChecks(readings, plate), rest: restOf(text, spans), unnamed };
}

const placeOf = ({ start, end }: { start: number; end: number }): string => `typed line, characters ${start + 1} to ${end}`;
const asReading = (hit: Found, text: string): Reading => ({
  state: 'read',
  value: hit.value,
  asPrinted: text.slice(hit.start, hit.end).trim(),
  from: placeOf(hit) + (hit.repair ? `; ${hit.repair}` : ''),
  ...(hit.repair ? { toConfirm: true } : {}),
});

function restOf(text: string, spans: readonly Span[]): string[] {
  let at = 0;
  const pieces: string[] = [];
  for (const span of spans) {
    if (span.start > at) pieces.push(text.slice(at, span.start));
    at = Math.max(at, span.end);
  }
  pieces.push(text.slice(at));
  return pieces.map((piece) => piece.replace(/\s+/g, ' ').replace(/^[\s,;:/|]+|[\s,;:/|]+$/g, '')).filter((piece) => piece !== '');
}
