/** The two paths of a compiled need agree, and the rules of states, bands and overall verdicts hold. */
import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import type { Need, Verdict, RatingBasis } from '../needs/need';
import { compileNeed } from './evaluate';
import type { CanonicalSpec } from './canonical';
import { haveWords } from '../needs/line-text';
import { insteadOf, judgePart, marginOf, overallVerdict, plainNeeds } from './judge';
import { rank } from './rank';

const way = (more: Partial<RatingBasis> = {}): RatingBasis => ({
  quantity: 'poles',
  unit: 'count',
  relation: '>=',
  figure: { kind: 'field', name: 'poles' },
  limit: 3,
  ...more,
});
const need = (more: Partial<Need> = {}): Need => ({
  id: 'n',
  group: 'load',
  severity: 'must',
  safety: false,
  ways: [way()],
  because: 'Because.',
  brief: '',
  source: 'commonPractice',
  inputs: [],
  ...more,
});
const verdictOf = (one: Need, spec: CanonicalSpec) => compileNeed(one).verdict(spec);

describe('states of a mark', () => {
  it.each([
    [3, 'fits'],
    [4, 'fits'],
    [2, 'fails'],
    [null, 'not-known'],
    ['none', 'fails'],
    [undefined, 'not-known'],
  ] as const)('%s poles for 3: %s', (poles, verdict) => expect(verdictOf(need(), { poles })).toBe(verdict));
  it('a should-line that does not hold is a check', () => {
    expect(verdictOf(need({ severity: 'should' }), { poles: 2 })).toBe('check');
    expect(verdictOf(need({ severity: 'should' }), { poles: 'none' })).toBe('check');
    expect(verdictOf(need({ severity: 'should' }), { poles: null })).toBe('not-known');
  });
  it('a need that is not known judges nothing, whatever the part carries', () => {
    for (const poles of [1, 100, null, 'none', undefined])
      expect(verdictOf(need({ ways: [way({ limit: null })] }), { poles })).toBe('not-known');
  });
  it('an assumption makes a fit a check, and leaves a fail a fail', () => {
    expect(verdictOf(need({ assumed: true }), { poles: 3 })).toBe('check');
    expect(verdictOf(need({ assumed: true }), { poles: 2 })).toBe('fails');
  });
  it('figures equal but for arithmetic hold', () =>
    expect(verdictOf(need({ ways: [way({ limit: 0.1 + 0.2 })] }), { poles: 0.3 })).toBe('fits'));
  it('NaN holds nowhere', () => {
    for (const relation of ['>=', '<=', '=', 'within'] as const)
      expect(verdictOf(need({ ways: [way({ relation, limit: relation === 'within' ? [1, 2] : 1 })] }), { poles: Number.NaN })).toBe(
        'fails',
      );
  });
});

describe('bands', () => {
  const banded = need({ ways: [way({ limit: 100, checkFrom: 80 })] });
  it.each([
    [100, 'fits'],
    [99.9, 'check'],
    [80, 'check'],
    [79.9, 'fails'],
  ] as const)('%f against 80 to 100: %s', (poles, verdict) => expect(verdictOf(banded, { poles })).toBe(verdict));
  const school = need({ ways: [way({ limit: null, checkFrom: 90, notKnownFrom: 50 })] });
  it.each([
    [90, 'check'],
    [89, 'not-known'],
    [50, 'not-known'],
    [49, 'fails'],
    [1e6, 'check'],
  ] as const)('by a school alone %f: %s, never a fit', (poles, verdict) => expect(verdictOf(school, { poles })).toBe(verdict));
});

describe('relations', () => {
  it('most, exactly, within, one of, includes', () => {
    const of = (relation: RatingBasis['relation'], limit: RatingBasis['limit'], poles: unknown) =>
      verdictOf(need({ ways: [way({ relation, limit })] }), { poles });
    expect([of('<=', 3, 3), of('<=', 3, 3.1)]).toEqual(['fits', 'fails']);
    expect([of('=', 'a', 'a'), of('=', 'a', 'b')]).toEqual(['fits', 'fails']);
    expect([of('within', [1, 2], 2), of('within', [1, 2], 2.1)]).toEqual(['fits', 'fails']);
    expect([of('one-of', ['a', 'b'], 'b'), of('one-of', ['a', 'b'], 'c')]).toEqual(['fits', 'fails']);
    expect([of('includes', 60, [50, 60]), of('includes', 60, [50])]).toEqual(['fits', 'fails']);
  });
  it('bands of a coil must hold the whole swing of the supply', () => {
    const bands = (limit: RatingBasis['limit']) =>
      need({ ways: [way({ relation: 'includes', limit, figure: { kind: 'coil-bands', which: 'operating', supply: 'ac60' } })] });
    const spec = { coilOperating: { ac60: [[102, 132]] }, coilRated: { ac60: [[120, 120]] } };
    expect(verdictOf(bands(120), spec)).toBe('fits');
    expect(verdictOf(bands([102, 132]), spec)).toBe('fits');
    expect(verdictOf(bands([101, 132]), spec)).toBe('fails');
    expect(judgePart([compileNeed(bands(120))], spec, 'NFPA70').lines[0]).toMatchObject({ have: 120, margin: 12 });
  });
});

describe('ways', () => {
  const two = need({
    ways: [way({ figure: { kind: 'field', name: 'a' } }), way({ figure: { kind: 'field', name: 'b' }, verdictCap: 'check' })],
  });
  it('a figure beats a worn mark, a worn mark beats none', () => {
    expect(verdictOf(two, { a: null, b: 5 })).toBe('check');
    expect(verdictOf(two, { a: 'none', b: null })).toBe('not-known');
    expect(verdictOf(two, { a: 'none' })).toBe('fails');
    expect(verdictOf(two, { a: 5, b: 1 })).toBe('fits');
  });
  it('a second way of saying the same asks nothing of who does not carry it', () => {
    const only = compileNeed({ ...two, optionalRating: true });
    expect(only.verdict({})).toBe('fits');
    expect(judgePart([only], {}, 'IEC')).toEqual({ verdict: 'not-known', lines: [] });
    expect(only.verdict({ a: 1 })).toBe('fails');
  });
  it('a line is not asked of a part that its mark exempts, whatever else it carries', () => {
    const exempt = compileNeed({ ...two, notApplicableWhen: { name: 'kind', word: 'plain' } });
    expect(exempt.verdict({ kind: 'plain', a: 1 })).toBe('fits');
    expect(exempt.carries({ kind: 'plain', a: 1 })).toBe(false);
    expect(judgePart([exempt], { kind: 'plain', a: 1 }, 'IEC').lines).toEqual([]);
    expect(exempt.verdict({ kind: 'other', a: 1 })).toBe('fails');
    // Worn, it may be one that the line is not asked of: what does not hold is not known, what holds holds either way.
    expect(exempt.verdict({ kind: null, a: 1 })).toBe('not-known');
    expect(exempt.verdict({ kind: null, a: 5 })).toBe('fits');
    expect(plainNeeds([exempt], [{ kind: 'plain', a: 1 }])).toEqual([]);
  });
  const instead = need({
    ways: [
      way({
        relation: '<=',
        limit: 3,
        alternative: { figure: { kind: 'field', name: 'delay' }, relation: '>=', limit: 1, words: 'it waits', brief: 'waits' },
      }),
    ],
  });
  it.each([
    [{ poles: 3, delay: 0 }, 'fits'],
    [{ poles: 9, delay: 1 }, 'fits'],
    [{ poles: 9, delay: 0.9 }, 'fails'],
    [{ poles: 9, delay: null }, 'not-known'],
    [{ poles: 3, delay: null }, 'fits'],
    [{ poles: null, delay: 1 }, 'fits'],
    [{ poles: null, delay: 0 }, 'not-known'],
    [{ poles: 'none', delay: 1 }, 'fits'],
    [{ poles: 'none', delay: 0 }, 'fails'],
    [{ poles: 9, delay: 'none' }, 'fails'],
    [{ poles: 9 }, 'fails'],
  ] as const)('another mark makes it hold: %o is %s', (spec, verdict) => expect(verdictOf(instead, spec)).toBe(verdict));
  it('says by which mark it holds, never that a figure beyond the limit is in hand', () => {
    const [line] = judgePart([compileNeed(instead)], { poles: 9, delay: 2 }, 'IEC').lines;
    expect(line!.because).toContain('9; at most 3 allowed, but it waits.');
    expect(line!.because).not.toContain('in hand');
    expect(haveWords(line!, insteadOf(line!))).toBe('9, waits');
    const [own] = judgePart([compileNeed(instead)], { poles: 3, delay: 2 }, 'IEC').lines;
    expect(haveWords(own!, insteadOf(own!))).toBe('3');
    const [bare] = judgePart([compileNeed(instead)], { poles: 'none', delay: 0 }, 'IEC').lines;
    expect(haveWords(bare!, insteadOf(bare!))).toBe('none');
    const [held] = judgePart([compileNeed(instead)], { poles: 'none', delay: 1 }, 'IEC').lines;
    expect(held!.because).toContain('is none; at most 3 allowed, but it waits.');
    expect(haveWords(held!, insteadOf(held!))).toBe('waits');
  });
  it('both paths give the same verdict', () => {
    const mark = fc.constantFrom(undefined, null, 'none', 1, 3, 90);
    fc.assert(
      fc.property(
        mark,
        mark,
        fc.boolean(),
        fc.boolean(),
        fc.constantFrom('must' as const, 'should' as const),
        (a, b, assumed, optionalRating, severity) => {
          const compiled = compileNeed({
            ...two,
            assumed,
            optionalRating: optionalRating,
            severity,
            notApplicableWhen: { name: 'a', word: 'none' },
          });
          const other = compileNeed({ ...instead, assumed, severity });
          const spec = { poles: a, delay: b };
          return compiled.verdict({ a, b }) === compiled.judge({ a, b }).verdict && other.verdict(spec) === other.judge(spec).verdict;
        },
      ),
    );
  });
});

describe('the whole part', () => {
  const asked = (verdicts: Verdict[]) => verdicts.map((verdict) => ({ verdict, alwaysAsked: true }));
  it.each([
    [['fits', 'fits'], 'fits'],
    [['fits', 'check'], 'check'],
    [['check', 'not-known'], 'not-known'],
    [['not-known', 'fails'], 'fails'],
    [[], 'not-known'],
  ] as [Verdict[], Verdict][])('%j is %s', (verdicts, whole) => expect(overallVerdict(asked(verdicts))).toBe(whole));
  it('without a line that is always asked it is never a fit', () =>
    expect(overallVerdict([{ verdict: 'fits', alwaysAsked: false }])).toBe('not-known'));
  it('does not depend on the order of lines', () => {
    fc.assert(
      fc.property(
        fc.array(fc.constantFrom<Verdict>('fits', 'check', 'not-known', 'fails')),
        (verdicts) => overallVerdict(asked(verdicts)) === overallVerdict(asked(verdicts).reverse()),
      ),
    );
  });
  it('more never makes a part worse on an at-least line', () => {
    const order: Verdict[] = ['fails', 'not-known', 'check', 'fits'];
    fc.assert(
      fc.property(fc.double({ min: 0, max: 200, noNaN: true }), fc.double({ min: 0, max: 200, noNaN: true }), (a, b) => {
        const at = (poles: number) => order.indexOf(verdictOf(need({ ways: [way({ limit: 100, checkFrom: 70 })] }), { poles }));
        return a <= b ? at(a) <= at(b) : at(a) >= at(b);
      }),
    );
  });
  it('margins are distances to the limit, positive where it holds', () => {
    expect(marginOf(way({ limit: 28 }), 30)).toBe(2);
    expect(marginOf(way({ limit: 28 }), 18)).toBe(-10);
    expect(marginOf(way({ relation: '<=', limit: 310 }), 175)).toBe(135);
    expect(marginOf(way({ limit: 28 }), null)).toBeNull();
  });
  it('every sentence has figure, limit and what to do', () => {
    const lines = judgePart(
      [compileNeed(need({ ways: [way({ quantity: 'fullLoadAmps', unit: 'A', limit: 28 })] }))],
      { poles: 18 },
      'NFPA70',
    ).lines;
    expect(lines[0]!.because).toBe('Full-load amps is 18\u2009A; at least 28\u2009A needed. Fails by 10\u2009A. Because.');
  });
  it('a need is listed once for each figure that parts carry', () => {
    expect(plainNeeds([compileNeed(need())], [{ poles: 3 }, { poles: 2 }])).toHaveLength(1);
  });
});

describe('ranking', () => {
  const running = need({ id: 'running', ways: [way({ unit: 'A', limit: 20 })] });
  const ranked = (parts: { id: string; poles: unknown; onShelf?: number; pieces?: number; aux?: unknown }[]) =>
    rank(
      [running, need({ id: 'aux', severity: 'should', ways: [way({ figure: { kind: 'field', name: 'aux' }, limit: 1 })] })].map(
        compileNeed,
      ),
      parts.map(({ id, onShelf = 0, pieces, ...spec }) => ({ id, onShelf, pieces, spec })),
    );
  it('no failing line, fewest checks, on the shelf, fewest pieces, nearest rating, then id', () => {
    const { order } = ranked([
      { id: 'far', poles: 90, aux: 1 },
      { id: 'near', poles: 21, aux: 1 },
      { id: 'joined of three', poles: 21, aux: 1, onShelf: 1, pieces: 3 },
      { id: 'joined of two', poles: 30, aux: 1, onShelf: 1, pieces: 2 },
      { id: 'shelf', poles: 90, aux: 1, onShelf: 1 },
      { id: 'check', poles: 21, aux: 0, onShelf: 9 },
      { id: 'fails', poles: 9, aux: 1, onShelf: 9 },
      { id: 'also near', poles: 21, aux: 1 },
      { id: 'worn', poles: null, aux: 1 },
    ]);
    expect(order.map(({ id }) => id)).toEqual([
      'shelf',
      'joined of two',
      'joined of three',
      'also near',
      'near',
      'far',
      'check',
      'worn',
      'fails',
    ]);
  });
  it('every part that fails is counted once, on its first failing line', () => {
    const { fell, judged, holding } = ranked([
      { id: 'a', poles: 1, aux: 1 },
      { id: 'b', poles: 2, aux: 0 },
      { id: 'c', poles: 30, aux: 1 },
    ]);
    expect({ fell, judged, holding }).toEqual({ fell: [{ needId: 'running', count: 2 }], judged: 3, holding: 1 });
  });
  it('the order of candidates says nothing', () => {
    fc.assert(
      fc.property(
        fc.uniqueArray(fc.record({ id: fc.string({ minLength: 1 }), poles: fc.constantFrom(null, 5, 20, 40) }), {
          selector: ({ id }) => id,
        }),
        (parts) => {
          const [a, b] = [ranked(parts), ranked([...parts].reverse())];
          return JSON.stringify(a.order) === JSON.stringify(b.order);
        },
      ),
    );
  });
});
