/**
 * Part of npm run faults: server or database is killed hard while eight hands save and, at every fifth kill, one signs. Prints what was
 * acknowledged, and what of it was lost, doubled or half-written after the next start; ends with 1 where anything was.
 * Arguments: kills, seed. LOYAL_COIL_SCRATCH names a folder for cluster and keys; the application must be built.
 */
import type { ChildProcess } from 'node:child_process';
import { readdirSync, readFileSync } from 'node:fs';
import path from 'node:path';
import { setTimeout as wait } from 'node:timers/promises';
import { certain } from '../core/certain';
import { DEMO_PIN } from '../core/crew/demo';
import { connect, database } from '../data/connection';
import { verifyChains } from '../services/chain/verify';
import { readyJob } from '../tests/job';
import { seeded } from '../tests/laws/random';
import { freePort } from './lib/machine.mjs';
import { cluster } from './lib/postgres.mjs';
import { prepareDatabase } from './lib/prepare.mjs';
import { answers, startServer } from './lib/server.mjs';
import { demoSession } from './lib/sign-in.mjs';

const [kills = 500, seed = 20261130] = process.argv.slice(2).map(Number);
const random = seeded(seed);
const scratch = certain(process.env.LOYAL_COIL_SCRATCH);
const pg = cluster(path.join(scratch, 'kills'));
const pgPort = await pg.start();
const databaseUrl = prepareDatabase(pg, pgPort, 'kills');
process.env.DATABASE_URL = databaseUrl;
const port = await freePort();
const url = `http://127.0.0.1:${port}`;
let server: ChildProcess;
async function startAll(): Promise<void> {
  if (pg.runningPort() === undefined) await pg.start(pgPort);
  if (!server || server.exitCode !== null || server.signalCode !== null) server = startServer({ port, databaseUrl });
  await answers(`${url}/api/v1/ready`, server, 60);
}
await startAll();
const { header } = await demoSession(url);
const headers = { 'content-type': 'application/json', cookie: header };
type Answer = { status: number; body: { id?: string; version?: number; recordId?: string; state?: { typed: Record<string, string> } } };
/** An answer, or null where nobody answered: then nothing was promised. */
const ask = async (method: string, at: string, body?: unknown): Promise<Answer | null> => {
  try {
    const answer = await fetch(url + at, { method, headers, body: body === undefined ? undefined : JSON.stringify(body) });
    return { status: answer.status, body: await answer.json() };
  } catch {
    return null;
  }
};

/** What one hand was promised of its job, and what it asked last without an answer. */
type Hand = { id: string; version: number; value: string; pending: string };
/** Positions whose first offered part can be signed. */
const signable = ['kestrel-ramp-k4', 'kestrel-ramp-k5', 'ferrow-gate-k1', 'ferrow-gate-k2'];
const own = connect(databaseUrl);
const places = await own('positions')
  .whereNotNull('family')
  .whereNotNull('load_kind')
  .whereNotIn('id', signable)
  .orderBy('id')
  .limit(8)
  .pluck('id');
const hands: Hand[] = [];
for (const positionId of places) {
  const { body } = certain(await ask('POST', '/api/v1/swaps', { positionId }));
  const id = certain(body.id);
  hands.push({ id, version: certain((await ask('GET', `/api/v1/swaps/${id}`))?.body.version), value: '', pending: '' });
}

const told = { saves: 0, signatures: 0 };
const wrong: string[] = [];
let storm = false;
let marks = 0;
async function saves(hand: Hand): Promise<void> {
  while (storm) {
    marks += 1;
    hand.pending = `mark ${marks}`;
    const answer = await ask('PATCH', `/api/v1/swaps/${hand.id}`, {
      version: hand.version,
      changes: [{ path: 'typed.load', value: hand.pending }],
    });
    if (answer === null || answer.status >= 500) return;
    if (answer.status !== 200) return void wrong.push(`a save was answered ${answer.status}`);
    told.saves += 1;
    Object.assign(hand, { version: certain(answer.body.version), value: hand.pending });
  }
}
/** What stands at an address; a server that has just come back may say that it cannot yet, for as long as a person would wait. */
async function found(at: string): Promise<Answer | null> {
  const until = Date.now() + 30_000;
  for (;;) {
    const answer = await ask('GET', at);
    if ((answer !== null && answer.status < 500) || Date.now() > until) return answer;
    await wait(250);
  }
}
/** Each hand finds what it was promised, or that and the one thing that it asked last. */
async function heldTo(hand: Hand): Promise<void> {
  const answer = await found(`/api/v1/swaps/${hand.id}`);
  if (answer?.status !== 200) return void wrong.push(`${hand.id}: ${answer?.status ?? 'no'} answer ${JSON.stringify(answer?.body)}`);
  const { body } = answer;
  const [version, value] = [certain(body.version), body.state?.typed.load ?? ''];
  const asPromised = version === hand.version && value === hand.value;
  const oneMore = version === hand.version + 1 && value === hand.pending;
  if (!asPromised && !oneMore) wrong.push(`${hand.id}: promised ${hand.version} '${hand.value}', found ${version} '${value}'`);
  Object.assign(hand, { version, value });
}

type Signing = { id: string; version: number; recordId?: string };
const signings: Signing[] = [];
const sign = async (one: Signing): Promise<void> => {
  const answer = await ask('POST', `/api/v1/swaps/${one.id}/sign`, { version: one.version, pin: DEMO_PIN });
  if (answer === null || answer.status >= 500) return;
  if (answer.status !== 200)
    return void wrong.push(`a signature was answered ${answer.status}: ${JSON.stringify(answer.body).slice(0, 200)}`);
  told.signatures += 1;
  one.recordId = answer.body.recordId;
};
/** One record a job at most, the promised one, with its job signed. */
async function signedOnce(one: Signing): Promise<void> {
  const records = await database()('records').where({ swap_id: one.id });
  const { status } = certain(await database()('swaps').where({ id: one.id }).first());
  const promised = one.recordId === undefined || records[0]?.id === one.recordId;
  if (records.length > 1 || !promised || (status === 'signed') !== (records.length === 1))
    wrong.push(`${one.id}: ${records.length} records, ${status}, promised ${one.recordId ?? 'nothing'}`);
}

const postgresOf = (): number[] => {
  const head = pg.pid();
  const children = readdirSync('/proc')
    .filter((name) => /^\d+$/.test(name))
    .map(Number)
    .filter((pid) => {
      try {
        return Number(/^PPid:\s+(\d+)/m.exec(readFileSync(`/proc/${pid}/status`, 'utf8'))?.[1]) === head;
      } catch {
        return false;
      }
    });
  return [head, ...children];
};
function kill(what: 'server' | 'database'): void {
  for (const pid of what === 'server' ? [certain(server.pid)] : postgresOf())
    try {
      process.kill(pid, 'SIGKILL');
    } catch {
      // It has ended by itself meanwhile.
    }
}

const killed = { server: 0, database: 0 };
for (let i = 0; i < kills; i += 1) {
  const signing = i % 5 === 0 ? await readyJob(certain(signable[signings.length % signable.length])) : undefined;
  if (signing) signings.push(signing);
  storm = true;
  const all = [...hands.map(saves), ...(signing ? [wait(random.next() * 200).then(() => sign(signing))] : [])];
  // The first signature after a start takes the longest: about half of them are answered before the kill.
  await wait(40 + random.next() * (signing ? 6000 : 400));
  const what = random.next() < 0.6 ? 'server' : 'database';
  killed[what] += 1;
  kill(what);
  storm = false;
  await Promise.all(all);
  if (what === 'server')
    await new Promise((resolve) => ((server.exitCode ?? server.signalCode) !== null ? resolve(null) : server.once('exit', resolve)));
  await startAll();
  await Promise.all(hands.map(heldTo));
  if (signing) await signedOnce(signing);
  if (wrong.length > 0) break;
  if ((i + 1) % 50 === 0) console.log(`kills: ${i + 1}, ${told.saves} saves and ${told.signatures} signatures acknowledged`);
}
for (const one of signings) await signedOnce(one);
const chains = await verifyChains(database());
wrong.push(...chains.flatMap(({ faults }) => faults.map((fault) => JSON.stringify(fault))));
console.log(
  `kills: seed ${seed}, ${killed.server} of the server and ${killed.database} of the database; acknowledged ${told.saves} saves and ${told.signatures} signatures; lost, doubled or half-written: ${wrong.length}`,
);
for (const one of wrong.slice(0, 10)) console.log(`kills: ${one}`);
kill('server');
pg.stop();
await Promise.all([database().destroy(), own.destroy()]);
process.exitCode = wrong.length === 0 ? 0 : 1;
