/** A need gives the same verdict in memory and in SQL, over random needs and candidates, unknown fields included. */
import fc from 'fast-check';
import { afterAll, beforeAll, describe, expect, it } from 'vitest';
import type { FieldValues } from '../core/case/case';
import { contactors } from '../core/families/contactors';
import { familyOf } from '../core/families/registry';
import { somePath, withMark } from '../tests/laws/marks';
import { seeded } from '../tests/laws/random';
import { workedCases } from '../tests/worked-cases';
import { plainOfCase } from '../tests/worked-cases/worked-case';
import { contextOf } from '../core/judge-case';
import { swapSchools } from '../core/loads/schools';
import { compileNeed } from '../core/matching/evaluate';
import type { CanonicalSpec } from '../core/matching/canonical';
import { needSql } from '../core/matching/sql';
import type { Need, Verdict } from '../core/needs/need';
import { demoContactors } from './demo/contactors';
import { testDatabase, type TestDatabase } from './test-database';

let db: TestDatabase;
beforeAll(async () => {
  db = await testDatabase();
  await db.knex.raw('create table specs (id int primary key, spec jsonb not null)');
});
afterAll(() => db.drop());

async function bothVerdicts(needs: Need[], specs: CanonicalSpec[]): Promise<{ memory: Verdict[][]; sql: Verdict[][] }> {
  await db.knex('specs').truncate();
  await db.knex.batchInsert(
    'specs',
    specs.map((spec, id) => ({ id, spec: JSON.stringify(spec) })),
    500,
  );
  const stored = specs.map((spec) => JSON.parse(JSON.stringify(spec)) as CanonicalSpec);
  const columns = needs.map((need, i) => {
    const { text, bindings } = needSql(need);
    return db.knex.raw(`${text} as v${i}`, bindings);
  });
  const rows: Record<string, Verdict>[] = await db.knex('specs').select(columns).orderBy('id');
  const sql = needs.map((_, i) => rows.map((one) => one[`v${i}`]!));
  return { memory: needs.map((need) => stored.map(compileNeed(need).verdict)), sql };
}

const mark = (value: fc.Arbitrary<unknown>) =>
  fc.oneof({ weight: 5, arbitrary: value }, { weight: 1, arbitrary: fc.constantFrom(null, 'none', undefined) });
const amps = fc.constantFrom(9, 18, 25, 27.5, 40, 90, 240);
const record = (fields: Record<string, fc.Arbitrary<unknown>>) =>
  fc.record(fields).map((marks) => Object.fromEntries(Object.entries(marks).filter(([, value]) => value !== undefined)) as FieldValues);

const row = record({
  volts: fc.oneof(
    { weight: 8, arbitrary: fc.constantFrom(115, 230, 240, 400, 460, 480, 600) },
    { weight: 1, arbitrary: fc.constant(null) },
  ),
  kind: fc.constantFrom(undefined, 'ac', 'dc', 'ac/dc', null, 'none'),
  polesInSeries: fc.constantFrom(undefined, 1, 2, 4, null, 'none'),
  fullLoadAmps: mark(amps),
  lockedRotorAmps: mark(amps),
  resistiveAmps: mark(amps),
  ac1Amps: mark(amps),
  ac3Amps: mark(amps),
  ac4Amps: mark(amps),
  normalHp: mark(fc.constantFrom(3, 7.5, 10, 30)),
  dc1Amps: mark(amps),
});
const spec = record({
  standard: fc.constantFrom(undefined, 'IEC 60947-4-1', 'NEMA ICS 2', 'UL 508'),
  poles: mark(fc.constantFrom(1, 2, 3, 4)),
  nemaSize: fc.constantFrom(undefined, undefined, '0', '2'),
  ratings: mark(fc.array(row, { maxLength: 4 })),
  coilVolts: mark(fc.constantFrom(24, 110, 115, 120, 230, 240)),
  coilKind: mark(fc.constantFrom('ac', 'dc', 'ac/dc')),
  coilHertz: mark(fc.constantFrom([], [50], [60], [50, 60])),
  coilMarks: fc.oneof(
    { weight: 4, arbitrary: fc.constant(undefined) },
    {
      weight: 1,
      arbitrary: fc.constant([
        { volts: 110, kind: 'ac', hertz: [50] },
        { volts: 120, kind: 'ac', hertz: [60] },
      ]),
    },
    { weight: 1, arbitrary: fc.constant(null) },
  ),
  coilWatts: mark(fc.constantFrom(3, 12)),
  coilOhms: mark(fc.constantFrom(58, 400)),
  coilInrushVA: mark(fc.constantFrom(80, 240, 900)),
  coilSealedVA: mark(fc.constantFrom(9, 40)),
  auxNormallyOpen: mark(fc.constantFrom(0, 1, 2)),
  auxNormallyClosed: mark(fc.constantFrom(0, 1)),
  holding: mark(fc.constantFrom('electrical', 'mechanical')),
  shortCircuitRatingAmps: mark(fc.constantFrom(5000, 10000, 65000)),
  maxAmbientC: mark(fc.constantFrom(40, 60)),
  maxOperationsPerHour: mark(fc.constantFrom(300, 1200)),
  electricalLifeOperations: mark(fc.constantFrom(1e5, 1e6)),
}).map((marks) => contactors.canonical(marks));

const context = fc.record({
  practice: fc.constantFrom('NFPA70' as const, 'IEC' as const),
  supply: record({
    systemVolts: mark(fc.constantFrom(208, 240, 400, 480)).map((v) => (v === 'none' ? undefined : v)),
    phases: fc.constantFrom(1, 3),
    currentKind: fc.constantFrom('ac', 'ac', 'dc', null),
    controlVolts: mark(fc.constantFrom(24, 120, 230)).map((v) => (v === 'none' ? undefined : v)),
    controlVoltsMin: fc.constantFrom(undefined, 22, 108),
    controlVoltsMax: fc.constantFrom(undefined, 26, 132),
    controlKind: fc.constantFrom('ac', 'dc', null, undefined),
    controlHertz: fc.constantFrom(50, 60, null, undefined),
    prospectiveFaultAmps: fc.constantFrom(undefined, null, 5000, 10000),
    ambientC: fc.constantFrom(undefined, null, 40, 45),
    controlLoopOhms: fc.constantFrom(undefined, null, 0, 1, 12),
    controlTransformerInrushVA: fc.constantFrom(undefined, 300, null),
    controlTransformerVA: fc.constantFrom(undefined, 30),
    supplyVA: fc.constantFrom(undefined, 100),
    driverMaxAmps: fc.constantFrom(undefined, null, 0.5, 4),
  }),
  load: record({
    kind: fc.constantFrom('motor-3ph', 'motor-1ph', 'hermetic-compressor', 'resistive-heater', 'lamp-bank', 'motor-dc'),
    plateVolts: fc.constantFrom(undefined, '230/460', 230, 400),
    horsepower: fc.constantFrom(undefined, null, 3, 10, 30),
    kilowatts: fc.constantFrom(undefined, 7.5),
    fullLoadAmps: fc.constantFrom(undefined, null, 14, 28),
    ratedLoadAmps: fc.constantFrom(undefined, 18),
    lockedRotorAmps: fc.constantFrom(undefined, null, 80, 170),
    codeLetter: fc.constantFrom(undefined, null, 'G', 'V'),
    maximumOvercurrentAmps: fc.constantFrom(undefined, 40),
    polesToSwitch: fc.constantFrom(undefined, null, 1, 3),
    polesThatMustOpen: fc.constantFrom(undefined, 2),
    auxNormallyOpenNeeded: fc.constantFrom(undefined, null, 0, 2),
    mustHoldOnControlLoss: fc.constantFrom(undefined, true, false),
    control: fc.constantFrom(undefined, 'three-wire'),
    lampKind: fc.constantFrom(undefined, 'filament', 'LED with driver'),
    starter: fc.constantFrom(undefined, 'star-delta'),
    starterRole: fc.constantFrom(undefined, 'star', 'bypass'),
  }),
  duty: record({
    joggingPerMinute: fc.constantFrom(undefined, null, 1, 3, 8),
    startsPerHour: fc.constantFrom(undefined, null, 600),
    operationsPerDay: fc.constantFrom(undefined, 140),
    lifeYearsWanted: fc.constantFrom(undefined, 5),
  }),
});

describe('one need, two ways of asking', () => {
  it('random needs over random candidates', async () => {
    await fc.assert(
      fc.asyncProperty(
        context,
        fc.array(spec, { minLength: 8, maxLength: 40 }),
        fc.boolean(),
        async ({ practice, supply, load, duty }, specs, assume) => {
          const needs = contactors.needs(
            contextOf(
              { practice, family: 'contactor', supply, load, duty, removed: null, candidates: [] },
              { schools: swapSchools, assumed: new Set(assume ? ['load.horsepower', 'supply.controlVolts'] : []) },
            ),
          );
          const { memory, sql } = await bothVerdicts(needs, specs);
          needs.forEach((need, i) =>
            sql[i]!.forEach((verdict, j) =>
              expect(verdict, `${need.id} ${JSON.stringify(need.ways)} ${JSON.stringify(specs[j])}`).toBe(memory[i]![j]),
            ),
          );
        },
      ),
      { numRuns: 60, endOnFailure: true },
    );
  }, 120_000);

  it('every worked case over the demo catalogue', async () => {
    const specs = demoContactors()
      .filter((_, i) => i % 11 === 0)
      .map((part) => contactors.canonical(part.raw));
    const seen = new Set<Verdict>();
    for (const one of workedCases.contactor!.filter((_, i) => i % 5 === 0)) {
      const needs = contactors.needs(contextOf(plainOfCase(one, 'contactor')));
      const { memory, sql } = await bothVerdicts(needs, specs);
      expect(sql).toEqual(memory);
      memory.flat().forEach((verdict) => seen.add(verdict));
    }
    expect([...seen].sort()).toEqual(['check', 'fails', 'fits', 'not-known']);
  }, 120_000);

  it.each(Object.entries(workedCases).filter(([id]) => id !== 'contactor'))(
    'every part of the worked cases of a %s against every need of them',
    async (id, cases) => {
      const family = familyOf(id)!;
      // Each part as it is, and twice with a mark worn or gone, in its rows too.
      const random = seeded(cases.length);
      const specs = cases.flatMap(({ spec }) =>
        [undefined, null, 'none'].map((mark) => {
          const path = mark === undefined ? undefined : somePath(spec, random);
          return family.canonical(path ? withMark(spec, path, mark) : spec);
        }),
      );
      const needs = cases.flatMap((one) => family.needs(contextOf(plainOfCase(one, id), { schools: swapSchools })));
      const different = [...new Map(needs.map((need) => [JSON.stringify(need), need])).values()];
      for (let i = 0; i < different.length; i += 60) {
        const some = different.slice(i, i + 60);
        const { memory, sql } = await bothVerdicts(some, specs);
        some.forEach((need, k) => expect(sql[k], need.id).toEqual(memory[k]));
      }
    },
    120_000,
  );
});
