/**
 * At which multiples of its rating does a breaker hold, trip slowly, trip at once?
 * Sources: IEC 60898-1:2015 time-current gates, IEC 60898-2 on DC, ratio of Ics to Icn; IEC 60947-2 conventional currents;
 * UL 489 calibration. All from memory. K, Z and every letter on a 60947-2 device are the maker's data: no figure here.
 */
export type Gate = readonly [low: number, high: number];

/** Instantaneous tripping on AC, multiples of In: holds below the first, trips within 0.1 s from the second. */
export const instantaneousAc: Record<'B' | 'C' | 'D', Gate> = { B: [3, 5], C: [5, 10], D: [10, 20] };
/** The same on DC (IEC 60898-2): B and C only. */
export const instantaneousDc: Record<'B' | 'C', Gate> = { B: [4, 7], C: [7, 15] };
/** Time within which an instantaneous trip is sure, s. */
export const INSTANTANEOUS_SECONDS = 0.1;

/** Conventional non-tripping and tripping current, multiples of In; 1 h up to 63 A, 2 h above. */
export const conventional60898 = { holds: 1.13, trips: 1.45, secondsTo63A: 3600, secondsAbove: 7200 } as const;
/** At 2.55 In: not before the first, before the second, s: up to 32 A, and above. */
export const at255 = { multiple: 2.55, to32A: [1, 60], above: [1, 120] } as const satisfies Record<string, number | Gate>;

/** Setting tolerance of an adjustable magnetic release, ratio. IEC 60947-2. */
export const MAGNETIC_TOLERANCE = 0.2;

/** UL 489: carries 100 %, trips within the first time at 135 %; seconds at 200 % by size, A. */
export const mouldedCase = {
  trips: 1.35,
  secondsTo50A: 3600,
  secondsAbove: 7200,
  doubleSeconds: [
    [30, 120],
    [50, 240],
    [100, 360],
    [150, 480],
    [225, 600],
    [400, 720],
    [600, 840],
  ],
} as const;

/** Service capacity of a miniature breaker from its rated capacity, A: k = 1 to 6 kA, 0.75 to 10 kA (least 6), 0.5 above (least 7.5). */
export function serviceCapacityAmps(icnAmps: number): number {
  if (icnAmps <= 6000) return icnAmps;
  return icnAmps <= 10000 ? Math.max(6000, 0.75 * icnAmps) : Math.max(7500, 0.5 * icnAmps);
}

/** Interrupting rating of an unmarked branch-circuit breaker, A AC. NFPA 70 240.83(C). */
export const UNMARKED_BREAKER_AMPS = 5000;
