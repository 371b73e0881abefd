/** Backups and checks by the queue: one is done for each that is asked for, by whom stands beside it, and what is wrong is said in words. */
import { existsSync, mkdtempSync, readdirSync, rmSync } from 'node:fs';
import { tmpdir } from 'node:os';
import path from 'node:path';
import { afterAll, beforeAll, describe, expect, it, vi } from 'vitest';
import { demoDatabase, type TestDatabase } from '../../data/test-database';
import { beginChains } from '../chain/append';
import { askFor, prepareQueue, startCare, stopCare } from './queue';
import { careState } from './state';
import { careSettings } from './tasks';

let db: TestDatabase;
const folder = mkdtempSync(path.join(tmpdir(), 'loyal-coil-care-'));

beforeAll(async () => {
  vi.stubEnv('LOYAL_COIL_BACKUPS', folder);
  vi.stubEnv('LOYAL_COIL_BACKUPS_KEPT', '2');
  db = await demoDatabase();
  await beginChains(db.knex);
});
afterAll(async () => {
  await stopCare();
  vi.unstubAllEnvs();
  rmSync(folder, { recursive: true, force: true });
  await db.drop();
});

/** Asks for a task and waits until one more of it was done. */
async function done(task: 'backup' | 'check') {
  const before = (await careState()).runs[task].length;
  expect(await askFor(task, 'An administrator')).toEqual({ asked: true });
  const runs = await vi.waitFor(
    async () => {
      const now = (await careState()).runs[task];
      expect(now.length).toBe(before + 1);
      return now;
    },
    { timeout: 40_000, interval: 200 },
  );
  return runs[0]!;
}

describe('the care of an installation', () => {
  it('is off until its queue is there, and says so', async () => {
    await expect(askFor('backup', 'An administrator')).rejects.toMatchObject({ status: 409 });
    const { running, wrong } = await careState();
    expect(running).toBe(false);
    expect(wrong.join(' ')).toMatch(/do not run by themselves.*no backup yet.*no check of what was signed yet/);
  });

  it('makes a backup, keeps as many as it is told, and says where it stands', async () => {
    await prepareQueue(db.knex, db.url);
    // Made again it is as it was: every start does so.
    await prepareQueue(db.knex, db.url);
    startCare();
    await vi.waitFor(async () => expect((await careState()).running).toBe(true), { timeout: 20_000 });
    for (let nth = 1; nth <= 3; nth += 1) {
      const run = await done('backup');
      expect(run).toMatchObject({ good: true, askedBy: 'An administrator' });
      expect(run.words).toMatch(/^\d{4}-.*, \d+\.\d MB/);
    }
    expect(readdirSync(folder)).toHaveLength(careSettings().kept);
    for (const name of readdirSync(folder)) expect(existsSync(path.join(folder, name, 'manifest.json'))).toBe(true);
  });

  it('checks what was signed, and is well', async () => {
    expect(await done('check')).toMatchObject({ good: true });
    const { wrong } = await careState();
    expect(wrong).toEqual([]);
  });

  it('finds what was put in behind its back, in words', async () => {
    const [position] = await db.knex('positions').select('id').limit(1);
    await db.knex('events').insert({ position_id: position.id, at: new Date(), kind: 'fault', text: 'nobody saw this' });
    const run = await done('check');
    expect(run).toMatchObject({ good: false });
    expect(run.words).toMatch(/^1 not as it was signed\. The event .* was put in beside the chain/);
    expect((await careState()).wrong.join(' ')).toMatch(/did not go well/);
  });

  it('says what went wrong where it cannot write, and goes on', async () => {
    vi.stubEnv('LOYAL_COIL_BACKUPS', path.join(import.meta.filename, 'no-folder'));
    expect(await done('backup')).toMatchObject({ good: false });
    vi.stubEnv('LOYAL_COIL_BACKUPS', folder);
    expect(await done('backup')).toMatchObject({ good: true });
  });

  it('is old after a night without', async () => {
    const { wrong } = await careState(new Date(Date.now() + 48 * 3_600_000));
    expect(wrong.filter((words) => /is 4[78] hours old/.test(words))).toHaveLength(2);
  });
});
