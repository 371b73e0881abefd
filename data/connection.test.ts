/** What the database refuses is said in its own words, without the query. */
import { afterAll, beforeAll, expect, it } from 'vitest';
import { databaseWords } from './connection';
import { demoDatabase, type TestDatabase } from './test-database';

let db: TestDatabase;
beforeAll(async () => {
  db = await demoDatabase();
});
afterAll(() => db.drop());

it.each([
  ['a name that is not there', () => db.knex('nothing_here').select('a'), /^relation "nothing_here" does not exist$/],
  [
    'a word with a dash in it',
    () => db.knex('stock').whereRaw("quantity = 'a - b'::integer"),
    /^\w+ input syntax for type integer: "a - b"$/,
  ],
  ['what stands twice', () => db.knex('sites').insert({ id: 'kestrel', name: 'again' }), null],
])('%s', async (_what, query, words) => {
  const error = await query().then(
    () => undefined,
    (thrown: unknown) => thrown,
  );
  expect(error).toBeInstanceOf(Error);
  if (words) expect(databaseWords(error)).toMatch(words);
  expect(databaseWords(error)).not.toMatch(/select|insert into|\$1/);
});
it('an error of another kind keeps its words', () => expect(databaseWords(new Error('a - b'))).toBe('a - b'));
