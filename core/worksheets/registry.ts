import { DefectError } from '../defect-error';
import { coilCurrent } from './coil-current';
import { contactHeadroom } from './contact-headroom';
import type { Worksheet } from './contract';
import { controlRun } from './control-run';
import { electricalLife } from './electrical-life';
import { lockedRotorAmpsSheet } from './locked-rotor-amps';
import { motorAmpsFromPower } from './motor-amps-from-power';
import { motorFullLoadCurrent } from './motor-full-load-current';
import { supplyUnbalance } from './supply-unbalance';

/** All worksheets, sorted by id. */
export const worksheets: readonly Worksheet[] = Object.freeze([
  coilCurrent,
  contactHeadroom,
  controlRun,
  electricalLife,
  lockedRotorAmpsSheet,
  motorAmpsFromPower,
  motorFullLoadCurrent,
  supplyUnbalance,
]);

for (const [i, sheet] of worksheets.entries())
  if (i > 0 && !(worksheets[i - 1]!.id < sheet.id)) throw new DefectError(`Worksheet '${sheet.id}' is out of order in registry.ts.`);

export const worksheetOf = (id: string): Worksheet | undefined => worksheets.find((sheet) => sheet.id === id);
