/** The laws of judging over every worked case, the demo's positions and its catalogue, with a fixed and a fresh seed. */
import { describe, expect, it } from 'vitest';
import { hunt } from './hunt';
import { laws } from './laws';

const CHECKS = 600;
const fresh = Math.floor(Math.random() * 2 ** 31);

describe.each([
  ['a fixed seed', 20261129],
  ['a fresh seed', fresh],
])('%s', (_name, seed) => {
  it.each(laws.map((law) => [law.name, law] as const))(
    '%s',
    (_law, law) => {
      const { violations, checks } = hunt(seed, CHECKS, [law]);
      expect(violations, `seed ${seed}: ${JSON.stringify(violations[0], null, 1)}`).toEqual([]);
      expect(checks).toBeGreaterThanOrEqual(CHECKS);
    },
    120_000,
  );
});
