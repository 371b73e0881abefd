/** Whatever is sent to any route, the answer is one of words and comes soon: never "something in Loyal Coil itself is wrong". */
import { afterAll, beforeAll, expect, it } from 'vitest';
import { fuzzDatabase, type FuzzGround } from '@/tests/fuzz/ground';
import { runFuzz } from '@/tests/fuzz/run-fuzz';

let ground: FuzzGround;
beforeAll(async () => {
  ground = await fuzzDatabase();
});
afterAll(() => ground.drop());

const fresh = Math.floor(Math.random() * 2 ** 31);
it.each([20261130, fresh])('seed %i', async (seed) => {
  const { sent, byStatus, bad } = await runFuzz(seed, 700, ground.ids, ground.callers);
  expect(bad, `seed ${seed}: ${JSON.stringify(bad[0])}`).toEqual([]);
  expect(sent).toBe(700);
  // Odd, not hopeless: some of it was right.
  expect(byStatus[200]).toBeGreaterThan(50);
});
