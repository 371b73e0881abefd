import type { Knex } from 'knex';

/** With which rules the canonical form of a part was made: newer ones make it anew. */
export async function up(knex: Knex): Promise<void> {
  await knex.schema.alterTable('parts', (table) => table.text('ruled_by'));
}

export async function down(knex: Knex): Promise<void> {
  await knex.schema.alterTable('parts', (table) => table.dropColumn('ruled_by'));
}
