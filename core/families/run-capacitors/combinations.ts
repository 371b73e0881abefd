/**
 * Which capacitors on the shelf make up what the motor's plate asks for: one dual, two singles, singles joined in parallel?
 * In parallel capacitances add and the lowest volts count. In series is no repair.
 * Source: addition of parallel capacitances (IEC 60050-131); the practice is common.
 */
import { certain } from '../../certain';
export type Single = { id: string; name: string; microfarads: number; volts: number };
export type Combination = { section: string; parts: Single[]; microfarads: number; volts: number };

/** Most singles that are joined in one place: more leads are more faults. Common practice. */
export const MAX_JOINED = 3;
const SLACK = 1e-6;

/**
 * Returns every way to make one section exactly, fewest parts first, of parts at or above the volts.
 * @param wanted µF, above 0; volts, V, above 0.
 * Example: 35 µF at 440 V of 30 and 5 µF at 440 V gives one of two parts; with a 5 µF at 370 V none.
 */
export function waysToMake(wanted: { microfarads: number; volts: number }, singles: readonly Single[], most = MAX_JOINED): Single[][] {
  const usable = singles.filter(({ volts, microfarads }) => volts >= wanted.volts && microfarads <= wanted.microfarads + SLACK);
  const sorted = [...usable].sort((a, b) => b.microfarads - a.microfarads || a.volts - b.volts);
  const found: Single[][] = [];
  const seek = (from: number, left: number, chosen: Single[]) => {
    if (Math.abs(left) <= SLACK) {
      found.push(chosen);
      return;
    }
    if (chosen.length === most) return;
    for (let i = from; i < sorted.length; i += 1)
      if (certain(sorted[i]).microfarads <= left + SLACK)
        seek(i + 1, left - certain(sorted[i]).microfarads, [...chosen, certain(sorted[i])]);
  };
  seek(0, wanted.microfarads, []);
  return found.sort((a, b) => a.length - b.length);
}

/** Capacitance and volts of singles joined in parallel. */
export const inParallel = (parts: readonly Single[]): { microfarads: number; volts: number } => ({
  microfarads: Number(parts.reduce((sum, { microfarads }) => sum + microfarads, 0).toPrecision(9)),
  volts: Math.min(...parts.map(({ volts }) => volts)),
});
