/** Copies of rows under other names, without asking what a row means. */
import type { Knex } from 'knex';

/** @param changes SQL of an object: what differs, of the row `r` and the number `i` of the copy. */
export const copyRows = (knex: Knex, table: string, count: number, changes: string, where = 'true') =>
  knex.raw(
    `insert into ?? select (jsonb_populate_record(r, ${changes})).* from ?? r cross join generate_series(1, ?::int) i where ${where}`,
    [table, table, count],
  );
