/** Swaps under work and signed records. A swap carries a version; a save names the version it was made on. */
import { certain } from '../core/certain';
import type { Knex } from 'knex';
import type { RecordBody } from '../core/record/record';
import type { SwapState } from '../core/swap/swap';

export type SwapRow = {
  id: string;
  position_id: string;
  status: 'open' | 'signed' | 'ended';
  version: number;
  state: SwapState;
  opened_at: Date;
};
export type RecordRow = {
  id: string;
  swap_id: string;
  position_id: string;
  signed_at: Date;
  signed_by: string;
  body: RecordBody;
  hash: string;
};

export const swapById = (knex: Knex, id: string): Promise<SwapRow | undefined> => knex<SwapRow>('swaps').where({ id }).first();
export const openSwapsAt = (knex: Knex, positionIds: readonly string[]): Promise<Pick<SwapRow, 'id' | 'position_id'>[]> =>
  knex<SwapRow>('swaps')
    .where({ status: 'open' })
    .whereIn('position_id', [...positionIds])
    .select('id', 'position_id');
export const openSwapOf = (knex: Knex, positionId: string): Promise<SwapRow | undefined> =>
  knex<SwapRow>('swaps').where({ position_id: positionId, status: 'open' }).first();

/** Inserts a swap; where one is open already, that one stays. Returns the open one. */
export async function insertSwap(knex: Knex, row: SwapRow): Promise<SwapRow> {
  await knex.raw(
    `insert into swaps (id, position_id, status, version, state, opened_at) values (?, ?, 'open', 1, ?, ?) on conflict (position_id) where status = 'open' do nothing`,
    [row.id, row.position_id, JSON.stringify(row.state), row.opened_at],
  );
  return certain(await openSwapOf(knex, row.position_id));
}

/** Saves a state made on `version`; false when somebody else saved first. */
export async function saveState(knex: Knex, id: string, version: number, state: SwapState): Promise<boolean> {
  const changed = await knex('swaps')
    .where({ id, version, status: 'open' })
    .update({ state: JSON.stringify(state), version: version + 1 });
  return changed === 1;
}

export const recordBySwap = (knex: Knex, swapId: string): Promise<RecordRow | undefined> =>
  knex<RecordRow>('records').where({ swap_id: swapId }).first();
/** A record with the time zone of its site. */
export type PlacedRecordRow = RecordRow & { time_zone: string };
const placedRecords = (knex: Knex) =>
  knex<RecordRow>('records')
    .join('positions', 'positions.id', 'records.position_id')
    .join('panels', 'panels.id', 'positions.panel_id')
    .join('sites', 'sites.id', 'panels.site_id')
    .select('records.*', 'sites.time_zone');
export const recordById = (knex: Knex, id: string): Promise<PlacedRecordRow | undefined> =>
  placedRecords(knex).where('records.id', id).first();
/** So many records behind the first `from`, newest first. */
export const recordsNewestFirst = (knex: Knex, from: number, most: number): Promise<PlacedRecordRow[]> =>
  placedRecords(knex)
    .orderBy([
      { column: 'records.signed_at', order: 'desc' },
      { column: 'records.id', order: 'desc' },
    ])
    .offset(from)
    .limit(most);
