import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { formatQuantity, formatValue, roundSignificant } from './format-quantity';
import { readQuantity } from './read-quantity';
import { proposeUnit, readUnit } from './units';
import { gaugeOf, readGauge, readGaugeRange } from './wire-gauge';

const THIN = '\u2009';

describe('large counts', () => {
  it.each([
    [1000000, '', `1${THIN}000${THIN}000`],
    [9800, 'A', `9800${THIN}A`],
    [12345.5, '', `12${THIN}350`],
    [-40000, '°C', `-40${THIN}000${THIN}°C`],
    [1600, 'VA', `1600${THIN}VA`],
    [160_000, 'VA', `160${THIN}kVA`],
    [180e6, 'VA', `180${THIN}MVA`],
  ])('%d %s is written %s', (value, unit, text) => expect(formatQuantity(value, unit)).toBe(text));
});

describe('reading a typed quantity: whole or not at all', () => {
  it.each([
    ['28', 'A', 28],
    ['28 A', 'A', 28],
    ['30 mA', 'A', 0.03],
    ['22', 'mA', 22],
    ['22 mA', 'mA', 22],
    ['0.03 A', 'mA', 30],
    ['40 ms', 'ms', 40],
    ['0.3 s', 'ms', 300],
    ['9.8 kA', 'A', 9800],
    ['1,5', 'A', 1.5],
    ['0', 'A', 0],
    ['4.16 kV', 'V', 4160],
    ['60.3 Ω', 'ohm', 60.3],
    ['60.3 ohm', 'ohm', 60.3],
    ['12 mΩ', 'ohm', 0.012],
    ['7 1/2 hp', 'hp', 7.5],
    ['1/3', 'hp', 1 / 3],
    ['-20 °C', '°C', -20],
    ['3', 'count', 3],
    ['1e3', 'A', 1000],
    ['6', 'mm²', 6],
    ['6 mm2', 'mm²', 6],
    ['45 mm', 'mm', 45],
    ['2 in', 'mm', 50.8],
    ['2 N·m', 'in-lb', 2 / 0.1129848],
    ['22 lb-in', 'in-lb', 22],
  ] as const)('%s for %s gives %f', (text, unit, value) => {
    const read = readQuantity(text, unit, 'Field');
    expect(read.ok && read.value).toBeCloseTo(value, 10);
  });
  it.each([
    ['1 0', 'A'],
    ['24 V AC/DC', 'V'],
    ['ten', 'A'],
    ['', 'A'],
    ['1/2', 'A'],
    ['😀', 'A'],
    ['28 A A', 'A'],
    ['NaN', 'A'],
    ['Infinity', 'A'],
    ['1e999', 'A'],
  ] as const)('refuses %j for %s', (text, unit) => {
    expect(readQuantity(text, unit, 'Full-load amps').ok).toBe(false);
  });
  it('names the dimension of a wrong unit and proposes the right case', () => {
    expect(readQuantity('30 mV', 'A', 'FLA')).toMatchObject({ fault: "FLA is in A; '30 mV' is in V. Write it in A." });
    expect(readQuantity('20 k', 'ohm', 'Coil')).toEqual({ ok: true, value: 20000 });
    expect(readQuantity('0.5M', 'ohm', 'Insulation')).toEqual({ ok: true, value: 500000 });
    // A small m is no milliohm and no megohm: it is refused, and nothing of another kind is proposed.
    expect(readQuantity('0.5 m', 'ohm', 'Insulation').ok).toBe(false);
    expect(readQuantity('14 K', 'A', 'Amps')).toMatchObject({ fault: "Unit 'K' is not known for Amps. Write it in A." });
    expect(readQuantity('4 kv', 'V', 'Volts')).toMatchObject({ fault: "Unit 'kv' is not known for Volts. Did you mean 'kV'?" });
  });
  it('keeps mA and MA apart', () => {
    expect(readUnit('mA')?.factor).toBe(1e-3);
    expect(readUnit('MA')?.factor).toBe(1e6);
    expect(proposeUnit('ma', 'A')).toBe('mA');
  });
  it('any text either reads to a finite number or gives a sentence', () => {
    fc.assert(
      fc.property(fc.string({ maxLength: 60 }), (text) => {
        const read = readQuantity(text, 'A', 'Field');
        return read.ok ? Number.isFinite(read.value) : read.fault.length > 10 && read.fault.length < 200;
      }),
    );
  });
});

describe('writing a quantity', () => {
  it.each([
    [14000, 'A', `14${THIN}kA`],
    [9800, 'A', `9800${THIN}A`],
    [0.03, 'A', `30${THIN}mA`],
    [0, 'A', `0${THIN}A`],
    [236.83, 'A', `237${THIN}A`],
    [0.102, 'A', `102${THIN}mA`],
    [18.4, 'ohm', `18.4${THIN}Ω`],
    [0.05, 'ohm', `50${THIN}mΩ`],
    [3, 'count', '3'],
    [120, 'V', `120${THIN}V`],
    [38, '°C', `38${THIN}°C`],
  ] as const)('%f %s is %s', (value, unit, text) => expect(formatQuantity(value, unit)).toBe(text));
  it('rounds towards safety: needs up, offers down', () => {
    expect(formatQuantity(236.81, 'A', 'up')).toBe(`237${THIN}A`);
    expect(formatQuantity(236.81, 'A', 'down')).toBe(`236${THIN}A`);
    expect(roundSignificant(0.1 + 0.2, 3, 'up')).toBeCloseTo(0.3, 12);
  });
  it('rounding up is never below, rounding down never above', () => {
    fc.assert(
      fc.property(fc.double({ min: 1e-3, max: 1e6, noNaN: true }), (value) => {
        const slack = value * 1e-8;
        return roundSignificant(value, 3, 'up') >= value - slack && roundSignificant(value, 3, 'down') <= value + slack;
      }),
    );
  });
  it('what is written reads back within its three figures', () => {
    fc.assert(
      fc.property(fc.double({ min: 0.001, max: 9e5, noNaN: true }), (value) => {
        const asAmps = readQuantity(formatQuantity(value, 'A'), 'A', 'Field');
        const asHours = readQuantity(formatQuantity(value, 'h'), 'h', 'Field');
        return [asAmps, asHours].every((read) => read.ok && Math.abs(read.value / value - 1) < 0.0051);
      }),
    );
  });
  it('writes lists, ranges, words and unknowns', () => {
    expect(formatValue([50, 60], 'Hz')).toBe('50/60 Hz');
    expect(formatValue([35, 16], 'µF')).toBe(`35${THIN}µF and 16${THIN}µF`);
    expect(formatValue([24, 60], 'V')).toBe(`24 to 60${THIN}V`);
    expect(formatValue([9800, 12000], 'A')).toBe(`9800${THIN}A to 12${THIN}kA`);
    expect(formatValue([0.05, 0.2], 'ohm')).toBe(`50 to 200${THIN}mΩ`);
    expect(formatValue(['mechanical', 'magnetic-latch'], '')).toBe('mechanical, magnetic latch');
    expect(formatValue(null, 'A')).toBe('not known');
    expect(formatValue(0.852, 'ratio')).toBe(`85${THIN}%`);
  });
});

describe('wire gauges (NEC chapter 9 table 8, from memory: 14 AWG 2.08, 10 AWG 5.261, 1/0 AWG 53.49, 250 kcmil 127 mm²)', () => {
  it.each([
    ['14 AWG', 2.08],
    ['AWG 10', 5.261],
    ['#8', 8.367],
    ['1/0', 53.49],
    ['4/0 AWG', 107.2],
    ['250 kcmil', 127],
    ['500 MCM', 253],
  ])('%s', (text, mm2) => {
    expect(readGauge(text)! / mm2).toBeCloseTo(1, 2);
    expect(gaugeOf(readGauge(text)!)).toBe(
      text
        .replace(/^AWG 10$/, '10 AWG')
        .replace('#8', '8 AWG')
        .replace(/^1\/0$/, '1/0 AWG')
        .replace('MCM', 'kcmil'),
    );
    expect(readQuantity(text, 'mm²', 'Conductor')).toEqual({ ok: true, value: readGauge(text) });
  });
  it.each(['6', '31 AWG', '5/0 AWG', '0/0', 'AWG', '12 mm²', '1/2', '10 AWG 12'])('%s names none', (text) =>
    expect(readGauge(text)).toBeUndefined(),
  );
  it.each([
    ['14-8 AWG', ['14 AWG', '8 AWG']],
    ['18 to 2/0', ['18 AWG', '2/0 AWG']],
    ['AWG 4 - 4/0', ['4 AWG', '4/0 AWG']],
  ])('range %s', (text, names) => expect(readGaugeRange(text)?.map(gaugeOf)).toEqual(names));
  it.each(['8-14 AWG', '1.5-6', '14', '14-8-6', '14-14'])('%s is no range of gauges', (text) =>
    expect(readGaugeRange(text)).toBeUndefined(),
  );
  it('sizes that are sold by mm² are no gauge', () => {
    const sizes = [0.5, 0.75, 1, 1.5, 2.5, 4, 6, 10, 16, 25, 35, 50, 70, 95, 120, 150, 185, 240, 300];
    expect(sizes.filter((size) => gaugeOf(size))).toEqual([]);
  });
  it('a smaller gauge figure is a larger conductor', () =>
    fc.assert(fc.property(fc.integer({ min: 1, max: 29 }), (n) => readGauge(`${n} AWG`)! > readGauge(`${n + 1} AWG`)!)));
  it.each([
    ['mm²', 5.261],
    ['mm²', 6],
    ['in-lb', 22],
  ])('what is written of %s is read again', (unit, value) => {
    expect(readQuantity(formatQuantity(value, unit), unit, 'Field')).toEqual({ ok: true, value });
  });
  it('is written with its gauge, and torque in both units', () => {
    expect(formatQuantity(5.261, 'mm²')).toBe(`10 AWG (5.26${THIN}mm²)`);
    expect(formatQuantity(6, 'mm²')).toBe(`6${THIN}mm²`);
    expect(formatValue(readGaugeRange('14-6'), 'mm²')).toBe(`14 AWG (2.08${THIN}mm²) to 6 AWG (13.3${THIN}mm²)`);
    expect(formatValue([1.5, 6], 'mm²')).toBe(`1.5 to 6${THIN}mm²`);
    expect(formatQuantity(22, 'in-lb')).toBe(`22${THIN}in-lb (2.5${THIN}N·m)`);
  });
});
