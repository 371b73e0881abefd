import type { Knex } from 'knex';

/**
 * Stock is the sum of a ledger that is only added to: each entry says who, when, why and how many, and carries the shelf along. A shelf can
 * never hold less than nothing; least and most are kept by part and site.
 */
export async function up(knex: Knex): Promise<void> {
  await knex.schema
    .createTable('ledger', (t) => {
      t.bigIncrements('id');
      t.text('site_id').notNullable().references('sites.id');
      // The entries of a part that was taken back with its file stay.
      t.text('part_id').notNullable();
      t.text('place').notNullable();
      t.text('kind').notNullable();
      t.integer('change').notNullable();
      // What lay there then; set by the shelf itself.
      t.integer('left');
      t.text('why').notNullable().defaultTo('');
      // The job, or the file.
      t.uuid('ref');
      // Sent twice, it is one.
      t.uuid('key').unique();
      t.text('by').notNullable();
      t.timestamp('at').notNullable();
      t.index(['site_id', 'part_id', 'place', 'id']);
    })
    .createTable('stock_limits', (t) => {
      t.text('site_id').notNullable().references('sites.id');
      t.text('part_id').notNullable().references('parts.id').onDelete('CASCADE');
      t.integer('least').notNullable().checkBetween([0, 10000]);
      t.integer('most').notNullable().checkBetween([0, 10000]);
      t.primary(['site_id', 'part_id']);
    });
  await knex.schema.alterTable('stock', (t) => {
    t.timestamp('counted_at');
  });
  await knex.raw(`
    insert into ledger (site_id, part_id, place, kind, change, "left", "by", at)
    select site_id, part_id, place, 'opening', quantity, quantity, 'Loyal Coil', now() from stock where quantity > 0;
    create function carry_stock() returns trigger language plpgsql security definer set search_path = public as $$
    begin
      insert into stock as lying (site_id, part_id, place, quantity, counted_at)
      values (new.site_id, new.part_id, new.place, 0, null) on conflict (site_id, part_id, place) do nothing;
      update stock set quantity = quantity + new.change, counted_at = case when new.kind = 'counted' then new.at else counted_at end
       where site_id = new.site_id and part_id = new.part_id and place = new.place returning quantity into new.left;
      return new;
    end $$;
    create trigger ledger_carries before insert on ledger for each row execute function carry_stock();
    create trigger ledger_stays before update or delete or truncate on ledger for each statement execute function refuse_change();
  `);
}

export async function down(knex: Knex): Promise<void> {
  await knex.schema.alterTable('stock', (t) => {
    t.dropColumn('counted_at');
  });
  await knex.schema.dropTable('stock_limits');
  await knex.schema.dropTable('ledger');
  await knex.raw('drop function carry_stock()');
}
