/** What is backed up can be restored, whole and verified; what is not whole is refused before anything is touched. */
import { mkdtempSync, readFileSync, readdirSync, rmSync, statSync, writeFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import path from 'node:path';
import { afterAll, beforeAll, describe, expect, it } from 'vitest';
import { connect } from '../../data/connection';
import { insertEvent } from '../../data/positions';
import { demoDatabase, emptyDatabase, type TestDatabase } from '../../data/test-database';
import { inTransaction } from '../../data/transaction';
import { appendRows, beginChains } from '../chain/append';
import { verifyChains } from '../chain/verify';
import { backupsIn, checkBackup, makeBackup, restoreBackup, retain } from './backup';

let db: TestDatabase;
const into = mkdtempSync(path.join(tmpdir(), 'loyal-coil-backups-'));
let folder = '';
const made: TestDatabase[] = [];

/** An empty database of its own. */
async function emptyUrl(): Promise<string> {
  const empty = await emptyDatabase();
  made.push(empty);
  return empty.url;
}
const addEvent = (text: string) =>
  inTransaction(db.knex, async (trx) => {
    const id = await insertEvent(trx, { position_id: 'ferrow-gate-k2', at: new Date(), kind: 'note', text, record_id: null });
    await appendRows(trx, [['event', id]]);
  });

beforeAll(async () => {
  db = await demoDatabase();
  await beginChains(db.knex);
  await db.knex('pictures').insert({
    ...{ id: crypto.randomUUID(), swap_id: (await db.knex('swaps').first()).id, section: 'load', kind: 'motor-3ph', width: 1, height: 1 },
    ...{ bytes: Buffer.from([0, 255, 1, 254]), seen: '{}', taken_at: new Date() },
  });
  await addEvent('before the backup');
  folder = (await makeBackup(db.url, into, true)).folder;
});
afterAll(async () => {
  await db.drop();
  for (const one of made) await one.drop();
  rmSync(into, { recursive: true });
});

/** Rows of every table as text, so that two databases can be held against each other. */
async function rowsOf(url: string): Promise<Record<string, string>> {
  const knex = connect(url);
  const tables = (await knex('pg_tables').where({ schemaname: 'public' }).orderBy('tablename')).map(
    ({ tablename }: { tablename: string }) => tablename,
  );
  const found: Record<string, string> = {};
  for (const table of tables) {
    const { rows } = await knex.raw(
      `select count(*) as n, md5(coalesce(string_agg(t::text, '|' order by t::text), '')) as hash from "${table}" t`,
    );
    found[table] = `${rows[0].n} ${rows[0].hash}`;
  }
  await knex.destroy();
  return found;
}

describe('a backup', () => {
  it('comes back row for row, and its chains hold', async () => {
    const before = await rowsOf(db.url);
    const url = await emptyUrl();
    const { states, otherHeads, manifest } = await restoreBackup(folder, url);
    expect(otherHeads).toEqual([]);
    expect(states.flatMap(({ faults }) => faults)).toEqual([]);
    expect(manifest.heads.map(({ site }) => site)).toEqual(['ferrow', 'kestrel']);
    expect(await rowsOf(url)).toEqual(before);
  });
  it('that is older than what was signed since says so', async () => {
    await addEvent('after the backup');
    const url = await emptyUrl();
    const { states } = await restoreBackup(folder, url);
    expect(states.flatMap(({ faults }) => faults.map(({ kind }) => kind))).toEqual(['older-database']);
    expect((await verifyChains(db.knex)).flatMap(({ faults }) => faults)).toEqual([]);
  });
  it('keeps its files to its owner, with the key where it is asked for', () => {
    expect(readdirSync(folder).sort()).toEqual(['database.dump', 'manifest.json', 'signing.key']);
    expect(statSync(folder).mode & 0o077).toBe(0);
    expect(readFileSync(path.join(folder, 'manifest.json'), 'utf8')).not.toContain('PRIVATE');
  });
  it('is not restored over anything', async () => {
    await expect(restoreBackup(folder, db.url)).rejects.toThrow(/holds something already/);
  });
  it.each(['database.dump', 'signing.key'])('with a changed byte in %s is refused before anything is touched', async (name) => {
    const file = path.join(folder, name);
    const whole = readFileSync(file);
    const changed = Buffer.from(whole);
    changed[Math.floor(changed.length / 2)]! ^= 1;
    writeFileSync(file, changed);
    const url = await emptyUrl();
    await expect(restoreBackup(folder, url)).rejects.toThrow(/is not what was backed up/);
    expect(await rowsOf(url)).toEqual({});
    writeFileSync(file, whole);
    await checkBackup(folder);
  });
  it('that was not finished is none, and leaves nothing behind', async () => {
    await expect(makeBackup(db.url.replace(/\/[^/]*$/, '/nowhere'), into, false)).rejects.toThrow();
    expect(backupsIn(into)).toEqual([folder]);
    await expect(checkBackup(into)).rejects.toThrow(/no manifest.json/);
  });
  it('goes when newer ones have taken its place', async () => {
    const newer = await makeBackup(db.url, into, false, new Date(Date.now() + 1000));
    expect(retain(into, 2)).toBe(0);
    expect(retain(into, 1)).toBe(1);
    expect(backupsIn(into)).toEqual([newer.folder]);
  });
});
