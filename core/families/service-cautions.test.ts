/** Heat and height beyond usual service are said at every kind of device, and nothing is said within it. IEC 60947-1, from memory: 40 °C, 2000 m. */
import { describe, expect, it } from 'vitest';
import { contextOf } from '../judge-case';
import { families } from './registry';

const cautions = (id: string, supply: object): string => {
  const family = families.find((one) => one.id === id)!;
  const context = contextOf({
    practice: 'IEC',
    family: id,
    supply: { ...supply },
    load: { kind: family.loads[0]! },
    duty: {},
    removed: null,
    candidates: [],
  });
  return family.cautions(context).join(' ');
};

describe.each(families.map(({ id }) => id))('%s', (id) => {
  it.each([
    [{ ambientC: 45 }, /reaches 45\u2009°C, above the usual 40\u2009°C/],
    [{ altitudeM: 2600 }, /lies 2600\u2009m above the sea, above the usual 2000\u2009m/],
  ])('%j is said', (supply, words) => expect(cautions(id, supply)).toMatch(words));
  it.each([{ ambientC: 40, altitudeM: 2000 }, { ambientC: null, altitudeM: null }, {}])('%j is not', (supply) =>
    expect(cautions(id, supply)).not.toContain('above the usual'),
  );
});
