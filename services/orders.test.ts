/** Orders: what is on the list becomes an order a supplier, its answer is read back, and what comes is in the ledger once. */
import { randomUUID } from 'node:crypto';
import { afterAll, beforeAll, expect, it } from 'vitest';
import { certain } from '../core/certain';
import { stillExpected } from '../core/orders/order';
import { tester } from '@/tests/crew';
import { answerOrder } from '@/standins/supplier';
import { demoDatabase, type TestDatabase } from '../data/test-database';
import { beginChains } from './chain/append';
import { verifyChains } from './chain/verify';
import { reorderList } from './crib';
import { bringFile, undoFile } from './imports';
import { arrived, bringAnswer, closeOrder, orderCsv, orderFile, placeOrders, siteOrders } from './orders';
import { sayTrade } from './own-parts';
import { ServiceError } from './service-error';
import { setLimits } from './stores';

let db: TestDatabase;
const siteId = 'kestrel';
const [one, two] = ['nettlecombe-n0-3p-120-11', 'nettlecombe-n3-3p-120-22'] as const;
const trade = {
  supplier: 'Quayside Electric',
  price: 30,
  currency: 'USD',
  leadDays: 3,
  state: 'current',
  replacedBy: '',
  otherNumbers: '',
};
beforeAll(async () => {
  db = await demoDatabase();
  await beginChains(db.knex);
  await sayTrade(one, trade, tester);
});
afterAll(() => db.drop());

const status = (error: unknown) => (error instanceof ServiceError ? error.status : error);
const onList = async (partId: string) => (await reorderList(siteId)).rows.find((row) => row.partId === partId);

it('orders what is on the list, a supplier each, once however often it is sent; the list knows what is expected', async () => {
  await setLimits({ siteId, partId: one, least: 10, most: 14 }, tester);
  const before = (await onList(one))!;
  expect(before.onOrder).toBe(0);
  const asked = {
    siteId,
    key: randomUUID(),
    lines: [
      { partId: one, quantity: before.order },
      { partId: two, quantity: 2 },
    ],
  };
  const [first, again] = await Promise.all([placeOrders(asked, tester), placeOrders(asked, tester)]);
  expect(again.orders.map(({ number }) => number).sort()).toEqual(first.orders.map(({ number }) => number).sort());
  expect(first.orders.map(({ supplier, lines }) => [supplier, lines.length])).toEqual([
    ['Quayside Electric', 1],
    ['no supplier named', 1],
  ]);
  expect(await db.knex('orders')).toHaveLength(2);
  expect(await onList(one)).toBeUndefined();
  // In SQL and in the core the same pieces are expected.
  await setLimits({ siteId, partId: one, least: 20, most: 20 }, tester);
  expect((await onList(one))!.onOrder).toBe(stillExpected(first.orders[0]!.lines[0]!));
});

it('reads the answer of the simulated supplier, refuses one that is not its own, and takes what comes once', async () => {
  const { orders } = await placeOrders({ siteId, key: randomUUID(), lines: [{ partId: one, quantity: 5 }] }, tester);
  const { id, number } = orders[0]!;
  const { xml, name } = await orderFile(id);
  expect(name).toBe(`${number}.xml`);
  const { response, advice } = answerOrder(xml, [{ number: one, price: 29, currency: 'USD', stock: 3, leadDays: 12 }], '2026-12-02');
  const answered = await bringAnswer(id, { xml: response }, tester);
  expect(answered.order.lines[0]).toMatchObject({ answer: 'changed', promised: 5, promisedOn: '2026-12-14' });
  await bringAnswer(id, { xml: advice }, tester);
  const kept = (await siteOrders(siteId)).orders.find((order) => order.id === id)!;
  expect(kept.lines[0]).toMatchObject({ answer: 'changed', promised: 5, promisedOn: '2026-12-14', sent: 3 });
  const other = (await siteOrders(siteId)).orders.find((order) => order.id !== id)!;
  expect(await bringAnswer(other.id, { xml: response }, tester).catch(status)).toBe(422);
  const strange = response.replace('<cbc:ID>1</cbc:ID>', '<cbc:ID>9</cbc:ID>');
  expect(await bringAnswer(id, { xml: strange }, tester).catch(status)).toBe(422);

  const key = randomUUID();
  const came = { line: 1, quantity: 3, place: 'crib', key };
  const lying = (await db.knex('ledger').where({ site_id: siteId, part_id: one }).sum({ n: 'change' }).first())!.n;
  await Promise.all([arrived(id, came, tester), arrived(id, came, tester), arrived(id, came, tester)]);
  expect((await db.knex('ledger').where({ site_id: siteId, part_id: one }).sum({ n: 'change' }).first())!.n).toBe(
    String(Number(lying) + 3),
  );
  const rest = await arrived(id, { ...came, quantity: 2, key: randomUUID() }, tester);
  expect(rest.order).toMatchObject({ closed: true, lines: [{ received: 5 }] });
  expect(await arrived(id, { ...came, key: randomUUID() }, tester).catch(status)).toBe(409);
  expect((await verifyChains(db.knex)).flatMap(({ faults }) => faults)).toEqual([]);
});

it('is closed and opened again; its file for a spreadsheet runs nothing', async () => {
  await db.knex('parts').where({ id: two }).update({ order_number: '=1+2' });
  const { orders } = await placeOrders({ siteId, key: randomUUID(), lines: [{ partId: two, quantity: 1 }] }, tester);
  const { id } = orders[0]!;
  expect((await orderCsv(id)).csv).toContain(`'=1+2`);
  expect((await closeOrder(id, true, tester)).order.closed).toBe(true);
  expect((await closeOrder(id, false, tester)).order.closed).toBe(false);
  for (const wrong of ['x', randomUUID()]) expect(await closeOrder(wrong, true, tester).catch(status)).toBe(404);
});

it('a part on order is not taken back with its file, and what is not in the catalogue does not arrive', async () => {
  const file = 'maker;order number;Rated current (A);Utilisation category\nTarnfield;TX-40;40;gG';
  const brought = certain((await bringFile({ family: 'fuse', file, name: 'fuses.csv' }, tester)).id);
  const part = certain(await db.knex('parts').where({ import_id: brought }).first());
  const { orders } = await placeOrders({ siteId, key: randomUUID(), lines: [{ partId: part.id, quantity: 1 }] }, tester);
  const { id } = orders[0]!;
  expect(await undoFile(brought, tester).catch(status)).toBe(409);
  await closeOrder(id, true, tester);
  expect(await undoFile(brought, tester)).toEqual({ undone: true });
  await closeOrder(id, false, tester);
  expect(await arrived(id, { line: 1, quantity: 1, place: 'crib', key: randomUUID() }, tester).catch(status)).toBe(404);
});

it('a shelf that is full takes no more, and what closed its order is answered again as it was', async () => {
  const { orders } = await placeOrders({ siteId, key: randomUUID(), lines: [{ partId: one, quantity: 2 }] }, tester);
  const { id } = orders[0]!;
  expect(await arrived(id, { line: 1, quantity: 10_000, place: 'crib', key: randomUUID() }, tester).catch(status)).toBe(409);
  const came = { line: 1, quantity: 2, place: 'crib', key: randomUUID() };
  const first = await arrived(id, came, tester);
  expect(first.order.closed).toBe(true);
  expect(await arrived(id, came, tester)).toEqual(first);
});

it('refuses what is no order', async () => {
  const ask = (more: object) =>
    placeOrders({ siteId, key: randomUUID(), lines: [{ partId: one, quantity: 1 }], ...more }, tester).catch(status);
  expect(await ask({ lines: [] })).toBe(422);
  expect(await ask({ lines: [{ partId: one, quantity: 0 }] })).toBe(422);
  expect(await ask({ lines: [1, 1].map((quantity) => ({ partId: one, quantity })) })).toBe(422);
  expect(await ask({ lines: [{ partId: 'no-such-part', quantity: 1 }] })).toBe(404);
  expect(await ask({ siteId: 'nowhere' })).toBe(404);
});
