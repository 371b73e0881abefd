/** A database of its own for a test file, in the throw-away cluster of TEST_CLUSTER_URL. */
import type { Knex } from 'knex';
import { randomUUID } from 'node:crypto';
import { connect } from './connection';
import { migrate } from './migrate';

export type TestDatabase = { knex: Knex; url: string; drop: () => Promise<void> };

export async function testDatabase(): Promise<TestDatabase> {
  const cluster = process.env.TEST_CLUSTER_URL;
  if (!cluster) throw new Error('TEST_CLUSTER_URL is not set: database tests are started by npm test.');
  const name = `t_${randomUUID().replace(/-/g, '')}`;
  const admin = connect(cluster);
  await admin.raw(`create database ${name}`);
  const url = cluster.replace(/\/[^/]*$/, `/${name}`);
  const knex = connect(url);
  await migrate(knex);
  return {
    knex,
    url,
    drop: async () => {
      await knex.destroy();
      await admin.raw(`drop database ${name} with (force)`);
      await admin.destroy();
    },
  };
}
