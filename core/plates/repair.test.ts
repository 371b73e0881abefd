/** Like shapes, lost spaces and lost points: repaired only where the result is possible, and always said. */
import { describe, expect, it } from 'vitest';
import { plateOf } from '../families/plates';
import { fold, toNumber } from './characters';
import { parsePlate } from './parse-plate';

const read = (kind: string, text: string) => parsePlate(text, plateOf(kind)!).readings;

describe('like shapes', () => {
  it.each([
    ['motor-3ph', 'HP 1O', 'horsepower', 10],
    ['motor-3ph', 'RPM l755', 'rpm', 1755],
    ['motor-3ph', 'VOLTS 23O/46O', 'plateVolts', '230/460'],
    ['motor-3ph', 'RPM 17S5', 'rpm', 1755],
    ['motor-3ph', 'FLA 2B', 'fullLoadAmps', 28],
    ['motor-3ph', 'VOL7S 460', 'plateVolts', undefined],
    ['motor-3ph', 'UOLTS 460', 'plateVolts', 460],
    ['hermetic-compressor', 'RLA l2.8', 'ratedLoadAmps', 12.8],
    ['run-capacitor', '45 pF', 'microfarads', 45],
    ['breaker', 'lcu', 'interruptingAmps', undefined],
  ])('%s %j: %s is %j', (kind, text, field, value) => {
    const reading = read(kind, text)[field];
    expect(reading?.value).toEqual(value);
    if (value !== undefined && kind !== 'run-capacitor') {
      expect(reading!.toConfirm).toBe(true);
      expect(reading!.from).toContain('taken as');
    }
  });
  it('a strict reading is never a repair', () => {
    for (const reading of Object.values(read('motor-3ph', 'HP 10 RPM 1755 FLA 28 PH 3 HZ 60'))) expect(reading.toConfirm).toBeUndefined();
  });
  it('a strict reading wins over a loose one', () => expect(read('motor-3ph', 'RPM 1755  RPM l765').rpm!.value).toBe(1755));
  it('letters alone are no figure', () => expect(read('breaker', 'IOS KA').interruptingAmps).toBeUndefined());
});

describe('lost spaces', () => {
  it.each([
    ['HP10', 'horsepower', 10],
    ['60HZ', 'hertz', 60],
    ['3PH', 'phases', 3],
    ['460V', 'plateVolts', 460],
    ['1755RPM', 'rpm', 1755],
  ])('%j', (text, field, value) => expect(read('motor-3ph', text)[field]?.value).toBe(value));
  it('71/2 HP is 7 1/2, said and to confirm: nobody makes 35 1/2', () => {
    const reading = read('motor-3ph', 'HP 71/2').horsepower!;
    expect([reading.value, reading.toConfirm]).toEqual([7.5, true]);
  });
  it('a true fraction stays one', () => expect(read('motor-1ph', 'HP 1/2').horsepower).toMatchObject({ value: 0.5 }));
});

describe('one unit is not another', () => {
  it.each([
    ['breaker-coil', 'UNDERVOLTAGE RELEASE Un 50/60 Hz', 'coilVoltsRange'],
    ['breaker-coil', 'UNDERVOLTAGE RELEASE Un 50/60 Hz', 'coilVolts'],
    ['motor-3ph', 'AMPS 60 HZ', 'fullLoadAmps'],
    ['motor-3ph', 'CODE  DES B', 'codeLetter'],
    ['contactor', 'COIL  60 HZ', 'coilVolts'],
    ['hermetic-compressor', 'MAX FUSE  60 HZ', 'maximumFuseAmps'],
    ['residual-current', 'Type B 30 mA', 'curve'],
  ])('%s: %j gives no %s', (kind, text, field) => expect(read(kind, text)[field]).toBeUndefined());
  it('a unit with a figure behind it is the next name', () => expect(read('motor-3ph', 'HP 3 RPM 1755').horsepower!.value).toBe(3));
});

describe('characters', () => {
  it.each([
    ['7 1/2', 7.5],
    ['1/3', 1 / 3],
    ['1,5', 1.5],
    ['10,000', 10000],
    ['200,000', 200000],
    ['0.03', 0.03],
    ['1,25', 1.25],
  ])('%j is %f', (text, value) => expect(toNumber(text)).toBeCloseTo(value, 12));
  it('no figure is no number', () => expect(toNumber('abc')).toBeNaN());
  it('folding keeps every place', () => {
    const text = 'Δ∆ φϕ 35–70 ’ µμ Ω ⎓ × 😀';
    expect(fold(text)).toHaveLength(text.length);
    expect(fold('35–70')).toBe('35-70');
  });
});
