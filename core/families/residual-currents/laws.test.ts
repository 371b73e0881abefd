/** Laws that judging residual devices, coils and capacitors must keep, over random parts and positions; and what is proved of them. */
import type { ResidualType } from '../../fields/residual-fields';
import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { plainCase, verdictOrder } from '@/tests/judging';
import type { FieldValues, PlainCase } from '../../case/case';
import { electronicsKinds, residualTypes } from '../../fields/residual-fields';
import { contextOf, judgeCase } from '../../judge-case';
import type { Verdict } from '../../needs/need';
import { proofVerdict } from '../../swap/sign-off';
import { residualCurrents } from '.';
import { overcurrentPartOf } from './canonical';
import { liveConductors } from './place-needs';

const rank = (verdict: Verdict) => verdictOrder.indexOf(verdict);
const plain = (supply: FieldValues, load: FieldValues, specs: FieldValues[], practice: PlainCase['practice'] = 'IEC') =>
  plainCase({ practice, family: 'residual-current', supply, load }, specs);
const verdicts = (supply: FieldValues, load: FieldValues, specs: FieldValues[]) =>
  judgeCase(plain(supply, load, specs)).candidates.map(({ verdict }) => verdict);

const supply = fc.record({
  systemVolts: fc.constant(230),
  voltsToGround: fc.constant(230),
  phases: fc.constant(1),
  wires: fc.constant(2),
  currentKind: fc.constant('ac'),
  grounding: fc.constantFrom('TN-S', 'TT'),
  earthElectrodeOhms: fc.constantFrom(20, 150, 900),
  prospectiveFaultAmps: fc.constantFrom(3000, 8000),
  upstreamOvercurrentAmps: fc.constantFrom(32, 63),
});
const load = fc.record({
  kind: fc.constant('socket-circuit'),
  electronics: fc.constantFrom(...electronicsKinds),
  smoothDcLimitMilliamps: fc.constantFrom(undefined, 6, 10, 20),
  standingLeakageMilliamps: fc.constantFrom(0, 5, 12, 40),
  additionalProtection: fc.boolean(),
  overcurrentNeededHere: fc.boolean(),
  loadAmps: fc.constantFrom(10, 30),
  disconnectSeconds: fc.constantFrom(0.2, 0.4),
});
const spec = fc.record({
  standard: fc.constantFrom('IEC/EN 61008-1', 'IEC/EN 61009-1'),
  residualType: fc.constantFrom(...residualTypes),
  delay: fc.constantFrom('general', 'S'),
  sensitivityMilliamps: fc.constantFrom(10, 30, 100, 300),
  ratedAmps: fc.constantFrom(16, 32, 63),
  curve: fc.constantFrom('B', 'C'),
  icnAmps: fc.constantFrom(6000, 10000),
  conditionalShortCircuitAmps: fc.constantFrom(6000, 10000),
  poles: fc.constantFrom(2, 4),
  ratedVolts: fc.constant(230),
});

describe('laws of judging', () => {
  it('a type that covers more waveforms is never judged worse', () => {
    fc.assert(
      fc.property(supply, load, spec, (at, asked, part) => {
        const all = verdicts(
          at,
          asked,
          residualTypes.map((residualType) => ({ ...part, residualType })),
        ).map(rank);
        all.forEach((now, i) => expect(now).toBeGreaterThanOrEqual(all[i - 1] ?? now));
      }),
    );
  });
  it('more standing leakage is never judged easier, nor a worse electrode', () => {
    fc.assert(
      fc.property(supply, load, spec, fc.integer({ min: 0, max: 60 }), fc.integer({ min: 1, max: 3000 }), (at, asked, part, more, ohms) => {
        const of = (s: FieldValues, l: FieldValues) => rank(verdicts(s, l, [part])[0]!);
        expect(of(at, { ...asked, standingLeakageMilliamps: asked.standingLeakageMilliamps + more })).toBeLessThanOrEqual(of(at, asked));
        expect(of({ ...at, earthElectrodeOhms: at.earthElectrodeOhms + ohms }, asked)).toBeLessThanOrEqual(of(at, asked));
      }),
    );
  });
  it('a worn mark is never a fit where it was a fail', () => {
    fc.assert(
      fc.property(
        supply,
        load,
        spec,
        fc.constantFrom('residualType', 'delay', 'sensitivityMilliamps', 'ratedAmps', 'poles'),
        (at, asked, part, name) => {
          const [, worn] = verdicts(at, asked, [part, { ...part, [name]: null }]);
          expect(worn).not.toBe('fits');
        },
      ),
    );
  });
  it('the lines of an overcurrent part are not asked of one that has none, and the other way', () => {
    fc.assert(
      fc.property(supply, load, spec, (at, asked, part) => {
        const without = judgeCase(
          plain(at, { ...asked, startAmps: 40 }, [
            { ...part, standard: 'IEC/EN 61008-1' },
            { ...part, standard: 'IEC/EN 61009-1' },
          ]),
        );
        const quantities = (i: number) => without.candidates[i]!.lines.map(({ quantity }) => quantity);
        expect(quantities(0)).not.toContain('instantaneousHoldsAmps');
        expect(quantities(0)).toContain('ratedAmpsUpstream');
        expect(quantities(1)).toContain('instantaneousHoldsAmps');
        expect(quantities(1)).not.toContain('conditionalShortCircuitAmps');
      }),
    );
  });
});

describe('what a plate tells', () => {
  it.each([
    [{ standard: 'IEC/EN 61008-1', curve: 'B' }, 'without'],
    [{ standard: 'IEC/EN 61009-1' }, 'with'],
    [{ curve: 'C', ratedAmps: 63, sensitivityMilliamps: 30 }, 'with'],
    [{ curve: 'none', ratedAmps: 63, sensitivityMilliamps: 30 }, 'without'],
    [{ standard: 'IEC/EN 62423', conditionalShortCircuitAmps: 10000 }, 'without'],
    [{ standard: 'UL 943', interruptingAmps: 10000 }, 'with'],
    [{ ratedAmps: 63 }, null],
    [{ standard: null, curve: null }, null],
  ] as const)('%o: %s overcurrent part (common practice)', (marks, part) => expect(overcurrentPartOf(marks)).toBe(part));
  it('poles with their neutral, the highest of its volts, a type without a letter', () => {
    expect(residualCurrents.specFromPlate({ poleForm: '3P+N', ratedVolts: [230, 400] })).toMatchObject({ poles: 4, ratedVolts: 400 });
    expect(residualCurrents.shortDescription({ residualType: 'A', sensitivityMilliamps: 30, ratedAmps: 40, poles: 2, curve: 'none' })).toBe(
      'type A, 30 mA, 40 A, 2 poles',
    );
    expect(
      residualCurrents.shortDescription({ residualType: 'F', sensitivityMilliamps: 30, ratedAmps: 16, curve: 'C', poles: 2 }),
    ).toContain('C16 A');
  });
  it('conductors: all of them, unless the position says', () => {
    const live = (supplied: FieldValues, asked: FieldValues = {}) => liveConductors(contextOf(plain(supplied, asked, [])))?.count;
    expect(live({ phases: 3, wires: 4 })).toBe(4);
    expect(live({ phases: 3, wires: 5 })).toBe(4);
    expect(live({ phases: 3 })).toBeUndefined();
    expect(live({ phases: 3, wires: 4 }, { polesToSwitch: null })).toBeNull();
    expect(liveConductors(contextOf(plain({ phases: 1 }, {}, [], 'NFPA70')))).toBeUndefined();
  });
});

describe('proofs (IEC 61008-1: no trip at half, 300 and 40 ms; BS 7671 411.5.3, from memory)', () => {
  const proofsOf = (marks: FieldValues, supplied: FieldValues = { grounding: 'TT' }) =>
    residualCurrents.proofs({
      need: contextOf(plain(supplied, { standingLeakageMilliamps: 4 }, [])),
      part: residualCurrents.canonical(marks),
    });
  const general = proofsOf({ sensitivityMilliamps: 30, delay: 'general' });
  const by = (list: typeof general, id: string) => list.find((proof) => proof.id === id)!;
  it.each([
    ['trip-current', 0.0149, 'check'],
    ['trip-current', 0.022, 'fits'],
    ['trip-current', 0.031, 'check'],
    ['time-once', 0.3, 'fits'],
    ['time-once', 0.301, 'fails'],
    ['time-five', 0.04, 'fits'],
    ['time-five', 0.041, 'fails'],
    ['electrode', 1666, 'fits'],
    ['electrode', 1667, 'fails'],
    ['leakage', 0.009, 'fits'],
    ['leakage', 0.01, 'check'],
    ['leakage', 0.016, 'fails'],
  ] as const)('%s of %f: %s', (id, reading, verdict) => expect(proofVerdict(by(general, id), { reading })).toBe(verdict));
  it('a delayed one has a least time too', () => {
    const delayed = proofsOf({ sensitivityMilliamps: 100, delay: 'S' }, {});
    expect(by(delayed, 'time-once')).toMatchObject({ low: 0.13, high: 0.5 });
    expect(by(delayed, 'time-five')).toMatchObject({ low: 0.05, high: 0.15 });
    expect(by(delayed, 'electrode')).toBeUndefined();
  });
  it('is tried with what its load leaks, where it is made to see that (IEC 61008-1: 0.35 to 1.4 times; IEC 62423: 0.5 to 2, from memory)', () => {
    const tried = (residualType: ResidualType, electronics: string, sensitivityMilliamps = 30) =>
      residualCurrents
        .proofs({
          need: contextOf(plain({}, { electronics }, [])),
          part: residualCurrents.canonical({ sensitivityMilliamps, residualType }),
        })
        .filter(({ id }) => id.startsWith('trips-'))
        .map(({ id, low, high }) => [id, Number(low!.toPrecision(6)), Number(high!.toPrecision(6))]);
    expect(tried('A', 'single-phase-rectifier')).toEqual([['trips-half-waves', 0.0105, 0.042]]);
    expect(tried('A', 'single-phase-rectifier', 10)).toEqual([['trips-half-waves', 0.0035, 0.02]]);
    expect(tried('B', 'three-phase-rectifier', 300)).toEqual([['trips-smooth-dc', 0.15, 0.6]]);
    expect(tried('B', 'ev-charger').map(([id]) => id)).toEqual(['trips-half-waves', 'trips-smooth-dc']);
    // Where smooth DC is the load's own detector's business, a type A is not tried with it.
    expect(tried('A', 'ev-charger').map(([id]) => id)).toEqual(['trips-half-waves']);
    expect(tried('AC', 'none')).toEqual([]);
  });
  it('a North American one is proved by a tester of its class', () => {
    const ids = proofsOf({ standard: 'UL 943', protectionClass: 'GFCI Class A', tripMilliamps: 5 }, {}).map(({ id }) => id);
    expect(ids).toContain('tester');
    expect(ids).not.toContain('time-once');
  });
  it('never tells anyone to work live', () => {
    for (const { how } of general) expect(how).not.toMatch(/while live|energi[sz]ed work|work live/i);
  });
});

describe('cautions and terminals', () => {
  const cautions = (load: FieldValues, supplied: FieldValues = {}) =>
    residualCurrents.cautions(contextOf(plain(supplied, load, []))).join(' ');
  it('no blinding type upstream of smooth direct current; what is not said is asked', () => {
    expect(cautions({ electronics: 'three-phase-rectifier' })).toContain('No type AC or A upstream');
    expect(cautions({ electronics: 'single-phase-rectifier' })).not.toContain('No type AC or A upstream');
    // A converter on one phase leaks no smooth part; a load that bounds its own leaves a type A upstream its sight.
    expect(cautions({ electronics: 'single-phase-converter' })).not.toContain('upstream of it');
    expect(cautions({ electronics: 'ev-charger', smoothDcLimitMilliamps: 6 })).toContain('No type AC upstream of it: up to 6 mA');
    expect(cautions({ electronics: 'ev-charger', smoothDcLimitMilliamps: 10 })).toContain('No type AC or A upstream');
    expect(cautions({ kind: 'distribution-board' })).toContain('one for each');
    expect(cautions({ kind: 'socket-circuit' })).not.toContain('one for each');
    expect(cautions({})).toContain('is not said');
    expect(cautions({ overcurrentNeededHere: true })).not.toContain('needs one upstream');
  });
  it('the neutral is a conductor of the map, by a lead in North America', () => {
    const of = (marks: FieldValues, practice: PlainCase['practice'] = 'IEC') =>
      residualCurrents.terminals(contextOf(plain({}, {}, [], practice)), null, residualCurrents.canonical(marks)).map(({ to }) => to);
    expect(of({ standard: 'IEC/EN 61008-1', poles: 2 })).toEqual(['1', 'N', '2', 'N']);
    expect(of({ standard: 'IEC/EN 61008-1', poles: 4 })).toEqual(['1', '3', '5', 'N', '2', '4', '6', 'N']);
    expect(of({ standard: 'IEC/EN 61009-1', poles: 2 }).at(-2)).toContain('flying neutral');
    expect(of({ standard: 'IEC/EN 61009-1', poles: 2 }).at(-1)).toContain('functional earth');
    expect(of({ standard: 'UL 943', poles: 1, interruptingAmps: 10000 }, 'NFPA70')).toContain('white lead to the neutral bar');
  });
});
