/**
 * Reads pictures of plates on the device: decodes, crops, shrinks, cuts strips and runs the text engine, all away from the
 * page's own thread. The engine, its core and its letters come from this application; nothing is asked of the network beyond it.
 */
import { certain, messageOf } from '@/core/certain';
import { createWorker, type Worker as Engine } from 'tesseract.js';
import { guessPlate, plateOf } from '@/core/families/plates';
import { grayOfRgba } from '@/core/picture/gray';
import { ocrPlate, type OcrPlate } from '@/core/picture/ocr-plate';
import { sniffPicture } from '@/core/picture/image-type';
import { engineOver, engineSettings } from '@/core/picture/text-engine';
import { readSeen, type PictureReading } from '@/core/plates/read-seen';

/** Share of the picture, 0 to 1 on both axes. */
export type Crop = { x: number; y: number; width: number; height: number };
/** Read a picture as a plate of this kind, or the kind that its words speak for; or read what was seen as another kind. */
export type ReadRequest = { id: number; plate?: string } & ({ file: Blob; crop?: Crop } | { seen: OcrPlate } | { warm: true });
/** What was read, as which plate; undefined where the words do not tell. */
export type Interpreted = { plate: string; found: PictureReading } | undefined;
export type ReadAnswer =
  | { id: number; kind: 'progress'; share: number }
  | { id: number; kind: 'fault'; fault: string }
  | { id: number; kind: 'done'; seen: OcrPlate; kept: Blob; read: Interpreted }
  | { id: number; kind: 'interpreted'; read: Interpreted };

const KEPT_SIDE = 1600; // pixels of the longer side of what is kept
const ENGINE = '/reading-engine';

let engines: Promise<Engine[]> | undefined;
const start = (): Promise<Engine[]> =>
  Promise.all(
    Array.from({ length: Math.min(2, navigator.hardwareConcurrency || 1) }, async () => {
      const engine = await createWorker('eng', 1, {
        workerPath: `${self.location.origin}${ENGINE}/worker.min.js`,
        corePath: `${self.location.origin}${ENGINE}/core`,
        langPath: `${self.location.origin}${ENGINE}/letters`,
        workerBlobURL: false,
        cacheMethod: 'none',
      });
      await engine.setParameters(engineSettings as never);
      return engine;
    }),
  );

/** The grammar's patterns are compiled here too: the page's own thread stays free. */
function interpret(seen: OcrPlate, asked: string | undefined): Interpreted {
  const plate = plateOf(asked ?? guessPlate(seen.first.laid.text)[0]?.id ?? '');
  return plate && { plate: plate.id, found: readSeen(seen, plate) };
}

const tell = (answer: ReadAnswer) => self.postMessage(answer);

async function read(id: number, file: Blob, crop: Crop | undefined, plate: string | undefined): Promise<void> {
  const head = new Uint8Array(await file.slice(0, 262_144).arrayBuffer());
  const sniffed = sniffPicture(head, file.size);
  if (!sniffed.ok) return tell({ id, kind: 'fault', fault: sniffed.fault });
  let bitmap: ImageBitmap;
  try {
    bitmap = await createImageBitmap(file, { imageOrientation: 'from-image' });
  } catch {
    return tell({ id, kind: 'fault', fault: 'The picture is broken and cannot be opened. Take it again.' });
  }
  const part = crop ?? { x: 0, y: 0, width: 1, height: 1 };
  const [sx, sy, sw, sh] = [part.x * bitmap.width, part.y * bitmap.height, part.width * bitmap.width, part.height * bitmap.height];
  const factor = Math.min(1, KEPT_SIDE / Math.max(sw, sh));
  const [width, height] = [Math.max(1, Math.round(sw * factor)), Math.max(1, Math.round(sh * factor))];
  const canvas = new OffscreenCanvas(width, height);
  const context = certain(canvas.getContext('2d', { willReadFrequently: true }));
  context.imageSmoothingQuality = 'high';
  context.drawImage(bitmap, sx, sy, sw, sh, 0, 0, width, height);
  bitmap.close();
  const gray = grayOfRgba(context.getImageData(0, 0, width, height).data, width, height);
  engines ??= start();
  let ready: Engine[];
  try {
    ready = await engines;
  } catch {
    engines = undefined;
    return tell({
      id,
      kind: 'fault',
      fault: 'The reading engine did not load. Check the connection to Loyal Coil and try again; typing works meanwhile.',
    });
  }
  let last = 0;
  const seen = await ocrPlate(gray, engineOver(ready as never), (share) => {
    if (share - last < 0.03 && share < 1) return;
    last = share;
    tell({ id, kind: 'progress', share });
  });
  const kept = await canvas.convertToBlob({ type: 'image/jpeg', quality: 0.82 });
  tell({ id, kind: 'done', seen, kept, read: interpret(seen, plate) });
}

self.addEventListener('message', ({ data }: MessageEvent<ReadRequest>) => {
  if ('warm' in data) {
    engines ??= start();
    engines.catch(() => (engines = undefined));
    return;
  }
  if ('seen' in data) return tell({ id: data.id, kind: 'interpreted', read: interpret(data.seen, data.plate) });
  void read(data.id, data.file, data.crop, data.plate).catch((error: unknown) =>
    tell({
      id: data.id,
      kind: 'fault',
      fault: `The picture could not be read: ${String(messageOf(error) ?? error).slice(0, 120)}. Type the marks instead.`,
    }),
  );
});
