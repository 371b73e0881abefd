/** Reads the parts of a family into columns, page by page, and afterwards only what other transactions have changed. */
import type { Knex } from 'knex';
import { noParts, withParts, type PartColumns, type PartEntry } from '../core/catalogue/part-columns';
import { addSpec } from '../core/catalogue/spec-table';
import { certain } from '../core/certain';

/** The columns, and up to where the database was read. */
export type HeldColumns = {
  columns: PartColumns;
  /** Numbers of the specs that are known, by their key. */
  specs: Map<string, number>;
  /** What was there to be seen: a snapshot of the database in its own words. */
  seen: string;
  /** Another one: another database stands here, put back from a backup. */
  generation: number;
};
type Row = {
  id: string;
  spec_key: string;
  footprint: string;
  demo: boolean;
  price: string | null;
  currency: string | null;
  lead_days: number | null;
};
type Now = { seen: string; generation: number };

const PAGE = 20_000;
const SPECS_AT_ONCE = 2000;
/** So many are kept as objects at the most. */
const ENTERED_AT_ONCE = 100_000;
const columnsRead = 'p.id, p.spec_key, p.footprint, p.demo, t.price, t.currency, t.lead_days';

/** The specs of these rows that are not known yet join the table. */
async function learnSpecs(knex: Knex, { columns, specs }: HeldColumns, rows: readonly Row[]): Promise<void> {
  const firsts = new Map(rows.filter(({ spec_key }) => !specs.has(spec_key)).map(({ spec_key, id }) => [spec_key, id]));
  const ids = [...firsts.values()];
  for (let at = 0; at < ids.length; at += SPECS_AT_ONCE) {
    // As text: what is written the same need not be read again.
    const found: { spec_key: string; spec: string }[] = await knex('parts')
      .whereIn('id', ids.slice(at, at + SPECS_AT_ONCE))
      .select('spec_key', knex.raw('spec::text as spec'));
    for (const { spec_key, spec } of found) if (!specs.has(spec_key)) specs.set(spec_key, addSpec(columns.specs, spec));
  }
}

/** The rows with the numbers of their specs. A part that was changed between two questions is left for the next look, which finds it changed. */
async function entriesOf(knex: Knex, held: HeldColumns, rows: readonly Row[]): Promise<PartEntry[]> {
  await learnSpecs(knex, held, rows);
  return rows.flatMap(({ id, spec_key, footprint, demo, price, currency, lead_days }): PartEntry[] => {
    const spec = held.specs.get(spec_key);
    return spec === undefined
      ? []
      : [{ ...{ id, spec, footprint, demo, currency }, price: price === null ? null : Number(price), leadDays: lead_days }];
  });
}

async function now(knex: Knex): Promise<Now> {
  const { rows }: { rows: Now[] } = await knex.raw(
    'select pg_current_snapshot()::text as seen, version as generation from catalogue_version',
  );
  return certain(rows[0]);
}

/** Reads a family from the beginning. What is changed meanwhile is not in the snapshot that was taken first, and is read again by the next look. */
async function readAll(knex: Knex, family: string): Promise<HeldColumns> {
  const held: HeldColumns = { columns: noParts(), specs: new Map(), ...(await now(knex)) };
  let entries: PartEntry[] = [];
  for (let after: string | undefined = ''; after !== undefined;) {
    const { rows }: { rows: Row[] } = await knex.raw(
      `select ${columnsRead} from parts p left join part_trade t on t.part_id = p.id
        where p.family = ? and p.id collate "C" > ? order by p.id collate "C" limit ?`,
      [family, after, PAGE],
    );
    for (const entry of await entriesOf(knex, held, rows)) entries.push(entry);
    after = rows.length < PAGE ? undefined : rows.at(-1)?.id;
    if (after !== undefined && entries.length < ENTERED_AT_ONCE) continue;
    held.columns = withParts(held.columns, entries, new Set());
    entries = [];
  }
  return held;
}

type Changed = Now & Row & { gone: string | null };

/** Brings the columns of a family up to what is there now; in one question where nothing has changed. */
export async function columnsNow(knex: Knex, family: string, held: HeldColumns | undefined): Promise<HeldColumns> {
  if (!held) return columnsNow(knex, family, await readAll(knex, family));
  const since = 'changed >= pg_snapshot_xmin(:seen::pg_snapshot) and not pg_visible_in_snapshot(changed, :seen::pg_snapshot)';
  const { rows }: { rows: Changed[] } = await knex.raw(
    `select pg_current_snapshot()::text as seen, v.version as generation, c.* from catalogue_version v left join (
       select ${columnsRead}, null as gone from (select * from parts where family = :family and ${since}) p left join part_trade t on t.part_id = p.id
       union all
       select null, null, null, null, null, null, null, g.id from parts_gone g
        where g.family = :family and ${since} and not exists (select from parts p where p.id = g.id and p.family = g.family)
     ) c on true`,
    { family, seen: held.seen },
  );
  const [{ seen, generation }, changed] = [certain(rows[0]), rows.filter(({ id }) => id !== null)];
  if (generation !== held.generation) return readAll(knex, family);
  const gone = rows.flatMap((row) => row.gone ?? []);
  if (changed.length + gone.length === 0) return { ...held, seen };
  return { ...held, columns: withParts(held.columns, await entriesOf(knex, held, changed), new Set(gone)), seen };
}

/** Of a database that was put back from another cluster: its numbers of transactions are not those of this one, and whoever holds columns reads them anew. */
export async function settleChanges(knex: Knex): Promise<void> {
  const foreign = await knex('parts').whereRaw('changed > pg_current_xact_id()').first('id');
  const gone = await knex('parts_gone').whereRaw('changed > pg_current_xact_id()').first('id');
  if (!foreign && !gone) return;
  await knex.raw(`update parts set changed = '0' where changed > pg_current_xact_id()`);
  await knex('parts_gone').whereRaw('changed > pg_current_xact_id()').delete();
  await knex('catalogue_version').increment('version', 1);
}
