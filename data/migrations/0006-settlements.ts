import type { Knex } from 'knex';

/** What settled a line that was signed as not known: who found what, when. One for each line of a record. */
export async function up(knex: Knex): Promise<void> {
  await knex.schema.createTable('settlements', (t) => {
    t.uuid('record_id').notNullable().references('records.id');
    t.text('line_id').notNullable();
    t.text('by').notNullable();
    t.text('found').notNullable();
    t.timestamp('at').notNullable();
    t.primary(['record_id', 'line_id']);
  });
}

export async function down(knex: Knex): Promise<void> {
  await knex.schema.dropTable('settlements');
}
