/**
 * Standard ampere ratings of fuses and inverse-time breakers, and the next size up.
 * Source: NFPA 70 240.6(A), edition 2023 (10 A new there), fuse sizes 1, 3, 6, 10 and 601 beside them, from memory.
 */
const common = [
  10, 15, 20, 25, 30, 35, 40, 45, 50, 60, 70, 80, 90, 100, 110, 125, 150, 175, 200, 225, 250, 300, 350, 400, 450, 500, 600, 700, 800, 1000,
  1200, 1600, 2000, 2500, 3000, 4000, 5000, 6000,
] as const;
const fusesOnly = [1, 3, 6, 601] as const;

/** Breaker sizes, A, ascending. */
export const breakerSizes: readonly number[] = common;
/** Fuse sizes, A, ascending. */
export const fuseSizes: readonly number[] = [...common, ...fusesOnly].sort((a, b) => a - b);

/** Returns the smallest standard size at or above these amps, A; above the list the amps themselves. Example: 70.1 gives 80. */
export const nextStandardSize = (amps: number, sizes: readonly number[] = breakerSizes): number =>
  sizes.find((size) => size >= amps * (1 - 1e-9)) ?? amps;

/** Returns the largest standard size at or below these amps, A, or undefined below the list. Example: 41.7 gives 40. */
export const standardSizeBelow = (amps: number, sizes: readonly number[] = breakerSizes): number | undefined =>
  sizes.filter((size) => size <= amps * (1 + 1e-9)).at(-1);

/** Largest device that may stand above the conductor's ampacity by rounding up, A. NFPA 70 240.4(B). */
export const ROUND_UP_TO_AMPS = 800;

/**
 * Returns the largest device that protects a conductor of this ampacity, A.
 * @param ceiling true where the figure is a small-conductor limit (240.4(D)): no rounding.
 * Example: 65 A gives 70; 70 A is a standard size and stays; above 800 A the ampacity itself bounds it.
 */
export function largestDeviceForAmpacity(ampacity: number, ceiling: boolean, sizes: readonly number[] = breakerSizes): number {
  if (ceiling || sizes.includes(ampacity)) return ampacity;
  const up = nextStandardSize(ampacity, sizes);
  return up <= ROUND_UP_TO_AMPS ? up : ampacity;
}
