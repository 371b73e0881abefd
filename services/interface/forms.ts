/** Forms that carry pictures, as the services take them. */
import type { PictureUpload } from '../pictures';
import { ServiceError } from '../service-error';

type Bytes = Uint8Array<ArrayBuffer>;
/** Throws 400 where the body is no form. */
const formOf = (bytes: Bytes, type: string): Promise<FormData> =>
  new Response(bytes, { headers: { 'content-type': type } }).formData().catch(() => {
    throw new ServiceError(400, [{ field: 'body', reason: 'The body is no form: its parts and their boundary do not go together.' }]);
  });
const fileOf = async (value: FormDataEntryValue | null): Promise<Bytes | undefined> =>
  value instanceof Blob ? new Uint8Array(await value.arrayBuffer()) : undefined;
const wordOf = (value: FormDataEntryValue | null): string | undefined => (typeof value === 'string' ? value : undefined);

/** The form of a plate to read: picture, and the kind of plate where it is known. */
export async function readPlateForm(bytes: Bytes, type: string): Promise<{ picture: Uint8Array; kind: string | undefined }> {
  const form = await formOf(bytes, type);
  return { picture: (await fileOf(form.get('picture'))) ?? new Uint8Array(), kind: wordOf(form.get('kind')) };
}

/** The form of a picture to keep: picture (shrunk), original (optional), section, kind, seen (JSON). Throws ServiceError 400 and 422. */
export async function readPictureForm(type: string, bytes: () => Promise<Bytes>): Promise<PictureUpload> {
  if (!type.startsWith('multipart/form-data'))
    throw new ServiceError(400, [{ field: 'body', reason: 'Send a form with picture, section, kind and seen.' }]);
  const form = await formOf(await bytes(), type);
  const word = (name: string) => wordOf(form.get(name)) ?? '';
  let seen: unknown;
  try {
    seen = JSON.parse(word('seen'));
  } catch {
    throw new ServiceError(422, [{ field: 'seen', reason: 'seen is not JSON.' }]);
  }
  return {
    picture: (await fileOf(form.get('picture'))) ?? new Uint8Array(),
    original: await fileOf(form.get('original')),
    section: word('section'),
    kind: word('kind'),
    seen,
  };
}

/** The form of a document to keep: file with its name, and the place it is kept at. Throws ServiceError 400. */
export async function readDocumentForm(
  type: string,
  bytes: () => Promise<Bytes>,
): Promise<{ place: { of: string; id: string }; file: { name: string; bytes: Uint8Array } }> {
  if (!type.startsWith('multipart/form-data'))
    throw new ServiceError(400, [{ field: 'body', reason: 'Send a form with file, of and id.' }]);
  const form = await formOf(await bytes(), type);
  const word = (name: string) => wordOf(form.get(name)) ?? '';
  const file = form.get('file');
  return {
    place: { of: word('of'), id: word('id') },
    file: { name: file instanceof File ? file.name : '', bytes: (await fileOf(file)) ?? new Uint8Array() },
  };
}
