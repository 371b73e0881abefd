/** Circuits over a real database: made, judged, changed, drawn, and in the way of a signature. */
import { afterAll, beforeAll, describe, expect, it } from 'vitest';
import { certain } from '@/core/certain';
import { chooseChanges, CIRCUIT_KEY } from '@/core/swap/swap';
import { circuitSignature } from '@/core/circuit/circuit-obstacles';
import { circuitText } from '@/core/record/record';
import { readingsOnRecord } from '@/core/record/readings-on-record';
import { signedByTester, tester } from '@/tests/crew';
import { readyJob, takeAndProve } from '@/tests/job';
import { demoDatabase, type TestDatabase } from '../data/test-database';
import { circuitsOfPanel, endCircuit, makeCircuit, saveCircuit } from './circuits';
import { curveBranch } from './curve-branch';
import { matchSwap } from './match';
import { loadRecord } from './records';
import { choiceDetail, signSwap } from './sign';
import { loadSwap, openSwap, saveSwap } from './swaps';

let db: TestDatabase;
beforeAll(async () => {
  db = await demoDatabase();
});
afterAll(() => db.drop());

const circuitOf = async (panel: string, name: string) => certain((await circuitsOfPanel(panel)).circuits.find((one) => one.name === name));
const lineOf = async (panel: string, name: string, id: string) =>
  certain((await circuitOf(panel, name)).lines.find((line) => line.id.startsWith(id)));
const statusOf = (doing: Promise<unknown>) =>
  doing.then(
    () => 200,
    (error: { status: number }) => error.status,
  );

describe('the circuits of the demo', () => {
  it('say what no position can: a pair that matches, fuses that know each other, coils that are summed', async () => {
    expect(await lineOf('kestrel-ramp', 'Hoist', 'pair-match')).toMatchObject({ verdict: 'fits' });
    expect(await lineOf('kestrel-ramp', 'Hoist', 'mechanical-interlock')).toMatchObject({ verdict: 'fits', fact: { answer: 'yes' } });
    expect(await lineOf('kestrel-ramp', 'Control supply', 'fuse-set')).toMatchObject({ verdict: 'check' });
    expect((await lineOf('kestrel-ramp', 'Control supply', 'control-held')).because).toContain('K8');
    expect(await lineOf('kestrel-ramp', 'Ballast pump 1', 'branch-device')).toMatchObject({ verdict: 'not-known' });
    // Its parts are wrong at their own positions: the whole is no better.
    expect((await circuitOf('kestrel-ramp', 'Hoist')).verdict).toBe('fails');
  });

  it('speak the words of their site', async () => {
    for (const panel of ['kestrel-ramp', 'ferrow-pump', 'ferrow-cabin'])
      for (const { lines } of (await circuitsOfPanel(panel)).circuits)
        for (const { source, because } of lines) expect(source && because).toBeTruthy();
  });

  it('are what the curves desk draws', async () => {
    const { devices } = await curveBranch('kestrel-ramp-k4');
    expect(devices.map(({ id }) => id).sort()).toEqual(['kestrel-ramp-f4', 'kestrel-ramp-q4']);
    // The same motor in another circuit is another motor.
    expect((await curveBranch('kestrel-ramp-q7')).devices.map(({ id }) => id)).toEqual(['kestrel-ramp-q7']);
  });
});

describe('a circuit of one’s own', () => {
  it('is made, judged, changed on the version that was read, and taken apart', async () => {
    const { id } = await makeCircuit(
      'ferrow-gate',
      { name: 'Gate pump 1', kind: 'load', positionIds: ['ferrow-gate-k1', 'ferrow-gate-q0'] },
      tester,
    );
    const made = await circuitOf('ferrow-gate', 'Gate pump 1');
    expect(made.members.map(({ tag }) => tag)).toEqual(['Q0', 'K1']);
    expect(await saveCircuit(id, { version: 1, positionIds: ['ferrow-gate-k1'] }, tester)).toEqual({ version: 2 });
    expect(await statusOf(saveCircuit(id, { version: 1, name: 'Late' }, tester))).toBe(409);
    expect((await circuitOf('ferrow-gate', 'Gate pump 1')).members.map(({ tag }) => tag)).toEqual(['K1']);
    expect(await endCircuit(id, tester)).toEqual({ gone: true });
    expect(await endCircuit(id, tester)).toEqual({ gone: false });
    expect((await circuitsOfPanel('ferrow-gate')).positions.find(({ tag }) => tag === 'K1')).toMatchObject({ circuitId: null });
  });

  it('takes a position out of the one where it stood', async () => {
    const { id } = await makeCircuit(
      'kestrel-lighting',
      { name: 'Capacitors', kind: 'load', positionIds: ['kestrel-lighting-c1'] },
      tester,
    );
    expect((await circuitOf('kestrel-lighting', 'Hut cooling')).members.map(({ tag }) => tag)).toEqual(['K1']);
    await endCircuit(id, tester);
  });

  it.each([
    ['a position of another panel', { name: 'Stray', kind: 'load', positionIds: ['kestrel-winch-k1'] }],
    ['a name that is taken', { name: 'Hoist', kind: 'load', positionIds: ['kestrel-ramp-k6'] }],
    ['no position', { name: 'Empty', kind: 'load', positionIds: [] }],
    ['no name', { name: ' ', kind: 'load', positionIds: ['kestrel-ramp-k6'] }],
    ['a kind that is none', { name: 'Odd', kind: 'power', positionIds: ['kestrel-ramp-k6'] }],
  ])('refuses %s', async (_, asked) => {
    expect(await statusOf(makeCircuit('kestrel-ramp', asked, tester))).toBe(422);
  });

  it('is not found under an id that is none', async () => {
    expect(await statusOf(makeCircuit('nowhere', { name: 'Here', kind: 'load', positionIds: ['x'] }, tester))).toBe(404);
    expect(await statusOf(saveCircuit('nowhere', { version: 1 }, tester))).toBe(404);
    expect(await statusOf(circuitsOfPanel('nowhere'))).toBe(404);
  });

  it('keeps what was seen for the devices that it was seen with, and for no others', async () => {
    const { id, version, lines } = await circuitOf('ferrow-gate', 'Sluice 1');
    const asked = certain(lines.find((line) => line.id === 'electrical-interlock')?.fact);
    expect(asked.answer).toBe('not-seen');
    await saveCircuit(id, { version, facts: [{ id: asked.id, seenWith: asked.seenWith, answer: 'no' }] }, tester);
    expect(await lineOf('ferrow-gate', 'Sluice 1', 'electrical-interlock')).toMatchObject({ verdict: 'fails', fact: { answer: 'no' } });
    await saveCircuit(id, { version: version + 1, facts: [{ id: asked.id, seenWith: 'K7 | K8', answer: 'yes' }] }, tester);
    expect(await lineOf('ferrow-gate', 'Sluice 1', 'electrical-interlock')).toMatchObject({ fact: { answer: 'not-seen' } });
    await saveCircuit(id, { version: version + 2, facts: [{ id: asked.id, seenWith: '', answer: 'not-seen' }] }, tester);
    expect((await circuitOf('ferrow-gate', 'Sluice 1')).facts).not.toHaveProperty(asked.id);
  });
});

describe('a job at a circuit', () => {
  it('one of a pair in another frame stops the signature until it is accepted by name, and the record says so', async () => {
    const { id } = await openSwap({ positionId: 'kestrel-ramp-k5' });
    const column = certain((await matchSwap(id, {})).columns[0]);
    await takeAndProve(id, { partId: column.partId, name: column.name }, column);
    const { circuit } = await choiceDetail(id);
    const lines = certain(circuit).lines;
    expect(lines.find((line) => line.id === 'mechanical-interlock')).toMatchObject({ verdict: 'fails' });
    const say = async (value: unknown) =>
      saveSwap(id, { version: (await loadSwap(id)).version, changes: [{ path: `acknowledged.${CIRCUIT_KEY}`, value }] }, tester);
    const sign = async () => signSwap(id, { version: (await loadSwap(id)).version }, signedByTester);
    await say(null);
    await expect(sign()).rejects.toMatchObject({ status: 422, faults: [{ field: CIRCUIT_KEY }] });
    await say({ by: 'R. Tester', reason: 'K4 follows this week', seen: circuitSignature(lines) });
    const { body } = await loadRecord((await sign()).recordId);
    expect(body.circuit).toMatchObject({ name: 'Hoist', by: 'R. Tester' });
    expect(circuitText(body).join(' ')).toMatch(/Mechanical interlock, FAILS: .*accepted by R\. Tester: K4 follows/);
    expect(readingsOnRecord(body)).toContainEqual(
      expect.objectContaining({ about: 'Removed part', label: 'Auxiliary contacts NC', text: '2', state: 'read' }),
    );
    // What was said of the circuit holds for this part and not for another.
    const { state } = await loadSwap((await openSwap({ positionId: 'kestrel-ramp-k4' })).id);
    const after = { ...state, acknowledged: { [CIRCUIT_KEY]: { by: 'x', reason: 'y', seen: 'z' } } };
    expect(chooseChanges(after, { partId: 'a', name: 'b' })).toContainEqual({ path: `acknowledged.${CIRCUIT_KEY}`, value: null });
  });

  it('a position in no circuit is asked nothing more', async () => {
    const { id } = await readyJob('kestrel-winch-k2');
    expect((await choiceDetail(id)).circuit).toBeNull();
  });
});
