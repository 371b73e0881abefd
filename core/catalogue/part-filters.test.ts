/** Filters are read whole or refused in words, and hold what they say. */
import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { families } from '../families/registry';
import { contactors } from '../families/contactors';
import { filterFields, holdsFilter, readFilters, type PartFilter } from './part-filters';

const fields = contactors.fields;
const one = (text: string): PartFilter => {
  const read = readFilters(fields, [text]);
  if (!read.ok) throw new Error(read.fault);
  return read.filters[0]!;
};

describe('read from an address', () => {
  it.each([
    ['poles:3', { kind: 'range', atLeast: 3, atMost: 3 }],
    ['coilSealedVA:..30', { kind: 'range', atLeast: null, atMost: 30 }],
    ['shortCircuitRatingAmps:50 kA..', { kind: 'range', atLeast: 50000, atMost: null }],
    ['mountingWidthMm:40..60 mm', { kind: 'range', atLeast: 40, atMost: 60 }],
    ['holding:MECHANICAL', { kind: 'word', word: 'mechanical', list: false }],
  ])('%s', (text, filter) => expect(one(text)).toMatchObject(filter));
  it.each([
    ['poles', /no mark/],
    ['poles:three', /number is needed/],
    ['poles:3..2', /above/],
    ['poles:1..2..3', /one figure/],
    ['poles:..', /one figure/],
    ['poles:3 V', /no unit|Unit|in count/],
    ['holding:glued', /one of/],
    ['ratings:3', /no mark/],
    ['constructor:1', /no mark/],
    ['x'.repeat(200), /too long/],
  ])('%s is refused', (text, words) => {
    const read = readFilters(fields, [text]);
    expect(!read.ok && read.fault).toMatch(words);
  });
  it('too many at once are refused', () => expect(readFilters(fields, Array<string>(13).fill('poles:3')).ok).toBe(false));
});

describe('what a filter holds', () => {
  it('a figure between its ends; no other mark, worn or absent', () =>
    fc.assert(
      fc.property(
        fc.integer({ min: -50, max: 50 }),
        fc.integer({ min: -50, max: 50 }),
        fc.integer({ min: 0, max: 50 }),
        (value, low, wide) => {
          const filter: PartFilter = { name: 'poles', kind: 'range', atLeast: low, atMost: low + wide };
          return (
            holdsFilter({ poles: value }, filter) === (value >= low && value <= low + wide) &&
            !holdsFilter({ poles: null }, filter) &&
            !holdsFilter({}, filter) &&
            !holdsFilter({ poles: 'none' }, filter)
          );
        },
      ),
    ));
  it('every family can be looked through by some of its marks', () =>
    expect(families.filter((family) => filterFields(family.fields).length < 3).map(({ id }) => id)).toEqual([]));
});
