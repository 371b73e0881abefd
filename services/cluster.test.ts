/** The private cluster of the two commands: it starts twice, survives a kill, and a database that is gone is told apart. */
import { mkdtempSync, readFileSync, rmSync, statSync, writeFileSync } from 'node:fs';
import { createServer } from 'node:net';
import { tmpdir } from 'node:os';
import path from 'node:path';
import { afterAll, beforeAll, describe, expect, it } from 'vitest';
import { connect, isUnreachable } from '../data/connection';
import { migrate } from '../data/migrate';
import { protectSigned, signedTables } from '../data/protect';
import { freePort } from '../scripts/lib/machine.mjs';
import { cluster } from '../scripts/lib/postgres.mjs';

const scratch = mkdtempSync(path.join(tmpdir(), 'loyal-coil-cluster-'));
const pg = cluster(path.join(scratch, 'cluster'));
let port: number;
beforeAll(async () => {
  port = await pg.start();
});
afterAll(() => {
  pg.stop();
  rmSync(scratch, { recursive: true, force: true });
});

const ask = async <T>(sql: string, url = pg.url(port)): Promise<T[]> => {
  const knex = connect(url);
  try {
    return (await knex.raw(sql)).rows as T[];
  } finally {
    await knex.destroy();
  }
};

describe('the private cluster', () => {
  it('makes its database once', () => {
    expect(pg.ensureDatabase(port)).toBe(pg.url(port));
    expect(pg.ensureDatabase(port)).toBe(pg.url(port));
  });
  it('listens on loopback only, as a user that is not root', async () => {
    const [{ listen }] = (await ask<{ listen: string }>(`select current_setting('listen_addresses') as listen`)) as [{ listen: string }];
    expect(listen).toBe('127.0.0.1');
    expect(readFileSync(`/proc/${pg.pid()}/status`, 'utf8')).not.toMatch(/^Uid:\t0\t/m);
  });
  it('lets nobody in without the password, which its user alone can read', async () => {
    const { protocol, host, pathname } = new URL(pg.url(port));
    for (const role of ['loyal', 'coil']) {
      const knex = connect(`${protocol}//${role}@${host}${pathname}`);
      await expect(knex.raw('select 1')).rejects.toThrow(/password/);
      await knex.destroy();
    }
    expect(statSync(pg.secretFile).mode & 0o777).toBe(0o600);
  });
  it('gives the application a role that can do nothing beside its database, on pages with checksums', async () => {
    const [{ mighty, sums }] = (await ask<{ mighty: boolean; sums: string }>(
      `select rolsuper or rolcreaterole or rolcreatedb as mighty, current_setting('data_checksums') as sums from pg_roles where rolname = current_user`,
    )) as [{ mighty: boolean; sums: string }];
    expect({ mighty, sums }).toEqual({ mighty: false, sums: 'on' });
    for (const sql of [
      'create role other',
      'create database other',
      `copy (select 1) to program 'true'`,
      `select pg_read_file('PG_VERSION')`,
    ])
      await expect(ask(sql)).rejects.toThrow(/permission denied|must be superuser/);
  });
  it('shuts a cluster of an older version that let everybody in, and takes the tables back from the application', async () => {
    const rules = path.join(pg.home, 'data/pg_hba.conf');
    writeFileSync(rules, readFileSync(rules, 'utf8').replaceAll('scram-sha-256', 'trust'));
    const admin = connect(pg.adminUrl(port, 'postgres'));
    await admin.raw('select pg_reload_conf()');
    await admin.raw('create database older');
    const old = connect(pg.adminUrl(port, 'older'));
    await migrate(old);
    await old.raw('create table mark (n int); insert into mark values (7)');
    for (const table of ['mark', 'records', 'chain']) await old.raw(`alter table ${table} owner to coil`);
    await admin.destroy();
    expect(await pg.start()).toBe(port);
    const own = connect(pg.ensureDatabase(port, 'older'));
    const again = connect(pg.adminUrl(port, 'older'));
    await protectSigned(again, 'coil');
    await Promise.all([old.destroy(), again.destroy()]);
    await own.raw('insert into mark values (8)');
    expect((await own.raw('select n from mark order by n')).rows).toEqual([{ n: 7 }, { n: 8 }]);
    // Of what is signed it adds and reads, and nothing else; the guard itself is not its own.
    for (const table of signedTables)
      for (const sql of [`delete from ${table}`, `truncate ${table}`, `drop table ${table}`, `alter table ${table} disable trigger all`])
        await expect(own.raw(sql)).rejects.toThrow(/permission denied|must be owner/);
    for (const sql of [
      `update records set signed_by = 'x'`,
      `update chain set hash = 'x'`,
      `update audit set what = 'x'`,
      'create table more (n int)',
    ])
      await expect(own.raw(sql)).rejects.toThrow(/permission denied/);
    await own.raw(`insert into audit (at, person_name, what, about) values (now(), 'x', 'sign-in', '{}')`);
    await own.destroy();
    const open = connect(`postgres://loyal@127.0.0.1:${port}/older`);
    await expect(open.raw('select 1')).rejects.toThrow(/password/);
    await open.destroy();
  });
  it('a second start finds the one that runs', async () => {
    const pid = pg.pid();
    expect(await pg.start()).toBe(port);
    expect(pg.pid()).toBe(pid);
  });
  it('keeps its data over a stop', async () => {
    await ask('create table kept (n int); insert into kept values (42)', pg.adminUrl(port));
    pg.stop();
    expect(pg.runningPort()).toBeUndefined();
    port = await pg.start();
    expect(await ask<{ n: number }>('select n from kept', pg.adminUrl(port))).toEqual([{ n: 42 }]);
  });
  it('keeps what was committed over a kill, and comes back on the same port', async () => {
    await ask('insert into kept values (43)', pg.adminUrl(port));
    process.kill(pg.pid(), 'SIGKILL');
    expect(await pg.start(port)).toBe(port);
    expect((await ask<{ n: number }>('select n from kept order by n', pg.adminUrl(port))).map(({ n }) => n)).toEqual([42, 43]);
  });
  it('migrations run again without harm, and beside another process', async () => {
    const [a, b] = [connect(pg.adminUrl(port)), connect(pg.adminUrl(port))];
    try {
      await migrate(a);
      await Promise.all([migrate(a), migrate(b)]);
      expect(Number((await a('catalogue_version').count('* as n').first())!.n)).toBe(1);
    } finally {
      await Promise.all([a.destroy(), b.destroy()]);
    }
  });
  it('the database itself refuses stock below zero, a second open swap and a second record', async () => {
    const knex = connect(pg.adminUrl(port));
    try {
      await knex('sites').insert({ id: 's', name: 'S', practice: 'IEC', time_zone: 'UTC', schools: '{}', sort: 0 });
      await knex('panels').insert({ id: 'p', site_id: 's', name: 'P', note: '', rails: 1, sort: 0 });
      await knex('positions').insert({
        id: 'x',
        panel_id: 'p',
        tag: 'K1',
        function: '',
        family: 'contactor',
        rating: '',
        rail: 0,
        slot: 0,
        device_name: '',
      });
      await knex('parts').insert({
        id: 'a',
        family: 'contactor',
        maker: 'M',
        name: 'A',
        footprint: '',
        coil_exchangeable: false,
        raw: '{}',
        spec: '{}',
      });
      await expect(knex('stock').insert({ site_id: 's', part_id: 'a', place: 'crib', quantity: -1 })).rejects.toThrow();
      const swap = (id: string) => ({ id, position_id: 'x', status: 'open', version: 1, state: '{}', opened_at: new Date() });
      await knex('swaps').insert(swap('00000000-0000-0000-0000-000000000001'));
      await expect(knex('swaps').insert(swap('00000000-0000-0000-0000-000000000002'))).rejects.toThrow(/one_open_swap/);
      const record = (id: string) => ({
        id,
        swap_id: '00000000-0000-0000-0000-000000000001',
        position_id: 'x',
        signed_at: new Date(),
        signed_by: 'A',
        body: '{}',
        hash: '',
      });
      await knex('records').insert(record('00000000-0000-0000-0000-000000000003'));
      await expect(knex('records').insert(record('00000000-0000-0000-0000-000000000004'))).rejects.toThrow();
      await expect(
        knex('sites').insert({ id: 't', name: 'T', practice: 'UK', time_zone: 'UTC', schools: '{}', sort: 0 }),
      ).rejects.toThrow();
    } finally {
      await knex.destroy();
    }
  });
});

describe('a database that does not answer', () => {
  const failureOf = async (url: string) => {
    const knex = connect(url);
    try {
      await knex.raw('select 1');
      return undefined;
    } catch (error) {
      return error;
    } finally {
      await knex.destroy();
    }
  };
  it('is told from a wrong statement', async () => {
    expect(isUnreachable(await failureOf(`postgres://loyal@127.0.0.1:${await freePort()}/x`))).toBe(true);
    const wrong = await ask('select nothing from nowhere').then(
      () => undefined,
      (error: unknown) => error,
    );
    expect(wrong).toBeDefined();
    expect(isUnreachable(wrong)).toBe(false);
  });
  it('that takes the connection and stays silent is given up within seconds', async () => {
    const silent = createServer().listen(0, '127.0.0.1');
    await new Promise((resolve) => silent.once('listening', resolve));
    const { port: silentPort } = silent.address() as { port: number };
    expect(isUnreachable(await failureOf(`postgres://loyal@127.0.0.1:${silentPort}/x`))).toBe(true);
    silent.close();
  });
});
