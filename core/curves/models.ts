/**
 * Time-current bands by published gates. Between gates the edges run straight on log-log, or along constant I²t where the
 * gate is only an end: heat in less time is never more than that, so the slow edge stays on the safe side (common practice).
 * Sources: IEC 60898-1 and -2, UL 489, IEC 60269, UL 248, IEC 60947-4-1, IEC 60947-2 tolerances, through core/standards.
 */
import { certain } from '../certain';
import type { Verdict } from '../needs/need';
import {
  at255,
  conventional60898,
  instantaneousAc,
  INSTANTANEOUS_SECONDS,
  MAGNETIC_TOLERANCE,
  mouldedCase,
} from '../standards/breaker-gates';
import { aMGates, conventionalGg, gGGates, timeDelayGates, ulFuse } from '../standards/fuse-gates';
import { classMultiple, overloadLimits, tripClassSeconds, warmTripSeconds } from '../standards/overload-classes';
import type { SourceId } from '../standards/source';
import { alongI2t, type Band, type CurvePoint } from './band';

/** Least time that a device needs to open at all, s; edges end here. */
export const FASTEST = 0.003;
const SHORTEST_SHOWN = 0.01;
export const FARTHEST = 1000; // multiples of the rating to which edges are drawn

/** A setting that can be dragged: its place in the model, unit and range. */
export type Setting = { name: string; label: string; unit: string; value: number; min: number; max: number };
/** What is to be said of settings by themselves, whatever the branch. */
export type Remark = { verdict: Verdict; words: string };
export type Model = {
  band: Band;
  /** Band of its earth-fault function, where it has one. */
  earthBand?: Band;
  source: SourceId;
  settings: Setting[];
  note: string;
  remarks?: Remark[];
};

export const at = (amps: number, seconds: number): CurvePoint => ({ amps, seconds });
/** Falls from the end of an edge to a time at one current, and stays there. */
export const drop = (points: CurvePoint[], amps: number, seconds: number, to: number): CurvePoint[] => {
  const kept = points.filter((point) => point.amps < amps);
  const end = certain(kept.at(-1));
  const reached = Math.min(end.seconds, end.seconds * (end.amps / amps) ** 2);
  return [...kept, at(amps, Math.max(reached, seconds)), at(amps, seconds), at(to, seconds)];
};

/** Goes on from the last point along constant I²t to the least time that any device needs. */
const adiabaticEnd = (points: CurvePoint[]): CurvePoint[] => {
  const last = certain(points.at(-1));
  return [...points, at(last.amps * Math.sqrt(last.seconds / FASTEST), FASTEST)];
};

/** Miniature breaker of curve B, C or D. Example: B6 at 20 A opens by 35 s, and may at once. */
export function miniatureBreaker(letter: 'B' | 'C' | 'D', ratedAmps: number): Model {
  const [low, high] = instantaneousAc[letter];
  const { holds, trips, secondsTo63A, secondsAbove } = conventional60898;
  const hour = ratedAmps <= 63 ? secondsTo63A : secondsAbove;
  const [fast255, slow255] = ratedAmps <= 32 ? at255.to32A : at255.above;
  const end = FARTHEST * ratedAmps;
  const fast = [at(holds * ratedAmps, hour), ...alongI2t(at(at255.multiple * ratedAmps, fast255), low * ratedAmps)];
  const slow = [at(trips * ratedAmps, hour), ...alongI2t(at(at255.multiple * ratedAmps, slow255), high * ratedAmps)];
  return {
    band: { fast: drop(fast, low * ratedAmps, FASTEST, end), slow: drop(slow, high * ratedAmps, INSTANTANEOUS_SECONDS, end) },
    source: 'miniatureBreakers',
    settings: [],
    note: 'Gates at 1.13, 1.45 and 2.55 times and the instantaneous band.',
  };
}

/** North American moulded-case breaker: no fast edge is published below its magnetic band. */
export function mouldedCaseBreaker(ratedAmps: number, magneticMultiple: number): Model {
  const hour = ratedAmps <= 50 ? mouldedCase.secondsTo50A : mouldedCase.secondsAbove;
  const double = mouldedCase.doubleSeconds.find(([upTo]) => ratedAmps <= upTo)?.[1] ?? certain(mouldedCase.doubleSeconds.at(-1))[1];
  const [low, high] = [1 - MAGNETIC_TOLERANCE, 1 + MAGNETIC_TOLERANCE].map((share) => share * magneticMultiple * ratedAmps) as [
    number,
    number,
  ];
  const slow = [at(mouldedCase.trips * ratedAmps, hour), ...alongI2t(at(2 * ratedAmps, double), high)];
  return {
    band: { fast: null, slow: drop(slow, high, INSTANTANEOUS_SECONDS, FARTHEST * ratedAmps) },
    source: 'mouldedCaseGates',
    settings: [{ name: 'magneticMultiple', label: 'Magnetic setting', unit: 'x In', value: magneticMultiple, min: 3, max: 15 }],
    note: `Surely open at 135 and 200 % and from ${(low / ratedAmps).toPrecision(2)} to ${(high / ratedAmps).toPrecision(3)} times magnetic; how long it holds is the maker’s figure.`,
  };
}

/** gG fuse of a standard size; undefined for a size without gates. */
export function generalPurposeFuse(ratedAmps: number): Model | undefined {
  const gate = gGGates.find(([size]) => size === ratedAmps);
  if (!gate) return undefined;
  const [, holds10, melts5, holdsTenth, meltsTenth] = gate;
  const { holds, melts, seconds } = conventionalGg(ratedAmps);
  return {
    band: {
      fast: [at(holds * ratedAmps, seconds), at(holds10, 10), ...adiabaticEnd([at(holdsTenth, 0.1)])],
      slow: [
        at(melts * ratedAmps, seconds),
        ...(melts5 > melts * ratedAmps ? [at(melts5, 5)] : []),
        ...adiabaticEnd([at(meltsTenth, 0.1)]),
      ],
    },
    source: 'fuseGatesIec',
    settings: [],
    note: 'Gates at the conventional currents, 10 s, 5 s and 0.1 s; faster along constant I²t.',
  };
}

/** aM fuse: breaks short circuits, says nothing of overload below four times. */
export function motorFuse(ratedAmps: number): Model {
  const scale = (points: readonly (readonly [number, number])[]) => points.map(([multiple, seconds]) => at(multiple * ratedAmps, seconds));
  return {
    band: { fast: adiabaticEnd(scale(aMGates.holds)), slow: adiabaticEnd(scale(aMGates.melts)) },
    source: 'motorFuses',
    settings: [],
    note: 'Below 6.3 times nothing is promised: another device protects from overload.',
  };
}

/** UL fuse by class; time-delay where it is marked so. The slow edge beyond 200 % runs along constant I²t. */
export function classFuse(fuseClass: string, ratedAmps: number, timeDelay: boolean): Model {
  const { holds, opens, secondsTo60A, secondsAbove, doubleSeconds } = ulFuse;
  const hours = ratedAmps <= 60 ? secondsTo60A : secondsAbove;
  const double = doubleSeconds.find(([upTo]) => ratedAmps <= upTo)?.[1] ?? certain(doubleSeconds.at(-1))[1];
  const gate = timeDelay ? timeDelayGates[fuseClass] : undefined;
  const fast = gate
    ? [
        at(holds * ratedAmps, hours),
        at(holds * ratedAmps, gate.seconds),
        at(gate.multiple * ratedAmps, gate.seconds),
        at(gate.multiple * ratedAmps, FASTEST),
        at(FARTHEST * ratedAmps, FASTEST),
      ]
    : null;
  const end = 2 * ratedAmps * Math.sqrt(double / SHORTEST_SHOWN);
  return {
    band: { fast, slow: [at(opens * ratedAmps, hours), ...alongI2t(at(2 * ratedAmps, double), end)] },
    source: 'fuseGatesUl',
    settings: [],
    note: gate ? `Holds ${gate.multiple} times for ${gate.seconds} s.` : 'How long it holds above its rating is the maker’s figure.',
  };
}

/** Hot time as a share of cold on the fast edge. Common practice. */
const HOT_SHARE = 0.3;

/** Overload relay by class and dial. Hot shortens the fast edge; the slow edge stays that from cold. */
export function overloadRelay(tripClass: string, dialAmps: number, hot: boolean, multiple: number = classMultiple.iec): Model {
  const [holdsSeconds, tripsSeconds] = tripClassSeconds[tripClass] ?? [null, 30];
  const { holds, trips, seconds, warmMultiple } = overloadLimits;
  const warm = warmTripSeconds[tripClass.replace('E', '')];
  const share = hot ? HOT_SHARE : 1;
  const end = FARTHEST * dialAmps;
  const slow = [at(trips * dialAmps, seconds), ...(warm ? [at(warmMultiple * dialAmps, Math.min(seconds, warm * (hot ? 1 : 2)))] : [])];
  const fast =
    holdsSeconds === null
      ? null
      : [
          ...alongI2t(at(holds * dialAmps, holdsSeconds * share * (multiple / holds) ** 2), multiple * dialAmps),
          at(end, holdsSeconds * share * 0.5),
        ];
  return {
    band: { fast, slow: [...slow, at(multiple * dialAmps, tripsSeconds), at(end, tripsSeconds * 0.8)] },
    source: multiple === classMultiple.nema ? 'overloadClassesNema' : 'overloadClasses',
    settings: [{ name: 'dialAmps', label: 'Dial', unit: 'A', value: dialAmps, min: dialAmps * 0.6, max: dialAmps * 1.4 }],
    note: `Class ${tripClass} at ${multiple} times the dial${hot ? ', from hot' : ', from cold'}.`,
  };
}

/** Electronic limiter or breaker: holds its rating, surely trips at an amount within a time. The maker's figures. */
export function electronicBreaker(ratedAmps: number, tripAmps: number, tripSeconds: number): Model {
  return {
    band: {
      fast: [at(ratedAmps * 1.05, 3600), at(tripAmps * 0.9, tripSeconds), at(tripAmps * 0.9, FASTEST), at(FARTHEST * ratedAmps, FASTEST)],
      slow: [at(tripAmps, tripSeconds), at(FARTHEST * ratedAmps, tripSeconds)],
    },
    source: 'commonPractice',
    settings: [{ name: 'tripAmps', label: 'Trips at', unit: 'A', value: tripAmps, min: ratedAmps * 1.1, max: ratedAmps * 3 }],
    note: 'The guaranteed figure of its maker.',
  };
}
