import type { Knex } from 'knex';

/** Sites, panels, positions, catalogue, stock, history, swaps and signed records. Times are UTC. */
export async function up(knex: Knex): Promise<void> {
  await knex.schema
    .createTable('sites', (t) => {
      t.text('id').primary();
      t.text('name').notNullable();
      t.text('practice').notNullable().checkIn(['NFPA70', 'IEC']);
      t.text('time_zone').notNullable();
      t.jsonb('schools').notNullable().defaultTo('{}');
      t.integer('sort').notNullable();
    })
    .createTable('panels', (t) => {
      t.text('id').primary();
      t.text('site_id').notNullable().references('sites.id').index();
      t.text('name').notNullable();
      t.text('note').notNullable();
      t.integer('rails').notNullable();
      t.integer('sort').notNullable();
    })
    .createTable('parts', (t) => {
      t.text('id').primary();
      t.text('family').notNullable().index();
      t.text('maker').notNullable();
      t.text('name').notNullable();
      t.text('footprint').notNullable();
      t.boolean('coil_exchangeable').notNullable();
      t.jsonb('raw').notNullable();
      t.jsonb('spec').notNullable();
    })
    .createTable('positions', (t) => {
      t.text('id').primary();
      t.text('panel_id').notNullable().references('panels.id').index();
      t.text('tag').notNullable();
      t.text('function').notNullable();
      t.text('family').notNullable();
      t.text('rating').notNullable();
      t.integer('rail').notNullable();
      t.integer('slot').notNullable();
      t.text('load_kind');
      t.jsonb('readings').notNullable().defaultTo('{}');
      t.jsonb('hazards').notNullable().defaultTo('{}');
      t.text('device_name').notNullable();
      t.text('footprint');
      t.date('fitted_on');
      t.unique(['panel_id', 'tag']);
    })
    .createTable('stock', (t) => {
      t.increments('id');
      t.text('site_id').notNullable().references('sites.id');
      t.text('part_id').notNullable().references('parts.id').index();
      t.text('place').notNullable();
      t.integer('quantity').notNullable().checkBetween([0, 10000]);
      t.unique(['site_id', 'part_id', 'place']);
    })
    .createTable('events', (t) => {
      t.increments('id');
      t.text('position_id').notNullable().references('positions.id').index();
      t.timestamp('at').notNullable();
      t.text('kind').notNullable().checkIn(['fault', 'swap', 'measurement', 'note']);
      t.text('text').notNullable();
      t.uuid('record_id');
    })
    .createTable('swaps', (t) => {
      t.uuid('id').primary();
      t.text('position_id').notNullable().references('positions.id').index();
      t.text('status').notNullable().checkIn(['open', 'signed']);
      t.integer('version').notNullable();
      t.jsonb('state').notNullable();
      t.timestamp('opened_at').notNullable();
    })
    .createTable('records', (t) => {
      t.uuid('id').primary();
      t.uuid('swap_id').notNullable().unique().references('swaps.id');
      t.text('position_id').notNullable().references('positions.id').index();
      t.timestamp('signed_at').notNullable();
      t.text('signed_by').notNullable();
      t.jsonb('body').notNullable();
      t.text('hash').notNullable();
    })
    .createTable('catalogue_version', (t) => {
      t.integer('version').notNullable();
    });
  await knex.raw(`create unique index one_open_swap on swaps (position_id) where status = 'open'`);
  await knex('catalogue_version').insert({ version: 1 });
}

export async function down(knex: Knex): Promise<void> {
  for (const table of ['catalogue_version', 'records', 'swaps', 'events', 'stock', 'positions', 'parts', 'panels', 'sites'])
    await knex.schema.dropTable(table);
}
