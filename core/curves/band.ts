/**
 * What is a time-current band? Two edges: the fast one, before which the device surely holds, and the slow one, by which it
 * has surely opened. Each is a list of points, current rising and time falling; between points both run straight on log-log.
 * Below its first point an edge never opens (time without end); beyond its last it stays at the last time.
 */
import { certain } from '../certain';
export type CurvePoint = { amps: number; seconds: number };
export type Band = {
  /** Surely holds until here; null where nothing is published: it may open at any time above its rating. */
  fast: readonly CurvePoint[] | null;
  /** Surely open by here; null where nothing is published. */
  slow: readonly CurvePoint[] | null;
};

/** Time of one edge at a current, s; Infinity below its first point. Edges are monotonic, so are the times. */
export function edgeSeconds(points: readonly CurvePoint[], amps: number): number {
  const first = points[0];
  if (!first || amps < first.amps) return Infinity;
  let low = 0;
  let high = points.length - 1;
  if (amps >= certain(points[high]).amps) return certain(points[high]).seconds;
  while (high - low > 1) {
    const middle = (low + high) >> 1;
    if (certain(points[middle]).amps <= amps) low = middle;
    else high = middle;
  }
  const [a, b] = [certain(points[low]), certain(points[high])];
  if (b.amps === a.amps || b.seconds === a.seconds) return b.seconds;
  if (a.amps === amps) return a.seconds;
  const share = Math.log(amps / a.amps) / Math.log(b.amps / a.amps);
  return Math.exp(Math.log(a.seconds) + share * (Math.log(b.seconds) - Math.log(a.seconds)));
}

/** Holds until and open by, s, at a current. Without a published fast edge it holds for no time, without a slow one it opens at none. */
export const bandSeconds = ({ fast, slow }: Band, amps: number): { holdsUntil: number; openBy: number } => ({
  holdsUntil: fast ? edgeSeconds(fast, amps) : 0,
  openBy: slow ? edgeSeconds(slow, amps) : Infinity,
});

/** Points with time falling along constant I²t, from one point to a current, both ends included. */
export function alongI2t(from: CurvePoint, toAmps: number): CurvePoint[] {
  return toAmps <= from.amps ? [from] : [from, { amps: toAmps, seconds: from.seconds * (from.amps / toAmps) ** 2 }];
}

/** A fault of a point list, or undefined where current rises and time never does. */
export function pointFault(points: readonly CurvePoint[]): string | undefined {
  if (points.length < 2) return 'A curve needs two points or more.';
  for (const [i, { amps, seconds }] of points.entries()) {
    if (!(Number.isFinite(amps) && amps > 0 && Number.isFinite(seconds) && seconds > 0))
      return `Point ${i + 1}: current and time must be above zero.`;
    const before = points[i - 1];
    if (before && amps < before.amps)
      return `Point ${i + 1}: the current falls from ${before.amps} to ${amps} A; points go from low to high.`;
    if (before && seconds > before.seconds)
      return `Point ${i + 1}: the time rises from ${before.seconds} to ${seconds} s; more current never takes longer.`;
    if (before && amps === before.amps && seconds === before.seconds) return `Point ${i + 1} stands twice.`;
  }
  return undefined;
}
