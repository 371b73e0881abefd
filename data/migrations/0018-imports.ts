import type { Knex } from 'knex';

/** Files of parts that were brought: what each of them made and changed, so that it can be taken back as a whole. */
export async function up(knex: Knex): Promise<void> {
  await knex.schema
    .createTable('imports', (t) => {
      t.uuid('id').primary();
      t.text('name').notNullable();
      t.text('family').notNullable();
      t.text('site_id').references('sites.id');
      t.integer('made').notNullable();
      t.integer('changed').notNullable();
      t.integer('unchanged').notNullable();
      t.integer('refused').notNullable();
      t.text('brought_by').notNullable();
      t.timestamp('brought_at').notNullable();
      t.timestamp('undone_at');
    })
    .createTable('import_rows', (t) => {
      t.uuid('import_id').notNullable().references('imports.id').onDelete('CASCADE');
      t.text('part_id').notNullable();
      // Null: the import made it.
      t.jsonb('before');
      t.text('place');
      t.integer('stock_before');
      t.integer('stock_after');
      t.primary(['import_id', 'part_id']);
    });
  await knex.schema.alterTable('parts', (t) => {
    t.uuid('import_id').references('imports.id').index();
    t.text('order_number');
  });
}

export async function down(knex: Knex): Promise<void> {
  await knex.schema.alterTable('parts', (t) => {
    t.dropColumn('import_id');
    t.dropColumn('order_number');
  });
  await knex.schema.dropTable('import_rows');
  await knex.schema.dropTable('imports');
}
