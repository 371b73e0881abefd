/** Holds every law against a number of cases drawn by a seed. */
import { expect, it } from 'vitest';
import { hunt } from './hunt';
import { laws } from './laws';

const CHECKS = 600;

export const holdLaws = (seed: number): void =>
  it.each(laws.map((law) => [law.name, law] as const))(
    '%s',
    (_law, law) => {
      const { violations, checks } = hunt(seed, CHECKS, [law]);
      expect(violations, `seed ${seed}: ${JSON.stringify(violations[0], null, 1)}`).toEqual([]);
      expect(checks).toBeGreaterThanOrEqual(CHECKS);
    },
    120_000,
  );
