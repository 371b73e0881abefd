/** Ways into a job: each word that an electrician would type leads to a symptom. Common practice. */
import { describe, expect, it } from 'vitest';
import { families } from '../families/registry';
import { findWays, likeliestWays } from '../fault-finding/find-ways';
import { isSymptom, waysIn } from './ways-in';

const ways = waysIn();
const found = (text: string) => findWays(ways, text).filter(({ kind }) => kind === 'symptom');

describe('words people use', () => {
  it.each([
    'welded',
    'chatters',
    'hums',
    'does not pull in',
    'drops out',
    'trips at once',
    'trips after seconds',
    'trips after minutes',
    'trips at random',
    'at night',
    'blows again',
    'will not close',
    'will not reset',
    'no display',
    'lamp dark',
    'burnt coil',
    'swollen',
    'nuisance',
    'wrong time',
  ])('%s', (text) => expect(found(text).length).toBeGreaterThan(0));
  it('every family has symptoms and something to measure', () => {
    for (const { id } of families) {
      const own = ways.filter(({ family }) => family === id);
      expect(
        own.some(({ kind }) => kind === 'symptom'),
        id,
      ).toBe(true);
      expect(
        own.some(({ kind }) => kind === 'measurement'),
        id,
      ).toBe(true);
    }
  });
  it('a measurement is found by its name, and stands after the symptoms', () => {
    const some = findWays(ways, 'insulation');
    expect(some.some(({ kind }) => kind === 'measurement')).toBe(true);
    const kinds = findWays(ways, '').map(({ kind }) => kind);
    expect(kinds.lastIndexOf('symptom')).toBeLessThan(kinds.indexOf('measurement'));
  });
  it('the kind of device narrows it; nonsense finds nothing', () => {
    expect(new Set(found('fuse blows again').map(({ family }) => family))).toEqual(new Set(['fuse']));
    expect(findWays(ways, 'qqxz')).toEqual([]);
  });
  it('is found in the words of either practice', () => {
    const ids = (text: string) => findWays(ways, text).map(({ family, id }) => `${family} ${id}`);
    expect(ids('earth insulation')).toEqual(ids('ground insulation'));
    expect(ids('ground insulation').length).toBeGreaterThan(0);
  });
  it('a symptom belongs to its family', () => {
    expect(isSymptom('contactor', 'chatters')).toBe(true);
    expect(isSymptom('fuse', 'chatters')).toBe(false);
    expect(isSymptom('nothing', 'chatters')).toBe(false);
  });
});

describe('a fault that somebody noted', () => {
  it.each([
    ['contactor', 'hums, does not seal', 'hums'],
    ['contactor', 'contacts welded, freed', 'stays-in'],
    ['fuse', 'blows again at switching on', 'at-once'],
    ['air-breaker', 'trips at random in the night', 'random'],
    ['air-breaker', 'will not charge', 'will-not-close'],
  ])('of a %s: %s', (family, said, id) => {
    const own = ways.filter((way) => way.family === family);
    const [first] = likeliestWays(own, said);
    expect(first).toMatchObject({ kind: 'symptom', id });
    // Nothing is left out for it.
    expect(likeliestWays(own, said)).toHaveLength(own.length);
  });
});
