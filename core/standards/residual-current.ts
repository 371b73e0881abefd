/**
 * What residual-current devices detect, at which current and how fast they trip.
 * Sources: IEC 61008-1 and 61009-1 (types AC and A), IEC 62423 (F and B), IEC 60947-2 annex B; BS 7671 531.3.2, 531.3.3, 411.5.3,
 * 415.1.1, 532.1, 722.531.3.101; UL 943, 943C, 1053; NFPA 70 210.8. Figures from memory.
 */
import type { Electronics, ResidualType } from '../fields/residual-fields';

/** Types in the order in which each detects all that the one before does. IEC 62423; B+ adds higher frequencies for fire. */
export const residualOrder: readonly ResidualType[] = ['AC', 'A', 'F', 'B', 'B+'];

/** Leakage waveforms. Smooth DC stands for straight or nearly straight direct current. */
export type LeakageWave = 'sine' | 'pulsating-dc' | 'phase-cut' | 'mixed-frequency' | 'smooth-dc' | 'high-frequency';

/** Waveforms that a type detects. */
export const typeDetects: Record<ResidualType, readonly LeakageWave[]> = {
  AC: ['sine'],
  A: ['sine', 'pulsating-dc', 'phase-cut'],
  F: ['sine', 'pulsating-dc', 'phase-cut', 'mixed-frequency'],
  B: ['sine', 'pulsating-dc', 'phase-cut', 'mixed-frequency', 'smooth-dc'],
  'B+': ['sine', 'pulsating-dc', 'phase-cut', 'mixed-frequency', 'smooth-dc', 'high-frequency'],
};

/** Smooth DC, mA, that may ride on the residual current while the type still does its work; absent: none is stated. */
export const smoothDcStoodMilliamps: Record<ResidualType, number> = { AC: 0, A: 6, F: 10, B: Infinity, 'B+': Infinity };

/** What an earth fault behind this front end leaks, beside the sine of the supply. */
export const leakageOf: Record<Electronics, readonly LeakageWave[]> = {
  none: ['sine'],
  'phase-control': ['sine', 'phase-cut'],
  'single-phase-rectifier': ['sine', 'pulsating-dc'],
  'single-phase-converter': ['sine', 'pulsating-dc', 'mixed-frequency'],
  'two-phase-rectifier': ['sine', 'smooth-dc'],
  'three-phase-rectifier': ['sine', 'smooth-dc'],
  'ev-charger': ['sine', 'pulsating-dc', 'smooth-dc'],
  'pv-inverter': ['sine', 'pulsating-dc', 'smooth-dc'],
};

/** Types that the maker of a single-phase converter may accept though they do not detect its mixed frequencies. Common practice. */
export const byMakersWord: Partial<Record<Electronics, readonly ResidualType[]>> = { 'single-phase-converter': ['A'] };

/** Share of the rated residual current: surely no trip up to the first, surely a trip from the second. */
export const residualGate = { holds: 0.5, trips: 1 } as const;
/** Standing leakage: up to the first share it holds, above the second it may trip. BS 7671 531.3.2; IEC 61008-1. */
export const standingShare = { advised: 0.3, most: 0.5 } as const;

type Times = { atOnce: number; atTwice: number; atFive: number };
/** Longest break times, s, at 1, 2 and 5 times the rated residual current. S also has least non-actuating times. */
export const residualSeconds: Record<'general' | 'S', Times & { least?: readonly [number, number, number] }> = {
  general: { atOnce: 0.3, atTwice: 0.15, atFive: 0.04 },
  S: { atOnce: 0.5, atTwice: 0.2, atFive: 0.15, least: [0.13, 0.06, 0.05] },
};

/** Pulsating DC on a type A, half-waves with no phase cut, multiples of the rated residual current: no trip below the first, surely from the others: up to 10 mA, and above. */
export const pulsatingTrip = { holds: 0.35, to10Milliamps: 2, above: 1.4 } as const;
/** Smooth DC at which a type B trips, multiples: not below the first, surely from the second. IEC 62423. */
export const smoothTrip = [0.5, 2] as const;

/** Most sensitivity for additional protection of people, mA, and for protection from fire. BS 7671 415.1.1, 532.1. */
export const ADDITIONAL_PROTECTION_MILLIAMPS = 30;
export const FIRE_PROTECTION_MILLIAMPS = 300;
/** Break time of additional protection at five times, s. BS 7671 415.1.1. */
export const ADDITIONAL_PROTECTION_SECONDS = 0.04;

/** Touch voltage limit of a TT system, V. BS 7671 411.5.3: RA x I-delta-n at most 50 V. */
export const TT_TOUCH_VOLTS = 50;
/** Sensitivity of the device upstream, multiples of the one downstream, beside its delay. IEC 60364-5-53, from memory. */
export const SELECTIVITY_RATIO = 3;

/** North American classes: trip level between, mA, and the most volts to ground. UL 943, UL 943C. */
export const groundFaultClasses = {
  'GFCI Class A': { tripMilliamps: [4, 6], maxVoltsToGround: 150 },
  'GFCI Class C': { tripMilliamps: [15, 20], maxVoltsToGround: 300 },
  'GFCI Class D': { tripMilliamps: [15, 20], maxVoltsToGround: 600 },
  'GFCI Class E': { tripMilliamps: [15, 20], maxVoltsToGround: 600 },
} as const;
export type PersonnelClass = keyof typeof groundFaultClasses;
