/** Breakers, fuses, overload relays and supply paths through the services, on a database of their own. */
import { afterAll, beforeAll, describe, expect, it } from 'vitest';
import { familyOf } from '../core/families/registry';
import { compileNeed } from '../core/matching/evaluate';
import { partIdsNotFailing } from '@/tests/not-failing';
import { partsOfFamily } from '../data/catalogue';
import { demoDatabase, type TestDatabase } from '../data/test-database';
import { curveBranch } from './curve-branch';
import { fieldOf } from './candidates';
import { matchSwap } from './match';
import { panelsDesk } from './panels';
import { ServiceError } from './service-error';
import { saveSupply, supplyOfPanel } from './supply-paths';
import { loadSwap, openSwap } from './swaps';

let db: TestDatabase;
beforeAll(async () => {
  db = await demoDatabase();
});
afterAll(() => db.drop());

const open = async (positionId: string) => loadSwap((await openSwap({ positionId })).id);
const faultOf = (work: Promise<unknown>) =>
  work.then(
    () => undefined,
    (error: unknown) => error as ServiceError,
  );

describe('the fit board of every family', () => {
  it.each([
    ['kestrel-charger-q2', 'breaker', 'current-kind'],
    ['kestrel-ramp-f2', 'fuse', 'primary-maximum'],
    ['kestrel-winch-f3', 'overload-relay', 'setting'],
    ['ferrow-cabin-q2', 'breaker', 'disconnection'],
    ['ferrow-gate-q24', 'breaker', 'least-fault'],
    ['kestrel-charger-f2', 'fuse', 'volts'],
  ])('%s: the %s that came out fell on %s, and something on the shelf holds', async (positionId, family, line) => {
    const swap = await open(positionId);
    const board = await matchSwap(swap.id, {});
    expect(board.removed!.lines.find(({ need }) => need.id === line)!.verdict).toBe('fails');
    expect(board.judged).toBeGreaterThan(1000);
    const best = board.columns[0]!;
    expect(['fits', 'check']).toContain(best.part.verdict);
    // Like for like stands before what lies in stock; turned round, the shelf comes first.
    const stocked = (await matchSwap(swap.id, { order: 'stock' })).columns[0]!;
    expect(['fits', 'check']).toContain(stocked.part.verdict);
    expect(stocked.shelf.length, stocked.name).toBeGreaterThan(0);
    expect(best.inBrief).toMatch(/\d/);
    for (const column of board.columns) {
      expect(column.coil).toBeNull();
      if (column.part.verdict === 'fits') expect(column.part.lines.every(({ verdict }) => verdict === 'fits')).toBe(true);
    }
    expect(familyOf(family)).toBeDefined();
  });
  it('asks in SQL what it asks in memory', async () => {
    for (const [positionId, family] of [
      ['kestrel-winch-q1', 'breaker'],
      ['kestrel-ramp-f2', 'fuse'],
      ['ferrow-pump-f11', 'overload-relay'],
    ] as const) {
      const { needs } = await fieldOf(db.knex, await open(positionId));
      const compiled = needs.map(compileNeed);
      const memory = (await partsOfFamily(db.knex, family))
        .filter((part) => compiled.every(({ verdict }) => verdict(part.spec) !== 'fails'))
        .map(({ id }) => id);
      expect(await partIdsNotFailing(db.knex, family, needs)).toEqual(memory);
      expect(memory.length).toBeGreaterThan(0);
    }
  });
});

describe('every part of the demo catalogue', () => {
  it('has a spec that the interface accepts, and a name that tells it apart', async () => {
    const { specSchema } = await import('../core/case/schema');
    for (const id of ['breaker', 'fuse', 'overload-relay']) {
      const schema = specSchema(familyOf(id)!.fields);
      const parts = await partsOfFamily(db.knex, id);
      for (const part of parts.filter((_, i) => i % 7 === 0))
        await expect(schema.validate(part.raw, { strict: true }), part.id).resolves.toBeDefined();
      expect(new Set(parts.map(({ name }) => name)).size).toBe(parts.length);
    }
  });
});

describe('supply paths', () => {
  it('give the fault current to positions that have none of their own, with its arithmetic', async () => {
    const { state } = await open('kestrel-winch-q1');
    const fault = state.supply.prospectiveFaultAmps!;
    expect(fault.state).toBe('worked-out');
    expect(fault.from).toContain('Shore transformer');
    expect(fault.value as number).toBeGreaterThan(14000);
  });
  it('a run to a position lowers it; what was read at the position stays', async () => {
    const [near, far] = [await open('kestrel-winch-k2'), await open('kestrel-winch-k1')];
    expect(far.state.supply.prospectiveFaultAmps!.value as number).toBeLessThan(near.state.supply.prospectiveFaultAmps!.value as number);
    expect((await open('ferrow-gate-k1')).state.supply.prospectiveFaultAmps).toMatchObject({ state: 'read', value: 6100 });
  });
  it('are saved whole, walked again, and read back', async () => {
    const { path } = await supplyOfPanel('ferrow-incomer');
    const longer = {
      ...path!,
      elements: [
        ...path!.elements,
        { kind: 'cable', name: 'Stub', size: '16 mm²', metal: 'copper', metres: 20, parallel: 1, steelConduit: false, hotCelsius: 70 },
      ],
    };
    const { nodes } = await saveSupply('ferrow-incomer', { path: longer, version: 0 });
    expect(nodes).toHaveLength(4);
    expect(nodes[3]!.highestAmps).toBeLessThan(nodes[2]!.highestAmps);
    expect(await supplyOfPanel('ferrow-incomer')).toMatchObject({ path: longer, version: 1 });
  });
  it.each([
    [{}, 'path'],
    [{ path: { system: 'four-phase', volts: 400, voltsToGround: 230, elements: [] } }, 'system'],
    [{ path: { system: 'dc', volts: -1, voltsToGround: null, elements: [] } }, 'volts'],
    [{ path: { system: 'dc', volts: 24, voltsToGround: null, elements: [{ kind: 'dragon' }] } }, 'kind'],
    [
      {
        path: {
          system: 'dc',
          volts: 24,
          voltsToGround: null,
          elements: [
            { kind: 'cable', name: 'x', size: '3 mm²', metal: 'copper', metres: 1, parallel: 1, steelConduit: false, hotCelsius: 70 },
          ],
        },
      },
      'size',
    ],
    [
      {
        path: {
          system: 'dc',
          volts: 24,
          voltsToGround: null,
          elements: [{ kind: 'measured', name: 'm', highestAmps: 1, loopOhms: null, on: 'yesterday' }],
        },
      },
      'on',
    ],
    [
      {
        path: {
          system: 'dc',
          volts: 24,
          voltsToGround: null,
          elements: Array(31).fill({ kind: 'motors', name: 'm', fullLoadAmps: 1, times: 4 }),
        },
      },
      'elements',
    ],
    [
      {
        path: {
          system: 'dc',
          volts: 24,
          voltsToGround: null,
          elements: [
            { kind: 'cable', name: 'x', size: '14 AWG', metal: 'aluminium', metres: 1, parallel: 1, steelConduit: false, hotCelsius: 70 },
          ],
        },
      },
      'path',
    ],
  ])('%# is refused by name', async (body, field) => {
    const error = await faultOf(saveSupply('ferrow-incomer', { version: 1, ...body }));
    expect(error).toBeInstanceOf(ServiceError);
    expect(error!.status).toBe(422);
    expect(error!.faults.map((one) => one.field).join(' ')).toContain(field);
  });
  it('saved by two at once: the second is told what stands, and nothing is written over', async () => {
    const { path, version } = await supplyOfPanel('ferrow-gate');
    const renamed = (name: string) => ({ ...path!, elements: path!.elements.map((element) => ({ ...element, name })) });
    const both = await Promise.allSettled(['first', 'second'].map((name) => saveSupply('ferrow-gate', { path: renamed(name), version })));
    expect(both.map(({ status }) => status).sort()).toEqual(['fulfilled', 'rejected']);
    const stands = await supplyOfPanel('ferrow-gate');
    expect(stands.version).toBe(version + 1);
    const refused = both.find((one): one is PromiseRejectedResult => one.status === 'rejected')!.reason as ServiceError;
    expect(refused.status).toBe(409);
    expect(refused.detail.current).toEqual(stands);
    await saveSupply('ferrow-gate', { path, version: stands.version });
    expect((await faultOf(saveSupply('ferrow-gate', { path })))!.faults[0]!.field).toBe('version');
  });
  it('of a panel or position that is not there are refused', async () => {
    expect((await faultOf(supplyOfPanel('nowhere')))!.status).toBe(404);
    const { path, version } = await supplyOfPanel('ferrow-incomer');
    expect(
      (await faultOf(saveSupply('ferrow-incomer', { path, version, runs: [{ positionId: 'kestrel-winch-q1', run: [] }] })))!.status,
    ).toBe(404);
  });
});

describe('the curves of a position', () => {
  it('bring the devices before the same motor, with the relay at the plate amps', async () => {
    const branch = await curveBranch('kestrel-ramp-f4');
    expect(branch.practice).toBe('NFPA70');
    expect(branch.devices.map(({ kind }) => kind).sort()).toEqual(['breaker-ul', 'relay-10']);
    expect(branch.devices.find(({ kind }) => kind === 'relay-10')!.settings.dialAmps).toBe(37);
    expect(branch.inputs.startAmps).toBeGreaterThan(150);
    expect((await faultOf(curveBranch('nowhere')))!.status).toBe(404);
  });
  it('take the least earth fault from the loop', async () => {
    const { inputs } = await curveBranch('ferrow-cabin-q2');
    // 230 V x 0.95 / (0.94 ohm / 0.8)
    expect(inputs.lowestFaultAmps).toBeCloseTo(186, 0);
  });
  it('every position with a load opens', async () => {
    for (const site of await panelsDesk())
      for (const panel of site.panels)
        for (const { id, load } of panel.positions) if (load !== '') expect((await curveBranch(id)).title).toBeTruthy();
  });
});
