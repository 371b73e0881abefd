/** Worked examples of judging a fuse. Figures of standards are from memory of the publication named. */
import type { FieldValues } from '@/core/case/case';
import type { WorkedCase } from '../worked-case';

const practice = 'common practice';
const ac = (systemVolts: number, more: FieldValues = {}): FieldValues => ({ systemVolts, phases: 3, currentKind: 'ac', ...more });
const dc = (systemVolts: number, more: FieldValues = {}): FieldValues => ({ systemVolts, currentKind: 'dc', ...more });
const ul = (fuseClass: string, ratedAmps: number, more: FieldValues = {}): FieldValues => ({
  standard: 'UL 248',
  fuseClass,
  ratedAmps,
  ...more,
});
const gG = (ratedAmps: number, more: FieldValues = {}): FieldValues => ({
  standard: 'IEC 60269',
  fuseClass: 'NH00',
  ratedAmps,
  utilisation: 'gG',
  ...more,
});
const feeder: FieldValues = { kind: 'conductor-feeder' };

const place: WorkedCase[] = [
  { name: '250 V on 230 V', practice: 'IEC', supply: ac(230), spec: { voltsAc: 250 }, lines: { volts: 'fits' }, source: 'IEC 60269-1' },
  { name: '250 V on 400 V', practice: 'IEC', supply: ac(400), spec: { voltsAc: 250 }, lines: { volts: 'fails' }, source: 'IEC 60269-1' },
  ...(
    [
      ['none', 'fails'],
      [null, 'not-known'],
      [125, 'fits'],
      [80, 'fails'],
    ] as const
  ).map(([voltsDc, verdict]): WorkedCase => ({
    name: `DC figure ${voltsDc} on 125 V DC`,
    supply: dc(125),
    spec: { voltsAc: 600, voltsDc },
    lines: { volts: verdict },
    source: 'IEC 60269-1; common practice',
  })),
  ...(
    [
      [9000, 'fits'],
      [12000, 'fails'],
    ] as const
  ).map(([fault, verdict]): WorkedCase => ({
    name: `unmarked cartridge at ${fault} A`,
    supply: ac(240, { prospectiveFaultAmps: fault }),
    spec: ul('H', 30, { interruptingAmpsAc: 'none' }),
    lines: { interrupting: verdict },
    source: 'NFPA 70 240.60(C): 10 kA',
  })),
  ...(
    [
      ['in a place of a fuse', {}, { fuseClass: 'resettable', ratedAmps: 2 }, 'fails'],
      ['where the maker of the equipment fits one', { resettableFitted: true }, { fuseClass: 'resettable', ratedAmps: 2 }, 'fits'],
      ['where nobody knows what was fitted', { resettableFitted: null }, { fuseClass: 'resettable', ratedAmps: 2 }, 'not-known'],
      ['and a glass one in its place', {}, { fuseClass: '5x20', ratedAmps: 2 }, 'fits'],
      ['and one whose class is worn', {}, { fuseClass: null, ratedAmps: 2 }, 'not-known'],
      ['and a bare figure', {}, { ratedAmps: 2 }, 'not-known'],
    ] as const
  ).map(([name, load, spec, verdict]): WorkedCase => ({
    name: `resettable element ${name}`,
    supply: ac(120),
    load: { ...feeder, ...load },
    spec: { ...spec },
    lines: { element: verdict },
    source: practice,
  })),
  {
    name: 'resettable element as branch-circuit protection, and as overload protection',
    supply: ac(120),
    load: { ...feeder, branchCircuitProtectionNeeded: true, overloadByFuse: true },
    spec: { fuseClass: 'resettable', ratedAmps: 2, voltsAc: 240 },
    lines: { 'branch-protection': 'fails', 'overload-by-fuse': 'fails', volts: 'fits' },
    source: practice,
  },
  {
    name: 'unmarked is not known in IEC practice',
    practice: 'IEC',
    supply: ac(230, { prospectiveFaultAmps: 100 }),
    spec: gG(16, { interruptingAmpsAc: 'none' }),
    lines: { interrupting: 'not-known' },
    source: practice,
  },
  {
    name: 'unmarked says nothing of DC',
    supply: dc(125, { prospectiveFaultAmps: 100 }),
    spec: ul('H', 30, { interruptingAmpsDc: 'none' }),
    lines: { interrupting: 'fails' },
    source: 'NFPA 70 240.60(C)',
  },
  {
    name: 'a 5 A UL 248-14 fuse breaks 200 A at 250 V',
    supply: ac(120, { prospectiveFaultAmps: 250 }),
    spec: { standard: 'UL 248-14', ratedAmps: 5, interruptingAmpsAc: 'none' },
    lines: { interrupting: 'fails' },
    source: 'UL 248-14',
  },
  {
    name: 'a midget fuse has no default',
    supply: ac(120, { prospectiveFaultAmps: 250 }),
    spec: { fuseClass: 'midget', ratedAmps: 5, interruptingAmpsAc: 'none' },
    lines: { interrupting: 'not-known' },
    source: 'NFPA 70 240.60(C)',
  },
  ...(
    [
      ['R-rejection', 'RK1', 'fits'],
      ['R-rejection', 'H', 'fails'],
      ['R-rejection', 'K5', 'fails'],
      ['H/K', 'RK5', 'fits'],
      ['CC', 'midget', 'fails'],
      ['midget', 'CC', 'fits'],
      ['J', 'T', 'fails'],
      ['plug-S', 'plug-T', 'fails'],
    ] as const
  ).map(([fuseHolder, fuseClass, verdict]): WorkedCase => ({
    name: `${fuseClass} in a ${fuseHolder} holder`,
    supply: ac(480, { fuseHolder }),
    spec: ul(fuseClass, 30),
    lines: { holder: verdict },
    source: 'UL 4248-1',
  })),
  {
    name: 'too warm for its holder',
    practice: 'IEC',
    supply: ac(400, { maxFuseWatts: 7.5 }),
    spec: gG(63, { powerLossWatts: 9 }),
    lines: { 'holder-watts': 'fails' },
    source: 'IEC 60269-1',
  },
  ...(['midget', '5x20'] as const).map((fuseClass): WorkedCase => ({
    name: `${fuseClass} as branch protection`,
    supply: ac(120),
    load: { ...feeder, branchCircuitProtectionNeeded: true },
    spec: { fuseClass, ratedAmps: 10 },
    lines: { 'branch-protection': 'fails' },
    source: 'NFPA 70 240.10',
  })),
  {
    name: 'class J is branch protection',
    supply: ac(480),
    load: { ...feeder, branchCircuitProtectionNeeded: true },
    spec: ul('J', 30),
    lines: { 'branch-protection': 'fits' },
    source: 'NFPA 70 240.10',
  },
];

const sized: WorkedCase[] = [
  {
    name: 'a larger fuse than the conductor',
    supply: ac(120),
    load: { ...feeder, conductorAmpacityAmps: 20, smallConductorLimit: true, overloadByFuse: true },
    spec: ul('RK5', 30),
    lines: { conductor: 'fails' },
    verdict: 'fails',
    source: 'NFPA 70 240.4(D)',
  },
  {
    name: 'aM as overload protection',
    practice: 'IEC',
    supply: ac(400),
    load: { ...feeder, overloadByFuse: true },
    spec: gG(32, { utilisation: 'aM' }),
    lines: { 'overload-by-fuse': 'fails' },
    source: 'IEC 60269-2',
  },
  {
    name: 'gL is gG',
    practice: 'IEC',
    supply: ac(400),
    load: { ...feeder, overloadByFuse: true },
    spec: gG(32, { utilisation: 'gL' }),
    lines: { 'overload-by-fuse': 'fits' },
    source: 'IEC 60269-1',
  },
  ...(
    [
      ['time-delay', 'RK5', 60, 'fits', 'fits'],
      ['time-delay', 'RK5', 70, 'fits', 'check'],
      ['time-delay', 'RK5', 80, 'fails', 'check'],
    ] as const
  ).map(([speed, fuseClass, amps, ceiling, first]): WorkedCase => ({
    name: `25 hp 460 V behind ${amps} A ${speed} ${fuseClass}`,
    supply: ac(480),
    load: { kind: 'motor-3ph', horsepower: 25, fullLoadAmps: 32 },
    spec: ul(fuseClass, amps, { speed }),
    lines: {
      'motor-branch-time-delay-fuse': ceiling,
      'motor-branch-first-time-delay-fuse': first,
      'motor-branch-non-time-delay-fuse': null,
    },
    source: 'NFPA 70 annex D8: 175 % of 34 A = 59.5, next 60; ceiling 225 % = 76.5',
  })),
  ...(
    [
      ['J', 'fast', 110, 'fits', 'fits'],
      ['J', 'fast', 125, 'fits', 'check'],
      ['J', 'fast', 150, 'fails', 'check'],
    ] as const
  ).map(([fuseClass, speed, amps, ceiling, first]): WorkedCase => ({
    name: `25 hp 460 V behind ${amps} A ${speed} ${fuseClass}`,
    supply: ac(480),
    load: { kind: 'motor-3ph', horsepower: 25, fullLoadAmps: 32 },
    spec: ul(fuseClass, amps, { speed }),
    lines: { 'motor-branch-non-time-delay-fuse': ceiling, 'motor-branch-first-non-time-delay-fuse': first },
    source: 'NFPA 70 annex D8: 300 % of 34 A = 102, next 110; ceiling 400 % = 136',
  })),
  {
    name: 'time-delay class CC counts in the 300 % column',
    supply: ac(480),
    load: { kind: 'motor-3ph', horsepower: 5 },
    spec: ul('CC', 25, { speed: 'time-delay' }),
    lines: { 'motor-branch-first-non-time-delay-fuse': 'fits', 'motor-branch-first-time-delay-fuse': null },
    source: 'NFPA 70 table 430.52: 300 % of 7.6 A',
  },
  ...(
    [
      ['gG', 63, 'fits'],
      ['gG', 80, 'fails'],
      ['aM', 40, 'fails'],
      ['aR', 40, 'not-known'],
    ] as const
  ).map(([utilisation, amps, verdict]): WorkedCase => ({
    name: `starter allows gG 63, aM 32: ${utilisation} ${amps}`,
    practice: 'IEC',
    supply: ac(400),
    load: { kind: 'motor-3ph', maxFuseAmpsBy: { gG: 63, aM: 32 } },
    spec: gG(amps, { utilisation }),
    lines: { 'starter-maximum': verdict === 'not-known' ? null : verdict },
    source: 'IEC 60947-4-1',
  })),
  ...(
    [
      [15, 'fits', 'fits'],
      [12, 'fails', 'fits'],
      [25, 'fits', 'fails'],
    ] as const
  ).map(([amps, least, most]): WorkedCase => ({
    name: `string of 9 A behind ${amps} A`,
    practice: 'IEC',
    supply: dc(800),
    load: { kind: 'dc-string', stringShortCircuitAmps: 9, moduleMaxSeriesFuseAmps: 20 },
    spec: { ratedAmps: amps, utilisation: 'gPV' },
    lines: { category: 'fits', 'string-least': least, 'string-most': most, 'module-most': amps > 20 ? 'fails' : 'fits' },
    source: 'IEC 60269-6: 13.5 to 21.6 A',
  })),
  {
    name: 'gG on a string',
    practice: 'IEC',
    supply: dc(800),
    load: { kind: 'dc-string', stringShortCircuitAmps: 9 },
    spec: gG(16),
    lines: { category: 'fails' },
    source: 'IEC 60269-6',
  },
  {
    name: 'more let-through than the semiconductor stands',
    practice: 'IEC',
    supply: ac(400),
    load: { kind: 'solid-state-switch', i2tLimitA2s: 1800 },
    spec: { utilisation: 'aR', clearingI2tA2s: 2400 },
    lines: { i2t: 'fails' },
    source: 'IEC 60269-4',
  },
  {
    name: 'a prescribed rating is exact',
    supply: ac(120),
    load: { kind: 'electronic-supply', exactAmps: 6.3 },
    spec: { fuseClass: '5x20', ratedAmps: 10 },
    lines: { exact: 'fails' },
    source: 'NFPA 70 110.3(B)',
  },
];

const start = (startAmps: number, startSeconds?: number): FieldValues => ({
  kind: 'motor-3ph',
  startAmps,
  ...(startSeconds === undefined ? {} : { startSeconds }),
});
const timed: WorkedCase[] = [
  ...(
    [
      [70, 'fits'],
      [140, 'check'],
      [160, 'fails'],
    ] as const
  ).map(([amps, verdict]): WorkedCase => ({
    name: `gG 32 at ${amps} A for 6 s`,
    practice: 'IEC',
    supply: ac(400),
    load: start(amps, 6),
    spec: gG(32),
    lines: { inrush: verdict },
    source: 'IEC 60269-1 gates: holds 75 A 10 s, melts 150 A in 5 s',
  })),
  ...(
    [
      [100, 8, 'fits'],
      [110, 8, 'check'],
      [100, 12, 'check'],
    ] as const
  ).map(([amps, seconds, verdict]): WorkedCase => ({
    name: `J 20 time-delay at ${amps} A for ${seconds} s`,
    supply: ac(480),
    load: start(amps, seconds),
    spec: ul('J', 20, { speed: 'time-delay' }),
    lines: { inrush: verdict },
    source: 'UL 248-8: 10 s at 5 times',
  })),
  {
    name: 'CC time-delay: 12 s at twice',
    supply: ac(480),
    load: start(30, 12),
    spec: ul('CC', 15, { speed: 'time-delay' }),
    lines: { inrush: 'fits' },
    source: 'UL 248-4',
  },
  {
    name: 'RK5 250 V to 30 A: 8 s',
    supply: ac(240),
    load: start(100, 9),
    spec: ul('RK5', 20, { speed: 'time-delay', voltsAc: 250 }),
    lines: { inrush: 'check' },
    source: 'UL 248-12',
  },
  {
    name: 'a fast fuse through a start',
    supply: ac(480),
    load: start(90, 3),
    spec: ul('J', 20, { speed: 'fast' }),
    lines: { inrush: 'fails' },
    source: practice,
  },
  {
    name: 'aM holds 4 times for a minute',
    practice: 'IEC',
    supply: ac(400),
    load: start(80, 30),
    spec: gG(20, { utilisation: 'aM' }),
    lines: { inrush: 'fits' },
    source: 'IEC 60269-2',
  },
  {
    name: 'its own melting time counts first',
    practice: 'IEC',
    supply: ac(400),
    load: start(160, 6),
    spec: gG(32, { minMeltSecondsAtStart: 7 }),
    lines: { inrush: 'fits' },
    source: practice,
  },
  {
    name: 'inrush let-through above melting',
    practice: 'IEC',
    supply: ac(230),
    load: { kind: 'electronic-supply', inrushI2tA2s: 12 },
    spec: { fuseClass: '5x20', ratedAmps: 2, meltingI2tA2s: 8 },
    lines: { 'inrush-i2t': 'fails' },
    source: practice,
  },
  ...(
    [
      [0.98, 'fits'],
      [1.2, 'check'],
      [1.5, 'fails'],
    ] as const
  ).map(([ohms, verdict]): WorkedCase => ({
    name: `gG 32 at ${ohms} ohm within 0.4 s`,
    practice: 'IEC',
    supply: ac(400, { voltsToGround: 230, loopImpedanceOhms: ohms, loopImpedanceBasis: 'worked-out-hot' }),
    load: { kind: 'socket-circuit', disconnectSeconds: 0.4 },
    spec: gG(32),
    lines: { disconnection: verdict },
    source: 'BS 7671 table 41.2: 0.99 ohm; IEC 60269-1: 150 A in 5 s',
  })),
  {
    name: 'gG 63 within 5 s',
    practice: 'IEC',
    supply: ac(400, { voltsToGround: 230, loopImpedanceOhms: 0.6, loopImpedanceBasis: 'worked-out-hot' }),
    load: { kind: 'distribution-board', disconnectSeconds: 5 },
    spec: gG(63),
    lines: { disconnection: 'fits' },
    source: 'IEC 60269-1: 320 A in 5 s',
  },
];

const ofMotors: WorkedCase[] = (
  [
    [125, 'fits'],
    [150, 'fails'],
  ] as const
).map(([amps, verdict]): WorkedCase => ({
  name: `feeder of three motors, ${amps} A`,
  supply: ac(460),
  load: {
    kind: 'motor-group',
    motors: [
      { tableFullLoadAmps: 34, branchDeviceAmps: 60 },
      { tableFullLoadAmps: 40, branchDeviceAmps: 70 },
      { tableFullLoadAmps: 40, branchDeviceAmps: 70 },
    ],
  },
  spec: ul('J', amps, { speed: 'time-delay' }),
  lines: { 'motor-feeder': verdict, running: 'fits' },
  source: 'NFPA 70 430.62(A): 70 + 40 + 34 = 144 A, from memory',
}));

export const fuseCases: readonly WorkedCase[] = [...place, ...sized, ...timed, ...ofMotors];
