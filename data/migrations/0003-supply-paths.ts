import type { Knex } from 'knex';

/** What lies between the source and a panel, and between the panel and a position. */
export async function up(knex: Knex): Promise<void> {
  await knex.schema.alterTable('panels', (t) => {
    t.jsonb('supply_path');
  });
  await knex.schema.alterTable('positions', (t) => {
    t.jsonb('run');
  });
}

export async function down(knex: Knex): Promise<void> {
  await knex.schema.alterTable('panels', (t) => {
    t.dropColumn('supply_path');
  });
  await knex.schema.alterTable('positions', (t) => {
    t.dropColumn('run');
  });
}
