/** Worked examples of what load and circuit ask of a breaker: hold, disconnect, size. Figures of standards are from memory. */
import type { WorkedCase } from '../worked-case';
import { ac230, dc, mcb, practice, ul, wye480, zs } from './case-words';

const held: WorkedCase[] = [
  ...(
    [
      ['B', 20, 'fails'],
      ['C', 20, 'check'],
      ['D', 20, 'fits'],
      ['C', 40, 'fits'],
    ] as const
  ).map(([curve, amps, verdict]): WorkedCase => ({
    name: `${curve}${amps} at a start of 180 A`,
    practice: 'IEC',
    supply: ac230,
    load: { kind: 'motor-1ph', startAmps: 180 },
    spec: mcb(curve, amps),
    lines: { inrush: verdict },
    source: 'IEC 60898-1 bands; common practice',
  })),
  {
    name: 'a peak counts divided by √2',
    practice: 'IEC',
    supply: ac230,
    load: { kind: 'transformer', inrushPeakAmps: 140 },
    spec: mcb('C', 20),
    lines: { inrush: 'fits' },
    source: practice,
  },
  ...(['K', 'Z'] as const).map((curve): WorkedCase => ({
    name: `${curve} is the maker's`,
    practice: 'IEC',
    supply: ac230,
    load: { kind: 'motor-1ph', startAmps: 30 },
    spec: mcb(curve, 20),
    lines: { inrush: 'not-known' },
    source: 'IEC 60947-2',
  })),
  {
    name: 'a letter on a 60947-2 breaker is the maker’s',
    practice: 'IEC',
    supply: zs(0.5),
    load: { kind: 'socket-circuit', disconnectSeconds: 0.4 },
    spec: { ...mcb('C', 20), standard: 'IEC 60947-2' },
    lines: { disconnection: 'not-known' },
    source: 'IEC 60947-2',
  },
  ...(
    [
      [2.185, 'fits'],
      [2.19, 'fails'],
      [2.3, 'fails'],
    ] as const
  ).map(([ohms, verdict]): WorkedCase => ({
    name: `B20 at ${ohms} ohm hot`,
    practice: 'IEC',
    supply: zs(ohms),
    load: { kind: 'socket-circuit', disconnectSeconds: 0.4 },
    spec: mcb('B', 20),
    lines: { disconnection: verdict },
    source: 'BS 7671 411.4.4: 230 x 0.95 / 100 = 2.185 ohm, printed 2.19',
  })),
  ...(
    [
      ['B', 1.74, 'fits'],
      ['B', 1.76, 'fails'],
      ['C', 0.87, 'fits'],
      ['C', 0.88, 'fails'],
      ['D', 0.43, 'fits'],
      ['D', 0.44, 'fails'],
    ] as const
  ).map(([curve, ohms, verdict]): WorkedCase => ({
    name: `${curve}20 at ${ohms} ohm measured cold`,
    practice: 'IEC',
    supply: zs(ohms, 'measured-cold'),
    load: { kind: 'socket-circuit' },
    spec: mcb(curve, 20),
    lines: { disconnection: verdict },
    source: 'BS 7671 appendix 3, 0.8 of the limit',
  })),
  {
    name: 'within 5 s a C may trip by its thermal part',
    practice: 'IEC',
    supply: zs(1.6),
    load: { kind: 'distribution-board', disconnectSeconds: 5 },
    spec: mcb('C', 20),
    lines: { disconnection: 'check' },
    source: 'BS 7671 table 41.3',
  },
  {
    name: 'NFPA practice asks for no loop impedance',
    supply: { ...wye480, loopImpedanceOhms: 2, loopImpedanceBasis: 'measured-cold' },
    load: { kind: 'socket-circuit' },
    spec: mcb('B', 20),
    lines: { disconnection: null },
    source: 'NFPA 70 250.4(A)(5)',
  },
  {
    name: 'loop 3.5 ohm, B16: 62.4 A is inside 48 to 80 A',
    practice: 'IEC',
    supply: zs(3.5),
    load: { kind: 'socket-circuit', disconnectSeconds: 0.4 },
    spec: mcb('B', 16),
    lines: { disconnection: 'fails' },
    source: practice,
  },
  {
    name: 'far-end short trips the electronic breaker',
    practice: 'IEC',
    supply: dc(24, { minFaultAmps: 13 }),
    load: { kind: 'electronic-supply-branch', minFaultTripSeconds: 0.1 },
    spec: { standard: 'electronic', technology: 'electronic', ratedAmps: 6, currentKinds: ['dc'], guaranteedTripAmps: 9 },
    lines: { 'least-fault': 'fits' },
    source: practice,
  },
  {
    name: 'and not the thermal-magnetic one',
    practice: 'IEC',
    supply: dc(24, { minFaultAmps: 13 }),
    load: { kind: 'electronic-supply-branch', minFaultTripSeconds: 0.1 },
    spec: { ...mcb('C', 6), standard: 'IEC 60898-1/-2', currentKinds: ['ac', 'dc'] },
    lines: { 'least-fault': 'fails' },
    source: 'IEC 60898-2: C to 15 In on DC',
  },
];

const sized: WorkedCase[] = [
  ...(
    [
      [40, 'fails', undefined],
      [45, 'fits', undefined],
      [40, 'fits', true],
    ] as const
  ).map(([amps, verdict, hundredPercentRated]): WorkedCase => ({
    name: `32 A continuous and 4 A on ${amps} A${hundredPercentRated ? ' rated 100 %' : ''}`,
    supply: wye480,
    load: { kind: 'conductor-feeder', continuousAmps: 32, noncontinuousAmps: 4 },
    spec: ul(amps, hundredPercentRated ? { hundredPercentRated } : {}),
    lines: { running: verdict },
    source: 'NFPA 70 210.20(A), 215.3: 44 A',
  })),
  {
    name: 'IEC has no 80 % rule',
    practice: 'IEC',
    supply: ac230,
    load: { kind: 'conductor-feeder', continuousAmps: 32, noncontinuousAmps: 4 },
    spec: mcb('C', 40),
    lines: { running: 'fits' },
    source: 'IEC 60364-4-43 433.1',
  },
  ...(
    [
      [70, 'fits'],
      [80, 'fails'],
    ] as const
  ).map(([amps, verdict]): WorkedCase => ({
    name: `65 A conductor, ${amps} A`,
    supply: wye480,
    load: { kind: 'conductor-feeder', conductorAmpacityAmps: 65 },
    spec: ul(amps),
    lines: { conductor: verdict },
    source: 'NFPA 70 240.4(B)',
  })),
  {
    name: 'a standard ampacity is not rounded up',
    supply: wye480,
    load: { kind: 'conductor-feeder', conductorAmpacityAmps: 70 },
    spec: ul(80),
    lines: { conductor: 'fails' },
    source: 'NFPA 70 240.4(B)(2)',
  },
  {
    name: 'above 800 A nothing is rounded up',
    supply: wye480,
    load: { kind: 'conductor-feeder', conductorAmpacityAmps: 850 },
    spec: ul(1000),
    lines: { conductor: 'fails' },
    source: 'NFPA 70 240.4(C)',
  },
  {
    name: 'a small conductor is a ceiling',
    supply: wye480,
    load: { kind: 'conductor-feeder', conductorAmpacityAmps: 20, smallConductorLimit: true },
    spec: ul(25),
    lines: { conductor: 'fails' },
    source: 'NFPA 70 240.4(D)',
  },
  {
    name: 'IEC: not above what the cable carries',
    practice: 'IEC',
    supply: ac230,
    load: { kind: 'conductor-feeder', loadAmps: 26, conductorAmpacityAmps: 31 },
    spec: mcb('C', 32),
    lines: { running: 'fits', conductor: 'fails' },
    source: 'IEC 60364-4-43 433.1',
  },
  ...(
    [
      [90, 'fits', 'fits'],
      [100, 'fits', 'check'],
      [150, 'fails', 'check'],
    ] as const
  ).map(([amps, ceiling, first]): WorkedCase => ({
    name: `25 hp 460 V behind ${amps} A inverse-time`,
    supply: wye480,
    load: { kind: 'motor-3ph', horsepower: 25, fullLoadAmps: 32 },
    spec: ul(amps),
    lines: { 'motor-branch-inverse-time-breaker': ceiling, 'motor-branch-first-inverse-time-breaker': first, conductor: null },
    source: 'NFPA 70 430.52: 250 % of 34 A = 85, next 90; ceiling 400 % = 136',
  })),
  ...(
    [
      [30, 'fits', 'fits'],
      [40, 'fits', 'check'],
      [45, 'fails', 'check'],
    ] as const
  ).map(([amps, ceiling, first]): WorkedCase => ({
    name: `compressor 18 A and fan 1.2 A behind ${amps} A`,
    supply: { systemVolts: 240, currentKind: 'ac', phases: 1 },
    load: { kind: 'hermetic-compressor', ratedLoadAmps: 18, fanFullLoadAmps: 1.2 },
    spec: ul(amps, { poles: 2 }),
    lines: { 'compressor-branch': ceiling, 'compressor-branch-first': first },
    source: 'NFPA 70 440.22(A): 32.7 and 41.7 A, rounded down',
  })),
  {
    name: 'the plate says fuse alone',
    supply: wye480,
    load: { kind: 'hermetic-compressor', plateWords: 'MAX FUSE 35 A' },
    spec: ul(35),
    lines: { 'device-kind': 'fails' },
    verdict: 'fails',
    source: 'NFPA 70 110.3(B), 440.22(C)',
  },
  ...(
    [
      [['HACR'], 40, 'fits', 'fits'],
      ['none', 40, 'fails', 'fits'],
      [['HACR'], 45, 'fits', 'fails'],
    ] as const
  ).map(([marks, amps, hacr, most]): WorkedCase => ({
    name: `max fuse or HACR breaker 40 A: ${amps} A marked ${marks}`,
    supply: wye480,
    load: { kind: 'hermetic-compressor', plateWords: 'MAX FUSE OR HACR BREAKER 40 A' },
    spec: ul(amps, { marks: marks === 'none' ? marks : [...marks] }),
    lines: { 'device-kind': null, 'mark-HACR': hacr, 'plate-maximum': most },
    source: 'NFPA 70 440.4(B)',
  })),
  ...(
    [
      [['SWD'], 'HID', 'fails'],
      [['HID'], 'SWD', 'fits'],
      [null, 'SWD', 'not-known'],
    ] as const
  ).map(([marks, needed, verdict]): WorkedCase => ({
    name: `${needed} needed, marked ${marks}`,
    supply: wye480,
    load: { kind: 'discharge-lamps', marksNeeded: [needed] },
    spec: ul(20, { marks: marks && [...marks] }),
    lines: { [`mark-${needed}`]: verdict },
    source: 'NFPA 70 240.83(D)',
  })),
  {
    name: 'a supplementary protector is no branch device',
    supply: wye480,
    load: { kind: 'conductor-feeder', branchCircuitProtectionNeeded: true },
    spec: { standard: 'UL 1077', ratedAmps: 15 },
    lines: { 'branch-protection': 'fails' },
    verdict: 'fails',
    source: 'NFPA 70 240.10',
  },
  ...(
    [
      [undefined, 'fails'],
      [true, 'fits'],
      [null, 'not-known'],
    ] as const
  ).map(([partOfListedCombination, verdict]): WorkedCase => ({
    name: `instantaneous only, listed combination ${partOfListedCombination}`,
    supply: wye480,
    load: { kind: 'motor-3ph', horsepower: 10 },
    spec: ul(30, { instantaneousOnly: true, ...(partOfListedCombination === undefined ? {} : { partOfListedCombination }) }),
    lines: { 'instantaneous-only': verdict },
    source: 'NFPA 70 430.52(C)(3)',
  })),
  {
    name: 'instantaneous only on a feeder',
    practice: 'IEC',
    supply: ac230,
    load: { kind: 'conductor-feeder', loadAmps: 10 },
    spec: { standard: 'IEC 60947-2', curve: 'MA', ratedAmps: 16 },
    lines: { 'instantaneous-only': 'fails' },
    source: practice,
  },
  {
    name: 'hotter than its calibration',
    supply: { ...wye480, ambientC: 45 },
    spec: ul(30, { calibratedAmbientC: 40 }),
    lines: { ambient: 'check' },
    verdict: 'not-known',
    source: practice,
  },
  {
    name: 'transformer primary above what is permitted',
    supply: wye480,
    load: { kind: 'transformer', maxPrimaryAmps: 25 },
    spec: ul(30),
    lines: { 'primary-maximum': 'fails' },
    source: 'NFPA 70 450.3(B)',
  },
];

export const circuitCases: readonly WorkedCase[] = [...held, ...sized];
