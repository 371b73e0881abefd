/** Forms that several families print: contact ratings, series behind a row's name, terminals, curves and boxes. */
import { describe, expect, it } from 'vitest';
import { contactRatingRows, seriesOf, single, terminalNumbers } from './print-patterns';
import { layOutText } from './layout';
import { boxesAndCurve, terminalPoles } from './modular-forms';

const rows = (text: string) => contactRatingRows(layOutText(text))[0]?.value;

describe('contact ratings', () => {
  it.each([
    ['10 A 250 VAC', [{ amps: 10, volts: 250, kind: 'ac', loadType: 'resistive' }]],
    ['10A250VAC', [{ amps: 10, volts: 250, kind: 'ac', loadType: 'resistive' }]],
    ['8 A 250 V AC-1', [{ amps: 8, volts: 250, kind: 'ac', loadType: 'AC-1' }]],
    ['3 A 240 V AC-15', [{ amps: 3, volts: 240, kind: 'ac', loadType: 'AC-15' }]],
    ['1 A 24 V DC-13', [{ amps: 1, volts: 24, kind: 'dc', loadType: 'DC-13' }]],
    ['5 A 30 V DC', [{ amps: 5, volts: 30, kind: 'dc', loadType: 'resistive' }]],
    ['0,5 A 110 VDC', [{ amps: 0.5, volts: 110, kind: 'dc', loadType: 'resistive' }]],
    ['5A/250V~', [{ amps: 5, volts: 250, kind: 'ac', loadType: 'resistive' }]],
  ])('%j', (text, expected) => expect(rows(text)).toEqual(expected));
  it('AC and DC figures stay apart, in the order printed', () =>
    expect(rows('10 A 250 VAC  10 A 30 VDC')).toEqual([
      { amps: 10, volts: 250, kind: 'ac', loadType: 'resistive' },
      { amps: 10, volts: 30, kind: 'dc', loadType: 'resistive' },
    ]));
  it.each(['10 A', '250 VAC', 'A 250 VAC', '10 A 250 V'])('%j is no rating: something of it is missing', (text) =>
    expect(rows(text)).toBeUndefined(),
  );
});

describe('series', () => {
  it.each([
    ['VOLTS 200 230 460', /VOLTS/i, ['200', '230', '460']],
    ['MAX HP 7 1/2 7 1/2 10', /HP/i, ['7 1/2', '7 1/2', '10']],
    ['Ue (V) 220/240 380/415', /U.\s\(V\)/i, ['220/240', '380/415']],
    ['kW 5,5 11 15', /kW/i, ['5,5', '11', '15']],
  ])('%j', (text, name, expected) => expect(seriesOf(layOutText(text), name)[0]!.values).toEqual(expected));
  it('one figure is no series', () => expect(seriesOf(layOutText('VOLTS 460'), /VOLTS/i)).toEqual([]));
  it('knows its place', () => {
    const text = 'first line\nkW 4 7.5';
    const [series] = seriesOf(layOutText(text), /kW/);
    expect(text.slice(series!.start, series!.end)).toBe('kW 4 7.5');
  });
  it('a single find knows its place too, and may decline', () => {
    const laid = layOutText('Pv 5.6 W');
    expect(single(laid, 'x', /Pv (\S+) W/, (m) => Number(m[1]))).toEqual([{ field: 'x', value: 5.6, start: 0, end: 8 }]);
    expect(single(laid, 'x', /Pv/, () => undefined)).toEqual([]);
  });
});

describe('terminals', () => {
  it.each([
    ['L1 L2 L3 N', ['L1', 'L2', 'L3']],
    ['L1L2L3', ['L1', 'L2', 'L3']],
    ['1/L1 3/L2 5/L3', ['1/L1', '3/L2', '5/L3']],
    ['A1 A2 11 12 14', ['A1', 'A2', '11', '12', '14']],
    ['230 V 50 Hz 1,5', []],
  ])('%j', (text, expected) => expect(terminalNumbers(layOutText(text)).filter((mark) => mark !== '50')).toEqual(expected));
  it.each([
    ['1\nC16\n2', { count: 1, neutral: false }],
    ['1 3\nC16\n2 4', { count: 2, neutral: false }],
    ['1 3 5\nC16\n2 4 6', { count: 3, neutral: false }],
    ['1 N\nC16\n2 N', { count: 1, neutral: true }],
    ['x 1 Xx 3 K 5 X N\nIn 40 A\nX 2 x 4 K 6 Xx N', { count: 3, neutral: true }],
  ])('%j', (text, expected) => expect(terminalPoles(layOutText(text))).toMatchObject(expected));
  it.each(['1 3\nC16\n2', 'C16', '1 3\nC16\n2 6', '1\nC16'])('%j shows no poles', (text) =>
    expect(terminalPoles(layOutText(text))).toBeUndefined(),
  );
});

describe('curve and boxes', () => {
  const found = (text: string) => Object.fromEntries(boxesAndCurve(layOutText(text)).map(({ field, value }) => [field, value]));
  it.each([
    ['B6', { curve: 'B', ratedAmps: 6 }],
    ['C 20 A', { curve: 'C', ratedAmps: 20 }],
    ['D0.5', { curve: 'D', ratedAmps: 0.5 }],
    ['K10', { curve: 'K', ratedAmps: 10 }],
    ['6000', { icnAmps: 6000 }],
    ['6000 3', { icnAmps: 6000, energyLimitingClass: 3 }],
    ['[10000]   [3]', { icnAmps: 10000, energyLimitingClass: 3 }],
  ])('%j', (text, expected) => expect(found(text)).toEqual(expected));
  it.each([
    'Type B 30 mA',
    'type b 30 mA',
    'CLASS C 10',
    'A16',
    'B16-3',
    'TYPE C 20',
    '6000 V',
    '10,000 AFC',
    '6000 rpm',
    'IEC 60898-1',
    'AC16',
  ])('%j has neither curve nor box', (text) => expect(found(text)).toEqual({}));
});
