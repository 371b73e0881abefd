import type { Knex } from 'knex';

/** How a part is bought: kept beside its marks, with who said so and when; what a site pays in. */
export async function up(knex: Knex): Promise<void> {
  await knex.schema.createTable('part_trade', (t) => {
    t.text('part_id').primary().references('parts.id').onDelete('CASCADE');
    t.text('supplier').notNullable().defaultTo('');
    t.decimal('price', 12, 2);
    t.text('currency');
    t.integer('lead_days');
    t.text('state').notNullable().defaultTo('current');
    t.text('replaced_by').notNullable().defaultTo('');
    t.text('other_numbers').notNullable().defaultTo('');
    t.text('said_by').notNullable();
    t.timestamp('said_at').notNullable();
  });
  await knex.schema.alterTable('sites', (t) => {
    t.text('currency');
  });
}

export async function down(knex: Knex): Promise<void> {
  await knex.schema.dropTable('part_trade');
  await knex.schema.alterTable('sites', (t) => {
    t.dropColumn('currency');
  });
}
