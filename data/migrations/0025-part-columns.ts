import type { Knex } from 'knex';

/**
 * What a process that holds the catalogue by columns asks of it: which parts another transaction has changed since it last looked, which are
 * gone, and which have the same spec. Nobody counts: the database's own numbers of transactions tell, so that no writer waits for another.
 */
export async function up(knex: Knex): Promise<void> {
  await knex.raw(`
    alter table parts add column changed xid8 not null default '0', add column spec_key uuid;
    update parts set spec_key = md5(spec::text)::uuid;
    alter table parts alter column spec_key set not null;
    create table parts_gone (id text primary key, family text not null, changed xid8 not null);
    create function say_part_changed() returns trigger language plpgsql as $$
      begin
        new.changed := pg_current_xact_id();
        new.spec_key := md5(new.spec::text)::uuid;
        return new;
      end $$;
    create trigger part_changed before insert or update of family, footprint, name, demo, spec on parts
      for each row execute function say_part_changed();
    create function say_part_gone() returns trigger language plpgsql as $$
      begin
        insert into parts_gone values (old.id, old.family, pg_current_xact_id())
          on conflict (id) do update set family = excluded.family, changed = excluded.changed;
        return null;
      end $$;
    create trigger part_gone after delete on parts for each row execute function say_part_gone();
    create index parts_in_order on parts (family, id collate "C");
    create index parts_by_change on parts (changed);
    create index parts_gone_by_change on parts_gone (changed);
  `);
}

export async function down(knex: Knex): Promise<void> {
  await knex.raw(`
    drop trigger part_changed on parts;
    drop trigger part_gone on parts;
    drop function say_part_changed();
    drop function say_part_gone();
    drop table parts_gone;
    drop index parts_in_order;
    drop index parts_by_change;
    alter table parts drop column changed, drop column spec_key;
  `);
}
