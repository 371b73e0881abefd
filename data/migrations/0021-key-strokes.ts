import type { Knex } from 'knex';

const kindsAre = (kinds: string): string =>
  `alter table device_signs drop constraint device_signs_kind_check, add constraint device_signs_kind_check check (kind in (${kinds}))`;

/** Which keys set a device, beside what it shows. */
export async function up(knex: Knex): Promise<void> {
  await knex.raw(kindsAre(`'menu', 'lamp', 'keys'`));
}

export async function down(knex: Knex): Promise<void> {
  await knex('device_signs').where({ kind: 'keys' }).delete();
  await knex.raw(kindsAre(`'menu', 'lamp'`));
}
