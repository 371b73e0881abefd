/**
 * Is this file a picture that can be read? Its first bytes say what it is, whatever its name says; sizes are read from its
 * head, so that a picture too large is refused before anybody decodes it.
 * Sources: JFIF/EXIF (ISO/IEC 10918), PNG (ISO/IEC 15948), WebP container (RIFF), from memory.
 */
import { certain } from '../certain';
export type PictureKind = 'image/jpeg' | 'image/png' | 'image/webp';
export type Sniffed = { ok: true; kind: PictureKind; width: number; height: number } | { ok: false; fault: string };

export const LARGEST_FILE = 15_000_000; // bytes
export const MAX_PIXELS = 60_000_000;
const ACCEPTED = 'JPEG, PNG and WebP pictures up to 15 MB are read.';

const no = (fault: string): Sniffed => ({ ok: false, fault: `${fault} ${ACCEPTED}` });
const text = (b: Uint8Array, at: number, length: number) => String.fromCharCode(...b.subarray(at, at + length));
const big16 = (b: Uint8Array, at: number) => (certain(b[at]) << 8) | certain(b[at + 1]);
const big32 = (b: Uint8Array, at: number) =>
  ((certain(b[at]) << 24) | (certain(b[at + 1]) << 16) | (certain(b[at + 2]) << 8) | certain(b[at + 3])) >>> 0;
const little24 = (b: Uint8Array, at: number) => certain(b[at]) | (certain(b[at + 1]) << 8) | (certain(b[at + 2]) << 16);

function jpegSize(b: Uint8Array): [number, number] | undefined {
  for (let at = 2; at + 9 < b.length;) {
    if (b[at] !== 0xff) return undefined;
    const marker = certain(b[at + 1]);
    if (marker === 0xff) {
      at += 1;
      continue;
    }
    if (marker >= 0xc0 && marker <= 0xcf && ![0xc4, 0xc8, 0xcc].includes(marker)) return [big16(b, at + 7), big16(b, at + 5)];
    at += 2 + big16(b, at + 2);
  }
  return undefined;
}

function webpSize(b: Uint8Array): [number, number] | 'animated' | undefined {
  const chunk = text(b, 12, 4);
  if (chunk === 'VP8X') return certain(b[20]) & 2 ? 'animated' : [little24(b, 24) + 1, little24(b, 27) + 1];
  if (chunk === 'VP8L') {
    const bits = certain(b[21]) | (certain(b[22]) << 8) | (certain(b[23]) << 16) | (certain(b[24]) << 24);
    return [(bits & 0x3fff) + 1, ((bits >> 14) & 0x3fff) + 1];
  }
  return chunk === 'VP8 '
    ? [(certain(b[26]) | (certain(b[27]) << 8)) & 0x3fff, (certain(b[28]) | (certain(b[29]) << 8)) & 0x3fff]
    : undefined;
}

/**
 * Looks at the head of a file.
 * @param bytes the whole file, or at least its first 64 kB; @param size of the whole file in bytes.
 */
export function sniffPicture(bytes: Uint8Array, size = bytes.length): Sniffed {
  if (size === 0) return no('The file is empty: the camera or the copy did not finish. Take the picture again.');
  if (size > LARGEST_FILE) return no(`The file has ${(size / 1e6).toFixed(0)} MB, too many. Take it at a lower resolution, or crop it.`);
  if (bytes.length < 30) return no('This is no picture.');
  if (text(bytes, 0, 4) === '%PDF') return no('This is a PDF, whatever its name says. Take a picture of the page.');
  if (text(bytes, 0, 4) === 'GIF8') return no('This is a GIF, an animated or drawn picture. Take a photo.');
  if (text(bytes, 4, 4) === 'ftyp') return no('This is a film or a HEIC picture. Set the camera to JPEG, or share it as JPEG.');
  const sized = (kind: PictureKind, found: [number, number] | undefined): Sniffed => {
    if (!found || found[0] < 1 || found[1] < 1) return no('The picture is broken: its size cannot be read.');
    if (found[0] * found[1] > MAX_PIXELS)
      return no(
        `The picture has ${Math.round((found[0] * found[1]) / 1e6)} megapixels, too many. Take it at a lower resolution, or crop it.`,
      );
    if (Math.min(...found) < 40) return no('The picture is too small for letters.');
    return { ok: true, kind, width: found[0], height: found[1] };
  };
  if (bytes[0] === 0xff && bytes[1] === 0xd8) return sized('image/jpeg', jpegSize(bytes));
  if (text(bytes, 0, 8) === '\x89PNG\r\n\x1a\n') {
    if (text(bytes.subarray(0, 4096), 0, Math.min(4096, bytes.length)).includes('acTL'))
      return no('This is an animated picture. Take a photo.');
    return sized('image/png', [big32(bytes, 16), big32(bytes, 20)]);
  }
  if (text(bytes, 0, 4) === 'RIFF' && text(bytes, 8, 4) === 'WEBP') {
    const found = webpSize(bytes);
    return found === 'animated' ? no('This is an animated picture. Take a photo.') : sized('image/webp', found);
  }
  return no('This is no picture that can be read.');
}
