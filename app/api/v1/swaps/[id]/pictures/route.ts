import { readBytes, respond, type IdParams } from '@/app/api/respond';
import { addPicture, listPictures } from '@/services/pictures';
import { ServiceError } from '@/services/service-error';

export const GET = (_: Request, { params }: IdParams) => respond(async () => listPictures((await params).id));

/** A form: picture (shrunk), original (optional), section, kind, seen (JSON). */
export const POST = (request: Request, { params }: IdParams) =>
  respond(async () => {
    const type = request.headers.get('content-type') ?? '';
    if (!type.startsWith('multipart/form-data'))
      throw new ServiceError(400, [{ field: 'body', reason: 'Send a form with picture, section, kind and seen.' }]);
    const bytes = await readBytes(request, 20_000_000);
    const form = await new Response(bytes as BodyInit, { headers: { 'content-type': type } }).formData();
    const part = async (name: string) => {
      const value = form.get(name);
      return value instanceof Blob ? new Uint8Array(await value.arrayBuffer()) : undefined;
    };
    const word = (name: string) => String(form.get(name) ?? '');
    let seen: unknown;
    try {
      seen = JSON.parse(word('seen'));
    } catch {
      throw new ServiceError(422, [{ field: 'seen', reason: 'seen is not JSON.' }]);
    }
    return addPicture((await params).id, {
      picture: (await part('picture')) ?? new Uint8Array(),
      original: await part('original'),
      section: word('section'),
      kind: word('kind'),
      seen,
    });
  });
