/** Pictures of plates. The bytes are read only when a picture is asked for. */
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

/** Keeps a picture; one a section: the newer takes the place of the older. */
export async function keepPicture(knex: Knex, row: PictureRow): Promise<void> {
  await knex.transaction(async (trx) => {
    await trx<PictureRow>('pictures').where({ swap_id: row.swap_id, section: row.section }).delete();
    await trx('pictures').insert({ ...row, seen: JSON.stringify(row.seen) });
  });
}

export const picturesOfSwap = (knex: Knex, swapId: string): Promise<Omit<PictureRow, 'bytes' | 'original'>[]> =>
  knex<PictureRow>('pictures')
    .where({ swap_id: swapId })
    .select('id', 'swap_id', 'section', 'kind', 'width', 'height', 'original_type', 'seen', 'taken_at');

export const pictureById = (knex: Knex, id: string): Promise<PictureRow | undefined> => knex<PictureRow>('pictures').where({ id }).first();
export const dropPicture = (knex: Knex, id: string): Promise<number> => knex<PictureRow>('pictures').where({ id }).delete();
