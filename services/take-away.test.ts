/** Everything in one file: what is in the database is in it, and what opens doors is not. */
import { strFromU8, unzipSync } from 'fflate';
import Papa from 'papaparse';
import { afterAll, beforeAll, describe, expect, it } from 'vitest';
import { readyJob } from '@/tests/job';
import { signedByTester, tester } from '@/tests/crew';
import { demoDatabase, type TestDatabase } from '../data/test-database';
import { addPerson } from './crew/people';
import { makePosition } from './plant';
import { signSwap } from './sign';
import { loadSwap } from './swaps';
import { csvOf, leftBehind, takeAway, taken } from './take-away';

let db: TestDatabase;
let files: Record<string, Uint8Array>;
beforeAll(async () => {
  db = await demoDatabase();
  await addPerson({ name: 'Wren Alder', username: 'wren', role: 'stores' }, tester);
  await makePosition('ferrow-gate', { tag: 'X1', function: '=cmd()', device: 'terminals', rail: 0 }, tester);
  const { id } = await readyJob('kestrel-winch-k2');
  await signSwap(id, { version: (await loadSwap(id)).version }, signedByTester);
  files = unzipSync(await takeAway());
});
afterAll(() => db.drop());

const json = (name: string): Record<string, unknown>[] => JSON.parse(strFromU8(files[name]!));

describe('what is taken away', () => {
  it('names every table that there is, as taken or as left behind', async () => {
    const { rows } = await db.knex.raw(`select tablename from pg_tables where schemaname = 'public' and tablename not like 'knex_%'`);
    expect([...Object.keys(taken), ...leftBehind].sort()).toEqual(rows.map((row: { tablename: string }) => row.tablename).sort());
  });
  it.each(Object.keys(taken))('%s whole, as JSON and as CSV', async (table) => {
    const held = await db.knex(table).orderBy([...taken[table]!]);
    // Field by field, as the database holds it; large tables are told apart as text.
    expect(JSON.stringify(json(`${table}.json`)) === JSON.stringify(held)).toBe(true);
    const csv = strFromU8(files[`${table}.csv`]!);
    // Of the catalogue the first rows are enough: they are all written alike.
    const { data } = Papa.parse<string[]>(csv, { skipEmptyLines: true, preview: 300 });
    expect(data.length).toBe(held.length === 0 ? 0 : Math.min(300, held.length + 1));
  });
  it('is harmless to a spreadsheet', () => {
    expect(strFromU8(files['positions.csv']!)).not.toMatch(/(^|,)=cmd/m);
    expect(strFromU8(files['positions.csv']!)).toContain("'=cmd()");
    expect(csvOf([{ a: '+1', b: '@x', c: '-2', d: 5 }])).toBe(`a,b,c,d\n"'+1","'@x","'-2",5`);
  });
  it('opens no door: no password, PIN, session, token or key', async () => {
    const secrets = [
      ...(await db.knex('credentials').pluck('password')),
      ...(await db.knex('people').pluck('pinHash')),
      ...(await db.knex('sessions').pluck('token')),
      ...(await db.knex('tokens').pluck('hash')),
    ].filter(Boolean);
    expect(secrets.length).toBeGreaterThan(0);
    const all = Object.entries(files).flatMap(([name, bytes]) => (name.endsWith('.json') ? [strFromU8(bytes)] : []));
    expect(secrets.filter((secret) => all.some((text) => text.includes(String(secret))))).toEqual([]);
    expect(Object.keys(json('people.json')[0]!).sort()).toEqual(['id', 'name', 'role']);
  });
});
