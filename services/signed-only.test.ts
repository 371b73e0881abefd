/** Nothing is signed that the board does not offer, and what is signed as not known stays at its position until it is settled. */
import { afterAll, beforeAll, describe, expect, it } from 'vitest';
import { signedByTester, tester } from '@/tests/crew';
import { safeAndProved, saidOf } from '@/tests/ready-to-sign';
import type { Change, Choice } from '../core/swap/swap';
import { chooseChanges } from '../core/swap/swap';
import { partObstacles } from '../core/swap/sign-off';
import { demoDatabase, type TestDatabase } from '../data/test-database';
import { candidateOf, fieldOf, judgeWith } from './candidates';
import { matchSwap } from './match';
import { settlePoint } from './open-points';
import { panelsDesk } from './panels';
import { recordPdf } from './record-pdf';
import { loadRecord } from './records';
import type { ServiceError } from './service-error';
import { choiceDetail, signSwap } from './sign';
import { loadSwap, openSwap, saveSwap } from './swaps';

let db: TestDatabase;
beforeAll(async () => {
  db = await demoDatabase();
});
afterAll(() => db.drop());

const by = 'R. Tester';
const open = async (positionId: string) => loadSwap((await openSwap({ positionId })).id);
const save = async (id: string, changes: Change[]) => saveSwap(id, { version: (await loadSwap(id)).version, changes }, tester);
const sign = async (id: string) => signSwap(id, { version: (await loadSwap(id)).version }, signedByTester);
const refusal = (work: Promise<unknown>) =>
  work.then(
    () => expect.unreachable('it was accepted'),
    (error) => error as ServiceError,
  );
const tileOf = async (id: string) =>
  (await panelsDesk()).flatMap((site) => site.panels.flatMap((panel) => panel.positions)).find((tile) => tile.id === id)!;

/** Claims a choice as a request might, with every step confirmed; where it stands to choice, everything it asks is said and proved. */
async function claim(id: string, choice: Choice): Promise<void> {
  const swap = await loadSwap(id);
  await save(id, chooseChanges(swap.state, { ...choice, taken: true }));
  const field = await fieldOf(db.knex, await loadSwap(id));
  const candidate = await candidateOf(db.knex, field, choice);
  const said = candidate ? saidOf(judgeWith(field, swap.site.practice).candidate(candidate.spec), by) : [];
  const proofs = candidate ? (await choiceDetail(id)).proofs : [];
  await save(id, [...said, ...safeAndProved(swap, proofs, by)]);
}

describe('a claim that the board does not offer is refused', () => {
  it('a fixed coil claimed as another one', async () => {
    const { id } = await open('kestrel-ramp-k4');
    const part = await db.knex('parts').where({ family: 'contactor', coil_exchangeable: false }).first();
    await claim(id, { partId: part.id, name: part.name, coil: { coilVolts: 24, coilKind: 'dc', coilHertz: [] } });
    expect((await refusal(sign(id))).faults.map(({ field }) => field)).toEqual(['choice']);
  });
  it('a coil other than the control supply asks for, on a part whose coil may be changed', async () => {
    const { id } = await open('kestrel-ramp-k4');
    const part = await db.knex('parts').where({ family: 'contactor', coil_exchangeable: true }).first();
    await claim(id, { partId: part.id, name: part.name, coil: { coilVolts: 24, coilKind: 'dc', coilHertz: [] } });
    expect((await refusal(sign(id))).faults.map(({ field }) => field)).toEqual(['choice']);
  });
  it.each(['fuse', 'run-capacitor', 'breaker'])('a %s in a contactor’s place', async (family) => {
    const { id } = await open('kestrel-ramp-k5');
    const part = await db.knex('parts').where({ family }).first();
    await claim(id, { partId: part.id, name: part.name });
    expect((await refusal(sign(id))).faults.map(({ field }) => field)).toEqual(['choice']);
    expect((await refusal(choiceDetail(id))).status).toBe(404);
  });
  it('joined parts that lie on no shelf', async () => {
    const { id } = await open('kestrel-lighting-c1');
    const shelf = (await db.knex('stock').where({ site_id: 'kestrel' }).where('quantity', '>', 0).select('part_id')).map(
      (row) => row.part_id as string,
    );
    const away = await db.knex('parts').where({ family: 'run-capacitor' }).whereNotIn('id', shelf).limit(2);
    await claim(id, { partId: away[0].id, name: 'joined', beside: [away[1].id] });
    expect((await refusal(sign(id))).faults.map(({ field }) => field)).toEqual(['choice']);
  });
  it('a kind of load that is none, when it is saved and when it is signed', async () => {
    const { id } = await open('kestrel-winch-k1');
    expect((await refusal(save(id, [{ path: 'loadKind', value: 'nonsense' }]))).faults[0]!.field).toBe('loadKind');
    await db.knex.raw(`update swaps set state = jsonb_set(state, '{loadKind}', '"nonsense"') where id = ?`, [id]);
    const part = (await matchSwap(id, {})).columns[0]!;
    await claim(id, { partId: part.partId, name: part.name });
    expect((await refusal(sign(id))).faults.map(({ field }) => field)).toContain('load-kind');
  });
  it('a step that a blank confirms', async () => {
    const { id } = await open('kestrel-winch-k2');
    expect((await refusal(save(id, [{ path: 'safe.isolate', value: 7 }]))).faults[0]!.field).toBe('safe.isolate');
    const part = (await matchSwap(id, {})).columns[0]!;
    await claim(id, { partId: part.partId, name: part.name });
    await db.knex.raw(`update swaps set state = jsonb_set(state, '{safe,isolate}', '"  "') where id = ?`, [id]);
    expect((await refusal(sign(id))).faults.map(({ field }) => field)).toContain('safe-isolate');
  });
});

describe('one law: what is signed is what the board shows as choosable', () => {
  it('over parts of every family with every coil, alone and beside one another', async () => {
    const positions = ['kestrel-winch-k3', 'ferrow-gate-k1', 'kestrel-lighting-c5', 'ferrow-gate-ka1'];
    for (const positionId of positions) {
      const { id, state } = await open(positionId);
      const own = await db.knex('parts').where({ family: state.family }).orderByRaw('md5(id)').limit(5);
      const others = await db.knex('parts').whereNot({ family: state.family }).orderByRaw('md5(id)').limit(3);
      const claims: Choice[] = [...own, ...others].flatMap((part): Choice[] => [
        { partId: part.id, name: part.name },
        { partId: part.id, name: part.name, coil: { coilVolts: 24, coilKind: 'dc', coilHertz: [] } },
        { partId: part.id, name: part.name, beside: [own[0].id] },
      ]);
      for (const choice of claims) {
        const field = await fieldOf(db.knex, await loadSwap(id));
        const candidate = await candidateOf(db.knex, field, choice);
        await claim(id, choice);
        const { state: now, site } = await loadSwap(id);
        const offered = candidate && judgeWith(field, site.practice).candidate(candidate.spec);
        const choosable = offered !== undefined && partObstacles(offered.judged, now, offered.changes).length === 0;
        if (choosable) continue; // signing it would end the swap; that it can be signed is tested below
        const { faults } = await refusal(sign(id));
        expect(
          faults.some(({ field: path }) => path === 'choice' || path.startsWith('line-')),
          `${positionId} ${JSON.stringify(choice)}`,
        ).toBe(true);
      }
    }
  }, 120_000);
});

describe('what is not known', () => {
  it('coil, AC or DC and poles must be known; nobody can take that on', async () => {
    const { id, state } = await open('kestrel-winch-k2');
    const part = (await matchSwap(id, {})).columns[0]!;
    await save(id, [{ path: 'supply.controlVolts', value: { state: 'unreadable' } }]);
    await claim(id, { partId: part.partId, name: part.name });
    const faults = (await refusal(sign(id))).faults;
    expect(faults.find(({ field }) => field === 'line-coil-volts')!.reason).toMatch(/must be known before anything is signed/);
    await save(id, [{ path: 'supply.controlVolts', value: state.supply.controlVolts }]);
  });

  it('another safety line is signed only with who takes it on, why and what settles it, and stands at the position until then', async () => {
    const { id } = await open('ferrow-pump-k11');
    const part = (await matchSwap(id, {})).columns[0]!;
    expect(part.part.lines.find(({ need }) => need.id === 'short-circuit-rating')!.verdict).toBe('not-known');
    await claim(id, { partId: part.partId, name: part.name });
    const said = (await loadSwap(id)).state.acknowledged['short-circuit-rating']!;
    await save(id, [{ path: 'acknowledged.short-circuit-rating', value: { ...said, settles: '' } }]);
    expect((await refusal(sign(id))).faults.map(({ field }) => field)).toEqual(['line-short-circuit-rating']);
    await save(id, [
      { path: 'acknowledged.short-circuit-rating', value: { ...said, settles: 'fault study of the pump house, due in March' } },
    ]);
    const { recordId } = await sign(id);
    const record = await loadRecord(recordId);
    expect(record.body.fitted.lines.find((line) => line.id === 'short-circuit-rating')).toMatchObject({
      verdict: 'not-known',
      acknowledgedBy: by,
      settles: 'fault study of the pump house, due in March',
    });
    expect((await recordPdf(record)).subarray(0, 5).toString()).toBe('%PDF-');

    const tile = await tileOf('ferrow-pump-k11');
    expect(tile.states).toContain('open-point');
    const point = tile.openPoints.find(({ lineId }) => lineId === 'short-circuit-rating')!;
    expect(point).toMatchObject({ recordId, by, settles: 'fault study of the pump house, due in March' });
    const settled = { recordId, lineId: point.lineId, found: '14 kA by the study' };
    expect((await refusal(settlePoint('ferrow-pump-k11', { ...settled, found: 'ok' }, tester.person))).faults[0]!.field).toBe('found');
    expect((await refusal(settlePoint('ferrow-pump-k12', settled, tester.person))).status).toBe(404);
    // A double click settles once.
    expect(
      await Promise.all([settlePoint('ferrow-pump-k11', settled, tester.person), settlePoint('ferrow-pump-k11', settled, tester.person)]),
    ).toEqual([{ settled: true }, { settled: true }]);
    const after = await tileOf('ferrow-pump-k11');
    expect(after.openPoints.some(({ lineId }) => lineId === 'short-circuit-rating')).toBe(false);
    expect(after.history.filter(({ text }) => text.includes('14 kA by the study'))).toHaveLength(1);
  });
});

describe('compared with the removed part', () => {
  it('a change asks for its reason, what mends it does not, and the record says both', async () => {
    const { id } = await open('kestrel-lighting-c5');
    const column = (await matchSwap(id, {})).columns[0]!;
    expect(column.changes).toEqual(
      expect.arrayContaining([expect.objectContaining({ id: 'kind', from: 'start', to: 'run', mends: true, ask: null })]),
    );
    await claim(id, { partId: column.partId, name: column.name });
    const { recordId } = await sign(id);
    expect((await loadRecord(recordId)).body.changes).toEqual(
      expect.arrayContaining([expect.objectContaining({ label: 'Duty', from: 'start', to: 'run', mends: true })]),
    );
  });
  it('without its reason it is not signed', async () => {
    const { id, state } = await open('ferrow-incomer-y3');
    const column = (await matchSwap(id, {})).columns[0]!;
    expect(column.changes.some(({ ask }) => ask !== null)).toBe(true);
    await claim(id, { partId: column.partId, name: column.name });
    const asked = column.changes.filter(({ ask }) => ask !== null);
    await save(
      id,
      asked.map((change) => ({ path: `acknowledged.change-${change.id}`, value: null })),
    );
    expect((await refusal(sign(id))).faults.map(({ field }) => field).sort()).toEqual(asked.map((change) => `change-${change.id}`).sort());
    expect(state.family).toBe('breaker-coil');
  });
});
