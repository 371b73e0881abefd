/** Rated volts of the coils and the motor that work a breaker, as far as something of the job says them: never those of another coil. */
import { numberMark, type PartSpec } from '../case/case';
import type { AccessoryFunction } from '../fields/accessory-fields';

/** By id of the volts check: the volts that a reading is held against. */
export type CoilMarks = Readonly<Record<string, number>>;

const checksOfFunction: Partial<Record<AccessoryFunction, readonly string[]>> = {
  'charging-motor': ['motor-volts'],
  'undervoltage-release': ['release-volts', 'release-source'],
  'no-volt-release': ['release-volts', 'release-source'],
  'shunt-trip': ['shunt-volts'],
  'closing-coil': ['before-command', 'closing-volts'],
};

/** Returns what the removed coil's own plate says of its checks, and what the control supply says of itself. */
export function coilMarks(removed: PartSpec | null, supply: PartSpec): CoilMarks {
  const volts = removed && numberMark(removed, 'coilVolts');
  const functions: unknown = removed?.function;
  const own = Array.isArray(functions)
    ? Object.entries(checksOfFunction).flatMap(([name, ids]) => (functions.includes(name) ? ids : []))
    : [];
  const control = numberMark(supply, 'controlVolts');
  return {
    ...(control ? { 'control-volts': control } : {}),
    ...(volts ? Object.fromEntries(own.map((id) => [id, volts])) : {}),
  };
}
