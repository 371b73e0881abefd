/** A piece of work on the database that is kept whole or not at all; what another hand got in the way of is tried again. */
import { setTimeout as sleep } from 'node:timers/promises';
import type { Knex } from 'knex';

const TRIES = 4;
/** Two that gave way to each other do not meet again in step: each waits a while of its own, longer every time, in ms. */
const pauseMs = (tried: number): number => (0.5 + Math.random()) * 20 * 2 ** tried;

/** True where a shelf would hold less than nothing, or more than it may: what was read of it has changed meanwhile, or too many are asked for. */
export const isOverdrawn = (error: unknown): boolean =>
  error instanceof Error && 'code' in error && error.code === '23514' && 'table' in error && error.table === 'stock';

/** True where the database gave this one up so that another could go on: a deadlock, an order that could not be kept, a shelf that has changed. */
const gaveWay = (error: unknown): boolean =>
  isOverdrawn(error) || (error instanceof Error && 'code' in error && (error.code === '40P01' || error.code === '40001'));

/** Runs `work` in a transaction. It takes no other connection than the one it is handed, and does nothing that cannot be done twice. */
export async function inTransaction<T>(knex: Knex, work: (trx: Knex.Transaction) => Promise<T>): Promise<T> {
  for (let tried = 1; ; tried += 1) {
    try {
      return await knex.transaction(work);
    } catch (error) {
      if (tried === TRIES || !gaveWay(error)) throw error;
      await sleep(pauseMs(tried));
    }
  }
}
