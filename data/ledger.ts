/** The ledger of the stores: the one way in which stock changes. The database carries each entry to its shelf, and refuses less than nothing. */
import type { Knex } from 'knex';
import { certain } from '../core/certain';
import type { EntryKind } from '../core/stores/ledger';

export type Entry = {
  siteId: string;
  partId: string;
  place: string;
  kind: EntryKind;
  change: number;
  why?: string;
  /** The job or the file that it comes from. */
  ref?: string;
  /** Sent twice under one key, it is one entry. */
  key?: string;
  by: string;
  at: Date;
};

/** An entry as it was written: its number, and what lies at its place. */
export type Entered = { id: string; left: number };
export type LedgerRow = {
  place: string;
  kind: EntryKind;
  change: number;
  left: number;
  why: string;
  ref: string | null;
  by: string;
  at: Date;
};

/** True where an entry was sent under a key that another one has. */
export const isKeyOfAnother = (error: unknown): boolean =>
  error instanceof Error && 'code' in error && error.code === '23505' && 'constraint' in error && error.constraint === 'ledger_key_unique';

const rowOf = ({ siteId, partId, why = '', ref, key, ...rest }: Entry) => ({ site_id: siteId, part_id: partId, why, ref, key, ...rest });

/** Writes entries, and returns what lies at the place of each afterwards. They stand in no chain yet. Throws what `isOverdrawn` and `isKeyOfAnother` tell. */
export async function enterInLedger(trx: Knex, entries: readonly Entry[]): Promise<Entered[]> {
  const entered: Entered[] = [];
  for (let from = 0; from < entries.length; from += 500) {
    const rows: Entered[] = await trx('ledger')
      .insert(entries.slice(from, from + 500).map(rowOf))
      .returning(['id', 'left']);
    entered.push(...rows.toSorted((a, b) => Number(a.id) - Number(b.id)));
  }
  return entered;
}

/** What an entry that was sent before under this key left; undefined where there is none. */
export const leftByKey = async (trx: Knex, key: string): Promise<number | undefined> =>
  (await trx<Entered & { key: string }>('ledger').where({ key }).first('left'))?.left;

type Shelf = { site_id: string; part_id: string; place: string; quantity: number };

/** Holds the shelves of a part at a site against others until the transaction ends: the application may not write to them, so it locks no row. */
const holdShelves = (trx: Knex, siteId: string, partId: string) =>
  trx.raw('select pg_advisory_xact_lock(hashtextextended(?, 19))', [`${siteId} ${partId}`]);

/** Pieces at one place, held against others until the transaction ends. */
export async function lyingAt(trx: Knex, siteId: string, partId: string, place: string): Promise<number> {
  await holdShelves(trx, siteId, partId);
  return (await trx<Shelf>('stock').where({ site_id: siteId, part_id: partId, place }).first('quantity'))?.quantity ?? 0;
}

/** Takes one from the first place that has it, by an entry that stands in no chain yet; undefined when the shelf is empty. */
export async function takeFromStock(
  trx: Knex,
  siteId: string,
  partId: string,
  about: Pick<Entry, 'ref' | 'by' | 'at'>,
): Promise<{ taken: { place: string; before: number; after: number }; entry: string } | undefined> {
  await holdShelves(trx, siteId, partId);
  const row = await trx<Shelf>('stock').where({ site_id: siteId, part_id: partId }).where('quantity', '>', 0).orderBy('place').first();
  if (!row) return undefined;
  const [entered] = await enterInLedger(trx, [{ ...about, siteId, partId, place: row.place, kind: 'fitted', change: -1 }]);
  const { id, left } = certain(entered);
  return { taken: { place: row.place, before: row.quantity, after: left }, entry: id };
}

/** Newest entries of a part at a site. */
export const ledgerOf = (knex: Knex, siteId: string, partId: string, most: number): Promise<LedgerRow[]> =>
  knex<LedgerRow & { site_id: string; part_id: string; id: string }>('ledger')
    .where({ site_id: siteId, part_id: partId })
    .orderBy('id', 'desc')
    .limit(most)
    .select('place', 'kind', 'change', 'left', 'why', 'ref', 'by', 'at');
