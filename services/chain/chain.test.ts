/** What is signed cannot be altered unnoticed: every kind of tampering is found, in words, wherever the record is shown. */
import { knownAltered } from './known';
import { spawnSync } from 'node:child_process';
import { generateKeyPairSync } from 'node:crypto';
import { mkdtempSync, readdirSync, rmSync, writeFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import path from 'node:path';
import { afterAll, beforeAll, describe, expect, it, vi } from 'vitest';
import { signedByTester } from '@/tests/crew';
import { readyJob } from '@/tests/job';
import { entryText, faultKinds, type ChainEntry } from '../../core/record/chain';
import { chainOf } from '../../data/chain';
import { demoDatabase, type TestDatabase } from '../../data/test-database';
import { keyFolder } from '../keys';
import { labelPdf, recordPdf } from '../record-pdf';
import { loadRecord, logbook } from '../records';
import { signSwap } from '../sign';
import { beginChains } from './append';
import { sha256 } from '../sha256';
import { verifyChains } from './verify';

let db: TestDatabase;
const records: string[] = [];
const SITE = 'ferrow';

/** Signs a job at a position, with a picture of the load's plate. */
async function signAt(positionId: string): Promise<string> {
  const { id, version } = await readyJob(positionId);
  await db.knex('pictures').insert({
    ...{ id: crypto.randomUUID(), swap_id: id, section: 'load', kind: 'motor-3ph', width: 1, height: 1 },
    ...{ bytes: Buffer.from('a picture'), seen: '{}', taken_at: new Date() },
  });
  return (await signSwap(id, { version }, signedByTester)).recordId;
}

beforeAll(async () => {
  db = await demoDatabase();
  await beginChains(db.knex);
  for (const at of ['ferrow-gate-k2', 'ferrow-gate-k1']) records.push(await signAt(at));
});
afterAll(() => db.drop());

const faults = async () => (await verifyChains(db.knex)).flatMap((state) => state.faults);
/** Tampers as whoever holds the whole database can, looks, and takes it back. */
async function tampered<T>(statements: readonly string[], look: () => Promise<T>): Promise<T> {
  const trx = await db.knex.transaction();
  const pool = (globalThis as { loyalCoilKnex?: unknown }).loyalCoilKnex;
  try {
    await trx.raw(`set local session_replication_role = 'replica'`);
    for (const statement of statements) await trx.raw(statement);
    Object.assign(globalThis, { loyalCoilKnex: trx });
    return await look();
  } finally {
    Object.assign(globalThis, { loyalCoilKnex: pool });
    await trx.rollback();
  }
}
const everFound = new Set<string>();
const kindsAfter = (...statements: string[]) =>
  tampered(statements, async () => {
    const trx = (globalThis as unknown as { loyalCoilKnex: TestDatabase['knex'] }).loyalCoilKnex;
    const kinds = new Set((await verifyChains(trx)).flatMap((state) => state.faults.map(({ kind }) => kind)));
    for (const kind of kinds) everFound.add(kind);
    return [...kinds];
  });

describe('a chain', () => {
  it('is whole, with numbers without gaps from its beginning, and begins once', async () => {
    expect(await faults()).toEqual([]);
    const entries = await chainOf(db.knex, SITE);
    expect(entries.map(({ seq }) => seq)).toEqual(entries.map((_one, i) => i + 1));
    expect(entries.slice(-6).map(({ kind }) => kind)).toEqual(expect.arrayContaining(['record', 'event', 'stock']));
    await beginChains(db.knex);
    expect(await chainOf(db.knex, SITE)).toHaveLength(entries.length);
  });
  it('of signatures at the same moment keeps each once, in a row', async () => {
    const before = (await chainOf(db.knex, SITE)).length;
    records.push(...(await Promise.all(['ferrow-pump-k10', 'ferrow-cabin-c21'].map(signAt))));
    const entries = await chainOf(db.knex, SITE);
    expect(entries.length).toBeGreaterThanOrEqual(before + 4);
    expect(await faults()).toEqual([]);
  });
});

describe('tampering', () => {
  const last = `(select max(seq) from chain where site = '${SITE}')`;
  it.each([
    ['a changed body', `update records set body = jsonb_set(body, '{signedBy}', '"Somebody else"')`, 'changed-row'],
    ['a changed name beside the body', `update records set signed_by = 'Somebody else'`, 'changed-row'],
    ['a changed date beside the body', `update records set signed_at = signed_at - interval '1 day'`, 'changed-row'],
    ['a changed hash', `update records set hash = repeat('0', 64)`, 'changed-row'],
    ['a changed event', `update events set text = 'nothing happened' where kind = 'swap'`, 'changed-row'],
    ['a deleted record', `delete from records where id = (select min(id::text)::uuid from records)`, 'missing-row'],
    ['a deleted event', `delete from events where kind = 'swap'`, 'missing-row'],
    [
      'an inserted record',
      `insert into records select gen_random_uuid(), gen_random_uuid(), position_id, signed_at, signed_by, body, hash from records limit 1`,
      'added-row',
    ],
    [
      'an inserted event',
      `insert into events (position_id, at, kind, text) values ('ferrow-gate-k2', now(), 'note', 'made up')`,
      'added-row',
    ],
    ['a changed entry of the ledger', `update ledger set change = change + 1`, 'changed-row'],
    ['a deleted entry of the ledger', `delete from ledger where kind = 'fitted'`, 'missing-row'],
    [
      'an inserted entry of the ledger',
      `insert into ledger (site_id, part_id, place, kind, change, "by", at) select '${SITE}', part_id, place, 'received', 1, 'Somebody', now() from stock limit 1`,
      'added-row',
    ],
    ['a changed picture', `update pictures set bytes = 'another'`, 'changed-picture'],
    ['a deleted picture', `delete from pictures`, 'changed-picture'],
    ['a changed entry', `update chain set content = '{}' where kind = 'record'`, 'changed-entry'],
    ['an entry that is no JSON any more', `update chain set content = '{' where kind = 'record'`, 'changed-entry'],
    ['a deleted entry', `delete from chain where site = '${SITE}' and seq = ${last} - 2`, 'missing-entry'],
    ['a foreign key', `update chain set key = repeat('0', 16) where kind = 'record'`, 'foreign-key'],
    [
      'another signature',
      `update chain set signature = (select signature from chain where seq = 1 limit 1) where kind = 'record'`,
      'wrong-signature',
    ],
    ['an end cut off', `delete from chain where site = '${SITE}' and seq = ${last}`, 'older-database'],
    ['a beginning cut off', `delete from chain where site = '${SITE}' and seq = 1`, 'no-beginning'],
  ])('%s is found', async (_name, statement, kind) => expect(await kindsAfter(statement)).toContain(kind));

  it('a swapped order is found', async () => {
    const swap = `update chain set seq = case seq when ${last} then ${last} - 1 + 100000 else ${last} + 100000 end where site = '${SITE}' and seq >= ${last} - 1`;
    const kinds = await kindsAfter(swap, `update chain set seq = seq - 100000 where seq > 100000`);
    expect(kinds).toEqual(expect.arrayContaining(['changed-entry', 'swapped-order']));
  });
  it('an order swapped with new hashes is found by its signatures, and so is a link that leads elsewhere', async () => {
    const entries = await chainOf(db.knex, SITE);
    const [one, two] = entries.slice(-2) as [ChainEntry, ChainEntry];
    const again = (entry: ChainEntry, seq: number, prev: string) => {
      const next = { ...entry, seq, prev };
      return { ...next, hash: sha256(entryText(next)) };
    };
    const first = again(two, one.seq, one.hash);
    const second = again(one, two.seq, first.hash);
    const set = ({ seq, kind, ref, content, prev, hash }: ChainEntry) =>
      db.knex('chain').where({ site: SITE, seq }).update({ kind, ref, content, prev, hash }).toString();
    expect(await kindsAfter(set(first), set(second))).toEqual(expect.arrayContaining(['wrong-signature', 'changed-link']));
    expect(await kindsAfter(set(again(two, two.seq, 'f'.repeat(64))))).toContain('changed-link');
  });
  it('an older database, put back, is found by the head that stands outside of it', async () => {
    const heads = readdirSync(keyFolder()).filter((name) => name.startsWith('head-'));
    expect(heads.length).toBeGreaterThan(0);
    const tail = [`delete from chain where site = '${SITE}' and at >= (select min(at) from chain where kind = 'record')`];
    tail.push(
      `delete from ledger where kind = 'fitted'`,
      'delete from records',
      'delete from events where record_id is not null',
      'delete from pictures',
    );
    expect(await kindsAfter(...tail)).toEqual(['older-database']);
  });
  it('has no kind that is never found here', () => expect([...everFound].sort()).toEqual([...faultKinds].sort()));
  it('is said by the record, its PDF, its label and the logbook', async () => {
    const id = records[0]!;
    const whole = { record: await loadRecord(id), book: await logbook(0) };
    expect(whole.record.altered).toEqual([]);
    const [pdf, label] = [await recordPdf(whole.record), await labelPdf(whole.record)];
    await tampered([`update records set body = jsonb_set(body, '{remark}', '"x"') where id = '${id}'`], async () => {
      const record = await loadRecord(id);
      expect(record.altered.join(' ')).toMatch(/is not what was signed/);
      expect((await recordPdf(record)).length).not.toBe(pdf.length);
      expect((await labelPdf(record)).length).not.toBe(label.length);
      const book = await logbook(0);
      expect(book.altered.length).toBeGreaterThan(0);
      // The panels desk checks nothing itself and says what is known.
      expect(await knownAltered()).toEqual(book.altered);
      expect(book.records.find((one) => one.id === id)!.altered.length).toBeGreaterThan(0);
    });
    await tampered([`delete from chain where kind = 'record'`], async () =>
      expect((await loadRecord(id)).altered.join(' ')).toMatch(/in no chain/),
    );
  });
  it.each([
    ['a body', (id: string) => `update records set body = jsonb_set(body, '{remark}', '"x"') where id = '${id}'`],
    ['who signed', (id: string) => `update records set signed_by = 'Somebody Else' where id = '${id}'`],
    ['a picture', (id: string) => `update pictures set bytes = 'x' where swap_id = (select swap_id from records where id = '${id}')`],
    ['an entry', (id: string) => `update chain set content = content || ' ' where ref = '${id}'`],
    ['an entry that is gone', (id: string) => `delete from chain where ref = '${id}'`],
  ])('%s is said by the logbook at once, however lately the chains were verified as whole', async (_what, tamper) => {
    await tampered([], async () => {
      const { loyalCoilKnex: trx } = globalThis as unknown as { loyalCoilKnex: TestDatabase['knex'] };
      const before = await logbook(0);
      expect([...before.altered, ...before.records.flatMap(({ altered }) => altered)]).toEqual([]);
      const [{ swap_id }] = (await trx('pictures').select('swap_id').limit(1)) as [{ swap_id: string }];
      const { id } = (await trx('records').where({ swap_id }).first()) as { id: string };
      await trx.raw(tamper(id));
      const after = (await logbook(0)).records;
      expect(after.filter(({ altered }) => altered.length > 0).map((one) => one.id)).toContain(id);
    });
  });
  it.each(['records', 'events', 'settlements', 'chain'])(
    '%s refuses to be changed, emptied or shortened by the application',
    async (table) => {
      for (const statement of [
        `update ${table} set ${table === 'settlements' ? 'found' : table === 'chain' ? 'kind' : table === 'events' ? 'text' : 'hash'} = 'x'`,
        `delete from ${table}`,
      ])
        await expect(db.knex.raw(statement)).rejects.toThrow(/append-only/);
    },
  );
});

describe('a record checks itself without us', () => {
  it('from its JSON and the public key alone, by thirty lines, and not when a letter of it is another', async () => {
    const { id, hash, body, entry, publicKey } = await loadRecord(records[0]!);
    const folder = mkdtempSync(path.join(tmpdir(), 'loyal-coil-record-'));
    const check = (value: object, key?: string) => {
      const file = path.join(folder, 'record.json');
      writeFileSync(file, JSON.stringify(value));
      return spawnSync(process.execPath, ['docs/check-record.mjs', file, ...(key ? [key] : [])], { encoding: 'utf8' });
    };
    const kept = JSON.parse(JSON.stringify({ id, hash, record: body, entry, publicKey })) as { record: { remark: string } };
    expect(check(kept, publicKey)).toMatchObject({ status: 0, stdout: expect.not.stringContaining('NOT') });
    expect(check({ ...kept, record: { ...kept.record, remark: 'x' } }, publicKey).status).toBe(1);
    const other = generateKeyPairSync('ed25519').publicKey.export({ type: 'spki', format: 'der' }).subarray(-32).toString('base64');
    expect(check(kept, other).status).toBe(1);
    rmSync(folder, { recursive: true });
  });
});

describe('a clock set back', () => {
  it('leaves the chain whole: it goes by its numbers', async () => {
    const before = (await chainOf(db.knex, SITE)).at(-1)!;
    vi.useFakeTimers({ toFake: ['Date'], now: new Date('2019-03-01T06:00:00Z') });
    const id = await signAt('ferrow-gate-k2').finally(() => vi.useRealTimers());
    const after = (await chainOf(db.knex, SITE)).at(-1)!;
    expect(after.seq).toBeGreaterThan(before.seq);
    expect(after.at < before.at).toBe(true);
    expect(await faults()).toEqual([]);
    expect((await loadRecord(id)).altered).toEqual([]);
  });
});
