/** Quick checks kept by name, parts entered by people, and pieces taken into stock: on the board of the next job like any other. */
import { afterAll, beforeAll, describe, expect, it } from 'vitest';
import { certain } from '@/core/certain';
import { plateOf } from '@/core/families/plates';
import { parsePlate } from '@/core/plates/parse-plate';
import { emptySwap } from '@/core/swap/swap';
import { tester } from '@/tests/crew';
import { demoDatabase, type TestDatabase } from '../data/test-database';
import { dropCheck, keepCheck, keptCheck, keptChecks } from './checks';
import { matchSwap } from './match';
import { enterPart, onePart } from './own-parts';
import { receive } from './stores';
import { openSwap } from './swaps';

let db: TestDatabase;
beforeAll(async () => {
  db = await demoDatabase();
});
afterAll(() => db.drop());

const refusal = (doing: Promise<unknown>) =>
  doing.then(
    () => undefined,
    (error: { status: number; faults: { field: string }[]; body?: unknown }) => ({ status: error.status, field: error.faults[0]?.field }),
  );
const read = (text: string) => parsePlate(text, certain(plateOf('contactor'))).readings;
const check = {
  ...emptySwap('contactor', 'motor-3ph'),
  load: { kilowatts: { state: 'read' as const, value: 5.5 } },
  hand: { p1: { name: 'From the van', typed: '3P AC-3 25 A', readings: read('3P AC-3 25 A 400 V COIL 24 V DC') } },
};

describe('a check that is kept', () => {
  it('comes back as it was, by name, and at the position that it is about', async () => {
    const { id } = await keepCheck({ name: 'Van for K1', positionId: 'ferrow-gate-k1', state: check }, tester);
    expect((await keptCheck(id)).state).toEqual(check);
    expect((await keptChecks('ferrow-gate-k1')).checks).toMatchObject([{ id, name: 'Van for K1', family: 'contactor', version: 1 }]);
    expect((await keptChecks('ferrow-gate-k2')).checks).toEqual([]);
    // Kept again under its name, it stands in place of what was there.
    const again = await keepCheck({ name: 'Van for K1', state: { ...check, load: {} } }, tester);
    expect(again.id).toBe(id);
    expect(await keptCheck(id)).toMatchObject({ version: 2, positionId: null, state: { load: {} } });
    expect(await dropCheck(id)).toEqual({ gone: true });
    expect(await dropCheck(id)).toEqual({ gone: false });
    expect(await refusal(keptCheck(id))).toMatchObject({ status: 404 });
  });

  it.each([
    ['no name', { name: '', state: check }, 'name'],
    ['no check', { name: 'Odd one', state: { load: {} } }, 'state'],
    ['a kind that is none', { name: 'Odd one', state: { ...check, family: 'toaster' } }, 'state.family'],
    ['a mark that is none', { name: 'Odd one', state: { ...check, load: { colour: { state: 'read', value: 1 } } } }, 'load.colour'],
    [
      'a value that is none',
      { name: 'Odd one', state: { ...check, load: { kilowatts: { state: 'read', value: 'much' } } } },
      'load.kilowatts',
    ],
  ])('refuses %s, and names it', async (_, body, field) => {
    expect(await refusal(keepCheck(body, tester))).toEqual({ status: 422, field });
  });
  it('is refused at a position that is not there', async () => {
    expect(await refusal(keepCheck({ name: 'Nowhere', positionId: 'nowhere', state: check }, tester))).toMatchObject({ status: 404 });
  });
});

describe('a part of one’s own', () => {
  const asked = {
    ...{ family: 'contactor', maker: 'Tolverne', name: 'TV-60' },
    readings: read('3P AC-3 60 A 400 V COIL 24 V DC 1NO 1NC'),
  };
  it('is entered from its plate, taken into stock, and stands on the board of the next job', async () => {
    const { id } = await enterPart(asked, tester);
    expect(await receive(id, { siteId: 'ferrow', place: 'van 2', quantity: 2 }, tester)).toEqual({ quantity: 2 });
    expect(await receive(id, { siteId: 'ferrow', place: 'van 2', quantity: 1 }, tester)).toEqual({ quantity: 3 });
    expect(await onePart(id)).toMatchObject({ maker: 'Tolverne', name: 'Tolverne TV-60', raw: { poles: 3, coilVolts: 24 } });
    const { id: job } = await openSwap({ positionId: 'ferrow-gate-k1' });
    const column = (await matchSwap(job, { inCrib: true })).columns.find(({ partId }) => partId === id);
    expect(column).toBeDefined();
  });
  it('written otherwise it is the same part, and is told as that', async () => {
    expect(await refusal(enterPart({ ...asked, maker: 'TOLVERNE', name: 'tv 60' }, tester))).toMatchObject({ status: 409, field: 'name' });
  });
  it('a mark that nobody has confirmed is not known on it', async () => {
    const readings = { poles: { state: 'read', value: 3 }, coilVolts: { state: 'read', value: 230, toConfirm: true } };
    const { id } = await enterPart({ ...asked, name: 'TV-61', readings }, tester);
    expect((await onePart(id)).raw).toMatchObject({ poles: 3, coilVolts: null });
  });
  it.each([
    ['no maker', { ...asked, maker: ' ' }, 'maker'],
    ['a kind that is none', { ...asked, family: 'toaster' }, 'family'],
    ['nothing read', { ...asked, name: 'TV-62', readings: {} }, 'readings'],
    ['a mark that is none', { ...asked, name: 'TV-63', readings: { colour: { state: 'read', value: 1 } } }, 'readings'],
  ])('refuses %s', async (_, body, field) => {
    expect(await refusal(enterPart(body, tester))).toEqual({ status: 422, field });
  });
  it.each([
    ['half a piece', 'own-tolverne-tv-60', { siteId: 'ferrow', place: 'bin 1', quantity: 0.5 }, 422],
    ['no piece', 'own-tolverne-tv-60', { siteId: 'ferrow', place: 'bin 1', quantity: 0 }, 422],
    ['a site that is not there', 'own-tolverne-tv-60', { siteId: 'elsewhere', place: 'bin 1', quantity: 1 }, 404],
    ['a part that is not there', 'own-nothing', { siteId: 'ferrow', place: 'bin 1', quantity: 1 }, 404],
  ])('%s is not taken into stock', async (_, id, body, status) => {
    expect(await refusal(receive(id, body, tester))).toMatchObject({ status });
  });
});
