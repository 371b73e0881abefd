/** How parts are bought. */
import type { Knex } from 'knex';
import type { Trade } from '../core/stores/trade';

type Row = {
  part_id: string;
  supplier: string;
  price: string | null;
  currency: string | null;
  lead_days: number | null;
  state: Trade['state'];
  replaced_by: string;
  other_numbers: string;
  said_by: string;
  said_at: Date;
};
export type KeptTrade = { trade: Trade; saidBy: string; saidAt: Date };

const keptOf = ({ supplier, price, currency, lead_days, state, replaced_by, other_numbers, said_by, said_at }: Row): KeptTrade => ({
  trade: {
    ...{ supplier, currency, state, leadDays: lead_days, replacedBy: replaced_by, otherNumbers: other_numbers },
    price: price === null ? null : Number(price),
  },
  saidBy: said_by,
  saidAt: said_at,
});

export async function tradeOfPart(knex: Knex, partId: string): Promise<KeptTrade | undefined> {
  const row = await knex<Row>('part_trade').where({ part_id: partId }).first();
  return row && keptOf(row);
}

/** How these parts are bought, of those where somebody said. */
export async function tradeOfParts(knex: Knex, ids: readonly string[]): Promise<Map<string, Trade>> {
  const rows: Row[] = await knex('part_trade').whereIn('part_id', [...ids]);
  return new Map(rows.map((row) => [row.part_id, keptOf(row).trade]));
}

export const keepTrade = (
  knex: Knex,
  partId: string,
  { leadDays, replacedBy, otherNumbers, ...trade }: Trade,
  by: string,
): Promise<unknown> =>
  knex('part_trade')
    .insert({
      ...{ part_id: partId, ...trade, lead_days: leadDays, replaced_by: replacedBy, other_numbers: otherNumbers },
      ...{ said_by: by, said_at: new Date() },
    })
    .onConflict('part_id')
    .merge();
