/** Opening what came as a picture: looked at before it is decoded, upright after its EXIF mark, on white, no larger than asked. */
import sharp, { type OutputInfo, type Sharp } from 'sharp';
import { MAX_PIXELS, sniffPicture } from '../core/picture/image-type';
import { ServiceError } from './service-error';

const refuse = (reason: string) => new ServiceError(422, [{ field: 'picture', reason }]);

/** Returns the picture with its longer side at most `longest` pixels. Throws 422 where it is none. */
export function openPicture(bytes: Uint8Array, longest: number): Sharp {
  const sniffed = sniffPicture(bytes);
  if (!sniffed.ok) throw refuse(sniffed.fault);
  return sharp(bytes, { limitInputPixels: MAX_PIXELS + 1_000_000 })
    .rotate()
    .resize(longest, longest, { fit: 'inside', withoutEnlargement: true })
    .flatten({ background: '#ffffff' });
}

/** Decodes; throws 422 where the file has a good head and a broken body. */
export async function decoded(picture: Sharp): Promise<{ data: Buffer; info: OutputInfo }> {
  try {
    return await picture.toBuffer({ resolveWithObject: true });
  } catch {
    throw refuse('The picture is broken and cannot be opened. Take it again.');
  }
}
