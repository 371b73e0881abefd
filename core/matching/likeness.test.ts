/** Like for like comes before another kind; the verdict never rests on it. */
import { expect, it } from 'vitest';
import { residualKeeps } from '../families/residual-currents/keeps';
import { likenessTo } from './likeness';
import { rank } from './rank';

const plain = { sensitivityMilliamps: 30, residualType: 'A', poles: 2, ratedAmps: 40, curve: 'none' };
const none: ReadonlySet<string> = new Set();

it('the same part is like itself, and each mark that differs or that only one says makes it less so', () => {
  const like = likenessTo(residualKeeps, plain, none);
  expect(like(plain)).toEqual({ unlike: 0, more: [] });
  expect(like({ ...plain, residualType: 'B' })).toEqual({ unlike: 2, more: [] });
  expect(like({ ...plain, curve: 'C' })).toEqual({ unlike: 1, more: ['Curve'] });
  expect(like({ ...plain, curve: undefined })).toEqual({ unlike: 0, more: [] });
  expect(like({ ...plain, curve: 'C', residualType: 'B' }).unlike).toBe(3);
  // What is worn, or was never looked at, is not said to be missing.
  expect(likenessTo(residualKeeps, { ...plain, curve: null }, none)({ ...plain, curve: 'C' })).toEqual({ unlike: 0, more: [] });
  expect(likenessTo(residualKeeps, { ...plain, curve: undefined }, none)({ ...plain, curve: 'C' })).toEqual({ unlike: 0, more: [] });
});
it('a mark on which the removed part failed is there to be changed', () => {
  expect(likenessTo(residualKeeps, plain, new Set(['residual-type']))({ ...plain, residualType: 'B' }).unlike).toBe(0);
});
it('without a removed part all are equally like', () => {
  expect(likenessTo(residualKeeps, null, none)({ ...plain, curve: 'C' })).toEqual({ unlike: 0, more: [] });
});
it('orders within a verdict: like for like before what lies in stock; in stock first where that is asked', () => {
  const parts = [
    { id: 'other-kind-in-stock', spec: {}, onShelf: 3, unlike: 3 },
    { id: 'same', spec: {}, onShelf: 0, unlike: 0 },
    { id: 'same-in-stock', spec: {}, onShelf: 1, unlike: 0 },
  ];
  expect(rank([], parts).order.map(({ id }) => id)).toEqual(['same-in-stock', 'same', 'other-kind-in-stock']);
  expect(rank([], parts, 'stock').order.map(({ id }) => id)).toEqual(['same-in-stock', 'other-kind-in-stock', 'same']);
});
