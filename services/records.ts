import { certain } from '../core/certain';
import { database } from '../data/connection';
import { picturesOfSwap } from '../data/pictures';
import { recordById, recordsNewestFirst, type PlacedRecordRow } from '../data/swaps';
import type { ChainEntry } from '../core/record/chain';
import { signingKey } from './chain/key';
import { alteredWords, keptVerification } from './chain/state';
import { verifyRecord, verifyRecords } from './chain/verify';
import { hashOf } from './sign';
import { notFound } from './service-error';
import { isUuid } from './is-uuid';

export type RecordView = Pick<PlacedRecordRow, 'id' | 'body' | 'hash'> & {
  signedAt: string;
  timeZone: string;
  /** Its entry in the chain of its site, with all that checks it; null where it stands in none. */
  entry: ChainEntry | null;
  /** The public key of this installation, 32 bytes as base64. */
  publicKey: string;
  /** What is not as it was signed, in words; nothing where all is. */
  altered: string[];
};

const NOT_ITS_HASH = 'The body of this record does not have the hash it was signed with.';

const viewOf = (row: PlacedRecordRow, entry: ChainEntry | null, faults: readonly { words: string }[]): RecordView => ({
  id: row.id,
  body: row.body,
  hash: row.hash,
  signedAt: row.signed_at.toISOString(),
  timeZone: row.time_zone,
  entry,
  publicKey: signingKey().publicKey,
  altered: [...faults.map(({ words }) => words), ...(hashOf(row.body) === row.hash ? [] : [NOT_ITS_HASH])],
});

/** Returns a record with what is not as it was signed. */
export async function loadRecord(id: string): Promise<RecordView> {
  const row = isUuid(id) ? await recordById(database(), id) : undefined;
  if (!row) throw notFound('This record');
  const { entry, faults } = await verifyRecord(database(), id);
  return viewOf(row, entry, faults);
}

/** Pictures that were kept with the swap of a record. */
export async function picturesOfRecord(id: string): Promise<{ id: string; section: 'load' | 'removed' }[]> {
  const row = isUuid(id) ? await recordById(database(), id) : undefined;
  return row ? (await picturesOfSwap(database(), row.swap_id)).map(({ id: picture, section }) => ({ id: picture, section })) : [];
}

const AT_ONCE = 50;
export type Logbook = {
  records: RecordView[];
  /** There are older ones behind these. */ older: boolean;
  /** What is wrong with the chains as a whole, in words. */ altered: string[];
};

/** Signed records, newest first, a page of them, and whether anything was altered, taken away or put in. @param page 0 is the newest. */
export async function logbook(page: number): Promise<Logbook> {
  const [rows, { states }] = await Promise.all([recordsNewestFirst(database(), page * AT_ONCE, AT_ONCE + 1), keptVerification()]);
  const shown = rows.slice(0, AT_ONCE);
  // What stands on this page is verified now: a row that was altered a moment ago is not shown as signed.
  const proofs = await verifyRecords(
    database(),
    shown.map(({ id }) => id),
  );
  const records = shown.map((row, i) => viewOf(row, null, certain(proofs[i]).faults));
  return { records, older: rows.length > AT_ONCE, altered: alteredWords(states) };
}
