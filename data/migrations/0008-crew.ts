import type { Knex } from 'knex';

/**
 * People, their sessions and credentials as the library of sign-in keeps them (its own names of columns), tokens of the open interface,
 * known devices, counted attempts, and the log of what was done.
 */
export async function up(knex: Knex): Promise<void> {
  await knex.schema
    .createTable('people', (t) => {
      t.text('id').primary();
      t.text('name').notNullable();
      t.text('email').notNullable().unique();
      t.boolean('emailVerified').notNullable().defaultTo(false);
      t.text('image');
      t.timestamp('createdAt').notNullable();
      t.timestamp('updatedAt').notNullable();
      t.text('username').unique();
      t.text('displayUsername');
      t.text('role').notNullable().checkIn(['apprentice', 'electrician', 'foreman', 'stores', 'administrator']);
      t.text('pinHash');
      t.boolean('mustChangePassword').notNullable().defaultTo(false);
      t.timestamp('leftAt');
    })
    .createTable('sessions', (t) => {
      t.text('id').primary();
      t.timestamp('expiresAt').notNullable();
      t.text('token').notNullable().unique();
      t.timestamp('createdAt').notNullable();
      t.timestamp('updatedAt').notNullable();
      t.text('ipAddress');
      t.text('userAgent');
      t.text('userId').notNullable().references('people.id').onDelete('CASCADE').index();
    })
    .createTable('credentials', (t) => {
      t.text('id').primary();
      t.text('accountId').notNullable();
      t.text('providerId').notNullable();
      t.text('userId').notNullable().references('people.id').onDelete('CASCADE').index();
      for (const name of ['accessToken', 'refreshToken', 'idToken', 'scope', 'password']) t.text(name);
      for (const name of ['accessTokenExpiresAt', 'refreshTokenExpiresAt']) t.timestamp(name);
      t.timestamp('createdAt').notNullable();
      t.timestamp('updatedAt').notNullable();
    })
    .createTable('verifications', (t) => {
      t.text('id').primary();
      t.text('identifier').notNullable().index();
      t.text('value').notNullable();
      t.timestamp('expiresAt').notNullable();
      t.timestamp('createdAt').notNullable();
      t.timestamp('updatedAt').notNullable();
    })
    .createTable('tokens', (t) => {
      t.uuid('id').primary();
      t.text('name').notNullable();
      t.text('person_id').notNullable().references('people.id').index();
      t.jsonb('scopes').notNullable();
      t.text('hash').notNullable().unique();
      t.timestamp('made_at').notNullable();
      t.timestamp('expires_at').notNullable();
      t.timestamp('ended_at');
    })
    .createTable('known_devices', (t) => {
      t.text('hash').notNullable();
      t.text('person_id').notNullable().references('people.id').onDelete('CASCADE');
      t.timestamp('seen_at').notNullable();
      t.primary(['hash', 'person_id']);
    })
    .createTable('attempts', (t) => {
      t.string('key', 255).primary();
      t.integer('points').notNullable().defaultTo(0);
      t.bigInteger('expire');
    })
    .createTable('audit', (t) => {
      t.bigIncrements('seq');
      t.timestamp('at').notNullable().index();
      t.text('person_id');
      t.text('person_name').notNullable();
      t.text('what').notNullable().index();
      t.jsonb('about').notNullable();
      t.text('address');
    });
  // What was done stays: neither changed nor taken away, whoever of the application asks.
  await knex.raw(`
    create function refuse_change() returns trigger language plpgsql as $$
    begin raise exception '% is append-only', tg_table_name using errcode = '42501'; end $$;
    create trigger audit_stays before update or delete or truncate on audit for each statement execute function refuse_change();
  `);
  await knex.schema.alterTable('sites', (t) => t.boolean('second_person').notNullable().defaultTo(false));
}

export async function down(knex: Knex): Promise<void> {
  await knex.schema.alterTable('sites', (t) => t.dropColumn('second_person'));
  for (const table of ['audit', 'attempts', 'known_devices', 'tokens', 'verifications', 'credentials', 'sessions', 'people'])
    await knex.schema.dropTable(table);
  await knex.raw('drop function refuse_change()');
}
