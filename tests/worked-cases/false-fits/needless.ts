/** What must not fail, or stay open, without need. */
import { motor21, contactor, relay, type FalseFit } from './false-fit';

export const needless: readonly FalseFit[] = [
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
      { load: { ...motor21, starterRole: 'bypass', starter: 'soft-starter' } },
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
