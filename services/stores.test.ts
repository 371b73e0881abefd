/** The stores: whatever is done, stock is the sum of its ledger and never less than nothing; pages and what to order follow from it. */
import fc from 'fast-check';
import { afterAll, beforeAll, describe, expect, it } from 'vitest';
import { deeds } from '../core/stores/ledger';
import { tester, signedByTester } from '@/tests/crew';
import { readyJob } from '@/tests/job';
import { demoDatabase, type TestDatabase } from '../data/test-database';
import { beginChains } from './chain/append';
import { verifyChains } from './chain/verify';
import { cribPage, reorderCsv, reorderList } from './crib';
import { makeSite } from './plant';
import { ServiceError } from './service-error';
import { signSwap } from './sign';
import { deedsWith, doAtShelf, setLimits } from './stores';
import { loadSwap } from './swaps';

let db: TestDatabase;
beforeAll(async () => {
  db = await demoDatabase();
  await beginChains(db.knex);
});
afterAll(() => db.drop());

const parts = ['nettlecombe-n0-3p-120-11', 'nettlecombe-n3-3p-120-22'];
const places = ['crib', 'bin 4', 'van 1'];
/** Shelves whose pieces are not the sum of their entries. */
const unlike = async () =>
  (
    await db.knex.raw(
      `select coalesce(s.part_id, l.part_id) from (select site_id, part_id, place, quantity from stock) s
       full join (select site_id, part_id, place, sum(change) as quantity from ledger group by 1, 2, 3) l using (site_id, part_id, place)
       where coalesce(s.quantity, 0) <> coalesce(l.quantity, 0)`,
    )
  ).rows;
const deed = fc.record({
  deed: fc.constantFrom(...deeds),
  partId: fc.constantFrom(...parts),
  place: fc.constantFrom(...places),
  to: fc.constantFrom(...places),
  quantity: fc.integer({ min: -12, max: 12 }),
  why: fc.constantFrom('', 'found behind the shelf'),
});

describe('the ledger', () => {
  it('carries the demo as it was delivered', async () => {
    expect(await unlike()).toEqual([]);
    expect(await db.knex('ledger').whereNot({ kind: 'opening' })).toEqual([]);
  });
  it('is what stock is the sum of, whatever is done and refused, many hands at once', async () => {
    await fc.assert(
      fc.asyncProperty(fc.array(deed, { minLength: 4, maxLength: 12 }), async (list) => {
        const answers = await Promise.allSettled(list.map((one) => doAtShelf({ siteId: 'kestrel', ...one }, tester)));
        for (const one of answers)
          if (one.status === 'rejected') {
            expect(one.reason).toBeInstanceOf(ServiceError);
            expect([409, 422]).toContain(one.reason.status);
          }
        expect(await unlike()).toEqual([]);
        expect(await db.knex('stock').where('quantity', '<', 0)).toEqual([]);
      }),
      { numRuns: 25 },
    );
  });
  it('says who did what, when and why, newest first, and stays', async () => {
    const at = { siteId: 'ferrow', partId: parts[0]!, place: 'bin 9' };
    await doAtShelf({ ...at, deed: 'receive', quantity: 4 }, tester);
    await doAtShelf({ ...at, deed: 'correct', quantity: -1, why: 'one was broken' }, tester);
    expect(await doAtShelf({ ...at, deed: 'count', quantity: 2 }, tester)).toEqual({ quantity: 2 });
    const { entries } = await deedsWith('ferrow', parts[0]!);
    expect(entries.slice(0, 3)).toMatchObject([
      { kind: 'counted', change: -1, left: 2, by: tester.person.name },
      { kind: 'corrected', change: -1, left: 3, why: 'one was broken' },
      { kind: 'received', change: 4, left: 4 },
    ]);
    await expect(db.knex('ledger').delete()).rejects.toThrow();
    await expect(db.knex('ledger').update({ change: 9 })).rejects.toThrow();
  });
  it('tells how many lie there where too many are asked for, and knows no part or site that is not there', async () => {
    const at = { siteId: 'ferrow', partId: parts[0]!, place: 'bin 9', deed: 'take', quantity: 3 };
    await expect(doAtShelf(at, tester)).rejects.toMatchObject({ status: 409, detail: { quantity: 2 } });
    await expect(doAtShelf({ ...at, partId: 'none' }, tester)).rejects.toMatchObject({ status: 404 });
    await expect(doAtShelf({ ...at, siteId: 'none' }, tester)).rejects.toMatchObject({ status: 404 });
  });
  it('names the job of what was fitted', async () => {
    const { id, partId } = await readyJob('kestrel-winch-k2');
    await doAtShelf({ siteId: 'kestrel', partId, place: 'crib', deed: 'count', quantity: 1 }, tester);
    await signSwap(id, { version: (await loadSwap(id)).version }, signedByTester);
    const [entry] = await db.knex('ledger').where({ kind: 'fitted', part_id: partId });
    expect(entry).toMatchObject({ ref: id, change: -1 });
    expect(await unlike()).toEqual([]);
  });
});

describe('the chain', () => {
  const faults = async () => (await verifyChains(db.knex)).flatMap((state) => state.faults.map(({ kind }) => kind));
  const opening = (siteId: string, place: string) =>
    db.knex('ledger').insert({ site_id: siteId, part_id: parts[0], place, kind: 'opening', change: 2, by: 'Loyal Coil', at: new Date() });
  it('holds every entry that was written here', async () => {
    expect(await faults()).toEqual([]);
    const { n } = (await db.knex('ledger').count({ n: '*' }).first())!;
    expect(await db.knex('chain').where({ kind: 'ledger' })).toHaveLength(Number(n));
  });
  it('that is older than the ledger takes up what lay there when it began, once', async () => {
    const { id } = await makeSite({ name: 'Old works', practice: 'IEC', timeZone: 'UTC' }, tester);
    await opening(id, 'crib');
    expect(await faults()).toEqual(['added-row']);
    await beginChains(db.knex);
    expect(await faults()).toEqual([]);
    await opening(id, 'bin 2');
    await beginChains(db.knex);
    expect(await faults()).toEqual(['added-row']);
  });
});

describe('the crib desk', () => {
  let most = 0;
  const asked = { siteId: 'kestrel', words: '', below: false, by: 'name' as const, down: false, page: 0, size: 25 };
  it('gives every row once, page by page, in the order that is asked for', async () => {
    const { total } = await cribPage(asked);
    const all = [];
    for (let page = 0; page * 25 < total; page += 1) all.push(...(await cribPage({ ...asked, by: 'quantity', down: true, page })).rows);
    expect(all).toHaveLength(total);
    expect(new Set(all.map(({ partId, place }) => `${partId} ${place}`)).size).toBe(total);
    expect(all.map(({ quantity }) => quantity)).toEqual(all.map(({ quantity }) => quantity).toSorted((a, b) => b - a));
  });
  it('finds by words that all occur, and what is below its least', async () => {
    // Above what lies there, whatever the many hands above have left.
    const { lying } = (await db.knex('stock').where({ site_id: 'kestrel', part_id: parts[0] }).sum({ lying: 'quantity' }).first())!;
    most = Number(lying) + 10;
    await setLimits({ siteId: 'kestrel', partId: parts[0], least: most - 5, most }, tester);
    const below = await cribPage({ ...asked, below: true });
    expect(new Set(below.rows.map(({ partId }) => partId))).toEqual(new Set([parts[0]]));
    expect((await cribPage({ ...asked, words: 'nettlecombe crib' })).rows.every(({ place }) => place === 'crib')).toBe(true);
    expect((await cribPage({ ...asked, words: '100%_\\' })).total).toBe(0);
  });
  it('orders up to the most, and what an open job has chosen and is not there', async () => {
    const row = async (id: string) => (await reorderList('kestrel')).rows.find(({ partId }) => partId === id);
    const low = (await row(parts[0]!))!;
    expect(low.order).toBe(most - low.lying + low.wanted);
    expect(await reorderCsv('kestrel')).toContain(`${low.order},${low.lying}`);
    const { partId } = await readyJob('kestrel-ramp-k4');
    for (const { place } of await db.knex('stock').where({ site_id: 'kestrel', part_id: partId }))
      await doAtShelf({ siteId: 'kestrel', partId, place, deed: 'count', quantity: 0 }, tester);
    expect(await row(partId)).toMatchObject({ wanted: 1, lying: 0, order: 1 });
    await setLimits({ siteId: 'kestrel', partId: parts[0], least: null, most: null }, tester);
    expect(await row(parts[0]!)).toBeUndefined();
  });
});
