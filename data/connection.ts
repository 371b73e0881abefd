/**
 * The one connection pool of a process. DATABASE_URL names the server; nothing else is state.
 * A server that does not answer is reported within seconds, so that the screen can say so and keep what was typed.
 */
import { messageOf } from '../core/certain';
import knexFactory, { type Knex } from 'knex';

const holder = globalThis as { loyalCoilKnex?: Knex };

/** Returns the process's pool, made at first use. */
export function database(): Knex {
  holder.loyalCoilKnex ??= connect(process.env.DATABASE_URL ?? 'postgres://loyal@127.0.0.1:5432/loyal_coil');
  return holder.loyalCoilKnex;
}

/** Where the process's pool connects to, for what keeps connections of its own. */
export function addressOfDatabase(): string {
  const { connection }: { connection: { connectionString: string } } = database().client.config;
  return connection.connectionString;
}

/** The database's own words of an error, without the query that the builder writes before them. */
const ownWords = new WeakMap<object, string>();

export function connect(url: string): Knex {
  const knex = knexFactory({
    client: 'pg',
    // Need lines are long expressions over few rows: compiling them costs more than running them.
    connection: { connectionString: url, options: '-c jit=off', connectionTimeoutMillis: 3000, statement_timeout: 10_000 },
    pool: {
      min: 0,
      max: 8,
      idleTimeoutMillis: 10_000,
      createRetryIntervalMillis: 100,
      createTimeoutMillis: 3000,
      propagateCreateError: true,
    },
    acquireConnectionTimeout: 4000,
    // What fails is thrown, and said once by whoever asked.
    log: { warn: () => undefined, error: () => undefined },
  });
  return knex.on('query-error', (error: Error, { sql }: { sql: string }) => {
    const before = `${sql} - `;
    if (error.message.startsWith(before)) ownWords.set(error, error.message.slice(before.length));
  });
}

/** True for errors that say the database has no room left to write in, or may not write. */
export const cannotWrite = (error: unknown): boolean =>
  error instanceof Error && 'code' in error && /^(53[12]00|58030|25006)$/.test(String(error.code));

/** True for errors that say the database cannot be reached, not that a statement was wrong. */
export function isUnreachable(error: unknown): boolean {
  const fault = error as { code?: string; name?: string; message?: string };
  return (
    fault?.name === 'KnexTimeoutError' ||
    /^(ECONNREFUSED|ECONNRESET|ETIMEDOUT|EPIPE|57P0[123]|08\d{3}|53300)$/.test(fault?.code ?? '') ||
    /Connection terminated|connection timeout|terminating connection|Connection ended/i.test(fault?.message ?? '')
  );
}

/** Why the database refused, in its own words, without the query. */
export const databaseWords = (error: unknown): string => (error instanceof Error ? ownWords.get(error) : undefined) ?? messageOf(error);
