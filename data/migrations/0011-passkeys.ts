import type { Knex } from 'knex';

/** Passkeys of people, and the questions that are put to them: each answered once. */
export async function up(knex: Knex): Promise<void> {
  await knex.schema.createTable('passkeys', (t) => {
    t.text('id').primary();
    t.text('person_id').notNullable().references('people.id').onDelete('CASCADE').index();
    t.text('name').notNullable();
    t.binary('public_key').notNullable();
    t.bigInteger('counter').notNullable();
    t.jsonb('transports').notNullable();
    t.timestamp('made_at').notNullable();
    t.timestamp('used_at');
  });
  await knex.schema.createTable('passkey_questions', (t) => {
    t.text('hash').primary();
    t.text('purpose').notNullable();
    t.text('person_id').references('people.id').onDelete('CASCADE');
    t.timestamp('asked_at').notNullable().index();
  });
}

export async function down(knex: Knex): Promise<void> {
  await knex.schema.dropTable('passkey_questions').dropTable('passkeys');
}
