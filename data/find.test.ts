/** Parts by words: by any piece of what they are known by, past a slip of the key, and nothing else. */
import { afterAll, beforeAll, expect, it } from 'vitest';
import { findParts } from './find';
import { testDatabase, type TestDatabase } from './test-database';

let db: TestDatabase;
const part = (id: string, maker: string, name: string, order_number: string | null, demo = false) =>
  db
    .knex('parts')
    .insert({ id, maker, name, order_number, demo, family: 'contactor', footprint: '', coil_exchangeable: false, raw: '{}', spec: '{}' });
beforeAll(async () => {
  db = await testDatabase();
  await part('one', 'Wexmoor', 'WX 25/3 AC-3', 'WX-25-230.4');
  await part('two', 'Hartlebeck', 'HB contactor 32', '0012-B');
  await part('three', 'Ossel', 'OS 9', null);
  await part('demo', 'Wexmoor', 'WX 99', null, true);
  await db.knex('part_trade').insert({
    part_id: 'three',
    supplier: 'Quayside Electric',
    other_numbers: 'OLD-77',
    replaced_by: '',
    state: 'current',
    said_by: 'x',
    said_at: new Date(),
  });
});
afterAll(() => db.drop());

const ids = async (text: string) => (await findParts(db.knex, text.split(' '), 8)).map(({ id }) => id);

it.each([
  ['a maker', 'wexmoor', ['one']],
  ['a piece of a name', 'contac', ['two']],
  ['an order number as printed', 'WX-25-230.4', ['one']],
  ['the same without its strokes', 'wx252304', ['one']],
  ['a number with its leading zeros', '0012', ['two']],
  ['another number that it is known by', 'old-77', ['three']],
  ['who sells it', 'quayside', ['three']],
  ['two letters, where a word begins', '25', ['one']],
  ['two letters that begin no word', 'mo', []],
  ['two words in any order', '25 wexmoor', ['one']],
  ['a letter left out', 'wexmor', ['one']],
  ['two letters changed over', 'hartlebcek', ['two']],
  ['a slip beside a word that holds', 'hartelbeck 32', ['two']],
  ['what the database reads as a sign', '%', []],
  ['a worn number with one character unread', 'WX-25-2?0', ['one']],
  ['two characters unread', '0?12-?', ['two']],
  ['another character than it has', 'WX-25-2?1', []],
  ['a character unread at the end', 'WX-25-23?', ['one']],
  ['nothing of ours', 'zzzyx', []],
])('%s', async (_, text, found) => {
  expect(await ids(text)).toEqual(found);
});

it('a change of how a part is bought, or of its name, is found by', async () => {
  await db.knex('part_trade').where({ part_id: 'three' }).update({ other_numbers: 'NEW-88' });
  expect([await ids('old-77'), await ids('new-88')]).toEqual([[], ['three']]);
  await db.knex('part_trade').where({ part_id: 'three' }).delete();
  expect(await ids('new-88')).toEqual([]);
  await db.knex('parts').where({ id: 'three' }).update({ name: 'Lantern 9' });
  expect(await ids('lantern')).toEqual(['three']);
});

it('asks the index, not every part and not every word', async () => {
  // In pieces: a busy machine does not do all of it within what one statement may take.
  for (let at = 0; at < 100_000; at += 10_000)
    await db.knex.raw(`insert into known_words select 'w' || md5(i::text) from generate_series(?::int + 1, ?::int + 10000) as i`, [at, at]);
  // What a running database does of itself, some day: new entries leave the index's waiting list, which the plan counts as a cost.
  await db.knex.raw('vacuum analyze known_words');
  await db.knex.transaction(async (trx) => {
    const plan = async (sql: string) => JSON.stringify((await trx.raw(`explain ${sql}`)).rows);
    expect(await plan(`select word from known_words where word % 'wexmor'`)).toContain('known_words_by_pieces');
    // Of a handful of parts it would rather look at all.
    await trx.raw('set local enable_seqscan = off');
    expect(await plan(`select id from parts where words like '%wexm%'`)).toContain('parts_by_words');
  });
});
