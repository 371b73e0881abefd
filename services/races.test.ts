/** Under many hands: nothing is doubled, nothing lost, and no transaction waits for a second connection. */
import knexFactory from 'knex';
import { afterAll, beforeAll, describe, expect, it } from 'vitest';
import { signedByTester, tester } from '@/tests/crew';
import { readyJob } from '@/tests/job';
import { demoDatabase, type TestDatabase } from '../data/test-database';
import { inTransaction } from '../data/transaction';
import { beginChains } from './chain/append';
import { verifyChains } from './chain/verify';
import { settlePoint } from './open-points';
import { positionTables, savePositionCodes } from './position-codes';
import { loadRecord } from './records';
import { signSwap } from './sign';
import { saveSupply, supplyOfPanel } from './supply-paths';
import { loadSwap, openSwap, saveSwap } from './swaps';

const HANDS = 50;
let db: TestDatabase;
beforeAll(async () => {
  db = await demoDatabase();
  await beginChains(db.knex);
});
afterAll(() => db.drop());

const many = <T>(work: (i: number) => Promise<T>) => Promise.allSettled(Array.from({ length: HANDS }, (_one, i) => work(i)));
const kept = <T>(all: PromiseSettledResult<T>[]): T[] => all.flatMap((one) => (one.status === 'fulfilled' ? [one.value] : []));
/** Who was refused was refused in words: by a status of ours. */
const statuses = (all: PromiseSettledResult<unknown>[]) => [
  ...new Set(all.flatMap((one) => (one.status === 'rejected' ? [(one.reason as { status?: number }).status ?? String(one.reason)] : []))),
];

describe(`${HANDS} hands at once`, () => {
  it('open one job', async () => {
    const all = kept(await many(() => openSwap({ positionId: 'kestrel-winch-k2' })));
    expect([all.length, new Set(all.map(({ id }) => id)).size]).toEqual([HANDS, 1]);
  });
  it('save one version: one is kept, the others are told', async () => {
    const { id } = await openSwap({ positionId: 'kestrel-winch-k3' });
    const { version } = await loadSwap(id);
    const all = await many((i) => saveSwap(id, { version, changes: [{ path: 'typed.load', value: `hand ${i}` }] }, tester));
    expect([kept(all).length, statuses(all)]).toEqual([1, [409]]);
    expect((await loadSwap(id)).version).toBe(version + 1);
  });
  it('sign one job: one record, one piece of stock', async () => {
    const { id, version, partId } = await readyJob('ferrow-gate-k2');
    const stock = async () =>
      Number((await db.knex('stock').where({ part_id: partId, site_id: 'ferrow' }).sum('quantity as n').first())!.n);
    const before = await stock();
    const all = kept(await many(() => signSwap(id, { version }, signedByTester)));
    expect([all.length, new Set(all.map(({ recordId }) => recordId)).size]).toEqual([HANDS, 1]);
    expect(before - (await stock())).toBe(before > 0 ? 1 : 0);
    expect(await db.knex('records').where({ swap_id: id })).toHaveLength(1);
  });
  it('sign two jobs for the last piece: one gets it, the record of the other says that it did not', async () => {
    const [one, two] = [await readyJob('kestrel-ramp-k4'), await readyJob('kestrel-ramp-k5')];
    const same = one.partId === two.partId;
    expect(same).toBe(true);
    await db.knex('stock').where({ part_id: one.partId, site_id: 'kestrel' }).delete();
    await db.knex('stock').insert({ part_id: one.partId, site_id: 'kestrel', place: 'Z', quantity: 1 });
    const signed = kept(await many((i) => signSwap([one, two][i % 2]!.id, { version: [one, two][i % 2]!.version }, signedByTester)));
    const records = await Promise.all([...new Set(signed.map(({ recordId }) => recordId))].map(loadRecord));
    expect(records.map(({ body }) => body.stock?.after ?? null).sort()).toEqual([0, null]);
  });
  it('sign for a last piece that went meanwhile: told first, and signed without it where it is said again', async () => {
    const one = await readyJob('kestrel-ramp-k4');
    await db.knex('stock').where({ part_id: one.partId, site_id: 'kestrel' }).update({ quantity: 0 });
    const sign = (stockSeen: number) => signSwap(one.id, { version: one.version, stockSeen }, signedByTester);
    await expect(sign(1)).rejects.toMatchObject({
      status: 409,
      faults: [{ field: 'stock', reason: expect.stringMatching(/out of stock/) }],
    });
    expect(await db.knex('records').where({ swap_id: one.id })).toHaveLength(0);
    expect((await loadRecord((await sign(0)).recordId)).body.stock).toBeNull();
  });
  it('save one supply and one table of letters: one is kept, the others are told', async () => {
    const { version, path } = (await supplyOfPanel('kestrel-winch')) as unknown as { version: number; path: unknown };
    const supply = await many(() => saveSupply('kestrel-winch', { version, path, runs: [] }));
    expect([kept(supply).length, statuses(supply)]).toEqual([1, [409]]);
    const [table] = await positionTables();
    const letters = await many(() => savePositionCodes(table!.maker, { version: table!.version, rows: table!.rows }));
    expect([kept(letters).length, statuses(letters)]).toEqual([1, [409]]);
  });
  it('leave every chain whole', async () => {
    expect((await verifyChains(db.knex)).flatMap(({ faults }) => faults)).toEqual([]);
    for (const site of ['kestrel', 'ferrow']) {
      const seqs = (await db.knex('chain').where({ site }).orderBy('seq')).map(({ seq }: { seq: number }) => seq);
      expect(seqs).toEqual(seqs.map((_one, i) => i + 1));
    }
  });
});

describe('one connection alone', () => {
  it('is enough for every write: no transaction asks for a second one', async () => {
    const single = knexFactory({
      client: 'pg',
      connection: { connectionString: db.url },
      pool: { min: 0, max: 1 },
      acquireConnectionTimeout: 3000,
    });
    Object.assign(globalThis, { loyalCoilKnex: single });
    try {
      const { id, version } = await readyJob('ferrow-gate-k1');
      const { recordId } = await signSwap(id, { version }, signedByTester);
      expect((await loadRecord(recordId)).altered).toEqual([]);
      const supply = (await supplyOfPanel('ferrow-pump')) as unknown as { version: number; path: unknown };
      const save = (at: number) => saveSupply('ferrow-pump', { version: at, path: supply.path, runs: [] });
      await save(supply.version);
      await expect(save(supply.version)).rejects.toMatchObject({ status: 409, detail: { current: { version: supply.version + 1 } } });
      const [table] = await positionTables();
      await savePositionCodes(table!.maker, { version: table!.version, rows: table!.rows });
      await expect(savePositionCodes(table!.maker, { version: table!.version, rows: table!.rows })).rejects.toMatchObject({ status: 409 });
      await expect(
        settlePoint('ferrow-gate-k1', { recordId, lineId: 'none', found: 'nothing to be found' }, tester.person),
      ).rejects.toMatchObject({ status: 404 });
    } finally {
      Object.assign(globalThis, { loyalCoilKnex: db.knex });
      await single.destroy();
    }
  });
});

describe('what another hand got in the way of', () => {
  it('is tried again: two that lock each other out both end', async () => {
    const [one, two] = await db.knex('positions').limit(2);
    let met = 0;
    let ended = 0;
    let bothHold: () => void = () => undefined;
    const together = new Promise<void>((resolve) => (bothHold = resolve));
    const lock = (first: string, second: string) =>
      inTransaction(db.knex, async (trx) => {
        await trx('positions').where({ id: first }).forUpdate();
        met += 1;
        if (met >= 2) bothHold();
        await together;
        await trx('positions').where({ id: second }).forUpdate();
        ended += 1;
        return 'kept';
      });
    expect(await Promise.all([lock(one.id, two.id), lock(two.id, one.id)])).toEqual(['kept', 'kept']);
    // The database gives up one of the two, or, on a busy machine, both: each of them ends once.
    expect(met).toBeGreaterThan(2);
    expect(ended).toBe(2);
  });
});
