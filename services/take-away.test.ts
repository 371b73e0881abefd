/** Everything in one file: what is in the database is in it, and what opens doors is not. */
import { isDeepStrictEqual } from 'node:util';
import { strFromU8, unzipSync } from 'fflate';
import Papa from 'papaparse';
import { afterAll, beforeAll, describe, expect, it } from 'vitest';
import { readyJob } from '@/tests/job';
import { signedByTester, tester } from '@/tests/crew';
import { demoDatabase, type TestDatabase } from '../data/test-database';
import { addPerson } from './crew/people';
import { addDocument } from './documents';
import { makePosition } from './plant';
import { signSwap } from './sign';
import { loadSwap } from './swaps';
import { leftBehind, takeAway, taken } from './take-away';

let db: TestDatabase;
let files: Record<string, Uint8Array>;
beforeAll(async () => {
  db = await demoDatabase();
  await addPerson({ name: 'Wren Alder', username: 'wren', role: 'stores' }, tester);
  await makePosition('ferrow-gate', { tag: 'X1', function: '=cmd()', device: 'terminals', rail: 0 }, tester);
  const { id } = await readyJob('kestrel-winch-k2');
  await signSwap(id, { version: (await loadSwap(id)).version }, signedByTester);
  await addDocument({ of: 'panel', id: 'ferrow-gate' }, { name: 'E-plan.pdf', bytes: Buffer.from('%PDF-1.7 sheet') }, tester);
  const pieces: Uint8Array[] = [];
  for await (const piece of takeAway()) pieces.push(piece);
  files = unzipSync(Buffer.concat(pieces));
});
afterAll(() => db.drop());

const json = (name: string): Record<string, unknown>[] => JSON.parse(strFromU8(files[name]!));

/** A row with its moments and large whole numbers as numbers: JSON and the driver write them otherwise. */
const plainValue = (name: string, value: unknown): unknown => {
  if (value instanceof Date) return value.getTime();
  if (typeof value !== 'string') return value;
  if (name === 'seq' || (name === 'id' && /^\d+$/.test(value))) return Number(value);
  // A day without its hour is midnight here.
  if (/^\d{4}-\d\d-\d\d$/.test(value)) return new Date(`${value}T00:00`).getTime();
  return /^\d{4}-\d\d-\d\dT/.test(value) ? new Date(value).getTime() : value;
};
const plain = (row: Record<string, unknown>) =>
  Object.fromEntries(Object.entries(row).map(([name, value]) => [name, plainValue(name, value)]));

describe('what is taken away', () => {
  it('names every table that there is, as taken or as left behind', async () => {
    const { rows } = await db.knex.raw(`select tablename from pg_tables where schemaname = 'public' and tablename not like 'knex_%'`);
    expect([...Object.keys(taken), ...leftBehind].sort()).toEqual(rows.map((row: { tablename: string }) => row.tablename).sort());
  });
  it.each(Object.keys(taken))('%s whole, as JSON and as CSV', async (table) => {
    const held = await db.knex(table).orderBy([...taken[table]!]);
    // Field by field, as the database holds it; large tables are told apart as text.
    expect(isDeepStrictEqual(json(`${table}.json`).map(plain), held.map(plain))).toBe(true);
    const csv = strFromU8(files[`${table}.csv`]!);
    // Of the catalogue the first rows are enough: they are all written alike.
    const { data } = Papa.parse<string[]>(csv, { skipEmptyLines: true, preview: 300 });
    expect(data.length).toBe(Math.min(300, held.length + 1));
  });
  it('lets go of the database where the reader goes', async () => {
    const held = async () =>
      (await db.knex.raw(`select 1 from pg_stat_activity where datname = current_database() and state <> 'idle'`)).rows.length;
    const before = await held();
    const pieces = takeAway();
    await pieces.next();
    expect(await held()).toBeGreaterThan(before);
    await pieces.return(undefined);
    await expect.poll(held).toBe(before);
  });
  it('holds every document as it came, and where it is kept', () => {
    const about = json('documents.json');
    expect(about).toMatchObject([{ name: 'E-plan.pdf', panel_id: 'ferrow-gate', site_id: null, kind: 'application/pdf' }]);
    expect(strFromU8(files[`documents/${String(about[0]!.id)}.pdf`]!)).toBe('%PDF-1.7 sheet');
  });
  it('is harmless to a spreadsheet', () => {
    expect(strFromU8(files['positions.csv']!)).not.toMatch(/(^|,)=cmd/m);
    expect(strFromU8(files['positions.csv']!)).toContain("'=cmd()");
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
