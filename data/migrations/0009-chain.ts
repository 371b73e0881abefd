import type { Knex } from 'knex';

const signed = ['records', 'events', 'settlements', 'chain'] as const;

/** The chain of each site; what is signed is neither changed nor taken away any more. One picture a section. */
export async function up(knex: Knex): Promise<void> {
  await knex.schema.createTable('chain', (t) => {
    t.text('site').notNullable();
    t.integer('seq').notNullable().checkPositive();
    t.timestamp('at').notNullable();
    t.text('kind').notNullable();
    t.text('ref').notNullable();
    t.text('content').notNullable();
    t.text('prev').notNullable();
    t.text('hash').notNullable();
    t.text('key').notNullable();
    t.text('signature').notNullable();
    t.primary(['site', 'seq']);
    t.index(['kind', 'ref']);
  });
  for (const table of signed)
    await knex.raw(
      `create trigger ${table}_stay before update or delete or truncate on ${table} for each statement execute function refuse_change()`,
    );
  await knex.raw(`
    delete from pictures a using pictures b
     where a.swap_id = b.swap_id and a.section = b.section and (a.taken_at, a.id) < (b.taken_at, b.id);
    create unique index one_picture_a_section on pictures (swap_id, section);
  `);
}

export async function down(knex: Knex): Promise<void> {
  await knex.raw('drop index one_picture_a_section');
  for (const table of signed) await knex.raw(`drop trigger ${table}_stay on ${table}`);
  await knex.schema.dropTable('chain');
}
