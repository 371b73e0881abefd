import type { Knex } from 'knex';

/** Which systems feed a site, and at which of them a panel stands. */
export async function up(knex: Knex): Promise<void> {
  await knex.schema.alterTable('sites', (table) => table.jsonb('systems').notNullable().defaultTo('[]'));
  await knex.schema.alterTable('panels', (table) => table.jsonb('system'));
}

export async function down(knex: Knex): Promise<void> {
  await knex.schema.alterTable('sites', (table) => table.dropColumn('systems'));
  await knex.schema.alterTable('panels', (table) => table.dropColumn('system'));
}
