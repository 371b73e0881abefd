/** A large plant is shown a site and a page at a time, and what is shown of it is what the whole desk says. */
import { afterAll, beforeAll, describe, expect, it } from 'vitest';
import { copyRows } from '@/tests/copy-rows';
import { signedByTester } from '@/tests/crew';
import { readyJob } from '@/tests/job';
import { demoDatabase, type TestDatabase } from '../data/test-database';
import { homeDesk, panelsDesk } from './panels';
import { logbook } from './records';
import { signSwap } from './sign';

let db: TestDatabase;
const now = new Date('2026-11-20T09:00:00Z');
const copies = (table: string, count: number, changes: string, where?: string) => copyRows(db.knex, table, count, changes, where);
beforeAll(async () => {
  db = await demoDatabase();
});
afterAll(() => db.drop());

describe('the home desk', () => {
  it('shows all of a small plant', async () => {
    expect(await homeDesk({}, now)).toEqual(await panelsDesk(now));
  });
  it('of many sites opens one, and counts the others', async () => {
    await copies('sites', 12, `jsonb_build_object('id', r.id || '-x' || i, 'sort', r.sort + 10 * i)`, 'true');
    await copies('panels', 12, `jsonb_build_object('id', r.id || '-x' || i, 'site_id', r.site_id || '-x' || i)`, 'true');
    await copies(
      'positions',
      12,
      `jsonb_build_object('id', r.id || '-x' || i, 'panel_id', r.panel_id || '-x' || i, 'circuit_id', null)`,
      'true',
    );
    const all = await panelsDesk(now);
    for (const [opened, id] of [
      [{}, 'kestrel'],
      [{ site: 'ferrow-x3' }, 'ferrow-x3'],
      [{ panel: 'kestrel-ramp-x7' }, 'kestrel-x7'],
      [{ position: 'kestrel-ramp-k4-x2' }, 'kestrel-x2'],
      [{ site: 'nowhere', panel: 'none', position: 'none' }, 'kestrel'],
    ] as const)
      expect(await homeDesk(opened, now)).toEqual(all.map((site) => (site.id === id ? site : { ...site, panels: [] })));
  });
  it('of a site with many panels opens one, and counts what stands on the others', async () => {
    await copies('panels', 45, `jsonb_build_object('id', r.id || '-y' || i, 'sort', r.sort + 100 + i)`, `id = 'kestrel-ramp'`);
    await copies(
      'positions',
      45,
      `jsonb_build_object('id', r.id || '-y' || i, 'panel_id', r.panel_id || '-y' || i, 'circuit_id', null)`,
      `panel_id = 'kestrel-ramp'`,
    );
    const all = (await panelsDesk(now)).find(({ id }) => id === 'kestrel')!;
    for (const open of ['kestrel-ramp-y30', 'kestrel-winch']) {
      const site = (await homeDesk({ panel: open }, now)).find(({ id }) => id === 'kestrel')!;
      expect(site).toEqual({ ...all, panels: all.panels.map((panel) => (panel.id === open ? panel : { ...panel, positions: [] })) });
    }
  });
});

describe('the logbook', () => {
  it('gives every record once, page by page', async () => {
    const { id } = await readyJob('kestrel-winch-k2');
    await signSwap(id, { version: (await db.knex('swaps').where({ id }).first()).version }, signedByTester);
    const [{ swap_id: signed }] = await db.knex('records');
    await db.knex.raw(
      `create temporary table more as select gen_random_uuid() as swap, gen_random_uuid() as record from generate_series(1, 70)`,
    );
    await db.knex.raw(
      `insert into swaps select (jsonb_populate_record(s, jsonb_build_object('id', swap))).* from more, swaps s where s.id = ?`,
      [signed],
    );
    await db.knex.raw(
      `insert into records select (jsonb_populate_record(r, jsonb_build_object('id', record, 'swap_id', swap))).* from more, records r where r.swap_id = ?`,
      [signed],
    );
    const [first, second] = [await logbook(0), await logbook(1)];
    expect([first.records.length, first.older, second.records.length, second.older]).toEqual([50, true, 21, false]);
    expect(new Set([...first.records, ...second.records].map((record) => record.id)).size).toBe(71);
    expect(first.altered.length).toBeGreaterThan(0);
  });
});
