/** Orders to suppliers as they are kept. */
import type { Knex } from 'knex';
import type { LineAnswer, Order, OrderLine } from '../core/orders/order';

type OrderRow = {
  id: string;
  site_id: string;
  number: string;
  supplier: string;
  ordered_at: Date;
  ordered_by: string;
  closed: boolean;
  key: string;
};
type LineRow = {
  order_id: string;
  line: number;
  part_id: string;
  name: string;
  maker: string;
  order_number: string | null;
  quantity: number;
  price: string | null;
  currency: string | null;
  answer: LineAnswer;
  promised: number | null;
  promised_on: string | null;
  replaced_by: string;
  sent: number;
  received: number;
};

const lineOf = ({ part_id, order_number, price, promised_on, replaced_by, ...row }: LineRow): OrderLine => ({
  ...{ line: row.line, name: row.name, maker: row.maker, quantity: row.quantity, currency: row.currency },
  ...{ answer: row.answer, promised: row.promised, sent: row.sent, received: row.received },
  ...{ partId: part_id, orderNumber: order_number, promisedOn: promised_on, replacedBy: replaced_by },
  price: price === null ? null : Number(price),
});

/** Orders with their lines, as asked for, the newest first. */
async function withLines(knex: Knex, rows: readonly OrderRow[]): Promise<Order[]> {
  const lines: LineRow[] = await knex('order_lines')
    .whereIn(
      'order_id',
      rows.map(({ id }) => id),
    )
    .orderBy('line')
    // A date without hours: the driver would make it a moment of the server's own time zone.
    .select('*', knex.raw('promised_on::text as promised_on'));
  return rows.map(({ id, site_id, number, supplier, ordered_at, ordered_by, closed }) => ({
    ...{ id, siteId: site_id, number, supplier, closed, orderedBy: ordered_by, orderedOn: ordered_at.toISOString() },
    lines: lines.filter(({ order_id }) => order_id === id).map(lineOf),
  }));
}

export const ordersOfSite = async (knex: Knex, siteId: string, most: number): Promise<Order[]> =>
  withLines(knex, await knex<OrderRow>('orders').where({ site_id: siteId }).orderBy([{ column: 'closed' }, { column: 'ordered_at', order: 'desc' }, 'number']).limit(most)); // prettier-ignore
export const ordersByKey = async (knex: Knex, key: string): Promise<Order[]> =>
  withLines(knex, await knex<OrderRow>('orders').where({ key }).orderBy('number'));
/** One order, held against others until the transaction ends where `hold` says so. */
export async function orderById(knex: Knex, id: string, hold = false): Promise<Order | undefined> {
  const query = knex<OrderRow>('orders').where({ id });
  return (await withLines(knex, await (hold ? query.forUpdate() : query)))[0];
}

/** Makes an order with its lines. */
export async function insertOrder(trx: Knex, { lines, ...order }: Order, key: string): Promise<void> {
  const { id, siteId, number, supplier, orderedOn, orderedBy } = order;
  await trx('orders').insert({ id, number, supplier, key, site_id: siteId, ordered_at: new Date(orderedOn), ordered_by: orderedBy });
  await trx('order_lines').insert(
    lines.map(({ line, partId, name, maker, orderNumber, quantity, price, currency }) => ({
      ...{ order_id: id, line, name, maker, quantity, price, currency, part_id: partId, order_number: orderNumber },
    })),
  );
}

/** Keeps what is known of a line now. */
export const keepLine = (trx: Knex, orderId: string, { line, answer, promised, promisedOn, replacedBy, sent, received }: OrderLine) =>
  trx('order_lines')
    .where({ order_id: orderId, line })
    .update({ answer, promised, promised_on: promisedOn, replaced_by: replacedBy, sent, received });

export const setClosed = (trx: Knex, id: string, closed: boolean) => trx('orders').where({ id }).update({ closed });

/** Pieces that are still expected of each part, for `toOrder`: as SQL, and alike `stillExpected`. */
export const EXPECTED_SQL = `select l.part_id, sum(greatest(0, coalesce(l.promised, l.quantity) - l.received))::int as expected
  from order_lines l join orders o on o.id = l.order_id
  where o.site_id = :siteId and not o.closed and l.answer not in ('refused', 'replaced') group by l.part_id`;
