/** Worked examples of judging what a residual-current device must see, how finely, and how fast. Figures from memory of the publication named. */
import type { FieldValues } from '@/core/case/case';
import type { Verdict } from '@/core/needs/need';
import type { WorkedCase } from '../worked-case';

const IEC = 'IEC' as const;
const supply: FieldValues = { systemVolts: 230, voltsToGround: 230, phases: 1, wires: 2, currentKind: 'ac', grounding: 'TN-S' };
const types = ['AC', 'A', 'F', 'B', 'B+'] as const;

/** One row a type: which types serve this front end. */
const byType = (name: string, load: FieldValues, verdicts: readonly Verdict[], source: string, line = 'residual-type'): WorkedCase[] =>
  types.map((residualType, i) => ({
    name: `${name}: type ${residualType}`,
    practice: IEC,
    supply,
    load,
    spec: { residualType },
    lines: { [line]: verdicts[i]! },
    source,
  }));

const [F, C, O] = ['fails', 'check', 'fits'] as const;
const electronics: WorkedCase[] = [
  ...byType('known to have none', { electronics: 'none' }, [O, O, O, O, O], 'BS 7671 531.3.3, from memory'),
  ...byType('dimmer', { electronics: 'phase-control' }, [F, O, O, O, O], 'IEC 61008-1 type A, from memory'),
  ...byType('rectifier on one phase', { electronics: 'single-phase-rectifier' }, [F, O, O, O, O], 'IEC 61008-1 type A, from memory'),
  ...byType(
    'converter on one phase, must',
    { electronics: 'single-phase-converter' },
    [F, O, O, O, O],
    'IEC 62423, A by maker, from memory',
  ),
  ...byType(
    'converter on one phase, advised',
    { electronics: 'single-phase-converter' },
    [C, C, O, O, O],
    'IEC 62423 type F, from memory',
    'residual-type-advised',
  ),
  ...byType('rectifier between two phases', { electronics: 'two-phase-rectifier' }, [F, F, F, O, O], 'IEC 62423 type B, from memory'),
  ...byType('rectifier on three phases', { electronics: 'three-phase-rectifier' }, [F, F, F, O, O], 'IEC 62423 type B, from memory'),
  ...byType('charger without detector', { electronics: 'ev-charger' }, [F, F, F, O, O], 'BS 7671 722.531.3.101, from memory'),
  ...byType(
    'charger with a 6 mA detector',
    { electronics: 'ev-charger', smoothDcLimitMilliamps: 6 },
    [F, O, O, O, O],
    'BS 7671 722.531.3.101, from memory',
  ),
  ...byType(
    'inverter that leaks 8 mA of smooth DC at most',
    { electronics: 'pv-inverter', smoothDcLimitMilliamps: 8 },
    [F, F, O, O, O],
    'IEC 62423: A stands 6 mA, F 10 mA, from memory',
  ),
  ...byType(
    'drive by its kind',
    { kind: 'variable-speed-drive', starter: 'variable-speed-drive' },
    [F, O, O, O, O],
    'IEC 62423, one phase, from memory',
  ),
  ...byType('sockets by their kind alone', { kind: 'socket-circuit' }, [C, O, O, O, O], 'common practice', 'residual-type-advised'),
  {
    name: 'electronics worn',
    practice: IEC,
    supply,
    load: { electronics: null },
    spec: { residualType: 'A' },
    lines: { 'residual-type': 'not-known' },
    verdict: 'not-known',
    source: 'common practice',
  },
  {
    name: 'waveform worn',
    practice: IEC,
    supply,
    load: { electronics: 'single-phase-rectifier' },
    spec: { residualType: null },
    lines: { 'residual-type': 'not-known' },
    source: 'common practice',
  },
];

const milliamps = (
  name: string,
  load: FieldValues,
  rows: readonly (readonly [number, Verdict])[],
  line: string,
  source: string,
  more: FieldValues = {},
): WorkedCase[] =>
  rows.map(([sensitivityMilliamps, verdict]) => ({
    name: `${name}: ${sensitivityMilliamps} mA`,
    practice: IEC,
    supply: { ...supply, ...more },
    load,
    spec: { sensitivityMilliamps },
    lines: { [line]: verdict },
    source,
  }));

const sensitivity: WorkedCase[] = [
  ...milliamps(
    'people',
    { additionalProtection: true },
    [
      [10, O],
      [30, O],
      [100, F],
    ],
    'sensitivity-people',
    'BS 7671 415.1.1, from memory',
  ),
  ...milliamps(
    'fire',
    { purpose: 'fire' },
    [
      [100, O],
      [300, O],
      [500, F],
    ],
    'sensitivity-fire',
    'BS 7671 532.1, from memory',
  ),
  // RA x I-delta-n <= 50 V: 1667, 500, 167 and 100 ohm.
  ...(
    [
      [30, 1666, O],
      [30, 1668, F],
      [100, 500, O],
      [100, 501, F],
      [300, 166, O],
      [300, 167, F],
      [500, 100, O],
      [500, 101, F],
    ] as const
  ).flatMap(([sensitivityMilliamps, earthElectrodeOhms, verdict]) =>
    milliamps(`TT, ${earthElectrodeOhms} ohm`, {}, [[sensitivityMilliamps, verdict]], 'sensitivity-touch', 'BS 7671 411.5.3, from memory', {
      grounding: 'TT',
      earthElectrodeOhms,
    }),
  ),
  {
    name: 'TN: the touch rule is not asked',
    practice: IEC,
    supply: { ...supply, earthElectrodeOhms: 800 },
    load: {},
    spec: { sensitivityMilliamps: 100 },
    lines: { 'sensitivity-touch': null },
    source: 'BS 7671 411.5.3, from memory',
  },
  // 30 mA x 30 % = 9 mA; x 50 % = 15 mA.
  ...(
    [
      [9, O],
      [9.1, C],
      [15, C],
      [15.1, F],
    ] as const
  ).map(([standingLeakageMilliamps, verdict]): WorkedCase => ({
    name: `${standingLeakageMilliamps} mA of standing leakage on 30 mA`,
    practice: IEC,
    supply,
    load: { standingLeakageMilliamps },
    spec: { sensitivityMilliamps: 30 },
    lines: { 'standing-leakage': verdict },
    source: 'BS 7671 531.3.2, 30 and 50 %, from memory',
  })),
];

const selective = (sensitivityMilliamps: number, delay: string, line: string, verdict: Verdict): WorkedCase => ({
  name: `selective over 30 mA: ${sensitivityMilliamps} mA ${delay}, ${line}`,
  practice: IEC,
  supply,
  load: { selectivityRequired: true, downstreamSensitivityMilliamps: 30 },
  spec: { sensitivityMilliamps, delay },
  lines: { [line]: verdict },
  source: 'IEC 60364-5-53: S and three times, from memory',
});
const times: WorkedCase[] = [
  selective(100, 'S', 'selective-delay', O),
  selective(100, 'general', 'selective-delay', F),
  selective(100, 'short-time-delay', 'selective-delay', F),
  selective(90, 'S', 'selective-ratio', O),
  selective(89, 'S', 'selective-ratio', F),
  {
    name: 'people: a delayed one is too slow',
    practice: IEC,
    supply,
    load: { additionalProtection: true },
    spec: { sensitivityMilliamps: 30, delay: 'S' },
    lines: { 'people-time': 'fails', 'sensitivity-people': 'fits' },
    verdict: 'fails',
    source: 'BS 7671 415.1.1: 40 ms at five times, from memory',
  },
  {
    name: 'people: general, and with a short delay',
    practice: IEC,
    supply,
    load: { additionalProtection: true },
    spec: { sensitivityMilliamps: 30, delay: 'short-time-delay' },
    lines: { 'people-time': 'fits' },
    source: 'IEC 61008-1, from memory',
  },
  {
    name: 'delay worn',
    practice: IEC,
    supply,
    load: { additionalProtection: true },
    spec: { sensitivityMilliamps: 30, delay: null },
    lines: { 'people-time': 'not-known' },
    source: 'common practice',
  },
  // Break times: S 0.15 s at five times, 0.2 s at twice; general 0.04 and 0.15 s.
  ...(
    [
      ['TN-S', 'S', 0.4, O],
      ['TN-S', 'S', 0.1, F],
      ['TN-S', 'general', 0.04, O],
      ['TT', 'S', 0.2, O],
      ['TT', 'S', 0.19, F],
      ['TT', 'general', 0.2, O],
      ['TT', 'general', 0.14, F],
    ] as const
  ).map(([grounding, delay, disconnectSeconds, verdict]): WorkedCase => ({
    name: `${grounding}, ${delay}, off within ${disconnectSeconds} s`,
    practice: IEC,
    supply: { ...supply, grounding },
    load: { disconnectSeconds },
    spec: { delay },
    lines: { 'break-time': verdict },
    source: 'IEC 61008-1 break times, from memory',
  })),
];

const american = (name: string, voltsToGround: number, purpose: string, spec: FieldValues, lines: WorkedCase['lines']): WorkedCase => ({
  name,
  supply: { systemVolts: voltsToGround, voltsToGround, phases: 1, currentKind: 'ac' },
  load: { kind: 'socket-circuit', purpose },
  spec,
  lines,
  source: 'NFPA 70 210.8, UL 943, UL 943C, UL 1053, from memory',
});
const classA: FieldValues = { standard: 'UL 943', protectionClass: 'GFCI Class A', tripMilliamps: 5 };
const classes: WorkedCase[] = [
  american('people at 120 V: class A', 120, 'personnel', classA, { 'protection-class': 'fits', 'trip-level': 'fits' }),
  american(
    'people at 120 V: 30 mA protects equipment',
    120,
    'personnel',
    { standard: 'UL 1053', protectionClass: 'GFPE', tripMilliamps: 30 },
    {
      'protection-class': 'fails',
      'trip-level': 'fails',
    },
  ),
  american(
    'people: an IEC device has no class',
    120,
    'personnel',
    { standard: 'IEC/EN 61008-1', sensitivityMilliamps: 30 },
    {
      'protection-class': 'fails',
      'trip-level': 'fails',
    },
  ),
  american('people at 277 V: class A is for 150 V', 277, 'personnel', classA, { 'protection-class': 'fails' }),
  american(
    'people at 277 V: class C',
    277,
    'personnel',
    { protectionClass: 'GFCI Class C', tripMilliamps: 20 },
    {
      'protection-class': 'fits',
      'trip-level': 'fits',
    },
  ),
  american(
    'people at 347 V: class C ends at 300 V',
    347,
    'personnel',
    { protectionClass: 'GFCI Class C', tripMilliamps: 20 },
    {
      'protection-class': 'fails',
    },
  ),
  american(
    'people at 347 V: class D',
    347,
    'personnel',
    { protectionClass: 'GFCI Class D', tripMilliamps: 20 },
    {
      'protection-class': 'fits',
    },
  ),
  american(
    'equipment: 30 mA',
    120,
    'equipment',
    { protectionClass: 'GFPE', tripMilliamps: 30 },
    { 'protection-class': 'fits', 'trip-level': null },
  ),
  american('equipment: class A trips sooner', 120, 'equipment', classA, { 'protection-class': 'fits' }),
  american(
    'class worn',
    120,
    'personnel',
    { protectionClass: null, tripMilliamps: 5 },
    { 'protection-class': 'not-known', 'trip-level': 'fits' },
  ),
];

export const detectionCases: WorkedCase[] = [...electronics, ...sensitivity, ...times, ...classes];
