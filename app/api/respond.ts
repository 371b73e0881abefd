/** Every route speaks the same way: JSON in, JSON out, faults as field and reason, a lost database as 503. */
import { randomUUID } from 'node:crypto';
import { messageOf } from '@/core/certain';
import { isUnreachable } from '@/services/health';
import { log } from '@/services/log';
import { ServiceError } from '@/services/service-error';

/** Reads the body as JSON; refuses what is too large or is no JSON, in words. */
export async function readJson(request: Request, largest: number): Promise<unknown> {
  const declared = Number(request.headers.get('content-length') ?? 0);
  const tooLarge = () => new ServiceError(413, [{ field: 'body', reason: `The body is larger than ${largest} bytes. Send less at once.` }]);
  if (declared > largest) throw tooLarge();
  const text = await request.text();
  if (text.length > largest) throw tooLarge();
  if (text.trim() === '') return {};
  try {
    return JSON.parse(text);
  } catch (error) {
    throw new ServiceError(400, [{ field: 'body', reason: `The body is not JSON: ${messageOf(error).slice(0, 120)}.` }]);
  }
}

/** Reads the body as bytes; refuses what is too large in words. */
export async function readBytes(request: Request, largest: number): Promise<Uint8Array<ArrayBuffer>> {
  const tooLarge = () =>
    new ServiceError(413, [
      { field: 'body', reason: `The body is larger than ${largest / 1e6} MB. Take the picture at a lower resolution, or crop it.` },
    ]);
  if (Number(request.headers.get('content-length') ?? 0) > largest) throw tooLarge();
  const bytes = new Uint8Array(await request.arrayBuffer());
  if (bytes.length > largest) throw tooLarge();
  return bytes;
}

const OUT_OF_REACH = 'The database does not answer. What you typed is kept on this device and saved when it is back.';

/** Wraps a handler: refusals, a lost database and our own defects each get their status and words, all of them the id of the request. */
export async function respond(work: () => Promise<unknown>, about: { method: string; path: string }): Promise<Response> {
  const request = randomUUID();
  const began = performance.now();
  const answer = await work().then(
    (result) => (result instanceof Response ? result : Response.json(result)),
    (error: unknown) => refusalOf(error, request),
  );
  answer.headers.set('x-request-id', request);
  const line = { request, ...about, status: answer.status, ms: Math.round(performance.now() - began) };
  if (answer.status >= 500) log.warn(line);
  else log.debug(line);
  return answer;
}

function refusalOf(error: unknown, request: string): Response {
  if (error instanceof ServiceError) return Response.json({ faults: error.faults, ...error.detail }, { status: error.status });
  if (isUnreachable(error)) {
    log.warn({ request, error: messageOf(error) }, 'the database does not answer');
    return Response.json({ faults: [{ field: '', reason: OUT_OF_REACH }] }, { status: 503 });
  }
  log.error({ request, err: error }, 'a defect of our own');
  const reason = `Something in Loyal Coil itself is wrong; the server log holds it under ${request}. Nothing was half-written.`;
  return Response.json({ faults: [{ field: '', reason }] }, { status: 500 });
}
