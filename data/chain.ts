/** Entries of the chains, and the rows that they tell of as the text that an entry carries. */
import type { Knex } from 'knex';
import type { ChainEntry, EntryKind } from '../core/record/chain';
import { canonicalJson } from '../core/record/record';

type Row = Omit<ChainEntry, 'at'> & { at: Date };
const entryOf = (row: Row): ChainEntry => ({ ...row, at: row.at.toISOString() });

export const chainOf = async (knex: Knex, site: string): Promise<ChainEntry[]> =>
  (await knex<Row>('chain').where({ site }).orderBy('seq')).map(entryOf);
export const newestOf = async (knex: Knex, site: string): Promise<ChainEntry | undefined> => {
  const row = await knex<Row>('chain').where({ site }).orderBy('seq', 'desc').first();
  return row && entryOf(row);
};
/** Of each row the first entry that tells of it, and those before and after it; each once, by site and number. */
export async function entriesWithNeighbours(knex: Knex, kind: EntryKind, refs: readonly string[]): Promise<ChainEntry[]> {
  const { rows } = await knex.raw<{ rows: Row[] }>(
    `select distinct c.* from chain c
     join (select distinct on (ref) site, seq from chain where kind = ? and ref = any(?) order by ref, seq) first
       on c.site = first.site and c.seq between first.seq - 1 and first.seq + 1
     order by c.site, c.seq`,
    [kind, [...refs]],
  );
  return rows.map(entryOf);
}
export const insertEntry = (knex: Knex, entry: ChainEntry): Promise<unknown> => knex('chain').insert(entry);

/** A row that belongs into a chain: of which site, what it is, and all that it says. */
export type ChainedRow = { site: string; kind: EntryKind; ref: string; at: Date; content: string };

const siteOf = `join positions p on p.id = x.position_id join panels n on n.id = p.panel_id`;
const instant = (at: unknown): string | null => (at instanceof Date ? at.toISOString() : null);

type Found = Record<string, unknown> & { site: string; at: Date };
const rowsOf = async (knex: Knex, sql: string, values: readonly string[][]): Promise<Found[]> => {
  const { rows } = await knex.raw<{ rows: Found[] }>(sql, [...values]);
  return rows;
};

type Refs = readonly string[] | undefined;
const filter = (column: string, refs: Refs): [string, string[][]] =>
  refs === undefined ? ['', []] : [`where ${column} = any(?)`, [[...refs]]];

/** Signed records with the hashes of their pictures; all of them, or some. */
async function recordRows(knex: Knex, refs: Refs): Promise<ChainedRow[]> {
  const [where, values] = filter('x.id', refs);
  const rows = await rowsOf(
    knex,
    `select x.*, x.signed_at as at, n.site_id as site,
       coalesce((select jsonb_agg(jsonb_build_object('id', c.id, 'section', c.section, 'kind', c.kind, 'takenAt', to_char(c.taken_at at time zone 'utc', 'YYYY-MM-DD"T"HH24:MI:SS.US"Z"'),
                        'sha256', encode(sha256(c.bytes), 'hex'), 'originalSha256', encode(sha256(c.original), 'hex')) order by c.section, c.id)
                   from pictures c where c.swap_id = x.swap_id), '[]') as pictures
     from records x ${siteOf} ${where} order by x.signed_at, x.id`,
    values,
  );
  return rows.map((row) => ({
    ...{ site: row.site, kind: 'record', ref: String(row.id), at: row.at },
    content: canonicalJson({
      ...{ id: row.id, swapId: row.swap_id, positionId: row.position_id, signedAt: instant(row.signed_at), signedBy: row.signed_by },
      ...{ hash: row.hash, body: row.body, pictures: row.pictures },
    }),
  }));
}

async function eventRows(knex: Knex, refs: Refs): Promise<ChainedRow[]> {
  const [where, values] = filter('x.id', refs);
  const rows = await rowsOf(knex, `select x.*, n.site_id as site from events x ${siteOf} ${where} order by x.at, x.id`, values);
  return rows.map((row) => ({
    ...{ site: row.site, kind: 'event', ref: String(row.id), at: row.at },
    content: canonicalJson({
      ...{ id: row.id, positionId: row.position_id, at: instant(row.at), kind: row.kind, text: row.text, recordId: row.record_id },
    }),
  }));
}

async function settlementRows(knex: Knex, refs: Refs): Promise<ChainedRow[]> {
  const [where, values] = filter(`s.record_id || '/' || s.line_id`, refs);
  const rows = await rowsOf(
    knex,
    `select s.*, n.site_id as site from settlements s join records x on x.id = s.record_id ${siteOf} ${where} order by s.at, s.record_id, s.line_id`,
    values,
  );
  return rows.map((row) => ({
    ...{ site: row.site, kind: 'settlement', ref: `${row.record_id}/${row.line_id}`, at: row.at },
    content: canonicalJson({ recordId: row.record_id, lineId: row.line_id, by: row.by, found: row.found, at: instant(row.at) }),
  }));
}

/** Entries of the stores' ledger, in the order in which they were written. */
async function ledgerRows(knex: Knex, refs: Refs): Promise<ChainedRow[]> {
  const [where, values] = filter('x.id', refs);
  const rows = await rowsOf(knex, `select x.*, x.site_id as site from ledger x ${where} order by x.id`, values);
  return rows.map((row) => ({
    ...{ site: row.site, kind: 'ledger', ref: String(row.id), at: row.at },
    content: canonicalJson({
      ...{
        id: String(row.id),
        siteId: row.site,
        partId: row.part_id,
        place: row.place,
        kind: row.kind,
        change: row.change,
        left: row.left,
      },
      ...{ why: row.why, ref: row.ref, key: row.key, by: row.by, at: instant(row.at) },
    }),
  }));
}

const readers = { record: recordRows, event: eventRows, settlement: settlementRows, ledger: ledgerRows } as const;
export type RowKind = keyof typeof readers;
export const rowKinds: readonly RowKind[] = ['record', 'event', 'settlement', 'ledger'];

/** Rows that belong into the chains, of a kind; all of them, or those that are named. */
export const chainedRows = (knex: Knex, kind: RowKind, refs?: readonly string[]): Promise<ChainedRow[]> => readers[kind](knex, refs);
