import type { Knex } from 'knex';

const before = { events: ['fault', 'swap', 'measurement', 'note'], swaps: ['open', 'signed'] };
const endings = ['adjusted', 'repaired', 'nothing-found', 'elsewhere', 'waiting', 'discarded'];

const accept = (knex: Knex, table: string, column: string, words: readonly string[], old = '') =>
  knex.raw(
    `alter table ${table} drop constraint if exists ${table}_${column}_check, drop constraint if exists ${table}_${column}_1,
     add constraint ${table}_${column}_check check (${column} in (${words.map((word) => `'${word}'`).join(', ')})) ${old}`,
  );

/** A job ends in more ways than by a new part; each stands in the history of its position. */
export async function up(knex: Knex): Promise<void> {
  await accept(knex, 'events', 'kind', [...before.events, ...endings]);
  await accept(knex, 'swaps', 'status', [...before.swaps, 'ended']);
}

/** What ended so stays as it is, since it is signed; an older version writes none any more. */
export async function down(knex: Knex): Promise<void> {
  await accept(knex, 'events', 'kind', before.events, 'not valid');
  await accept(knex, 'swaps', 'status', before.swaps, 'not valid');
}
