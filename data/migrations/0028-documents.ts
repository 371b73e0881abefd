import type { Knex } from 'knex';

/** Documents and pictures at a site, a panel, a position or a part. One that is there already is not kept twice; what goes with its place goes. */
export async function up(knex: Knex): Promise<void> {
  await knex.schema.createTable('documents', (t) => {
    t.uuid('id').primary();
    for (const place of ['site', 'panel', 'position', 'part'])
      t.text(`${place}_id`).references('id').inTable(`${place}s`).onDelete('cascade').index();
    t.text('name').notNullable();
    t.text('kind').notNullable();
    t.integer('size').notNullable();
    t.text('sha256').notNullable();
    t.binary('bytes').notNullable();
    t.text('added_by').notNullable();
    t.timestamp('added_at', { useTz: true }).notNullable();
  });
  await knex.raw('alter table documents add constraint one_place check (num_nonnulls(site_id, panel_id, position_id, part_id) = 1)');
  await knex.raw(
    `create unique index one_document on documents
     (coalesce('site ' || site_id, 'panel ' || panel_id, 'position ' || position_id, 'part ' || part_id), sha256)`,
  );
}

export async function down(knex: Knex): Promise<void> {
  await knex.schema.dropTable('documents');
}
