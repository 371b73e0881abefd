import { respond, type IdParams } from '@/app/api/respond';
import { pictureFile, removePicture } from '@/services/pictures';

export const GET = (request: Request, { params }: IdParams) =>
  respond(async () => {
    const file = await pictureFile((await params).id, new URL(request.url).searchParams.has('original'));
    return new Response(new Uint8Array(file.bytes), {
      headers: { 'content-type': file.type, 'cache-control': 'private, max-age=3600', 'content-disposition': 'inline' },
    });
  });
export const DELETE = (_: Request, { params }: IdParams) => respond(async () => removePicture((await params).id));
