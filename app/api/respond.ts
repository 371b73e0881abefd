/** Every route speaks the same way: JSON in, JSON out, faults as field and reason, a lost database as 503. */
import { messageOf } from '@/core/certain';
import { NextResponse } from 'next/server';
import { isUnreachable } from '@/services/health';
import { ServiceError } from '@/services/service-error';

export const LARGEST_BODY = 2_000_000;
export const LARGEST_PICTURE = 16_000_000;

/** Reads the body as JSON; refuses what is too large or is no JSON, in words. */
export async function readJson(request: Request, largest = LARGEST_BODY): Promise<unknown> {
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
export async function readBytes(request: Request, largest = LARGEST_PICTURE): Promise<Uint8Array> {
  const tooLarge = () =>
    new ServiceError(413, [
      { field: 'body', reason: `The body is larger than ${largest / 1e6} MB. Take the picture at a lower resolution, or crop it.` },
    ]);
  if (Number(request.headers.get('content-length') ?? 0) > largest) throw tooLarge();
  const bytes = new Uint8Array(await request.arrayBuffer());
  if (bytes.length > largest) throw tooLarge();
  return bytes;
}

/** Wraps a handler: refusals, a lost database and our own defects each get their status and words. */
export async function respond(work: () => Promise<unknown>): Promise<Response> {
  try {
    const result = await work();
    return result instanceof Response ? result : NextResponse.json(result);
  } catch (error) {
    if (error instanceof ServiceError) return NextResponse.json({ faults: error.faults, ...error.detail }, { status: error.status });
    if (isUnreachable(error))
      return NextResponse.json(
        {
          faults: [
            {
              field: '',
              reason: 'The database does not answer. What you typed is kept on this device and saved when it is back.',
            },
          ],
        },
        { status: 503 },
      );
    console.error(error);
    return NextResponse.json(
      {
        faults: [
          {
            field: '',
            reason: 'Something in Loyal Coil itself is wrong; the server log holds it. Nothing was half-written.',
          },
        ],
      },
      { status: 500 },
    );
  }
}

export type IdParams = { params: Promise<{ id: string }> };
