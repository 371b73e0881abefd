/**
 * Everything that an installation knows of its plant, as one file to take away: each table as JSON and as CSV, pictures as they were taken. What
 * opens doors (passwords, sessions, tokens, keys) is not in it.
 */
import { PassThrough, Readable } from 'node:stream';
import type { Knex } from 'knex';
import { ZipFile } from 'yazl';
import { certain } from '../core/certain';
import { documentEnding } from '../core/documents/document';
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
  part_trade: ['part_id'],
  stock: ['site_id', 'part_id', 'place'],
  stock_limits: ['site_id', 'part_id'],
  ledger: ['id'],
  orders: ['site_id', 'ordered_at', 'number'],
  order_lines: ['order_id', 'line'],
  imports: ['brought_at'],
  import_rows: ['import_id', 'part_id'],
  checks: ['name'],
  device_signs: ['maker', 'kind', 'sign'],
  position_codes: ['maker'],
  audit: ['seq'],
};
/** Tables of which only something is taken, or nothing. */
export const leftBehind: readonly string[] = [
  ...['people', 'pictures', 'documents'],
  ...['sessions', 'credentials', 'verifications', 'tokens', 'known_devices', 'attempts', 'passkeys', 'passkey_questions'],
  ...['catalogue_version', 'care_runs', 'known_words', 'parts_gone'],
];

const SAYS = `What this is: everything that Loyal Coil knew of its plant when this file was made.
Each table stands twice: as JSON, which holds all of it, and as CSV for a spreadsheet, where lists and objects are JSON in their cell.
pictures/ holds the pictures of plates by their id; pictures.json says of which job and section they are.
documents/ holds what is kept at sites, panels, positions and parts by its id; documents.json says where, and how each file is called.
people.json names who is named in the records. No password, PIN, session, token or key is in it.
How a record and its chain are checked without Loyal Coil stands in its documents under docs/formats/chain.md.
`;

/** Of text a quick and small rest; pictures are packed already. */
const PACKED = { compressionLevel: 1 };
const AS_IT_IS = { compress: false };
/** Rows that are read at once. */
const AT_ONCE = 500;

type Column = { column_name: string; data_type: string };
const quoted = (name: string): string => `"${name.replaceAll('"', '""')}"`;

/** A cell for a spreadsheet: lists and objects as JSON; what a spreadsheet would run is made harmless. All but figures stands in quotes. */
function cellSql({ column_name, data_type }: Column): string {
  const name = quoted(column_name);
  const inQuotes = (text: string) => `replace(${text}, '"', '""') || '"'`;
  if (/json|array/i.test(data_type)) return `'"' || ${inQuotes(`to_json(${name})::text`)}`;
  if (/^(text|character)/.test(data_type)) return `case when ${name} ~ e'^[=+@\\t\\r-]' then '"''' else '"' end || ${inQuotes(name)}`;
  return `to_json(${name}) #>> '{}'`;
}

/** Each row of a table as the database writes it by `line`, some hundreds at once: between two readings nothing is asked of it. */
async function* linesOf(trx: Knex.Transaction, table: string, line: string): AsyncGenerator<string[]> {
  const cursor = quoted(`take-${table}`);
  const order = certain(taken[table]).map(quoted).join(', ');
  await trx.raw(`declare ${cursor} no scroll cursor for select ${line} as line from (select * from ${quoted(table)} order by ${order}) t`);
  for (;;) {
    const { rows }: { rows: { line: string }[] } = await trx.raw(`fetch ${AT_ONCE} from ${cursor}`);
    if (rows.length === 0) break;
    yield rows.map((row) => row.line);
  }
  await trx.raw(`close ${cursor}`);
}

async function* jsonOf(trx: Knex.Transaction, table: string): AsyncGenerator<string> {
  let before = '[';
  for await (const lines of linesOf(trx, table, 'row_to_json(t)::text')) {
    yield before + lines.join(',\n');
    before = ',\n';
  }
  yield before === '[' ? '[]' : ']';
}

async function* csvOf(trx: Knex.Transaction, table: string, columns: readonly Column[]): AsyncGenerator<string> {
  yield `${columns.map(({ column_name }) => column_name).join(',')}\n`;
  for await (const lines of linesOf(trx, table, columns.map((column) => `coalesce(${cellSql(column)}, '')`).join(` || ',' || `)))
    yield lines.map((line) => `${line}\n`).join('');
}

/** Adds a file that is only read when its turn comes. */
const addLater = (zip: ZipFile, name: string, options: object, pieces: () => AsyncGenerator<string | Buffer>): void =>
  zip.addReadStreamLazy(name, options, (hand) =>
    hand(
      null,
      Readable.from(pieces(), { objectMode: false }).once('error', (error) => zip.emit('error', error)),
    ),
  );

async function addTables(zip: ZipFile, trx: Knex.Transaction): Promise<void> {
  for (const table of Object.keys(taken)) {
    const columns: Column[] = await trx('information_schema.columns')
      .where({ table_schema: 'public', table_name: table })
      .orderBy('ordinal_position')
      .select('column_name', 'data_type');
    addLater(zip, `${table}.json`, PACKED, () => jsonOf(trx, table));
    addLater(zip, `${table}.csv`, PACKED, () => csvOf(trx, table, columns));
  }
  const people = await trx('people').orderBy('id').select('id', 'name', 'role');
  zip.addBuffer(Buffer.from(JSON.stringify(people, null, 1)), 'people.json');
}

/** A file that stands in the database, read when its turn comes. */
async function* bytesOf(trx: Knex.Transaction, table: string, id: string, column: 'bytes' | 'original'): AsyncGenerator<Buffer> {
  const [bytes]: Buffer[] = await trx(table).where({ id }).pluck(column);
  yield certain(bytes);
}

async function addPictures(zip: ZipFile, trx: Knex.Transaction): Promise<void> {
  const plain = Object.keys(await trx('pictures').columnInfo()).filter((name) => name !== 'bytes' && name !== 'original');
  const about = await trx('pictures')
    .orderBy(['swap_id', 'section', 'id'])
    .select(...plain, trx.raw('original is not null as "hasOriginal"'));
  for (const { id, hasOriginal } of about) {
    addLater(zip, `pictures/${id}.jpg`, AS_IT_IS, () => bytesOf(trx, 'pictures', id, 'bytes'));
    if (hasOriginal) addLater(zip, `pictures/${id}.original`, AS_IT_IS, () => bytesOf(trx, 'pictures', id, 'original'));
  }
  zip.addBuffer(Buffer.from(JSON.stringify(about, null, 1)), 'pictures.json');
}

async function addDocuments(zip: ZipFile, trx: Knex.Transaction): Promise<void> {
  const plain = Object.keys(await trx('documents').columnInfo()).filter((name) => name !== 'bytes');
  const about = await trx('documents')
    .orderBy(['added_at', 'id'])
    .select(...plain);
  for (const { id, kind } of about)
    addLater(zip, `documents/${id}.${documentEnding(kind)}`, AS_IT_IS, () => bytesOf(trx, 'documents', id, 'bytes'));
  zip.addBuffer(Buffer.from(JSON.stringify(about, null, 1)), 'documents.json');
}

/** Files of the ZIP, each read when its turn comes. */
async function filesOf(trx: Knex.Transaction): Promise<PassThrough> {
  const zip = new ZipFile();
  const sent = new PassThrough();
  zip.on('error', (error: Error) => sent.destroy(error));
  zip.addBuffer(Buffer.from(SAYS), 'README.txt');
  await addTables(zip, trx);
  await addPictures(zip, trx);
  await addDocuments(zip, trx);
  zip.end();
  return zip.outputStream.pipe(sent);
}

/**
 * The whole of it as a ZIP, read at one moment and sent as it is read: the database writes the tables, so neither our memory nor a thread of
 * ours holds them. A reader who goes ends it.
 */
export async function* takeAway(): AsyncGenerator<Uint8Array> {
  const trx = await database().transaction(undefined, { isolationLevel: 'repeatable read', readOnly: true });
  try {
    yield* await filesOf(trx);
  } finally {
    await trx.rollback().catch(() => undefined);
  }
}
