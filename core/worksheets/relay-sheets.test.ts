/** Worksheets of relays, against an independent complex solution and the laws they must keep. */
import fc from 'fast-check';
import { abs, add, complex, multiply, divide, type Complex } from 'mathjs';
import { describe, expect, it } from 'vitest';
import { coilTemperature } from './coil-temperature';
import type { WorksheetValues } from './contract';
import { timerRun } from './timer-run';
import { negativeSequencePercent, unbalanceComponents } from './unbalance-components';

const value = (sheet: { compute: typeof timerRun.compute }, values: WorksheetValues, name: string) =>
  sheet.compute(values).outputs.find((one) => one.name === name)!.value;

describe('negative sequence from three voltages', () => {
  /** Lays the triangle into the complex plane and takes its components: Fortescue, with a general library. */
  function byFortescue([a, b, c]: readonly [number, number, number]): number {
    const x = (a * a + b * b - c * c) / (2 * a);
    const y = Math.sqrt(Math.max(0, b * b - x * x));
    // Sides head to tail: from 0 along the real axis, then to the corner above, then back.
    const sides = [complex(a, 0), complex(-x, y), complex(x - a, -y)] as const;
    const turn = complex({ r: 1, phi: (2 * Math.PI) / 3 });
    const sum = (p: Complex, r: Complex) =>
      add(add(sides[0], multiply(p, sides[1]) as Complex) as Complex, multiply(r, sides[2]) as Complex) as Complex;
    const twice = multiply(turn, turn) as Complex;
    const [one, two] = [sum(turn, twice), sum(twice, turn)].map((part) => Number(abs(divide(part, 3) as Complex))) as [number, number];
    return (100 * Math.min(one, two)) / Math.max(one, two);
  }
  const side = fc.double({ min: 300, max: 500, noNaN: true });
  it('agrees with complex components', () => {
    fc.assert(
      fc.property(side, side, side, (a, b, c) => {
        expect(negativeSequencePercent([a, b, c])).toBeCloseTo(byFortescue([a, b, c]), 4);
      }),
    );
  });
  it('depends neither on which phase is which nor on the level', () => {
    fc.assert(
      fc.property(side, side, side, fc.double({ min: 0.1, max: 10, noNaN: true }), (a, b, c, k) => {
        // Near balance the percentage is a root of a difference: rounding there is about 1e-6 of a percent.
        const one = negativeSequencePercent([a, b, c])!;
        expect(negativeSequencePercent([c, a, b])).toBeCloseTo(one, 5);
        expect(negativeSequencePercent([b, a, c])).toBeCloseTo(one, 5);
        expect(negativeSequencePercent([k * a, k * b, k * c])).toBeCloseTo(one, 5);
      }),
    );
  });
  it('equal volts have none; a collapsed triangle has as much as positive; what is no triangle is refused', () => {
    expect(negativeSequencePercent([400, 400, 400])).toBeCloseTo(0, 5);
    expect(negativeSequencePercent([400, 200, 200])).toBeCloseTo(100, 3);
    expect(unbalanceComponents.compute({ volts12: 400, volts23: 100, volts31: 200, nominalVolts: 400 })).toMatchObject({ ok: false });
  });
  it('88 % on one phase is 12 % of nominal as a spread and 8.3 % as a deviation (common practice)', () => {
    const values = { volts12: 400, volts23: 400, volts31: 352, nominalVolts: 400 };
    expect(value(unbalanceComponents, values, 'spreadPercent')).toBeCloseTo(12, 9);
    expect(value(unbalanceComponents, values, 'deviationPercent')).toBeCloseTo(8.33, 2);
  });
});

describe('a coil when warm', () => {
  const base = { coldOhms: 640, coldCelsius: 20, hotCelsius: 75, supplyVolts: 22, pickUpVolts: 16.8 };
  it('warmer never draws more, never pulls in at less', () => {
    const celsius = fc.integer({ min: 20, max: 180 });
    fc.assert(
      fc.property(celsius, celsius, (a, b) => {
        const at = (hotCelsius: number, name: string) => value(coilTemperature, { ...base, hotCelsius }, name)!;
        const [low, high] = [Math.min(a, b), Math.max(a, b)];
        return at(high, 'hotAmps') <= at(low, 'hotAmps') && at(high, 'hotPickUpVolts') >= at(low, 'hotPickUpVolts');
      }),
    );
  });
  it('at the same temperature nothing changes', () =>
    expect(value(coilTemperature, { ...base, hotCelsius: 20 }, 'hotOhms')).toBeCloseTo(640, 9));
  it('too few volts is said, and below its reference it draws more and pulls in sooner', () => {
    expect(coilTemperature.compute({ ...base, supplyVolts: 20 }).cautions[0]).toMatch(/may not pull in again/);
    const colder = coilTemperature.compute({ ...base, hotCelsius: 0 });
    expect(colder.cautions[0]).toMatch(/Colder than its reference/);
    expect(colder.outputs.find(({ name }) => name === 'hotOhms')!.value!).toBeLessThan(640);
  });
});

describe('a timer on its axis', () => {
  it('says what it does step by step', () => {
    const result = timerRun.compute({ function: 'interval', firstSeconds: 4 });
    expect(result.steps).toEqual(['at 0\u2009s the contact closes', 'at 4\u2009s the contact opens']);
  });
  it('a time cut short never closes', () => {
    const result = timerRun.compute({ function: 'on-delay', firstSeconds: 4, supplyOffAtSeconds: 2 });
    expect(result.outputs.find(({ name }) => name === 'onAtSeconds')!.value).toBeNull();
    expect(result.steps[0]).toMatch(/never moves/);
  });
  it.each([
    [{ function: 'delayed pulse', firstSeconds: 4 }, /two times/],
    [{ function: 'one-shot on signal', firstSeconds: 4 }, /waits for a signal/],
    [{ function: 'one-shot on signal', firstSeconds: 4, signalOnAtSeconds: 5, signalOffAtSeconds: 3 }, /goes before it comes/],
    [{ function: 'recycle starting on', firstSeconds: 0.001, secondSeconds: 0.001, supplyOffAtSeconds: 300_000 }, /shorter run/],
  ])('%o is refused in words', (values, words) => expect(timerRun.compute(values).refusal).toMatch(words));
  it('a long cycle shows its beginning and says how it goes on', () => {
    const result = timerRun.compute({ function: 'recycle starting on', firstSeconds: 1, secondSeconds: 1, supplyOffAtSeconds: 60 });
    expect(result.steps).toHaveLength(8);
    expect(result.cautions[0]).toMatch(/60 changes/);
  });
});
