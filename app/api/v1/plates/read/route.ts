import { readBytes, readJson, respond } from '@/app/api/respond';
import { readPlatePicture, readPlateRequest } from '@/services/plate-reading';

/** JSON with text or base64, the picture itself as the body, or a form with the field picture. */
export const POST = (request: Request) =>
  respond(async () => {
    const type = request.headers.get('content-type') ?? '';
    const kind = new URL(request.url).searchParams.get('kind') ?? undefined;
    if (type.startsWith('image/')) return readPlatePicture(await readBytes(request), kind);
    if (type.startsWith('multipart/form-data')) {
      const form = await readBytes(request).then((bytes) =>
        new Response(bytes as BodyInit, { headers: { 'content-type': type } }).formData(),
      );
      const file = form.get('picture');
      const named = form.get('kind');
      return readPlatePicture(
        file instanceof Blob ? new Uint8Array(await file.arrayBuffer()) : new Uint8Array(),
        typeof named === 'string' ? named : kind,
      );
    }
    return readPlateRequest(await readJson(request, 22_000_000));
  });
