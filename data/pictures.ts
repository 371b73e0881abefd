/** Pictures of plates. The bytes are read only when a picture is asked for. */
import { inTransaction } from './transaction';
import type { Knex } from 'knex';
import type { OcrPlate } from '../core/picture/ocr-plate';

export type PictureRow = {
  id: string;
  swap_id: string;
  section: 'load' | 'removed';
  kind: string;
  width: number;
  height: number;
  bytes: Buffer;
  original: Buffer | null;
  original_type: string | null;
  seen: OcrPlate;
  taken_at: Date;
};

/** Holds the swap open until the transaction ends; false where it is signed: its pictures are part of what was signed. */
const heldOpen = async (trx: Knex, id: string): Promise<boolean> =>
  (await trx('swaps').where({ id, status: 'open' }).forUpdate().first()) !== undefined;

/** Keeps a picture; one a section: the newer takes the place of the older. False where the swap is signed. */
export const keepPicture = (knex: Knex, row: PictureRow): Promise<boolean> =>
  inTransaction(knex, async (trx) => {
    if (!(await heldOpen(trx, row.swap_id))) return false;
    await trx<PictureRow>('pictures').where({ swap_id: row.swap_id, section: row.section }).delete();
    await trx('pictures').insert({ ...row, seen: JSON.stringify(row.seen) });
    return true;
  });

export const picturesOfSwap = (knex: Knex, swapId: string): Promise<Omit<PictureRow, 'bytes' | 'original'>[]> =>
  knex<PictureRow>('pictures')
    .where({ swap_id: swapId })
    .select('id', 'swap_id', 'section', 'kind', 'width', 'height', 'original_type', 'seen', 'taken_at');

export const pictureById = (knex: Knex, id: string): Promise<PictureRow | undefined> => knex<PictureRow>('pictures').where({ id }).first();
/** Takes a picture away; undefined where its swap is signed. */
export const dropPicture = (knex: Knex, { id, swap_id }: Pick<PictureRow, 'id' | 'swap_id'>): Promise<boolean | undefined> =>
  inTransaction(knex, async (trx) =>
    (await heldOpen(trx, swap_id)) ? (await trx<PictureRow>('pictures').where({ id }).delete()) > 0 : undefined,
  );
