/** Coils of a breaker and the breaker itself: laws of volts and dips, texts in one spelling, proofs, settings. IEC 60947-1 and -2, from memory. */
import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { plainCase, verdictOrder } from '@/tests/judging';
import { accessoryActions } from '../../fields/accessory-fields';
import type { FieldValues, PlainCase } from '../../case/case';
import { contextOf, judgeCase } from '../../judge-case';
import { functionsFor, makingFactor } from '../../standards/breaker-releases';
import { proofVerdict } from '../../swap/sign-off';
import { airBreakers } from '../air-breakers';
import { longTimeAmps, planTripUnit } from '../air-breakers/plan';
import { breakerCoils } from '.';
import { frameText, placeOf, sourceText } from './canonical';

const plain = (family: string, supply: FieldValues, load: FieldValues, specs: FieldValues[], practice: PlainCase['practice'] = 'IEC') =>
  plainCase({ practice, family, supply, load }, specs);
const judged = (supply: FieldValues, load: FieldValues, spec: FieldValues) =>
  judgeCase(plain('breaker-coil', supply, load, [spec])).candidates[0]!.verdict;
const contextFor = (load: FieldValues, supply: FieldValues = {}, family = 'breaker-coil', practice: PlainCase['practice'] = 'IEC') =>
  contextOf(plain(family, supply, load, [], practice));

describe('laws', () => {
  const coil = { coilVolts: 110, coilKind: 'dc' };
  it('a wider swing of the supply is never judged easier', () => {
    fc.assert(
      fc.property(
        fc.constantFrom(...accessoryActions),
        fc.integer({ min: 60, max: 110 }),
        fc.integer({ min: 110, max: 130 }),
        fc.integer({ min: 0, max: 20 }),
        (action, low, high, wider) => {
          const of = (min: number, max: number) =>
            verdictOrder.indexOf(
              judged(
                { controlVolts: 110, controlVoltsMin: min, controlVoltsMax: max, controlKind: 'dc' },
                { action },
                { ...coil, function: [functionsFor[action][0]] },
              ),
            );
          expect(of(low - wider, high + wider)).toBeLessThanOrEqual(of(low, high));
        },
      ),
    );
  });
  it('whatever trips at these volts need not close, whatever closes trips', () => {
    fc.assert(
      fc.property(fc.double({ min: 50, max: 140, noNaN: true }), (volts) => {
        const of = (action: string, fn: string) =>
          judged(
            { controlVolts: 110, controlVoltsMin: volts, controlVoltsMax: Math.max(volts, 110), controlKind: 'dc' },
            { action },
            { ...coil, function: [fn] },
          );
        if (of('closes-on-signal', 'closing-coil') === 'fits') expect(of('opens-on-signal', 'shunt-trip')).toBe('fits');
      }),
    );
  });
  it('a deeper or longer dip is never easier, a longer delay never harder', () => {
    const release = { function: ['undervoltage-release'], releasePercent: [35, 70] };
    const of = (dipPercent: number, dipSeconds: number, delaySeconds: number) =>
      verdictOrder.indexOf(judged({}, { action: 'opens-when-supply-fails', dipPercent, dipSeconds }, { ...release, delaySeconds }));
    const tenths = (most: number) => fc.integer({ min: 0, max: most * 10 }).map((n) => n / 10);
    fc.assert(
      fc.property(
        fc.integer({ min: 0, max: 100 }),
        fc.integer({ min: 0, max: 100 }),
        tenths(5),
        tenths(5),
        tenths(5),
        tenths(5),
        (a, b, s, t, d, e) => {
          expect(of(Math.min(a, b), s, d)).toBeLessThanOrEqual(of(Math.max(a, b), s, d));
          expect(of(a, Math.max(s, t), d)).toBeLessThanOrEqual(of(a, Math.min(s, t), d));
          expect(of(a, s, Math.max(d, e))).toBeGreaterThanOrEqual(of(a, s, Math.min(d, e)));
        },
      ),
    );
  });
  it('a release and a shunt trip never stand for each other, whatever else they are', () => {
    for (const [action, fn] of [
      ['opens-on-signal', 'undervoltage-release'],
      ['opens-on-signal', 'no-volt-release'],
      ['opens-when-supply-fails', 'shunt-trip'],
      ['closes-on-signal', 'undervoltage-release'],
    ])
      expect(judged({ controlVolts: 110, controlKind: 'dc' }, { action }, { ...coil, function: [fn] }), `${action} ${fn}`).toBe('fails');
  });
});

describe('texts in one spelling', () => {
  it.each([
    [' line side 230 v', 'line-side-230V'],
    ['Line-side-230V', 'line-side-230V'],
    ['BATTERY 110 V', 'battery-110V'],
    ['secure supply', 'secure-supply'],
  ])('source %j is %j', (text, spelled) => expect(sourceText(text)).toBe(spelled));
  it.each([
    ['line-side-230V', 'line-side'],
    ['control transformer 24 V', 'control-transformer'],
    ['load-side', 'load-side'],
  ])('place of %j is %j', (text, place) => expect(placeOf(text)).toBe(place));
  it('frames', () => expect(frameText('  a1250   bay 2')).toBe('A1250 BAY 2'));
});

describe('a dip that the delay rides says so', () => {
  const lines = (spec: FieldValues) =>
    judgeCase(
      plain('breaker-coil', {}, { action: 'opens-when-supply-fails', dipPercent: 20, dipSeconds: 0.6 }, [
        { function: ['undervoltage-release'], ...spec },
      ]),
    ).candidates[0]!.lines.find(({ quantity }) => quantity === 'dipHeldPercent')!;
  it('holds by its delay, in words that do not contradict the figures', () => {
    expect(lines({ releasePercent: [35, 70], delaySeconds: 1 })).toMatchObject({
      verdict: 'fits',
      because: expect.stringContaining('but its delay outlasts a dip of 600'),
    });
    expect(lines({ releasePercent: null, delaySeconds: 1 }).because).toContain('not known');
    expect(lines({ releasePercent: [35, 70], delaySeconds: 0.1 })).toMatchObject({ verdict: 'fails' });
  });
});

describe('proofs', () => {
  const proofs = (
    action: string,
    spec: FieldValues,
    supply: FieldValues = { controlVolts: 230, controlKind: 'ac', controlHertz: 50 },
    load: FieldValues = {},
  ) => breakerCoils.proofs({ need: contextFor({ action, ...load }, supply), part: breakerCoils.canonical(spec) });
  const release = proofs('opens-when-supply-fails', { coilVolts: 230, coilKind: 'ac', coilHertz: [50] }, undefined, { dipSeconds: 1 });
  const at = (list: typeof release, id: string) => list.find((proof) => proof.id === id)!;
  // 35, 70 and 85 % of 230 V are 80.5, 161 and 195.5 V.
  it.each([
    ['lets-go', 80, 'fails'],
    ['lets-go', 80.5, 'fits'],
    ['lets-go', 161, 'fits'],
    ['lets-go', 162, 'fails'],
    ['closes-from', 195.5, 'fits'],
    ['closes-from', 196, 'fails'],
  ] as const)('release %s at %f V: %s (IEC 60947-1, from memory)', (id, reading, verdict) =>
    expect(proofVerdict(at(release, id), { reading })).toBe(verdict),
  );
  it('a shunt trip from 70 %, a closing coil from 85 % of 110 V', () => {
    const battery = { controlVolts: 110, controlKind: 'dc' };
    const dc = { coilVolts: 110, coilKind: 'dc' };
    expect(at(proofs('opens-on-signal', dc, battery), 'works-from').high).toBeCloseTo(77, 9);
    expect(at(proofs('closes-on-signal', dc, battery), 'works-from').high).toBeCloseTo(93.5, 9);
  });
  it('begin with the spring discharged and the four letters, and ask for nothing live', () => {
    for (const action of accessoryActions) {
      const list = proofs(action, { coilVolts: 110, coilKind: 'dc' });
      expect(list.slice(0, 2).map(({ id }) => id)).toEqual(['discharged', 'letters']);
      for (const { how } of list) expect(how).not.toMatch(/while live|work live|energi[sz]ed work/i);
      expect(breakerCoils.terminals(contextFor({ action }), null, {}).length).toBeGreaterThan(1);
    }
    expect(at(release, 'rides')).toBeDefined();
  });
  it('a delay is set one step above the dip, within what the part can', () => {
    const of = (delaySeconds: number) =>
      breakerCoils.settings({ need: contextFor({ action: 'opens-when-supply-fails', dipSeconds: 1.5 }), part: { delaySeconds } });
    expect(of(3).rows[0]!.value).toMatch(/^1\.6/);
    expect(of(1).conflicts).toHaveLength(1);
    expect(of(0)).toEqual({ rows: [], conflicts: [] });
  });
  it('a plate’s time of command says whether it may stay on', () => {
    expect(
      breakerCoils.specFromPlate({ function: 'shunt-trip', onTimeSeconds: 1, coilVoltsRange: [110, 125], currentKind: 'ac/dc' }),
    ).toMatchObject({
      function: ['shunt-trip'],
      dutyContinuous: false,
      maxCommandSeconds: 1,
      coilVoltsMin: 110,
      coilVoltsMax: 125,
      coilKind: 'ac/dc',
    });
    expect(breakerCoils.specFromPlate({ onTimeSeconds: null }).dutyContinuous).toBeNull();
    expect(breakerCoils.shortDescription({ function: ['shunt-trip', 'closing-coil'], coilVolts: 110, coilKind: 'dc' })).toBe(
      'shunt trip or closing coil, 110 V DC',
    );
  });
});

describe('settings of an air breaker', () => {
  const part = (more: FieldValues = {}) =>
    airBreakers.canonical({ standard: 'IEC 60947-2', ratedAmps: 800, tripUnit: 'LSIG', icwAmps: 42000, ...more });
  const plan = (load: FieldValues, supply: FieldValues = {}, spec: FieldValues = {}, practice: PlainCase['practice'] = 'IEC') =>
    planTripUnit({ need: contextFor({ kind: 'distribution-board', ...load }, supply, 'air-breaker', practice), part: part(spec) });
  it.each([
    [560, 560],
    [561, 600],
    [100, 320],
    [800, 800],
    [900, 800],
  ])('a load of %i A on 800 A: long time at %i A', (load, set) => expect(longTimeAmps(800, load)).toBe(set));
  it('waits where it stands the fault, else opens at once below what it stands', () => {
    const fault = { prospectiveFaultAmps: 14000 };
    expect(plan({ loadAmps: 560, withstandSeconds: 0.3 }, fault)).toMatchObject({
      instantaneousAmps: null,
      shortTimeSeconds: 0.3,
      shortTimeAmps: 3360,
    });
    expect(plan({ loadAmps: 560, withstandSeconds: 0.3 }, { prospectiveFaultAmps: 50000 })!.instantaneousAmps).toBe(6720);
    expect(plan({ loadAmps: 560 }, fault, { icwAmps: 5500 })!.instantaneousAmps).toBe(5000);
  });
  it('short time lies below the least fault by its tolerance; no room is a conflict', () => {
    expect(plan({ loadAmps: 560 }, { minFaultAmps: 2200 })).toMatchObject({ shortTimeAmps: 2000, belowLeastFault: true, conflicts: [] });
    expect(plan({ loadAmps: 560 }, { minFaultAmps: 700 })!.conflicts).toHaveLength(1);
    expect(plan({ loadAmps: 560, conductorAmpacityAmps: 500 })!.conflicts[0]).toContain('conductor');
    expect(plan({ loadAmps: 900 })!.conflicts[0]).toContain('above the breaker');
  });
  it('earth fault at 20 %, at most 1200 A where NFPA 70 230.95 bounds it (from memory)', () => {
    const wye = { systemVolts: 480, voltsToGround: 277, phases: 3, currentKind: 'ac', grounding: 'solidly-grounded-wye' };
    expect(plan({ loadAmps: 560 })!.groundFaultAmps).toBe(160);
    expect(plan({ loadAmps: 5000 }, wye, { standard: 'UL 1066', ratedAmps: 6300 }, 'NFPA70')).toMatchObject({
      groundFaultAmps: 1200,
      groundFaultBounded: true,
    });
  });
  it('a breaker rated for 100 % is set to its load, another to 125 % of what is continuous', () => {
    const load = { continuousAmps: 600, noncontinuousAmps: 0 };
    expect(plan(load, {}, { standard: 'UL 1066', ratedAmps: 1000 }, 'NFPA70')!.loadAmps).toBe(600);
    expect(plan(load, {}, { standard: 'IEC 60947-2', ratedAmps: 1000 }, 'NFPA70')!.loadAmps).toBe(750);
  });
  it('no plan without rating, load or trip unit; the sheet has no rows then', () => {
    expect(plan({})).toBeUndefined();
    expect(plan({ loadAmps: 560 }, {}, { ratedAmps: null })).toBeUndefined();
    expect(airBreakers.settings({ need: contextFor({ kind: 'distribution-board' }, {}, 'air-breaker'), part: part() })).toEqual({
      rows: [],
      conflicts: [],
    });
    const sheet = airBreakers.settings({
      need: contextFor({ kind: 'distribution-board', loadAmps: 560, maintenanceModeNeeded: true }, {}, 'air-breaker'),
      part: part(),
    });
    expect(sheet.rows.map(({ id }) => id)).toEqual([
      'long-time',
      'short-time',
      'short-delay',
      'instantaneous',
      'earth-fault',
      'earth-delay',
      'maintenance',
    ]);
  });
  it('making factors of IEC 60947-2 table 2 (from memory)', () =>
    expect([4500, 6000, 10000, 20000, 42000, 50000, 65000].map(makingFactor)).toEqual([1.5, 1.5, 1.7, 2, 2.1, 2.1, 2.2]));
  it('is proved by its mechanism before its electrics, and from afar where it is worked so', () => {
    const ids = airBreakers
      .proofs({
        need: contextFor({ kind: 'distribution-board', loadAmps: 560, remoteOperation: true }, {}, 'air-breaker'),
        part: part({ mounting: 'draw-out' }),
      })
      .map(({ id }) => id);
    expect(ids[0]).toBe('discharged');
    expect(ids).toEqual(expect.arrayContaining(['interlocks', 'anti-pump', 'remote']));
    expect(ids).not.toContain('torque');
  });
});
