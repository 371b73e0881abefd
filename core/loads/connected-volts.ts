/**
 * At which of its plate volts does the load stand on this supply?
 * "230/460" are two connections: the one in the system's class is used, else the nearest below. "115-127" is a range.
 * Source: NFPA 70, voltage classes of the motor tables (from memory); reading of sets is common practice.
 */
import { certain } from '../certain';
import { sameVoltageClass } from '../standards/voltage-class';

/**
 * Returns the plate volts of the connection in use, V.
 * @param plate a number, or as printed with / or -; null when worn; undefined when not given.
 * @param systemVolts V of the system, above 0.
 * Example: '230/460' on 480 V gives 460; '208-230' on 208 V gives 208.
 */
export function connectedVolts(plate: unknown, systemVolts: number): number | undefined {
  if (typeof plate === 'number') return plate;
  if (typeof plate !== 'string') return undefined;
  const connections = plate
    .replace(/\s*V?\s*$/i, '')
    .split('/')
    .map((part) => part.split('-').map(Number));
  if (connections.flat().some((v) => !Number.isFinite(v))) return undefined;
  for (const range of connections)
    if (range.length === 2 && systemVolts >= certain(range[0]) && systemVolts <= certain(range[1])) return systemVolts;
  const all = connections.flat();
  return (
    all.find((volts) => volts === systemVolts) ??
    all.find((volts) => sameVoltageClass(volts, systemVolts)) ??
    all.reduce((best, volts) => (Math.abs(volts - systemVolts) < Math.abs(best - systemVolts) ? volts : best))
  );
}

/** A motor may stand up to this ratio off its plate volts before its amps are restated. NEMA MG 1, IEC 60034-1 (from memory). */
export const PLATE_VOLTS_TOLERANCE = 0.05;

/** Ratio by which plate amps rise on lower volts at constant shaft power; 1 within the class or the tolerance. */
export function runningAmpsFactor(plateVolts: number | undefined, systemVolts: number): number {
  if (plateVolts === undefined || sameVoltageClass(plateVolts, systemVolts)) return 1;
  return systemVolts < plateVolts * (1 - PLATE_VOLTS_TOLERANCE) ? plateVolts / systemVolts : 1;
}

/** Ratio by which locked-rotor amps rise on higher volts; 1 within the class or the tolerance, and never below 1. */
export function lockedRotorFactor(plateVolts: number | undefined, systemVolts: number): number {
  if (plateVolts === undefined || sameVoltageClass(plateVolts, systemVolts)) return 1;
  return systemVolts > plateVolts * (1 + PLATE_VOLTS_TOLERANCE) ? systemVolts / plateVolts : 1;
}
