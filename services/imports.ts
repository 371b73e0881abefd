/**
 * Parts brought by a file: looked at first, then all or nothing, and taken back as a whole until something rests on it. What somebody entered by
 * hand stands over every file.
 */
import type { Knex } from 'knex';
import { randomUUID } from 'node:crypto';
import { certain } from '../core/certain';
import type { PartSpec } from '../core/case/case';
import { familyOf } from '../core/families/registry';
import { bringFileSchema, lookAtFileSchema } from '../core/parts-file/import-fields';
import { ownPartId } from '../core/parts-file/part-key';
import { readParts, refusedCsv, type FileRow, type ReadFile } from '../core/parts-file/read-parts';
import { canonicalJson } from '../core/record/record';
import { database } from '../data/connection';
import { enterInLedger, type Entered } from '../data/ledger';
import { allSites } from '../data/positions';
import { inTransaction } from '../data/transaction';
import { audit } from './audit';
import { appendRows, inChain } from './chain/append';
import type { Caller } from './crew/caller';
import { isUuid } from './is-uuid';
import { notFound, ServiceError } from './service-error';
import { validate } from './validate';

type Known = {
  id: string;
  family: string;
  maker: string;
  name: string;
  order_number: string | null;
  raw: PartSpec;
  entered_by: string | null;
  import_id: string | null;
};
const KNOWN = ['id', 'family', 'maker', 'name', 'order_number', 'raw', 'entered_by', 'import_id'] as const;
type Fate = 'made' | 'changed' | 'unchanged' | 'by-hand' | 'other-kind';
type Placed = { row: FileRow; id: string; fate: Fate; before: Known | null; stock: { before: number; after: number } | null };

/** Refused rows that are listed; all of them stand in the file to take away. */
const MOST_LISTED = 100;
const SHOWN = 20;

const idOf = ({ maker, number }: FileRow): string => ownPartId(maker, number);
const sayName = ({ maker, name }: FileRow) => (name.toLowerCase().startsWith(maker.toLowerCase()) ? name : `${maker} ${name}`);

function fateOf(row: FileRow, known: Known | undefined, family: string): Fate {
  if (!known) return 'made';
  if (known.family !== family) return 'other-kind';
  if (known.entered_by !== null && known.import_id === null) return 'by-hand';
  return canonicalJson(known.raw) === canonicalJson(row.spec) && known.name === sayName(row) ? 'unchanged' : 'changed';
}

/** What each row of the file would do. */
async function place(knex: Knex, file: ReadFile, family: string, siteId: string | undefined): Promise<Placed[]> {
  const known = new Map<string, Known>();
  const lying = new Map<string, number>();
  const ids = file.rows.map(idOf);
  for (let from = 0; from < ids.length; from += 1000) {
    const some = ids.slice(from, from + 1000);
    for (const part of await knex<Known>('parts')
      .whereIn('id', some)
      .select(...KNOWN))
      known.set(part.id, part);
    if (siteId)
      for (const { part_id, place: at, quantity } of await knex('stock').whereIn('part_id', some).where({ site_id: siteId }))
        lying.set(`${part_id} ${at}`, Number(quantity));
  }
  return file.rows.map((row) => {
    const id = idOf(row);
    const before = known.get(id);
    const held = row.stock && siteId ? (lying.get(`${id} ${row.stock.place}`) ?? 0) : 0;
    const stock = row.stock && siteId && held !== row.stock.quantity ? { before: held, after: row.stock.quantity } : null;
    const fate = fateOf(row, before, family);
    return { row, id, fate: fate === 'unchanged' && stock ? 'changed' : fate, before: before ?? null, stock };
  });
}

const counted = (placed: readonly Placed[], fate: Fate) => placed.filter((one) => one.fate === fate).length;
const otherKind = (placed: readonly Placed[]) =>
  placed.flatMap(({ fate, row, before }) =>
    fate === 'other-kind'
      ? [{ line: row.line, reasons: [`${sayName(row)} stands in the catalogue as a ${certain(before).family}.`], cells: [] }]
      : [],
  );

/** A file looked at: what its columns are, and what each row would do. Nothing is kept. */
export async function lookAtFile(body: unknown) {
  const { family, file: text, mapping, decimals, siteId } = await validate(lookAtFileSchema, body);
  const file = readParts(text, certain(familyOf(family)), mapping ?? {}, decimals);
  const placed = await place(database(), file, family, siteId);
  const refused = [...file.refused, ...otherKind(placed)].sort((a, b) => a.line - b.line);
  return {
    faults: file.faults,
    columns: file.columns,
    decimals: file.decimals ?? null,
    counts: {
      made: counted(placed, 'made'),
      changed: counted(placed, 'changed'),
      unchanged: counted(placed, 'unchanged'),
      byHand: counted(placed, 'by-hand'),
      refused: refused.length,
      withStock: placed.filter(({ stock }) => stock !== null).length,
    },
    shown: placed
      .filter(({ fate }) => fate === 'made' || fate === 'changed')
      .slice(0, SHOWN)
      .map(({ row, fate }) => ({ line: row.line, name: sayName(row), fate, marks: Object.keys(row.spec).length })),
    refused: refused.slice(0, MOST_LISTED).map(({ line, reasons }) => ({ line, reasons })),
    refusedFile: refused.length > 0 ? refusedCsv(file.heads, refused) : null,
  };
}
export type LookedAt = Awaited<ReturnType<typeof lookAtFile>>;

async function write(
  trx: Knex,
  importId: string,
  family: string,
  placed: readonly Placed[],
  siteId: string | undefined,
  by: string,
): Promise<Entered[]> {
  const own = certain(familyOf(family));
  const entered: Entered[] = [];
  const rows = placed.filter(({ fate }) => fate === 'made' || fate === 'changed');
  const at = new Date();
  for (let from = 0; from < rows.length; from += 400) {
    const some = rows.slice(from, from + 400);
    await trx('parts')
      .insert(
        some.map(({ row, id }) => ({
          ...{ id, family, maker: row.maker, name: sayName(row), order_number: row.number, footprint: '', coil_exchangeable: false },
          ...{ raw: JSON.stringify(row.spec), spec: JSON.stringify(own.canonical(row.spec)) },
          ...{ entered_by: by, entered_at: at, import_id: importId },
        })),
      )
      .onConflict('id')
      .merge(['maker', 'name', 'order_number', 'raw', 'spec', 'entered_by', 'entered_at', 'import_id']);
    await trx('import_rows').insert(
      some.map(({ row, id, before, stock }) => ({
        ...{ import_id: importId, part_id: id, before: before && JSON.stringify(before) },
        ...(stock && row.stock ? { place: row.stock.place, stock_before: stock.before, stock_after: stock.after } : {}),
      })),
    );
    const lying = await enterInLedger(
      trx,
      some.flatMap(({ row, id, stock }) =>
        stock && row.stock && siteId
          ? [
              {
                siteId,
                partId: id,
                place: row.stock.place,
                kind: 'file' as const,
                change: stock.after - stock.before,
                ref: importId,
                by,
                at,
              },
            ]
          : [],
      ),
    );
    entered.push(...lying);
  }
  return entered;
}

/** Brings a file: all of its rows that are not refused, or nothing. Throws 404 and 422. */
export async function bringFile(body: unknown, { person, actor }: Pick<Caller, 'person' | 'actor'>) {
  const { family, file: text, mapping, decimals, siteId, name, leaveRefused } = await validate(bringFileSchema, body);
  const file = readParts(text, certain(familyOf(family)), mapping ?? {}, decimals);
  if (file.faults[0]) throw new ServiceError(422, [{ field: 'file', reason: file.faults[0] }]);
  if (siteId && !(await allSites(database())).some(({ id }) => id === siteId)) throw notFound('This site');
  if (!siteId && file.rows.some(({ stock }) => stock))
    throw new ServiceError(422, [
      { field: 'siteId', reason: 'The file says how many lie where: name the site, or leave these columns out.' },
    ]);
  return inTransaction(database(), async (trx) => {
    // One file after the other: what stands is what this one was held against.
    await trx.raw('select pg_advisory_xact_lock(20262)');
    const placed = await place(trx, file, family, siteId);
    const refused = file.refused.length + otherKind(placed).length;
    if (refused > 0 && !leaveRefused)
      throw new ServiceError(422, [
        { field: 'leaveRefused', reason: `${refused} rows are refused. Mend them, or say that they stay out.` },
      ]);
    const counts = { made: counted(placed, 'made'), changed: counted(placed, 'changed'), unchanged: counted(placed, 'unchanged'), refused };
    if (counts.made + counts.changed === 0) return { id: null, ...counts };
    const id = randomUUID();
    await trx('imports').insert({
      ...{ id, name, family, site_id: siteId ?? null, ...counts, brought_by: person.name, brought_at: new Date() },
    });
    const entered = await write(trx, id, family, placed, siteId, person.name);
    await audit(trx, actor, 'parts-brought', { file: name, family, ...counts });
    if (entered.length > 0) await appendRows(trx, inChain(entered));
    return { id, ...counts };
  });
}

type ImportRow = {
  id: string;
  name: string;
  family: string;
  site_id: string | null;
  made: number;
  changed: number;
  unchanged: number;
  refused: number;
  brought_by: string;
  brought_at: Date;
  undone_at: Date | null;
};

/** Files that were brought, newest first. */
export async function broughtFiles() {
  const rows = await database()<ImportRow>('imports').orderBy('brought_at', 'desc').limit(100);
  return {
    imports: rows.map(({ id, name, family, made, changed, unchanged, refused, brought_by, brought_at, undone_at }) => ({
      ...{ id, name, family, made, changed, unchanged, refused },
      ...{ broughtBy: brought_by, broughtAt: brought_at.toISOString(), undoneAt: undone_at?.toISOString() ?? null },
    })),
  };
}
export type BroughtFile = Awaited<ReturnType<typeof broughtFiles>>['imports'][number];

type Touched = {
  part_id: string;
  before: Known | null;
  place: string | null;
  stock_before: number | null;
  stock_after: number | null;
};

/** Why an import cannot be taken back any more: a part of it is in use, or something came after it. */
async function restsOn(trx: Knex, row: ImportRow, touched: readonly Touched[]): Promise<string | undefined> {
  const made = touched.flatMap(({ part_id, before }) => (before === null ? [part_id] : []));
  const nameOf = async (id: string) => (await trx('parts').where({ id }).first())?.name ?? id;
  const later = await trx('parts')
    .whereIn(
      'id',
      touched.map(({ part_id }) => part_id),
    )
    .whereNot({ import_id: row.id })
    .first();
  if (later) return `${later.name} was changed by a later file or by hand.`;
  const fitted = await trx('positions').whereIn('part_id', made).first();
  if (fitted) return `${await nameOf(fitted.part_id)} is fitted at ${fitted.tag}.`;
  const chosen = await trx('swaps').whereRaw(`state #>> '{choice,part,partId}' = any(?)`, [made]).first();
  if (chosen) return 'A part of it is chosen in a job.';
  const ordered = await trx('order_lines')
    .join('orders', 'orders.id', 'order_id')
    .whereIn('part_id', made)
    .where('closed', false)
    .first('name', 'number');
  if (ordered) return `${ordered.name} is on order, ${ordered.number}.`;
  const curve = await trx('part_curves').whereIn('part_id', made).first();
  if (curve) return `${await nameOf(curve.part_id)} has a curve.`;
  const document = await trx('documents').whereIn('part_id', made).first('part_id', 'name');
  if (document) return `${await nameOf(document.part_id)} has a document, ${document.name}.`;
  const lying = await trx('stock').whereIn(
    'part_id',
    touched.map(({ part_id }) => part_id),
  );
  const after = new Map(touched.flatMap((one) => (one.place === null ? [] : [[`${one.part_id} ${one.place}`, one.stock_after]])));
  const moved = lying.find(({ part_id, place: at, quantity }) => {
    const brought = after.get(`${part_id} ${at}`);
    // Of a part that it made, whatever lies elsewhere came later.
    return brought === undefined ? made.includes(part_id) && Number(quantity) > 0 : brought !== Number(quantity);
  });
  return moved ? `Pieces of ${await nameOf(moved.part_id)} were taken or received since.` : undefined;
}

async function takeBack(trx: Knex, row: ImportRow, touched: readonly Touched[], by: string): Promise<Entered[]> {
  const own = certain(familyOf(row.family));
  const about = { kind: 'file' as const, ref: row.id, why: 'the file was taken back', by, at: new Date() };
  const entered = await enterInLedger(
    trx,
    touched.flatMap(({ part_id, place: at, stock_before, stock_after }) =>
      at === null || row.site_id === null
        ? []
        : [{ ...about, siteId: row.site_id, partId: part_id, place: at, change: (stock_before ?? 0) - (stock_after ?? 0) }],
    ),
  );
  const made = touched.flatMap(({ part_id, before }) => (before === null ? [part_id] : []));
  for (let from = 0; from < made.length; from += 1000) {
    const some = made.slice(from, from + 1000);
    await trx('stock').whereIn('part_id', some).where({ quantity: 0 }).delete();
    await trx('parts').whereIn('id', some).delete();
  }
  for (const { part_id, before } of touched) {
    if (before === null) continue;
    const { maker, name, order_number, raw, entered_by, import_id } = before;
    const spec = JSON.stringify(own.canonical(raw));
    await trx('parts')
      .where({ id: part_id })
      .update({ maker, name, order_number, entered_by, import_id, spec, raw: JSON.stringify(raw) });
  }
  return entered;
}

/** Takes a file back as a whole. A second click changes nothing. Throws 404, and 409 where something rests on it. */
export async function undoFile(id: string, { person, actor }: Pick<Caller, 'person' | 'actor'>): Promise<{ undone: boolean }> {
  if (!isUuid(id)) throw notFound('This import');
  return inTransaction(database(), async (trx) => {
    await trx.raw('select pg_advisory_xact_lock(20262)');
    const row = await trx<ImportRow>('imports').where({ id }).forUpdate().first();
    if (!row) throw notFound('This import');
    if (row.undone_at) return { undone: false };
    const touched: Touched[] = await trx('import_rows').where({ import_id: id });
    const rests = await restsOn(trx, row, touched);
    if (rests) throw new ServiceError(409, [{ field: 'id', reason: `It cannot be taken back any more. ${rests}` }]);
    const entered = await takeBack(trx, row, touched, person.name);
    await trx('imports').where({ id }).update({ undone_at: new Date() });
    await audit(trx, actor, 'parts-brought', { file: row.name, takenBack: true });
    if (entered.length > 0) await appendRows(trx, inChain(entered));
    return { undone: true };
  });
}
