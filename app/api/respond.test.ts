/** How every route answers: statuses and words for refusals, a lost database, and our own defects. */
import { describe, expect, it, vi } from 'vitest';
import { log } from '@/services/log';
import { ServiceError } from '@/services/service-error';
import { readJson, respond } from './respond';

const LARGEST = 2_000_000;
const request = (body: string, headers: Record<string, string> = {}) =>
  new Request('http://127.0.0.1/x', { method: 'POST', body, headers: { 'content-type': 'application/json; charset=utf-8', ...headers } });
const answer = async (work: () => Promise<unknown>) => {
  const response = await respond(work, { method: 'GET', path: '/made-up' });
  return {
    status: response.status,
    body: (await response.json()) as { faults?: { field: string; reason: string }[] } & Record<string, unknown>,
  };
};

describe('reading a body', () => {
  it('takes JSON, and nothing at all as an empty object', async () => {
    expect(await readJson(request('{"a":1}'), LARGEST)).toEqual({ a: 1 });
    expect(await readJson(request(''), LARGEST)).toEqual({});
  });
  it.each([
    ['{', 400],
    ['[1,', 400],
    ['x'.repeat(50), 413],
  ])('refuses %j with %i', async (body, status) => {
    await expect(readJson(request(body), 40)).rejects.toMatchObject({ status });
  });
  it.each(['text/plain', 'application/x-www-form-urlencoded', 'multipart/form-data', 'application/jsonp'])(
    'refuses JSON that comes as %s',
    async (type) => {
      await expect(readJson(request('{"a":1}', { 'content-type': type }), LARGEST)).rejects.toMatchObject({ status: 415 });
    },
  );
  it('counts what comes without a length, and stops reading at the limit', async () => {
    let given = 0;
    const body = new ReadableStream({
      pull(stream) {
        given += 1;
        stream.enqueue(new Uint8Array(1000).fill(0x20));
      },
    });
    const endless = new Request('http://127.0.0.1/x', {
      method: 'POST',
      body,
      headers: { 'content-type': 'application/json' },
      duplex: 'half',
    } as RequestInit);
    await expect(readJson(endless, 5000)).rejects.toMatchObject({ status: 413 });
    expect(given).toBeLessThan(20);
  });
  it('refuses a declared length before reading', async () => {
    await expect(readJson(request('{}', { 'content-length': '99999999' }), LARGEST)).rejects.toMatchObject({ status: 413 });
  });
});

describe('answering', () => {
  it('a result is JSON with 200', async () =>
    expect(await answer(async () => ({ ok: true }))).toEqual({ status: 200, body: { ok: true } }));
  it('a refusal keeps status, faults and detail', async () => {
    const refused = await answer(async () => {
      throw new ServiceError(409, [{ field: 'version', reason: 'Somebody saved first.' }], { version: 7 });
    });
    expect(refused).toEqual({ status: 409, body: { faults: [{ field: 'version', reason: 'Somebody saved first.' }], version: 7 } });
  });
  it.each([{ code: 'ECONNREFUSED' }, { code: '57P01' }, { name: 'KnexTimeoutError' }, { message: 'Connection terminated unexpectedly' }])(
    'a lost database (%o) is 503 and says that nothing typed is lost',
    async (shape) => {
      const { status, body } = await answer(async () => {
        throw Object.assign(new Error('x'), shape);
      });
      expect(status).toBe(503);
      expect(body.faults![0]!.reason).toContain('kept on this device');
    },
  );
  it('our own defect is 500, logged, and tells nothing of the inside', async () => {
    const said = vi.spyOn(log, 'error').mockImplementation(() => {});
    const { status, body } = await answer(async () => {
      throw new TypeError('secret inside');
    });
    expect(status).toBe(500);
    expect(JSON.stringify(body)).not.toContain('secret');
    expect(said).toHaveBeenCalledOnce();
    said.mockRestore();
  });
});
