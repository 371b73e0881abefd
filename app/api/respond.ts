/** Every route speaks the same way: JSON in, JSON out, faults as field and reason, a lost database as 503. */
import { randomUUID } from 'node:crypto';
import { cannotWrite, databaseWords, isUnreachable } from '@/services/health';
import { log } from '@/services/log';
import { noteRequest } from '@/services/metrics';
import { ServiceError } from '@/services/service-error';
import { jsonOf } from '@/services/interface/body';

/** The bytes of a body, counted while they come in and cut where there are too many. */
async function measured(request: Request, largest: number, tooLarge: () => ServiceError): Promise<Uint8Array<ArrayBuffer>> {
  if (Number(request.headers.get('content-length') ?? 0) > largest) throw tooLarge();
  const reader = request.body?.getReader();
  const parts: Uint8Array[] = [];
  let size = 0;
  while (reader) {
    const { done, value } = await reader.read();
    if (done) break;
    size += value.length;
    if (size > largest) {
      await reader.cancel();
      throw tooLarge();
    }
    parts.push(value);
  }
  const whole = new Uint8Array(size);
  let at = 0;
  for (const part of parts) {
    whole.set(part, at);
    at += part.length;
  }
  return whole;
}

/** Reads the bytes of a JSON body; refuses what is too large in words. */
export const readJsonBytes = (request: Request, largest: number): Promise<Uint8Array<ArrayBuffer>> =>
  measured(
    request,
    largest,
    () => new ServiceError(413, [{ field: 'body', reason: `The body is larger than ${largest} bytes. Send less at once.` }]),
  );

/** Reads the body as JSON; refuses what is too large, comes under another type or is no JSON, in words. */
export const readJson = async (request: Request, largest: number): Promise<unknown> =>
  jsonOf(await readJsonBytes(request, largest), request.headers.get('content-type'));

/** Reads the body as bytes; refuses what is too large in words. */
export const readBytes = (request: Request, largest: number): Promise<Uint8Array<ArrayBuffer>> =>
  measured(
    request,
    largest,
    () =>
      new ServiceError(413, [
        { field: 'body', reason: `The body is larger than ${largest / 1e6} MB. Take the picture at a lower resolution, or crop it.` },
      ]),
  );

const NO_ROOM =
  'The database cannot write: its disk is full, or it was made read-only. Nothing was half-written; what you typed is kept on this device and saved when there is room.';
const OUT_OF_REACH = 'The database does not answer. What you typed is kept on this device and saved when it is back.';

/** Wraps a handler: refusals, a lost database and our own defects each get their status and words, all of them the id of the request. */
export async function respond(
  work: () => Promise<unknown>,
  about: { method: string; path: string; /** Of the table, where one was found. */ route?: () => string },
): Promise<Response> {
  const request = randomUUID();
  const began = performance.now();
  const answer = await work().then(
    (result) => (result instanceof Response ? result : Response.json(result)),
    (error: unknown) => refusalOf(error, request),
  );
  answer.headers.set('x-request-id', request);
  if (!answer.headers.has('cache-control')) answer.headers.set('cache-control', 'no-store');
  const ms = performance.now() - began;
  noteRequest(about.method, about.route?.() ?? 'none', answer.status, ms / 1000);
  const line = { request, method: about.method, path: about.path, status: answer.status, ms: Math.round(ms) };
  if (answer.status >= 500) log.warn(line);
  else log.debug(line);
  return answer;
}

function refusalOf(error: unknown, request: string): Response {
  if (error instanceof ServiceError) {
    const { retryAfterSeconds } = error.detail;
    const headers = typeof retryAfterSeconds === 'number' ? { 'retry-after': String(retryAfterSeconds) } : undefined;
    return Response.json({ faults: error.faults, ...error.detail }, { status: error.status, ...(headers ? { headers } : {}) });
  }
  if (isUnreachable(error)) {
    log.warn({ request, error: databaseWords(error) }, 'the database does not answer');
    return Response.json({ faults: [{ field: '', reason: OUT_OF_REACH }] }, { status: 503 });
  }
  if (cannotWrite(error)) {
    log.error({ request, error: databaseWords(error) }, 'the database cannot write');
    return Response.json({ faults: [{ field: '', reason: NO_ROOM }] }, { status: 503 });
  }
  log.error({ request, err: error }, 'a defect of our own');
  const reason = `Something in Loyal Coil itself is wrong; the server log holds it under ${request}. Nothing was half-written.`;
  return Response.json({ faults: [{ field: '', reason }] }, { status: 500 });
}
