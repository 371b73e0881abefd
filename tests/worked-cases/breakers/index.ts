/** Worked examples of judging a breaker. Figures of standards are from memory of the publication named. */
import type { WorkedCase } from '../worked-case';
import { ac230, dc, mcb, practice, slash480, ul, wye480 } from './case-words';
import { circuitCases } from './circuit-cases';
import { settingCases } from './setting-cases';

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
    verdict: 'not-known',
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
  ...(
    [
      [30, 'fits'],
      [12, 'fails'],
    ] as const
  ).map(([ratedVoltsLineToLine, verdict]): WorkedCase => ({
    name: `${ratedVoltsLineToLine} V of a breaker for DC alone, without rows, on 24 V`,
    practice: 'IEC',
    supply: dc(24, { prospectiveFaultAmps: 400 }),
    spec: { standard: 'electronic', ratedAmps: 6, currentKinds: ['dc'], ratedVoltsLineToLine, icuAmps: 300 },
    lines: { 'dc-volts': verdict, interrupting: 'fails' },
    source: practice,
  })),
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

export const breakerCases: readonly WorkedCase[] = [...volts, ...breaking, ...onDc, ...circuitCases, ...settingCases];
