/**
 * Orders: what is on the list goes to its suppliers, their answers are read back, and what arrives goes into the ledger. Nothing is sent from
 * here: an order leaves as a file and its answer comes as one.
 */
import { randomUUID } from 'node:crypto';
import type { Knex } from 'knex';
import Papa from 'papaparse';
import { certain } from '../core/certain';
import { answerSchema, arrivedSchema, placeOrderSchema, stillExpected, type Order, type OrderLine } from '../core/orders/order';
import { orderXml, readAnswer, type AnsweredLine } from '../core/orders/ubl';
import { partsByIds } from '../data/catalogue';
import { database } from '../data/connection';
import { leftByKey } from '../data/ledger';
import { insertOrder, keepLine, orderById, ordersByKey, ordersOfSite, setClosed } from '../data/orders';
import { allSites } from '../data/positions';
import { tradeOfParts } from '../data/trade';
import { inTransaction } from '../data/transaction';
import { audit } from './audit';
import type { Caller } from './crew/caller';
import { isUuid } from './is-uuid';
import { notFound, ServiceError } from './service-error';
import { deedWithin, stockFault } from './stores';
import { validate } from './validate';

type Who = Pick<Caller, 'person' | 'actor'>;
const NOBODY = 'no supplier named';
const MOST_SHOWN = 60;

/** Open orders of a site and the last closed ones. */
export const siteOrders = async (siteId: string): Promise<{ orders: Order[] }> => ({
  orders: await ordersOfSite(database(), siteId, MOST_SHOWN),
});

async function siteNamed(siteId: string): Promise<string> {
  const site = (await allSites(database())).find(({ id }) => id === siteId);
  if (!site) throw notFound('This site');
  return site.name;
}

/** Orders parts: one order for each supplier. Sent twice under one key it is ordered once. Throws 404 and 422. */
export async function placeOrders(body: unknown, { person, actor }: Who): Promise<{ orders: Order[] }> {
  const { siteId, key, lines } = await validate(placeOrderSchema, body);
  await siteNamed(siteId);
  return inTransaction(database(), async (trx) => {
    // Numbers follow each other, and who sends it again waits here for the first.
    await trx.raw(`select pg_advisory_xact_lock(hashtextextended('orders', 20263))`);
    const before = await ordersByKey(trx, key);
    if (before.length > 0) return { orders: before };
    const ids = lines.map(({ partId }) => partId);
    const parts = await partsByIds(trx, ids);
    if (parts.length < ids.length) throw notFound('One of these parts');
    const trades = await tradeOfParts(trx, ids);
    const orderedOn = new Date().toISOString();
    const [{ n = 0 } = {}] = await trx('orders').where({ site_id: siteId }).count({ n: '*' });
    const soldBy = (partId: string): string => trades.get(partId)?.supplier || NOBODY;
    const suppliers = [...new Set(ids.map(soldBy))];
    const orders = suppliers.map((supplier, i): Order => ({
      ...{ id: randomUUID(), siteId, supplier, orderedOn, orderedBy: person.name, closed: false },
      number: `LC-${siteId}-${Number(n) + i + 1}`,
      lines: lines
        .filter(({ partId }) => soldBy(partId) === supplier)
        .map(({ partId, quantity }, k): OrderLine => {
          const { name, maker, order_number } = certain(parts.find(({ id }) => id === partId));
          const { price = null, currency = null } = trades.get(partId) ?? {};
          return {
            ...{ line: k + 1, partId, name, maker, orderNumber: order_number ?? null, quantity, price, currency },
            ...{ answer: '', promised: null, promisedOn: null, replacedBy: '', sent: 0, received: 0 },
          };
        }),
    }));
    for (const order of orders) {
      await insertOrder(trx, order, key);
      await audit(trx, actor, 'ordered', { order: order.number, supplier: order.supplier, lines: order.lines.length });
    }
    return { orders };
  });
}

async function known(id: string): Promise<Order> {
  const order = isUuid(id) ? await orderById(database(), id) : undefined;
  if (!order) throw notFound('This order');
  return order;
}

/** The order as a UBL file, and its name. Throws 404. */
export async function orderFile(id: string): Promise<{ name: string; xml: string }> {
  const order = await known(id);
  return { name: `${order.number}.xml`, xml: orderXml(order, await siteNamed(order.siteId)) };
}

/** The order for a spreadsheet; what one would run is made harmless. Throws 404. */
export async function orderCsv(id: string): Promise<{ name: string; csv: string }> {
  const order = await known(id);
  const heads = ['Order', 'Line', 'Maker', 'Order number', 'Part', 'Pieces', 'Price', 'Currency'];
  const rows = order.lines.map(({ line, maker, orderNumber, name, quantity, price, currency }) => [
    ...[order.number, line, maker, orderNumber, name, quantity, price, currency],
  ]);
  return { name: `${order.number}.csv`, csv: Papa.unparse([heads, ...rows], { newline: '\n', escapeFormulae: true }) };
}

/** What a line is after a supplier spoke of it; what it did not speak of stays. */
const answered = (line: OrderLine, said: AnsweredLine | undefined): OrderLine => ({
  ...line,
  ...(said?.answer ? { answer: said.answer, replacedBy: said.replacedBy ?? '' } : {}),
  ...(said?.promised === undefined ? {} : { promised: said.promised }),
  ...(said?.promisedOn ? { promisedOn: said.promisedOn } : {}),
  ...(said?.sent === undefined ? {} : { sent: said.sent }),
});

/** Reads a supplier's answer into its order. Throws 404, and 422 on what is no answer to it. */
export async function bringAnswer(id: string, body: unknown, { actor }: Who): Promise<{ order: Order; kind: string }> {
  const { xml } = await validate(answerSchema, body);
  const read = readAnswer(xml);
  const refuse = (reason: string) => new ServiceError(422, [{ field: 'xml', reason }]);
  if (!read.ok) throw refuse(read.fault);
  const { answer } = read;
  if (!isUuid(id)) throw notFound('This order');
  return inTransaction(database(), async (trx) => {
    const order = await orderById(trx, id, true);
    if (!order) throw notFound('This order');
    if (answer.order !== order.number) throw refuse(`It answers ${answer.order.slice(0, 60)}, not ${order.number}.`);
    const strange = answer.lines.find(({ line }) => !order.lines.some((one) => one.line === line));
    if (strange) throw refuse(`It speaks of line ${strange.line}, which this order has not. Nothing of it was taken.`);
    const lines = order.lines.map((line) => answered(line, answer.lines.find((said) => said.line === line.line))); // prettier-ignore
    for (const line of lines) await keepLine(trx, id, line);
    await audit(trx, actor, 'order-answered', { order: order.number, kind: answer.kind });
    return { order: { ...order, lines }, kind: answer.kind };
  });
}

type Came = { line: number; quantity: number; place: string; key: string };

/** Pieces of a line into the ledger and onto their line, within a transaction; what was sent before under its key changes nothing. */
async function takeIn(trx: Knex.Transaction, order: Order, line: OrderLine, { quantity, place, key }: Came, who: Who) {
  const before = await leftByKey(trx, key);
  if (before !== undefined) return { order, quantity: before };
  if (order.closed) throw new ServiceError(409, [{ field: 'id', reason: 'This order is closed: open it again, or receive at the shelf.' }]);
  // Taken back with the file that brought it, while its order was closed.
  if ((await partsByIds(trx, [line.partId])).length === 0) throw notFound('This part');
  const deed = { ...{ siteId: order.siteId, partId: line.partId, place, quantity, key }, to: '', why: `order ${order.number}` };
  const { left } = await deedWithin(trx, { deed: 'receive', ...deed }, who);
  const now = { ...line, received: line.received + quantity };
  await keepLine(trx, order.id, now);
  const lines = order.lines.map((one) => (one.line === line.line ? now : one));
  const closed = lines.every((one) => stillExpected(one) === 0);
  if (closed) await setClosed(trx, order.id, true);
  return { order: { ...order, lines, closed }, quantity: left };
}

/** Takes pieces of a line into stock, once under a key. Throws 404, 409 on a closed order or a full shelf, 422. */
export async function arrived(id: string, body: unknown, who: Who): Promise<{ order: Order; quantity: number }> {
  const came = await validate(arrivedSchema, body);
  const order = await known(id);
  const lineOf = ({ lines }: Order) => lines.find((one) => one.line === came.line);
  const partId = lineOf(order)?.partId;
  if (partId === undefined) throw notFound('This line');
  try {
    return await inTransaction(database(), async (trx) => {
      const held = certain(await orderById(trx, id, true));
      return takeIn(trx, held, certain(lineOf(held)), came, who);
    });
  } catch (error) {
    throw await stockFault(error, { siteId: order.siteId, partId, place: came.place });
  }
}

/** Closes an order, so that nothing more is expected of it, or opens it again. Throws 404. */
export async function closeOrder(id: string, closed: boolean, { actor }: Who): Promise<{ order: Order }> {
  if (!isUuid(id)) throw notFound('This order');
  return inTransaction(database(), async (trx) => {
    const order = await orderById(trx, id, true);
    if (!order) throw notFound('This order');
    if (order.closed !== closed) {
      await setClosed(trx, id, closed);
      await audit(trx, actor, 'order-closed', { order: order.number, closed });
    }
    return { order: { ...order, closed } };
  });
}
