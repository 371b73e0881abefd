import type { Knex } from 'knex';

/** The catalogue of a family is looked through in the order of its names, a page at a time, however many parts there are. */
export async function up(knex: Knex): Promise<void> {
  await knex.raw(`create index parts_by_name on parts (family, name collate "C", id collate "C")`);
}

export async function down(knex: Knex): Promise<void> {
  await knex.raw('drop index parts_by_name');
}
