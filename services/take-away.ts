/**
 * Everything that an installation knows of its plant, as one file to take away: each table as JSON and as CSV, pictures as they were taken. What
 * opens doors (passwords, sessions, tokens, keys) is not in it.
 */
import { strToU8, zipSync, type Zippable } from 'fflate';
import type { Knex } from 'knex';
import Papa from 'papaparse';
import { database } from '../data/connection';

/** Tables that are taken away, each with what orders it; a test holds them against the tables that there are. */
export const taken: Readonly<Record<string, readonly string[]>> = {
  sites: ['sort'],
  panels: ['site_id', 'sort'],
  circuits: ['panel_id', 'name'],
  positions: ['panel_id', 'rail', 'slot'],
  events: ['id'],
  swaps: ['opened_at', 'id'],
  records: ['signed_at', 'id'],
  settlements: ['at', 'record_id', 'line_id'],
  chain: ['site', 'seq'],
  parts: ['family', 'id'],
  part_curves: ['part_id'],
  stock: ['site_id', 'part_id', 'place'],
  imports: ['brought_at'],
  import_rows: ['import_id', 'part_id'],
  checks: ['name'],
  device_signs: ['maker', 'kind', 'sign'],
  position_codes: ['maker'],
  audit: ['seq'],
};
/** Tables of which only something is taken, or nothing. */
export const leftBehind: readonly string[] = [
  ...['people', 'pictures'],
  ...['sessions', 'credentials', 'verifications', 'tokens', 'known_devices', 'attempts', 'passkeys', 'passkey_questions'],
  ...['catalogue_version', 'care_runs'],
];

const SAYS = `What this is: everything that Loyal Coil knew of its plant when this file was made.
Each table stands twice: as JSON, which holds all of it, and as CSV for a spreadsheet, where lists and objects are JSON in their cell.
pictures/ holds the pictures of plates by their id; pictures.json says of which job and section they are.
people.json names who is named in the records. No password, PIN, session, token or key is in it.
How a record and its chain are checked without Loyal Coil stands in its documents under docs/formats/chain.md.
`;

/** A cell for a spreadsheet: what is no plain value as JSON; what a spreadsheet would run is made harmless by the writer. */
const cellOf = (value: unknown): string | number | boolean => {
  if (value === null || value === undefined) return '';
  if (value instanceof Date) return value.toISOString();
  return typeof value === 'number' || typeof value === 'boolean' || typeof value === 'string' ? value : JSON.stringify(value);
};
export function csvOf(rows: readonly Record<string, unknown>[]): string {
  const heads = Object.keys(rows[0] ?? {});
  return Papa.unparse([heads, ...rows.map((row) => heads.map((head) => cellOf(row[head])))], { newline: '\n', escapeFormulae: true });
}

async function tables(knex: Knex): Promise<Zippable> {
  const files: Zippable = {};
  for (const [table, order] of Object.entries(taken)) {
    const rows: Record<string, unknown>[] = await knex(table).orderBy([...order]);
    files[`${table}.json`] = strToU8(JSON.stringify(rows));
    files[`${table}.csv`] = strToU8(csvOf(rows));
  }
  const people = await knex('people').orderBy('id').select('id', 'name', 'role');
  files['people.json'] = strToU8(JSON.stringify(people, null, 1));
  return files;
}

async function pictures(knex: Knex): Promise<Zippable> {
  const files: Zippable = {};
  const rows = await knex('pictures').orderBy(['swap_id', 'section', 'id']);
  for (const { id, bytes, original } of rows) {
    files[`pictures/${id}.jpg`] = [new Uint8Array(bytes), { level: 0 }];
    if (original) files[`pictures/${id}.original`] = [new Uint8Array(original), { level: 0 }];
  }
  const about = rows.map((row: object) =>
    Object.fromEntries(Object.entries(row).filter(([name]) => name !== 'bytes' && name !== 'original')),
  );
  files['pictures.json'] = strToU8(JSON.stringify(about, null, 1));
  return files;
}

/** The whole of it as a ZIP, read at one moment. */
export async function takeAway(): Promise<Uint8Array> {
  const files = await database().transaction(async (trx) => ({ ...(await tables(trx)), ...(await pictures(trx)) }), {
    isolationLevel: 'repeatable read',
    readOnly: true,
  });
  return zipSync({ 'README.txt': strToU8(SAYS), ...files }, { level: 3 });
}
