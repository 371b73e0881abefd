/** Holds every law against a number of cases drawn by a seed. */
import { expect, it } from 'vitest';
import { hunt } from './hunt';
import { laws } from './laws';

/** Tries every law so often; `npm run hunt` goes on for as long as it is told to. */
export const holdLaws = (seed: number, checks: number): void =>
  it.each(laws.map((law) => [law.name, law] as const))(
    '%s',
    (_law, law) => {
      const found = hunt(seed, checks, [law]);
      expect(found.violations, `seed ${seed}: ${JSON.stringify(found.violations[0], null, 1)}`).toEqual([]);
      expect(found.checks).toBeGreaterThanOrEqual(checks);
    },
    120_000,
  );
