import type { Knex } from 'knex';

/** The user's own table of letters per maker: what stands in which bay of an air breaker. One row a maker, with a version. */
export async function up(knex: Knex): Promise<void> {
  await knex.schema.createTable('position_codes', (t) => {
    t.text('maker').primary();
    t.jsonb('rows').notNullable();
    t.integer('version').notNullable().defaultTo(1);
  });
}

export async function down(knex: Knex): Promise<void> {
  await knex.schema.dropTable('position_codes');
}
