/**
 * What are long time, short time, instantaneous and earth fault set to at this position?
 * Long time is the lowest step that carries the load; short time lies below the least fault and waits for what is beyond;
 * instantaneous stays out of the way of a selective delay where the breaker stands the fault meanwhile.
 * Sources: IEC 60364-4-43 433.1, NFPA 70 240.6 and 230.95, from memory; steps, multiples and margins are common practice.
 */
import { numberMark, wordsMark } from '../../case/case';
import { MIN_SETTING_SHARE, MIN_SHORT_MULTIPLE, PICKUP_TOLERANCE, SETTING_STEP } from '../../standards/breaker-releases';
import { groundFaultEquipment as gfpe } from '../../standards/ground-fault';
import type { ProofContext } from '../contract';
import { ampsToCarry } from '../../overcurrent/load-current';
import { earthFaultAmps } from '../../overcurrent/earth-fault';
import { groundFaultAsked } from '../../overcurrent/large-disconnect';

export const SHORT_TIME_MULTIPLE = 6;
const DEFAULT_SHORT_SECONDS = 0.1;
const INSTANTANEOUS_MULTIPLE = 10;
const EARTH_SHARE = 0.2;
const EARTH_SECONDS = 0.3;

/** Long-time pick-up: the lowest step that carries the load. Example: 800 A and a load of 560 A give 560 A, 561 A give 600 A. */
export function longTimeAmps(ratedAmps: number, loadAmps: number): number {
  const steps = Math.ceil(loadAmps / (ratedAmps * SETTING_STEP) - 1e-9);
  return Number((Math.min(1, Math.max(MIN_SETTING_SHARE, steps * SETTING_STEP)) * ratedAmps).toPrecision(9));
}

export type TripPlan = {
  ratedAmps: number;
  loadAmps: number;
  longTimeAmps: number;
  shortTimeAmps?: number;
  shortTimeSeconds?: number;
  /** Short time lies below the least fault by its tolerance; else by a multiple. */
  belowLeastFault: boolean;
  /** Null: off, or at its highest: the delay may do its work. */
  instantaneousAmps?: number | null;
  groundFaultAmps?: number;
  groundFaultSeconds?: number;
  /** Earth fault is bounded by NFPA 70 230.95. */
  groundFaultBounded: boolean;
  conflicts: string[];
};

/** Least fault that it must clear, A: at the far end, and in IEC practice to earth by the loop; undefined where neither is known. */
export function minFaultOf(need: ProofContext['need']): number | undefined {
  const toEarth = need.practice === 'IEC' ? earthFaultAmps(need)?.amps : undefined;
  const known = [numberMark(need.supply, 'minFaultAmps'), toEarth].filter((amps): amps is number => typeof amps === 'number');
  return known.length > 0 ? Math.min(...known) : undefined;
}

const round = (amps: number) => Number(amps.toPrecision(3));

/** Returns the plan; undefined where rating, load or the functions of the trip unit are not known. */
export function planTripUnit({ need, part }: ProofContext): TripPlan | undefined {
  const rated = part.ratedAmps;
  const carry = ampsToCarry(need, part, 'setAmps');
  const functions = wordsMark(part.tripFunctions);
  if (typeof rated !== 'number' || typeof carry !== 'number' || functions.length === 0) return undefined;
  const { load, supply, practice } = need;
  const long = longTimeAmps(rated, carry);
  const ampacity = numberMark(load, 'conductorAmpacityAmps');
  const conflicts: string[] = [];
  if (long < carry) conflicts.push(`The load of ${carry} A is above the breaker’s ${rated} A.`);
  if (typeof ampacity === 'number' && long > ampacity)
    conflicts.push(`Long time at ${long} A is above the ${ampacity} A of the conductor.`);
  const least = minFaultOf(need);
  const sure = least === undefined ? Infinity : least / (1 + PICKUP_TOLERANCE);
  const short = Math.min(SHORT_TIME_MULTIPLE * long, sure);
  const wait = numberMark(load, 'withstandSeconds');
  const fault = numberMark(supply, 'prospectiveFaultAmps');
  const stands = typeof part.icwAtOneSecond === 'number' ? part.icwAtOneSecond : undefined;
  const selective = typeof wait === 'number' && wait > 0 && typeof fault === 'number' && stands !== undefined && stands >= fault;
  if (functions.includes('S') && short <= MIN_SHORT_MULTIPLE * long)
    conflicts.push(`The least fault of ${Math.floor(least ?? 0)} A leaves no room for short time above ${long} A.`);
  const atOnce = Math.min(
    functions.includes('S') ? 2 * short : Math.min(INSTANTANEOUS_MULTIPLE * long, sure),
    stands === undefined ? Infinity : stands / (1 + PICKUP_TOLERANCE),
  );
  const bounded = practice === 'NFPA70' && groundFaultAsked(need);
  return {
    ratedAmps: rated,
    loadAmps: carry,
    longTimeAmps: long,
    belowLeastFault: sure < SHORT_TIME_MULTIPLE * long,
    groundFaultBounded: bounded,
    conflicts,
    ...(functions.includes('S')
      ? { shortTimeAmps: round(short), shortTimeSeconds: typeof wait === 'number' ? wait : DEFAULT_SHORT_SECONDS }
      : {}),
    ...(functions.includes('I') ? { instantaneousAmps: selective ? null : round(atOnce) } : {}),
    ...(functions.includes('G')
      ? { groundFaultAmps: Math.min(EARTH_SHARE * rated, bounded ? gfpe.maxPickupAmps : Infinity), groundFaultSeconds: EARTH_SECONDS }
      : {}),
  };
}
