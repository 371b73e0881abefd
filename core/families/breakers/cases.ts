/** Worked examples of judging a breaker. Figures of standards are from memory of the publication named. */
import type { Marks } from '../../case/case';
import type { WorkedCase } from '../worked-case';

const practice = 'common practice';
const mcb = (curve: string, ratedAmps: number, more: Marks = {}): Marks => ({
  standard: 'IEC 60898-1',
  curve,
  ratedAmps,
  poles: 1,
  ...more,
});
const ul = (ratedAmps: number, more: Marks = {}): Marks => ({ standard: 'UL 489', ratedAmps, poles: 3, ...more });
const ac230: Marks = { systemVolts: 230, voltsToGround: 230, phases: 1, currentKind: 'ac', grounding: 'TN-S' };
const wye480: Marks = { systemVolts: 480, voltsToGround: 277, phases: 3, currentKind: 'ac', grounding: 'solidly-grounded-wye' };
const slash480 = { ratedVoltsLineToLine: 480, ratedVoltsLineToGround: 277, slash: true };
const dc = (systemVolts: number, more: Marks = {}): Marks => ({ systemVolts, phases: null, hertz: null, currentKind: 'dc', ...more });
const zs = (loopImpedanceOhms: number, loopImpedanceBasis = 'worked-out-hot'): Marks => ({
  ...ac230,
  loopImpedanceOhms,
  loopImpedanceBasis,
});

const volts: WorkedCase[] = [
  {
    name: 'slash on a solidly grounded wye',
    supply: wye480,
    spec: ul(30, slash480),
    lines: { volts: 'fits', 'volts-to-earth': 'fits', slash: null },
    source: 'NFPA 70 240.85',
  },
  {
    name: 'slash on an ungrounded delta',
    supply: { systemVolts: 480, phases: 3, currentKind: 'ac', grounding: 'ungrounded-delta' },
    spec: ul(30, slash480),
    lines: { volts: 'fits', 'volts-to-earth': 'fails', slash: 'fails' },
    verdict: 'fails',
    source: 'NFPA 70 240.85',
  },
  {
    name: 'slash on a resistance-grounded wye, volts to ground given as nominal',
    supply: { ...wye480, grounding: 'resistance-grounded-wye' },
    spec: ul(30, slash480),
    lines: { slash: 'fails' },
    source: 'NFPA 70 240.85',
  },
  {
    name: 'straight 480 V there',
    supply: { ...wye480, grounding: 'ungrounded-delta', voltsToGround: 480 },
    spec: ul(30, { ratedVoltsLineToLine: 480, slash: false }),
    lines: { slash: 'fits', 'volts-to-earth': 'fits' },
    source: 'NFPA 70 240.85',
  },
  {
    name: '120/240 on the high leg of a delta',
    supply: { systemVolts: 240, currentKind: 'ac', grounding: 'high-leg-delta', phases: 3 },
    spec: ul(30, { ratedVoltsLineToLine: 240, ratedVoltsLineToGround: 120, slash: true }),
    lines: { volts: 'fits', 'volts-to-earth': 'fails' },
    source: 'NFPA 70 240.85: 208 V to ground',
  },
  {
    name: '120/240 on poles that leave the high leg alone',
    supply: { systemVolts: 240, currentKind: 'ac', grounding: 'high-leg-delta', phases: 1 },
    load: { kind: 'conductor-feeder', voltsToGroundOfPole: 120 },
    spec: ul(30, { ratedVoltsLineToLine: 240, ratedVoltsLineToGround: 120, slash: true, poles: 2 }),
    lines: { 'volts-to-earth': 'fits' },
    source: 'NFPA 70 240.85',
  },
  ...(['1ph-3ph', 'HACR'] as const).map((mark): WorkedCase => ({
    name: `two-pole on a corner-grounded delta marked ${mark}`,
    supply: { systemVolts: 240, voltsToGround: 240, currentKind: 'ac', grounding: 'corner-grounded-delta' },
    spec: ul(30, { poles: 2, ratedVoltsLineToLine: 240, slash: false, marks: [mark] }),
    lines: { 'corner-grounded': mark === '1ph-3ph' ? 'fits' : 'fails' },
    source: 'NFPA 70 240.85',
  })),
  {
    name: 'earthing not known',
    supply: { ...wye480, grounding: null },
    spec: ul(30, slash480),
    lines: { slash: 'not-known' },
    source: practice,
  },
  {
    name: 'crossed-out IT mark in an IT system',
    practice: 'IEC',
    supply: { systemVolts: 400, voltsToGround: 400, phases: 3, currentKind: 'ac', grounding: 'IT' },
    spec: { standard: 'IEC 60947-2', poles: 3, ratedAmps: 63, ratedVoltsLineToLine: 400, itSystemMark: 'crossed-out' },
    lines: { 'it-system': 'fails' },
    verdict: 'fails',
    source: 'IEC 60947-2 annex H',
  },
];

const breaking: WorkedCase[] = [
  ...(
    [
      [10000, 'fails'],
      [22000, 'fits'],
      [null, 'not-known'],
    ] as const
  ).map(([amps, verdict]): WorkedCase => ({
    name: `12.5 kA available, ${amps} A at 480 V`,
    supply: { ...wye480, prospectiveFaultAmps: 12500 },
    spec: ul(50, { interruptingRatings: [{ volts: 480, kind: 'ac', amps }] }),
    lines: { interrupting: verdict },
    source: practice,
  })),
  {
    name: 'a row at 240 V says nothing at 480 V',
    supply: { ...wye480, prospectiveFaultAmps: 9000 },
    spec: ul(50, { interruptingRatings: [{ volts: 240, amps: 22000 }] }),
    lines: { interrupting: 'fails' },
    source: 'NFPA 70 110.9',
  },
  {
    name: 'unmarked counts 5 kA, above',
    supply: { ...wye480, prospectiveFaultAmps: 6000 },
    spec: ul(20, { interruptingRatings: 'none' }),
    lines: { interrupting: 'fails' },
    source: 'NFPA 70 240.83(C)',
  },
  {
    name: 'unmarked counts 5 kA, equal',
    supply: { ...wye480, prospectiveFaultAmps: 5000 },
    spec: ul(20, { interruptingRatings: [] }),
    lines: { interrupting: 'fits' },
    source: 'NFPA 70 240.83(C)',
  },
  {
    name: 'unmarked is not known in IEC practice',
    practice: 'IEC',
    supply: { ...ac230, prospectiveFaultAmps: 3000 },
    spec: mcb('B', 16, { icnAmps: 'none' }),
    lines: { interrupting: 'not-known' },
    source: practice,
  },
  {
    name: 'an unmarked supplementary protector has no default',
    supply: { ...wye480, prospectiveFaultAmps: 1000 },
    spec: { standard: 'UL 1077', ratedAmps: 10, interruptingRatings: 'none' },
    lines: { interrupting: 'not-known' },
    source: 'NFPA 70 240.83(C)',
  },
  {
    name: 'worn stays worn',
    supply: { ...wye480, prospectiveFaultAmps: 1000 },
    spec: ul(20, { interruptingRatings: null }),
    lines: { interrupting: 'not-known' },
    source: practice,
  },
  ...(
    [
      [8000, 10000, 'fits', 'check'],
      [7000, 10000, 'fits', 'fits'],
      [6000, 6000, 'fits', 'fits'],
      [7600, 15000, 'fits', 'check'],
      [7000, 6000, 'fails', 'check'],
    ] as const
  ).map(([fault, icn, ultimate, service]): WorkedCase => ({
    name: `Icn ${icn} A at ${fault} A`,
    practice: 'IEC',
    supply: { ...ac230, prospectiveFaultAmps: fault },
    spec: mcb('C', 20, { icnAmps: icn }),
    lines: { interrupting: ultimate, 'service-capacity': service },
    source: 'EN 60898-1: k = 1 to 6 kA, 0.75 to 10 kA, 0.5 above, least 7.5 kA',
  })),
  {
    name: 'the figure of its own standard counts: Icu, not Icn',
    practice: 'IEC',
    supply: { ...ac230, prospectiveFaultAmps: 12000 },
    spec: { standard: 'IEC 60947-2', icnAmps: 10000, icuAmps: 15000, icsAmps: 7500 },
    lines: { interrupting: 'fits', 'service-capacity': 'check' },
    verdict: 'check',
    source: 'IEC 60947-2, IEC 60898-1',
  },
  {
    name: 'one default never covers DC',
    supply: dc(125, { prospectiveFaultAmps: 900 }),
    spec: ul(20, { interruptingRatings: 'none', dcRatings: 'none' }),
    lines: { interrupting: 'fails', 'dc-volts': 'fails' },
    source: 'NFPA 70 240.83(C)',
  },
];

const onDc: WorkedCase[] = [
  {
    name: 'AC only on 460 V DC',
    supply: dc(460),
    spec: ul(30, { currentKinds: ['ac'], dcRatings: 'none' }),
    lines: { 'current-kind': 'fails', 'dc-volts': 'fails' },
    verdict: 'fails',
    source: practice,
  },
  {
    name: 'a 60898-1 breaker is AC by its standard',
    practice: 'IEC',
    supply: dc(110),
    spec: mcb('C', 10),
    lines: { 'current-kind': 'fails' },
    source: 'IEC 60898-1',
  },
  ...(
    [
      [1, 'fails'],
      [2, 'fits'],
    ] as const
  ).map(([poles, verdict]): WorkedCase => ({
    name: `58.4 V at the most on ${poles} pole of 48 V one pole, 125 V two poles`,
    supply: dc(58.4, { grounding: 'dc-ungrounded' }),
    spec: ul(20, {
      poles,
      currentKinds: ['ac', 'dc'],
      dcRatings: [
        { volts: 48, polesInSeries: 1, interruptingAmps: 5000 },
        { volts: 125, polesInSeries: 2, interruptingAmps: 5000 },
      ],
    }),
    lines: { 'dc-volts': verdict },
    source: practice,
  })),
  ...(
    [
      [2, 0, 'fits'],
      [1, 1, 'fails'],
    ] as const
  ).map(([polesInPositive, polesInNegative, verdict]): WorkedCase => ({
    name: `negative grounded, ${polesInPositive} in plus and ${polesInNegative} in minus`,
    supply: dc(110, { grounding: 'dc-negative-grounded', prospectiveFaultAmps: 3000 }),
    spec: ul(20, {
      poles: 2,
      polesInPositive,
      polesInNegative,
      currentKinds: ['dc'],
      dcRatings: [
        { volts: 125, polesInSeries: 2, interruptingAmps: 5000 },
        { volts: 60, polesInSeries: 1, interruptingAmps: 5000 },
      ],
    }),
    lines: { 'dc-volts': verdict, interrupting: verdict },
    source: practice,
  })),
  {
    name: 'one pole in each line of an ungrounded system',
    supply: dc(110, { grounding: 'dc-ungrounded' }),
    spec: ul(20, {
      poles: 2,
      polesInPositive: 1,
      polesInNegative: 1,
      currentKinds: ['dc'],
      dcRatings: [{ volts: 125, polesInSeries: 2, interruptingAmps: 5000 }],
    }),
    lines: { 'dc-volts': 'fits' },
    source: practice,
  },
  {
    name: 'a fault of 18.8 kA against 5 kA DC',
    supply: dc(51.2, { prospectiveFaultAmps: 18773 }),
    spec: ul(20, {
      currentKinds: ['ac', 'dc'],
      interruptingRatings: [{ volts: 240, kind: 'ac', amps: 22000 }],
      dcRatings: [{ volts: 60, polesInSeries: 1, interruptingAmps: 5000 }],
    }),
    lines: { interrupting: 'fails', 'dc-volts': 'fits' },
    verdict: 'fails',
    source: practice,
  },
  ...(
    [
      [true, 'fails'],
      [false, 'fits'],
      ['none', 'fits'],
      [null, 'not-known'],
    ] as const
  ).map(([polaritySensitive, verdict]): WorkedCase => ({
    name: `reversing current, polarised ${polaritySensitive}`,
    supply: dc(48, { currentReverses: true }),
    spec: ul(20, { currentKinds: ['dc'], polaritySensitive }),
    lines: { polarity: verdict },
    source: practice,
  })),
  {
    name: 'DC data worn',
    supply: dc(48, { prospectiveFaultAmps: 500 }),
    spec: ul(20, { currentKinds: ['ac', 'dc'], dcRatings: null }),
    lines: { 'dc-volts': 'not-known', interrupting: 'not-known' },
    verdict: 'not-known',
    source: practice,
  },
];

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
    verdict: 'check',
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

export const breakerCases: readonly WorkedCase[] = [...volts, ...breaking, ...onDc, ...held, ...sized];
