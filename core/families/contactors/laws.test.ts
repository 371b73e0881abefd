/** Laws that judging a contactor must keep, over random parts and positions. */
import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { plainCase, verdictOrder } from '@/tests/judging';
import type { FieldValues, PlainCase } from '../../case/case';
import { contextOf, judgeCase } from '../../judge-case';
import { compileNeed } from '../../matching/evaluate';
import type { Verdict } from '../../needs/need';
import { contactors } from '.';

const rank = (verdict: Verdict) => verdictOrder.indexOf(verdict);
const plain = (supply: FieldValues, load: FieldValues, specs: FieldValues[], duty: FieldValues = {}) =>
  plainCase({ practice: 'NFPA70', family: 'contactor', supply, load, duty }, specs);
const verdictsOf = (one: PlainCase, spec: FieldValues) => {
  const part = contactors.canonical(spec);
  return new Map(contactors.needs(contextOf(one)).map((need) => [need.id, compileNeed(need).verdict(part)]));
};

const volts = fc.constantFrom(208, 240, 480, 600);
const amps = fc.double({ min: 1, max: 400, noNaN: true });
const part = fc.record({
  poles: fc.constantFrom(1, 2, 3, 4),
  fullLoadAmps: amps,
  lockedRotorAmps: fc.double({ min: 6, max: 2400, noNaN: true }),
  resistiveAmps: amps,
  shortCircuitRatingAmps: fc.constantFrom(5000, 10000, 65000),
  maxAmbientC: fc.constantFrom(40, 60),
  auxNormallyOpen: fc.constantFrom(0, 1, 2),
});
const specOf = ({ fullLoadAmps, lockedRotorAmps, resistiveAmps, ...rest }: Record<string, number>): FieldValues => ({
  standard: 'UL 60947-4-1 (definite purpose)',
  ...rest,
  ratings: [240, 480, 600].map((at, i) => ({ volts: at, fullLoadAmps, lockedRotorAmps: lockedRotorAmps! * (1 - i / 6), resistiveAmps })),
});
const position = fc.record({
  systemVolts: volts,
  fault: fc.constantFrom(4000, 9000, 20000),
  ambient: fc.constantFrom(35, 40, 50),
  running: amps,
  start: fc.double({ min: 6, max: 2400, noNaN: true }),
  aux: fc.constantFrom(0, 1, 2),
});
const caseOf = (
  at: { systemVolts: number; fault: number; ambient: number; running: number; start: number; aux: number },
  spec: FieldValues,
) =>
  plain(
    { systemVolts: at.systemVolts, currentKind: 'ac', prospectiveFaultAmps: at.fault, ambientC: at.ambient },
    { kind: 'hermetic-compressor', ratedLoadAmps: at.running, lockedRotorAmps: at.start, polesToSwitch: 2, auxNormallyOpenNeeded: at.aux },
    [spec],
  );

describe('a better part is never judged worse', () => {
  it.each(['poles', 'fullLoadAmps', 'lockedRotorAmps', 'shortCircuitRatingAmps', 'maxAmbientC', 'auxNormallyOpen'] as const)(
    'more %s',
    (name) => {
      fc.assert(
        fc.property(position, part, fc.integer({ min: 1, max: 3 }), (at, marks, more) => {
          const better = { ...marks, [name]: marks[name] + more };
          const [a, b] = [specOf(marks), specOf(better)].map((spec) => judgeCase(caseOf(at, spec)).candidates[0]!.verdict);
          return rank(b!) >= rank(a!);
        }),
      );
    },
  );
});

describe('a harder position is never judged easier', () => {
  it.each(['fault', 'ambient', 'running', 'start', 'aux'] as const)('more %s', (name) => {
    fc.assert(
      fc.property(position, part, fc.integer({ min: 1, max: 50 }), (at, marks, more) => {
        const harder = { ...at, [name]: at[name] + more };
        const spec = specOf(marks);
        return rank(judgeCase(caseOf(harder, spec)).candidates[0]!.verdict) <= rank(judgeCase(caseOf(at, spec)).candidates[0]!.verdict);
      }),
    );
  });
});

describe('what does not matter', () => {
  it('the order of rating rows', () => {
    fc.assert(
      fc.property(position, part, (at, marks) => {
        const spec = specOf(marks);
        const turned = { ...spec, ratings: [...(spec.ratings as unknown[])].reverse() };
        return JSON.stringify(judgeCase(caseOf(at, spec)).candidates) === JSON.stringify(judgeCase(caseOf(at, turned)).candidates);
      }),
    );
  });
  it('rows below the system’s volts', () => {
    fc.assert(
      fc.property(position, part, amps, (at, marks, other) => {
        const spec = specOf(marks);
        const more = { ...spec, ratings: [{ volts: 110, fullLoadAmps: other, lockedRotorAmps: other }, ...(spec.ratings as unknown[])] };
        return judgeCase(caseOf(at, spec)).candidates[0]!.verdict === judgeCase(caseOf(at, more)).candidates[0]!.verdict;
      }),
    );
  });
  it('who stands beside a part, as long as the same figures are carried', () => {
    fc.assert(
      fc.property(position, part, part, (at, a, b) => {
        const alone = judgeCase(caseOf(at, specOf(a))).candidates[0]!;
        const beside = judgeCase({
          ...caseOf(at, specOf(a)),
          candidates: [
            { id: '0', spec: specOf(a) },
            { id: '1', spec: specOf(b) },
          ],
        }).candidates[0]!;
        return JSON.stringify(alone) === JSON.stringify(beside);
      }),
    );
  });
  it('the removed part is judged by the same lines as a candidate', () => {
    fc.assert(
      fc.property(position, part, (at, marks) => {
        const spec = specOf(marks);
        const answer = judgeCase({ ...caseOf(at, spec), removed: { spec } });
        return (
          JSON.stringify(answer.removed) === JSON.stringify({ verdict: answer.candidates[0]!.verdict, lines: answer.candidates[0]!.lines })
        );
      }),
    );
  });
});

describe('wear never makes a fit', () => {
  it('taking a mark away never turns a fail or an unknown into a fit', () => {
    fc.assert(
      fc.property(
        position,
        part,
        fc.constantFrom('poles', 'ratings', 'shortCircuitRatingAmps', 'maxAmbientC', 'auxNormallyOpen'),
        (at, marks, gone) => {
          const spec = specOf(marks);
          const before = verdictsOf(caseOf(at, spec), spec);
          const after = verdictsOf(caseOf(at, spec), { ...spec, [gone]: null });
          return [...after].every(([id, verdict]) => verdict !== 'fits' || before.get(id) === 'fits');
        },
      ),
    );
  });
});

describe('coils', () => {
  const coil = fc.constantFrom(24, 48, 110, 115, 120, 208, 220, 230, 240, 277, 400, 480);
  const lineOf = (supplyVolts: number, coilVolts: number) =>
    verdictsOf(plain({ controlVolts: supplyVolts, controlKind: 'ac', controlHertz: 60 }, { kind: 'lamp-bank' }, []), {
      standard: 'IEC 60947-4-1',
      coilVolts,
      coilKind: 'ac',
      coilHertz: [60],
    }).get('coil-volts');
  it('holds exactly from 85 to 110 % of its mark (IEC 60947-4-1, from memory)', () => {
    fc.assert(
      fc.property(coil, fc.double({ min: 0.5, max: 1.6, noNaN: true }), (mark, ratio) => {
        fc.pre(Math.abs(ratio - 0.85) > 1e-6 && Math.abs(ratio - 1.1) > 1e-6);
        return lineOf(mark * ratio, mark) === (ratio > 0.85 && ratio < 1.1 ? 'fits' : 'fails');
      }),
    );
  });
  it('at the edges it holds', () => {
    for (const mark of [24, 120, 230]) expect([lineOf(mark * 0.85, mark), lineOf(mark * 1.1, mark)]).toEqual(['fits', 'fits']);
  });
  it('a supply that swings asks more than its nominal', () => {
    fc.assert(
      fc.property(coil, coil, fc.double({ min: 0, max: 0.3, noNaN: true }), (supply, mark, swing) => {
        const at = (share: number) =>
          verdictsOf(
            plain(
              { controlVolts: supply, controlVoltsMin: supply * (1 - share), controlVoltsMax: supply * (1 + share), controlKind: 'ac' },
              { kind: 'lamp-bank' },
              [],
            ),
            { coilVolts: mark, coilKind: 'ac', coilHertz: [60] },
          ).get('coil-volts')!;
        return rank(at(swing)) <= rank(at(0));
      }),
    );
  });
});
