import type { Knex } from 'knex';

/** Positions that belong together, under one name, and what was seen of them at the panel. A position stands in one circuit. */
export async function up(knex: Knex): Promise<void> {
  await knex.schema.createTable('circuits', (t) => {
    t.uuid('id').primary();
    t.text('panel_id').notNullable().references('panels.id').index();
    t.text('name').notNullable();
    t.text('kind').notNullable().checkIn(['load', 'control']);
    t.jsonb('facts').notNullable().defaultTo('{}');
    t.integer('version').notNullable().defaultTo(1);
    t.unique(['panel_id', 'name']);
  });
  await knex.schema.alterTable('positions', (t) => {
    t.uuid('circuit_id').references('circuits.id').onDelete('SET NULL').index();
  });
}

export async function down(knex: Knex): Promise<void> {
  await knex.schema.alterTable('positions', (t) => {
    t.dropColumn('circuit_id');
  });
  await knex.schema.dropTable('circuits');
}
