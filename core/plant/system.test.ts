/** The systems of a site: what they are called, which earthing belongs to which practice, and for whom they are taken. */
import { describe, expect, it } from 'vitest';
import { familyIds, familyOf } from '../families/registry';
import { groundings } from '../fields/supply-fields';
import { contradictionsOf } from '../supply/earthing';
import { groundingsOf, groundingWords, systemReadings, systemSchema, systemWords, type SiteSystem } from './system';

const system: SiteSystem = { volts: 400, hertz: 50, grounding: 'TN-S' };
const all = [...groundingsOf('IEC'), ...groundingsOf('NFPA70')];

describe('a system', () => {
  it('is named in the words of its practice', () => {
    expect(systemWords(system)).toBe('400 V three-phase, 50 Hz, TN-S');
    expect(systemWords({ volts: 480, hertz: 60, grounding: null })).toBe('480 V three-phase, 60 Hz');
    expect(all.map(groundingWords).filter((words) => /[a-z]-[a-z]/.test(words))).toEqual([]);
  });
  it('is earthed as three-phase systems are, each kind in one practice', () => {
    expect(new Set(all).size).toBe(all.length);
    expect(groundings.filter((one) => !all.includes(one))).toEqual([
      'solidly-grounded-midpoint',
      'dc-ungrounded',
      'dc-negative-grounded',
      'dc-positive-grounded',
      'dc-midpoint-grounded',
    ]);
  });
  it.each([
    [{ volts: 0, hertz: 50 }, 'more than 0'],
    [{ volts: 1e6, hertz: 50 }, 'at most'],
    [{ volts: 400, hertz: 16 }, '50 or 60'],
    [{ volts: 400, hertz: 50, grounding: 'well' }, 'earthing'],
    [{ hertz: 50 }, 'missing'],
  ])('%j is none', (said, words) => expect(() => systemSchema.validateSync(said)).toThrow(words));
});

describe('what it says of a position', () => {
  const kinds = [...new Set(familyIds().flatMap((id) => [...(familyOf(id)?.loads ?? [])]))];
  it('is assumed, with the place that it is from', () => {
    const said = systemReadings(system, 'motor-3ph');
    expect(Object.keys(said)).toEqual(['systemVolts', 'phases', 'hertz', 'currentKind', 'grounding']);
    for (const reading of Object.values(said)) expect(reading).toMatchObject({ state: 'assumed', from: expect.stringContaining('400 V') });
    expect(systemReadings({ ...system, grounding: null }, 'motor-3ph')).not.toHaveProperty('grounding');
  });
  it.each(kinds)('contradicts no %s, whatever the earthing', (kind) => {
    for (const grounding of all) {
      const said = systemReadings({ ...system, grounding }, kind);
      const supply = Object.fromEntries(Object.entries(said).map(([id, { value }]) => [id, value]));
      expect(contradictionsOf({ supply, load: { kind } })).toEqual([]);
    }
  });
  it('is nothing where a load may be fed otherwise', () => {
    expect(kinds.filter((kind) => Object.keys(systemReadings(system, kind)).length > 0).sort()).toEqual(['motor-3ph', 'motor-group']);
    expect(systemReadings(system, null)).toEqual({});
  });
});
