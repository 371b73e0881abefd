import type { Knex } from 'knex';

/** Positions are found by any piece of what they are called, however many there are; and records lie as the logbook turns its pages. */
export async function up(knex: Knex): Promise<void> {
  await knex.raw(`
    create index positions_by_words on positions using gin (lower(tag || ' ' || function || ' ' || family) gin_trgm_ops);
    create index records_newest_first on records (signed_at desc, id desc);
  `);
}

export async function down(knex: Knex): Promise<void> {
  await knex.raw('drop index positions_by_words; drop index records_newest_first');
}
