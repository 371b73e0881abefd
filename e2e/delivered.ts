/** The demo as it was delivered: kept beside the tables once, put back before every test, so that each runs alone, twice and in any order. */
import { existsSync, readdirSync, rmSync } from 'node:fs';
import path from 'node:path';
import createKnex, { type Knex } from 'knex';

const KEPT = 'delivered';

/** The demo as delivered is an older database, put back: what the installation knows of the newer one goes with it. */
function forgetHeads(folder: string | undefined): void {
  if (!folder || !existsSync(folder)) return;
  for (const name of readdirSync(folder)) if (name.startsWith('head-')) rmSync(path.join(folder, name), { force: true });
}

const tablesOf = async (knex: Knex): Promise<string[]> =>
  (await knex('pg_tables').where({ schemaname: 'public' }).whereNot('tablename', 'like', 'knex_%').orderBy('tablename')).map(
    ({ tablename }: { tablename: string }) => tablename,
  );

const TOUCHED = 'touched tables';

/** Keeps every table as it stands, and has each say when somebody writes to it: most tests write to a few, and the catalogue is large. */
async function keep(trx: Knex.Transaction, tables: readonly string[]): Promise<void> {
  await trx.raw('create schema ??', [KEPT]);
  for (const table of tables) await trx.raw('create table ??.?? as table public.??', [KEPT, table, table]);
  await trx.raw('create table ??.?? (name text primary key)', [KEPT, TOUCHED]);
  // Written in the name of who made it, so that the application's role needs no right to it.
  await trx.raw(
    `create function ??.touch() returns trigger language plpgsql security definer as
     $$ begin insert into ??.?? values (tg_table_name) on conflict do nothing; return null; end $$`,
    [KEPT, KEPT, TOUCHED],
  );
  for (const table of tables)
    await trx.raw(
      'create trigger touched after insert or update or delete or truncate on public.?? for each statement execute function ??.touch()',
      [table, KEPT],
    );
  // A backup by the application reads everything that stands in the database.
  await trx.raw('grant usage on schema ?? to public', [KEPT]);
  await trx.raw('grant select on all tables in schema ?? to public', [KEPT]);
}

/** Returns what puts the demo of this database back; `keys` is the folder of its installation's. */
export async function deliveredDemo(
  url: string,
  keys: string | undefined,
): Promise<{ restore: () => Promise<void>; close: () => Promise<void> }> {
  const knex = createKnex({ client: 'pg', connection: url, pool: { min: 0, max: 1 } });
  const tables = await tablesOf(knex);
  const [kept] = await knex('pg_namespace').where({ nspname: KEPT });
  if (!kept) await knex.transaction((trx) => keep(trx, tables));
  return {
    restore: () =>
      knex.transaction(async (trx) => {
        // Rows go in table by table; what refers to what is whole again at the end, and nothing that is put back counts as touched.
        await trx.raw("set local session_replication_role = 'replica'");
        forgetHeads(keys);
        const touched: string[] = await trx(`${KEPT}.${TOUCHED}`).pluck('name');
        for (const table of touched) {
          await trx.raw('delete from public.??', [table]);
          await trx.raw('insert into public.?? select * from ??.??', [table, KEPT, table]);
        }
        // Whoever holds the catalogue reads it anew: nobody changed these parts, another database stands here.
        if (touched.includes('parts') || touched.includes('part_trade')) await trx('catalogue_version').increment('version', 1);
        await trx(`${KEPT}.${TOUCHED}`).delete();
      }),
    close: () => knex.destroy(),
  };
}
