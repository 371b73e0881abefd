/**
 * Which current does a fuse hold for how long, and at which has it surely melted?
 * Laid out at a few lengths of time, so that a start of any length finds the next longer (to hold) or shorter (to melt).
 * Sources: IEC 60269 gates, UL 248 time delay by class, BS 7671 table 41.2, through core/standards.
 */
import type { FuseSpec } from './fields';
import { C_MIN, gGLoopOhms } from '../../standards/disconnection';
import { aMGates, conventionalGg, gGGates, SMALL_R_TIME_DELAY, timeDelayGates, ulFuse } from '../../standards/fuse-gates';

/** Lengths at which holding is laid out, s; beyond the last only the continuous current. */
export const holdSeconds = [0.1, 0.5, 4, 8, 10, 12, 60] as const;
/** Lengths at which melting is laid out, s. */
export const meltSeconds = [0.1, 0.4, 0.5, 5, 60] as const;
/** A fuse without time delay is not trusted to hold more than this many times its rating through a start. Common practice. */
const FAST_START_LIMIT = 2;

/** Name of the figure that a start of this length is held to; a longer one than all is held to the continuous current. */
export const holdName = (set: GateSet, seconds: number) =>
  `${set}_holds_${holdSeconds.find((length) => seconds <= length) ?? 'on'}` as const;
/** Name of the figure at which it has surely melted after this length. */
export const meltName = (set: GateSet, seconds: number) =>
  `${set}_melts_${meltSeconds.filter((length) => length <= seconds + 1e-9).at(-1) ?? 0.1}` as const;

type Edges = Record<string, number | null>;
/** Gates of IEC 60269 and of UL 248 stand under names of their own, so that a line cites the standard that it uses. */
export type GateSet = 'iec' | 'ul';
const layOut = (
  set: GateSet,
  holds: (seconds: number) => number | null,
  on: number | null,
  melts: (seconds: number) => number | null,
): Edges => ({
  ...Object.fromEntries(holdSeconds.map((seconds) => [`${set}_holds_${seconds}`, holds(seconds)])),
  [`${set}_holds_on`]: on,
  ...Object.fromEntries(meltSeconds.map((seconds) => [`${set}_melts_${seconds}`, melts(seconds)])),
});
const unknown = (set: GateSet): Edges =>
  layOut(
    set,
    () => null,
    null,
    () => null,
  );
/** Above what it holds UL 248 bounds the time in minutes alone: any start beyond may go either way. Never shown. */
const OPEN_EDGE = 1e9;

function generalPurpose(amps: number): Edges {
  const gate = gGGates.find(([size]) => size === amps);
  if (!gate) return unknown('iec');
  const [, holds10, melts5, holdsTenth, meltsTenth] = gate;
  const { holds, melts } = conventionalGg(amps);
  const loop = gGLoopOhms.find(([size]) => size === amps)?.[1];
  const at04 = loop === undefined ? meltsTenth : (230 * C_MIN) / loop;
  return layOut(
    'iec',
    (seconds) => (seconds <= 0.1 ? holdsTenth : seconds <= 10 ? holds10 : holds * amps),
    holds * amps,
    (seconds) => (seconds < 0.4 ? meltsTenth : seconds < 5 ? at04 : Math.max(melts5, melts * amps)),
  );
}

function motorBackUp(amps: number): Edges {
  const [to60, toHalf, toFifth] = aMGates.holds;
  const [in60, inHalf, inTenth] = aMGates.melts;
  return layOut(
    'iec',
    (seconds) => amps * (seconds <= 0.1 ? toFifth[0] : seconds <= 0.5 ? toHalf[0] : to60[0]),
    amps,
    (seconds) => amps * (seconds < 0.5 ? inTenth[0] : seconds < 60 ? inHalf[0] : in60[0]),
  );
}

function timeDelay(spec: FuseSpec, amps: number): Edges {
  const body = typeof spec.fuseClass === 'string' ? spec.fuseClass : '';
  const gate = timeDelayGates[body];
  if (!gate) return unknown('ul');
  const { maxAmps, maxVolts, seconds: shortSeconds } = SMALL_R_TIME_DELAY;
  const short = body.startsWith('RK') && amps <= maxAmps && typeof spec.voltsAc === 'number' && spec.voltsAc <= maxVolts;
  const length = short ? shortSeconds : gate.seconds;
  const on = ulFuse.holds * amps;
  return {
    ...layOut(
      'ul',
      (seconds) => (seconds <= length ? gate.multiple * amps : on),
      on,
      () => null,
    ),
    ul_moment: OPEN_EDGE,
    ul_start: OPEN_EDGE,
  };
}

/** Edges of a fuse by category and speed; none where neither is carried. A category is IEC 60269, a speed alone UL 248. */
export function fuseEdges(spec: FuseSpec, category: unknown, speed: unknown): Edges {
  const amps = spec.ratedAmps;
  if (category === undefined && speed === undefined) return {};
  if (amps === undefined) return {};
  const iec = category !== undefined && category !== 'none';
  if (typeof amps !== 'number') return unknown(iec ? 'iec' : 'ul');
  if (category === 'gG' || category === 'gN') return generalPurpose(amps);
  if (category === 'aM') return motorBackUp(amps);
  if (speed === 'time-delay') return timeDelay(spec, amps);
  if (iec || (speed !== 'fast' && speed !== 'none')) return unknown(iec ? 'iec' : 'ul');
  const on = ulFuse.holds * amps;
  return {
    ...layOut(
      'ul',
      () => on,
      on,
      () => null,
    ),
    // A moment may pass through it; a start of half a second and more is not trusted to.
    ul_moment: OPEN_EDGE,
    ul_start: FAST_START_LIMIT * amps,
  };
}
