/** A catalogue in columns is ranked as its parts are one by one: over every family's worked cases, with marks worn and gone, and parts made, changed and taken away. */
import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { somePath, withMark } from '@/tests/laws/marks';
import { seeded } from '@/tests/laws/random';
import { workedCases } from '@/tests/worked-cases';
import { plainOfCase } from '@/tests/worked-cases/worked-case';
import { familyOf } from '../families/registry';
import { contextOf } from '../judge-case';
import { swapSchools } from '../loads/schools';
import { compileNeed } from '../matching/evaluate';
import type { CanonicalSpec } from '../matching/canonical';
import { askedNeeds } from '../matching/judge';
import { likenessTo } from '../matching/likeness';
import { orders, rank } from '../matching/rank';
import { marksOfNeed } from './marks-of-need';
import { noParts, rowOf, withParts, type PartColumns, type PartEntry } from './part-columns';
import { askedOfColumns, rankColumns } from './rank-columns';
import { marksIn } from './marks-in-json';
import { addSpec, combinationsOf, emptySpecTable } from './spec-table';

/** Specs of a family's worked cases, each as it is and twice with a mark worn or gone; as a database gives them back. */
function specsOf(id: string): CanonicalSpec[] {
  const family = familyOf(id)!;
  const cases = workedCases[id]!;
  const random = seeded(cases.length);
  return cases.flatMap(({ spec }) =>
    [undefined, null, 'none'].map((mark) => {
      const path = mark === undefined ? undefined : somePath(spec, random);
      return JSON.parse(JSON.stringify(family.canonical(path ? withMark(spec, path, mark) : spec)));
    }),
  );
}
const needsOf = (id: string, at: number) => {
  const one = workedCases[id]![at % workedCases[id]!.length]!;
  return familyOf(id)!.needs(contextOf(plainOfCase(one, id), { schools: swapSchools }));
};

type Made = PartEntry & { canonical: CanonicalSpec };
/** Parts that share the specs, as makers' do, each bought otherwise. */
function partsOf(columns: PartColumns, id: string): Made[] {
  const { pick: some, below, next } = seeded(7);
  return specsOf(id).flatMap((canonical, i) => {
    const spec = addSpec(columns.specs, JSON.stringify(canonical));
    return Array.from({ length: 1 + below(3) }, (_, copy) => ({
      ...{ id: `part ${i} ${copy}`, spec, canonical, footprint: some(['', 'a', 'b']), demo: next() < 0.2 },
      ...{ price: some([null, 5, 7.5]), currency: some([null, 'EUR', 'USD']), leadDays: some([null, 2, 30]) },
    }));
  });
}

describe('one by one and by column', () => {
  it.each(Object.keys(workedCases))('a %s: the same lines are asked, the same order, counts and reasons', (id) => {
    const empty = noParts();
    const parts = partsOf(empty, id);
    const columns = withParts(empty, parts, new Set());
    expect(columns.ids).toEqual(parts.map((part) => part.id).sort());
    const keeps = familyOf(id)!.keeps;
    const { next, below } = seeded(11);
    for (let at = 0; at < workedCases[id]!.length; at += Math.max(1, Math.floor(workedCases[id]!.length / 5))) {
      const needs = needsOf(id, at);
      const removed = parts[at % parts.length]!.canonical;
      const lying = new Map(parts.filter(() => next() < 0.1).map((part) => [part.id, 1 + below(4)]));
      const demo = next() < 0.5;
      const stands = parts.filter((part) => demo || !part.demo || lying.has(part.id));
      const rows = new Map([...lying].map(([part, pieces]) => [rowOf(columns, part)!, pieces]));
      const offered = (row: number) => demo || columns.demo[row] === 0 || rows.has(row);
      const asked = askedNeeds(needs, [removed, ...stands.map(({ canonical }) => canonical)]);
      expect(askedOfColumns(needs, columns, offered, [removed]).map(({ need }) => need)).toEqual(asked.map(({ need }) => need));
      const by = orders[at % orders.length]!;
      const failed = new Set(asked.filter(({ verdict }) => verdict(removed) === 'fails').map(({ need }) => need.id));
      const like = likenessTo(keeps, removed, failed);
      const whole = rank(
        asked,
        stands.map((part) => ({
          ...{ id: part.id, spec: part.canonical, onShelf: lying.get(part.id) ?? 0 },
          unlike: like(part.canonical).unlike + (part.footprint === 'a' ? 0 : 1),
          price: part.price !== null && part.currency === 'EUR' ? part.price : Infinity,
          leadDays: part.leadDays ?? Infinity,
        })),
        by,
      );
      const marks = keeps.map((mark) => {
        const own = likenessTo([mark], removed, failed);
        return { name: mark.name, unlike: (spec: CanonicalSpec) => own(spec).unlike };
      });
      const ranked = (most: number, shown: (verdict: string) => boolean = () => true) =>
        rankColumns(columns, asked, {
          ...{ by, offered, lying: rows, footprint: 'a', currency: 'EUR', shown, most },
          marks,
        });
      const all = ranked(parts.length);
      expect(all.order).toEqual(whole.order);
      expect(ranked(7).order).toEqual(whole.order.slice(0, 7));
      expect(ranked(5, (verdict) => verdict === 'check').order).toEqual(
        whole.order.filter(({ verdict }) => verdict === 'check').slice(0, 5),
      );
      expect([all.judged, all.holding]).toEqual([whole.judged, whole.holding]);
      expect(all.fell).toEqual(new Map(whole.fell.map(({ needId, count }) => [needId, count])));
      expect(all.holdingOnShelf).toBe(whole.order.filter(({ onShelf, verdict }) => onShelf > 0 && verdict !== 'fails').length);
    }
  });

  it.each(Object.keys(workedCases))('no line of a %s reads a mark that it does not name', (id) => {
    const specs = specsOf(id);
    for (let at = 0; at < workedCases[id]!.length; at += 1)
      for (const need of needsOf(id, at)) {
        const named = new Set(marksOfNeed(need));
        const { verdict, judge, carries, exempt } = compileNeed(need);
        for (const spec of specs.slice(at % 7, (at % 7) + 40)) {
          const watched = new Proxy(spec, {
            get: (target, name) => {
              if (!named.has(String(name))) throw new Error(`${need.id} reads ${String(name)}`);
              return Reflect.get(target, name);
            },
          });
          verdict(watched);
          judge(watched);
          carries(watched);
          exempt(watched);
        }
      }
  });
});

describe('columns', () => {
  const entry = (id: string, spec: number): PartEntry => ({
    id,
    spec,
    footprint: id,
    demo: false,
    price: null,
    currency: null,
    leadDays: spec,
  });
  it('hold what was made, changed and taken away, in any order, and the older ones stay as they were', () => {
    fc.assert(
      fc.property(
        fc.array(
          fc.record({
            made: fc.array(fc.tuple(fc.integer({ min: 0, max: 30 }), fc.nat(5))),
            gone: fc.array(fc.integer({ min: 0, max: 30 })),
          }),
        ),
        (steps) => {
          const kept = new Map<string, number>();
          let columns = noParts();
          for (const { made, gone } of steps) {
            const before = [...columns.ids];
            const next = withParts(
              columns,
              made.map(([n, spec]) => entry(`p${n}`, spec)),
              new Set(gone.map((n) => `p${n}`)),
            );
            expect(columns.ids).toEqual(before);
            for (const [n, spec] of made) kept.set(`p${n}`, spec);
            for (const n of gone) kept.delete(`p${n}`);
            columns = next;
            expect(columns.ids).toEqual([...kept.keys()].sort());
            for (const [id, spec] of kept) {
              const row = rowOf(columns, id)!;
              expect([columns.specOf[row], columns.leadDays[row], columns.words.list[columns.footprintOf[row]!]]).toEqual([spec, spec, id]);
            }
          }
          expect(rowOf(columns, 'another')).toBeUndefined();
        },
      ),
    );
  });
});

describe('combinations', () => {
  const value = fc.oneof(fc.constantFrom(undefined, null, 'none', 1, '1', true), fc.array(fc.nat(2), { maxLength: 2 }));
  it('give back the marks of every spec, however many are added between two questions', () => {
    fc.assert(
      fc.property(fc.array(fc.array(fc.record({ a: value, b: value, c: value }), { maxLength: 400 }), { maxLength: 4 }), (pieces) => {
        const table = emptySpecTable();
        const all: CanonicalSpec[] = [];
        const carried = (spec: CanonicalSpec, names: readonly string[]) =>
          Object.fromEntries(names.flatMap((name) => (spec[name] === undefined ? [] : [[name, spec[name]]])));
        for (const piece of pieces) {
          for (const spec of piece) {
            expect(addSpec(table, JSON.stringify(spec))).toBe(all.length);
            all.push(spec);
          }
          for (const names of [['a'], ['a', 'b'], ['a', 'b', 'c'], ['b', 'd']]) {
            const { of, specs } = combinationsOf(table, names);
            all.forEach((spec, i) => expect(specs[of[i]!]).toEqual(carried(spec, names)));
          }
        }
      }),
      { numRuns: 60 },
    );
  });
});

describe('the members of an object as they are written', () => {
  it.each([0, 1])('are those that JSON reads, written with %i spaces', (spaces) => {
    fc.assert(
      fc.property(fc.dictionary(fc.string({ unit: 'binary' }), fc.jsonValue()), (object) => {
        const json = JSON.stringify(object, null, spaces);
        expect(marksIn(json).map(({ name, text }) => [name, JSON.parse(text)])).toEqual(Object.entries(JSON.parse(json)));
      }),
    );
  });
  it.each(['', '[1]', '{"a"}', '{"a": 1', 'null'])('of %j are none', (json) => expect(() => marksIn(json)).toThrow());
});
