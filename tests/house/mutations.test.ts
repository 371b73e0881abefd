/** The contract notices what it must: each mutation, tried on one family. `npm run mutate` tries them on all. */
import { describe, expect, it } from 'vitest';
import { plateOf } from '@/core/families/plates';
import { familyOf } from '@/core/families/registry';
import { contractFaults } from './contract-faults';
import { mutations } from './mutations';
import { samplesOf } from './samples';

const family = familyOf('overload-relay')!;
const samples = samplesOf(family.id);

describe('a broken duty is noticed', () => {
  it('and a sound family has none', () => expect(contractFaults(family, plateOf(family.id), samples)).toEqual([]));
  it.each(mutations.map((one) => [one.what, one] as const))('%s', (_what, { apply }) => {
    const broken = apply(family);
    expect(broken && contractFaults(broken, plateOf(family.id), samples)).not.toEqual([]);
  });
});
