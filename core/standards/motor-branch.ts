/**
 * How large may the short-circuit and earth-fault device of a motor be, and at what does its overload trip?
 * Percent of the table's amps (430.6(A)(1)), by kind of device and motor.
 * Sources: NFPA 70 table 430.52, 430.52(C)(1) exceptions 1 and 2, (C)(3), 430.32, 440.22, 440.52, edition 2023, from memory.
 */
export type MotorDevice = 'non-time-delay-fuse' | 'time-delay-fuse' | 'instantaneous-breaker' | 'inverse-time-breaker';
export type MotorType = 'cage' | 'cage-premium' | 'wound-rotor' | 'direct-current';

/** Percent of table 430.52. */
export const motorBranchPercent: Record<MotorType, Record<MotorDevice, number>> = {
  cage: { 'non-time-delay-fuse': 300, 'time-delay-fuse': 175, 'instantaneous-breaker': 800, 'inverse-time-breaker': 250 },
  'cage-premium': { 'non-time-delay-fuse': 300, 'time-delay-fuse': 175, 'instantaneous-breaker': 1100, 'inverse-time-breaker': 250 },
  'wound-rotor': { 'non-time-delay-fuse': 150, 'time-delay-fuse': 150, 'instantaneous-breaker': 800, 'inverse-time-breaker': 150 },
  'direct-current': { 'non-time-delay-fuse': 150, 'time-delay-fuse': 150, 'instantaneous-breaker': 250, 'inverse-time-breaker': 150 },
};

/** Highest setting of an instantaneous breaker where the table's does not start, percent: ordinary, premium. 430.52(C)(3). */
export const instantaneousCeilingPercent = { cage: 1300, 'cage-premium': 1700, 'wound-rotor': 1300, 'direct-current': 1300 } as const;

/** Ceilings of exception 2, only where the first size does not start; not rounded up. */
export function startingCeilingPercent(device: MotorDevice, tableAmps: number): number {
  if (device === 'inverse-time-breaker') return tableAmps <= 100 ? 400 : 300;
  return device === 'time-delay-fuse' ? 225 : 400;
}
/** Fuses of 601 to 6000 A have a ceiling of their own, percent. */
export const LARGE_FUSE_CEILING_PERCENT = 300;
export const LARGE_FUSE_FROM_AMPS = 600;

/** Percent of plate amps at which the overload trips. 430.32(A)(1), (C); compressors 440.52(A). */
export const overloadTripPercent = {
  serviceFactor115: 125,
  otherMotors: 115,
  largestServiceFactor115: 140,
  largestOtherMotors: 130,
  compressorRelay: 140,
  compressorFuseOrBreaker: 125,
} as const;
export const SERVICE_FACTOR_FOR_125 = 1.15;
export const RISE_C_FOR_125 = 40;

/** Compressor branch: percent of the greater of rated-load and branch-selection current; no rounding up, never below 15 A. 440.22(A). */
export const compressorBranchPercent = { first: 175, ifItDoesNotStart: 225, minAmps: 15 } as const;

/** Conductor of one motor, and of the largest on a feeder. 430.22, 430.24. */
export const MOTOR_CONDUCTOR_FACTOR = 1.25;

/** Feeder of several motors: largest branch device plus the other motors' amps, rounded down. 430.62(A). */
export const feederDeviceAmps = (largestBranchDeviceAmps: number, otherFullLoadAmps: readonly number[]): number =>
  largestBranchDeviceAmps + otherFullLoadAmps.reduce((sum, amps) => sum + amps, 0);
