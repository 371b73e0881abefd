/** How a part is bought: what is asked for, its words, and its place on the board. */
import { describe, expect, it } from 'vitest';
import { noParts, rowOf, withParts } from '../catalogue/part-columns';
import { rankColumns } from '../catalogue/rank-columns';
import { addSpec } from '../catalogue/spec-table';
import type { Order } from '../matching/rank';
import { tradeSchema, tradeWords, type Trade } from './trade';

const plain: Trade = { supplier: '', price: null, currency: null, leadDays: null, state: 'current', replacedBy: '', otherNumbers: '' };

describe('what is said of buying', () => {
  it.each([
    [{ price: 3.5, currency: 'EUR' }, true],
    [{ price: 3.5 }, false],
    [{ price: 3.555, currency: 'EUR' }, false],
    [{ price: -1, currency: 'EUR' }, false],
    [{ price: 1, currency: 'XYZ9' }, false],
    [{ leadDays: 2.5 }, false],
    [{ state: 'replaced' }, false],
    [{ state: 'replaced', replacedBy: 'WX-41' }, true],
  ])('%j: %s', async (change, taken) => {
    expect(await tradeSchema.isValid({ ...plain, ...change })).toBe(taken);
  });
  it('is told in a few words', () => {
    expect(tradeWords(plain)).toBe('');
    expect(tradeWords({ ...plain, price: 12.5, currency: 'EUR', leadDays: 1 })).toBe('12.50 EUR, 1 day');
    expect(tradeWords({ ...plain, leadDays: 14, state: 'replaced', replacedBy: 'WX-41' })).toBe('14 days, replaced by WX-41');
    expect(tradeWords({ ...plain, state: 'obsolete' })).toBe('no longer made');
  });
});

describe('among candidates of equal lines', () => {
  type Bought = { id: string; trade?: Partial<Trade>; pieces?: number };
  const eur = (price: number, leadDays: number | null = null) => ({ price, currency: 'EUR', leadDays });
  const order = (parts: readonly Bought[], by: Order = 'like', currency: string | null = 'EUR') => {
    const empty = noParts();
    const spec = addSpec(empty.specs, '{}');
    const entries = parts.map(({ id, trade }) => ({ ...plain, ...trade, id, spec, footprint: '', demo: false }));
    const columns = withParts(empty, entries, new Set());
    const lying = new Map(parts.flatMap(({ id, pieces }) => (pieces ? [[rowOf(columns, id)!, pieces] as const] : [])));
    const asked = { by, lying, currency, offered: () => true, marks: [], footprint: null, shown: () => true, most: parts.length };
    return rankColumns(columns, [], asked).order.map(({ id }) => id);
  };
  const all: Bought[] = [
    { id: 'a' },
    { id: 'b', trade: eur(9, 2) },
    { id: 'c', trade: eur(5, 30) },
    { id: 'd', trade: eur(20, 5), pieces: 1 },
    { id: 'e', trade: { price: 1, currency: 'USD', leadDays: 1 } },
    { id: 'f', trade: eur(5, 3) },
  ];
  it('what lies here, then the price, then how soon; another money is no price', () => {
    expect(order(all)).toEqual(['d', 'f', 'c', 'b', 'e', 'a']);
  });
  it('turned round by price and by lead time', () => {
    expect(order(all, 'price')).toEqual(['f', 'c', 'b', 'd', 'e', 'a']);
    expect(order(all, 'lead')).toEqual(['d', 'e', 'b', 'f', 'c', 'a']);
  });
  it('is the same whatever the order they come in, and without a money of the site no price counts', () => {
    expect(order(all.toReversed())).toEqual(order(all));
    expect(order(all, 'price', null)).toEqual(['d', 'e', 'b', 'f', 'c', 'a']);
  });
});
