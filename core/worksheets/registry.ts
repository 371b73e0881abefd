import { DefectError } from '../defect-error';
import { capacitorCombination } from './capacitor-combination';
import { capacitorFromRunning } from './capacitor-from-running';
import { capacitorLife } from './capacitor-life';
import { coilCurrent } from './coil-current';
import { coilTemperature } from './coil-temperature';
import { coilVoltsFromResistance } from './coil-volts-from-resistance';
import { conductorAdiabatic } from './conductor-adiabatic';
import { contactDerating } from './contact-derating';
import { contactHeadroom } from './contact-headroom';
import { continuousLoad } from './continuous-load';
import type { Worksheet } from './contract';
import { controlRun } from './control-run';
import { dcBatteryFault } from './dc-battery-fault';
import { driverCurrent } from './driver-current';
import { electricalLife } from './electrical-life';
import { farEndShort } from './far-end-short';
import { faultCurrentAtEnd } from './fault-current-at-end';
import { faultCurrentAtTransformer } from './fault-current-at-transformer';
import { leakageSum } from './leakage-sum';
import { lockedRotorAmpsSheet } from './locked-rotor-amps';
import { lockedRotorFromRatio } from './locked-rotor-from-ratio';
import { lostPhase } from './lost-phase';
import { motorAmpsFromPower } from './motor-amps-from-power';
import { motorBranchDevice } from './motor-branch-device';
import { motorFeeder } from './motor-feeder';
import { motorFullLoadCurrent } from './motor-full-load-current';
import { overloadSetting } from './overload-setting';
import { releaseDipMargin } from './release-dip-margin';
import { residualTouchTt } from './residual-touch-tt';
import { residualTripCheck } from './residual-trip-check';
import { springAndClosingSupply } from './spring-and-closing-supply';
import { standardSize } from './standard-size';
import { supplyUnbalance } from './supply-unbalance';
import { suppressionDropOut } from './suppression-drop-out';
import { timerRun } from './timer-run';
import { timerSetting } from './timer-setting';
import { tripTime } from './trip-time';
import { unbalanceComponents } from './unbalance-components';
import { voltageDrop } from './voltage-drop';
import { zsMaximum } from './zs-maximum';

/** All worksheets, sorted by id. */
export const worksheets: readonly Worksheet[] = Object.freeze([
  capacitorCombination,
  capacitorFromRunning,
  capacitorLife,
  coilCurrent,
  coilTemperature,
  coilVoltsFromResistance,
  conductorAdiabatic,
  contactDerating,
  contactHeadroom,
  continuousLoad,
  controlRun,
  dcBatteryFault,
  driverCurrent,
  electricalLife,
  farEndShort,
  faultCurrentAtEnd,
  faultCurrentAtTransformer,
  leakageSum,
  lockedRotorAmpsSheet,
  lockedRotorFromRatio,
  lostPhase,
  motorAmpsFromPower,
  motorBranchDevice,
  motorFeeder,
  motorFullLoadCurrent,
  overloadSetting,
  releaseDipMargin,
  residualTouchTt,
  residualTripCheck,
  springAndClosingSupply,
  standardSize,
  supplyUnbalance,
  suppressionDropOut,
  timerRun,
  timerSetting,
  tripTime,
  unbalanceComponents,
  voltageDrop,
  zsMaximum,
]);

for (const [i, sheet] of worksheets.entries())
  if (i > 0 && !(worksheets[i - 1]!.id < sheet.id)) throw new DefectError(`Worksheet '${sheet.id}' is out of order in registry.ts.`);

export const worksheetOf = (id: string): Worksheet | undefined => worksheets.find((sheet) => sheet.id === id);
