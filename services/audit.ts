/** The log of what was done: sign-ins, rights, overrides, settings, imports. Rows are added, never changed; the database refuses it. */
import type { Knex } from 'knex';
import Papa from 'papaparse';
import { database } from '../data/connection';
import { noteAudit, type AuditRow } from '../data/crew';

export const auditWords = {
  'sign-in': 'Signed in',
  'sign-in-refused': 'Sign-in refused',
  'sign-out': 'Signed out',
  'sign-out-everywhere': 'Signed out everywhere',
  'first-administrator': 'First administrator named',
  'person-added': 'Person added',
  'person-changed': 'Person changed',
  'person-left': 'Person left',
  'person-back': 'Person came back',
  'password-changed': 'Password changed',
  'password-given': 'Password given by an administrator',
  'pin-changed': 'PIN changed',
  'passkey-added': 'Passkey added',
  'passkey-ended': 'Passkey ended',
  'token-made': 'Token made',
  'token-ended': 'Token ended',
  override: 'Override named',
  'override-approved': 'Override approved',
  signed: 'Job signed off',
  ended: 'Job ended without a new part',
  discarded: 'Job discarded',
  'settings-changed': 'Settings changed',
  'circuit-changed': 'Circuit changed',
  'plant-changed': 'Sites, panels or positions changed',
  'documents-changed': 'Document or picture kept or taken away',
  'part-entered': 'Part entered',
  'part-bought': 'How a part is bought, said',
  'parts-brought': 'File of parts brought or taken back',
  'stock-received': 'Taken into stock',
  'stock-changed': 'Stock, or its least and most, changed',
  ordered: 'Parts ordered',
  'order-answered': 'Answer of a supplier read',
  'order-closed': 'Order closed, or opened again',
  'methods-changed': 'Supply, curve or letters changed',
} as const;
export type Audited = keyof typeof auditWords;

export type Actor = { id: string | null; name: string; address: string | null };

/** Adds a line to the log, in the transaction of what it tells of. */
export const audit = (knex: Knex, actor: Actor, what: Audited, about: Record<string, unknown> = {}): Promise<unknown> =>
  noteAudit(knex, { at: new Date(), person_id: actor.id, person_name: actor.name, what, about, address: actor.address });

export type AuditLine = { seq: number; at: string; person: string; what: string; about: string; address: string };

const MOST = 500;

const wordsOf: Readonly<Record<string, string>> = auditWords;
const particular = (value: unknown): string =>
  typeof value === 'string' ? value : Array.isArray(value) ? value.map(particular).join(', ') : JSON.stringify(value);
const lineOf = (row: AuditRow): AuditLine => ({
  ...{ seq: Number(row.seq), at: row.at.toISOString(), person: row.person_name, address: row.address ?? '' },
  what: wordsOf[row.what] ?? row.what,
  about: Object.entries(row.about)
    .map(([name, value]) => `${name}: ${particular(value)}`)
    .join('; '),
});

/** Lines whose person, deed or particulars hold the words; newest first, at most 500. */
export async function auditLines(words: string): Promise<AuditLine[]> {
  const query = database()<AuditRow>('audit').orderBy('seq', 'desc').limit(MOST);
  for (const word of words.slice(0, 200).split(/\s+/).filter(Boolean).slice(0, 8))
    void query.whereRaw(`person_name || ' ' || what || ' ' || about::text ilike ?`, [`%${word.replace(/[\\%_]/g, '\\$&')}%`]);
  return (await query).map(lineOf);
}

/** The whole log as CSV, oldest first; cells that a spreadsheet would run are made harmless. */
export async function auditCsv(): Promise<string> {
  const rows = await database()<AuditRow>('audit').orderBy('seq');
  return Papa.unparse(rows.map(lineOf), { header: true, escapeFormulae: true });
}
