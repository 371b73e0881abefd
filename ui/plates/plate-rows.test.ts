/** Heads of the tables on a plate are what plates print, never an identifier. */
import { describe, expect, it } from 'vitest';
import { ratingColumns } from '@/core/fields/rating-columns';
import { rowHead } from './PlateRows';

describe('heads of rows', () => {
  it.each([
    ['fullLoadAmps', 'FLA, A'],
    ['lockedRotorAmps', 'LRA, A'],
    ['ac53aAmps', 'AC-53a, A'],
    ['dc3Amps', 'DC-3, A'],
    ['normalHp', 'HP'],
    ['volts', 'V'],
    ['ac3Kilowatts', 'AC-3, kW'],
  ])('%s stands as %s', (name, head) => expect(rowHead(name)).toBe(head));
  it('no column of a rating row is headed by its identifier', () =>
    expect(ratingColumns.map(({ name }) => rowHead(name)).filter((head) => /[a-z][A-Z]|^[a-z]/.test(head))).toEqual([]));
});
