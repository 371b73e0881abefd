/**
 * Takes the demo out of a database, whole: its sites with everything that stands and was signed in them, its catalogue and its crew. What is
 * signed is out of the application's hands, so this is for the role that owns the tables.
 */
import type { Knex } from 'knex';
import { DEMO_PERSON } from '../../core/crew/demo';
import { signedTables } from '../protect';
import { inTransaction } from '../transaction';
import { demoPositionCodes } from './air-breakers';

export type DemoHeld = {
  sites: string[];
  positions: number;
  records: number;
  parts: number;
  /** Parts of the demo that stand, lie or are chosen at a site of one's own: they stay. */
  kept: string[];
  people: string[];
};

const demoSites = (trx: Knex) => trx('sites').where({ demo: true }).select('id');
const demoPanels = (trx: Knex) => trx('panels').whereIn('site_id', demoSites(trx)).select('id');
const demoPositions = (trx: Knex) => trx('positions').whereIn('panel_id', demoPanels(trx)).select('id');
const demoSwaps = (trx: Knex) => trx('swaps').whereIn('position_id', demoPositions(trx)).select('id');
const demoRecords = (trx: Knex) => trx('records').whereIn('position_id', demoPositions(trx)).select('id');
const demoParts = (trx: Knex) => trx('parts').where({ demo: true });
const demoPeople = (trx: Knex) => trx('people').where('id', 'like', `${DEMO_PERSON}%`);

/** Parts of the demo that something of one's own rests on. */
async function partsInUse(trx: Knex, parts: readonly string[]): Promise<string[]> {
  const stand: (string | null)[] = [
    ...(await trx('positions').whereNotIn('panel_id', demoPanels(trx)).whereNotNull('part_id').pluck('part_id')),
    ...(await trx('ledger').whereNotIn('site_id', demoSites(trx)).pluck('part_id')),
    ...(await trx('stock').whereNotIn('site_id', demoSites(trx)).pluck('part_id')),
    ...(await trx('order_lines').join('orders', 'orders.id', 'order_id').whereNotIn('site_id', demoSites(trx)).pluck('part_id')),
  ];
  const used = new Set(stand);
  // Open jobs and kept checks name their parts in what they hold.
  const open: { state: unknown }[] = [
    ...(await trx('swaps').where({ status: 'open' }).whereNotIn('position_id', demoPositions(trx)).select('state')),
    ...(await trx('checks').select('state')),
  ];
  const words = JSON.stringify(open);
  return parts.filter((id) => used.has(id) || words.includes(JSON.stringify(id)));
}

/** What would go, and what would stay. */
export async function demoHeld(trx: Knex): Promise<DemoHeld> {
  const count = async (rows: Knex.QueryBuilder): Promise<number> => Number((await trx.from(rows.as('row')).count('* as n'))[0]?.n);
  const parts: string[] = await demoParts(trx).pluck('id');
  const kept = await partsInUse(trx, parts);
  return {
    sites: await trx('sites').where({ demo: true }).orderBy('sort').pluck('name'),
    positions: await count(demoPositions(trx)),
    records: await count(demoRecords(trx)),
    parts: parts.length - kept.length,
    kept,
    people: await demoPeople(trx).orderBy('id').pluck('name'),
  };
}

/** The rows, those that others refer to last. */
function rowsToGo(trx: Knex, kept: readonly string[]): Knex.QueryBuilder[] {
  const makers = [...new Set(demoPositionCodes.map(({ maker }) => maker))];
  return [
    trx('settlements').whereIn('record_id', demoRecords(trx)),
    trx('pictures').whereIn('swap_id', demoSwaps(trx)),
    trx('events').whereIn('position_id', demoPositions(trx)),
    trx('records').whereIn('position_id', demoPositions(trx)),
    trx('swaps').whereIn('position_id', demoPositions(trx)),
    trx('chain').whereIn('site', demoSites(trx)),
    trx('ledger').whereIn('site_id', demoSites(trx)),
    trx('stock').whereIn('site_id', demoSites(trx)),
    trx('stock_limits').whereIn('site_id', demoSites(trx)),
    trx('orders').whereIn('site_id', demoSites(trx)),
    trx('positions').whereIn('panel_id', demoPanels(trx)),
    trx('circuits').whereIn('panel_id', demoPanels(trx)),
    trx('panels').whereIn('site_id', demoSites(trx)),
    trx('sites').where({ demo: true }),
    demoParts(trx).whereNotIn('id', kept),
    // Letters of the demo's makers that somebody changed are theirs.
    trx('position_codes').whereIn('maker', makers).where({ version: 1 }),
    trx('tokens').whereIn('person_id', demoPeople(trx).select('id')),
    demoPeople(trx),
  ];
}

/** Takes it out, in one transaction. Returns what went, and where the chains of its sites began. */
export const removeDemo = (owner: Knex): Promise<DemoHeld & { chains: { site: string; hash: string }[] }> =>
  inTransaction(owner, async (trx) => {
    const held = await demoHeld(trx);
    const chains = await trx('chain').where({ seq: 1 }).whereIn('site', demoSites(trx)).select('site', 'hash');
    for (const table of signedTables) await trx.raw('alter table ?? disable trigger user', [table]);
    // A file that was brought for a site of the demo brought parts of one's own: it stays, and belongs to none.
    await trx('imports').whereIn('site_id', demoSites(trx)).update({ site_id: null });
    for (const rows of rowsToGo(trx, held.kept)) await rows.delete();
    for (const table of signedTables) await trx.raw('alter table ?? enable trigger user', [table]);
    return { ...held, chains };
  });
