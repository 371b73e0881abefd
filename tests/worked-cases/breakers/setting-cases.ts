/** Worked examples of adjustable ratings, large disconnects and feeders of motors. Figures of standards are from memory. */
import type { FieldValues } from '@/core/case/case';
import type { WorkedCase } from '../worked-case';
import { practice, ul, wye480 } from './case-words';

const supply400: FieldValues = { systemVolts: 400, voltsToGround: 230, phases: 3, currentKind: 'ac', grounding: 'TN-S' };
const unit = (longTimeSettingAmps: number | null, more: FieldValues = {}): FieldValues => ({
  ratedAmps: 800,
  technology: 'electronic',
  longTimeSettingAmps,
  ...more,
});
const circuit: FieldValues = { kind: 'conductor-feeder', loadAmps: 420, conductorAmpacityAmps: 500 };

const adjustable: WorkedCase[] = [
  {
    name: 'IEC counts an adjustable breaker as it is set',
    practice: 'IEC',
    supply: supply400,
    load: circuit,
    spec: { standard: 'IEC 60947-2', ...unit(480) },
    lines: { conductor: 'fits', running: 'fits' },
    source: 'IEC 60364-4-43 433.1: the set current of an adjustable device',
  },
  {
    name: 'IEC, set above what the cable carries',
    practice: 'IEC',
    supply: supply400,
    load: circuit,
    spec: { standard: 'IEC 60947-2', ...unit(640) },
    lines: { conductor: 'fails', running: 'fits' },
    source: 'IEC 60364-4-43 433.1',
  },
  {
    name: 'set below the load',
    practice: 'IEC',
    supply: supply400,
    load: circuit,
    spec: { standard: 'IEC 60947-2', ...unit(400) },
    lines: { conductor: 'fits', running: 'fails' },
    source: practice,
  },
  ...(
    [
      [true, 480, 'fits'],
      [false, 480, 'fails'],
      [undefined, 480, 'fails'],
      [null, 480, 'not-known'],
      [true, null, 'not-known'],
      [true, 640, 'fails'],
    ] as const
  ).map(([settingAccessRestricted, amps, verdict]): WorkedCase => ({
    name: `NFPA, set to ${amps}, access restricted ${settingAccessRestricted}`,
    supply: wye480,
    load: circuit,
    spec: { standard: 'UL 489', ...unit(amps, settingAccessRestricted === undefined ? {} : { settingAccessRestricted }) },
    lines: { conductor: verdict },
    source: 'NFPA 70 240.6(B) and (C)',
  })),
];

const board: FieldValues = { kind: 'distribution-board', loadAmps: 900 };
const large = (ratedAmps: number, more: FieldValues): FieldValues => ul(ratedAmps, { technology: 'electronic', ...more });

const disconnects: WorkedCase[] = [
  ...(
    [
      [1000, 1200, 'fits'],
      [1600, 1600, 'fails'],
      [1600, 'none', 'fails'],
      [1600, null, 'not-known'],
      [800, 1600, null],
    ] as const
  ).map(([rated, groundFaultPickupAmps, verdict]): WorkedCase => ({
    name: `${rated} A on 480Y/277, earth-fault pick-up ${groundFaultPickupAmps}`,
    supply: wye480,
    load: board,
    spec: large(rated, { groundFaultPickupAmps }),
    lines: { 'earth-fault-pickup': verdict },
    source: 'NFPA 70 230.95(A) and 215.10',
  })),
  {
    name: 'earth-fault delay of two seconds is too long',
    supply: wye480,
    load: board,
    spec: large(1200, { groundFaultPickupAmps: 600, groundFaultSeconds: 2 }),
    lines: { 'earth-fault-pickup': 'fits', 'earth-fault-delay': 'fails' },
    verdict: 'fails',
    source: 'NFPA 70 230.95(A)',
  },
  {
    name: 'no earth-fault protection is asked at 120 V to ground',
    supply: { systemVolts: 208, voltsToGround: 120, phases: 3, currentKind: 'ac', grounding: 'solidly-grounded-wye' },
    load: board,
    spec: large(1600, { groundFaultPickupAmps: 'none' }),
    lines: { 'earth-fault-pickup': null },
    source: 'NFPA 70 230.95: above 150 V to ground',
  },
  {
    name: 'no earth-fault protection is asked of a branch to a motor',
    supply: wye480,
    load: { kind: 'motor-3ph', fullLoadAmps: 600 },
    spec: large(1600, { groundFaultPickupAmps: 'none' }),
    lines: { 'earth-fault-pickup': null },
    source: 'NFPA 70 230.95 and 215.10: services and feeders',
  },
  ...(
    [
      [1200, ['maintenance-setting'], 'fits'],
      [1200, [], 'fails'],
      [1600, null, 'not-known'],
      [1000, [], null],
    ] as const
  ).map(([rated, means, verdict]): WorkedCase => ({
    name: `arc energy at ${rated} A, means ${means === null ? 'worn' : means.join() || 'none'}`,
    supply: wye480,
    load: board,
    spec: large(rated, { arcEnergyReduction: means && [...means] }),
    lines: { 'arc-energy': verdict },
    source: 'NFPA 70 240.87',
  })),
];

const motors = [
  { tableFullLoadAmps: 96, branchDeviceAmps: 250 },
  { tableFullLoadAmps: 27, branchDeviceAmps: 70 },
];
const feeders: WorkedCase[] = [
  ...(
    [
      [110, 'fits', 'fails'],
      [125, 'fits', 'fits'],
      [250, 'fits', 'fits'],
      [300, 'fails', 'fits'],
    ] as const
  ).map(([amps, most, running]): WorkedCase => ({
    name: `feeder of two motors, breaker ${amps} A`,
    supply: wye480,
    load: { kind: 'motor-group', motors },
    spec: ul(amps),
    lines: { 'motor-feeder': most, running },
    source: 'NFPA 70 430.62(A): 250 + 27 = 277 A, not rounded up',
  })),
  {
    name: 'feeder of two equal branches: the larger motor is left out of the sum',
    supply: wye480,
    load: {
      kind: 'motor-group',
      motors: [
        { tableFullLoadAmps: 30, branchDeviceAmps: 70 },
        { tableFullLoadAmps: 26, branchDeviceAmps: 70 },
      ],
    },
    spec: ul(100),
    lines: { 'motor-feeder': 'fails' },
    source: 'NFPA 70 430.62(A): 70 + 26 = 96 A',
  },
  {
    name: 'feeder with other load beside its motors',
    supply: wye480,
    load: { kind: 'motor-group', motors, noncontinuousAmps: 30 },
    spec: ul(300),
    lines: { 'motor-feeder': 'fits', running: 'fits' },
    source: 'NFPA 70 430.63: 250 + 27 + 30 = 307 A',
  },
  {
    name: 'a branch device of the group is worn',
    supply: wye480,
    load: { kind: 'motor-group', motors: [motors[0]!, { tableFullLoadAmps: 27, branchDeviceAmps: null }] },
    spec: ul(250),
    lines: { 'motor-feeder': 'not-known', running: 'fits' },
    source: 'NFPA 70 430.62(A)',
  },
  {
    name: 'IEC knows no such sum',
    practice: 'IEC',
    supply: supply400,
    load: { kind: 'motor-group', motors },
    spec: { standard: 'IEC 60947-2', ratedAmps: 400 },
    lines: { 'motor-feeder': null, running: 'fits' },
    source: practice,
  },
];

const combinations: WorkedCase[] = (
  [
    ['a tested combination above the fault is a check', { seriesRatedAmps: 42000, seriesRatedWith: 'main MX 200' }, {}, 'check'],
    ['a combination below the fault fails', { seriesRatedAmps: 22000, seriesRatedWith: 'main MX 200' }, {}, 'fails'],
    ['a combination with no device named fails', { seriesRatedAmps: 42000 }, {}, 'fails'],
    [
      'a combination is no help where motors add to the fault',
      { seriesRatedAmps: 42000, seriesRatedWith: 'x' },
      { kind: 'motor-3ph' },
      'fails',
    ],
    ['what holds by itself needs none', { seriesRatedAmps: 42000, seriesRatedWith: 'x', amps: 35000 }, {}, 'fits'],
  ] as const
).map(
  ([name, { amps = 14000, ...more }, load, verdict]: readonly [
    string,
    FieldValues & { amps?: number },
    FieldValues,
    'check' | 'fails' | 'fits',
  ]): WorkedCase => ({
    name,
    supply: { ...wye480, prospectiveFaultAmps: 30000 },
    load: { kind: 'distribution-board', ...load },
    spec: ul(100, { interruptingRatings: [{ volts: 480, kind: 'ac', amps }], ...more }),
    lines: { interrupting: verdict },
    source: 'NFPA 70 240.86',
  }),
);

export const settingCases: readonly WorkedCase[] = [...adjustable, ...disconnects, ...feeders, ...combinations];
