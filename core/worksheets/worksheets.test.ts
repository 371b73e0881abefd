import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { coilCurrent } from './coil-current';
import { controlRun } from './control-run';
import { worksheetSchema } from './contract';
import { worksheets } from './registry';
import { deratingFactor, supplyUnbalance } from './supply-unbalance';

describe.each(worksheets.map((sheet) => [sheet.id, sheet] as const))('%s', (_id, sheet) => {
  it.each(sheet.checks.map((example) => [example.source, example] as const))(
    'agrees with %s',
    (_source, { values, expect: wanted, tolerance }) => {
      const result = sheet.compute(values);
      expect(result.ok, result.refusal).toBe(true);
      for (const [name, value] of Object.entries(wanted)) {
        const output = result.outputs.find((one) => one.name === name)!.value!;
        expect(Math.abs(output - value), name).toBeLessThanOrEqual(Math.abs(value) * tolerance + 1e-12);
      }
    },
  );
  it('its sample computes, with steps, units and sources', () => {
    const result = sheet.compute(Object.fromEntries(sheet.inputs.map((input) => [input.name, input.sample])));
    expect(result.ok, result.refusal).toBe(true);
    expect(result.steps.length).toBeGreaterThan(0);
    expect(sheet.sources.length && sheet.checks.length).toBeGreaterThan(0);
  });
  it('refuses zero where it must be above, absurd, missing and wrong kinds, by name', async () => {
    const good = Object.fromEntries(sheet.inputs.map((input) => [input.name, input.sample]));
    const schema = worksheetSchema(sheet);
    await expect(schema.validate(good)).resolves.toBeDefined();
    for (const input of sheet.inputs) {
      const bad =
        input.kind === 'word'
          ? [undefined, 'no such word', 3]
          : [Number.NaN, Infinity, 1e12, 'ten', ...(input.optional ? [] : [undefined]), ...(input.above === 0 ? [0, -1] : [])];
      for (const value of bad)
        await expect(schema.validate({ ...good, [input.name]: value }), `${input.name} ${value}`).rejects.toThrow(input.label);
    }
  });
});

describe('laws', () => {
  const number = (result: ReturnType<typeof controlRun.compute>, name: string) => result.outputs.find((one) => one.name === name)!.value!;
  it('a longer run never leaves more volts, a larger transformer never less', () => {
    const HAIR_VOLTS = 1e-9;
    const at = (loopOhms: number, transformerVA: number) =>
      number(
        controlRun.compute({ controlVolts: 120, transformerVA, impedancePercent: 6, loopOhms, inrushVA: 240, inrushPowerFactor: 0.6 }),
        'coilVolts',
      );
    fc.assert(
      fc.property(
        fc.double({ min: 0, max: 50, noNaN: true }),
        fc.double({ min: 0, max: 50, noNaN: true }),
        fc.integer({ min: 50, max: 2000 }),
        // Two runs that differ by a hair of a hair give the same volts to the last digits of a double.
        (a, b, va) => at(Math.min(a, b), va) >= at(Math.max(a, b), va) - HAIR_VOLTS,
      ),
    );
    fc.assert(
      fc.property(
        fc.integer({ min: 50, max: 2000 }),
        fc.integer({ min: 50, max: 2000 }),
        (a, b) => at(2, Math.min(a, b)) <= at(2, Math.max(a, b)),
      ),
    );
  });
  it('with 85 % just left the margin is zero', () => {
    // 100 V, 100 ohm coil: 85 % left when the run is 100 x (1/0.85 - 1) = 17.647 ohm
    expect(
      number(
        controlRun.compute({
          controlVolts: 100,
          transformerVA: 1000,
          impedancePercent: 0,
          loopOhms: 100 / 0.85 - 100,
          inrushVA: 100,
          inrushPowerFactor: 1,
        }),
        'marginPercent',
      ),
    ).toBeCloseTo(0, 9);
  });
  it('unbalance does not depend on which phase is which, nor on the level', () => {
    fc.assert(
      fc.property(
        fc.double({ min: 380, max: 420, noNaN: true }),
        fc.double({ min: 380, max: 420, noNaN: true }),
        fc.double({ min: 380, max: 420, noNaN: true }),
        (a, b, c) => {
          const at = (volts12: number, volts23: number, volts31: number) =>
            number(supplyUnbalance.compute({ volts12, volts23, volts31 }), 'unbalancePercent');
          return Math.abs(at(a, b, c) - at(c, a, b)) < 1e-9 && Math.abs(at(a, b, c) - at(2 * a, 2 * b, 2 * c)) < 1e-9;
        },
      ),
    );
  });
  it('derating: 1 at 1 %, 0.95, 0.88, 0.82, 0.75 at 2 to 5 %, none above (NEMA MG 1, from memory)', () => {
    expect([0, 1, 2, 3, 4, 5].map(deratingFactor)).toEqual([1, 1, 0.95, 0.88, 0.82, 0.75]);
    expect(deratingFactor(5.01)).toBeUndefined();
  });
  it('an AC coil is refused with its reason', () => {
    expect(coilCurrent.compute({ readOhms: 60, leadOhms: 0, volts: 24, kind: 'ac' })).toMatchObject({
      ok: false,
      refusal: expect.stringContaining('impedance'),
    });
  });
  it('leads above the reading are refused', () =>
    expect(coilCurrent.compute({ readOhms: 1, leadOhms: 1, volts: 24, kind: 'dc' }).ok).toBe(false));
});
