import type { Knex } from 'knex';

/** Curves kept with a part, the part that stands at a position, and a version for what feeds a panel. */
export async function up(knex: Knex): Promise<void> {
  await knex.schema.createTable('part_curves', (t) => {
    t.text('part_id').primary().references('parts.id').onDelete('CASCADE');
    t.jsonb('band').notNullable();
    t.text('source').notNullable();
    // Marks of the part that the curve stood in for, to put back when it goes.
    t.jsonb('marks_before').notNullable();
    t.timestamp('saved_at').notNullable();
  });
  await knex.schema.alterTable('positions', (t) => {
    t.text('part_id').references('parts.id').onDelete('SET NULL');
  });
  await knex.raw('update positions set part_id = parts.id from parts where parts.name = device_name and parts.family = positions.family');
  await knex.schema.alterTable('panels', (t) => {
    t.integer('supply_version').notNullable().defaultTo(0);
  });
}

export async function down(knex: Knex): Promise<void> {
  await knex.schema.alterTable('panels', (t) => {
    t.dropColumn('supply_version');
  });
  await knex.schema.alterTable('positions', (t) => {
    t.dropColumn('part_id');
  });
  await knex.schema.dropTable('part_curves');
}
