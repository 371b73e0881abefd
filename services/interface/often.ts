/** How often may one person use a route? Counted in this process, within a minute, where one request costs or signs something. */
import { RateLimiterMemory } from 'rate-limiter-flexible';
import { countOne } from '../limited';

const limiters = new Map<string, RateLimiterMemory>();

/** Counts one request. Throws 429 with when to come back where there were more than `perMinute`. */
export async function countRequest(route: string, perMinute: number, by: string): Promise<void> {
  const limiter = limiters.get(route) ?? new RateLimiterMemory({ points: perMinute, duration: 60 });
  limiters.set(route, limiter);
  await countOne(
    limiter,
    by,
    (seconds) => `This was asked ${perMinute} times within a minute. Ask again in ${seconds} s; nothing that was kept is lost.`,
  );
}
