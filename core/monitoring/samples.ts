/**
 * A supply over time as a monitoring relay sees it: three volts at equal steps, frequency, order of phases, shift of the neutral.
 * Columns of numbers, so that an hour of 10 ms samples stays small and quick.
 */
import { certain } from '../certain';
import Papa from 'papaparse';

export type Sequence = 1 | -1;

export type Samples = {
  stepSeconds: number;
  /** Volts of three phases: between lines, or to neutral, as said. */
  volts: readonly [Float64Array, Float64Array, Float64Array];
  between: 'line-to-line' | 'line-to-neutral';
  hertz: Float64Array;
  /** 1 as wanted, -1 reversed. */
  sequence: Int8Array;
  /** Volts of the neutral against the middle of the phases; zeros where it is not recorded. */
  neutralShift: Float64Array;
};

/** A stretch in which the relay must trip, or must not. Seconds. */
export type Event = { name: string; fromSeconds: number; toSeconds: number; mustTrip: boolean };
export type Recording = { samples: Samples; events: readonly Event[] };

export const countOf = (samples: Samples): number => samples.hertz.length;

export function emptySamples(count: number, stepSeconds: number, between: Samples['between']): Samples {
  const column = () => new Float64Array(count);
  return {
    stepSeconds,
    volts: [column(), column(), column()],
    between,
    hertz: column(),
    sequence: new Int8Array(count).fill(1),
    neutralShift: column(),
  };
}

const MAX_SAMPLES = 4_000_000;
export type CsvReading = { ok: true; samples: Samples } | { ok: false; fault: string };

/** Column of the heading line by its name, in any letter case. */
const columnNames: Record<string, RegExp> = {
  seconds: /^(t|time|seconds?|s)\b/i,
  a: /^(u12|l1-?l2|u1|l1|va|uab|a)\b/i,
  b: /^(u23|l2-?l3|u2|l2|vb|ubc|b)\b/i,
  c: /^(u31|l3-?l1|u3|l3|vc|uca|c)\b/i,
  hertz: /^(hz|hertz|f|frequency)\b/i,
  sequence: /^(seq|sequence|order)\b/i,
};

/**
 * Reads events from CSV: seconds, three volts, hertz, and order of phases where it is recorded. Steps must be equal within a
 * hundredth; a fault names the line. Lines that begin with # are remarks.
 */
export function readSamples(text: string, between: Samples['between']): CsvReading {
  const { data, meta } = Papa.parse<string[]>(text.trim(), {
    comments: '#',
    skipEmptyLines: 'greedy',
    delimitersToGuess: [';', '\t', ','],
  });
  const head = (data[0] ?? []).map((cell) => cell.trim());
  const found = Object.fromEntries(
    Object.entries(columnNames).map(([name, pattern]) => [name, head.findIndex((cell) => pattern.test(cell))]),
  );
  const missing = ['seconds', 'a', 'b', 'c'].filter((name) => certain(found[name]) < 0);
  if (missing.length > 0)
    return {
      ok: false,
      fault: 'The first line names the columns: seconds, u12, u23, u31, hz. Seconds and three volts are needed.',
    };
  const body = data.slice(1);
  if (body.length < 2) return { ok: false, fault: 'At least two lines of samples are needed.' };
  if (body.length > MAX_SAMPLES) return { ok: false, fault: `More than ${MAX_SAMPLES} samples; cut the recording.` };
  const number = (cells: string[], name: string): number | undefined => {
    const cell = certain(found[name]) < 0 ? undefined : cells[certain(found[name])]?.trim();
    // A comma is a decimal point where it does not part the cells.
    return cell === undefined || cell === '' ? undefined : Number(meta.delimiter === ',' ? cell : cell.replace(',', '.'));
  };
  const times: number[] = [];
  const samples = emptySamples(body.length, 1, between);
  for (const [i, cells] of body.entries()) {
    const at = i + 2;
    const values = ['seconds', 'a', 'b', 'c'].map((name) => number(cells, name));
    if (values.some((value) => value === undefined || !Number.isFinite(value)))
      return { ok: false, fault: `Line ${at}: seconds and three volts are needed as figures.` };
    const [seconds, a, b, c] = values as [number, number, number, number];
    if ([a, b, c].some((volts) => volts < 0 || volts > 100_000)) return { ok: false, fault: `Line ${at}: volts are 0 to 100 000.` };
    times.push(seconds);
    samples.volts[0][i] = a;
    samples.volts[1][i] = b;
    samples.volts[2][i] = c;
    samples.hertz[i] = number(cells, 'hertz') ?? Number.NaN;
    samples.sequence[i] = (number(cells, 'sequence') ?? 1) < 0 ? -1 : 1;
  }
  const step = certain(times[1]) - certain(times[0]);
  if (!(step > 0)) return { ok: false, fault: `Line 3: the time does not go on.` };
  for (let i = 1; i < times.length; i += 1)
    if (Math.abs(certain(times[i]) - certain(times[0]) - i * step) > step * 0.01 * Math.max(1, i / 100))
      return { ok: false, fault: `Line ${i + 2}: steps must be equal; ${step} s was expected.` };
  return { ok: true, samples: { ...samples, stepSeconds: step } };
}

/** The recording as CSV, the same columns as `readSamples` takes. */
export function writeSamples(samples: Samples): string {
  const rows = ['seconds,u12,u23,u31,hz,sequence'];
  for (let i = 0; i < countOf(samples); i += 1)
    rows.push(
      [
        Number((i * samples.stepSeconds).toFixed(6)),
        ...samples.volts.map((column) => Number(certain(column[i]).toFixed(3))),
        Number.isNaN(certain(samples.hertz[i])) ? '' : Number(certain(samples.hertz[i]).toFixed(4)),
        samples.sequence[i],
      ].join(','),
    );
  return `${rows.join('\n')}\n`;
}
