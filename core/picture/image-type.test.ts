/** Files that come as pictures: what they are is in their first bytes. Heads are written by hand after the formats. */
import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { LARGEST_FILE, sniffPicture } from './image-type';

const bytes = (...parts: (string | number[])[]) => {
  const all = parts.flatMap((part) => (typeof part === 'string' ? [...part].map((c) => c.charCodeAt(0)) : part));
  return Uint8Array.from([...all, ...Array(Math.max(0, 64 - all.length)).fill(0)]);
};
const big = (n: number, size: number) => Array.from({ length: size }, (_, i) => (n >> (8 * (size - 1 - i))) & 255);
const png = (w: number, h: number, extra = '') =>
  bytes([0x89], 'PNG\r\n', [0x1a, 0x0a], big(13, 4), 'IHDR', big(w, 4), big(h, 4), [8, 2, 0, 0, 0], extra);
const jpeg = (w: number, h: number) =>
  bytes([0xff, 0xd8, 0xff, 0xe0], big(16, 2), 'JFIF', Array(10).fill(0), [0xff, 0xc0], big(17, 2), [8], big(h, 2), big(w, 2), [3]);
const webp = (flags: number, w: number, h: number) =>
  bytes(
    'RIFF',
    [0, 0, 0, 0],
    'WEBPVP8X',
    [10, 0, 0, 0, flags, 0, 0, 0],
    [(w - 1) & 255, (w - 1) >> 8, 0],
    [(h - 1) & 255, (h - 1) >> 8, 0],
  );

describe('pictures', () => {
  it.each([
    ['PNG', png(1200, 900), 'image/png'],
    ['JPEG', jpeg(1200, 900), 'image/jpeg'],
    ['WebP', webp(0, 1200, 900), 'image/webp'],
  ] as const)('%s with its size', (_, file, kind) => expect(sniffPicture(file)).toEqual({ ok: true, kind, width: 1200, height: 900 }));
  it('a phone’s 40 megapixels are taken', () => expect(sniffPicture(jpeg(7300, 5480), 9_000_000).ok).toBe(true));
});

describe('what is refused, and how it is said', () => {
  it.each([
    ['an empty file', new Uint8Array(), 0, /empty/],
    ['20 MB', jpeg(4000, 3000), 20_000_000, /20 MB, too many/],
    ['a PDF renamed', bytes('%PDF-1.7'), 64, /PDF, whatever its name/],
    ['a GIF', bytes('GIF89a'), 64, /GIF/],
    ['an animated WebP', webp(2, 600, 400), 64, /animated/],
    ['an animated PNG', png(600, 400, 'acTL'), 64, /animated/],
    ['a film or HEIC', bytes([0, 0, 0, 24], 'ftypheic'), 64, /HEIC/],
    ['a text', bytes('HP 10 V 230/460 A 28/14 CODE G'), 64, /no picture/],
    ['a speck', png(12, 9), 64, /too small/],
    ['a monster', png(20000, 20000), 64, /400 megapixels/],
    ['a broken JPEG', bytes([0xff, 0xd8, 0xff, 0xe0, 0, 4, 1, 2, 3]), 64, /broken/],
    ['a PNG of no size', png(0, 0), 64, /broken/],
  ] as const)('%s', (_, file, size, words) => {
    const said = sniffPicture(file, size);
    expect(said.ok).toBe(false);
    expect(!said.ok && said.fault).toMatch(words);
    expect(!said.ok && said.fault).toMatch(/JPEG, PNG and WebP/);
  });
  it('never throws, whatever the bytes', () => {
    fc.assert(
      fc.property(
        fc.uint8Array({ maxLength: 400 }),
        fc.nat(LARGEST_FILE * 2),
        (file, size) => typeof sniffPicture(file, size).ok === 'boolean',
      ),
    );
    for (const head of [png(1, 1), jpeg(1, 1), webp(0, 1, 1)])
      fc.assert(fc.property(fc.nat(63), (cut) => typeof sniffPicture(head.slice(0, cut)).ok === 'boolean'));
  });
});
