/** What the first version held is still there after every later form, after the way back, and after the way forward again. */
import { afterAll, beforeAll, expect, it } from 'vitest';
import { migrations, NEWEST } from './migrate';
import { emptyDatabase, type TestDatabase } from './test-database';

let db: TestDatabase;
beforeAll(async () => {
  db = await emptyDatabase();
});
afterAll(() => db.drop());

const config = { migrationSource: migrations };
const at = new Date('2026-01-05T10:00:00Z');
const ids = { swap: '11111111-1111-4111-8111-111111111111', record: '22222222-2222-4222-8222-222222222222' };

/** One row of each table of the first version, as that version wrote them. */
async function firstRows(): Promise<void> {
  const json = JSON.stringify;
  const { knex } = db;
  await knex('sites').insert({ id: 's', name: 'A site', practice: 'IEC', time_zone: 'UTC', schools: '{}', sort: 0 });
  await knex('panels').insert({ id: 'p', site_id: 's', name: 'A panel', note: '', rails: 1, sort: 0 });
  await knex('parts').insert({
    ...{ id: 'part', family: 'contactor', maker: 'Nettlecombe', name: 'A part', footprint: 'x', coil_exchangeable: true },
    ...{ raw: json({ poles: 3 }), spec: json({ poles: 3 }) },
  });
  await knex('positions').insert({
    ...{ id: 'q', panel_id: 'p', tag: 'K1', function: 'pump', family: 'contactor', rating: '', rail: 0, slot: 0, load_kind: 'motor-3ph' },
    ...{
      readings: json({ load: { contactorPosition: { state: 'read', value: 'line' } } }),
      device_name: 'A part',
      fitted_on: '2026-01-04',
    },
  });
  await knex('stock').insert({ site_id: 's', part_id: 'part', place: 'bin 1', quantity: 2 });
  await knex('swaps').insert({ id: ids.swap, position_id: 'q', status: 'signed', version: 3, state: json({ load: {} }), opened_at: at });
  await knex('records').insert({
    ...{ id: ids.record, swap_id: ids.swap, position_id: 'q', signed_at: at, signed_by: 'A name', body: json({ remark: 'ä' }), hash: 'h' },
  });
  await knex('events').insert({ position_id: 'q', at, kind: 'swap', text: 'swapped', record_id: ids.record });
}

const tables = ['sites', 'panels', 'parts', 'positions', 'stock', 'swaps', 'records', 'events'];
/** The columns that the first version had, row by row. */
async function rowsOf(columns: Readonly<Record<string, string[]>>): Promise<unknown> {
  return Promise.all(tables.map((table) => db.knex(table).select(columns[table]!)));
}
async function columnsNow(): Promise<Record<string, string[]>> {
  const found = await db.knex('information_schema.columns').where({ table_schema: 'public' }).orderBy(['table_name', 'column_name']);
  const byTable: Record<string, string[]> = {};
  for (const { table_name: table, column_name: column } of found) (byTable[table] ??= []).push(column);
  return byTable;
}
const names = async () => (await db.knex('knex_migrations').orderBy('id')).map(({ name }: { name: string }) => name);

it('the way forward, back and forward again', async () => {
  const { knex } = db;
  await knex.migrate.up(config);
  await firstRows();
  const firstColumns = await columnsNow();
  const before = await rowsOf(firstColumns);
  const all = await migrations.getMigrations([]);

  for (let step = 1; step < all.length; step += 1) await knex.migrate.up(config);
  expect((await names()).at(-1)).toBe(NEWEST);
  const newest = await rowsOf(firstColumns);
  // One mark has another name from the seventh form on; nothing else is another.
  expect(JSON.stringify(newest)).toBe(JSON.stringify(before).replaceAll('contactorPosition', 'starterRole'));
  const newestColumns = await columnsNow();

  for (let step = 1; step < all.length; step += 1) await knex.migrate.down(config);
  expect(await names()).toHaveLength(1);
  expect(await columnsNow()).toEqual(firstColumns);
  expect(await rowsOf(firstColumns)).toEqual(before);

  await knex.migrate.latest(config);
  expect(await columnsNow()).toEqual(newestColumns);
  expect(await rowsOf(firstColumns)).toEqual(newest);
});
