/** A database of its own for a test file, in the throw-away cluster of TEST_CLUSTER_URL. */
import type { Knex } from 'knex';
import { randomUUID } from 'node:crypto';
import { connect } from './connection';
import { loadDemo } from './demo/load';
import { migrate, NEWEST } from './migrate';

export type TestDatabase = { knex: Knex; url: string; drop: () => Promise<void> };

/** When the demo of the tests was loaded. */
const DEMO_LOADED_AT = new Date('2026-11-20T08:00:00Z');
/** What files copy, by its form: a cluster that stayed from an older one has another. */
const DELIVERED = `demo_${NEWEST}`;

function clusterUrl(): string {
  const url = process.env.TEST_CLUSTER_URL;
  if (!url) throw new Error('TEST_CLUSTER_URL is not set: database tests are started by npm test.');
  return url;
}
const urlOf = (name: string): string => clusterUrl().replace(/\/[^/]*$/, `/${name}`);

/** Makes a database, as a copy of another where one is named; `drop` takes it and the connections away. */
async function madeDatabase(admin: Knex, copyOf?: string): Promise<TestDatabase> {
  const name = `t_${randomUUID().replace(/-/g, '')}`;
  await admin.raw(copyOf ? 'create database ?? template ??' : 'create database ??', copyOf ? [name, copyOf] : [name]);
  const url = urlOf(name);
  const knex = connect(url);
  return {
    knex,
    url,
    drop: async () => {
      await knex.destroy();
      await admin.raw('drop database ?? with (force)', [name]);
      await admin.destroy();
    },
  };
}

/** A database with no tables at all. */
export const emptyDatabase = (): Promise<TestDatabase> => madeDatabase(connect(clusterUrl()));

/** A database of the newest form with nothing in it. */
export async function testDatabase(): Promise<TestDatabase> {
  const made = await emptyDatabase();
  await migrate(made.knex);
  return made;
}

/**
 * A database with the demo as it is delivered, taken for the one of this process. The demo is loaded once a cluster: the files that
 * come later get a copy, which is the same and takes a tenth of the time.
 */
export async function demoDatabase(): Promise<TestDatabase> {
  const admin = connect(clusterUrl());
  const made = await admin.transaction(async (trx) => {
    // Files start at the same time: the first of them makes it, and nobody may be connected to what is copied.
    // Making it takes as long as the machine has for it, and the others wait as long.
    await trx.raw('set local statement_timeout = 0');
    await trx.raw('select pg_advisory_xact_lock(1)');
    if (!(await trx('pg_database').where({ datname: DELIVERED }).first())) {
      await admin.raw('create database ??', [DELIVERED]);
      const knex = connect(urlOf(DELIVERED));
      await migrate(knex);
      await loadDemo(knex, DEMO_LOADED_AT);
      await knex.destroy();
    }
    return madeDatabase(admin, DELIVERED);
  });
  Object.assign(globalThis, { loyalCoilKnex: made.knex });
  return made;
}
