import { database } from '../data/connection';
import { picturesOfSwap } from '../data/pictures';
import { recordById, recordsNewestFirst, type PlacedRecordRow } from '../data/swaps';
import { hashOf } from './sign';
import { notFound } from './service-error';

export type RecordView = Pick<PlacedRecordRow, 'id' | 'body' | 'hash'> & { signedAt: string; timeZone: string; untouched: boolean };

const viewOf = (row: PlacedRecordRow): RecordView => ({
  id: row.id,
  body: row.body,
  hash: row.hash,
  signedAt: row.signed_at.toISOString(),
  timeZone: row.time_zone,
  untouched: hashOf(row.body) === row.hash,
});

/** Returns a record with the answer to whether its body still has the hash it was signed with. */
export async function loadRecord(id: string): Promise<RecordView> {
  const row = /^[0-9a-f-]{36}$/i.test(id) ? await recordById(database(), id) : undefined;
  if (!row) throw notFound('This record');
  return viewOf(row);
}

/** Pictures that were kept with the swap of a record. */
export async function picturesOfRecord(id: string): Promise<{ id: string; section: 'load' | 'removed' }[]> {
  const row = /^[0-9a-f-]{36}$/i.test(id) ? await recordById(database(), id) : undefined;
  return row ? (await picturesOfSwap(database(), row.swap_id)).map(({ id: picture, section }) => ({ id: picture, section })) : [];
}

export const listRecords = async (): Promise<RecordView[]> => (await recordsNewestFirst(database())).map(viewOf);
