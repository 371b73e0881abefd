import type { Knex } from 'knex';

/** Pictures of plates, kept with their swap: at most 1 MB each, with the words found in them. */
export async function up(knex: Knex): Promise<void> {
  await knex.schema.createTable('pictures', (t) => {
    t.uuid('id').primary();
    t.uuid('swap_id').notNullable().references('swaps.id').index();
    t.text('section').notNullable().checkIn(['load', 'removed']);
    t.text('kind').notNullable();
    t.integer('width').notNullable();
    t.integer('height').notNullable();
    t.binary('bytes').notNullable();
    t.binary('original');
    t.text('original_type');
    t.jsonb('seen').notNullable();
    t.timestamp('taken_at').notNullable();
  });
}

export async function down(knex: Knex): Promise<void> {
  await knex.schema.dropTable('pictures');
}
