import type { Knex } from 'knex';

/** What was invented for the demo is told from what is true, and stands to choice only at sites that ask for it. */
export async function up(knex: Knex): Promise<void> {
  await knex.schema.alterTable('sites', (table) => {
    table.boolean('demo').notNullable().defaultTo(false);
    table.boolean('demo_parts').notNullable().defaultTo(false);
  });
  await knex.schema.alterTable('parts', (table) => table.boolean('demo').notNullable().defaultTo(false));
  // Until now nobody but the demo named a site by a word of its own, or made a part that neither a person nor a file brought.
  await knex('sites').whereIn('id', ['kestrel', 'ferrow']).update({ demo: true, demo_parts: true });
  await knex('parts').whereNull('entered_by').whereNull('import_id').update({ demo: true });
  // A site of one's own never becomes one that is taken out with the demo.
  await knex.raw(`
    create function site_stays_true() returns trigger language plpgsql as
      $$ begin raise exception 'whether a site is of the demo is said once'; end $$;
    create trigger demo_is_said_once before update on sites for each row
      when (old.demo is distinct from new.demo) execute function site_stays_true();
  `);
}

export async function down(knex: Knex): Promise<void> {
  await knex.raw('drop trigger demo_is_said_once on sites; drop function site_stays_true()');
  await knex.schema.alterTable('parts', (table) => table.dropColumn('demo'));
  await knex.schema.alterTable('sites', (table) => table.dropColumns('demo', 'demo_parts'));
}
