/**
 * The stores: what lies where, what is done with it, and what should be ordered. Every change is an entry of the ledger; what is asked twice is
 * done once, and nobody takes what is not there.
 */
import type { Knex } from 'knex';
import { receiveSchema } from '../core/parts-file/new-part';
import { deedSchema, limitsSchema, type Deed, type EntryKind } from '../core/stores/ledger';
import { partById } from '../data/catalogue';
import { database } from '../data/connection';
import { enterInLedger, isKeyOfAnother, leftByKey, ledgerOf, lyingAt, type Entry } from '../data/ledger';
import { allSites } from '../data/positions';
import { inTransaction, isOverdrawn } from '../data/transaction';
import { audit } from './audit';
import { appendRows, inChain } from './chain/append';
import type { Caller } from './crew/caller';
import { notFound, ServiceError } from './service-error';
import { validate } from './validate';

type Who = Pick<Caller, 'person' | 'actor'>;
type Asked = { deed: Deed; siteId: string; partId: string; place: string; quantity: number; to: string; why: string; key?: string };

const MOST_LINES = 200;
const kindOf: Readonly<Record<Deed, EntryKind>> = {
  receive: 'received',
  take: 'taken',
  move: 'moved',
  count: 'counted',
  correct: 'corrected',
};

async function known(trx: Knex, siteId: string, partId: string): Promise<void> {
  if (!(await partById(trx, partId))) throw notFound('This part');
  if (!(await allSites(trx)).some(({ id }) => id === siteId)) throw notFound('This site');
}

/** The entries that a deed is; a count is the difference to what lay there. */
async function entriesOf(trx: Knex, { deed, quantity, to, key, ...asked }: Asked, by: string): Promise<Entry[]> {
  const one = { ...asked, kind: kindOf[deed], by, at: new Date() };
  const lying = await lyingAt(trx, asked.siteId, asked.partId, asked.place);
  switch (deed) {
    case 'receive':
    case 'correct':
      return [{ ...one, key, change: quantity }];
    case 'take':
      return [{ ...one, key, change: -quantity }];
    case 'count':
      return [{ ...one, key, change: quantity - lying }];
    case 'move':
      return [
        { ...one, key, change: -quantity },
        { ...one, place: to, change: quantity },
      ];
  }
}

/** Does a deed at a shelf within a transaction, once: what lies there then, and whether it was done before under its key. */
export async function deedWithin(trx: Knex.Transaction, asked: Asked, { person, actor }: Who): Promise<{ left: number; again: boolean }> {
  const entries = await entriesOf(trx, asked, person.name);
  // Held by the shelf, not by the key: who sends it twice waits here for the first.
  const before = asked.key === undefined ? undefined : await leftByKey(trx, asked.key);
  if (before !== undefined) return { left: before, again: true };
  const entered = await enterInLedger(trx, entries);
  const { deed, partId: part, place, quantity: pieces } = asked;
  await audit(trx, actor, 'stock-changed', { deed, part, place, quantity: pieces });
  await appendRows(trx, inChain(entered));
  return { left: entered[0]?.left ?? 0, again: false };
}

/** Does a deed at a shelf, once. Returns what lies there now. Throws 404, 422, and 409 where it would leave less than nothing. */
export async function doAtShelf(body: unknown, { person, actor }: Who): Promise<{ quantity: number }> {
  const asked = await validate(deedSchema, body);
  try {
    return await inTransaction(database(), async (trx) => {
      await known(trx, asked.siteId, asked.partId);
      return { quantity: (await deedWithin(trx, asked, { person, actor })).left };
    });
  } catch (error) {
    throw await stockFault(error, asked);
  }
}

/** What the ledger refused, in words; any other error as it is. */
export async function stockFault(error: unknown, asked: Pick<Asked, 'siteId' | 'partId' | 'place'>): Promise<unknown> {
  if (isOverdrawn(error)) return notThere(await lyingNow(asked));
  if (isKeyOfAnother(error))
    return new ServiceError(409, [{ field: 'key', reason: 'Another deed was sent under this key. Send this one under its own.' }]);
  return error;
}

const lyingNow = async ({ siteId, partId, place }: Pick<Asked, 'siteId' | 'partId' | 'place'>): Promise<number> =>
  (await database()('stock').where({ site_id: siteId, part_id: partId, place }).first('quantity'))?.quantity ?? 0;
const notThere = (lying: number): ServiceError =>
  new ServiceError(
    409,
    [{ field: 'quantity', reason: `${lying} lie there now: a shelf holds neither less than nothing nor more than 10 000.` }],
    {
      quantity: lying,
    },
  );

/** Takes pieces of a part into stock at a place. Throws 404 and 422. */
export async function receive(partId: string, body: unknown, caller: Who): Promise<{ quantity: number }> {
  return doAtShelf({ ...(await validate(receiveSchema, body)), deed: 'receive', partId }, caller);
}

/** Sets or takes away the least and most of a part at a site. Throws 404 and 422. */
export async function setLimits(body: unknown, { actor }: Who): Promise<{ least: number | null; most: number | null }> {
  const { siteId, partId, least, most } = await validate(limitsSchema, body);
  return inTransaction(database(), async (trx) => {
    await known(trx, siteId, partId);
    const at = { site_id: siteId, part_id: partId };
    if (least === null || most === null) await trx('stock_limits').where(at).delete();
    else
      await trx('stock_limits')
        .insert({ ...at, least, most })
        .onConflict(['site_id', 'part_id'])
        .merge(['least', 'most']);
    await audit(trx, actor, 'stock-changed', { part: partId, least, most });
    return { least, most };
  });
}

/** What was done with a part at a site, newest first. */
export async function deedsWith(siteId: string, partId: string) {
  const rows = await ledgerOf(database(), siteId, partId, MOST_LINES);
  return { entries: rows.map(({ at, ...row }) => ({ ...row, at: at.toISOString() })) };
}
export type LedgerEntry = Awaited<ReturnType<typeof deedsWith>>['entries'][number];
