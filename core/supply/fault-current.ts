/**
 * How much current can a fault draw at each node of a path: at the most, for interrupting, and at the least, for tripping?
 * Highest: metal cold, transformer impedance less its tolerance, highest voltage factor, motors running.
 * Lowest: metal hot, impedance plus tolerance, lowest voltage factor, no motors.
 * Impedance method: R and X added apart. Point-to-point: a factor for each run, magnitudes added; it gives no more current.
 * Sources: IEC 60909-0 (simplified: no peak, no decay), common practice for point-to-point; tolerances and factors from memory.
 */
import { certain } from '../certain';
import type { Practice } from '../case/case';
import { formatQuantity as q } from '../quantities/format-quantity';
import { conductorPerMetre } from '../standards/conductors';
import type { Cable, Element, Measured, SupplyPath, System, Transformer } from './path';

/** Voltage factors by practice. */
export const faultFactors = {
  IEC: { highest: 1.05, lowest: 0.95 },
  NFPA70: { highest: 1, lowest: 0.95 },
} as const;
const ANSI_LOW_IMPEDANCE_PERCENT = 2.5;
/** Tolerance of a transformer's marked impedance: 10 % in IEC practice; in ANSI practice 7.5 %, at 2.5 % impedance and below 10 %. */
export const impedanceTolerance = (practice: Practice, impedancePercent: number): number =>
  practice === 'IEC' || impedancePercent <= ANSI_LOW_IMPEDANCE_PERCENT ? 0.1 : 0.075;
/** The same in words, with the voltage factor. */
export const highestWords = (practice: Practice, impedancePercent: number): string =>
  `${practice === 'IEC' ? 'IEC' : 'ANSI'}: impedance less its tolerance of ${impedanceTolerance(practice, impedancePercent) * 100} %, voltage factor ${faultFactors[practice].highest}`;
const COLD_CELSIUS = 20;
const ROOT3 = Math.sqrt(3);
/** A centre-tapped transformer gives about this many times the line-to-line figure from line to neutral at its terminals. */
export const CENTRE_TAP_FACTOR = 1.5;

export type Ohms = { r: number; x: number };
export const magnitude = ({ r, x }: Ohms): number => Math.hypot(r, x);
const plus = (a: Ohms, b: Ohms): Ohms => ({ r: a.r + b.r, x: a.x + b.x });
const times = ({ r, x }: Ohms, k: number): Ohms => ({ r: r * k, x: x * k });
/** Splits a magnitude by its X/R. */
export const fromRatio = (ohms: number, xOverR: number): Ohms => {
  const r = ohms / Math.hypot(1, xOverR);
  return { r, x: r * xOverR };
};

export type Node = {
  name: string;
  kind: Element['kind'];
  /** Highest three-phase, line-to-line or DC fault, A. */
  highestAmps: number;
  pointToPointAmps: number | null;
  /** Of it from motors. */
  motorAmps: number;
  /** Line to neutral at the most where it is higher than the above, A. */
  highestLineToNeutralAmps: number | null;
  lowestAmps: number;
  /** Line to earth at the least, A, and the loop at working temperature, ohm; null on DC and unearthed systems. */
  earthFaultAmps: number | null;
  loopOhms: number | null;
  measuredOn?: string;
  step: string;
};

/** Impedance of one line of a cable, ohm. @throws RangeError for a size that the tables lack. */
function cableOhms({ size, metal, metres, parallel, steelConduit, name }: Cable, celsius: number, ofSize = size): Ohms {
  const each = conductorPerMetre(ofSize, metal, celsius, steelConduit);
  if (!each) throw new RangeError(`${name}: no figures for ${ofSize} in ${metal}.`);
  return times(each, metres / parallel);
}

const transformerOhms = (t: Transformer, volts: number, factor: number): Ohms =>
  fromRatio(((volts * volts) / t.ratedVA) * (t.impedancePercent / 100) * (factor / t.parallel), t.xOverR);

type State = {
  /** Impedance of all sources, and of the lines alone: on two wires a fault meets the line twice. */
  source: { cold: Ohms; hot: Ohms };
  line: { cold: Ohms; hot: Ohms };
  /** Return through the protective conductor, hot. */
  back: Ohms;
  /** Current of the point-to-point method; null until there is a source. */
  points: number | null;
  /** Motors without an impedance of supply beside them, A: they add as they are. */
  motors: number;
  /** Share of motors in what flows, 0 to 1. */
  motorShare: number;
  centreTap: number | null;
  limitAmps: number;
  measuredOn?: string;
};
const nothing: Ohms = { r: 0, x: 0 };

/** Volts to current: line to line over √3 on three phases. */
const divisor: Record<System, number> = { 'three-phase': ROOT3, 'single-phase': 1, dc: 1 };
const linesMet: Record<System, number> = { 'three-phase': 1, 'single-phase': 2, dc: 2 };
const around = (state: State, system: System, when: 'cold' | 'hot'): Ohms =>
  plus(state.source[when], times(state.line[when], linesMet[system]));
const both = (was: State['source'], cold: Ohms, hot = cold) => ({ cold: plus(was.cold, cold), hot: plus(was.hot, hot) });

/** Takes a measured figure for all before it; the angle is kept from what was worked out. */
function takeMeasured(state: State, { highestAmps, loopOhms, on }: Measured, { volts, system }: SupplyPath, practice: Practice): State {
  const next: State = { ...state, measuredOn: on };
  if (highestAmps !== null) {
    const was = around(state, system, 'cold');
    const factor = system === 'dc' ? 1 : faultFactors[practice].highest;
    const ohms = (factor * volts) / (divisor[system] * highestAmps);
    const cold = magnitude(was) > 0 ? times(was, ohms / magnitude(was)) : { r: ohms, x: 0 };
    next.source = { ...next.source, cold };
    next.line = { ...next.line, cold: nothing };
    next.points = highestAmps;
    next.motors = 0;
    next.motorShare = 0;
    next.centreTap = null;
  }
  if (loopOhms !== null && system !== 'dc') {
    const loop = plus(plus(state.source.hot, state.line.hot), state.back);
    const scale = loopOhms / Math.max(magnitude(loop), 1e-12);
    next.source = { ...next.source, hot: times(state.source.hot, scale) };
    next.line = { ...next.line, hot: times(state.line.hot, scale) };
    next.back = times(state.back, scale);
  }
  return next;
}

/**
 * Motors as a source beside the supply at their node: what flows through a cable behind them is bounded by that cable, for both
 * together. Their impedance is taken at the angle of the supply's, so that at the node itself the amps add.
 */
function withMotors(state: State, amps: number, { volts, system }: SupplyPath, practice: Practice): State {
  const supply = around(state, system, 'cold');
  const own = magnitude(supply);
  const factor = system === 'dc' ? 1 : faultFactors[practice].highest;
  const points = (state.points ?? 0) + amps;
  if (!(amps > 0) || own === 0) return { ...state, motors: state.motors + amps, points: state.points === null ? null : points };
  const beside = (factor * volts) / (divisor[system] * amps);
  const share = beside / (own + beside);
  return {
    ...state,
    source: { ...state.source, cold: times(supply, share) },
    line: { ...state.line, cold: nothing },
    // What the motors give of every amp that flows behind them.
    motorShare: state.motorShare * share + own / (own + beside),
    points: state.points === null ? null : points,
  };
}

type Taken = { state: State; words: string };
type Of<Kind extends Element['kind']> = Extract<Element, { kind: Kind }>;

function takeTransformer(state: State, element: Of<'transformer'>, { volts, system }: SupplyPath, practice: Practice): Taken {
  const tolerance = impedanceTolerance(practice, element.impedancePercent);
  const source = both(state.source, transformerOhms(element, volts, 1 - tolerance), transformerOhms(element, volts, 1 + tolerance));
  const rated = (element.ratedVA * element.parallel) / volts / divisor[system];
  const own = (rated * 100) / (element.impedancePercent * (1 - tolerance));
  const points = state.points === null ? own : (state.points * own) / (state.points + own);
  const centreTap = element.centreTapped ? (volts / (divisor[system] * magnitude(source.cold))) * CENTRE_TAP_FACTOR : null;
  return {
    state: { ...state, source, points, centreTap },
    words: `${q(rated, 'A')} x 100 / (${element.impedancePercent} % less ${tolerance * 100} %) = ${q(own, 'A')}${element.parallel > 1 ? `, ${element.parallel} side by side` : ''}`,
  };
}

function takeCable(state: State, element: Of<'cable'>, { volts, system }: SupplyPath): Taken {
  const cold = cableOhms(element, COLD_CELSIUS);
  const hot = cableOhms(element, element.hotCelsius);
  const back = cableOhms(element, element.hotCelsius, element.protectiveSize ?? element.size);
  const before = state.points;
  const f = before === null ? 0 : (divisor[system] * linesMet[system] * before * magnitude(cold)) / volts;
  return {
    state: {
      ...state,
      line: both(state.line, cold, hot),
      back: plus(state.back, back),
      points: before === null ? null : before / (1 + f),
      centreTap: null,
    },
    words: `${element.parallel > 1 ? `${element.parallel} x ` : ''}${element.size}, ${q(element.metres, 'm')}: ${q(cold.r, 'ohm')} + j${q(cold.x, 'ohm')} cold; factor ${f.toPrecision(3)}`,
  };
}

function take(state: State, element: Element, path: SupplyPath, practice: Practice): Taken {
  const { volts, system } = path;
  switch (element.kind) {
    case 'utility': {
      if (element.faultVA === null) return { state, words: 'endless source' };
      const ohms = fromRatio((volts * volts) / element.faultVA, element.xOverR);
      return {
        state: { ...state, source: both(state.source, ohms), points: element.faultVA / volts / divisor[system] },
        words: `${q(volts, 'V')}² / ${q(element.faultVA / 1e6, '')} MVA = ${q(magnitude(ohms), 'ohm')}`,
      };
    }
    case 'generator': {
      const ohms = fromRatio(((volts * volts) / element.ratedVA) * (element.subtransientPercent / 100), element.xOverR);
      return {
        state: { ...state, source: both(state.source, ohms), points: volts / (divisor[system] * magnitude(ohms)) },
        words: `x″ ${element.subtransientPercent} % of ${q(volts, 'V')}² / ${q(element.ratedVA, 'VA')} = ${q(magnitude(ohms), 'ohm')}`,
      };
    }
    case 'transformer':
      return takeTransformer(state, element, path, practice);
    case 'cable':
      return takeCable(state, element, path);
    case 'motors':
      return {
        state: withMotors(state, element.fullLoadAmps * element.times, path, practice),
        words: `${element.times} x ${q(element.fullLoadAmps, 'A')} = ${q(element.fullLoadAmps * element.times, 'A')} for a moment`,
      };
    case 'battery': {
      const ohms = { r: element.internalOhms / element.parallel, x: 0 };
      return {
        state: { ...state, source: both(state.source, ohms), points: element.volts / ohms.r },
        words: `${q(element.volts, 'V')} / ${q(ohms.r, 'ohm')} = ${q(element.volts / ohms.r, 'A')}`,
      };
    }
    case 'dc-supply': {
      const limitAmps = element.ratedAmps * element.limitRatio;
      return {
        state: { ...state, limitAmps, points: limitAmps },
        words: `limits itself to ${element.limitRatio} x ${q(element.ratedAmps, 'A')} = ${q(limitAmps, 'A')}`,
      };
    }
    case 'measured':
      return { state: takeMeasured(state, element, path, practice), words: `measured on ${element.on}` };
  }
}

/**
 * Walks the path and returns a node for every element.
 * @throws RangeError where a conductor is not in the tables; figures that are not above zero give nodes without end.
 */
export function faultNodes(path: SupplyPath, practice: Practice): Node[] {
  const { highest, lowest } = faultFactors[practice];
  const { volts, system, voltsToGround } = path;
  let state: State = {
    source: { cold: nothing, hot: nothing },
    line: { cold: nothing, hot: nothing },
    back: nothing,
    points: null,
    motors: 0,
    motorShare: 0,
    centreTap: null,
    limitAmps: Infinity,
  };
  const dc = system === 'dc';
  return path.elements.map((element) => {
    const { state: next, words } = take(state, element, path, practice);
    state = next;
    const flow = Math.min(((dc ? 1 : highest) * volts) / (divisor[system] * magnitude(around(state, system, 'cold'))), state.limitAmps);
    const loop = dc || voltsToGround === null ? null : magnitude(plus(plus(state.source.hot, state.line.hot), state.back));
    const least = magnitude(around(state, system, 'hot')) * (system === 'three-phase' ? 2 : 1);
    return {
      name: element.name,
      kind: element.kind,
      highestAmps: flow + state.motors,
      pointToPointAmps: state.points,
      motorAmps: state.motors + flow * state.motorShare,
      highestLineToNeutralAmps: state.centreTap,
      lowestAmps: Math.min(((dc ? 1 : lowest) * volts) / least, state.limitAmps),
      earthFaultAmps: loop === null ? null : (lowest * certain(voltsToGround)) / loop,
      loopOhms: loop,
      ...(state.measuredOn ? { measuredOn: state.measuredOn } : {}),
      step: words,
    };
  });
}

/** The last node, where the device stands; undefined for an empty path. */
export const faultAtEnd = (path: SupplyPath, practice: Practice): Node | undefined => faultNodes(path, practice).at(-1);
