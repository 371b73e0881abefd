/**
 * What a maker's curve says in the marks that needs are held against: the edges of a breaker's instantaneous band.
 * Holds: the most current that it surely stands for 0.1 s. Trips: the least that surely opens it within 0.1 s.
 * Source: the instantaneous gates of IEC 60898-1 are stated at 0.1 s, from memory.
 */
import { certain } from '../certain';
import type { PartSpec } from '../case/case';
import { INSTANTANEOUS_SECONDS } from '../standards/breaker-gates';
import type { Band, CurvePoint } from './band';

/** Current at which an edge first falls below a time, A; undefined where it never does. */
function ampsBelow(points: readonly CurvePoint[], seconds: number): number | undefined {
  for (const [i, b] of points.entries()) {
    if (b.seconds > seconds) continue;
    const a = points[i - 1];
    if (!a || a.amps === b.amps || a.seconds === b.seconds) return b.amps;
    const share = Math.log(a.seconds / seconds) / Math.log(a.seconds / b.seconds);
    return a.amps * (b.amps / a.amps) ** share;
  }
  return undefined;
}

export const curveMarks = ['instantaneousHoldsAmps', 'instantaneousTripsAmps'] as const;

/** Returns the marks, rounded to the safe side; what the curve does not reach is left out. */
export function marksOfCurve({ fast, slow }: Band): PartSpec {
  const holds = fast ? (ampsBelow(fast, INSTANTANEOUS_SECONDS) ?? certain(fast.at(-1)).amps) : undefined;
  const trips = slow ? ampsBelow(slow, INSTANTANEOUS_SECONDS) : undefined;
  const rounded = (amps: number, round: (value: number) => number) => {
    const step = 10 ** (Math.floor(Math.log10(amps)) - 3);
    return Number((round(amps / step) * step).toPrecision(6));
  };
  return {
    ...(holds === undefined ? {} : { instantaneousHoldsAmps: rounded(holds * (1 + 1e-12), Math.floor) }),
    ...(trips === undefined ? {} : { instantaneousTripsAmps: rounded(trips * (1 - 1e-12), Math.ceil) }),
  };
}
