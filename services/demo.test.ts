/** The demo beside a plant of one's own: it comes on demand, stands apart, and goes whole, with nothing else. */
import { afterAll, beforeAll, describe, expect, it } from 'vitest';
import { signedByTester, tester } from '@/tests/crew';
import { readyJob } from '@/tests/job';
import { demoDatabase, type TestDatabase } from '../data/test-database';
import { nameDemoCrew } from './crew/demo-crew';
import { beginChains } from './chain/append';
import { knownHead } from './chain/head';
import { verifyChains } from './chain/verify';
import { loadDemoBeside, takeDemoOut } from './demo';
import { find } from './find';
import { matchSwap } from './match';
import { makePanel, makePosition, makeSite } from './plant';
import { signSwap } from './sign';
import { setSite } from './sites';
import { openSwap } from './swaps';

const owner = { id: null, name: 'who owns the database', address: null };
let db: TestDatabase;
let site: string;
let position: string;
beforeAll(async () => {
  db = await demoDatabase();
  await beginChains(db.knex);
  site = (await makeSite({ name: 'Tarn Mill', practice: 'NFPA70', timeZone: 'Europe/London' }, tester)).id;
  const panel = (await makePanel(site, { name: 'Pump panel', rails: 1 }, tester)).id;
  position = (await makePosition(panel, { tag: 'K1', function: 'pump', device: 'contactor', loadKind: 'motor-3ph', rail: 0 }, tester)).id;
});
afterAll(() => db.drop());

/** Everything that is of the own site, row by row. */
async function own(): Promise<Record<string, unknown[]>> {
  const { knex } = db;
  const panels = () => knex('panels').where({ site_id: site }).select('id');
  const positions = () => knex('positions').whereIn('panel_id', panels()).select('id');
  const records = () => knex('records').whereIn('position_id', positions()).select('id');
  return {
    sites: await knex('sites').where({ id: site }),
    panels: await knex('panels').where({ site_id: site }).orderBy('id'),
    positions: await knex('positions').whereIn('id', positions()).orderBy('id'),
    swaps: await knex('swaps').whereIn('position_id', positions()).orderBy('id'),
    records: await knex('records').whereIn('id', records()).orderBy('id'),
    events: await knex('events').whereIn('position_id', positions()).orderBy('id'),
    settlements: await knex('settlements').whereIn('record_id', records()).orderBy(['record_id', 'line_id']),
    ledger: await knex('ledger').where({ site_id: site }).orderBy('id'),
    stock: await knex('stock').where({ site_id: site }).orderBy('id'),
    chain: await knex('chain').where({ site }).orderBy('seq'),
    people: await knex('people').whereNot('id', 'like', 'demo-%').orderBy('id'),
  };
}
const columns = async (positionId: string) => (await matchSwap((await openSwap({ positionId })).id, {})).columns;
const beginningOf = async (of: string): Promise<string> => (await db.knex('chain').where({ site: of, seq: 1 }).first()).hash;

describe('the demo beside a plant', () => {
  it('its parts stand to choice at its own sites, and elsewhere where a site asks for them', async () => {
    // The same load and supply as at a position of the demo, so that the same parts would fit; what stands there is not read.
    const { readings } = await db.knex('positions').where({ id: 'kestrel-winch-k2' }).first();
    delete readings.removed;
    await db
      .knex('positions')
      .where({ id: position })
      .update({ readings: JSON.stringify(readings) });
    expect((await columns('kestrel-winch-k2')).length).toBeGreaterThan(0);
    expect(await columns(position)).toEqual([]);
    await setSite(site, { demoParts: true }, tester);
    expect((await columns(position)).length).toBeGreaterThan(0);
  });

  it('its parts are found by words only while a site takes them', async () => {
    expect((await find('nettlecombe')).parts.length).toBeGreaterThan(0);
    await db.knex('sites').update({ demo_parts: false });
    expect((await find('nettlecombe')).parts).toEqual([]);
    await db.knex('sites').update({ demo_parts: true });
  });

  it('no site becomes one of the demo, and none of the demo becomes true', async () => {
    await expect(db.knex('sites').where({ id: site }).update({ demo: true })).rejects.toThrow(/said once/);
    await expect(db.knex('sites').where({ id: 'kestrel' }).update({ demo: false })).rejects.toThrow(/said once/);
  });

  it('goes whole, with its crew and what was signed in it, and nothing else goes; what is one’s own holds', async () => {
    await nameDemoCrew(db.knex);
    const theirs = await readyJob('kestrel-winch-k2');
    await signSwap(theirs.id, theirs, signedByTester);
    const mine = await readyJob(position);
    await signSwap(mine.id, mine, signedByTester);
    const before = await own();
    const chain = await beginningOf('kestrel');
    expect(knownHead(chain, 'kestrel')).toBeDefined();

    const gone = await takeDemoOut(db.knex, owner);
    expect(gone).toMatchObject({ sites: ['Kestrel Point Ferry Slip', 'Ferrow Locks'], records: 1, kept: [mine.partId] });
    expect(gone.people).toHaveLength(6);
    expect(await own()).toEqual(before);
    expect(before.records).toHaveLength(1);
    expect(await db.knex('sites').pluck('id')).toEqual([site]);
    expect(await db.knex('parts').pluck('id')).toEqual([mine.partId]);
    for (const table of ['panels', 'positions', 'circuits', 'records', 'events', 'chain', 'ledger', 'stock', 'swaps', 'position_codes'])
      expect(await db.knex(table), table).toHaveLength(before[table]?.length ?? 0);
    expect(knownHead(chain, 'kestrel')).toBeUndefined();
    expect((await verifyChains(db.knex)).flatMap(({ faults }) => faults)).toEqual([]);
    // What is signed is refused to be changed as before.
    await expect(db.knex('records').update({ hash: 'x' })).rejects.toThrow();

    expect(await takeDemoOut(db.knex, owner)).toMatchObject({ sites: [], parts: 0, people: [] });
  });

  it('comes on demand, once, behind what is there, without its crew', async () => {
    const asked = await Promise.allSettled([1, 2, 3].map(() => loadDemoBeside(tester)));
    expect(asked.map((one) => (one.status === 'fulfilled' ? 200 : one.reason.status)).sort()).toEqual([200, 409, 409]);
    expect(await db.knex('sites').orderBy('sort').pluck('demo')).toEqual([false, true, true]);
    expect(await db.knex('people').where('id', 'like', 'demo-%')).toEqual([]);
    expect((await verifyChains(db.knex)).flatMap(({ faults }) => faults)).toEqual([]);
  });
});
