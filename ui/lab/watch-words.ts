/** What the supply watch begins with, and the boxes that it shows: labels, units, bounds. */
import type { PlanInput } from '@/core/monitoring/plan';
import type { Scenario } from '@/core/monitoring/scenarios';
import type { MonitoringSettings } from '@/core/monitoring/settings';
import type { Sweepable } from '@/core/monitoring/sweep';
import type { Unit } from '@/core/quantities/units';

export const sample: PlanInput = {
  systemVolts: 400,
  hertz: 50,
  wires: 3,
  motorVolts: 400,
  supplyBandPercent: 6,
  usualUnbalancePercent: 1,
  heldPercent: 84,
  startDip: { leftPercent: 86, seconds: 5 },
  rideThroughSeconds: 0.6,
  changeoverSeconds: 12,
  restSeconds: null,
  asymmetryBy: 'spread',
  latch: false,
};
export const scenariosToBeginWith: Scenario[] = [
  { kind: 'sag', atSeconds: 20, seconds: 5, leftPercent: 86, phases: 3, mustTrip: false },
  { kind: 'lost-phase', atSeconds: 60, seconds: 30, heldPercent: 84, mustTrip: true },
  { kind: 'flicker', atSeconds: 120, seconds: 30, depthPercent: 9, hertz: 3, mustTrip: false },
  { kind: 'reversal', atSeconds: 190, seconds: 10, mustTrip: true },
  { kind: 'drift', atSeconds: 230, seconds: 60, toPercent: 84, mustTrip: true },
];

type Box = [keyof PlanInput, string, Unit, number, number, boolean?];
export const planBoxes: Box[] = [
  ['systemVolts', 'System', 'V', 50, 1000],
  ['motorVolts', 'Motor plate', 'V', 50, 1000],
  ['supplyBandPercent', 'Supply band ±', '%', 0, 20],
  ['usualUnbalancePercent', 'Normal unbalance', '%', 0, 5],
  ['heldPercent', 'Back-EMF on the lost phase', '%', 0, 99, true],
  ['rideThroughSeconds', 'Ride-through', 's', 0, 60],
  ['changeoverSeconds', 'Changeover', 's', 0, 300, true],
  ['restSeconds', 'Minimum off time before restart', 's', 0, 999, true],
];
type SettingBox = [keyof MonitoringSettings, string, Unit, number, number, boolean?];
export const settingBoxes: SettingBox[] = [
  ['underVolts', 'Undervoltage', 'V', 1, 1000, true],
  ['overVolts', 'Overvoltage', 'V', 1, 1500, true],
  ['hysteresisVolts', 'Hysteresis', 'V', 0, 200],
  ['asymmetryPercent', 'Asymmetry', '%', 0.5, 60, true],
  ['phaseLossPercent', 'Phase loss detected below', '%', 1, 99, true],
  ['tripDelaySeconds', 'Off delay', 's', 0, 999],
  ['lossDelaySeconds', 'Loss delay', 's', 0, 999],
  ['returnDelaySeconds', 'On delay', 's', 0, 999],
  ['powerOnDelaySeconds', 'Power-on delay', 's', 0, 999],
  ['underHertz', 'Underfrequency', 'Hz', 1, 400, true],
  ['overHertz', 'Overfrequency', 'Hz', 1, 400, true],
];
export const sweepWords: Record<Sweepable, [string, string]> = {
  underVolts: ['Undervoltage', 'V'],
  overVolts: ['Overvoltage', 'V'],
  asymmetryPercent: ['Asymmetry', '%'],
  phaseLossPercent: ['Phase loss detected below', '%'],
  tripDelaySeconds: ['Off delay', 's'],
  returnDelaySeconds: ['On delay', 's'],
  lossDelaySeconds: ['Loss delay', 's'],
};
export const sweepRange = (setting: Sweepable, nominal: number): readonly [number, number] =>
  setting === 'underVolts'
    ? [nominal * 0.7, nominal * 0.98]
    : setting === 'overVolts'
      ? [nominal * 1.02, nominal * 1.25]
      : setting === 'asymmetryPercent'
        ? [1.5, 20]
        : setting === 'phaseLossPercent'
          ? [10, 95]
          : [0.1, 12];
