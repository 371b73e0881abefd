import type { Knex } from 'knex';

/** Orders to suppliers, and what was answered and has come of each line. */
export async function up(knex: Knex): Promise<void> {
  await knex.schema
    .createTable('orders', (t) => {
      t.uuid('id').primary();
      t.text('site_id').notNullable().references('sites.id');
      t.text('number').notNullable().unique();
      t.text('supplier').notNullable();
      t.timestamp('ordered_at').notNullable();
      t.text('ordered_by').notNullable();
      t.boolean('closed').notNullable().defaultTo(false);
      // Sent twice, it is ordered once: the orders of one sending share its key.
      t.uuid('key').notNullable();
      t.unique(['key', 'supplier']);
      t.index(['site_id', 'closed', 'ordered_at']);
    })
    .createTable('order_lines', (t) => {
      t.uuid('order_id').notNullable().references('orders.id').onDelete('CASCADE');
      t.integer('line').notNullable();
      // A part that is taken back with its file leaves its line.
      t.text('part_id').notNullable();
      t.text('name').notNullable();
      t.text('maker').notNullable();
      t.text('order_number');
      t.integer('quantity').notNullable().checkBetween([1, 10000]);
      t.decimal('price', 12, 2);
      t.text('currency');
      t.text('answer').notNullable().defaultTo('');
      t.integer('promised').checkBetween([0, 10000]);
      t.date('promised_on');
      t.text('replaced_by').notNullable().defaultTo('');
      t.integer('sent').notNullable().defaultTo(0);
      t.integer('received').notNullable().defaultTo(0).checkBetween([0, 20000]);
      t.primary(['order_id', 'line']);
      t.index('part_id');
    });
}

export async function down(knex: Knex): Promise<void> {
  await knex.schema.dropTable('order_lines');
  await knex.schema.dropTable('orders');
}
