/** Files of parts over a real database: looked at, brought whole, brought again, held back by what stands, and taken back. */
import { afterAll, beforeAll, describe, expect, it } from 'vitest';
import { certain } from '@/core/certain';
import { tester } from '@/tests/crew';
import { demoDatabase, type TestDatabase } from '../data/test-database';
import { catalogueOf } from './catalogue';
import { bringFile, broughtFiles, lookAtFile, undoFile } from './imports';
import { enterPart } from './own-parts';
import { receive } from './stores';
import { loadSwap, openSwap, saveSwap } from './swaps';

let db: TestDatabase;
beforeAll(async () => {
  db = await demoDatabase();
});
afterAll(() => db.drop());

const statusOf = (doing: Promise<unknown>) =>
  doing.then(
    () => 200,
    (error: { status: number }) => error.status,
  );
const HEAD = 'maker;order number;Rated current (A);Utilisation category;bin;qty';
const file = (...rows: string[]) => [HEAD, ...rows].join('\n');
const bring = (text: string, more: object = {}) =>
  bringFile({ family: 'fuse', file: text, name: 'fuses.csv', siteId: 'ferrow', ...more }, tester);
const part = (id: string) => db.knex('parts').where({ id }).first();
const lies = async (id: string) => (await db.knex('stock').where({ part_id: id })).map(({ place, quantity }) => [place, Number(quantity)]);
/** Everything that an import may touch. */
const standing = async () =>
  JSON.stringify([
    await db
      .knex('parts')
      .where('id', 'like', 'own-%')
      .orderBy('id')
      .select('id', 'maker', 'name', 'raw', 'spec', 'entered_by', 'import_id', 'order_number'),
    await db
      .knex('stock')
      .where('part_id', 'like', 'own-%')
      .where('quantity', '>', 0)
      .orderBy(['part_id', 'place'])
      .select('part_id', 'place', 'quantity'),
  ]);

describe('a file', () => {
  it('looked at keeps nothing, and says what it would do', async () => {
    const before = await standing();
    const looked = await lookAtFile({
      family: 'fuse',
      file: file('Wexmoor;WX-25;25,0;gG;bin 4;12', 'Wexmoor;WX-32;abc;gG;;'),
      siteId: 'ferrow',
    });
    expect(looked.counts).toEqual({ made: 1, changed: 0, unchanged: 0, byHand: 0, refused: 1, withStock: 1 });
    expect(looked.columns.map(({ target }) => target)).toEqual(['maker', 'partId', 'ratedAmps', 'utilisation', 'place', 'quantity']);
    expect(looked.refused).toMatchObject([{ line: 3 }]);
    expect(looked.refusedFile).toContain('WX-32');
    expect(await standing()).toBe(before);
  });

  it('is brought whole or not at all; what it brought stands in the catalogue; the same file twice changes nothing', async () => {
    const text = file('Wexmoor;WX-25;25,0;gG;bin 4;12', 'Wexmoor;WX-32;32,0;gG;bin 4;3', 'Wexmoor;WX-40;40,0;gX;;');
    const before = await standing();
    expect(await statusOf(bring(text))).toBe(422);
    expect(await standing()).toBe(before);
    expect(await bring(text, { leaveRefused: true })).toMatchObject({ made: 2, changed: 0, refused: 1 });
    expect(await part('own-wexmoor-wx-25')).toMatchObject({
      name: 'Wexmoor WX-25',
      order_number: 'WX-25',
      raw: { ratedAmps: 25, utilisation: 'gG' },
    });
    expect(await lies('own-wexmoor-wx-25')).toEqual([['bin 4', 12]]);
    const after = await standing();
    expect(await bring(text, { leaveRefused: true })).toEqual({ id: null, made: 0, changed: 0, unchanged: 2, refused: 1 });
    expect(await standing()).toBe(after);
    const { ids } = await catalogueOf(db.knex, 'fuse');
    expect([ids.includes('own-wexmoor-wx-25'), ids.includes('own-wexmoor-wx-40')]).toEqual([true, false]);
  });

  it('changes what an earlier file brought, and never what somebody entered by hand', async () => {
    await enterPart({ family: 'fuse', maker: 'Wexmoor', name: 'WX-50', readings: { ratedAmps: { state: 'read', value: 50 } } }, tester);
    const answer = await bring(file('Wexmoor;WX-50;63,0;gG;;', 'WEXMOOR;wx 32;35,5;gG;bin 4;3'));
    expect(answer).toMatchObject({ made: 0, changed: 1 });
    expect(await part('own-wexmoor-wx-50')).toMatchObject({ raw: { ratedAmps: 50 }, import_id: null });
    expect(await part('own-wexmoor-wx-32')).toMatchObject({ raw: { ratedAmps: 35.5 } });
  });

  it('for a part of another kind, without its site, or with a head twice is refused', async () => {
    const asked = { family: 'breaker', file: 'maker;part no;poles\nWexmoor;WX-25;3\n', name: 'x' };
    expect((await lookAtFile(asked)).refused[0]?.reasons[0]).toContain('as a fuse');
    expect(await statusOf(bring(file('Wexmoor;WX-26;25,0;gG;bin 4;12'), { siteId: undefined }))).toBe(422);
    expect(await statusOf(bring(file('Wexmoor;WX-26;25,0;gG;bin 4;12'), { siteId: 'nowhere' }))).toBe(404);
    expect(await statusOf(bring('maker;maker\na;b'))).toBe(422);
    expect(await statusOf(bring('x'.repeat(8_000_001)))).toBe(422);
  });
});

describe('taking a file back', () => {
  it('gives everything as it was, once', async () => {
    const before = await standing();
    const { id } = await bring(file('Wexmoor;WX-25;28,0;gG;bin 4;1', 'Wexmoor;WX-99;99,0;gG;bin 9;7'));
    expect(await standing()).not.toBe(before);
    expect(await undoFile(certain(id), tester)).toEqual({ undone: true });
    expect(await undoFile(certain(id), tester)).toEqual({ undone: false });
    expect(await standing()).toBe(before);
    expect((await broughtFiles()).imports[0]).toMatchObject({ id, undoneAt: expect.any(String) });
  });

  it.each<[string, (id: string) => Promise<unknown>]>([
    ['pieces were received since', (id) => receive(id, { siteId: 'ferrow', place: 'van', quantity: 2 }, tester)],
    ['a later file changed it', () => bring(file('Wexmoor;WX-70;71,0;gG;bin 7;7'))],
    [
      'it is chosen in a job',
      async (id) => {
        const job = await openSwap({ positionId: 'kestrel-ramp-f2' });
        const { version } = await loadSwap(job.id);
        await saveSwap(job.id, { version, changes: [{ path: 'choice.part', value: { partId: id, name: 'Wexmoor WX-70' } }] }, tester);
      },
    ],
  ])('is refused once %s', async (_, meanwhile) => {
    await db.knex('swaps').where({ position_id: 'kestrel-ramp-f2' }).delete();
    await db.knex('stock').where({ part_id: 'own-wexmoor-wx-70' }).delete();
    await db.knex('parts').where({ id: 'own-wexmoor-wx-70' }).delete();
    const { id } = await bring(file('Wexmoor;WX-70;70,0;gG;bin 7;7'));
    await meanwhile('own-wexmoor-wx-70');
    expect(await statusOf(undoFile(certain(id), tester))).toBe(409);
    expect(await part('own-wexmoor-wx-70')).toBeDefined();
  });

  it('of what is not there is not found', async () => expect(await statusOf(undoFile('nowhere', tester))).toBe(404));
});

it('thousands of rows are brought in one go, and taken back', async () => {
  const rows = Array.from({ length: 1200 }, (_, i) => `Wexmoor;BIG-${i};${(i % 600) + 1},5;gG;bin ${i % 90};${i % 50}`);
  const before = await standing();
  const { id, made } = await bring(file(...rows));
  expect(made).toBe(1200);
  await undoFile(certain(id), tester);
  expect(await standing()).toBe(before);
});
