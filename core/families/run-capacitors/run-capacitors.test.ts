/** Run capacitors: laws, combinations, readings against an independent circuit solution, terminals of two singles for a dual. */
import type { DeviceFamily } from '../contract';
import fc from 'fast-check';
import { abs, add, complex, divide, multiply, type Complex } from 'mathjs';
import { describe, expect, it } from 'vitest';
import { plainCase, verdictOrder } from '@/tests/judging';
import type { FieldValues } from '../../case/case';
import { contextOf, judgeCase } from '../../judge-case';
import { restateLife } from '../../standards/run-capacitors';
import { proofVerdict } from '../../swap/sign-off';
import { runCapacitors } from '.';
import { runningMicrofarads, rowMicrofarads } from './canonical';
import { combineCapacitors } from './combine';
import { inParallel, waysToMake, type Single } from './combinations';
import { plateVoltsOf } from './needs';
import { worksheetOf } from '../../worksheets/registry';
import { conditionOf, runCapacitorCondition } from './verdict';

const plain = (load: FieldValues, specs: FieldValues[], supply: FieldValues = { hertz: 60 }) =>
  plainCase({ practice: 'NFPA70', family: 'run-capacitor', supply, load }, specs);
const contextFor = (load: FieldValues) => contextOf(plain(load, []));
const anyCapacitor: DeviceFamily = runCapacitors;
const unit: FieldValues = {
  kind: 'hermetic-compressor',
  sections: [
    { name: 'compressor', microfarads: 40 },
    { name: 'fan', microfarads: 7.5 },
  ],
  plateVolts: 370,
};

describe('laws', () => {
  const figure = fc.constantFrom(5, 7.5, 40, 45);
  const spec = fc.record({
    kind: fc.constantFrom('run', 'start'),
    sections: fc.array(fc.record({ name: fc.constantFrom('compressor', 'fan', 'motor'), microfarads: figure }), {
      minLength: 1,
      maxLength: 2,
    }),
    ratedVolts: fc.constantFrom(250, 370, 440),
    tolerancePercent: fc.constantFrom(5, 6, 10),
    maxCaseC: fc.constantFrom(60, 70, 85),
  });
  it('higher capacitor volts never turn a fit into a fail, nor any verdict into a worse one', () => {
    fc.assert(
      fc.property(spec, fc.constantFrom(370, 440, 660), (part, volts) => {
        const [before, after] = judgeCase(plain(unit, [part, { ...part, ratedVolts: Math.max(part.ratedVolts, volts) }])).candidates;
        expect(verdictOrder.indexOf(after!.verdict)).toBeGreaterThanOrEqual(verdictOrder.indexOf(before!.verdict));
      }),
    );
  });
  it('a start capacitor never fits', () => {
    fc.assert(
      fc.property(spec, (part) => {
        expect(judgeCase(plain(unit, [{ ...part, kind: 'start' }])).candidates[0]!.verdict).toBe('fails');
      }),
    );
  });
  it('any other capacitance fails, however near', () => {
    fc.assert(
      fc.property(fc.double({ min: 0.5, max: 100, noNaN: true }), (microfarads) => {
        fc.pre(Math.abs(microfarads - 40) > 1e-6);
        const answer = judgeCase(
          plain({ kind: 'motor-1ph', sections: [{ name: 'motor', microfarads: 40 }] }, [
            { kind: 'run', sections: [{ name: 'motor', microfarads }] },
          ]),
        );
        expect(answer.candidates[0]!.verdict).toBe('fails');
      }),
    );
  });
});

describe('capacitance from running volts and amps, against a circuit solved with complex numbers', () => {
  const ohms = (re: number, im: number) => complex(re, im);
  it('a winding in series with the capacitor', () => {
    fc.assert(
      fc.property(
        fc.double({ min: 2, max: 80, noNaN: true }),
        fc.double({ min: 5, max: 60, noNaN: true }),
        fc.double({ min: 0.05, max: 0.4, noNaN: true }),
        fc.constantFrom(50, 60),
        (microfarads, resistance, henry, hertz) => {
          const w = 2 * Math.PI * hertz;
          const capacitor = ohms(0, -1 / (w * microfarads * 1e-6));
          const whole = add(ohms(resistance, w * henry), capacitor) as Complex;
          const current = divide(complex(230, 0), whole) as Complex;
          const across = multiply(current, capacitor) as Complex;
          expect(runningMicrofarads(Number(abs(current)), Number(abs(across)), hertz)).toBeCloseTo(microfarads, 6);
        },
      ),
    );
  });
  it('the capacitor sees more than the line where the winding is inductive (common practice)', () => {
    const w = 2 * Math.PI * 60;
    const capacitor = ohms(0, -1 / (w * 40e-6));
    const current = divide(complex(240, 0), add(ohms(12, w * 0.09), capacitor) as Complex) as Complex;
    expect(Number(abs(multiply(current, capacitor) as Complex))).toBeGreaterThan(240);
  });
});

describe('good, weak, open, shorted', () => {
  it.each([
    [33.25, 35, 5, 'good'],
    [36.75, 35, 5, 'good'],
    [36.76, 35, 5, 'weak'],
    [33.0, 35, 5, 'weak'],
    [33.0, 35, 6, 'good'],
    [35.3, 35, 5, 'good'],
    [4.75, 5, 5, 'good'],
    [4.74, 5, 5, 'weak'],
    [0, 35, 5, 'open'],
    [3.4, 35, 5, 'open'],
    [Infinity, 35, 5, 'shorted'],
    [71, 35, 5, 'shorted'],
  ] as const)('%f of %f at ±%i %%: %s (common practice)', (read, rated, tolerance, condition) =>
    expect(conditionOf(read, rated, tolerance)).toBe(condition),
  );
  const stateOf = (spec: Record<string, unknown>, supply: FieldValues = {}) =>
    runCapacitorCondition({ ...contextFor({ kind: 'motor-1ph' }), supply }, spec).map(({ about, word, verdict }) => [about, word, verdict]);
  const dual = {
    sections: [
      { name: 'compressor', microfarads: 35 },
      { name: 'fan', microfarads: 5 },
    ],
    tolerancePercent: 6,
  };
  it('of a part: section by section, each with its own word', () => {
    expect(stateOf({ ...dual, reads: { compressor: 35.3, fan: 4.2 } })).toEqual([
      ['Compressor', 'good', 'fits'],
      ['Fan', 'weak', 'fails'],
    ]);
    expect(stateOf({ ...dual, reads: { fan: null } })).toEqual([['Fan', 'not known', 'not-known']]);
    expect(stateOf(dual)).toEqual([]);
  });
  it('open and shorted are told without a tolerance, weak is not', () => {
    const bare = { ...dual, tolerancePercent: null };
    expect(stateOf({ ...bare, reads: { compressor: 0.2, fan: 4 } })).toEqual([
      ['Compressor', 'open', 'fails'],
      ['Fan', 'not known', 'not-known'],
    ]);
    expect(stateOf({ ...bare, sections: null, reads: { fan: 0.1 } })[0]![1]).toBe('not known');
  });
  it('of running figures, at the hertz of the supply: 3.18 A at 400 V, 60 Hz is 21.1 µF (own arithmetic)', () => {
    const single = { sections: [{ name: 'motor', microfarads: 22.5 }], tolerancePercent: 5, measuredAmps: 3.18, measuredVolts: 400 };
    expect(stateOf(single, { hertz: 60 })).toEqual([['Running', 'weak', 'fails']]);
    expect(stateOf(single, {})).toEqual([]);
  });
  it('the worksheet from running figures says the same word', () => {
    const said = (amps: number, tolerancePercent?: number) => {
      const result = worksheetOf('capacitor-from-running')!.compute({
        amps,
        volts: 400,
        hertz: 60,
        markedMicrofarads: 20,
        tolerancePercent,
      });
      return result.ok ? result.cautions[0]!.split(':')[0] : undefined;
    };
    // 20 µF at 400 V, 60 Hz takes 3.016 A (own arithmetic).
    expect([said(3.016, 5), said(2.7, 5), said(0.2, 5), said(6.2, 5), said(0.2)]).toEqual(['Good', 'Weak', 'Open', 'Shorted', 'Open']);
    expect(said(2.7)).toMatch(/^This is measured/);
  });
  it('falls exactly where its line falls, whatever is read', () =>
    fc.assert(
      fc.property(
        fc.double({ min: 0, max: 100, noNaN: true }),
        fc.double({ min: 1, max: 60, noNaN: true }),
        fc.integer({ min: 1, max: 20 }),
        (read, rated, tolerancePercent) => {
          const spec = { sections: [{ name: 'motor', microfarads: rated }], tolerancePercent, reads: { motor: read } };
          const [line] = judgeCase(plain({ kind: 'motor-1ph' }, [spec])).candidates[0]!.lines.filter(
            ({ quantity }) => quantity === 'capacitanceRead',
          );
          // At the very edge the line's rounded share and the condition may differ.
          fc.pre(Math.abs(Number(line!.have) - 100) > 1e-4);
          expect(stateOf(spec)[0]![2]).toBe(line!.verdict);
        },
      ),
    ));
});

describe('life (IEC 60252-1 classes, from memory; halving by 10 K is common practice)', () => {
  it('halves above, doubles below, and comes back', () => {
    expect(restateLife(60000, 70, 80)).toBe(30000);
    expect(restateLife(60000, 70, 60)).toBe(120000);
    fc.assert(
      fc.property(
        fc.integer({ min: 1, max: 90000 }),
        fc.integer({ min: 20, max: 110 }),
        fc.integer({ min: 20, max: 110 }),
        (hours, a, b) => {
          expect(restateLife(restateLife(hours, a, b), b, a) / hours).toBeCloseTo(1, 9);
        },
      ),
    );
  });
});

const single = (id: string, microfarads: number, volts = 440): Single => ({ id, name: id, microfarads, volts });
describe('combinations', () => {
  it('adds up exactly, fewest parts first, never below the volts', () => {
    const shelf = [single('a', 30), single('b', 7.5), single('c', 37.5, 370), single('d', 15), single('e', 15)];
    const ways = waysToMake({ microfarads: 37.5, volts: 370 }, shelf).map((way) => way.map(({ id }) => id).join('+'));
    expect(ways).toEqual(['c', 'a+b', 'd+e+b']);
    expect(waysToMake({ microfarads: 37.5, volts: 440 }, shelf).map((way) => way.length)).toEqual([2, 3]);
    expect(waysToMake({ microfarads: 38, volts: 370 }, shelf)).toEqual([]);
    expect(inParallel([single('a', 30), single('b', 7.5, 370)])).toEqual({ microfarads: 37.5, volts: 370 });
  });
  it('every way makes what was asked, of parts that are there once', () => {
    fc.assert(
      fc.property(
        fc.array(fc.record({ microfarads: fc.constantFrom(2, 3, 5, 7.5, 10, 12.5), volts: fc.constantFrom(370, 440) }), { maxLength: 7 }),
        fc.constantFrom(10, 12.5, 15, 20),
        fc.constantFrom(370, 440),
        (parts, microfarads, volts) => {
          for (const way of waysToMake(
            { microfarads, volts },
            parts.map((part, i) => ({ id: String(i), name: '', ...part })),
          )) {
            expect(inParallel(way).microfarads).toBeCloseTo(microfarads, 9);
            expect(inParallel(way).volts).toBeGreaterThanOrEqual(volts);
            expect(new Set(way.map(({ id }) => id)).size).toBe(way.length);
          }
        },
      ),
    );
  });
  it('joined singles of a row count as their sum', () => {
    expect(rowMicrofarads({ microfarads: 45, parallel: [30, 15] })).toBe(45);
    expect(rowMicrofarads({ microfarads: 45, parallel: [30, null] })).toBeNull();
    expect(rowMicrofarads({ microfarads: null })).toBeNull();
  });
});

const part = (id: string, microfarads: number, more: FieldValues = {}) => ({
  id,
  name: id.toUpperCase(),
  raw: {
    kind: 'run',
    sections: [{ name: 'motor', microfarads }],
    ratedVolts: 440,
    hertz: [50, 60],
    tolerancePercent: 6,
    maxCaseC: 70,
    protection: 'protected',
    ...more,
  },
});
describe('singles on the shelf for a dual', () => {
  const shelf = [part('a', 40), part('b', 7.5, { tolerancePercent: 10, maxCaseC: 65 }), part('c', 20), part('d', 20, { ratedVolts: 370 })];
  it('two singles, or three, with the worst of what they state', () => {
    const [two, three] = combineCapacitors(contextFor(unit), shelf);
    expect(two).toMatchObject({
      ids: ['a', 'b'],
      raw: { ratedVolts: 440, tolerancePercent: 10, maxCaseC: 65, protection: 'protected', madeOf: '2 singles: A and B' },
    });
    // Of equal singles the one of fewer volts goes first: the better one stays for where it is needed.
    expect(three!.ids).toEqual(['d', 'c', 'b']);
    expect(three!.raw).toMatchObject({
      ratedVolts: 370,
      sections: [{ name: 'compressor', microfarads: 40, parallel: [20, 20] }, { name: 'fan' }],
    });
    expect(judgeCase(plain(unit, [two!.raw])).candidates[0]!.verdict).toBe('fits');
  });
  it('nothing of start capacitors, of what is unread, or where the plate is not known', () => {
    expect(combineCapacitors(contextFor(unit), [part('a', 40, { kind: 'start' }), part('b', 7.5)])).toEqual([]);
    expect(combineCapacitors(contextFor(unit), [part('a', 40, { ratedVolts: null }), part('b', 7.5)])).toEqual([]);
    expect(combineCapacitors(contextFor({ ...unit, sections: null }), shelf)).toEqual([]);
    expect(combineCapacitors(contextFor({ ...unit, plateVolts: null }), shelf)).toEqual([]);
  });
  it('the same parts give the same combination again', () => {
    const [two] = combineCapacitors(contextFor(unit), shelf);
    expect(combineCapacitors(contextFor(unit), [shelf[0]!, shelf[1]!])).toEqual([two]);
  });
  it('the map from a dual to two singles joins their commons', () => {
    const [two] = combineCapacitors(contextFor(unit), shelf);
    const dual = anyCapacitor.canonical({ sections: unit.sections });
    const moves = runCapacitors.terminals(contextFor(unit), dual, runCapacitors.canonical(two!.raw));
    expect(moves.map(({ from, to }) => [from, to])).toEqual([
      ['C', 'one terminal of each, joined'],
      ['HERM', 'other terminal of the compressor capacitor'],
      ['FAN', 'other terminal of the fan capacitor'],
    ]);
    const [, three] = combineCapacitors(contextFor(unit), shelf);
    expect(runCapacitors.terminals(contextFor(unit), dual, runCapacitors.canonical(three!.raw))[1]).toEqual({
      circuit: 'main',
      from: 'HERM',
      to: 'other terminals of 20 µF and 20 µF, joined',
      note: 'compressor lead, these in parallel',
    });
  });
  it('one half of a dual leaves a terminal to insulate', () => {
    const motor: FieldValues = { kind: 'motor-1ph', sections: [{ name: 'motor', microfarads: 7.5 }] };
    const moves = runCapacitors.terminals(contextFor(motor), null, anyCapacitor.canonical({ sections: unit.sections }));
    expect(moves.some(({ note }) => note.includes('insulate'))).toBe(true);
  });
});

describe('plates', () => {
  it('two figures are compressor and fan, of several volts the lowest, AFC is protected, P2 continues S2', () => {
    expect(runCapacitors.specFromPlate({ microfarads: [40, 7.5], ratedVolts: [440, 370], faultCurrentAmps: 10000 })).toMatchObject({
      sections: unit.sections,
      ratedVolts: 370,
      protection: 'protected',
    });
    const newer = runCapacitors.specFromPlate({ microfarads: 12.5, protection: 'P2', hertz: 50 });
    expect(runCapacitors.canonical(newer).protection).toBe('S2');
    expect(newer).toMatchObject({
      sections: [{ name: 'motor', microfarads: 12.5 }],
      hertz: [50],
    });
    expect(runCapacitors.specFromPlate({ microfarads: null }).sections).toBeNull();
  });
  it('the motor’s own volts are never taken for the capacitor’s', () => {
    expect(runCapacitors.loadFromPlate({ plateVolts: 230, runCapacitorMicrofarads: 12.5, runCapacitorVolts: 400 })).toMatchObject({
      plateVolts: 400,
      sections: [{ name: 'motor', microfarads: 12.5 }],
    });
    expect(runCapacitors.loadFromPlate({ plateVolts: 230 }).plateVolts).toBeNull();
    expect(runCapacitors.loadFromPlate({ runCapacitorMicrofarads: null }).sections).toBeNull();
    expect([plateVoltsOf({ plateVolts: '370/440' }), plateVoltsOf({ plateVolts: 'x' }), plateVoltsOf({})]).toEqual([370, null, undefined]);
  });
  it('each section is proved against its tolerance', () => {
    const proofs = runCapacitors.proofs({ need: contextFor(unit), part: runCapacitors.canonical({ tolerancePercent: 6 }) });
    const fan = proofs.find(({ id }) => id === 'reads-fan')!;
    expect([7.05, 7.95, 7.0, 8.0].map((reading) => proofVerdict(fan, { reading }))).toEqual(['fits', 'fits', 'fails', 'fails']);
    expect(proofs[0]!.id).toBe('discharged');
    expect(runCapacitors.cautions(contextFor({ kind: 'motor-1ph' })).join(' ')).toContain('nothing is proved');
  });
});
