import { engineFile } from '@/services/engine-files';

/** The text engine's own files, from the installed package: the device needs no other source. */
export async function GET(_: Request, { params }: { params: Promise<{ path: string[] }> }): Promise<Response> {
  const file = await engineFile((await params).path.join('/'));
  if (!file) return new Response('No such file of the reading engine.', { status: 404 });
  return new Response(new Uint8Array(file.bytes), {
    headers: { 'content-type': file.type, 'cache-control': 'public, max-age=31536000, immutable' },
  });
}
