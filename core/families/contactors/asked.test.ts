/** Which lines a position asks for: no mark, no line; a worn mark, a line that is not known; and which lines guard safety. */
import { describe, expect, it } from 'vitest';
import type { FieldValues, Practice } from '../../case/case';
import { contextOf } from '../../judge-case';
import { caseSchools, swapSchools } from '../../loads/schools';
import type { Need } from '../../needs/need';
import { contactors } from '.';

const needsOf = (
  supply: FieldValues,
  load: FieldValues,
  duty: FieldValues = {},
  practice: Practice = 'NFPA70',
  schools = caseSchools,
): Need[] => contactors.needs(contextOf({ practice, family: 'contactor', supply, load, duty, removed: null, candidates: [] }, { schools }));
const ids = (...of: Parameters<typeof needsOf>) => needsOf(...of).map((need) => need.id);
const one = (id: string, ...of: Parameters<typeof needsOf>) => needsOf(...of).find((need) => need.id === id)!;
const lamp: FieldValues = { kind: 'lamp-bank', runningAmps: 5 };
const always = ['volts', 'running'];

describe('the control circuit asks only for what it gives', () => {
  const rows: [string, FieldValues, string[]][] = [
    ['nothing', {}, []],
    ['no control circuit at all', { controlVolts: null, controlKind: null }, []],
    ['volts only', { controlVolts: 120 }, ['coil-volts', 'coil-mark']],
    ['volts and kind', { controlVolts: 24, controlKind: 'dc' }, ['coil-volts', 'coil-mark', 'coil-kind']],
    ['worn kind beside known volts', { controlVolts: 24, controlKind: null }, ['coil-volts', 'coil-mark', 'coil-kind']],
    [
      'AC with its frequency',
      { controlVolts: 120, controlKind: 'ac', controlHertz: 60 },
      ['coil-volts', 'coil-mark', 'coil-kind', 'coil-hertz'],
    ],
    ['DC has no frequency', { controlVolts: 24, controlKind: 'dc', controlHertz: null }, ['coil-volts', 'coil-mark', 'coil-kind']],
    ['a run without resistance', { controlVolts: 120, controlKind: 'ac', controlLoopOhms: 0 }, ['coil-volts', 'coil-mark', 'coil-kind']],
    ['a run', { controlVolts: 120, controlKind: 'ac', controlLoopOhms: 2 }, ['coil-volts', 'coil-mark', 'coil-kind', 'coil-pick-up']],
    [
      'a transformer',
      { controlKind: 'ac', controlTransformerVA: 100, controlTransformerInrushVA: 400 },
      ['coil-kind', 'coil-inrush', 'coil-sealed'],
    ],
    ['another AC source', { controlKind: 'ac', supplyVA: 100 }, ['coil-kind', 'coil-inrush-source']],
    ['a DC source', { controlKind: 'dc', supplyVA: 100 }, ['coil-kind', 'coil-sealed']],
    ['an output', { controlVolts: 24, controlKind: 'dc', driverMaxAmps: 0.5 }, ['coil-volts', 'coil-mark', 'coil-kind', 'driver']],
  ];
  it.each(rows)('%s', (_name, supply, asked) => expect(ids(supply, lamp)).toEqual([...always, ...asked]));
});

describe('place and service ask only for what is given', () => {
  const rows: [string, FieldValues, FieldValues, FieldValues, string[]][] = [
    ['auxiliaries in use', {}, { auxNormallyOpenNeeded: 1, auxNormallyClosedNeeded: 2 }, {}, ['aux-open', 'aux-closed']],
    ['no auxiliaries in use', {}, { auxNormallyOpenNeeded: 0 }, {}, []],
    ['worn count', {}, { auxNormallyOpenNeeded: null }, {}, ['aux-open']],
    ['must hold', {}, { mustHoldOnControlLoss: true }, {}, ['holding']],
    ['need not hold', {}, { mustHoldOnControlLoss: false }, {}, ['holding']],
    ['ambient', { ambientC: 40 }, {}, {}, ['ambient']],
    ['starts and operations are one rate', {}, {}, { startsPerHour: 5, operationsPerHour: 9 }, ['switching-rate']],
    ['life needs rate and years', {}, {}, { operationsPerDay: 10 }, []],
    ['life', {}, {}, { operationsPerDay: 10, lifeYearsWanted: 5 }, ['electrical-life']],
  ];
  it.each(rows)('%s', (_name, supply, load, duty, asked) => expect(ids(supply, { ...lamp, ...load }, duty)).toEqual([...always, ...asked]));
  it('the higher of two rates counts, and a worn one makes it not known', () => {
    expect(one('switching-rate', {}, lamp, { startsPerHour: 5, operationsPerHour: 9 }).ways[0].limit).toBe(9);
    expect(one('switching-rate', {}, lamp, { startsPerHour: 5, operationsPerHour: null }).ways[0].limit).toBeNull();
  });
});

describe('the load asks by its kind', () => {
  const motor: FieldValues = { kind: 'motor-3ph', fullLoadAmps: 14 };
  const rows: [string, FieldValues, FieldValues, FieldValues, string[]][] = [
    ['a motor by amps alone', {}, motor, {}, ['rating-kind', 'volts', 'poles', 'running', 'holding']],
    ['with horsepower', {}, { ...motor, horsepower: 10 }, {}, ['rating-kind', 'volts', 'poles', 'running', 'horsepower', 'holding']],
    [
      'with code letter',
      {},
      { ...motor, codeLetter: 'G', horsepower: 10 },
      {},
      ['rating-kind', 'volts', 'poles', 'running', 'locked-rotor', 'horsepower', 'holding'],
    ],
    ['with a worn letter', {}, { ...motor, codeLetter: null }, {}, ['rating-kind', 'volts', 'poles', 'running', 'locked-rotor', 'holding']],
    ['letter "none" is no question', {}, { ...motor, codeLetter: 'none' }, {}, ['rating-kind', 'volts', 'poles', 'running', 'holding']],
    ['jogging', {}, motor, { joggingPerMinute: 6 }, ['rating-kind', 'volts', 'poles', 'running', 'jogging', 'holding']],
    [
      'bypass of a soft starter does not start it',
      {},
      { ...motor, lockedRotorAmps: 90, starterRole: 'bypass' },
      {},
      ['rating-kind', 'volts', 'poles', 'running', 'holding'],
    ],
    [
      'single phase has no poles of its own',
      {},
      { kind: 'motor-1ph', fullLoadAmps: 8 },
      {},
      ['rating-kind', 'volts', 'running', 'holding'],
    ],
    [
      'poles that must open',
      {},
      { ...motor, polesThatMustOpen: 3 },
      {},
      ['rating-kind', 'volts', 'poles', 'poles-open', 'running', 'holding'],
    ],
    [
      'fault current',
      { prospectiveFaultAmps: 9000 },
      motor,
      {},
      ['rating-kind', 'volts', 'poles', 'short-circuit-rating', 'running', 'holding'],
    ],
    ['kind of current', { currentKind: 'ac' }, motor, {}, ['rating-kind', 'volts', 'poles', 'running', 'holding']],
    ['heater', {}, { kind: 'resistive-heater', watts: 1000 }, {}, ['volts', 'running', 'resistive-headroom']],
    [
      'compressor',
      {},
      { kind: 'hermetic-compressor', ratedLoadAmps: 18, lockedRotorAmps: 96, maximumOvercurrentAmps: 40 },
      {},
      ['rating-kind', 'volts', 'running', 'locked-rotor', 'unit-maximum', 'holding'],
    ],
  ];
  it.each(rows)('%s', (_name, supply, load, duty, asked) => expect(ids({ systemVolts: 480, ...supply }, load, duty)).toEqual(asked));
  it('a swap always asks how hard a motor starts', () => {
    expect(ids({ systemVolts: 480 }, motor, {}, 'NFPA70', swapSchools)).toContain('locked-rotor');
  });
  it('schools can leave advice out', () => {
    const none = { ...caseSchools, resistiveHeadroom: 1 as const, unitMaximum: 'off' as const };
    expect(ids({}, { kind: 'resistive-heater', watts: 1000 }, {}, 'IEC', none)).not.toContain('resistive-headroom');
    expect(ids({}, { kind: 'hermetic-compressor', maximumOvercurrentAmps: 40 }, {}, 'IEC', none)).not.toContain('unit-maximum');
  });
});

describe('severity and safety', () => {
  const everything = needsOf(
    {
      systemVolts: 480,
      currentKind: 'ac',
      prospectiveFaultAmps: 9000,
      ambientC: 40,
      controlVolts: 120,
      controlKind: 'ac',
      controlHertz: 60,
      controlLoopOhms: 2,
      controlTransformerVA: 100,
      controlTransformerInrushVA: 400,
      driverMaxAmps: 2,
    },
    {
      kind: 'motor-3ph',
      horsepower: 10,
      fullLoadAmps: 14,
      codeLetter: 'G',
      polesThatMustOpen: 3,
      auxNormallyOpenNeeded: 1,
      auxNormallyClosedNeeded: 1,
      control: 'three-wire',
    },
    { joggingPerMinute: 8, startsPerHour: 6, operationsPerDay: 10, lifeYearsWanted: 5 },
  );
  it('volts, AC or DC, poles, interrupting and the coil’s volts and kind can be overridden by nobody', () => {
    expect(everything.filter((need) => need.safety).map((need) => need.id)).toEqual([
      'rating-kind',
      'volts',
      'poles',
      'poles-open',
      'short-circuit-rating',
      'coil-volts',
      'coil-kind',
    ]);
    expect(everything.filter((need) => need.safety).every((need) => need.severity === 'must')).toBe(true);
  });
  it('advice is advice', () =>
    expect(everything.filter((need) => need.severity === 'should').map((need) => need.id)).toEqual([
      'coil-mark',
      'aux-open',
      'aux-closed',
      'electrical-life',
    ]));
  it('the brief under a figure is short', () => {
    for (const need of everything) expect(need.brief.length, need.id).toBeLessThanOrEqual(28);
  });
});

describe('the words follow the figures', () => {
  it.each([
    ['running', 'NEC 430.250, 10\u2009hp at 480\u2009V'],
    ['locked-rotor', 'code G, high end'],
    ['volts', 'supply card'],
  ])('%s: %s', (id, brief) =>
    expect(one(id, { systemVolts: 480 }, { kind: 'motor-3ph', horsepower: 10, plateVolts: 460, codeLetter: 'G' }).brief).toBe(brief),
  );
  it('a coil on the wrong kind of supply is told why', () => {
    expect(one('coil-kind', { controlVolts: 24, controlKind: 'dc' }, lamp).because).toContain('burns');
    expect(one('coil-kind', { controlVolts: 24, controlKind: 'ac' }, lamp).because).toContain('does not pull in');
  });
  it('each practice names its own source for jogging and fault current', () => {
    const load: FieldValues = { kind: 'motor-3ph', fullLoadAmps: 14 };
    expect(one('jogging', {}, load, { joggingPerMinute: 8 }, 'IEC').source).toBe('inching');
    expect(one('jogging', {}, load, { joggingPerMinute: 8 }, 'NFPA70').source).toBe('nemaJogging');
    expect(one('short-circuit-rating', { prospectiveFaultAmps: 5000 }, load, {}, 'IEC').source).toBe('conditionalShortCircuit');
  });
});
