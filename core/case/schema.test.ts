/** The checks of a plain case, field by field: what is accepted, what is refused, and in which words. */
import { describe, expect, it } from 'vitest';
import type * as yup from 'yup';
import { runCapacitorFields } from '../families/run-capacitors/fields';
import { breakerCoilFields } from '../families/breaker-coils/fields';
import { contactorFields } from '../families/contactors/fields';
import { dutyFields } from '../fields/duty-fields';
import { loadFields } from '../fields/load-fields';
import { ratingColumns } from '../fields/rating-columns';
import { supplyFields } from '../fields/supply-fields';
import { type Field } from '../fields/field';
import { families } from '../families/registry';
import { withoutAliases } from './aliases';
import { acceptedWords, caseSchema, faultsOf, fieldSchema, specSchema, unusedNames } from './schema';

const valid = async (field: Field, value: unknown) =>
  fieldSchema(field)
    .validate(value)
    .then(
      () => true,
      () => false,
    );
const all = [...supplyFields, ...loadFields, ...dutyFields, ...contactorFields, ...ratingColumns];
const numbers = all.filter((field) => field.kind === 'number');

describe('every number', () => {
  it.each([...new Map(numbers.map((field) => [field.name, field])).values()].map((field) => [field.name, field] as const))(
    '%s: just below, at and just above its bounds',
    async (_name, field) => {
      const step = field.unit === 'count' && field.max! <= 1000 ? 1 : Math.max(field.max! * 1e-6, 1e-6);
      expect(await valid(field, field.max)).toBe(true);
      expect(await valid(field, field.max! + step)).toBe(false);
      if (field.above !== undefined) {
        expect(await valid(field, field.above)).toBe(false);
        expect(await valid(field, field.above + step)).toBe(true);
      } else {
        expect(await valid(field, field.min)).toBe(true);
        expect(await valid(field, field.min! - step)).toBe(false);
      }
      for (const wrong of [Number.NaN, Infinity, '3', '3 A', true, {}, [1]]) expect(await valid(field, wrong)).toBe(false);
    },
  );
  it('names what is accepted, with its unit', () => {
    expect(acceptedWords(supplyFields.find((field) => field.name === 'systemVolts')!)).toBe('above 0 to 1500\u2009V');
    expect(acceptedWords(loadFields.find((field) => field.name === 'codeLetter')!)).toContain('A, B, C');
  });
});

describe('every field', () => {
  it('takes a value, worn, no such mark, and being left out', async () => {
    for (const field of all.filter((one) => one.kind !== 'rows' && one.kind !== 'coil-rows'))
      for (const mark of [null, 'none', undefined, false]) expect(await valid(field, mark), `${field.name} ${mark}`).toBe(true);
  });
  it('has a name once in its object, a label and a meaning', () => {
    for (const fields of [supplyFields, loadFields, dutyFields, contactorFields, ratingColumns]) {
      expect(new Set(fields.map((field) => field.name)).size).toBe(fields.length);
      for (const field of fields) expect(field.label && field.meaning, field.name).toBeTruthy();
    }
  });
  it('a name that ends in a unit has that unit', () => {
    const units: [RegExp, string][] = [
      [/Volts(Min|Max|ToGround)?$/, 'V'],
      [/Amps(Max|Min)?$/, 'A'],
      [/Ohms$/, 'ohm'],
      [/(Watts|^watts)$/, 'W'],
      [/VA$/, 'VA'],
      [/(Hp|horsepower)/, 'hp'],
      [/Seconds(Hot)?$/, 's'],
      [/(Hertz|^hertz)$/, 'Hz'],
    ];
    for (const field of all.filter((one) => one.kind === 'number'))
      for (const [pattern, unit] of units) if (pattern.test(field.name)) expect(field.unit, field.name).toBe(unit);
  });
});

describe('words and texts', () => {
  const field = (name: string) => all.find((one) => one.name === name)!;
  it.each([
    ['currentKind', 'AC', true],
    ['currentKind', 'UC', true],
    ['currentKind', 'Ac', false],
    ['codeLetter', 'I', false],
    ['nemaSize', '00', true],
    ['nemaSize', 1, false],
    ['kind', 'motor-3ph', true],
    ['kind', 'motor', false],
  ] as const)('%s = %j: %s', async (name, value, holds) => {
    expect(await valid(field(name), value)).toBe(holds);
  });
  it.each([
    ['230/460', true],
    ['208-230/460', true],
    ['230 / 460 V', true],
    ['115-127', true],
    ['230/', false],
    ['two hundred', false],
    ['9'.repeat(60), false],
    [16000, false],
  ] as const)('plate volts %j: %s', async (value, holds) => {
    expect(await valid(field('plateVolts'), value)).toBe(holds);
  });
  it.each([
    [[50, 60], true],
    [[], true],
    [[0], false],
    [60, false],
    [['60'], false],
    [[1, 2, 3, 4, 5, 6, 7], false],
  ] as const)('coil hertz %j: %s', async (value, holds) => {
    expect(await valid(field('coilHertz'), value)).toBe(holds);
  });
});

describe('bands, figures by word, lists of figures', () => {
  const one = (name: string) => [...breakerCoilFields, ...runCapacitorFields].find((entry) => entry.name === name)!;
  it.each([
    ['releasePercent', [35, 70], true],
    ['releasePercent', [70, 35], false],
    ['releasePercent', [35, 86], false],
    ['releasePercent', 35, false],
    ['releasePercent', null, true],
    ['operatePercent', [70, 110], true],
    ['reads', { fan: 5.1 }, true],
    ['reads', { fan: null }, true],
    ['reads', { heater: 5.1 }, false],
    ['reads', { fan: 0 }, false],
    ['reads', [5], false],
  ] as const)('%s %j: %s', async (name, value, holds) => expect(await valid(one(name), value)).toBe(holds));
  it('singles joined stand in a row of their own', async () => {
    const rows = (parallel: unknown) =>
      specSchema(runCapacitorFields).isValid({ sections: [{ name: 'motor', microfarads: 45, parallel }] });
    expect([await rows([30, 15]), await rows([30, 'x']), await rows([0])]).toEqual([true, false, false]);
  });
});

describe('whole cases', () => {
  const good = { practice: 'IEC', family: 'contactor', supply: {}, load: {}, candidates: [] };
  const faults = (value: unknown) =>
    caseSchema([{ id: 'contactor', fields: contactorFields }])
      .validate(value, { abortEarly: false })
      .then(
        () => [],
        (error: yup.ValidationError) => faultsOf(error),
      );
  it('an empty one is well formed', async () => expect(await faults(good)).toEqual([]));
  it('all faults are told at once, each with its field', async () => {
    const told = await faults({
      practice: 'UK',
      family: 'contactor',
      supply: { systemVolts: -1, hertz: 'fast' },
      load: { codeLetter: 'O' },
      candidates: [{ spec: {} }],
    });
    expect(told.map((fault) => fault.field).sort()).toEqual([
      'candidates[0].id',
      'load.codeLetter',
      'practice',
      'supply.hertz',
      'supply.systemVolts',
    ]);
  });
  it.each([
    ['supply', 3],
    ['load', 'x'],
    ['duty', 1],
    ['removed', { spec: 3 }],
    ['removed', {}],
    ['candidates', 'none'],
    ['supply', undefined],
    ['load', null],
    ['candidates', [{ id: 'a' }]],
  ])('%s = %j is refused', async (name, value) => {
    expect((await faults({ ...good, [name]: value })).length).toBeGreaterThan(0);
  });
  it('too many candidates are refused before they are judged', async () => {
    const candidates = Array.from({ length: 5001 }, (_, i) => ({ id: String(i), spec: {} }));
    expect((await faults({ ...good, candidates }))[0]!.reason).toContain('5000');
  });
  it('names that are not used are collected, once each', () => {
    expect(
      unusedNames(
        {
          supply: { volts: 1 },
          load: { kind: 'x', speed: 2 },
          duty: null,
          candidates: [{ spec: { colour: 1 } }, { spec: { colour: 2 } }],
        },
        contactorFields,
      ),
    ).toEqual(['supply.volts', 'load.speed', 'spec.colour']);
  });
});

describe('aliases', () => {
  it.each([
    ['EN 61008-1', 'IEC/EN 61008-1'],
    ['BS EN 61009-1', 'IEC/EN 61009-1'],
    ['IEC 62423', 'IEC/EN 62423'],
    ['IEC/EN 60947-2', 'IEC/EN 60947-2'],
    ['UL 943', 'UL 943'],
    ['61000-4', '61000-4'],
  ])('standard %s of a residual device is %s, of another family left alone', (written, read) => {
    const body = (family: string) => ({
      family,
      candidates: [{ id: 'a', spec: { standard: written } }],
      removed: { spec: { standard: written } },
    });
    expect(withoutAliases(body('residual-current'), families)).toMatchObject({
      candidates: [{ spec: { standard: read } }],
      removed: { spec: { standard: read } },
    });
    expect(withoutAliases(body('breaker'), families)).toMatchObject({ candidates: [{ spec: { standard: written } }] });
  });
  it('polesNeeded is polesToSwitch; the name itself goes before', () => {
    expect(withoutAliases({ load: { polesNeeded: 3 } })).toEqual({ load: { polesToSwitch: 3 } });
    expect(withoutAliases({ load: { polesNeeded: 3, polesToSwitch: 2 } })).toEqual({ load: { polesToSwitch: 2 } });
    expect(withoutAliases({ load: { contactorPosition: 'star' } })).toEqual({ load: { starterRole: 'star' } });
    expect(withoutAliases({ load: { polesNeeded: null } })).toEqual({ load: { polesToSwitch: null } });
  });
  it.each([[null], [3], ['x'], [[]], [{}], [{ load: 3 }], [{ load: null }]])('%j is left alone', (body) =>
    expect(withoutAliases(body)).toEqual(body),
  );
});
