/** What is asked again by itself: a server that was not reached, for a while; never a refusal. */
import { afterEach, describe, expect, it, vi } from 'vitest';
import { askAgain, read, Unreachable } from './Queries';

afterEach(() => vi.unstubAllGlobals());
const answering = (status: number) =>
  vi.stubGlobal('fetch', () =>
    Promise.resolve(new Response(JSON.stringify({ faults: [{ field: '', reason: `said ${status}` }] }), { status })),
  );
const failure = () => read('GET', '/api/v1/health').catch((error: Error) => error);

describe('a question that fails', () => {
  it.each([
    [503, true],
    [502, true],
    [404, false],
    [409, false],
    [422, false],
    [500, false],
  ])('with %i is asked again: %s', async (status, again) => {
    answering(status);
    const error = (await failure()) as Error;
    expect(error.message).toBe(`said ${status}`);
    expect(error instanceof Unreachable).toBe(again);
    expect(askAgain(0, error)).toBe(again);
    expect(askAgain(1000, error)).toBe(false);
  });
  it('for want of a connection is asked again', async () => {
    vi.stubGlobal('fetch', () => Promise.reject(new TypeError('lost')));
    expect(askAgain(0, (await failure()) as Error)).toBe(true);
  });
});
