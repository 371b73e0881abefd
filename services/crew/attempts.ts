/**
 * Counted attempts, so that nobody guesses a password or a PIN, and so that nobody can lock a colleague out by guessing wrong: a device on
 * which the person has signed in before counts for itself, and all others count by their address.
 */
import { RateLimiterPostgres } from 'rate-limiter-flexible';
import { database } from '../../data/connection';
import { countOne } from '../limited';

/** What is counted: so many in so many seconds, then refused for so long. */
const limits = {
  'sign-in': { points: 5, duration: 900, blockDuration: 900 },
  'sign-in-address': { points: 50, duration: 900, blockDuration: 300 },
  pin: { points: 5, duration: 900, blockDuration: 900 },
} as const;
export type Counted = keyof typeof limits;

const byPool = new WeakMap<object, Map<Counted, RateLimiterPostgres>>();
function limiterOf(what: Counted): RateLimiterPostgres {
  const kept = byPool.get(database()) ?? new Map<Counted, RateLimiterPostgres>();
  byPool.set(database(), kept);
  const known = kept.get(what);
  if (known) return known;
  const made = new RateLimiterPostgres({
    ...{ storeClient: database(), storeType: 'knex', tableName: 'attempts', tableCreated: true, keyPrefix: what },
    ...limits[what],
  });
  kept.set(what, made);
  return made;
}

/** Counts one attempt. Throws 429 with when to come back where there were too many. */
export const countAttempt = (what: Counted, key: string): Promise<void> =>
  countOne(
    limiterOf(what),
    key,
    (seconds) => `Too many attempts from here. Try again in ${Math.ceil(seconds / 60)} min; nobody else is held up by it.`,
  );

/** Forgets the attempts: this one was right. */
export const forgetAttempts = async (what: Counted, key: string): Promise<void> => void (await limiterOf(what).delete(key));
