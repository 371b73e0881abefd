import type { Knex } from 'knex';

/** What the settings of a position were left at when its last job was signed: the next one starts from there. */
export async function up(knex: Knex): Promise<void> {
  await knex.schema.alterTable('positions', (t) => {
    t.jsonb('as_left');
  });
}

export async function down(knex: Knex): Promise<void> {
  await knex.schema.alterTable('positions', (t) => {
    t.dropColumn('as_left');
  });
}
