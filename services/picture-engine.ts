/** The text engine on the server, for the open interface: the same strips, the same letters, in threads of their own. */
import { createWorker, type Worker } from 'tesseract.js';
import type { Gray } from '../core/picture/gray';
import { ocrPlate, type OcrPlate } from '../core/picture/ocr-plate';
import { engineOver, engineSettings } from '../core/picture/text-engine';
import { lettersFolder } from './engine-files';
import { decoded, openPicture } from './open-picture';

const ENGINES = 2;
const IDLE_MS = 120_000;
let engines: Promise<Worker[]> | undefined;
let idle: NodeJS.Timeout | undefined;
let turn: Promise<unknown> = Promise.resolve();

const start = (): Promise<Worker[]> =>
  Promise.all(
    Array.from({ length: ENGINES }, async () => {
      const worker = await createWorker('eng', 1, { langPath: lettersFolder, cacheMethod: 'none' });
      await worker.setParameters(engineSettings as never);
      return worker;
    }),
  );

/** Ends the engines; the next reading starts them again. */
export async function stopPictureEngine(): Promise<void> {
  const running = engines;
  engines = undefined;
  clearTimeout(idle);
  for (const worker of (await running) ?? []) await worker.terminate();
}

/** Decodes a picture, upright after its EXIF mark, in grey. Throws 422 with a sentence where it is none. */
export async function grayOfFile(bytes: Uint8Array): Promise<Gray> {
  const { data, info } = await decoded(openPicture(bytes, 2000).greyscale().raw());
  return { width: info.width, height: info.height, data: new Uint8Array(data) };
}

/** Sees what stands in a picture. One picture at a time: the engines use all processors. */
export function seePicture(bytes: Uint8Array): Promise<OcrPlate> {
  const mine = turn.then(async () => {
    const gray = await grayOfFile(bytes);
    clearTimeout(idle);
    engines ??= start();
    const ready = await engines;
    try {
      return await ocrPlate(
        gray,
        engineOver(ready as never, (packed) => Buffer.from(packed)),
      );
    } finally {
      idle = setTimeout(() => void stopPictureEngine(), IDLE_MS);
      idle.unref();
    }
  });
  turn = mine.catch(() => undefined);
  return mine;
}
