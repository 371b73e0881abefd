/**
 * What does a monitoring relay do over a recording? First each function’s stretches of fault, with hysteresis; then the delays on
 * those stretches. The two steps are apart, since a threshold does not move a delay: a sweep reckons each once.
 * Hysteresis holds on the volts, whatever the output does; delays hold on the output. Common practice of such relays.
 */
import { certain } from '../certain';
import { deviationPercent, spreadPercent } from '../standards/unbalance';
import type { MonitoringSettings } from './settings';
import { countOf, type Event, type Recording, type Samples } from './samples';

export type FaultName =
  'undervoltage' | 'overvoltage' | 'phaseLoss' | 'phaseSequence' | 'asymmetry' | 'underfrequency' | 'overfrequency' | 'neutralOpen';
export type Stretch = readonly [fromSeconds: number, toSeconds: number];

/** What is derived from the samples once: lowest, highest and asymmetry in either sense. */
export type Derived = { lowest: Float64Array; highest: Float64Array; deviation: Float64Array; spread: Float64Array; hasHertz: boolean };

export function derive(samples: Samples, nominalVolts: number): Derived {
  const count = countOf(samples);
  const [a, b, c] = samples.volts;
  const out = {
    lowest: new Float64Array(count),
    highest: new Float64Array(count),
    deviation: new Float64Array(count),
    spread: new Float64Array(count),
  };
  let hasHertz = false;
  for (let i = 0; i < count; i += 1) {
    const [x, y, z] = [certain(a[i]), certain(b[i]), certain(c[i])];
    out.lowest[i] = Math.min(x, y, z);
    out.highest[i] = Math.max(x, y, z);
    out.deviation[i] = deviationPercent(x, y, z);
    out.spread[i] = spreadPercent(x, y, z, nominalVolts);
    hasHertz ||= Number.isFinite(certain(samples.hertz[i]));
  }
  return { ...out, hasHertz };
}

/** Stretches in which a column is beyond a threshold, until it is back by the hysteresis. `beyond` 1: above, -1: below. */
export function stretchesBeyond(
  column: ArrayLike<number>,
  threshold: number,
  hysteresis: number,
  beyond: 1 | -1,
  stepSeconds: number,
): Stretch[] {
  const out: Stretch[] = [];
  const back = threshold - beyond * hysteresis;
  let from = -1;
  for (let i = 0; i < column.length; i += 1) {
    const value = certain(column[i]);
    if (from < 0) {
      if (beyond > 0 ? value > threshold : value < threshold) from = i;
    } else if (beyond > 0 ? value <= back : value >= back) {
      out.push([from * stepSeconds, i * stepSeconds]);
      from = -1;
    }
  }
  if (from >= 0) out.push([from * stepSeconds, column.length * stepSeconds]);
  return out;
}

/** A lost phase is taken as back 5 % of nominal above its limit. Common practice. */
const LOSS_HYSTERESIS_PERCENT = 5;
const SEQUENCE_NEEDS_PERCENT = 50;

export type FunctionStretches = { fault: FaultName; delaySeconds: number; stretches: Stretch[] };

/** Stretches of one function; undefined where it is off. */
export function stretchesOf(fault: FaultName, samples: Samples, derived: Derived, settings: MonitoringSettings): Stretch[] | undefined {
  const step = samples.stepSeconds;
  const { nominalVolts: nominal, hysteresisVolts: hysteresis } = settings;
  const share = (percent: number) => (percent / 100) * nominal;
  switch (fault) {
    case 'undervoltage':
      return settings.underVolts === null ? undefined : stretchesBeyond(derived.lowest, settings.underVolts, hysteresis, -1, step);
    case 'overvoltage':
      return settings.overVolts === null ? undefined : stretchesBeyond(derived.highest, settings.overVolts, hysteresis, 1, step);
    case 'phaseLoss':
      return settings.phaseLossPercent === null
        ? undefined
        : stretchesBeyond(derived.lowest, share(settings.phaseLossPercent), share(LOSS_HYSTERESIS_PERCENT), -1, step);
    case 'asymmetry':
      return settings.asymmetryPercent === null
        ? undefined
        : stretchesBeyond(
            settings.asymmetryBy === 'spread' ? derived.spread : derived.deviation,
            settings.asymmetryPercent,
            settings.hysteresisPercent,
            1,
            step,
          );
    case 'underfrequency':
      return settings.underHertz === null || !derived.hasHertz
        ? undefined
        : stretchesBeyond(samples.hertz, settings.underHertz, settings.hysteresisHertz, -1, step);
    case 'overfrequency':
      return settings.overHertz === null || !derived.hasHertz
        ? undefined
        : stretchesBeyond(samples.hertz, settings.overHertz, settings.hysteresisHertz, 1, step);
    case 'neutralOpen':
      return settings.neutralShiftVolts === null
        ? undefined
        : stretchesBeyond(samples.neutralShift, settings.neutralShiftVolts, settings.neutralShiftVolts * 0.1, 1, step);
    case 'phaseSequence': {
      if (!settings.phaseSequence) return undefined;
      // The order of phases that are not there means nothing.
      const least = share(SEQUENCE_NEEDS_PERCENT);
      const column = Float64Array.from(samples.sequence, (order, i) => (order < 0 && certain(derived.lowest[i]) >= least ? 1 : 0));
      return stretchesBeyond(column, 0.5, 0, 1, step);
    }
  }
}

export const faultNames: readonly FaultName[] = [
  'phaseLoss',
  'phaseSequence',
  'neutralOpen',
  'undervoltage',
  'overvoltage',
  'asymmetry',
  'underfrequency',
  'overfrequency',
];
const quick = new Set<FaultName>(['phaseLoss', 'phaseSequence']);
export const delayOf = (fault: FaultName, settings: Pick<MonitoringSettings, 'tripDelaySeconds' | 'lossDelaySeconds'>) =>
  quick.has(fault) ? settings.lossDelaySeconds : settings.tripDelaySeconds;

export type Trip = { atSeconds: number; by: FaultName; causeSeconds: number; backSeconds: number | null };

const EPSILON = 1e-9;

/** Stretches during which any function sees a fault, joined where they touch. */
export function joined(lists: readonly (readonly Stretch[])[]): Stretch[] {
  const all = lists.flat().sort((a, b) => a[0] - b[0]);
  const out: [number, number][] = [];
  for (const [from, to] of all) {
    const last = out.at(-1);
    if (last && from <= last[1] + EPSILON) last[1] = Math.max(last[1], to);
    else out.push([from, to]);
  }
  return out;
}

/**
 * Trips of the output: a fault that lasts its delay drops it out; healthy for the return delay it comes back, unless it latches. Before
 * the power-on delay nothing counts: a fault that is there then starts its delay at its end.
 */
export function tripsOf(
  functions: readonly FunctionStretches[],
  delays: Pick<MonitoringSettings, 'returnDelaySeconds' | 'powerOnDelaySeconds' | 'latch'>,
  endSeconds: number,
): Trip[] {
  const start = delays.powerOnDelaySeconds;
  // Each fault that lasts as long as its delay, at the instant it would trip.
  const due = functions
    .flatMap(({ fault, delaySeconds, stretches }) =>
      stretches.flatMap(([from, to]) => {
        const since = Math.max(from, start);
        const at = since + delaySeconds;
        return to > since && at <= to + EPSILON && at <= endSeconds + EPSILON ? [{ atSeconds: at, by: fault, causeSeconds: from }] : [];
      }),
    )
    .sort((a, b) => a.atSeconds - b.atSeconds);
  const faulty = joined(functions.map(({ stretches }) => stretches));
  const out: Trip[] = [];
  let free = 0;
  let k = 0;
  for (const one of due) {
    if (one.atSeconds < free - EPSILON) continue;
    // The stretch in which it trips; healthy again after the first gap that lasts the return delay.
    while (certain(faulty[k])[1] < one.atSeconds - EPSILON) k += 1;
    let last = k;
    while (faulty[last + 1] && certain(faulty[last + 1])[0] - certain(faulty[last])[1] < delays.returnDelaySeconds - EPSILON) last += 1;
    const back = delays.latch ? null : certain(faulty[last])[1] + delays.returnDelaySeconds;
    out.push({ ...one, backSeconds: back !== null && back <= endSeconds ? back : null });
    free = back ?? Infinity;
  }
  return out;
}

export type Outcome = {
  trips: Trip[];
  /** Events that had to trip and did not, or not before they ended. */
  missed: Event[];
  /** Trips without an event that had to trip. */
  nuisance: Trip[];
  /** Most trips within any minute; above 2 the output chatters. */
  chatter: number;
  faults: FunctionStretches[];
};

const CHATTER_SECONDS = 60;
/** A relay may trip a little after the event has ended where its delay ran within it. */
const GRACE_SECONDS = 0.05;

/** Number of list entries that are not above a value; the list rises. */
function upTo(list: readonly number[], value: number): number {
  let [low, high] = [0, list.length];
  while (low < high) {
    const middle = (low + high) >> 1;
    if (certain(list[middle]) <= value) low = middle + 1;
    else high = middle;
  }
  return low;
}

/** Returns the function that holds trips, in order of time, against these events: laid out once for many runs. */
export function weigher(events: readonly Event[]): (trips: readonly Trip[]) => Pick<Outcome, 'missed' | 'nuisance' | 'chatter'> {
  const real = events.filter(({ mustTrip }) => mustTrip).sort((a, b) => a.fromSeconds - b.fromSeconds);
  const from = real.map(({ fromSeconds }) => fromSeconds - EPSILON);
  const latest: number[] = [];
  for (const { toSeconds } of real) latest.push(Math.max(toSeconds, latest.at(-1) ?? -Infinity));
  const wanted = ({ atSeconds }: Trip) => {
    const last = upTo(from, atSeconds) - 1;
    return last >= 0 && certain(latest[last]) + GRACE_SECONDS >= atSeconds;
  };
  return (trips) => {
    const at = trips.map(({ atSeconds }) => atSeconds);
    const missed = real.filter((event, i) => {
      const next = upTo(at, certain(from[i]));
      if (next < trips.length && certain(at[next]) <= event.toSeconds + GRACE_SECONDS) return false;
      // An output that is out all the while guards against it.
      return !(next > 0 && (certain(trips[next - 1]).backSeconds ?? Infinity) >= event.toSeconds);
    });
    let chatter = 0;
    let first = 0;
    for (const [i, seconds] of at.entries()) {
      while (seconds - certain(at[first]) > CHATTER_SECONDS) first += 1;
      chatter = Math.max(chatter, i - first + 1);
    }
    return { missed, nuisance: events.length === 0 ? [] : trips.filter((trip) => !wanted(trip)), chatter };
  };
}

/** Runs a relay over a recording. */
export function runMonitor(
  recording: Recording,
  settings: MonitoringSettings,
  derived = derive(recording.samples, settings.nominalVolts),
): Outcome {
  const { samples, events } = recording;
  const faults = faultNames.flatMap((fault): FunctionStretches[] => {
    const stretches = stretchesOf(fault, samples, derived, settings);
    return stretches ? [{ fault, delaySeconds: delayOf(fault, settings), stretches }] : [];
  });
  const trips = tripsOf(faults, settings, countOf(samples) * samples.stepSeconds);
  return { trips, faults, ...weigher(events)(trips) };
}
