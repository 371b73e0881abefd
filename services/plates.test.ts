/** Reading plates and keeping pictures over the services: what is refused, what is kept, and in which form. */
import { randomUUID } from 'node:crypto';
import sharp from 'sharp';
import { afterAll, beforeAll, describe, expect, it } from 'vitest';
import { demoDatabase, type TestDatabase } from '../data/test-database';
import type { OcrPlate } from '../core/picture/ocr-plate';
import { engineFile } from './engine-files';
import { addPicture, listPictures, pictureFile, removePicture, type PictureUpload } from './pictures';
import { grayOfFile, seePicture, stopPictureEngine } from './picture-engine';
import { readPlateRequest, readPlateText } from './plate-reading';
import { ServiceError } from './service-error';
import { openSwap } from './swaps';

let db: TestDatabase;
let swapId: string;
beforeAll(async () => {
  db = await demoDatabase();
  swapId = (await openSwap({ positionId: 'kestrel-winch-k14' })).id;
});
afterAll(async () => {
  await stopPictureEngine();
  await db.drop();
});

const refused = async (work: () => Promise<unknown> | unknown): Promise<{ status: number; text: string }> => {
  try {
    await work();
  } catch (error) {
    if (error instanceof ServiceError) return { status: error.status, text: error.faults.map(({ reason }) => reason).join(' ') };
    throw error;
  }
  return expect.unreachable('it was accepted');
};
const flat = (width: number, height: number) => sharp({ create: { width, height, channels: 3, background: '#b9b4a5' } });
const noise = async (side: number) => {
  let state = 7;
  const raw = Buffer.alloc(side * side * 3);
  for (let i = 0; i < raw.length; i += 1) raw[i] = (state = (state * 1103515245 + 12345) & 0x7fffffff) >> 16;
  return sharp(raw, { raw: { width: side, height: side, channels: 3 } });
};
const look = {
  laid: { text: 'HP 10', rows: [[{ text: 'HP 10', start: 0, end: 5, row: 0, x0: 0, x1: 50 }]] },
  words: [
    {
      text: 'HP',
      confidence: 91,
      start: 0,
      end: 2,
      corners: [
        [0, 0],
        [9, 0],
        [9, 9],
        [0, 9],
      ] as [number, number][],
    },
  ],
};
const seen: OcrPlate = { width: 640, height: 480, first: look, second: look };
const upload = async (change: Partial<PictureUpload> = {}): Promise<PictureUpload> => ({
  picture: new Uint8Array(await flat(640, 480).jpeg().toBuffer()),
  section: 'load',
  kind: 'motor-3ph',
  seen,
  ...change,
});

describe('text', () => {
  it('is read as the kind it is said to be, or as the one its words speak for', async () => {
    expect(readPlateText('HP 10 V 460', 'motor-3ph').readings.horsepower).toMatchObject({ value: 10 });
    expect(await readPlateRequest({ text: 'C16 30 mA IEC 61009-1 230V~' })).toMatchObject({ kind: 'residual-current', guessed: true });
  });
  it.each([
    [{ text: 'zzz' }, /not clear what kind/],
    [{ text: 'HP 10', kind: 'toaster' }, /accepted: motor-3ph/],
    [{}, /text or picture/],
    [{ text: 'HP 10', picture: 'AAAA' }, /one of them/],
    [{ text: 5 }, /text/],
    [{ text: 'HP 10', colour: 'red' }, /Unknown field/],
    [{ picture: 'not base64 ***' }, /base64/],
    [{ text: 'x'.repeat(300_000), kind: 'motor-3ph' }, /at most/],
  ])('%j is refused in words', async (body, words) => {
    const { status, text } = await refused(() => readPlateRequest(body));
    expect(status).toBe(422);
    expect(text).toMatch(words);
  });
  it('right-to-left, emoji and long text are read to their limit', () => {
    for (const text of ['מנוע 😀 HP 10 محرك', '😀'.repeat(2000), `HP 10 ${'x'.repeat(100_000)}`])
      expect(() => readPlateText(text, 'motor-3ph')).not.toThrow();
    expect(readPlateText('מנוע 😀 HP 10 محرك', 'motor-3ph').readings.horsepower).toMatchObject({ value: 10 });
  });
});

describe('pictures to read', () => {
  it.each([
    ['nothing', Buffer.alloc(0), /empty/],
    ['a PDF renamed', Buffer.from(`%PDF-1.7 ${'x'.repeat(60)}`), /PDF/],
    ['a text', Buffer.from('HP 10 V 230/460 A 28/14 CODE G PH 3 HZ 60'), /no picture/],
    ['half a JPEG', Buffer.concat([Buffer.from([0xff, 0xd8, 0xff, 0xc0, 0, 17, 8, 3, 132, 4, 176, 3]), Buffer.alloc(60)]), /broken/],
  ])('%s is refused in words', async (_, bytes, words) => {
    const { status, text } = await refused(() => seePicture(new Uint8Array(bytes)));
    expect(status).toBe(422);
    expect(text).toMatch(words);
  });
  it('an animated picture is refused', async () => {
    const frames = await sharp({ create: { width: 60, height: 120, channels: 3, background: '#888888' } })
      .raw()
      .toBuffer();
    const animated = await sharp(frames, { raw: { width: 60, height: 120, channels: 3, pageHeight: 60 } as never })
      .webp({ loop: 0 })
      .toBuffer()
      .catch(() => undefined);
    if (animated && animated.toString('latin1').includes('ANIM'))
      expect((await refused(() => seePicture(new Uint8Array(animated)))).text).toMatch(/animated/);
    else
      expect((await refused(() => seePicture(new Uint8Array(Buffer.concat([Buffer.from('GIF89a'), Buffer.alloc(60)]))))).text).toMatch(
        /GIF/,
      );
  });
  it('a picture with nothing written gives no words, and the answer says what to do', async () => {
    const plain = new Uint8Array(await flat(800, 600).png().toBuffer());
    expect((await seePicture(plain)).first.words).toEqual([]);
    expect((await refused(() => readPlateRequest({ picture: Buffer.from(plain).toString('base64') }))).text).toMatch(/Move closer/);
  });
  it('is turned upright after its EXIF mark and shrunk', async () => {
    const turned = new Uint8Array(await flat(3000, 1500).jpeg().withMetadata({ orientation: 6 }).toBuffer());
    const gray = await grayOfFile(turned);
    expect([gray.width, gray.height]).toEqual([1000, 2000]);
  });
  it('JPEG, PNG and WebP give the same grey', async () => {
    const files = await Promise.all([
      flat(300, 200).jpeg({ quality: 100 }).toBuffer(),
      flat(300, 200).png().toBuffer(),
      flat(300, 200).webp({ lossless: true }).toBuffer(),
    ]);
    const levels = await Promise.all(files.map(async (file) => (await grayOfFile(new Uint8Array(file))).data[1000]!));
    expect(Math.max(...levels) - Math.min(...levels)).toBeLessThanOrEqual(2);
  });
});

describe('pictures to keep', () => {
  it('one a plate: the newer takes the place of the older', async () => {
    const first = await addPicture(swapId, await upload());
    const second = await addPicture(swapId, await upload());
    await addPicture(swapId, await upload({ section: 'removed', kind: 'contactor' }));
    const ids = (await listPictures(swapId)).map(({ id }) => id);
    expect(ids).toHaveLength(2);
    expect(ids).toContain(second.id);
    expect(ids).not.toContain(first.id);
  });
  it('is a JPEG of at most 1 MB and 1600 pixels, whatever came', async () => {
    const large = new Uint8Array(await (await noise(2200)).jpeg({ quality: 95 }).toBuffer());
    expect(large.length).toBeGreaterThan(2_000_000);
    const { id } = await addPicture(swapId, await upload({ picture: large }));
    const { bytes, type } = await pictureFile(id, false);
    const { width, format } = await sharp(bytes).metadata();
    expect([type, format, width]).toEqual(['image/jpeg', 'jpeg', 1600]);
    expect(bytes.length).toBeLessThanOrEqual(1_000_000);
  });
  it('keeps the original only where it is sent', async () => {
    const original = new Uint8Array(await flat(2400, 1800).png().toBuffer());
    const { id, hasOriginal } = await addPicture(swapId, await upload({ original }));
    expect(hasOriginal).toBe(true);
    expect((await pictureFile(id, true)).type).toBe('image/png');
    const without = await addPicture(swapId, await upload());
    expect((await refused(() => pictureFile(without.id, true))).status).toBe(404);
  });
  it('what was seen comes back as it was', async () => {
    await addPicture(swapId, await upload());
    expect((await listPictures(swapId)).find(({ section }) => section === 'load')!.seen).toEqual(seen);
  });
  it.each([
    ['a PDF', { picture: new Uint8Array(Buffer.from(`%PDF ${'x'.repeat(60)}`)) }, 422, /PDF/],
    ['nothing', { picture: new Uint8Array() }, 422, /empty/],
    ['another section', { section: 'supply' }, 422, /load or removed/],
    ['no plate', { kind: 'toaster' }, 422, /no plate/],
    ['no words', { seen: { width: 1 } }, 422, /./],
    ['an original that is none', { original: new Uint8Array(Buffer.from('x'.repeat(80))) }, 422, /no picture/],
  ] as const)('%s is refused and nothing is kept', async (_, change, status, words) => {
    const before = await listPictures(swapId);
    const said = await refused(async () => addPicture(swapId, await upload(change as Partial<PictureUpload>)));
    expect(said.status).toBe(status);
    expect(said.text).toMatch(words);
    expect((await listPictures(swapId)).map(({ id }) => id)).toEqual(before.map(({ id }) => id));
  });
  it('belongs to a swap that is there and open', async () => {
    expect((await refused(async () => addPicture(randomUUID(), await upload()))).status).toBe(404);
    expect((await refused(async () => addPicture('x', await upload()))).status).toBe(404);
    const other = (await openSwap({ positionId: 'ferrow-gate-k5' })).id;
    const kept = await addPicture(other, await upload());
    await db.knex('swaps').where({ id: other }).update({ status: 'signed' });
    expect((await refused(async () => addPicture(other, await upload()))).status).toBe(409);
    expect((await refused(() => removePicture(kept.id))).status).toBe(409);
  });
  it('is taken away once; a second time is no fault', async () => {
    const { id } = await addPicture(swapId, await upload());
    expect(await removePicture(id)).toEqual({ removed: true });
    expect(await removePicture(id)).toEqual({ removed: false });
    expect((await refused(() => pictureFile(id, false))).status).toBe(404);
  });
});

describe('files of the reading engine', () => {
  it.each(['worker.min.js', 'letters/eng.traineddata.gz', 'core/tesseract-core-simd-lstm.wasm.js', 'core/tesseract-core-lstm.wasm'])(
    '%s is served',
    async (name) => expect((await engineFile(name))!.bytes.length).toBeGreaterThan(10_000),
  );
  it.each(['../package.json', 'core/../../package.json', 'letters/deu.traineddata.gz', '', 'core/index.js'])('%j is not', async (name) =>
    expect(await engineFile(name)).toBeUndefined(),
  );
});
