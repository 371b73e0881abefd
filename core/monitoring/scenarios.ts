/**
 * Made-up supply events: what the three volts, frequency, order of phases and neutral do. Worked out with phasors, so that the volts
 * between lines of a lost phase held up by a motor, or of an open neutral, are what they would be. Figures in shares of nominal.
 */
import { certain } from '../certain';
import { emptySamples, type Event, type Recording, type Samples } from './samples';

export type Scenario =
  | { kind: 'sag'; atSeconds: number; seconds: number; leftPercent: number; phases: 1 | 2 | 3; mustTrip: boolean }
  | { kind: 'swell'; atSeconds: number; seconds: number; percent: number; mustTrip: boolean }
  | { kind: 'lost-phase'; atSeconds: number; seconds: number; heldPercent: number; mustTrip: boolean }
  | { kind: 'reversal'; atSeconds: number; seconds: number; mustTrip: boolean }
  | { kind: 'open-neutral'; atSeconds: number; seconds: number; loads: readonly [number, number, number]; mustTrip: boolean }
  | { kind: 'drift'; atSeconds: number; seconds: number; toPercent: number; mustTrip: boolean }
  | { kind: 'flicker'; atSeconds: number; seconds: number; depthPercent: number; hertz: number; mustTrip: boolean }
  | {
      kind: 'changeover';
      atSeconds: number;
      deadSeconds: number;
      settleSeconds: number;
      startPercent: number;
      startHertz: number;
      mustTrip: boolean;
    };
export type ScenarioKind = Scenario['kind'];

export const scenarioTitles: Record<ScenarioKind, string> = {
  sag: 'Sag',
  swell: 'Swell',
  'lost-phase': 'Lost phase',
  reversal: 'Reversed phases',
  'open-neutral': 'Open neutral',
  drift: 'Slow drift',
  flicker: 'Flicker',
  changeover: 'Generator changeover',
};

export type SupplyShape = { lineVolts: number; hertz: number; between: Samples['between']; stepSeconds: number; seconds: number };

const endOf = (one: Scenario): number => one.atSeconds + (one.kind === 'changeover' ? one.deadSeconds + one.settleSeconds : one.seconds);

/** Phase volts as a share of nominal, with the shift of the neutral, at one instant. */
type Instant = { phases: [number, number, number]; hertz: number; sequence: 1 | -1; neutral: readonly [re: number, im: number] };

const COS = [1, -0.5, -0.5] as const;
const SIN = [0, -Math.sqrt(3) / 2, Math.sqrt(3) / 2] as const;

/** Neutral of unequal loads without a neutral conductor (Millman), in shares of phase volts. */
export function openNeutral(loads: readonly [number, number, number]): readonly [number, number] {
  const sum = loads[0] + loads[1] + loads[2];
  return [
    (loads[0] * COS[0] + loads[1] * COS[1] + loads[2] * COS[2]) / sum,
    (loads[0] * SIN[0] + loads[1] * SIN[1] + loads[2] * SIN[2]) / sum,
  ];
}

function apply(one: Scenario, seconds: number, instant: Instant): void {
  const since = seconds - one.atSeconds;
  if (since < 0 || seconds >= endOf(one)) return;
  const scale = (share: number, phases = 3) => {
    for (let k = 0; k < phases; k += 1) instant.phases[k]! *= share;
  };
  switch (one.kind) {
    case 'sag':
      return scale(one.leftPercent / 100, one.phases);
    case 'swell':
      return scale(one.percent / 100);
    case 'lost-phase':
      instant.phases[2] *= one.heldPercent / 100;
      return;
    case 'reversal':
      instant.sequence = -1;
      return;
    case 'open-neutral':
      instant.neutral = openNeutral(one.loads);
      return;
    case 'drift':
      return scale(1 + (one.toPercent / 100 - 1) * (since / one.seconds));
    case 'flicker':
      return scale(1 - (one.depthPercent / 100) * 0.5 * (1 - Math.cos(2 * Math.PI * one.hertz * since)));
    case 'changeover': {
      if (since < one.deadSeconds) {
        instant.hertz = 0;
        return scale(0);
      }
      const share = (since - one.deadSeconds) / one.settleSeconds;
      instant.hertz *= one.startHertz / 50 + (1 - one.startHertz / 50) * share;
      return scale(one.startPercent / 100 + (1 - one.startPercent / 100) * share);
    }
  }
}

/** The recording of a list of scenarios, each with whether it must trip. Times and step above zero; at most 4 million samples. */
export function makeRecording(shape: SupplyShape, scenarios: readonly Scenario[]): Recording {
  const count = Math.floor(shape.seconds / shape.stepSeconds + 1e-9);
  if (!(count > 0) || count > 4_000_000) throw new RangeError('A recording has 1 to 4 000 000 samples.');
  const samples = emptySamples(count, shape.stepSeconds, shape.between);
  const phaseVolts = shape.lineVolts / Math.sqrt(3);
  const ordered = [...scenarios].sort((a, b) => a.atSeconds - b.atSeconds);
  const instant: Instant = { phases: [1, 1, 1], hertz: shape.hertz, sequence: 1, neutral: [0, 0] };
  let first = 0;
  for (let i = 0; i < count; i += 1) {
    const seconds = i * shape.stepSeconds;
    instant.phases[0] = instant.phases[1] = instant.phases[2] = 1;
    instant.hertz = shape.hertz;
    instant.sequence = 1;
    instant.neutral = [0, 0];
    while (first < ordered.length && endOf(certain(ordered[first])) <= seconds) first += 1;
    for (let k = first; k < ordered.length && certain(ordered[k]).atSeconds <= seconds; k += 1)
      apply(certain(ordered[k]), seconds, instant);
    const [ra, rb, rc] = instant.phases;
    const [nr, ni] = instant.neutral;
    const re = [ra * COS[0], rb * COS[1], rc * COS[2]] as const;
    const im = [0, rb * SIN[1], rc * SIN[2]] as const;
    if (shape.between === 'line-to-line') {
      for (let k = 0; k < 3; k += 1) {
        const next = (k + 1) % 3;
        certain(samples.volts[k])[i] = phaseVolts * Math.hypot(certain(re[k]) - certain(re[next]), certain(im[k]) - certain(im[next]));
      }
    } else for (let k = 0; k < 3; k += 1) certain(samples.volts[k])[i] = phaseVolts * Math.hypot(certain(re[k]) - nr, certain(im[k]) - ni);
    samples.neutralShift[i] = phaseVolts * Math.hypot(nr, ni);
    samples.hertz[i] = instant.hertz;
    samples.sequence[i] = instant.sequence;
  }
  const events = ordered.map((one): Event => ({
    name: scenarioTitles[one.kind],
    fromSeconds: one.atSeconds,
    toSeconds: endOf(one),
    mustTrip: one.mustTrip,
  }));
  return { samples, events };
}

/** What a relay is expected to do: ride through what is shorter than its delays or milder than its limits, trip on the rest. */
export type Expectation = { rideSeconds: number; underPercent: number };
const HOUR_SECONDS = 3600;

/**
 * An hour of events from a list of random numbers, 0 to 1, so that the same numbers give the same hour. Each event is clearly on one side of what is
 * expected: half or twice the time, well above or below the limit.
 */
export function hourOfEvents(count: number, random: () => number, { rideSeconds, underPercent }: Expectation): Scenario[] {
  const room = HOUR_SECONDS / count;
  if (!(count >= 1) || room < 4 * Math.max(1, rideSeconds))
    throw new RangeError(`An hour holds at most ${Math.floor(HOUR_SECONDS / (4 * Math.max(1, rideSeconds)))} such events.`);
  return Array.from({ length: count }, (_, i): Scenario => {
    const at = i * room + room * 0.1 * random();
    const [kind, long] = [random(), random() < 0.5];
    const seconds = long ? Math.min(room * 0.6, Math.max(1, rideSeconds) * 2) : Math.min(rideSeconds, room * 0.6) * 0.4;
    const deep = Math.max(5, underPercent - 8 - 20 * random());
    if (kind < 0.45) return { kind: 'sag', atSeconds: at, seconds: Math.max(0.04, seconds), leftPercent: deep, phases: 3, mustTrip: long };
    if (kind < 0.6)
      return {
        kind: 'sag',
        atSeconds: at,
        seconds: room * 0.4,
        leftPercent: Math.min(99, underPercent + 3 + 3 * random()),
        phases: 3,
        mustTrip: false,
      };
    if (kind < 0.75)
      return {
        kind: 'flicker',
        atSeconds: at,
        seconds: room * 0.4,
        depthPercent: Math.max(1, (100 - underPercent) * 0.5),
        hertz: 2 + 6 * random(),
        mustTrip: false,
      };
    if (kind < 0.9)
      return {
        kind: 'lost-phase',
        atSeconds: at,
        seconds: Math.min(room * 0.6, Math.max(2, rideSeconds * 2)),
        heldPercent: 78 + 6 * random(),
        mustTrip: true,
      };
    return { kind: 'reversal', atSeconds: at, seconds: Math.min(room * 0.6, Math.max(2, rideSeconds * 2)), mustTrip: true };
  });
}
