/**
 * In which band of their mark must the coils of a breaker work, let go, or hold?
 * Sources: IEC 60947-1 and 60947-2 (operating limits of releases), ANSI C37.16 for 125 V DC control; from memory.
 */
import { certain } from '../certain';
import type { AccessoryAction, AccessoryFunction } from '../fields/accessory-fields';

/** Shares of the mark: shunt release 70 to 110 %, closing release and charging motor 85 to 110 %. */
export const operatingShare = { tripping: [0.7, 1.1], closing: [0.85, 1.1] } as const;
/** An undervoltage release lets go between these shares, lets close from 85 %, and holds the breaker open below 35 %. */
export const undervoltageShare = { letsGo: [0.35, 0.7], closesFrom: 0.85 } as const;
/** A no-volt release lets go between these. */
export const noVoltShare = [0.1, 0.35] as const;
/** ANSI power breakers, 125 V DC control, V. */
export const ansi125 = { tripping: [70, 140], closing: [100, 140] } as const;

/** Functions that serve an action. */
export const functionsFor: Record<AccessoryAction, readonly AccessoryFunction[]> = {
  'opens-on-signal': ['shunt-trip'],
  'opens-when-supply-fails': ['undervoltage-release', 'no-volt-release'],
  'closes-on-signal': ['closing-coil'],
  'charges-the-spring': ['charging-motor'],
  'signals-position': ['auxiliary-contact'],
  'signals-trip': ['alarm-contact'],
};

/** Air breakers in use, A: common practice. Ranges vary by maker; no filter. */
export const usualAirBreakerAmps = [800, 6300] as const;

/** Making capacity as a multiple of the breaking capacity, by breaking capacity up to, A. IEC 60947-2 table 2. */
export const makingFactors: readonly (readonly [upToAmps: number, factor: number])[] = [
  [6000, 1.5],
  [10000, 1.7],
  [20000, 2],
  [50000, 2.1],
  [Infinity, 2.2],
];
/** Factor for a prospective current, rms. Example: 42 kA gives 2.1. */
export const makingFactor = (amps: number): number => certain(makingFactors.find(([upTo]) => amps <= upTo))[1];

/** Long-time dials reach down to this share of the rated current, in steps of this. Common practice. */
export const MIN_SETTING_SHARE = 0.4;
export const SETTING_STEP = 0.05;

/** Short time and instantaneous reach down to this multiple of long time; tolerance of their pick-ups. Common practice; IEC 60947-2 allows 20 %. */
export const MIN_SHORT_MULTIPLE = 1.5;
export const PICKUP_TOLERANCE = 0.1;

/** Time for which a short-time withstand current holds where no other is printed, s. */
export const WITHSTAND_SECONDS = 1;
/** Below this shutdown, h, a fixed breaker cannot be exchanged: one takes a day or two. Common practice. */
export const FIXED_EXCHANGE_HOURS = 48;
