/** A part that older rules laid out is laid out anew before the newer ones judge it. */
import { afterAll, beforeAll, expect, it } from 'vitest';
import { familyOf } from '../core/families/registry';
import { renewCanonical } from './canonical-parts';
import { demoParts } from './demo/catalogue';
import { testDatabase, type TestDatabase } from './test-database';

let db: TestDatabase;
beforeAll(async () => {
  db = await testDatabase();
  const some = demoParts().filter(({ family }) => family === 'fuse');
  for (const { id, family, maker, name, footprint, coilExchangeable, raw } of some.slice(0, 5))
    await db.knex('parts').insert({
      ...{ id, family, maker, name, footprint, coil_exchangeable: coilExchangeable, raw: JSON.stringify(raw) },
      spec: JSON.stringify(familyOf(family)!.canonical(raw)),
    });
});
afterAll(() => db.drop());

const stale = () => db.knex('parts').where({ family: 'fuse' }).orderBy('id').limit(3);

it('what other rules made is made anew, once for each set of rules, and what was entered stays', async () => {
  const before = await stale();
  await db
    .knex('parts')
    .whereIn(
      'id',
      before.map(({ id }) => id),
    )
    .update({ spec: JSON.stringify({ made: 'long ago' }) });
  expect(await renewCanonical(db.knex, 'rules of today')).toEqual({ renewed: 3, refused: [] });
  const after = await stale();
  for (const [i, { raw, spec }] of after.entries()) {
    expect(raw).toEqual(before[i].raw);
    expect(spec).toEqual(JSON.parse(JSON.stringify(familyOf('fuse')!.canonical(raw))));
  }
  expect(await renewCanonical(db.knex, 'rules of today')).toEqual({ renewed: 0, refused: [] });
  await db.knex('parts').where({ id: after[0].id }).update({ spec: '{}' });
  expect((await renewCanonical(db.knex, 'rules of today')).renewed).toBe(0);
  expect((await renewCanonical(db.knex, 'rules of tomorrow')).renewed).toBe(1);
});

it('where nobody knows which rules these are, every part is looked at', async () => {
  const [first] = await stale();
  await db.knex('parts').where({ id: first.id }).update({ spec: '{}' });
  expect((await renewCanonical(db.knex, undefined)).renewed).toBe(1);
});

it('of a part that these rules no longer take nothing counts as known, and it is named', async () => {
  const [first] = await stale();
  await db.knex('parts').where({ id: first.id }).update({ family: 'steam valve' });
  expect(await renewCanonical(db.knex, undefined)).toEqual({ renewed: 1, refused: [first.id] });
  expect((await db.knex('parts').where({ id: first.id }).first()).spec).toEqual({});
});
