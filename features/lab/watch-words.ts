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

type Box<T> = { name: keyof T; label: string; unit: Unit; min: number; max: number; empty?: boolean; meaning: string };
export type BoxGroup<T> = { title: string; boxes: readonly Box<T>[] };
const box = <T>(name: keyof T, label: string, unit: Unit, min: number, max: number, meaning: string, empty?: boolean): Box<T> => ({
  name,
  label,
  unit,
  min,
  max,
  meaning,
  ...(empty ? { empty } : {}),
});

export const planGroups: readonly BoxGroup<PlanInput>[] = [
  {
    title: 'Supply',
    boxes: [
      box('systemVolts', 'System voltage', 'V', 50, 1000, 'Nominal voltage between the conductors measured.'),
      box('supplyBandPercent', 'Normal variation ±', '%', 0, 20, 'How far the voltage varies in normal service.'),
      box('usualUnbalancePercent', 'Normal unbalance', '%', 0, 5, 'Unbalance of the three voltages in normal service.'),
    ],
  },
  {
    title: 'Motor',
    boxes: [
      box('motorVolts', 'Plate voltage', 'V', 50, 1000, 'Rated voltage of the motor.'),
      box('heldPercent', 'Back-EMF on the lost phase', '%', 0, 99, 'Voltage that the running motor holds up on a lost phase.', true),
      box('restSeconds', 'Minimum off time', 's', 0, 999, 'Time before the motor may start again; empty: none.', true),
    ],
  },
  {
    title: 'Must not trip on',
    boxes: [
      box('rideThroughSeconds', 'Dips up to', 's', 0, 60, 'Length of a dip that the drive rides through.'),
      box('changeoverSeconds', 'Changeover of supply', 's', 0, 300, 'Dead time of a changeover to the standby supply; empty: none.', true),
    ],
  },
];
export const settingGroups: readonly BoxGroup<MonitoringSettings>[] = [
  {
    title: 'Voltage',
    boxes: [
      box('underVolts', 'Undervoltage U<', 'V', 1, 1000, 'Below this the relay trips after its trip delay.', true),
      box('overVolts', 'Overvoltage U>', 'V', 1, 1500, 'Above this the relay trips after its trip delay.', true),
      box('hysteresisVolts', 'Hysteresis', 'V', 0, 200, 'How far the voltage must come back before it counts as healthy.'),
    ],
  },
  {
    title: 'Phases',
    boxes: [
      box('asymmetryPercent', 'Unbalance', '%', 0.5, 60, 'Above this unbalance the relay trips.', true),
      box('phaseLossPercent', 'Phase loss detected below', '%', 1, 99, 'A phase below this share of nominal counts as lost.', true),
    ],
  },
  {
    title: 'Delays',
    boxes: [
      box('tripDelaySeconds', 'Trip delay', 's', 0, 999, 'How long a fault lasts before the output drops out.'),
      box('lossDelaySeconds', 'Phase-loss delay', 's', 0, 999, 'The same, for a lost phase.'),
      box('returnDelaySeconds', 'Reset delay', 's', 0, 999, 'How long the supply is healthy before the output picks up again.'),
      box('powerOnDelaySeconds', 'Power-on delay', 's', 0, 999, 'Wait after the supply is first switched on.'),
    ],
  },
  {
    title: 'Frequency',
    boxes: [
      box('underHertz', 'Underfrequency', 'Hz', 1, 400, 'Below this frequency the relay trips.', true),
      box('overHertz', 'Overfrequency', 'Hz', 1, 400, 'Above this frequency the relay trips.', true),
    ],
  },
];
export const sweepWords: Record<Sweepable, [string, string]> = {
  underVolts: ['Undervoltage', 'V'],
  overVolts: ['Overvoltage', 'V'],
  asymmetryPercent: ['Unbalance', '%'],
  phaseLossPercent: ['Phase loss detected below', '%'],
  tripDelaySeconds: ['Trip delay', 's'],
  returnDelaySeconds: ['Reset delay', 's'],
  lossDelaySeconds: ['Phase-loss delay', 's'],
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
