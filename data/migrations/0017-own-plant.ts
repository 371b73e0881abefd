import type { Knex } from 'knex';

/** Panels and positions that people draw themselves: each with a version, put away and never deleted; tags by the habit of the site. */
export async function up(knex: Knex): Promise<void> {
  await knex.schema.alterTable('sites', (t) => {
    t.text('tag_habit').notNullable().defaultTo('iec-81346');
  });
  await knex('sites').where({ practice: 'NFPA70' }).update({ tag_habit: 'nfpa' });
  for (const table of ['panels', 'positions'])
    await knex.schema.alterTable(table, (t) => {
      t.integer('version').notNullable().defaultTo(1);
      t.timestamp('archived_at');
    });
  await knex.schema.alterTable('positions', (t) => {
    t.dropUnique(['panel_id', 'tag']);
  });
  // What is put away frees its tag.
  await knex.raw('create unique index positions_tag_in_use on positions (panel_id, lower(tag)) where archived_at is null');
}

export async function down(knex: Knex): Promise<void> {
  await knex.raw('drop index positions_tag_in_use');
  await knex.schema.alterTable('positions', (t) => {
    t.unique(['panel_id', 'tag']);
  });
  for (const table of ['panels', 'positions'])
    await knex.schema.alterTable(table, (t) => {
      t.dropColumn('version');
      t.dropColumn('archived_at');
    });
  await knex.schema.alterTable('sites', (t) => {
    t.dropColumn('tag_habit');
  });
}
