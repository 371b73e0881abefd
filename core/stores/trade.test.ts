/** How a part is bought: what is asked for, its words, and its place on the board. */
import { describe, expect, it } from 'vitest';
import { rank } from '../matching/rank';
import { tradeRank, tradeSchema, tradeWords, type Trade } from './trade';

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
  const part = (id: string, trade: Partial<Trade>, onShelf = 0) => ({ id, spec: {}, onShelf, ...tradeRank({ ...plain, ...trade }, 'EUR') });
  const eur = (price: number, leadDays: number | null = null) => ({ price, currency: 'EUR', leadDays });
  const order = (parts: ReturnType<typeof part>[], by?: 'price' | 'lead') => rank([], parts, by).order.map(({ id }) => id);
  const all = [
    part('a', {}),
    part('b', eur(9, 2)),
    part('c', eur(5, 30)),
    part('d', eur(20, 5), 1),
    part('e', { price: 1, currency: 'USD', leadDays: 1 }),
    part('f', eur(5, 3)),
  ];
  it('what lies here, then the price, then how soon; another money is no price', () => {
    expect(order(all)).toEqual(['d', 'f', 'c', 'b', 'e', 'a']);
  });
  it('turned round by price and by lead time', () => {
    expect(order(all, 'price')).toEqual(['f', 'c', 'b', 'd', 'e', 'a']);
    expect(order(all, 'lead')).toEqual(['d', 'e', 'b', 'f', 'c', 'a']);
  });
  it('is the same whatever the order they come in', () => {
    expect(order(all.toReversed())).toEqual(order(all));
    expect(tradeRank(undefined, 'EUR')).toEqual({ price: Infinity, leadDays: Infinity });
    expect(tradeRank({ ...plain, ...eur(5) }, null).price).toBe(Infinity);
  });
});
