import type { Knex } from 'knex';

/** What was done for the installation itself: backups and checks of the chains, by night or by hand. */
export async function up(knex: Knex): Promise<void> {
  await knex.schema.createTable('care_runs', (t) => {
    t.bigIncrements('seq');
    t.text('task').notNullable();
    t.text('asked_by').notNullable();
    t.timestamp('began_at').notNullable();
    t.timestamp('ended_at').notNullable();
    t.boolean('good').notNullable();
    t.text('words').notNullable();
    t.index(['task', 'seq']);
  });
}

export async function down(knex: Knex): Promise<void> {
  await knex.schema.dropTable('care_runs');
}
