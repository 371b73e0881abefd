/** One attempt or request against a limiter of the library: counted, or refused in words with when to come back. */
import { RateLimiterRes, type RateLimiterAbstract } from 'rate-limiter-flexible';
import { ServiceError } from './service-error';

/** Counts one. Throws 429 with `words` of the seconds to wait where there were too many. */
export async function countOne(limiter: RateLimiterAbstract, by: string, words: (seconds: number) => string): Promise<void> {
  try {
    await limiter.consume(by);
  } catch (error) {
    if (!(error instanceof RateLimiterRes)) throw error;
    const seconds = Math.max(1, Math.ceil(error.msBeforeNext / 1000));
    throw new ServiceError(429, [{ field: '', reason: words(seconds) }], { retryAfterSeconds: seconds });
  }
}
