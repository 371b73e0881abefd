/** The use cases over a real database: open, save, conflict, match, sign, stock, records. */
import { afterAll, beforeAll, describe, expect, it } from 'vitest';
import { signedByTester, tester } from '@/tests/crew';
import { safeAndProved, saidOf } from '@/tests/ready-to-sign';
import type { PartRow } from '../data/catalogue';
import { loadDemo } from '../data/demo/load';
import { demoDatabase, type TestDatabase } from '../data/test-database';
import type { Change, SwapState } from '../core/swap/swap';
import { chooseChanges } from '../core/swap/swap';
import { find } from './find';
import { matchSwap, type BoardColumn } from './match';
import { panelsDesk } from './panels';
import { loadRecord, logbook } from './records';
import { labelPdf, recordPdf } from './record-pdf';
import { choiceDetail, signSwap } from './sign';
import { loadSwap, openSwap, saveSwap } from './swaps';

let db: TestDatabase;
beforeAll(async () => {
  db = await demoDatabase();
});
afterAll(() => db.drop());

const open = async (positionId: string) => loadSwap((await openSwap({ positionId })).id);
const save = async (id: string, changes: Change[]) => saveSwap(id, { version: (await loadSwap(id)).version, changes }, tester);
const faultsOf = (work: Promise<unknown>) =>
  work.then(
    () => expect.unreachable('it was accepted'),
    (error) => error as { status: number; faults: { field: string; reason: string }[]; detail: Record<string, unknown> },
  );
const pick = (state: SwapState, column: BoardColumn): Change[] =>
  chooseChanges(state, { partId: column.partId, name: column.name, ...(column.coil ? { coil: column.coil } : {}) });

/** Confirms every step, says what the lines ask, proves everything within its limits, and takes the part. */
async function makeReady(id: string, column: BoardColumn): Promise<void> {
  const swap = await loadSwap(id);
  const said = saidOf({ judged: column.part, changes: column.changes }, 'R. Tester');
  await save(id, pick(swap.state, column));
  const { proofs } = await choiceDetail(id);
  await save(id, [
    {
      path: 'choice.part',
      value: { partId: column.partId, name: column.name, taken: true, ...(column.coil ? { coil: column.coil } : {}) },
    },
    ...said,
    ...safeAndProved(swap, proofs, 'R. Tester'),
  ]);
}

describe('control volts from another panel', () => {
  it('are those of every position of this panel on them, at whichever one somebody said so', async () => {
    const hazardsAt = async (id: string) => (await loadSwap((await openSwap({ positionId: id })).id)).state.hazards;
    // K4 says it; the timer hangs on the same 120 V.
    expect(await hazardsAt('kestrel-ramp-k9')).toMatchObject({ controlElsewhere: true });
    expect(await hazardsAt('kestrel-winch-k2')).not.toHaveProperty('controlElsewhere', true);
  });
});

describe('demo', () => {
  it('loads once, with at least 3000 contactors and about 50 positions on both sites', async () => {
    expect(await loadDemo(db.knex, new Date())).toBe(false);
    expect(Number((await db.knex('parts').count('* as n').first())!.n)).toBeGreaterThanOrEqual(3000);
    const sites = await panelsDesk(new Date('2026-11-20T08:00:00Z'));
    expect(sites.map(({ practice }) => practice)).toEqual(['NFPA70', 'IEC']);
    expect(sites.flatMap((site) => site.panels.flatMap((panel) => panel.positions)).length).toBeGreaterThanOrEqual(48);
  });
  it('the states of positions are worked out from their own plates', async () => {
    const tiles = (await panelsDesk(new Date('2026-11-20T08:00:00Z'))).flatMap((site) => site.panels.flatMap((panel) => panel.positions));
    const of = (id: string) => tiles.find((tile) => tile.id === id)!;
    const wrong = tiles.filter((tile) => tile.states.includes('wrong-part')).map((tile) => tile.id);
    expect(wrong.sort()).toEqual([
      'ferrow-cabin-q2',
      'ferrow-cabin-r1',
      'ferrow-cabin-r2',
      'ferrow-gate-k2',
      'ferrow-gate-ka1',
      'ferrow-gate-q0',
      'ferrow-gate-q24',
      'ferrow-incomer-q1',
      'ferrow-incomer-y2',
      'ferrow-incomer-y3',
      'ferrow-incomer-y4',
      'ferrow-pump-k10',
      'ferrow-pump-k12',
      'ferrow-pump-r10',
      'kestrel-charger-f2',
      'kestrel-charger-q2',
      'kestrel-lighting-c1',
      'kestrel-lighting-c5',
      'kestrel-lighting-k2',
      'kestrel-ramp-cr1',
      'kestrel-ramp-f1',
      'kestrel-ramp-f2',
      'kestrel-ramp-k4',
      'kestrel-ramp-k5',
      'kestrel-ramp-r1',
      'kestrel-winch-f3',
      'kestrel-winch-k14',
      'kestrel-winch-q0',
      'kestrel-winch-q1',
    ]);
    // The right part, spent: told from a wrong one, with what was read.
    expect(of('ferrow-cabin-c21')).toMatchObject({ states: ['spent-part'], wrong: [] });
    expect(of('ferrow-cabin-c21').spent.join(' ')).toMatch(/^Motor: weak, 10.9.*of 12.5/);
    expect(of('kestrel-ramp-k7').states).toEqual(['swap-open']);
    expect(of('ferrow-gate-k5').states).toEqual(['repeat-failure']);
    expect(of('kestrel-winch-k1')).toMatchObject({ states: ['fits'], judged: { verdict: 'fits', unknown: 0 } });
    expect(of('kestrel-ramp-k4').wrong.join(' ')).toContain('27\u2009A');
  });
});

describe('opening and saving', () => {
  it('a double click opens one swap', async () => {
    const [a, b] = await Promise.all([openSwap({ positionId: 'kestrel-winch-k2' }), openSwap({ positionId: 'kestrel-winch-k2' })]);
    expect(a.id).toBe(b.id);
  });
  it('refuses positions that are not there or not on the bench', async () => {
    expect(await faultsOf(openSwap({ positionId: 'nowhere' }))).toMatchObject({ status: 404 });
    expect(await faultsOf(openSwap({ positionId: 'kestrel-ramp-q1' }))).toMatchObject({ status: 422 });
    expect(await faultsOf(openSwap({}))).toMatchObject({ status: 422, faults: [{ field: 'positionId' }] });
    expect(await faultsOf(loadSwap('not-a-uuid'))).toMatchObject({ status: 404 });
  });
  it('a save on an old version is refused with what stands there, and nothing is overwritten', async () => {
    const swap = await open('kestrel-winch-k3');
    await saveSwap(
      swap.id,
      { version: swap.version, changes: [{ path: 'load.codeLetter', value: { state: 'read', value: 'H' } }] },
      tester,
    );
    const late = await faultsOf(
      saveSwap(swap.id, { version: swap.version, changes: [{ path: 'load.codeLetter', value: { state: 'read', value: 'B' } }] }, tester),
    );
    expect(late).toMatchObject({ status: 409, detail: { version: swap.version + 1, state: { load: { codeLetter: { value: 'H' } } } } });
    expect((await loadSwap(swap.id)).state.load.codeLetter).toEqual({ state: 'read', value: 'H' });
  });
  it('of two saves at the same moment one wins and the other is told', async () => {
    const swap = await open('kestrel-winch-k1');
    const attempt = (value: string) =>
      saveSwap(swap.id, { version: swap.version, changes: [{ path: 'typed.load', value }] }, tester).then(
        () => 'saved',
        () => 'refused',
      );
    expect((await Promise.all([attempt('a'), attempt('b'), attempt('c')])).sort()).toEqual(['refused', 'refused', 'saved']);
  });
  it.each([
    [{ version: 1, changes: [{ path: '__proto__.x', value: 1 }] }, 'changes[0].path'],
    [{ version: 1, changes: [{ path: 'load', value: {} }] }, 'changes[0].path'],
    [{ version: 1, changes: [] }, 'changes'],
    [{ version: 'one', changes: [{ path: 'typed.load', value: '' }] }, 'version'],
    [{ version: 1, changes: [{ path: 'typed.load', value: 'x'.repeat(30_000) }] }, 'changes[0].value'],
    [{ version: 1, changes: [{ path: 'load.fullLoadAmps', value: { state: 'read', value: 1e9 } }] }, 'load.fullLoadAmps'],
    [{ version: 1, changes: [{ path: 'load.fullLoadAmps', value: { state: 'read', value: -3 } }] }, 'load.fullLoadAmps'],
    [{ version: 1, changes: [{ path: 'load.fullLoadAmps', value: 28 }] }, 'load.fullLoadAmps'],
    [null, ''],
  ])('refuses %j and writes nothing', async (body, field) => {
    const swap = await open('kestrel-lighting-k3');
    const before = JSON.stringify(swap.state);
    const refusal = await faultsOf(saveSwap(swap.id, body, tester));
    expect(refusal.status).toBe(422);
    expect(refusal.faults.map((fault) => fault.field)).toContain(field);
    expect(refusal.faults.every((fault) => fault.reason.length > 10)).toBe(true);
    expect(JSON.stringify((await loadSwap(swap.id)).state)).toBe(before);
  });
  it('keeps emoji as they are', async () => {
    const swap = await open('kestrel-lighting-k3');
    await save(swap.id, [{ path: 'typed.load', value: '6 kW 😀' }]);
    expect((await loadSwap(swap.id)).state.typed.load).toBe('6 kW 😀');
  });
});

describe('match', () => {
  it('puts fits on the shelf first, pins the old part, and counts why the rest fell', async () => {
    const swap = await open('kestrel-ramp-k4');
    const board = await matchSwap(swap.id, {});
    expect(board.removed!.verdict).toBe('fails');
    expect(board.columns[0]!.part.verdict).toBe('fits');
    expect(board.columns[0]!.shelf.length).toBeGreaterThan(0);
    const firstOff = board.columns.findIndex((column) => column.shelf.length === 0);
    expect(
      board.columns
        .slice(firstOff)
        .filter((column) => column.part.verdict === 'fits')
        .every((column) => column.shelf.length === 0),
    ).toBe(true);
    const fallen = board.fell.reduce((sum, fall) => sum + fall.count, 0);
    expect(fallen + board.holding).toBe(board.judged);
  });
  it('never shows a fit on which a line does not hold', async () => {
    for (const position of ['kestrel-ramp-k4', 'kestrel-lighting-k2', 'ferrow-gate-k2', 'ferrow-pump-k12', 'ferrow-cabin-k20']) {
      const board = await matchSwap((await open(position)).id, { limit: 60 });
      for (const column of board.columns) {
        const verdicts = column.part.lines.map((line) => line.verdict);
        if (column.part.verdict === 'fits') expect(verdicts.every((verdict) => verdict === 'fits')).toBe(true);
        if (verdicts.includes('fails')) expect(column.part.verdict).toBe('fails');
      }
    }
  });
  it('filters by crib and footprint, and offers the shelf’s wrong coil as a coil swap', async () => {
    const swap = await open('kestrel-ramp-k4');
    const crib = await matchSwap(swap.id, { inCrib: true, limit: 60 });
    expect(crib.columns.every((column) => column.shelf.length > 0)).toBe(true);
    const other = crib.columns.find((column) => column.coil);
    expect(other).toMatchObject({
      partId: 'nettlecombe-n3-3p-24-22',
      coil: { coilVolts: 120, coilKind: 'ac' },
      part: { verdict: 'check' },
    });
    const without = await matchSwap(swap.id, { inCrib: true, coilSwap: false, limit: 60 });
    expect(without.columns.some((column) => column.coil)).toBe(false);
    const same = await matchSwap(swap.id, { sameFootprint: true });
    expect(same.columns.every((column) => column.sameFootprint)).toBe(true);
  });
  it('asks in SQL what it asks in memory', async () => {
    const { fieldOf } = await import('./candidates');
    const { partsOfFamily } = await import('../data/catalogue');
    const { partIdsNotFailing } = await import('@/tests/not-failing');
    const { compileNeed } = await import('../core/matching/evaluate');
    const parts = await partsOfFamily(db.knex, 'contactor');
    let held = 0;
    // At the first a conductor of 8 AWG leaves few; the second asks for no conductor.
    for (const position of ['kestrel-ramp-k4', 'ferrow-gate-k2']) {
      const { needs } = await fieldOf(db.knex, await open(position));
      const inSql = await partIdsNotFailing(db.knex, 'contactor', needs);
      const inMemory = parts
        .filter((part: PartRow) => needs.map(compileNeed).every(({ verdict }) => verdict(part.spec) !== 'fails'))
        .map((part) => part.id);
      expect(inSql).toEqual(inMemory);
      expect(inSql.length).toBeGreaterThan(5);
      held += inSql.length;
    }
    expect(held).toBeGreaterThan(50);
  });
  it('refuses filters that are none', async () => {
    const swap = await open('kestrel-ramp-k4');
    expect(await faultsOf(matchSwap(swap.id, { limit: 1000 }))).toMatchObject({ status: 422, faults: [{ field: 'limit' }] });
    expect(await faultsOf(matchSwap(swap.id, { inCrib: 'perhaps' }))).toMatchObject({ status: 422 });
  });
});

describe('signing', () => {
  const sign = async (id: string) => signSwap(id, { version: (await loadSwap(id)).version }, signedByTester);

  it('is refused with everything that stands in the way', async () => {
    const swap = await open('kestrel-ramp-k4');
    expect(await faultsOf(sign(swap.id))).toMatchObject({ status: 422, faults: [{ field: 'choice' }] });
    const column = (await matchSwap(swap.id, {})).columns[0]!;
    await save(swap.id, [
      ...pick(swap.state, column),
      { path: 'choice.part', value: { partId: column.partId, name: column.name, taken: true } },
    ]);
    const fields = (await faultsOf(sign(swap.id))).faults.map((fault) => fault.field);
    expect(fields).toEqual(expect.arrayContaining(['safe-prove-dead', 'proof-coil-mark', 'proof-interlock']));
    expect(await faultsOf(signSwap(swap.id, { version: 1 }, signedByTester))).toMatchObject({ status: 409 });
  });

  it('writes the record, takes one from the shelf, shows the new part, and answers a second signature with the first', async () => {
    const swap = await open('ferrow-gate-k2');
    const column = (await matchSwap(swap.id, {})).columns[0]!;
    expect(column.shelf.length).toBeGreaterThan(0);
    const stockBefore = await db.knex('stock').where({ part_id: column.partId, site_id: 'ferrow' }).sum('quantity as n').first();
    await makeReady(swap.id, column);
    const version = (await loadSwap(swap.id)).version;
    const [first, second] = await Promise.all([
      signSwap(swap.id, { version, remark: 'welded' }, signedByTester),
      signSwap(swap.id, { version }, signedByTester),
    ]);
    expect(first.recordId).toBe(second.recordId);
    const stockAfter = await db.knex('stock').where({ part_id: column.partId, site_id: 'ferrow' }).sum('quantity as n').first();
    expect(Number(stockBefore!.n) - Number(stockAfter!.n)).toBe(1);
    const position = await db.knex('positions').where({ id: 'ferrow-gate-k2' }).first();
    expect(position.device_name).toBe(column.name);
    const tile = (await panelsDesk())
      .flatMap((site) => site.panels.flatMap((panel) => panel.positions))
      .find((one) => one.id === 'ferrow-gate-k2')!;
    expect(tile.states).not.toContain('wrong-part');
    expect(tile.history[0]).toMatchObject({ kind: 'swap', recordId: first.recordId });
    const record = await loadRecord(first.recordId);
    expect(record).toMatchObject({
      altered: [],
      body: { signedBy: 'R. Tester', removed: { verdict: 'fails' }, fitted: { partId: column.partId } },
    });
    expect(record.body.fitted.lines.every((line) => line.source && line.because)).toBe(true);
    expect((await logbook(0)).records[0]!.id).toBe(first.recordId);
    expect(await faultsOf(save(swap.id, [{ path: 'typed.load', value: 'x' }]))).toMatchObject({ status: 409, detail: { signed: true } });
  });

  it('a failing must-line goes in only by name with a reason, and the record says so', async () => {
    const swap = await open('kestrel-winch-k14');
    const failing = (await matchSwap(swap.id, { limit: 60, inCrib: true })).columns.find(
      (column) => column.part.verdict === 'fails' && column.part.lines.every((line) => line.verdict !== 'fails' || !line.need.safety),
    )!;
    await makeReady(swap.id, failing);
    const { recordId } = await sign(swap.id);
    const { body } = await loadRecord(recordId);
    const overridden = body.fitted.lines.filter((line) => line.overriddenBy);
    expect(overridden.length).toBeGreaterThan(0);
    expect(overridden[0]).toMatchObject({ overriddenBy: 'R. Tester', reason: 'looked at on the bench' });
    const pdf = await recordPdf(await loadRecord(recordId));
    expect(pdf.subarray(0, 5).toString()).toBe('%PDF-');
    expect((await labelPdf(await loadRecord(recordId))).subarray(0, 5).toString()).toBe('%PDF-');
  });

  it('a failing safety line cannot go in, whatever is said', async () => {
    const swap = await open('ferrow-pump-k12');
    const board = await matchSwap(swap.id, { limit: 60, inCrib: true, coilSwap: false });
    const unsafe = board.columns.find((column) => column.part.lines.some((line) => line.verdict === 'fails' && line.need.safety))!;
    await makeReady(swap.id, unsafe);
    const refusal = await faultsOf(sign(swap.id));
    expect(refusal.status).toBe(422);
    expect(refusal.faults.some((fault) => fault.reason.includes('cannot be overridden'))).toBe(true);
  });

  it('what was said of other figures does not count', async () => {
    const swap = await open('kestrel-lighting-k2');
    const column = (await matchSwap(swap.id, { inCrib: true })).columns.find((one) => one.part.verdict === 'check')!;
    await makeReady(swap.id, column);
    await save(swap.id, [{ path: 'load.maximumOvercurrentAmps', value: { state: 'read', value: 60 } }]);
    expect((await faultsOf(sign(swap.id))).faults.some((fault) => fault.field === 'line-unit-maximum')).toBe(true);
  });
});

describe('search', () => {
  it('finds positions by tag and function, parts by name', async () => {
    expect((await find('k4 hoist')).positions.map((item) => item.title)).toContain('K4 hoist, forward');
    expect((await find('nettlecombe n3')).parts.length).toBeGreaterThan(0);
    expect((await find('supply unbalance')).sheets).toMatchObject([{ id: '/worksheets/supply-unbalance' }]);
  });
  it('takes % and _ as letters', async () => expect((await find('%_%')).positions).toEqual([]));
});
