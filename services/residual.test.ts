/** Residual devices, coils, air breakers and capacitors over a real database: the board, two singles for a dual, letters of bays, the record. */
import { afterAll, beforeAll, describe, expect, it } from 'vitest';
import { signedByTester, tester } from '@/tests/crew';
import { takeAndProve } from '@/tests/job';
import { demoDatabase, type TestDatabase } from '../data/test-database';
import { closingKeys } from '../core/close-failure/fitted';
import { foundText } from '../core/record/record';
import type { Change } from '../core/swap/swap';
import { chooseChanges } from '../core/swap/swap';
import { curveBranch } from './curve-branch';
import { matchSwap, type BoardColumn } from './match';
import { panelsDesk } from './panels';
import { positionTables, savePositionCodes } from './position-codes';
import { loadRecord } from './records';
import { choiceDetail, signSwap } from './sign';
import { loadSwap, openSwap, saveSwap } from './swaps';

let db: TestDatabase;
beforeAll(async () => {
  db = await demoDatabase();
});
afterAll(() => db.drop());

const open = async (positionId: string) => loadSwap((await openSwap({ positionId })).id);
const save = async (id: string, changes: Change[]) => saveSwap(id, { version: (await loadSwap(id)).version, changes }, tester);
const stockOf = async (partId: string) => Number((await db.knex('stock').where({ part_id: partId }).sum('quantity as n').first())!.n ?? 0);

/** Takes a column, confirms and proves everything, and signs. */
async function signColumn(id: string, column: BoardColumn) {
  const choice = { partId: column.partId, name: column.name, ...(column.beside.length > 0 ? { beside: column.beside } : {}) };
  await takeAndProve(id, choice, column);
  const { recordId } = await signSwap(id, { version: (await loadSwap(id)).version }, signedByTester);
  return loadRecord(recordId);
}

describe('every position of the demo', () => {
  it('has a fault in each of these families that the tool names, and something that goes in instead', async () => {
    const sites = await panelsDesk();
    const positions = sites.flatMap(({ panels }) => panels.flatMap((panel) => panel.positions));
    for (const family of ['residual-current', 'air-breaker', 'breaker-coil', 'run-capacitor']) {
      const wrong = positions.filter((position) => position.family === family && position.states.includes('wrong-part'));
      expect(wrong.length, family).toBeGreaterThan(0);
      for (const position of wrong) {
        expect(position.wrong.length, position.id).toBeGreaterThan(0);
        const board = await matchSwap((await open(position.id)).id, {});
        expect(board.columns[0]!.part.verdict, position.id).toBe('fits');
      }
    }
  }, 60_000);
});

describe('two singles for a dual', () => {
  it('are offered off the shelf, judged as one, signed as two, and both leave the stock', async () => {
    const { id } = await open('kestrel-lighting-c1');
    const board = await matchSwap(id, { inCrib: true });
    const column = board.columns.find(({ beside }) => beside.length > 0)!;
    expect(column.part.verdict).toBe('fits');
    expect(column.name).toContain(' + ');
    const ids = [column.partId, ...column.beside];
    const before = await Promise.all(ids.map(stockOf));
    const { body } = await signColumn(id, column);
    expect(body.fitted).toMatchObject({ partId: column.partId, besidePartIds: column.beside, verdict: 'fits' });
    expect(body.terminals.map(({ to }) => to)).toContain('one terminal of each, joined');
    expect(await Promise.all(ids.map(stockOf))).toEqual(before.map((count) => count - 1));
    const [after] = (await panelsDesk()).flatMap(({ panels }) =>
      panels.flatMap(({ positions }) => positions.filter((one) => one.id === 'kestrel-lighting-c1')),
    );
    expect(after!.states).not.toContain('wrong-part');
    expect(after!.deviceName).toBe(column.name);
  });
  it('a part that has left the catalogue is no choice', async () => {
    const { id, state } = await open('kestrel-lighting-c5');
    await save(id, chooseChanges(state, { partId: 'hartlebeck-capacitor-hc-20-440', name: 'x', beside: ['no-such-part'] }));
    await expect(choiceDetail(id)).rejects.toMatchObject({ status: 404 });
  });
});

describe('why it will not close, on the record', () => {
  it('the proved cause and its readings are signed with the coil that is changed', async () => {
    const { id } = await open('ferrow-incomer-y3');
    await save(id, [
      { path: `causes.${closingKeys.answer('release-volts')}`, value: { reading: 226 } },
      { path: `causes.${closingKeys.answer('release-ohms')}`, value: { yes: false } },
    ]);
    const { columns } = await matchSwap(id, { inCrib: true });
    const { body } = await signColumn(id, columns[0]!);
    expect(body.causes![0]).toMatchObject({ title: 'Coil of the undervoltage release is open', verdict: 'cause' });
    expect(foundText(body)[0]).toMatch(/^Coil of the undervoltage release is open: a cause/);
    expect(body.fitted.lines.find(({ id: line }) => line === 'dip')).toMatchObject({ verdict: 'fits', instead: 'delayed' });
    expect(body.settings!.find(({ name }) => name === 'Delay')!.value).toMatch(/^1\.6/);
  });
});

describe('curves of an air breaker', () => {
  it('stand at the settings that its position asks for', async () => {
    const { devices, inputs } = await curveBranch('ferrow-incomer-q1');
    expect(devices[0]).toMatchObject({ kind: 'trip-unit', ratedAmps: 800, settings: { longTimeAmps: 560, shortTimeSeconds: 0.3 } });
    expect(inputs.runningAmps).toBe(560);
  });
});

describe('letters of bays', () => {
  const rows = [{ code: 'V1', bay: 'top', function: 'closing-coil', note: '' }];
  it('are kept per maker, counted by version, and go with their last row', async () => {
    expect((await positionTables()).length).toBe(3);
    const added = await savePositionCodes('Thornby', { version: 0, rows });
    expect(added.find(({ maker }) => maker === 'Thornby')).toEqual({ maker: 'Thornby', version: 1, rows });
    await savePositionCodes('Thornby', { version: 1, rows: [...rows, { ...rows[0]!, code: 'V2' }] });
    expect((await savePositionCodes('Thornby', { version: 2, rows: [] })).some(({ maker }) => maker === 'Thornby')).toBe(false);
  });
  it('two people: the second is told and loses nothing, the first is not written over', async () => {
    await savePositionCodes('Alder Moor', { version: 0, rows });
    await expect(savePositionCodes('Alder Moor', { version: 0, rows: [] })).rejects.toMatchObject({
      status: 409,
      detail: { tables: expect.any(Array) },
    });
    expect((await positionTables()).find(({ maker }) => maker === 'Alder Moor')!.rows).toEqual(rows);
    const both = await Promise.allSettled([1, 2].map((one) => savePositionCodes('Twin Oaks', { version: 0, rows: rows.slice(0, one) })));
    expect(both.map(({ status }) => status).sort()).toEqual(['fulfilled', 'rejected']);
    expect(both.find(({ status }) => status === 'rejected')).toMatchObject({ reason: { status: 409 } });
  });
  it.each([
    ['', { version: 0, rows }, 'maker'],
    ['x'.repeat(61), { version: 0, rows }, 'maker'],
    ['Thornby', { rows }, 'version'],
    ['Thornby', { version: 0 }, 'rows'],
    ['Thornby', { version: 0, rows: [{ code: 'V1', function: 'opens' }] }, 'rows[0].function'],
  ])('%j, %o is refused at %s', async (maker, body, field) => {
    await expect(savePositionCodes(maker, body)).rejects.toMatchObject({ status: 422, faults: [{ field }] });
  });
});
