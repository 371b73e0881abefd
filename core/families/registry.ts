/**
 * The only list of families: literal, sorted by id, frozen, checked at start.
 */
import { DefectError } from '../defect-error';
import type { DeviceFamily } from './contract';
import { airBreakers } from './air-breakers';
import { breakerCoils } from './breaker-coils';
import { breakers } from './breakers';
import { contactors } from './contactors';
import { controlRelays } from './control-relays';
import { fuses } from './fuses';
import { inPractice } from './in-practice';
import { monitoringRelays } from './monitoring-relays';
import { overloadRelays } from './overload-relays';
import { residualCurrents } from './residual-currents';
import { runCapacitors } from './run-capacitors';
import { timingRelays } from './timing-relays';

const own: readonly DeviceFamily[] = [
  airBreakers,
  breakers,
  breakerCoils,
  contactors,
  controlRelays,
  fuses,
  monitoringRelays,
  overloadRelays,
  residualCurrents,
  runCapacitors,
  timingRelays,
];
export const families: readonly DeviceFamily[] = Object.freeze(own.map(inPractice));

for (const [i, family] of families.entries()) {
  const before = families[i - 1];
  if (before && !(before.id < family.id))
    throw new DefectError(`Family '${family.id}' stands after '${before.id}' in registry.ts; ids are sorted and used once.`);
}

/** Returns the family with this id, or undefined. */
export const familyOf = (id: string): DeviceFamily | undefined => families.find((family) => family.id === id);

/** The parts of a family in a sentence. Example: 'overload relays'. */
export const familyWords = (id: string): string => familyOf(id)?.plural ?? `${id.replaceAll('-', ' ')}s`;

export const familyIds = (): string[] => families.map((family) => family.id);
