/**
 * Earth-fault loop impedance and disconnection: factors, times, limits of gG fuses.
 * Sources: BS 7671:2018 + A2, 411.3.2 (times), 411.4.4 (Zs x Ia <= U0 x Cmin), appendix 3 (0.8 of cold readings), table 41.2; from memory.
 */
import { certain } from '../certain';
/** Lowest voltage factor. */
export const C_MIN = 0.95;
/** A reading on cold conductors is held to this share of the limit, which is for operating temperature. */
export const COLD_READING_SHARE = 0.8;

/** Longest disconnection times of final circuits by volts to earth (up to, AC), s: TN and TT. */
const finalTimes: readonly (readonly [upToVolts: number, tn: number, tt: number])[] = [
  [120, 0.8, 0.3],
  [230, 0.4, 0.2],
  [400, 0.2, 0.07],
  [Infinity, 0.1, 0.04],
];
const distribution = { tn: 5, tt: 1 } as const;

/**
 * Longest disconnection time, s; undefined at 50 V and below, where none is asked.
 * @param circuit 'final' is up to 63 A with sockets or 32 A fixed; else 'distribution'.
 */
export function disconnectionSeconds(voltsToGround: number, system: 'TN' | 'TT', circuit: 'final' | 'distribution'): number | undefined {
  if (voltsToGround <= 50) return undefined;
  if (circuit === 'distribution') return system === 'TN' ? distribution.tn : distribution.tt;
  const [, tn, tt] = certain(finalTimes.find(([upTo]) => voltsToGround <= upTo));
  return system === 'TN' ? tn : tt;
}

/** Ratings above which a circuit counts as distribution for its time: with sockets, and fixed. 411.3.2.2. */
export const finalCircuitAmps = { sockets: 63, fixed: 32 } as const;

/** Largest loop impedance of gG fuses at 230 V for 0.4 s, ohm (table 41.2, Cmin included). */
export const gGLoopOhms: readonly (readonly [ratedAmps: number, ohms: number])[] = [
  [6, 7.8],
  [10, 4.65],
  [16, 2.43],
  [20, 1.68],
  [25, 1.29],
  [32, 0.99],
];
