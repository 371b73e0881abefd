/**
 * The chain of a site: what was signed, what happened and what was settled, each entry with the hash of the one before it, a number without
 * gaps, and a signature by the key of the installation. Whoever changes, takes away, puts in or swaps anything breaks it where it stood.
 * Pure: hashing and the check of a signature are handed in. Format: docs/formats/chain.md.
 */
import { canonicalJson } from './record';

export const entryKinds = ['begin', 'record', 'event', 'settlement', 'stock', 'ledger'] as const;
export type EntryKind = (typeof entryKinds)[number];

export type ChainEntry = {
  site: string;
  /** 1, 2, 3 …, without gaps. */
  seq: number;
  /** UTC, ISO 8601. */
  at: string;
  kind: EntryKind;
  /** Which row it tells of; `content` says all of it. */
  ref: string;
  /** Canonical JSON, as text. */
  content: string;
  /** Hash of the entry before; 64 zeros at the beginning. */
  prev: string;
  hash: string;
  /** The public key's own id. */
  key: string;
  /** Ed25519 over the hash, base64. */
  signature: string;
};

export const NOTHING_BEFORE = '0'.repeat(64);

/** The text whose hash an entry carries. */
export const entryText = ({ site, seq, at, kind, ref, content, prev }: Omit<ChainEntry, 'hash' | 'key' | 'signature'>): string =>
  canonicalJson({ site, seq, at, kind, ref, content, prev });

export type ChainCrypto = {
  hash: (text: string) => string;
  /** Does the signature hold? Undefined where the key is not one of this installation. */
  holds: (key: string, hash: string, signature: string) => boolean | undefined;
};

export const faultKinds = [
  'changed-entry',
  'changed-link',
  'missing-entry',
  'swapped-order',
  'wrong-signature',
  'foreign-key',
  'changed-row',
  'missing-row',
  'added-row',
  'changed-picture',
  'older-database',
  'no-beginning',
] as const;
export type ChainFault = { site: string; seq: number | null; kind: (typeof faultKinds)[number]; ref: string; words: string };

/** What is wrong with one entry by itself: its own hash and signature. */
export function entryFaults(entry: ChainEntry, { hash, holds }: ChainCrypto): ChainFault[] {
  const at = { site: entry.site, seq: entry.seq, ref: entry.ref };
  const name = `Entry ${entry.seq} (${entry.kind})`;
  if (hash(entryText(entry)) !== entry.hash)
    return [{ ...at, kind: 'changed-entry', words: `${name} is not what it was when it was written.` }];
  const signed = holds(entry.key, entry.hash, entry.signature);
  if (signed === undefined) return [{ ...at, kind: 'foreign-key', words: `${name} is signed by a key that is not of this installation.` }];
  return signed ? [] : [{ ...at, kind: 'wrong-signature', words: `The signature of entry ${entry.seq} (${entry.kind}) does not hold.` }];
}

/** What is wrong with a site's entries among themselves, given in the order of their numbers. */
export function linkFaults(entries: readonly ChainEntry[]): ChainFault[] {
  const faults: ChainFault[] = [];
  let before: ChainEntry | undefined;
  for (const entry of entries) {
    const at = { site: entry.site, seq: entry.seq, ref: entry.ref };
    const wanted = (before?.seq ?? 0) + 1;
    if (!before && entry.kind !== 'begin')
      faults.push({ ...at, kind: 'no-beginning', words: 'The chain does not begin with its beginning.' });
    if (entry.seq !== wanted)
      faults.push({
        ...at,
        kind: 'missing-entry',
        words: `${entry.seq - wanted} missing between entry ${wanted - 1} and entry ${entry.seq}.`,
      });
    else if (entry.prev !== (before?.hash ?? NOTHING_BEFORE))
      faults.push({
        ...at,
        kind: entries.some(({ hash }) => hash === entry.prev) ? 'swapped-order' : 'changed-link',
        words: `Entry ${entry.seq} does not follow on the one before it.`,
      });
    before = entry;
  }
  return faults;
}

/** The newest entry of a site, as it is kept outside of the database. */
export type ChainHead = Pick<ChainEntry, 'site' | 'seq' | 'hash' | 'at'>;

/** Is the head that is known from outside in this chain? An older database, put back, does not hold it. */
export function headFaults(entries: readonly ChainEntry[], head: ChainHead | undefined): ChainFault[] {
  if (!head || entries.some(({ seq, hash }) => seq === head.seq && hash === head.hash)) return [];
  const newest = entries.at(-1)?.seq ?? 0;
  return [
    {
      ...{ site: head.site, seq: head.seq, kind: 'older-database', ref: '' },
      words: `Entry ${head.seq} of ${head.at} was written here and is not in this database, whose newest is ${newest}: an older database was put back, or its end was cut off.`,
    },
  ];
}
