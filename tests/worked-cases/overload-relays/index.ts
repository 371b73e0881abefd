/** Worked examples of judging an overload relay. Figures of standards are from memory of the publication named. */
import type { FieldValues } from '@/core/case/case';
import type { WorkedCase } from '../worked-case';

const practice = 'common practice';
const supply: FieldValues = { systemVolts: 480, phases: 3, currentKind: 'ac' };
const supplyIec: FieldValues = { systemVolts: 400, phases: 3, currentKind: 'ac' };
const motor = (fullLoadAmps: number | null, more: FieldValues = {}): FieldValues => ({ kind: 'motor-3ph', fullLoadAmps, ...more });
const relay = (settingMinAmps: number, settingMaxAmps: number, more: FieldValues = {}): FieldValues => ({
  kind: 'adjustable-thermal',
  poles: 3,
  settingMinAmps,
  settingMaxAmps,
  ...more,
});

const setting: WorkedCase[] = [
  {
    name: 'service factor 1.15: the dial goes to the plate amps',
    supply,
    load: motor(32, { serviceFactor: 1.15 }),
    spec: relay(24, 32, { ultimateTripPercentOfSetting: 125 }),
    lines: { setting: 'fits' },
    source: 'NFPA 70 430.32(A)(1), annex D8: 40 A',
  },
  {
    name: 'service factor 1.0: a 125 % dial goes to 0.92 of the plate amps',
    supply,
    load: motor(26, { serviceFactor: 1 }),
    spec: relay(25, 40, { ultimateTripPercentOfSetting: 125 }),
    lines: { setting: 'fails' },
    source: 'NFPA 70 430.32(A)(1): 23.9 A',
  },
  {
    name: 'the same by a rise of 40 °C',
    supply,
    load: motor(26, { temperatureRiseC: 40 }),
    spec: relay(25, 40, { ultimateTripPercentOfSetting: 125 }),
    lines: { setting: 'fits' },
    source: 'NFPA 70 430.32(A)(1)',
  },
  {
    name: 'a dial that trips at 110 % needs no share',
    supply,
    load: motor(26, { serviceFactor: 1 }),
    spec: relay(25, 40, { ultimateTripPercentOfSetting: 110 }),
    lines: { setting: 'fits' },
    source: 'NFPA 70 430.32(A)(1)',
  },
  {
    name: 'service factor worn',
    supply,
    load: motor(26, { serviceFactor: null }),
    spec: relay(25, 40),
    lines: { setting: 'not-known' },
    source: practice,
  },
  { name: 'plate amps worn', supply, load: motor(null), spec: relay(25, 40), lines: { setting: 'not-known' }, source: practice },
  {
    name: 'the table does not set the dial',
    supply,
    load: motor(11.6, { horsepower: 10, tableFullLoadAmps: 14, serviceFactor: 1.15 }),
    spec: relay(12, 18),
    lines: { setting: 'fails' },
    source: 'NFPA 70 430.6(A)(2)',
  },
  {
    name: 'IEC: the dial is the plate amps',
    practice: 'IEC',
    supply: supplyIec,
    load: motor(26),
    spec: relay(24, 32),
    lines: { setting: 'fits' },
    source: 'IEC 60947-4-1',
  },
  ...(
    [
      [16, 24, 'fits'],
      [28, 40, 'fails'],
    ] as const
  ).map(([low, high, verdict]): WorkedCase => ({
    name: `40 A star-delta, relay of ${low} to ${high} A in the delta`,
    practice: 'IEC',
    supply: supplyIec,
    load: motor(40, { starter: 'star-delta', overloadPosition: 'in-delta-phase' }),
    spec: relay(low, high),
    lines: { setting: verdict },
    source: 'IEC 60947-4-1: 0.58 x 40 = 23.1 A',
  })),
  {
    name: 'behind current transformers 300/5',
    practice: 'IEC',
    supply: supplyIec,
    load: motor(240, { currentTransformerPrimaryAmps: 300, currentTransformerSecondaryAmps: 5 }),
    spec: relay(3.2, 5),
    lines: { setting: 'fits' },
    source: '240 x 5 / 300 = 4 A',
  },
  {
    name: 'a compressor’s relay may trip at 140 %',
    supply: { systemVolts: 240, phases: 3, currentKind: 'ac' },
    load: { kind: 'hermetic-compressor', ratedLoadAmps: 18 },
    spec: relay(16, 24, { ultimateTripPercentOfSetting: 125 }),
    lines: { setting: 'fits' },
    source: 'NFPA 70 440.52(A)(1)',
  },
  {
    name: 'heater element by its table',
    supply,
    load: motor(22, { serviceFactor: 1.15 }),
    spec: { kind: 'heater-element', poles: 3, elementMinFullLoadAmps: 20.6, elementMaxFullLoadAmps: 22.3 },
    lines: { setting: 'fits' },
    source: practice,
  },
  {
    name: 'dial worn',
    supply,
    load: motor(22),
    spec: relay(20, 30, { settingMaxAmps: null }),
    lines: { setting: 'not-known' },
    source: practice,
  },
];

const timing: WorkedCase[] = [
  ...(
    [
      ['10', 3, 'fits'],
      ['10', 7, 'check'],
      ['10', 11, 'fails'],
      ['20', 7, 'check'],
      ['30', 8, 'fits'],
      ['10E', 5, 'fits'],
      ['10A', 3, 'check'],
    ] as const
  ).map(([tripClass, seconds, verdict]): WorkedCase => ({
    name: `class ${tripClass} with a start of ${seconds} s`,
    practice: 'IEC',
    supply: supplyIec,
    load: motor(20, { startSeconds: seconds }),
    spec: relay(16, 24, { tripClass }),
    lines: { 'start-time': verdict },
    source: 'IEC 60947-4-1 trip classes',
  })),
  ...(
    [
      ['10', 12, 'fits'],
      ['20', 12, 'fails'],
      ['10', 9, 'fails'],
    ] as const
  ).map(([tripClass, seconds, verdict]): WorkedCase => ({
    name: `class ${tripClass} with ${seconds} s of safe stall`,
    practice: 'IEC',
    supply: supplyIec,
    load: motor(20, { stallSecondsHot: seconds }),
    spec: relay(16, 24, { tripClass }),
    lines: { 'stall-time': verdict },
    source: 'IEC 60947-4-1 trip classes',
  })),
];

const place: WorkedCase[] = [
  {
    name: 'two poles on three phases',
    supply,
    load: motor(20),
    spec: relay(16, 24, { poles: 2 }),
    lines: { poles: 'fails' },
    source: 'NFPA 70 430.37',
  },
  {
    name: 'not sensitive to phase loss',
    practice: 'IEC',
    supply: supplyIec,
    load: motor(20),
    spec: relay(16, 24, { phaseLossSensitive: false }),
    lines: { 'phase-loss': 'check' },
    source: 'IEC 60947-4-1',
  },
  ...(
    [
      [3, 'fits', 'fits'],
      [2, 'fails', 'check'],
    ] as const
  ).map(([used, must, should]): WorkedCase => ({
    name: `single-phase motor through ${used} of 3 poles`,
    practice: 'IEC',
    supply: { systemVolts: 230, phases: 1, currentKind: 'ac' },
    load: { kind: 'motor-1ph', fullLoadAmps: 8 },
    spec: relay(6, 9, { phaseLossSensitive: true, polesCarryingCurrent: used }),
    lines: { 'series-poles': must, 'series-poles-all': should, poles: null },
    source: 'IEC 60947-4-1',
  })),
  {
    name: 'electronic on DC',
    supply: { systemVolts: 125, currentKind: 'dc' },
    load: { kind: 'motor-dc', fullLoadAmps: 8 },
    spec: relay(6, 9, { kind: 'adjustable-electronic' }),
    lines: { kind: 'fails' },
    source: practice,
  },
  { name: 'magnetic alone', supply, load: motor(8), spec: { kind: 'magnetic', poles: 3 }, lines: { kind: 'fails' }, source: practice },
  {
    name: 'automatic reset alone under a maintained contact',
    supply,
    load: motor(8, { control: 'two-wire' }),
    spec: relay(6, 9, { reset: ['automatic'] }),
    lines: { reset: 'fails' },
    verdict: 'fails',
    source: 'NFPA 70 430.43',
  },
  {
    name: 'remote reset asked for',
    supply,
    load: motor(8, { resetNeeded: 'remote' }),
    spec: relay(6, 9, { reset: ['manual', 'automatic'] }),
    lines: { reset: 'fails' },
    source: practice,
  },
  {
    name: 'a changeover contact serves either',
    supply,
    load: motor(8, { tripContactsNeeded: ['NC', 'NO'] }),
    spec: relay(6, 9, { tripContacts: ['CO'] }),
    lines: { 'trip-contact-NC': 'fits', 'trip-contact-NO': 'fits' },
    source: practice,
  },
];

export const overloadCases: readonly WorkedCase[] = [...setting, ...timing, ...place];
