import { database } from '../data/connection';
import { recordById, recordsNewestFirst, type RecordRow } from '../data/swaps';
import { hashOf } from './sign';
import { notFound } from './service-error';

export type RecordView = Pick<RecordRow, 'id' | 'body' | 'hash'> & { signedAt: string; untouched: boolean };

const viewOf = (row: RecordRow): RecordView => ({
  id: row.id,
  body: row.body,
  hash: row.hash,
  signedAt: row.signed_at.toISOString(),
  untouched: hashOf(row.body) === row.hash,
});

/** Returns a record with the answer to whether its body still has the hash it was signed with. */
export async function loadRecord(id: string): Promise<RecordView> {
  const row = /^[0-9a-f-]{36}$/i.test(id) ? await recordById(database(), id) : undefined;
  if (!row) throw notFound('This record');
  return viewOf(row);
}

export const listRecords = async (): Promise<RecordView[]> => (await recordsNewestFirst(database())).map(viewOf);
