/** Jobs that end without a new part: signed, in the history, once; what was read stays; what is noted counts as a fault. */
import { afterAll, beforeAll, describe, expect, it } from 'vitest';
import { endingKinds, endingWords, type EndingKind } from '@/core/swap/ending';
import { safeSteps } from '@/core/swap/make-safe';
import { insertPerson, personById } from '../data/crew';
import { eventsOf } from '../data/positions';
import { demoDatabase, type TestDatabase } from '../data/test-database';
import { beginChains } from './chain/append';
import { verifyChains } from './chain/verify';
import { hashSecret } from './crew/auth';
import { personOfRow, type Caller } from './crew/caller';
import { discardJob, endJob, logAtPosition } from './endings';
import { panelsDesk } from './panels';
import { loadSwap, openSwap, saveSwap } from './swaps';

const PIN = '246813';
let db: TestDatabase;
const who = {} as Record<'electrician' | 'foreman' | 'apprentice', Caller>;
beforeAll(async () => {
  db = await demoDatabase();
  await beginChains(db.knex);
  const [hash, pinHash] = await Promise.all([hashSecret('a long enough sentence'), hashSecret(PIN)]);
  for (const role of ['electrician', 'foreman', 'apprentice'] as const) {
    const id = await insertPerson(
      db.knex,
      { name: `The ${role}`, username: role, role, mustChangePassword: false, pinHash },
      hash,
      new Date(),
    );
    const person = personOfRow((await personById(db.knex, id))!);
    who[role] = { person, actor: { id, name: person.name, address: null }, session: role, scopes: null };
  }
});
afterAll(() => db.drop());

const headers = new Headers();
const started = async (positionId: string, safe = true) => {
  const { id } = await openSwap({ positionId });
  const { state, site, version } = await loadSwap(id);
  const changes = safe ? safeSteps(state, site.practice).map(({ id: step }) => ({ path: `safe.${step}`, value: true })) : [];
  if (changes.length > 0) await saveSwap(id, { version, changes }, who.electrician);
  return { id, version: (await loadSwap(id)).version };
};
const wordsOf = (kind: EndingKind) => ({
  ...{ kind, what: 'looked at the terminals', pin: PIN },
  ...(kind === 'adjusted' ? { from: '11 A', to: '12.5 A' } : {}),
  ...(kind === 'elsewhere' ? { positionId: 'kestrel-winch-k1' } : {}),
});
const refusal = (doing: Promise<unknown>) =>
  doing.then(
    () => undefined,
    (error: { status: number; faults: { field: string; reason: string }[] }) => error,
  );
const tileOf = async (id: string) =>
  (await panelsDesk()).flatMap(({ panels }) => panels.flatMap(({ positions }) => positions)).find((one) => one.id === id)!;

describe('a job ends', () => {
  it.each(endingKinds)('%s: signed once, in the history, and the position is free for the next', async (kind) => {
    const { id, version } = await started('kestrel-ramp-k4');
    const end = () => endJob(id, { version, ...wordsOf(kind) }, who.electrician, headers);
    expect(await Promise.all([end(), end()])).toEqual([{ ended: true }, { ended: true }]);
    const own = (await eventsOf(db.knex, 'kestrel-ramp-k4')).filter((event) => event.kind === kind);
    expect(own).toHaveLength(1);
    expect(own[0]!.text).toContain(`${endingWords[kind].name}`);
    expect(own[0]!.text).toContain('signed by The electrician');
    expect((await openSwap({ positionId: 'kestrel-ramp-k4' })).id).not.toBe(id);
    await db.knex('swaps').where({ status: 'open', position_id: 'kestrel-ramp-k4' }).delete();
    const late = { version, changes: [{ path: 'typed.load', value: 'too late' }] };
    expect(await refusal(saveSwap(id, late, who.electrician))).toMatchObject({ status: 409 });
  });
  it('found elsewhere stands at both positions; the other one has a fault', async () => {
    expect((await eventsOf(db.knex, 'kestrel-winch-k1')).some(({ kind, text }) => kind === 'fault' && /^Found from K4/.test(text))).toBe(
      true,
    );
    const { id, version } = await started('kestrel-ramp-k4');
    const own = { version, ...wordsOf('elsewhere'), positionId: 'kestrel-ramp-k4' };
    expect((await refusal(endJob(id, own, who.electrician, headers)))!.faults[0]!.field).toBe('positionId');
    await db.knex('swaps').where({ id }).delete();
  });
  it.each(endingKinds)('%s: not made safe stops it where hands were on the circuit', async (kind) => {
    const { id, version } = await started('kestrel-winch-k2', false);
    const error = await refusal(endJob(id, { version, ...wordsOf(kind) }, who.electrician, headers));
    expect(error?.faults[0]?.field).toBe(endingWords[kind].hands ? 'safe' : undefined);
    await db.knex('swaps').where({ position_id: 'kestrel-winch-k2', status: 'open' }).delete();
  });
  it('keeps with the position what was read in it', async () => {
    const { id, version } = await started('kestrel-winch-k3');
    const after = await saveSwap(
      id,
      { version, changes: [{ path: 'load.fullLoadAmps', value: { state: 'measured', value: 17.3 } }] },
      who.electrician,
    );
    await endJob(id, { version: after.version, ...wordsOf('nothing-found') }, who.electrician, headers);
    const next = await loadSwap((await openSwap({ positionId: 'kestrel-winch-k3' })).id);
    expect(next.state.load.fullLoadAmps).toEqual({ state: 'measured', value: 17.3 });
  });
  it('waiting is said at the position until something else was done there', async () => {
    const { id, version } = await started('ferrow-gate-k2');
    await endJob(id, { version, ...wordsOf('waiting'), what: 'a coil from the stores of the quarry' }, who.electrician, headers);
    expect(await tileOf('ferrow-gate-k2')).toMatchObject({
      states: expect.arrayContaining(['waiting']),
      waiting: expect.stringContaining('a coil from the stores'),
    });
    const next = await started('ferrow-gate-k2');
    await endJob(next.id, { version: next.version, ...wordsOf('repaired') }, who.electrician, headers);
    expect((await tileOf('ferrow-gate-k2')).waiting).toBeNull();
  });
  it('by who may sign, with the PIN, of the version that was seen', async () => {
    const { id, version } = await started('ferrow-gate-k1');
    const end = (caller: Caller, more: object = {}) =>
      refusal(endJob(id, { version, ...wordsOf('nothing-found'), ...more }, caller, headers));
    expect((await end(who.apprentice))!.status).toBe(403);
    expect((await end(who.electrician, { pin: '000111' }))!.status).toBe(403);
    expect((await end(who.electrician, { version: version + 7 }))!.status).toBe(409);
    expect((await end(who.electrician, { what: 'short' }))!.status).toBe(422);
    expect((await end({ ...who.electrician, session: null }))!.status).toBe(403);
    expect(await end(who.apprentice, { signer: who.electrician.person.id })).toBeUndefined();
    expect((await eventsOf(db.knex, 'ferrow-gate-k1'))[0]!.text).toContain('signed by The electrician, for The apprentice');
  });
  it('or is discarded, with a reason, by a foreman', async () => {
    const { id, version } = await started('kestrel-ramp-k5');
    const discard = (approver: Caller) =>
      refusal(
        discardJob(
          id,
          { version, reason: 'opened at the wrong position', pin: PIN, approver: approver.person.id },
          who.electrician,
          headers,
        ),
      );
    expect((await discard(who.electrician))!.status).toBe(403);
    expect(await discard(who.foreman)).toBeUndefined();
    expect(await discard(who.foreman)).toBeUndefined();
    const kept = (await eventsOf(db.knex, 'kestrel-ramp-k5')).filter(({ kind }) => kind === 'discarded');
    expect(kept.map(({ text }) => text)).toEqual([
      'Job discarded by The electrician, approved by The foreman: opened at the wrong position',
    ]);
  });
});

describe('what is noted at a position', () => {
  it('stands in its history with a name, a double touch once; three faults within a year are a repeat failure', async () => {
    const place = 'kestrel-winch-k2';
    const log = (text: string) => logAtPosition(place, { kind: 'fault', text }, who.apprentice);
    await Promise.all([log('tripped at start'), log('tripped at start')]);
    expect((await eventsOf(db.knex, place)).filter(({ text }) => text === 'tripped at start (The apprentice)')).toHaveLength(1);
    expect((await tileOf(place)).states).not.toContain('repeat-failure');
    await log('tripped again');
    await log('and again');
    expect((await tileOf(place)).states).toContain('repeat-failure');
    expect((await refusal(logAtPosition('nowhere', { kind: 'note', text: 'nothing' }, who.apprentice)))!.status).toBe(404);
    expect((await refusal(logAtPosition(place, { kind: 'swap', text: 'nothing' }, who.apprentice)))!.status).toBe(422);
  });
  it('every chain is whole', async () => {
    expect((await verifyChains(db.knex)).flatMap(({ faults }) => faults)).toEqual([]);
  });
});
