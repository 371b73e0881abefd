/**
 * A logger's file, or an event list, as what it says of a fault: each stretch above a current, how high, how long, and how often; each dip
 * of the volts. Columns by their heads: time, amps, volts, and for a list of events the length of each. Common practice.
 */
import Papa from 'papaparse';
import { certain } from '../certain';
import type { CurvePoint } from '../curves/band';

/** `seconds` from the start of the record; null where the cell holds none. */
export type Sample = { seconds: number; amps: number | null; volts: number | null };
/** A list of events says how long each was; a logger says it by its samples. */
export type TimeRecord = { kind: 'samples' | 'events'; samples: Sample[]; lengths: number[] };
export type RecordResult = { ok: true; record: TimeRecord } | { ok: false; fault: string };

export const MAX_RECORD_CHARACTERS = 20_000_000;
const MAX_ROWS = 400_000;

type Column = { at: number; factor: number };
const names = {
  time: /^(date|time|timestamp|t|zeit|datum|hora|heure)\b/i,
  amps: /^(amps?|amperes?|current|i|i ?l?[123]|imax|peak|strom|courant)\b/i,
  volts: /^(volts?|voltage|u|v|u ?l?[123]|umin|spannung|tension)\b/i,
  length: /^(duration|length|lasted|dauer|dur)\b/i,
} as const;
const factors: Readonly<Record<string, number>> = {
  ka: 1000,
  ma: 0.001,
  a: 1,
  kv: 1000,
  mv: 0.001,
  v: 1,
  ms: 0.001,
  s: 1,
  min: 60,
  h: 3600,
};

/** Columns by name; several of one kind are phases, and the highest (volts: the lowest) of a row counts. The unit stands in the head. */
function columnsOf(head: readonly string[], pattern: RegExp): Column[] {
  return head.flatMap((cell, at) => {
    if (!pattern.test(cell.trim())) return [];
    const unit = /[([/ ]\s*(ka|ma|a|kv|mv|v|ms|s|min|h)\s*[)\]]?\s*$/i.exec(cell.trim())?.[1]?.toLowerCase();
    return [{ at, factor: unit === undefined ? 1 : (factors[unit] ?? 1) }];
  });
}

const CLOCK = /^(\d{1,2}):(\d{2})(?::(\d{2}(?:[.,]\d+)?))?$/;
const INSTANT = /^(\d{4})-(\d{2})-(\d{2})[T ](\d{2}):(\d{2})(?::(\d{2}(?:[.,]\d+)?))?(Z|[+-]\d{2}:?\d{2})?$/;
const DAY = 86_400;

/** Seconds of a cell: a figure, hours and minutes of a day, or an instant of ISO 8601. NaN where it is none of them. */
function secondsOf(cell: string, decimalComma: boolean): number {
  const clock = CLOCK.exec(cell);
  const point = (text = '0') => Number(text.replace(',', '.'));
  if (clock) return Number(clock[1]) * 3600 + Number(clock[2]) * 60 + point(clock[3]);
  const instant = INSTANT.exec(cell);
  if (instant) {
    const [, year, month, day, hour, minute, second, zone] = instant;
    const whole = Date.parse(`${year}-${month}-${day}T${hour}:${minute}:00${zone ?? 'Z'}`);
    return Number.isFinite(whole) ? whole / 1000 + point(second) : Number.NaN;
  }
  return figureOf(cell, decimalComma);
}
const figureOf = (cell: string, decimalComma: boolean): number => {
  const text = decimalComma ? cell.replace(',', '.') : cell;
  return text.trim() === '' ? Number.NaN : Number(text);
};

const extreme = (
  cells: readonly string[],
  columns: readonly Column[],
  comma: boolean,
  pick: (...all: number[]) => number,
): number | null => {
  const found = columns
    .map(({ at, factor }) => figureOf((cells[at] ?? '').trim(), comma) * factor)
    .filter((value) => Number.isFinite(value))
    .map(Math.abs);
  return found.length === 0 ? null : pick(...found);
};

type Layout = { time: Column; amps: Column[]; volts: Column[]; length: Column | undefined; comma: boolean };

/** Rows as samples; a clock that begins again is the next day, any other step back is a fault. */
function samplesOf(rows: readonly string[][], { time, amps, volts, length, comma }: Layout): RecordResult {
  const samples: Sample[] = [];
  const lengths: number[] = [];
  let shift = 0;
  let before = -Infinity;
  for (const [i, cells] of rows.entries()) {
    const cell = (cells[time.at] ?? '').trim();
    const raw = secondsOf(cell, comma) * (CLOCK.test(cell) || INSTANT.test(cell) ? 1 : time.factor);
    if (!Number.isFinite(raw)) return { ok: false, fault: `Line ${i + 2}: '${cell.slice(0, 40)}' is no time.` };
    if (raw + shift < before && CLOCK.test(cell)) shift += DAY;
    if (raw + shift < before) return { ok: false, fault: `Line ${i + 2}: the time goes back.` };
    before = raw + shift;
    samples.push({ seconds: before, amps: extreme(cells, amps, comma, Math.max), volts: extreme(cells, volts, comma, Math.min) });
    if (length) {
      const lasted = figureOf((cells[length.at] ?? '').trim(), comma) * length.factor;
      if (!(lasted >= 0)) return { ok: false, fault: `Line ${i + 2}: '${(cells[length.at] ?? '').slice(0, 40)}' is no length of time.` };
      lengths.push(lasted);
    }
  }
  const start = certain(samples[0]).seconds;
  return {
    ok: true,
    record: { kind: length ? 'events' : 'samples', lengths, samples: samples.map((one) => ({ ...one, seconds: one.seconds - start })) },
  };
}

/** Reads the file. A fault names the line, or says which columns are wanted. */
export function readTimeRecord(text: string): RecordResult {
  if (text.length > MAX_RECORD_CHARACTERS)
    return { ok: false, fault: `The file has ${Math.round(text.length / 1e6)} million characters; cut it to the hours around the fault.` };
  const clean = text.replace(/^\uFEFF/, '').trim();
  const delimiter = clean.includes(';') ? ';' : clean.includes('\t') ? '\t' : ',';
  const { data } = Papa.parse<string[]>(clean, { delimiter, comments: '#', skipEmptyLines: 'greedy' });
  const [head = [], ...rows] = data;
  const [time] = columnsOf(head, names.time);
  const amps = columnsOf(head, names.amps);
  const volts = columnsOf(head, names.volts);
  if (!time || (amps.length === 0 && volts.length === 0))
    return {
      ok: false,
      fault: 'The first line names the columns: time, and amps or volts, such as time,amps,volts. Units stand in the head: current (kA).',
    };
  if (rows.length === 0) return { ok: false, fault: 'Below the names of the columns there is no line.' };
  if (rows.length > MAX_ROWS)
    return { ok: false, fault: `The file has ${rows.length} lines; at most ${MAX_ROWS} are read. Cut it to the hours around the fault.` };
  return samplesOf(rows, { time, amps, volts, length: columnsOf(head, names.length)[0], comma: delimiter !== ',' });
}

/** A stretch at or above a current: its peak, and how long it was seen. */
export type Excursion = CurvePoint & { at: number };

/** Stretches at or above `amps`, in order. Of samples it lasts from its first to the first one below again: no longer was it seen. */
export function excursionsAbove({ kind, samples, lengths }: TimeRecord, amps: number): Excursion[] {
  if (kind === 'events')
    return samples.flatMap((one, i) =>
      one.amps !== null && one.amps >= amps ? [{ at: one.seconds, amps: one.amps, seconds: lengths[i] ?? 0 }] : [],
    );
  const found: Excursion[] = [];
  let open: { at: number; amps: number } | undefined;
  for (const { seconds, amps: now } of samples) {
    if (now !== null && now >= amps) open = open ? { ...open, amps: Math.max(open.amps, now) } : { at: seconds, amps: now };
    else if (open) {
      found.push({ ...open, seconds: seconds - open.at });
      open = undefined;
    }
  }
  // The record ends while it lasts: as long as it was seen.
  if (open) found.push({ ...open, seconds: certain(samples.at(-1)).seconds - open.at });
  return found;
}

export type RecordSummary = {
  /** Length of the record, seconds. */
  seconds: number;
  highestAmps: number | null;
  lowestVolts: number | null;
  excursions: Excursion[];
  /** How many of them a day; null where the record is shorter than an hour. */
  perDay: number | null;
};

/** What the record says of currents at or above `amps`. */
export function summaryOf(record: TimeRecord, amps: number): RecordSummary {
  const { samples } = record;
  const seconds = certain(samples.at(-1)).seconds;
  const most = (values: readonly (number | null)[], pick: (a: number, b: number) => number): number | null =>
    values.reduce<number | null>((best, value) => (value === null ? best : best === null ? value : pick(best, value)), null);
  const excursions = excursionsAbove(record, amps);
  return {
    ...{ seconds, excursions },
    highestAmps: most(
      samples.map((one) => one.amps),
      Math.max,
    ),
    lowestVolts: most(
      samples.map((one) => one.volts),
      Math.min,
    ),
    perDay: seconds < 3600 ? null : (excursions.length * DAY) / seconds,
  };
}
