/** What every family must keep, whatever it is. Runs over the registry. */
import { existsSync } from 'node:fs';
import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { terms } from '../quantities/terms';
import { contextOf } from '../judge-case';
import { loadKinds } from '../fields/load-fields';
import { swapSchools } from '../loads/schools';
import { compileNeed } from '../matching/evaluate';
import { judgePart } from '../matching/judge';
import { sources } from '../standards/source';
import type { NeedContext } from './contract';
import { contractFaults } from '@/tests/house/contract-faults';
import { samplesOf } from '@/tests/house/samples';
import { plateOf } from './plates';
import { families, familyIds, familyOf } from './registry';

const full = (kind: string, practice: 'IEC' | 'NFPA70'): NeedContext =>
  contextOf(
    {
      practice,
      family: 'x',
      removed: null,
      candidates: [],
      supply: {
        systemVolts: 480,
        voltsToGround: 277,
        phases: 3,
        currentKind: 'ac',
        prospectiveFaultAmps: 10000,
        ambientC: 40,
        controlVolts: 120,
        controlVoltsMin: 110,
        controlVoltsMax: 126,
        controlKind: 'ac',
        controlHertz: 60,
        controlLoopOhms: 1,
        controlTransformerVA: 100,
        controlTransformerInrushVA: 500,
        driverMaxAmps: 4,
      },
      load: {
        kind,
        plateVolts: 460,
        horsepower: 10,
        fullLoadAmps: 14,
        codeLetter: 'G',
        ratedLoadAmps: 18,
        lockedRotorAmps: 96,
        fanFullLoadAmps: 1,
        maximumOvercurrentAmps: 40,
        watts: 4000,
        runningAmps: 10,
        polesToSwitch: 3,
        polesThatMustOpen: 3,
        auxNormallyOpenNeeded: 1,
        auxNormallyClosedNeeded: 1,
        mustHoldOnControlLoss: false,
        control: 'three-wire',
      },
      duty: { startsPerHour: 10, joggingPerMinute: 8, operationsPerDay: 100, lifeYearsWanted: 10 },
    },
    { schools: swapSchools },
  );

const freeze = <T>(value: T): T => {
  if (value !== null && typeof value === 'object' && !(value instanceof Set)) Object.values(Object.freeze(value)).forEach(freeze);
  return value;
};

describe.each(families.map((family) => [family.id, family] as const))('family %s', (id, family) => {
  const contexts = loadKinds.flatMap((kind) => [full(kind, 'IEC'), full(kind, 'NFPA70')]);
  it('is found by its id, and has a page of its own', () => {
    expect(familyOf(id)).toBe(family);
    expect(familyIds()).toContain(id);
    expect(existsSync(`core/families/${id}s/README.md`)).toBe(true);
  });
  it('every line has a source, a reason, a term in both practices and inputs by name', () => {
    for (const context of contexts)
      for (const need of family.needs(context)) {
        expect(sources[need.source], need.id).toBeDefined();
        expect(need.because, need.id).toMatch(/\.$/);
        expect(need.because).not.toMatch(/undefined|NaN|null|\[object/);
        expect(need.inputs.every((input) => /^(supply|load|duty)\.[A-Za-z0-9]+$/.test(input))).toBe(true);
        for (const way of need.ways) expect(terms, way.quantity).toHaveProperty(way.quantity);
      }
  });
  it('no line stands twice', () => {
    for (const context of contexts) {
      const ids = family.needs(context).map((need) => need.id);
      expect(new Set(ids).size).toBe(ids.length);
    }
  });
  it('does not change what it is given', () => {
    const context = freeze(full('motor-3ph', 'NFPA70'));
    const spec = freeze({
      nemaSize: '1',
      poles: 3,
      ratings: [{ volts: 480, normalHp: 10 }],
      coilVolts: 120,
      coilKind: 'ac',
      coilHertz: [60],
    });
    expect(() => {
      const part = family.canonical(spec);
      family.needs(context);
      family.cautions(context);
      family.proofs({ need: context, part });
      family.terminals(context, part, part);
    }).not.toThrow();
  });
  it('survives anything missing: worn marks give lines that are not known, never a crash or a fit', () => {
    const everything = full('motor-3ph', 'NFPA70');
    const names = (['supply', 'load', 'duty'] as const).flatMap((section) =>
      Object.keys(everything[section])
        .filter((name) => name !== 'kind')
        .map((name) => [section, name] as const),
    );
    fc.assert(
      fc.property(fc.subarray(names), fc.constantFrom(null, undefined), (gone, as) => {
        const context = structuredClone({ ...everything, assumed: undefined }) as unknown as NeedContext;
        for (const [section, name] of gone) (context[section] as Record<string, unknown>)[name] = as;
        const needs = family.needs({ ...context, assumed: new Set() });
        const empty = judgePart(needs.map(compileNeed), family.canonical({}), 'NFPA70');
        return empty.verdict !== 'fits' && needs.every((need) => !/undefined|NaN/.test(need.because));
      }),
    );
  });
  it('proofs have limits in order, a unit, a reason and a source', () => {
    for (const context of contexts)
      for (const proof of family.proofs({
        need: context,
        part: family.canonical({ poles: 3, coilVolts: 120, coilKind: 'ac', coilHertz: [60] }),
      })) {
        if (proof.low !== null && proof.high !== null) expect(proof.low).toBeLessThanOrEqual(proof.high);
        expect(proof.kind === 'yes-no' || proof.unit !== '').toBe(true);
        expect(proof.because && proof.source).toBeTruthy();
      }
  });
  it('keeps every duty of the contract', () => expect(contractFaults(family, plateOf(id), samplesOf(id))).toEqual([]));
  it('says in words what it does for a coil swap', () => expect(['always', 'never']).toContain(family.coilSwap.scheme));
});
