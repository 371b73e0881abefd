/** Adds to the chain of a site, in the transaction of what it tells of, and always last in it: one lock, in one order. */
import { inTransaction } from '../../data/transaction';
import type { Knex } from 'knex';
import { randomBytes } from 'node:crypto';
import { certain } from '../../core/certain';
import { entryText, NOTHING_BEFORE, type ChainEntry } from '../../core/record/chain';
import { canonicalJson } from '../../core/record/record';
import { chainedRows, insertEntry, newestOf, rowKinds, type ChainedRow, type RowKind } from '../../data/chain';
import { noteHead } from './head';
import { sha256 } from '../sha256';
import { signingKey } from './key';

type Part = Pick<ChainedRow, 'kind' | 'ref' | 'content'>;

/** The next entry of a chain, hashed and signed. */
export function nextEntry(site: string, before: ChainEntry | undefined, { kind, ref, content }: Part, at: Date): ChainEntry {
  const key = signingKey();
  const open = { site, seq: (before?.seq ?? 0) + 1, at: at.toISOString(), kind, ref, content, prev: before?.hash ?? NOTHING_BEFORE };
  const hash = sha256(entryText(open));
  return { ...open, hash, key: key.id, signature: key.sign(hash) };
}

/** A chain begins with nothing but a number that no other has. */
const beginning = (site: string): Part => ({
  ...{ kind: 'begin', ref: site },
  content: canonicalJson({ format: 'loyal-coil/chain', version: 1, nonce: randomBytes(16).toString('hex') }),
});

const lockChain = (trx: Knex, site: string): Promise<unknown> => trx.raw('select pg_advisory_xact_lock(20262, hashtext(?))', [site]);

/** The chain's head is noted outside once the transaction has been kept. */
async function noteWhenKept(trx: Knex.Transaction, site: string, head: ChainEntry): Promise<void> {
  const first = certain(await trx<ChainEntry>('chain').where({ site, seq: 1 }).first());
  void trx.executionPromise.then(
    () => noteHead(first.hash, { site, seq: head.seq, hash: head.hash, at: head.at }),
    () => undefined,
  );
}

/** Adds entries, in order. Returns the newest. */
export async function appendParts(trx: Knex.Transaction, site: string, parts: readonly Part[], at: Date): Promise<ChainEntry> {
  await lockChain(trx, site);
  let before = await newestOf(trx, site);
  for (const part of before ? parts : [beginning(site), ...parts]) {
    before = nextEntry(site, before, part, at);
    await insertEntry(trx, before);
  }
  const head = certain(before);
  await noteWhenKept(trx, site, head);
  return head;
}

/** Entries of the ledger as rows that go into a chain. */
export const inChain = (entered: readonly { id: string }[]) => entered.map(({ id }) => ['ledger', id] as const);

/** Adds rows that were written in this transaction, read back as the database holds them. */
export async function appendRows(
  trx: Knex.Transaction,
  rows: readonly (readonly [kind: RowKind, ref: string])[],
  more: readonly Part[] = [],
  at = new Date(),
): Promise<void> {
  const found: ChainedRow[] = [];
  for (const [kind, ref] of rows) found.push(certain((await chainedRows(trx, kind, [ref]))[0]));
  await appendParts(trx, certain(found[0]).site, [...found, ...more], at);
}

/**
 * What stands in no chain and belongs into one: of a site whose chain has not begun everything; of one that is older than the ledger what lay on
 * the shelves when the ledger began, once; of any other nothing.
 */
async function missingIn(trx: Knex.Transaction, site: string): Promise<ChainedRow[]> {
  if (!(await newestOf(trx, site))) return allRows(trx, site, rowKinds);
  if (await trx('chain').where({ site, kind: 'ledger' }).first()) return [];
  const opening = new Set<string>(await trx('ledger').where({ site_id: site, kind: 'opening' }).pluck('id'));
  return opening.size === 0 ? [] : (await allRows(trx, site, ['ledger'])).filter(({ ref }) => opening.has(ref));
}

const allRows = async (trx: Knex, site: string, kinds: readonly RowKind[]): Promise<ChainedRow[]> => {
  const rows: ChainedRow[] = [];
  for (const kind of kinds) rows.push(...(await chainedRows(trx, kind)));
  return rows.filter((row) => row.site === site).sort((x, y) => x.at.getTime() - y.at.getTime());
};

/**
 * Begins the chain of every site that has none, with what is there already, oldest first. A site whose chain has begun is left alone, but for
 * what `missingIn` names: what is put in beside it later is never taken for signed.
 */
export async function beginChains(knex: Knex): Promise<void> {
  await inTransaction(knex, async (trx) => {
    for (const { id: site } of await trx<{ id: string }>('sites').orderBy('id')) {
      await lockChain(trx, site);
      const begun = await newestOf(trx, site);
      const rows = await missingIn(trx, site);
      if (!begun || rows.length > 0) await appendParts(trx, site, rows, new Date());
    }
  });
}

/** Begins the chain of a site that is new: nothing stands in it yet. */
export async function beginChain(trx: Knex.Transaction, site: string): Promise<void> {
  await appendParts(trx, site, [], new Date());
}
