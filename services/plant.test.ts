/** One's own plant over a real database: sites, panels and positions drawn, moved, copied, put away, and worked at. */
import { afterAll, beforeAll, describe, expect, it } from 'vitest';
import { certain } from '@/core/certain';
import { panelTemplates } from '@/core/plant/templates';
import { familyOf } from '@/core/families/registry';
import { nextTag, tagHabits } from '@/core/plant/tags';
import { changeFault } from '@/core/swap/change-fault';
import { tester } from '@/tests/crew';
import { demoDatabase, type TestDatabase } from '../data/test-database';
import { circuitsOfPanel } from './circuits';
import { find } from './find';
import { panelsDesk } from './panels';
import { drawnPanel, panelWalk, plantView } from './plant-view';
import { copyPanel, drawTemplate, makePanel, makePosition, makeSite, savePanel, savePosition } from './plant';
import { setSite, siteSettings } from './sites';
import { loadSwap, openSwap } from './swaps';
import { verifyChains } from './chain/verify';

let db: TestDatabase;
let panel: string;
let site: string;
beforeAll(async () => {
  db = await demoDatabase();
  site = (await makeSite({ name: 'Tarn Mill', practice: 'IEC', timeZone: 'Europe/London' }, tester)).id;
  panel = (await makePanel(site, { name: 'Pump panel', rails: 3 }, tester)).id;
});
afterAll(() => db.drop());

const statusOf = (doing: Promise<unknown>) =>
  doing.then(
    () => 200,
    (error: { status: number }) => error.status,
  );
const positionsOf = async (id: string) => (await drawnPanel(id)).positions.filter(({ archived }) => !archived);
const one = async (id: string, tag: string) => certain((await positionsOf(id)).find((position) => position.tag === tag));

describe('a starter template', () => {
  it.each(panelTemplates)('$id stands on devices and loads that are judged', ({ positions }) => {
    for (const { device, loadKind, load } of positions) {
      const family = familyOf(device);
      expect(family === undefined).toBe(loadKind === null);
      if (family) expect(family.loads).toContain(loadKind);
      for (const [name, word] of Object.entries(load ?? {})) {
        expect(changeFault('contactor', { path: `load.${name}`, value: { state: 'read', value: word } })).toBeUndefined();
      }
    }
  });

  it.each(panelTemplates)('$id is drawn: every position has a tag of its own, its circuit, and a job begins there', async (template) => {
    const own = (await makePanel(site, { name: `For ${template.id}`, rails: 1 }, tester)).id;
    const { circuitId, positionIds } = await drawTemplate(own, { template: template.id, name: 'Sump 1', rail: 0 }, tester);
    const drawn = await positionsOf(own);
    expect(drawn.map(({ id }) => id)).toEqual(positionIds);
    expect(new Set(drawn.map(({ tag }) => tag)).size).toBe(template.positions.length);
    const { circuits } = await circuitsOfPanel(own);
    expect(circuits).toMatchObject([{ id: circuitId, kind: template.circuit, name: 'Sump 1' }]);
    expect(certain(circuits[0]).members).toHaveLength(template.positions.length);
    for (const { id, device } of drawn)
      if (familyOf(device)) expect((await loadSwap((await openSwap({ positionId: id })).id)).state.family).toBe(device);
  });

  it('twice on one panel goes on counting; a name that is taken is refused', async () => {
    await drawTemplate(panel, { template: 'direct-on-line', name: 'Pump 1', rail: 0 }, tester);
    await drawTemplate(panel, { template: 'direct-on-line', name: 'Pump 2', rail: 0 }, tester);
    expect((await positionsOf(panel)).map(({ tag }) => tag)).toEqual(['Q1', 'Q2', 'F1', 'Q3', 'Q4', 'F2']);
    expect(await statusOf(drawTemplate(panel, { template: 'direct-on-line', name: 'Pump 2', rail: 0 }, tester))).toBe(422);
    expect(await statusOf(drawTemplate(panel, { template: 'direct-on-line', name: 'Pump 3', rail: 3 }, tester))).toBe(422);
    expect(await positionsOf(panel)).toHaveLength(6);
  });

  it('takes the plate of its load, and each device knows what it is', async () => {
    const own = (await makePanel(site, { name: 'Plates', rails: 1 }, tester)).id;
    const loadPlate = '3~ MOTOR 5.5 kW 400 V 11.5 A 50 Hz 1450 rpm';
    await drawTemplate(own, { template: 'reversing', name: 'Gate', rail: 0, loadPlate }, tester);
    const [breaker, forward] = await positionsOf(own);
    const { state } = await loadSwap((await openSwap({ positionId: certain(forward).id })).id);
    expect(state.load).toMatchObject({ kilowatts: { value: 5.5 }, starterRole: { value: 'forward' } });
    expect((await loadSwap((await openSwap({ positionId: certain(breaker).id })).id)).state.load).toMatchObject({
      plateVolts: { value: 400 },
    });
  });
});

describe('a position', () => {
  it('is placed with its plates, judged on the desk, and found', async () => {
    const { id } = await makePosition(
      panel,
      {
        ...{ tag: 'K9', function: 'sump pump', device: 'contactor', loadKind: 'motor-3ph', rail: 2 },
        loadPlate: '3~ MOTOR 5.5 kW 400 V 11.5 A 50 Hz 1450 rpm',
        partPlate: 'MAKER NETTLECOMBE TYPE CX-9 3P AC-3 9 A 400 V COIL 230 V 50 HZ',
      },
      tester,
    );
    const tile = certain(
      (await panelsDesk()).flatMap(({ panels }) => panels.flatMap(({ positions }) => positions)).find((each) => each.id === id),
    );
    expect(tile).toMatchObject({ deviceName: expect.stringMatching(/nettlecombe/i), onTheBench: true, judged: { verdict: 'not-known' } });
    expect(JSON.stringify(await find('sump pump'))).toContain(id);
  });

  it.each([
    ['a tag that stands there, in another case', { tag: 'k9' }],
    ['no tag', { tag: '' }],
    ['a rail that is not there', { tag: 'K10', rail: 3 }],
    ['a device that is none', { tag: 'K10', device: 'toaster' }],
    ['a load that this device does not serve', { tag: 'K10', loadKind: 'dc-string' }],
  ])('is refused with %s', async (_, more) => {
    const asked = { function: 'x', device: 'contactor', loadKind: 'motor-3ph', rail: 0, ...more };
    expect(await statusOf(makePosition(panel, asked, tester))).toBe(422);
  });

  it('is renamed on the version that was read', async () => {
    const { id, version } = await one(panel, 'K9');
    expect(await savePosition(id, { version, tag: 'K12', function: 'sump pump 2' }, tester)).toEqual({ version: version + 1 });
    expect(await statusOf(savePosition(id, { version, tag: 'K13' }, tester))).toBe(409);
    expect(await statusOf(savePosition(id, { version: version + 1, tag: 'Q1' }, tester))).toBe(422);
  });

  it('takes its marks one by one, each held against what is declared, and leaves the others as they are', async () => {
    const own = (await makePanel(site, { name: 'Walked past', rails: 1 }, tester)).id;
    const { id } = await makePosition(
      own,
      {
        ...{ tag: 'K1', function: 'sump pump', device: 'contactor', loadKind: 'motor-3ph', rail: 0 },
        loadPlate: '3~ MOTOR 5.5 kW 400 V 11.5 A 50 Hz 1450 rpm',
      },
      tester,
    );
    const walked = async () => certain((await panelWalk(own)).positions[0]);
    const changes = [
      { path: 'removed.poles', value: { state: 'read', value: 3 } },
      { path: 'removed.type', value: { state: 'unreadable' } },
      { path: 'load.kilowatts', value: null },
    ];
    await savePosition(id, { version: 1, changes }, tester);
    const { readings, version } = await walked();
    expect(readings).toMatchObject({
      removed: { poles: { value: 3 }, type: { state: 'unreadable' } },
      load: { plateVolts: { value: 400 } },
    });
    expect(readings.load.kilowatts).toBeUndefined();
    for (const path of ['supply.systemVolts', 'loadKind', 'removed.nonsense', 'removed.__proto__', 'load.poles.x'])
      expect([
        path,
        await statusOf(savePosition(id, { version, changes: [{ path, value: { state: 'read', value: 3 } }] }, tester)),
      ]).toEqual([path, 422]);
    for (const value of [{ state: 'read', value: -3 }, { state: 'guessed', value: 3 }, 3])
      expect(await statusOf(savePosition(id, { version, changes: [{ path: 'removed.poles', value }] }, tester))).toBe(422);
    expect(await statusOf(savePosition(id, { version: 1, changes }, tester))).toBe(409);
    expect((await walked()).readings).toEqual(readings);
    // What stands there is named anew, and a job begins with what was read.
    expect((await loadSwap((await openSwap({ positionId: id })).id)).state.removed).toMatchObject({ poles: { value: 3 } });
  });

  it('moves along its rail, to another and back, and everything else keeps its order', async () => {
    const order = async () => (await positionsOf(panel)).map(({ tag, rail }) => `${tag}/${rail}`);
    const before = await order();
    const put = async (tag: string, rail: number, slot: number) => {
      const { id, version } = await one(panel, tag);
      await savePosition(id, { version, rail, slot }, tester);
    };
    await put('F2', 0, 1);
    expect(await order()).toEqual(['Q1/0', 'F2/0', 'Q2/0', 'F1/0', 'Q3/0', 'Q4/0', 'K12/2']);
    await put('F2', 2, 0);
    expect(await order()).toEqual(['Q1/0', 'Q2/0', 'F1/0', 'Q3/0', 'Q4/0', 'F2/2', 'K12/2']);
    await put('F2', 0, 5);
    expect(await order()).toEqual(before);
  });

  it('moves to another panel and leaves its circuit', async () => {
    const other = (await makePanel(site, { name: 'Annexe', rails: 1 }, tester)).id;
    const { id, version } = await one(panel, 'F2');
    await savePosition(id, { version, panelId: other, rail: 0 }, tester);
    expect((await positionsOf(other)).map(({ tag }) => tag)).toEqual(['F2']);
    expect((await circuitsOfPanel(other)).positions).toMatchObject([{ circuitId: null }]);
  });

  it('stays in its site, in whose chain its history stands', async () => {
    const { id, version } = await one(panel, 'K12');
    expect(await statusOf(savePosition(id, { version, panelId: 'kestrel-ramp', rail: 0 }, tester))).toBe(422);
  });

  it('is put away and comes back; its tag is free meanwhile; not while a job is open', async () => {
    const { id, version } = await one(panel, 'F1');
    await savePosition(id, { version, archived: true }, tester);
    expect((await positionsOf(panel)).map(({ tag }) => tag)).not.toContain('F1');
    expect((await panelsDesk()).flatMap(({ panels }) => panels.flatMap(({ positions }) => positions)).map((each) => each.id)).not.toContain(
      id,
    );
    expect(JSON.stringify(await find('Pump 1'))).not.toContain(id);
    expect(await statusOf(openSwap({ positionId: id }))).toBe(422);
    const made = await makePosition(panel, { tag: 'F1', function: 'another', device: 'fuse', rail: 1 }, tester);
    expect(await statusOf(savePosition(id, { version: version + 1, archived: false }, tester))).toBe(422);
    expect(await statusOf(savePosition(id, { version: version + 1, archived: false, tag: 'F7' }, tester))).toBe(200);
    await openSwap({ positionId: made.id });
    expect(await statusOf(savePosition(made.id, { version: 1, archived: true }, tester))).toBe(422);
  });

  it('that is not there is not found', async () => {
    expect(await statusOf(savePosition('nowhere', { version: 1 }, tester))).toBe(404);
    expect(await statusOf(makePosition('nowhere', { tag: 'K1', function: 'x', device: 'fuse', rail: 0 }, tester))).toBe(404);
    expect(await statusOf(drawnPanel('nowhere'))).toBe(404);
  });
});

describe('a panel', () => {
  it('is copied with its circuits and the plates of its loads, and not with what was read of the parts', async () => {
    const { id } = await copyPanel('kestrel-ramp', { name: 'Ramp panel 2' }, tester);
    const [from, to] = [await positionsOf('kestrel-ramp'), await positionsOf(id)];
    expect(to.map(({ tag, function: fn, rail }) => [tag, fn, rail])).toEqual(from.map(({ tag, function: fn, rail }) => [tag, fn, rail]));
    expect(to.every(({ read }) => read.part === 0)).toBe(true);
    expect(to.map(({ read }) => read.load)).toEqual(from.map(({ read }) => read.load));
    expect((await circuitsOfPanel(id)).circuits.map(({ name, members }) => [name, members.length])).toEqual(
      (await circuitsOfPanel('kestrel-ramp')).circuits.map(({ name, members }) => [name, members.length]),
    );
    expect(await statusOf(copyPanel('kestrel-ramp', { name: 'ramp panel 2' }, tester))).toBe(422);
  });

  it('is renamed, loses no rail on which something stands, and is put away', async () => {
    const { id } = await makePanel(site, { name: 'Spare', rails: 2 }, tester);
    await makePosition(id, { tag: 'X1', function: 'terminals', device: 'terminals', rail: 1 }, tester);
    expect(await statusOf(savePanel(id, { version: 1, rails: 1 }, tester))).toBe(422);
    expect(await savePanel(id, { version: 1, name: 'Spare panel', note: 'under the stairs', rails: 4 }, tester)).toEqual({ version: 2 });
    expect(await statusOf(savePanel(id, { version: 1, name: 'Late' }, tester))).toBe(409);
    await savePanel(id, { version: 2, archived: true }, tester);
    const listed = (await plantView()).sites.find((each) => each.id === site)?.panels.find((each) => each.id === id);
    expect(listed).toMatchObject({ name: 'Spare panel', archived: true, positions: 1 });
    expect((await panelsDesk()).flatMap(({ panels }) => panels).map((each) => each.id)).not.toContain(id);
    expect(await statusOf(makePosition(id, { tag: 'X2', function: 'y', device: 'terminals', rail: 0 }, tester))).toBe(404);
  });
});

describe('a site', () => {
  it('has its name once, in whatever case, and a time zone that is one', async () => {
    const asked = { name: 'tarn mill', practice: 'IEC', timeZone: 'Europe/London' };
    expect(await statusOf(makeSite(asked, tester))).toBe(422);
    expect(await statusOf(makeSite({ ...asked, name: 'Other', timeZone: 'Mars/Crater' }, tester))).toBe(422);
    expect(await statusOf(makeSite({ ...asked, name: 'Other', practice: 'X' }, tester))).toBe(422);
  });
  it('keeps its settings, and those alone that were sent change', async () => {
    await setSite(site, { schools: { resistiveHeadroom: 1.1 }, tagHabit: 'nfpa' }, tester);
    await setSite(site, { secondPerson: true }, tester);
    expect((await siteSettings()).find(({ id }) => id === site)).toMatchObject({
      ...{ name: 'Tarn Mill', tagHabit: 'nfpa', secondPerson: true, schools: { resistiveHeadroom: 1.1 } },
    });
    expect(await statusOf(setSite(site, { schools: { resistiveHeadroom: 9 } }, tester))).toBe(422);
    expect(await statusOf(setSite(site, { name: 'Ferrow Locks' }, tester))).toBe(422);
  });
  it('begins a chain of its own, which holds', async () => {
    expect((await verifyChains(db.knex)).find((chain) => chain.site === site)).toMatchObject({ faults: [] });
  });
});

describe('tags', () => {
  it.each(tagHabits)('of %s are the next that is free, whatever the case of those in use', (habit) => {
    const first = nextTag(habit, 'contactor', []);
    expect(nextTag(habit, 'contactor', [first.toLowerCase()])).not.toBe(first);
    expect(nextTag(habit, 'contactor', ['ZZ1'])).toBe(first);
  });
});

describe('the system of a site', () => {
  const [first, second] = [
    { volts: 400, hertz: 50, grounding: 'TN-S' },
    { volts: 690, hertz: 50, grounding: 'IT' },
  ];
  const supplyAt = async (positionId: string) => (await loadSwap((await openSwap({ positionId })).id)).state.supply;
  const draw = async (panelId: string, name: string) =>
    certain((await drawTemplate(panelId, { template: 'direct-on-line', name, rail: 0 }, tester)).positionIds[1]);

  it('is taken by its panels, and assumed at jobs of three-phase loads', async () => {
    const { id } = await makeSite({ name: 'Alder Works', practice: 'IEC', timeZone: 'UTC', systems: [first] }, tester);
    const own = (await makePanel(id, { name: 'Fan panel', rails: 2 }, tester)).id;
    expect((await drawnPanel(own)).panel.system).toEqual(first);
    expect(await supplyAt(await draw(own, 'Fan 1'))).toMatchObject({
      systemVolts: { state: 'assumed', value: 400, from: 'the panel is fed at 400 V three-phase, 50 Hz, TN-S' },
      grounding: { state: 'assumed', value: 'TN-S' },
      phases: { state: 'assumed', value: 3 },
    });
    const lamp = await makePosition(own, { tag: 'K9', function: 'lighting', device: 'contactor', loadKind: 'lamp-bank', rail: 1 }, tester);
    expect(await supplyAt(lamp.id)).toEqual({});
    // A copy stands where its panel stands; another one is chosen, or none.
    const copy = (await copyPanel(own, { name: 'Fan panel 2' }, tester)).id;
    expect((await drawnPanel(copy)).panel.system).toEqual(first);
    await setSite(id, { systems: [first, second] }, tester);
    expect((await siteSettings()).find((one) => one.id === id)?.systems).toEqual([first, second]);
    const undecided = (await makePanel(id, { name: 'Mill panel', rails: 1 }, tester)).id;
    expect((await drawnPanel(undecided)).panel.system).toBeNull();
    expect(await supplyAt(await draw(undecided, 'Mill 1'))).toEqual({});
    const { version } = (await drawnPanel(copy)).panel;
    await savePanel(copy, { version, system: second }, tester);
    expect((await supplyAt(await draw(copy, 'Fan 2'))).systemVolts?.value).toBe(690);
    await savePanel(copy, { version: version + 1, system: null }, tester);
    expect(await supplyAt(await draw(copy, 'Fan 3'))).toEqual({});
  });

  it('yields to what was read, measured or drawn', async () => {
    const { id } = await makeSite({ name: 'Birch Works', practice: 'IEC', timeZone: 'UTC', systems: [first] }, tester);
    const own = (await makePanel(id, { name: 'Saw panel', rails: 2 }, tester)).id;
    const [read, drawn] = [await draw(own, 'Saw 1'), await draw(own, 'Saw 2')];
    const reading = { state: 'measured', value: 230 };
    await db
      .knex('positions')
      .where({ id: read })
      .update({ readings: JSON.stringify({ supply: { systemVolts: reading } }) });
    expect(await supplyAt(read)).toEqual({ systemVolts: reading });
    const path = { system: 'three-phase', volts: 690, voltsToGround: null, elements: [] };
    await db
      .knex('panels')
      .where({ id: own })
      .update({ supply_path: JSON.stringify(path) });
    expect((await supplyAt(drawn)).systemVolts).toBeUndefined();
  });

  it.each([
    [{ systems: Array.from({ length: 9 }, () => first) }, 422],
    [{ systems: [{ volts: -1, hertz: 50, grounding: null }] }, 422],
    [{ systems: [] }, 200],
  ])('%j is answered %i', async (change, status) => expect(await statusOf(setSite(site, change, tester))).toBe(status));
});
