/** A maker's curve kept with a part: read, refused, held against needs, drawn at its positions, and taken away again. */
import { afterAll, beforeAll, describe, expect, it } from 'vitest';
import { bandSeconds } from '../core/curves/band';
import { modelOf } from '../core/curves/curve-device';
import { rowOf } from '../core/catalogue/part-columns';
import { partById } from '../data/catalogue';
import { columnsNow } from '../data/part-columns';
import { demoDatabase, type TestDatabase } from '../data/test-database';
import { curveBranch, curvesOfPart } from './curve-branch';
import { fieldOf } from './candidates';
import { compileNeed } from '../core/matching/evaluate';
import { partCurve, removePartCurve, savePartCurve } from './part-curves';
import { partView } from './parts';
import type { ServiceError } from './service-error';
import { loadSwap, openSwap } from './swaps';

let db: TestDatabase;
beforeAll(async () => {
  db = await demoDatabase();
});
afterAll(() => db.drop());

const faultOf = (work: Promise<unknown>) =>
  work.then(
    () => undefined,
    (error: unknown) => error as ServiceError,
  );
/** The 400 A incomer of the winch panel, a moulded-case breaker whose holding time no standard publishes. */
const incomer = 'saltmarsh-b-600s-400-3p';
const csv = [
  'amps,seconds,edge',
  '420,7200,fast\n1200,30,fast\n3000,4,fast\n3200,0.02,fast',
  '540,7200,slow\n1200,120,slow\n4000,10,slow\n4400,0.05,slow',
].join('\n');
const source = 'data sheet of the frame, page 4';

describe('keeping a curve', () => {
  it('there is none to begin with, and an unknown part has no page', async () => {
    expect(await partCurve(incomer)).toBeNull();
    expect((await faultOf(partCurve('nothing')))!.status).toBe(404);
    expect((await faultOf(savePartCurve('nothing', { csv, source })))!.status).toBe(404);
    expect(await removePartCurve(incomer)).toEqual({ removed: false });
  });
  it.each([
    [{ csv }, 'source'],
    [{ csv, source: '   ' }, 'source'],
    [{ csv, source: 'x'.repeat(201) }, 'source'],
    [{ source }, 'csv'],
    [{ csv: '10,5', source }, 'csv'],
    [{ csv: '10,5\n5,10', source }, 'csv'],
    [{ csv: '10,40,slow\n100,1,slow\n10,90,fast\n100,2,fast', source }, 'csv'],
    [{ csv: 7, source }, 'csv'],
  ])('%o is refused by name, and nothing changes', async (body, field) => {
    const error = (await faultOf(savePartCurve(incomer, body)))!;
    expect(error.status).toBe(422);
    expect(error.faults.map((one) => one.field)).toContain(field);
    expect(await partCurve(incomer)).toBeNull();
  });
  it('relays and contactors are drawn by their class, not by a file', async () => {
    const error = (await faultOf(savePartCurve('nettlecombe-overload-r-6-10', { csv, source })))!;
    expect(error.faults[0]!.reason).toContain('breakers and fuses');
  });
  it('is read back point by point with its source and the edges at 0.1 s', async () => {
    const before = await columnsNow(db.knex, 'breaker', undefined);
    const saved = await savePartCurve(incomer, { csv, source });
    expect(saved).toMatchObject({ points: 8, source });
    // By hand, log-log between the points: fast 4 s to 0.02 s from 3000 to 3200 A meets 0.1 s at 3000 x (16/15)^0.6962 = 3137 A.
    expect(saved.holdsAmps).toBe(3137);
    expect(saved.tripsAmps).toBe(4346);
    expect(await partCurve(incomer)).toEqual(saved);
    expect((await partView(incomer))!.curve).toEqual(saved);
    // What another process holds by columns follows.
    const after = await columnsNow(db.knex, 'breaker', before);
    const spec = ({ columns }: typeof after) => columns.specOf[rowOf(columns, incomer)!];
    expect(spec(after)).not.toBe(spec(before));
  });
  it('two at once: one stands whole', async () => {
    await Promise.all(['a', 'b'].map((name) => savePartCurve(incomer, { csv, source: name })));
    expect(['a', 'b']).toContain((await partCurve(incomer))!.source);
    await savePartCurve(incomer, { csv, source });
  });
});

describe('what it changes', () => {
  it('its edges are marks that needs are held against: what was not known is known', async () => {
    const { needs } = await fieldOf(db.knex, await loadSwap((await openSwap({ positionId: 'kestrel-ramp-q4' })).id));
    const inrush = compileNeed(needs.find(({ id }) => id === 'inrush')!);
    const { spec } = (await partById(db.knex, incomer))!;
    expect(spec).toMatchObject({ instantaneousHoldsAc: 3137, instantaneousTripsAc: 4346, fiveSecondEdgeAc: 4346 });
    expect(inrush.verdict(spec)).toBe('fits');
    // Without a curve it holds its rated current, and beyond that nothing is published.
    expect(inrush.verdict((await partById(db.knex, 'saltmarsh-b-600n-400-3p'))!.spec)).toBe('fits');
    expect(inrush.verdict((await partById(db.knex, 'saltmarsh-b-125n-70-3p'))!.spec)).toBe('not-known');
  });
  it('the desk of the position draws it in place of the gates', async () => {
    const { devices } = await curveBranch('kestrel-winch-q1');
    const own = devices.find(({ id }) => id === 'kestrel-winch-q1')!;
    expect(own.kind).toBe('file');
    expect(own.interruptingAmps).toBe(14000);
    expect(bandSeconds(modelOf(own, true)!.band, 1200)).toMatchObject({ holdsUntil: 30, openBy: 120 });
  });
  it('a part stands alone on the desk, in the practice of its standard', async () => {
    expect(await curvesOfPart(incomer)).toMatchObject({ practice: 'NFPA70', devices: [{ kind: 'file' }], inputs: { startAmps: null } });
    expect(await curvesOfPart('saltmarsh-m-c16-1p')).toMatchObject({ practice: 'IEC', devices: [{ kind: 'breaker-c' }] });
    expect((await curvesOfPart('nettlecombe-n1-3p-120-11')).devices).toEqual([]);
    expect((await faultOf(curvesOfPart('nothing')))!.status).toBe(404);
  });
  it('a fuse keeps its curve without marks of its own', async () => {
    const fuse = 'saltmarsh-fuse-cc-3-t-600';
    const before = (await partById(db.knex, fuse))!;
    await savePartCurve(fuse, { csv: '4,600,slow\n6,20,slow\n30,0.02,slow', source });
    expect((await partById(db.knex, fuse))!.raw).toEqual(before.raw);
    expect((await curvesOfPart(fuse)).devices[0]).toMatchObject({ kind: 'file', band: { fast: null } });
    expect(await removePartCurve(fuse)).toEqual({ removed: true });
    expect((await curvesOfPart(fuse)).devices[0]!.kind).toBe('fuse-td');
  });
  it('taken away, the part is what it was', async () => {
    expect(await removePartCurve(incomer)).toEqual({ removed: true });
    const { raw, spec } = (await partById(db.knex, incomer))!;
    expect(raw).not.toHaveProperty('instantaneousHoldsAmps');
    expect(spec).toMatchObject({ instantaneousHoldsAc: 400, instantaneousTripsAc: null });
    expect((await curveBranch('kestrel-winch-q1')).devices[0]!.kind).toBe('breaker-ul');
  });
  it('marks that the maker had given come back', async () => {
    const part = (await partById(db.knex, incomer))!;
    const own = { ...part.raw, instantaneousHoldsAmps: 2800 };
    await db
      .knex('parts')
      .where({ id: incomer })
      .update({ raw: JSON.stringify(own) });
    await savePartCurve(incomer, { csv, source });
    await savePartCurve(incomer, { csv, source: 'second sheet' });
    await removePartCurve(incomer);
    expect((await partById(db.knex, incomer))!.raw).toEqual(own);
  });
});
