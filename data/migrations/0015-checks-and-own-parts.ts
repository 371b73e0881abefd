import type { Knex } from 'knex';

/** Quick checks that were kept by name, and parts that people entered themselves beside those of a delivered catalogue. */
export async function up(knex: Knex): Promise<void> {
  await knex.schema.createTable('checks', (t) => {
    t.uuid('id').primary();
    t.text('name').notNullable().unique();
    t.text('family').notNullable();
    t.text('position_id').references('positions.id').onDelete('SET NULL').index();
    t.jsonb('state').notNullable();
    t.text('kept_by').notNullable();
    t.timestamp('kept_at').notNullable();
    t.integer('version').notNullable().defaultTo(1);
  });
  await knex.schema.alterTable('parts', (t) => {
    t.text('entered_by');
    t.timestamp('entered_at');
  });
}

export async function down(knex: Knex): Promise<void> {
  await knex.schema.dropTable('checks');
  await knex.schema.alterTable('parts', (t) => {
    t.dropColumn('entered_by');
    t.dropColumn('entered_at');
  });
}
