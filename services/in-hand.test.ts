/** A job done with a part that somebody held: on the board first, signed by its own marks, nothing taken from stock, the place true afterwards. */
import { afterAll, beforeAll, describe, expect, it } from 'vitest';
import { certain } from '@/core/certain';
import { plateOf } from '@/core/families/plates';
import { parsePlate } from '@/core/plates/parse-plate';
import { readingsOfSpec } from '@/core/readings/readings-of-spec';
import { chooseChanges } from '@/core/swap/swap';
import { signedByTester, tester } from '@/tests/crew';
import { takeAndProve } from '@/tests/job';
import { demoDatabase, type TestDatabase } from '../data/test-database';
import { beginChains } from './chain/append';
import { candidateOf, fieldOf } from './candidates';
import { matchSwap } from './match';
import { recordPdf } from './record-pdf';
import { loadRecord } from './records';
import { signSwap } from './sign';
import { loadSwap, openSwap, saveSwap } from './swaps';

let db: TestDatabase;
beforeAll(async () => {
  db = await demoDatabase();
  await beginChains(db.knex);
});
afterAll(() => db.drop());

const save = async (id: string, changes: { path: string; value: unknown }[]) =>
  saveSwap(id, { version: (await loadSwap(id)).version, changes }, tester);

describe('a part in the hand', () => {
  it('stands first on the board, whatever is said of it, and filters leave it there', async () => {
    const { id } = await openSwap({ positionId: 'kestrel-ramp-k4' });
    const readings = parsePlate('2P COIL 24 V DC', certain(plateOf('contactor'))).readings;
    await save(id, [{ path: 'hand.p1', value: { name: 'From the van', readings } }]);
    const before = await matchSwap(id, {});
    expect(before.columns[0]).toMatchObject({ partId: 'hand:p1', name: 'From the van', inHand: true, sameFootprint: false, shelf: [] });
    expect(before.columns[1]!.inHand).toBe(false);
    for (const filter of [{ inCrib: true }, { sameFootprint: true }, { hideChecks: true }])
      expect((await matchSwap(id, filter)).columns[0]!.partId).toBe('hand:p1');
    await save(id, [{ path: 'hand.p1', value: null }]);
    const after = await matchSwap(id, {});
    expect([after.columns.some(({ inHand }) => inHand), after.judged]).toEqual([false, before.judged]);
  });

  it('is signed by its own marks: the record keeps what was read, no stock goes down, and the next job starts from it', async () => {
    const { id } = await openSwap({ positionId: 'kestrel-ramp-k4' });
    const swap = await loadSwap(id);
    // The same part as the board offers first, held in the hand.
    const offered = (await matchSwap(id, {})).columns[0]!;
    const { raw } = certain(await candidateOf(db.knex, await fieldOf(db.knex, swap), { partId: offered.partId, name: offered.name })).part;
    await save(id, [{ path: 'hand.p1', value: { name: 'From the van', readings: readingsOfSpec('From the van', raw) } }]);
    const column = (await matchSwap(id, {})).columns[0]!;
    expect([column.partId, column.part.verdict]).toEqual(['hand:p1', offered.part.verdict]);
    const choice = { partId: column.partId, name: column.name };
    await takeAndProve(id, choice, column);
    const stock = () => db.knex('stock').sum('quantity as n').first();
    const before = await stock();
    const { recordId } = await signSwap(id, { version: (await loadSwap(id)).version }, signedByTester);
    const record = await loadRecord(recordId);
    expect(await stock()).toEqual(before);
    expect(record.body).toMatchObject({ stock: null, fitted: { partId: 'hand:p1', name: 'From the van' } });
    expect(record.body.fitted.held?.poles?.value).toBe(raw.poles);
    expect(record.altered).toEqual([]);
    expect((await recordPdf(record)).subarray(0, 5).toString()).toBe('%PDF-');
    const place = await db.knex('positions').where({ id: 'kestrel-ramp-k4' }).first();
    expect(place).toMatchObject({ device_name: 'From the van', part_id: null, footprint: null });
    const next = await loadSwap((await openSwap({ positionId: 'kestrel-ramp-k4' })).id);
    expect(next.state.removed.poles?.value).toBe(raw.poles);
  });

  it('the installed body with a new coil stands beside the others, and leaves part, place and stock as they are', async () => {
    const before = (await db.knex('positions').where({ id: 'kestrel-winch-k1' }).first())!;
    const { id } = await openSwap({ positionId: 'kestrel-winch-k1' });
    const column = (await matchSwap(id, { limit: 60 })).columns.find(({ installed }) => installed)!;
    expect(column).toMatchObject({ partId: 'installed', name: before.device_name, sameFootprint: true, shelf: [] });
    expect(column.part.lines.find(({ need }) => need.id === 'coil-volts')!.verdict).toBe('fits');
    expect(column.part.verdict).not.toBe('fits'); // the coil is still to be had and fitted
    const choice = { partId: column.partId, name: column.name, coil: column.coil! };
    await takeAndProve(id, choice, column);
    const { recordId } = await signSwap(id, { version: (await loadSwap(id)).version }, signedByTester);
    expect((await loadRecord(recordId)).body).toMatchObject({ stock: null, fitted: { partId: 'installed' } });
    const after = (await db.knex('positions').where({ id: 'kestrel-winch-k1' }).first())!;
    const same = ({ device_name, part_id, footprint, fitted_on }: typeof before) => [device_name, part_id, footprint, String(fitted_on)];
    expect(same(after)).toEqual(same(before));
    expect((await db.knex('events').where({ record_id: recordId }).first()).text).toContain('stays, with a new coil');
  });
  it.each(['kestrel-ramp-k9', 'kestrel-ramp-r1', 'ferrow-cabin-c21'])(
    '%s: a device without an exchangeable coil offers none',
    async (positionId) => {
      const { id } = await openSwap({ positionId });
      expect((await matchSwap(id, { limit: 60 })).columns.some(({ installed }) => installed)).toBe(false);
    },
  );

  it('one that is put away while it is chosen cannot be signed', async () => {
    const { id } = await openSwap({ positionId: 'kestrel-ramp-k5' });
    const { state } = await loadSwap(id);
    const readings = parsePlate('3P COIL 24 V DC', certain(plateOf('contactor'))).readings;
    await save(id, [{ path: 'hand.p1', value: { name: 'From the van', readings } }]);
    await save(id, chooseChanges(state, { partId: 'hand:p1', name: 'From the van', taken: true }));
    await save(id, [{ path: 'hand.p1', value: null }]);
    await expect(signSwap(id, { version: (await loadSwap(id)).version }, signedByTester)).rejects.toMatchObject({
      status: 422,
      faults: [{ field: 'choice' }],
    });
  });
});
