import { DefectError } from '../defect-error';
import { capacitorFromRunning } from './capacitor-from-running';
import { coilCurrent } from './coil-current';
import { coilVoltsFromResistance } from './coil-volts-from-resistance';
import { contactHeadroom } from './contact-headroom';
import type { Worksheet } from './contract';
import { controlRun } from './control-run';
import { electricalLife } from './electrical-life';
import { faultCurrentAtTransformer } from './fault-current-at-transformer';
import { lockedRotorAmpsSheet } from './locked-rotor-amps';
import { lockedRotorFromRatio } from './locked-rotor-from-ratio';
import { motorAmpsFromPower } from './motor-amps-from-power';
import { motorFullLoadCurrent } from './motor-full-load-current';
import { supplyUnbalance } from './supply-unbalance';

/** All worksheets, sorted by id. */
export const worksheets: readonly Worksheet[] = Object.freeze([
  capacitorFromRunning,
  coilCurrent,
  coilVoltsFromResistance,
  contactHeadroom,
  controlRun,
  electricalLife,
  faultCurrentAtTransformer,
  lockedRotorAmpsSheet,
  lockedRotorFromRatio,
  motorAmpsFromPower,
  motorFullLoadCurrent,
  supplyUnbalance,
]);

for (const [i, sheet] of worksheets.entries())
  if (i > 0 && !(worksheets[i - 1]!.id < sheet.id)) throw new DefectError(`Worksheet '${sheet.id}' is out of order in registry.ts.`);

export const worksheetOf = (id: string): Worksheet | undefined => worksheets.find((sheet) => sheet.id === id);
