import { certain } from '../certain';
import { DefectError } from '../defect-error';
import type { Worksheet } from './contract';
import { capacitorCombination } from './capacitor-combination';
import { capacitorFromRunning } from './capacitor-from-running';
import { capacitorLife } from './capacitor-life';
import { capacitorWindow } from './capacitor-window';
import { coilCurrent } from './coil-current';
import { coilTemperature } from './coil-temperature';
import { coilVoltsFromResistance } from './coil-volts-from-resistance';
import { conductorAdiabatic } from './conductor-adiabatic';
import { conductorImpedance } from './conductor-impedance';
import { contactDerating } from './contact-derating';
import { contactHeadroom } from './contact-headroom';
import { continuousLoad } from './continuous-load';
import { controlRun } from './control-run';
import { controlRunLongest } from './control-run-longest';
import { dcBatteryFault } from './dc-battery-fault';
import { driverCurrent } from './driver-current';
import { driverInrush } from './driver-inrush';
import { electricalLife } from './electrical-life';
import { farEndShort } from './far-end-short';
import { faultBehindLoop } from './fault-behind-loop';
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
import { motorVoltsTransfer } from './motor-volts-transfer';
import { overloadSetting } from './overload-setting';
import { panelSum } from './panel-sum';
import { rcSnubber } from './rc-snubber';
import { reducedStart } from './reduced-start';
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
import { windingTemperature } from './winding-temperature';
import { zsMaximum } from './zs-maximum';

/** All worksheets, sorted by id. */
export const worksheets: readonly Worksheet[] = Object.freeze([
  capacitorCombination,
  capacitorFromRunning,
  capacitorLife,
  capacitorWindow,
  coilCurrent,
  coilTemperature,
  coilVoltsFromResistance,
  conductorAdiabatic,
  conductorImpedance,
  contactDerating,
  contactHeadroom,
  continuousLoad,
  controlRun,
  controlRunLongest,
  dcBatteryFault,
  driverCurrent,
  driverInrush,
  electricalLife,
  farEndShort,
  faultBehindLoop,
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
  motorVoltsTransfer,
  overloadSetting,
  panelSum,
  rcSnubber,
  reducedStart,
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
  windingTemperature,
  zsMaximum,
]);

for (const [i, sheet] of worksheets.entries())
  if (i > 0 && !(certain(worksheets[i - 1]).id < sheet.id))
    throw new DefectError(`Worksheet '${sheet.id}' is out of order in registry.ts.`);

export const worksheetOf = (id: string): Worksheet | undefined => worksheets.find((sheet) => sheet.id === id);
