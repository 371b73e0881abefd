/** Is everything that was signed as it was signed? Over whole chains, or for one record and those beside it. */
import type { Knex } from 'knex';
import { entryFaults, headFaults, linkFaults, type ChainEntry, type ChainFault } from '../../core/record/chain';
import { certain, isOneOf, isRecord } from '../../core/certain';
import { canonicalJson } from '../../core/record/record';
import { chainedRows, chainOf, entriesWithNeighbours, rowKinds, type ChainedRow } from '../../data/chain';
import { knownHead } from './head';
import { chainCrypto } from './key';

const rowWords: Readonly<Record<string, string>> = {
  record: 'The record',
  event: 'The event',
  settlement: 'What settled a point',
  ledger: 'What the ledger says',
};
const nameOf = (kind: string): string => rowWords[kind] ?? 'The entry';

/** A text of a record as it would be of one without pictures; what is no such text stays as it is. */
function withoutPictures(text: string): string {
  try {
    const content: unknown = JSON.parse(text);
    return isRecord(content) ? canonicalJson({ ...content, pictures: [] }) : text;
  } catch {
    return text;
  }
}

/** What a row says against what its entry says of it. */
function rowFaults(entry: ChainEntry, row: ChainedRow | undefined): ChainFault[] {
  const at = { site: entry.site, seq: entry.seq, ref: entry.ref };
  if (!row) return [{ ...at, kind: 'missing-row', words: `${nameOf(entry.kind)} of entry ${entry.seq} was taken away.` }];
  if (row.content === entry.content) return [];
  const picture = entry.kind === 'record' && withoutPictures(row.content) === withoutPictures(entry.content);
  return [
    picture
      ? { ...at, kind: 'changed-picture', words: `A picture of the record of entry ${entry.seq} is not the one that was signed.` }
      : { ...at, kind: 'changed-row', words: `${nameOf(entry.kind)} of entry ${entry.seq} is not what was signed.` },
  ];
}

const isRowEntry = ({ kind }: ChainEntry): boolean => isOneOf(rowKinds, kind);

/** Everything that is wrong with one site's chain and the rows that it tells of. */
function siteFaults(entries: readonly ChainEntry[], rows: readonly ChainedRow[], site: string): ChainFault[] {
  const crypto = chainCrypto();
  const byRef = new Map(rows.map((row) => [`${row.kind} ${row.ref}`, row]));
  const told = new Set(entries.map(({ kind, ref }) => `${kind} ${ref}`));
  const added = rows
    .filter(({ kind, ref }) => !told.has(`${kind} ${ref}`))
    .map(({ kind, ref }): ChainFault => ({
      ...{ site, seq: null, kind: 'added-row', ref },
      words: `${nameOf(kind)} ${ref} was put in beside the chain: nobody signed it.`,
    }));
  const [first] = entries;
  return [
    ...entries.flatMap((entry) => entryFaults(entry, crypto)),
    ...linkFaults(entries),
    ...entries.filter(isRowEntry).flatMap((entry) => rowFaults(entry, byRef.get(`${entry.kind} ${entry.ref}`))),
    ...added,
    ...(first ? headFaults(entries, knownHead(first.hash, site)) : []),
  ];
}

export type ChainState = {
  site: string;
  name: string;
  entries: number;
  head: Pick<ChainEntry, 'seq' | 'hash' | 'at'> | null;
  faults: ChainFault[];
};

/** Verifies the chain of every site. */
export async function verifyChains(knex: Knex): Promise<ChainState[]> {
  const rows = (await Promise.all(rowKinds.map((kind) => chainedRows(knex, kind)))).flat();
  const sites = await knex<{ id: string; name: string }>('sites').orderBy('sort');
  return Promise.all(
    sites.map(async ({ id: site, name }) => {
      const entries = await chainOf(knex, site);
      const own = rows.filter((row) => row.site === site);
      const head = entries.at(-1);
      return {
        ...{ site, name, entries: entries.length },
        head: head ? { seq: head.seq, hash: head.hash, at: head.at } : null,
        faults: siteFaults(entries, own, site),
      };
    }),
  );
}

export type RecordProof = { entry: ChainEntry | null; faults: ChainFault[] };

/** One record against its entry, the entry against its signature and against those before and after it. */
function proofOf(id: string, row: ChainedRow | undefined, entries: readonly ChainEntry[]): RecordProof {
  const entry = entries.find(({ kind, ref }) => kind === 'record' && ref === id);
  if (!entry)
    return {
      entry: null,
      faults: [
        { site: row?.site ?? '', seq: null, kind: 'added-row', ref: id, words: 'This record stands in no chain: nobody signed it.' },
      ],
    };
  const beside = (seq: number) => entries.find((one) => one.site === entry.site && one.seq === seq);
  const [before, after] = [beside(entry.seq - 1), beside(entry.seq + 1)];
  const at = { site: entry.site, seq: entry.seq, ref: id };
  const links: ChainFault[] = [
    ...(before?.hash === entry.prev
      ? []
      : [{ ...at, kind: 'changed-link' as const, words: 'The entry before this record is missing or changed.' }]),
    ...(!after || after.prev === entry.hash
      ? []
      : [{ ...at, kind: 'changed-link' as const, words: 'The entry after this record does not follow on it.' }]),
  ];
  return { entry, faults: [...entryFaults(entry, chainCrypto()), ...links, ...rowFaults(entry, row)] };
}

/** Each of these records against the chain, now; in their order. */
export async function verifyRecords(knex: Knex, ids: readonly string[]): Promise<RecordProof[]> {
  const [rows, entries] = await Promise.all([chainedRows(knex, 'record', ids), entriesWithNeighbours(knex, 'record', ids)]);
  const byId = new Map(rows.map((row) => [row.ref, row]));
  return ids.map((id) => proofOf(id, byId.get(id), entries));
}

export const verifyRecord = async (knex: Knex, id: string): Promise<RecordProof> => certain((await verifyRecords(knex, [id]))[0]);
