import { certain } from '../core/certain';

/** The time below which `p` percent of these lie. */
export const percentile = (times: readonly number[], p: number): number =>
  certain([...times].sort((a, b) => a - b)[Math.min(times.length - 1, Math.floor((times.length * p) / 100))]);
