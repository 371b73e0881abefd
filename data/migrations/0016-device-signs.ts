import type { Knex } from 'knex';

/** What devices show, by maker: words of their menus and how their lamps blink. The user's own; a sign of a maker stands once. */
export async function up(knex: Knex): Promise<void> {
  await knex.schema.createTable('device_signs', (t) => {
    t.uuid('id').primary();
    t.text('maker').notNullable();
    t.text('kind').notNullable().checkIn(['menu', 'lamp']);
    t.text('sign').notNullable();
    t.text('means').notNullable();
    t.text('entered_by').notNullable();
  });
  await knex.raw('create unique index one_sign on device_signs (lower(maker), kind, lower(sign))');
}

export async function down(knex: Knex): Promise<void> {
  await knex.schema.dropTable('device_signs');
}
