/** Pictures kept with a swap: checked, turned upright, at most 1 MB; what is no picture is never kept. */
import sharp from 'sharp';
import { certain } from '../core/certain';
import { randomUUID } from 'node:crypto';
import * as yup from 'yup';
import { plateOf } from '../core/families/plates';
import type { OcrPlate } from '../core/picture/ocr-plate';
import { sniffPicture } from '../core/picture/image-type';
import { database } from '../data/connection';
import { dropPicture, keepPicture, pictureById, picturesOfSwap, type PictureRow } from '../data/pictures';
import { swapById } from '../data/swaps';
import { decoded, openPicture } from './open-picture';
import { notFound, ServiceError } from './service-error';
import { validate } from './validate';
import { isUuid } from './is-uuid';

const MAX_BYTES = 1_000_000;
const MAX_WORDS = 800;

export type PictureView = {
  id: string;
  section: 'load' | 'removed';
  kind: string;
  width: number;
  height: number;
  hasOriginal: boolean;
  seen: OcrPlate;
};

const point = yup.array().of(yup.number().required()).length(2);
const wordSchema = yup.object({
  text: yup.string().strict().max(200).defined(),
  confidence: yup.number().min(0).max(100).required(),
  start: yup.number().integer().min(0).required(),
  end: yup.number().integer().min(0).required(),
  corners: yup.array().of(point).length(4).required(),
});
const cellSchema = yup.object({
  text: yup.string().strict().max(2000).defined(),
  start: yup.number().integer().min(0).required(),
  end: yup.number().integer().min(0).required(),
  row: yup.number().integer().min(0).required(),
  x0: yup.number().required(),
  x1: yup.number().required(),
});
const lookSchema = yup.object({
  laid: yup
    .object({
      text: yup.string().strict().max(20_000).defined(),
      rows: yup.array().of(yup.array().of(cellSchema).max(200)).max(300).required(),
    })
    .required(),
  words: yup.array().of(wordSchema).max(MAX_WORDS).required(),
});
const seenSchema = yup
  .object({
    width: yup.number().integer().min(1).max(20_000).required(),
    height: yup.number().integer().min(1).max(20_000).required(),
    first: lookSchema.required(),
    second: lookSchema.required(),
  })
  .typeError('seen must be what was seen in the picture, as JSON.');

const view = (row: Omit<PictureRow, 'bytes' | 'original'>): PictureView => ({
  id: row.id,
  section: row.section,
  kind: row.kind,
  width: row.width,
  height: row.height,
  hasOriginal: row.original_type !== null,
  seen: row.seen,
});

/** Makes a picture small enough to keep: JPEG, upright, the longer side at most 1600 pixels. */
async function small(bytes: Uint8Array): Promise<{ bytes: Buffer; width: number; height: number }> {
  // Decoded once; what is kept is written from its pixels, at most 1600 by 1600.
  const { data: pixels, info } = await decoded(openPicture(bytes, 1600).raw());
  const { width, height, channels } = info;
  for (const quality of [82, 65, 45]) {
    const data = await sharp(pixels, { raw: { width, height, channels } }).jpeg({ quality }).toBuffer();
    if (data.length <= MAX_BYTES) return { bytes: data, width, height };
  }
  throw new ServiceError(422, [{ field: 'picture', reason: 'The picture stays above 1 MB. Crop it to the plate.' }]);
}

const signedAlready = () =>
  new ServiceError(409, [{ field: 'id', reason: 'This job is signed or has ended; its pictures stay as they are.' }]);

export type PictureUpload = { picture: Uint8Array; original?: Uint8Array; section: string; kind: string; seen: unknown };

/** Keeps a picture with an open swap. Throws 404, 409 where the swap is signed, 422 where something is no picture. */
export async function addPicture(swapId: string, upload: PictureUpload): Promise<PictureView> {
  const knex = database();
  const swap = isUuid(swapId) ? await swapById(knex, swapId) : undefined;
  if (!swap) throw notFound('This swap');
  if (swap.status !== 'open') throw signedAlready();
  const { section, kind } = upload;
  if (section !== 'load' && section !== 'removed')
    throw new ServiceError(422, [{ field: 'section', reason: 'section is load or removed.' }]);
  if (!plateOf(kind)) throw new ServiceError(422, [{ field: 'kind', reason: 'kind is no plate that is known.' }]);
  const seen = (await validate(seenSchema as never, upload.seen)) as OcrPlate;
  const kept = await small(upload.picture);
  const original = upload.original && upload.original.length > 0 ? sniffPicture(upload.original) : undefined;
  if (original && !original.ok) throw new ServiceError(422, [{ field: 'original', reason: original.fault }]);
  const row: PictureRow = {
    id: randomUUID(),
    swap_id: swapId,
    section,
    kind,
    width: kept.width,
    height: kept.height,
    bytes: kept.bytes,
    seen,
    original: original ? Buffer.from(certain(upload.original)) : null,
    original_type: original?.ok ? original.kind : null,
    taken_at: new Date(),
  };
  if (!(await keepPicture(knex, row))) throw signedAlready();
  return view(row);
}

/** Returns the pictures of a swap, without their bytes. */
export const listPictures = async (swapId: string): Promise<PictureView[]> =>
  isUuid(swapId) ? (await picturesOfSwap(database(), swapId)).map(view) : [];

/** Returns a picture's bytes, the original where it is asked for and kept. */
export async function pictureFile(id: string, original: boolean): Promise<{ bytes: Buffer; type: string }> {
  const row = isUuid(id) ? await pictureById(database(), id) : undefined;
  if (!row || (original && !row.original)) throw notFound('This picture');
  return original ? { bytes: certain(row.original), type: certain(row.original_type) } : { bytes: row.bytes, type: 'image/jpeg' };
}

/** Takes a picture away from an open swap. */
export async function removePicture(id: string): Promise<{ removed: boolean }> {
  const knex = database();
  const row = isUuid(id) ? await pictureById(knex, id) : undefined;
  if (!row) return { removed: false };
  const removed = await dropPicture(knex, row);
  if (removed === undefined) throw signedAlready();
  return { removed };
}
