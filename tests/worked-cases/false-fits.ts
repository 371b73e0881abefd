/**
 * Parts that once were called a fit and are none: each with the clause that forbids it. Judged as a whole case, since most of them fitted
 * because a line was not asked. Expected verdicts are worked out by hand from the figures in the row.
 */
import type { Marks, Practice } from '@/core/case/case';
import type { Verdict } from '@/core/needs/need';

export type FalseFit = {
  what: string;
  practice: Practice;
  family: string;
  supply: Marks;
  load: Marks;
  duty?: Marks;
  spec: Marks;
  /** Another part of the case, where it matters. */
  beside?: Marks;
  verdict: Verdict;
  /** A line that says so, by its quantity. */
  line?: [quantity: string, verdict: Verdict];
  source: string;
};

const ac480: Marks = { systemVolts: 480, phases: 3, currentKind: 'ac' };
const motor21: Marks = { kind: 'motor-3ph', fullLoadAmps: 21, polesToSwitch: 3 };
const vocabulary = 'plain case, section 1: asked whatever the parts carry';
const contactor = (spec: Marks, more: Partial<FalseFit> = {}): Omit<FalseFit, 'what' | 'verdict' | 'source'> => ({
  practice: 'IEC',
  family: 'contactor',
  supply: ac480,
  load: motor21,
  spec,
  ...more,
});
const breaker30: Marks = {
  standard: 'UL 489',
  poles: 2,
  ratedAmps: 30,
  currentKinds: ['ac'],
  ratedVoltsLineToLine: 240,
  ratedVoltsLineToGround: 120,
  slash: true,
  interruptingRatings: [{ volts: 240, kind: 'ac', amps: 10000 }],
};
const relay = (contactRatings: Marks[], contactForms: Marks): Marks => ({ contactForms, contactRatings });

export const falseFits: readonly FalseFit[] = [
  // 1. Lines that nobody asked.
  {
    what: 'AC-1 alone on a motor',
    ...contactor({ poles: 3, ratings: [{ volts: 480, ac1Amps: 25 }] }),
    verdict: 'fails',
    line: ['fullLoadAmps', 'fails'],
    source: vocabulary,
  },
  {
    what: 'AC-4 5 A alone on a 21 A motor',
    ...contactor({ poles: 3, ratings: [{ volts: 480, ac4Amps: 5 }] }),
    verdict: 'not-known',
    line: ['fullLoadAmps', 'not-known'],
    source: vocabulary,
  },
  {
    what: 'AC-4 25 A alone carries 21 A',
    ...contactor({ poles: 3, ratings: [{ volts: 480, ac4Amps: 25 }] }),
    verdict: 'fits',
    source: 'IEC 60947-4-1, AC-4 makes 12 and breaks 10 times, from memory',
  },
  {
    what: 'AC-2 outside slip-ring',
    ...contactor({ poles: 3, ratings: [{ volts: 480, ac2Amps: 40 }] }),
    verdict: 'not-known',
    line: ['fullLoadAmps', 'not-known'],
    source: 'IEC 60947-4-1 utilization categories, from memory',
  },
  {
    what: 'AC-8b outside compressors',
    ...contactor({ poles: 3, ratings: [{ volts: 480, ac8bAmps: 40 }] }),
    verdict: 'not-known',
    line: ['fullLoadAmps', 'not-known'],
    source: 'IEC 60947-4-1 utilization categories, from memory',
  },
  {
    what: 'a misspelt column',
    ...contactor({ poles: 3, ratings: [{ volts: 480, ac3Amp: 25 }] }),
    verdict: 'fails',
    line: ['fullLoadAmps', 'fails'],
    source: vocabulary,
  },
  { what: 'poles alone', ...contactor({ poles: 3 }), verdict: 'not-known', source: vocabulary },
  {
    what: 'a bare coil',
    ...contactor({ coilVolts: 120, coilKind: 'ac' }, { supply: { ...ac480, controlVolts: 120, controlKind: 'ac' } }),
    verdict: 'not-known',
    source: vocabulary,
  },
  {
    what: 'a rating without its coil',
    ...contactor({ poles: 3, ratings: [{ volts: 480, ac3Amps: 25 }] }, { supply: { ...ac480, controlVolts: 120, controlKind: 'ac' } }),
    verdict: 'not-known',
    line: ['coilVolts', 'not-known'],
    source: vocabulary,
  },
  {
    what: 'FLA and RES on a capacitor bank, beside a part with another mark',
    ...contactor(
      { poles: 3, ratings: [{ volts: 480, fullLoadAmps: 9, resistiveAmps: 40 }] },
      { load: { kind: 'capacitor-bank', loadAmps: 30 } },
    ),
    beside: { poles: 3, ratings: [{ volts: 480, ac6bAmps: 40 }] },
    verdict: 'fails',
    source: 'IEC 60947-4-1 AC-6b, from memory',
  },
  {
    what: 'FLA and RES on a transformer',
    ...contactor(
      { poles: 3, ratings: [{ volts: 480, fullLoadAmps: 9, resistiveAmps: 40 }] },
      { load: { kind: 'transformer', loadAmps: 30 } },
    ),
    verdict: 'fails',
    source: 'IEC 60947-4-1 AC-6a, from memory',
  },
  {
    what: 'FLA and RES on filament lamps',
    ...contactor(
      { poles: 3, ratings: [{ volts: 480, fullLoadAmps: 9, resistiveAmps: 40 }] },
      { load: { kind: 'filament-lamps', loadAmps: 30 } },
    ),
    verdict: 'fails',
    source: 'IEC 60947-4-1 AC-5b, from memory',
  },
  {
    what: 'a fuse for AC alone on 110 V DC',
    practice: 'IEC',
    family: 'fuse',
    supply: { systemVolts: 110, currentKind: 'dc', prospectiveFaultAmps: 2000 },
    load: { kind: 'battery', loadAmps: 10 },
    spec: { standard: 'IEC 60269', fuseClass: '10x38', ratedAmps: 16, utilisation: 'gG', voltsAc: 500, interruptingAmpsAc: 100000 },
    verdict: 'not-known',
    line: ['fuseVoltsDc', 'not-known'],
    source: vocabulary,
  },
  // 2.1 Earthed DC, both lines opened.
  {
    what: 'two poles of 125 V each, one in each line of an earthed 220 V system',
    practice: 'IEC',
    family: 'breaker',
    supply: { systemVolts: 220, grounding: 'dc-negative-grounded', prospectiveFaultAmps: 3000 },
    load: { kind: 'battery', loadAmps: 10, polesToSwitch: 2 },
    spec: {
      standard: 'IEC 60947-2',
      poles: 2,
      ratedAmps: 16,
      currentKinds: ['dc'],
      dcRatings: [
        { volts: 125, polesInSeries: 1, interruptingAmps: 10000 },
        { volts: 250, polesInSeries: 2, interruptingAmps: 10000 },
      ],
    },
    verdict: 'fails',
    line: ['ratedVoltsDc', 'fails'],
    source: 'IEC 60947-2: an earth fault meets the poles of one line, from memory',
  },
  // 2.2 High leg and corner.
  {
    what: 'a three-pole slash-rated breaker on a high-leg delta',
    practice: 'NFPA70',
    family: 'breaker',
    supply: { systemVolts: 240, phases: 3, currentKind: 'ac', grounding: 'high-leg-delta', voltsToGround: 120 },
    load: { kind: 'motor-3ph', fullLoadAmps: 10, polesToSwitch: 3 },
    spec: { ...breaker30, poles: 3 },
    verdict: 'fails',
    line: ['ratedVoltsToEarth', 'fails'],
    source: 'NFPA 70 240.85, from memory',
  },
  {
    what: 'a two-pole slash-rated breaker on a high-leg delta, its conductors not stated',
    practice: 'NFPA70',
    family: 'breaker',
    supply: { systemVolts: 240, currentKind: 'ac', grounding: 'high-leg-delta' },
    load: { kind: 'conductor-feeder', loadAmps: 10, polesToSwitch: 2 },
    spec: breaker30,
    verdict: 'not-known',
    line: ['ratedVoltsToEarth', 'not-known'],
    source: 'NFPA 70 240.85, from memory',
  },
  {
    what: 'the same between the two earthed halves',
    practice: 'NFPA70',
    family: 'breaker',
    supply: { systemVolts: 240, currentKind: 'ac', grounding: 'high-leg-delta' },
    load: { kind: 'conductor-feeder', loadAmps: 10, polesToSwitch: 2, voltsToGroundOfPole: 120 },
    spec: breaker30,
    verdict: 'fits',
    source: 'NFPA 70 240.85, from memory',
  },
  {
    what: 'a slash rating on a corner-grounded delta',
    practice: 'NFPA70',
    family: 'breaker',
    supply: { systemVolts: 240, currentKind: 'ac', grounding: 'corner-grounded-delta' },
    load: { kind: 'motor-3ph', fullLoadAmps: 10, polesToSwitch: 3 },
    spec: { ...breaker30, poles: 3 },
    verdict: 'fails',
    line: ['ratedVoltsToEarth', 'fails'],
    source: 'NFPA 70 240.85, from memory',
  },
  // 2.3 Rating of the circuit.
  {
    what: 'a 30 A breaker in a 20 A circuit',
    practice: 'NFPA70',
    family: 'breaker',
    supply: { systemVolts: 240, currentKind: 'ac' },
    load: { kind: 'conductor-feeder', loadAmps: 12, circuitAmps: 20, polesToSwitch: 2 },
    spec: breaker30,
    verdict: 'fails',
    line: ['circuitRatingAmps', 'fails'],
    source: 'NFPA 70 210.18, from memory',
  },
  {
    what: 'a 30 A fuse in a 20 A circuit',
    practice: 'NFPA70',
    family: 'fuse',
    supply: { systemVolts: 240, currentKind: 'ac' },
    load: { kind: 'conductor-feeder', loadAmps: 12, circuitAmps: 20 },
    spec: { standard: 'UL 248', fuseClass: 'J', ratedAmps: 30, voltsAc: 600, interruptingAmpsAc: 200000, speed: 'time-delay' },
    verdict: 'fails',
    line: ['circuitRatingAmps', 'fails'],
    source: 'NFPA 70 210.18, from memory',
  },
  {
    what: 'a 30 A ground-fault device in a 20 A circuit',
    practice: 'NFPA70',
    family: 'residual-current',
    supply: { systemVolts: 120, voltsToGround: 120, currentKind: 'ac' },
    load: { kind: 'socket-circuit', loadAmps: 12, circuitAmps: 20, purpose: 'personnel' },
    spec: { standard: 'UL 943', protectionClass: 'GFCI Class A', tripMilliamps: 5, ratedAmps: 30, ratedVolts: 120, poles: 1 },
    verdict: 'fails',
    line: ['circuitRatingAmps', 'fails'],
    source: 'NFPA 70 210.18, from memory',
  },
  // 2.4 Worn heads, standards, classes, speeds.
  {
    what: 'poles in series worn',
    practice: 'IEC',
    family: 'breaker',
    supply: { systemVolts: 110, currentKind: 'dc' },
    load: { kind: 'battery', loadAmps: 10 },
    spec: { standard: 'IEC 60947-2', poles: 1, ratedAmps: 16, currentKinds: ['dc'], dcRatings: [{ volts: 125, polesInSeries: null }] },
    verdict: 'not-known',
    line: ['ratedVoltsDc', 'not-known'],
    source: 'plain case, section 1: a null inside a row',
  },
  {
    what: 'kind of a row worn',
    ...contactor({ poles: 3, ratings: [{ volts: 480, kind: null, ac3Amps: 25 }] }),
    verdict: 'not-known',
    source: 'plain case, section 1: a null inside a row',
  },
  {
    what: 'least load of a contact worn or none on a signal',
    practice: 'IEC',
    family: 'control-relay',
    supply: {},
    load: { kind: 'signal', contacts: [{ loadType: 'signal', kind: 'dc', volts: 24, amps: 0.001 }] },
    spec: relay([{ loadType: 'signal', kind: 'dc', volts: 30, amps: 0.1, minimumAmps: 'none' }], { SPDT: 1 }),
    verdict: 'not-known',
    line: ['contactLeastAmps', 'not-known'],
    source: 'plain case, section 1: a null inside a row',
  },
  {
    what: 'a worn standard takes no default for what is unmarked',
    practice: 'NFPA70',
    family: 'breaker',
    supply: { systemVolts: 240, currentKind: 'ac', prospectiveFaultAmps: 4000 },
    load: { kind: 'conductor-feeder', loadAmps: 12, polesToSwitch: 2 },
    spec: { ...breaker30, standard: null, interruptingRatings: 'none' },
    verdict: 'not-known',
    line: ['interruptingAmps', 'not-known'],
    source: 'NFPA 70 240.83(C) speaks of branch breakers, from memory',
  },
  {
    what: 'a fuse that states no speed, more than the stricter column',
    practice: 'NFPA70',
    family: 'fuse',
    supply: ac480,
    load: { kind: 'motor-3ph', horsepower: 10, fullLoadAmps: 13 },
    // 14 A x 175 % = 24.5, next size 25, ceiling 225 % = 31.5; 300 % would allow 45.
    spec: { standard: 'UL 248', fuseClass: 'J', ratedAmps: 45, voltsAc: 600, interruptingAmpsAc: 200000 },
    verdict: 'fails',
    line: ['motorBranchAmps', 'fails'],
    source: 'NFPA 70 table 430.52, from memory',
  },
  {
    what: 'a fuse that states no speed, for what it rides',
    practice: 'NFPA70',
    family: 'fuse',
    supply: ac480,
    load: { kind: 'motor-3ph', horsepower: 10, fullLoadAmps: 13, startAmps: 80, startSeconds: 3 },
    spec: { standard: 'UL 248', fuseClass: 'J', ratedAmps: 25, voltsAc: 600, interruptingAmpsAc: 200000 },
    verdict: 'not-known',
    line: ['meltSeconds', 'not-known'],
    source: 'UL 248 time delay holds only where it is marked, from memory',
  },
  // 2.5 Null on the position's side.
  {
    what: 'whether both ways is not known',
    practice: 'IEC',
    family: 'breaker',
    supply: { systemVolts: 110, currentKind: 'dc', currentReverses: null },
    load: { kind: 'battery', loadAmps: 10 },
    spec: { standard: 'IEC 60947-2', poles: 1, ratedAmps: 16, currentKinds: ['dc'], dcRatings: [{ volts: 125, polesInSeries: 1 }] },
    verdict: 'not-known',
    source: 'plain case, section 1: a flag that is null',
  },
  {
    what: 'the purpose of a residual-current device is not known',
    practice: 'IEC',
    family: 'residual-current',
    supply: { systemVolts: 230, voltsToGround: 230, phases: 1, wires: 2, currentKind: 'ac' },
    load: { kind: 'socket-circuit', loadAmps: 12, purpose: null, electronics: 'none' },
    spec: {
      standard: 'IEC/EN 61008-1',
      residualType: 'A',
      sensitivityMilliamps: 300,
      ratedAmps: 40,
      poles: 2,
      ratedVolts: 230,
      delay: 'general',
    },
    verdict: 'not-known',
    source: 'plain case, section 1: null on the position’s side',
  },
  {
    what: 'the kind of lamp is not known',
    ...contactor(
      { poles: 3, ratings: [{ volts: 480, ac1Amps: 40, tungstenAmps: 40 }] },
      { load: { kind: 'lamp-bank', lampKind: null, runningAmps: 10 } },
    ),
    verdict: 'not-known',
    source: 'plain case, section 1: null on the position’s side',
  },
  {
    what: 'how long it is to last is not known',
    ...contactor(
      { poles: 3, ratings: [{ volts: 480, ac3Amps: 25 }], electricalLifeOperations: 1e6 },
      { duty: { operationsPerDay: 100, lifeYearsWanted: null } },
    ),
    verdict: 'not-known',
    line: ['electricalLifeOperations', 'not-known'],
    source: 'plain case, section 1: null on the position’s side',
  },
  // 2.6 A mark that one part prints and another leaves out.
  {
    what: 'run or start, left out beside a part that prints it',
    practice: 'IEC',
    family: 'run-capacitor',
    supply: { hertz: 50 },
    load: { kind: 'motor-1ph', sections: [{ name: 'motor', microfarads: 25 }], plateVolts: 400 },
    spec: { sections: [{ name: 'motor', microfarads: 25 }], ratedVolts: 450 },
    beside: { kind: 'run', sections: [{ name: 'motor', microfarads: 25 }], ratedVolts: 450 },
    verdict: 'not-known',
    line: ['capacitorDuty', 'not-known'],
    source: 'plain case, section 1: every other quantity',
  },
  // 2.7 Contacts.
  {
    what: 'two loads on one contact',
    practice: 'IEC',
    family: 'control-relay',
    supply: {},
    load: {
      kind: 'contactor-coil',
      contacts: [
        { loadType: 'resistive', kind: 'ac', volts: 230, amps: 2 },
        { loadType: 'resistive', kind: 'ac', volts: 230, amps: 2 },
      ],
    },
    spec: relay([{ loadType: 'resistive', kind: 'ac', volts: 250, amps: 10 }], { SPDT: 1 }),
    verdict: 'fails',
    line: ['contactsInAll', 'fails'],
    source: 'common practice',
  },
  {
    what: 'a contact above its rated volts, general use not printed',
    practice: 'NFPA70',
    family: 'control-relay',
    supply: {},
    load: { kind: 'resistive-heater', contacts: [{ loadType: 'resistive', kind: 'ac', volts: 480, amps: 2 }] },
    spec: relay([{ loadType: 'resistive', kind: 'ac', volts: 250, amps: 10 }], { SPDT: 1 }),
    verdict: 'fails',
    line: ['contactVolts', 'fails'],
    source: 'IEC 60947-5-1, rated operational voltage, from memory',
  },
  // 2.8 Horsepower of its own row.
  {
    what: '5 hp at 480 V is no 5 hp at 240 V',
    practice: 'NFPA70',
    family: 'contactor',
    supply: { systemVolts: 240, phases: 3, currentKind: 'ac' },
    load: { kind: 'motor-3ph', horsepower: 5, polesToSwitch: 3 },
    spec: { standard: 'UL 508', poles: 3, ratings: [{ volts: 480, normalHp: 5 }] },
    verdict: 'fails',
    line: ['fullLoadAmps', 'fails'],
    source: 'NFPA 70 430.83(A) and table 430.250: 15.2 A against 7.6 A, from memory',
  },
  // 2.9 A kind of current that follows.
  {
    what: 'a battery is DC though nobody says so',
    practice: 'IEC',
    family: 'breaker',
    supply: { systemVolts: 110 },
    load: { kind: 'battery', loadAmps: 10 },
    spec: { standard: 'IEC 60898-1', curve: 'C', poles: 1, ratedAmps: 16, ratedVoltsLineToLine: 230, icnAmps: 6000 },
    verdict: 'fails',
    line: ['currentKind', 'fails'],
    source: 'plain case, section 1: earthing and load tell the kind of current',
  },
  // 2.10 Receptacles.
  {
    what: 'no next size up for receptacles',
    practice: 'NFPA70',
    family: 'breaker',
    supply: { systemVolts: 240, currentKind: 'ac' },
    load: { kind: 'socket-circuit', loadAmps: 12, conductorAmpacityAmps: 28, polesToSwitch: 2 },
    spec: breaker30,
    verdict: 'fails',
    line: ['ratedAmpsConductor', 'fails'],
    source: 'NFPA 70 240.4(B)(1), from memory',
  },
  // 2.11 Volts of the capacitor beside its sections.
  {
    what: 'a 250 V capacitor where 370 V are called for',
    practice: 'NFPA70',
    family: 'run-capacitor',
    supply: { hertz: 60 },
    load: { kind: 'motor-1ph', sections: [{ name: 'motor', microfarads: 25 }], runCapacitorVolts: 370, plateVolts: 230 },
    spec: { kind: 'run', sections: [{ name: 'motor', microfarads: 25 }], ratedVolts: 250 },
    verdict: 'fails',
    line: ['capacitorVolts', 'fails'],
    source: 'IEC 60252-1 and UL 810: equal or higher, from memory',
  },
  // 3. What must not fail, or stay open, without need.
  {
    what: 'a maker’s guaranteed trip disconnects the loop',
    practice: 'IEC',
    family: 'breaker',
    supply: {
      systemVolts: 230,
      voltsToGround: 230,
      phases: 1,
      currentKind: 'ac',
      grounding: 'TN-S',
      loopImpedanceOhms: 0.7,
      loopImpedanceBasis: 'worked-out-hot',
    },
    load: { kind: 'conductor-feeder', loadAmps: 25, disconnectSeconds: 0.4, polesToSwitch: 1 },
    // 230 x 0.95 / 0.7 = 312 A; the letter's edge is 320 A, the maker guarantees 280 A.
    spec: {
      standard: 'IEC 60898-1',
      curve: 'C',
      poles: 1,
      ratedAmps: 32,
      ratedVoltsLineToLine: 230,
      icnAmps: 6000,
      guaranteedTripAmps: 280,
    },
    verdict: 'fits',
    line: ['disconnectsAtAmps', 'fits'],
    source: 'BS 7671 411.4.4: the maker’s figure counts, from memory',
  },
  {
    what: 'of rows of equal volts the one that its poles allow',
    practice: 'IEC',
    family: 'contactor',
    supply: { systemVolts: 110, currentKind: 'dc' },
    load: { kind: 'resistive-heater', resistiveAmps: 20, polesToSwitch: 1 },
    spec: {
      poles: 3,
      ratings: [
        { volts: 110, kind: 'dc', dc1Amps: 6 },
        { volts: 110, kind: 'dc', polesInSeries: 3, dc1Amps: 25 },
      ],
    },
    verdict: 'fits',
    line: ['resistiveAmps', 'fits'],
    source: 'IEC 60947-4-1, poles in series, from memory',
  },
  {
    what: 'a bypass contactor with AC-1 and AC-3',
    ...contactor(
      { poles: 3, ratings: [{ volts: 480, ac1Amps: 40, ac3Amps: 12 }] },
      { load: { ...motor21, contactorPosition: 'bypass', starter: 'soft-starter' } },
    ),
    verdict: 'check',
    line: ['fullLoadAmps', 'check'],
    source: 'common practice',
  },
  {
    what: 'the design current of a heater counts',
    ...contactor(
      { poles: 3, ratings: [{ volts: 480, ac1Amps: 30 }] },
      { load: { kind: 'resistive-heater', loadAmps: 20, polesToSwitch: 3 } },
    ),
    verdict: 'fits',
    source: 'common practice',
  },
  {
    what: 'a least load in an AC row answers for a DC signal',
    practice: 'IEC',
    family: 'control-relay',
    supply: {},
    load: { kind: 'signal', contacts: [{ loadType: 'signal', kind: 'dc', volts: 24, amps: 0.01 }] },
    spec: relay(
      [
        { loadType: 'resistive', kind: 'ac', volts: 250, amps: 6, minimumAmps: 0.005 },
        { loadType: 'resistive', kind: 'dc', volts: 30, amps: 6 },
      ],
      { SPDT: 1 },
    ),
    verdict: 'fits',
    line: ['contactLeastAmps', 'fits'],
    source: 'common practice',
  },
  {
    what: 'an IEC 60947-2 breaker holds below its rated current',
    practice: 'IEC',
    family: 'breaker',
    supply: { systemVolts: 400, currentKind: 'ac' },
    load: { kind: 'transformer', loadAmps: 40, startAmps: 90, polesToSwitch: 3 },
    spec: {
      standard: 'IEC 60947-2',
      technology: 'electronic',
      poles: 3,
      ratedAmps: 100,
      currentKinds: ['ac'],
      ratedVoltsLineToLine: 690,
      icuAmps: 50000,
    },
    verdict: 'fits',
    line: ['instantaneousHoldsAmps', 'fits'],
    source: 'IEC 60947-2: holds 1.05 times its rated current, from memory',
  },
  {
    what: 'a contact of which nobody knows which it is, where one of two is too small',
    practice: 'NFPA70',
    family: 'control-relay',
    supply: {},
    load: { kind: 'contactor-coil', contacts: [{ pole: null, loadType: 'DC-13', kind: 'dc', volts: 24, amps: 1 }] },
    spec: relay(
      [
        { pole: 1, loadType: 'DC-13', kind: 'dc', volts: 24, amps: 2 },
        { pole: 2, loadType: 'DC-13', kind: 'dc', volts: 24, amps: 0.5 },
      ],
      { changeover: 2 },
    ),
    verdict: 'not-known',
    source: 'plain case, section 1: null on the position\u2019s side',
  },
  {
    what: 'a worn lower figure, which may be that of a slash rating, on a corner-grounded system',
    practice: 'NFPA70',
    family: 'breaker',
    supply: { systemVolts: 240, currentKind: 'ac', grounding: 'corner-grounded-delta' },
    load: {},
    spec: { poles: 3, ratedAmps: 32, currentKinds: ['ac'], ratedVoltsLineToLine: 400, ratedVoltsLineToGround: null },
    verdict: 'not-known',
    line: ['ratedVoltsToEarth', 'not-known'],
    source: 'NFPA 70 (2023), 240.85',
  },
];
