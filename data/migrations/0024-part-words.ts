import type { Knex } from 'knex';

/**
 * What a part is known by, in one column that is searched by its three-letter pieces; and each word once, so that a slip of the key is
 * mended by the nearest word that there is, and not by looking at every part.
 */
export async function up(knex: Knex): Promise<void> {
  await knex.raw('create extension if not exists pg_trgm');
  await knex.schema.alterTable('parts', (table) => table.text('words').notNullable().defaultTo(''));
  await knex.raw(`
    create table known_words (word text primary key);
    create index known_words_by_pieces on known_words using gin (word gin_trgm_ops);
    create function say_part_words() returns trigger language plpgsql as $$
      declare bought text;
      begin
        select concat_ws(' ', other_numbers, supplier, replaced_by) into bought from part_trade where part_id = new.id;
        new.words := lower(concat_ws(' ', new.name, new.maker, new.id, new.order_number, bought,
          -- Numbers as they are typed without their strokes and spaces.
          regexp_replace(concat_ws(' ', new.order_number, new.name), '[^[:alnum:]]', '', 'g')));
        return new;
      end $$;
    create trigger part_words before insert or update of id, name, maker, order_number on parts
      for each row execute function say_part_words();
    create function know_words(texts text[]) returns void language sql as $$
      insert into known_words
        select distinct word from unnest(texts) as said, regexp_split_to_table(said, '[^[:alnum:]]+') as word
         where length(word) between 4 and 40 on conflict do nothing;
    $$;
    create function know_new_words() returns trigger language plpgsql as $$
      begin
        perform know_words((select array_agg(words) from fresh));
        return null;
      end $$;
    create trigger known_when_made after insert on parts referencing new table as fresh
      for each statement execute function know_new_words();
    create function know_changed_words() returns trigger language plpgsql as $$
      begin
        perform know_words((select array_agg(fresh.words) from fresh join former using (id) where fresh.words <> former.words));
        return null;
      end $$;
    create trigger known_when_changed after update on parts referencing new table as fresh old table as former
      for each statement execute function know_changed_words();
    create function say_words_of_bought() returns trigger language plpgsql as $$
      begin
        update parts set name = name where id in (new.part_id, old.part_id);
        return null;
      end $$;
    create trigger bought_words after insert or update or delete on part_trade for each row execute function say_words_of_bought();
    update parts set name = name;
    create index parts_by_words on parts using gin (words gin_trgm_ops);
  `);
}

export async function down(knex: Knex): Promise<void> {
  await knex.raw(`
    drop index parts_by_words;
    drop trigger bought_words on part_trade;
    drop function say_words_of_bought();
    drop trigger known_when_made on parts;
    drop trigger known_when_changed on parts;
    drop function know_new_words();
    drop function know_changed_words();
    drop function know_words(text[]);
    drop trigger part_words on parts;
    drop function say_part_words();
    drop table known_words;
  `);
  await knex.schema.alterTable('parts', (table) => table.dropColumn('words'));
}
