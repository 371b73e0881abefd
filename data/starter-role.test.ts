/** Marks that were kept under an older name are found under the one of today, forward and back. */
import { afterAll, beforeAll, expect, it } from 'vitest';
import { down, up } from './migrations/0007-starter-role';
import { demoDatabase, type TestDatabase } from './test-database';

let db: TestDatabase;
beforeAll(async () => {
  db = await demoDatabase();
});
afterAll(() => db.drop());

const marks = async (): Promise<string[]> =>
  (await db.knex('positions').select('id', 'readings').orderBy('id')).map(({ id, readings }) => `${id} ${JSON.stringify(readings)}`);
const holding = (list: string[], name: string) => list.filter((text) => text.includes(`"${name}"`)).length;

it('the role of a contactor moves with what was read, and nothing else does', async () => {
  const today = await marks();
  expect(holding(today, 'starterRole')).toBeGreaterThan(0);
  await down(db.knex);
  const before = await marks();
  expect([holding(before, 'starterRole'), holding(before, 'contactorPosition')]).toEqual([0, holding(today, 'starterRole')]);
  await up(db.knex);
  expect(await marks()).toEqual(today);
});
