/** A reading at a test: in the unit of its limit, open as meters show it, asked back where it is a thousand times off. Common practice. */
import { describe, expect, it } from 'vitest';
import type { Proof } from '../families/contract';
import { OVER_RANGE_OHMS, readProof, shownUnit } from './proof-reading';

const proof = (unit: string, low: number | null, high: number | null): Proof => ({
  ...{
    id: 'p',
    when: 'bench',
    title: 'Reading',
    how: '',
    unit,
    low,
    high,
    severity: 'must',
    leads: false,
    because: '',
    source: '',
    kind: 'figure',
  },
});
const value = (one: Proof, text: string, said?: string) => {
  const read = readProof(one, text, said);
  return read.ok ? read.value : read.fault;
};

describe('a bare number', () => {
  it.each([
    [proof('A', null, 0.006), '4', 0.004],
    [proof('A', 0.01, null), '12', 0.012],
    [proof('A', 0.018, 0.022), '20', 0.02],
    [proof('ohm', 1e6, null), '2', 2e6],
    [proof('ohm', null, 0.1), '80', 0.08],
    [proof('V', 102, 132), '118,5', 118.5],
    [proof('s', 10.8, 13.2), '12', 12],
  ] as const)('%#: takes the unit shown beside the limit', (one, text, wanted) => expect(value(one, text)).toBeCloseTo(wanted, 9));
  it('is asked for its unit where the limit stands in two', () => {
    const two = proof('ohm', 830, 1120);
    expect(shownUnit(two)).toBeUndefined();
    expect(value(two, '900')).toMatch(/write the unit, Ω or kΩ/);
    expect(value(two, '0.9 kΩ')).toBe(900);
  });
});

describe('an open circuit', () => {
  it.each(['OL', 'ol', 'O.L.', '∞', 'open', '> 40 MΩ', '>40 Mohm'])('%s', (text) =>
    expect(value(proof('ohm', 1e6, null), text)).toBe(OVER_RANGE_OHMS),
  );
  it('is none of another quantity', () => expect(value(proof('V', 102, 132), 'OL')).toMatch(/number is needed/));
});

describe('a figure a thousand times off', () => {
  it('is asked back, and taken when it is said again', () => {
    const most = proof('A', null, 0.012);
    expect(value(most, '12 A')).toMatch(/far from at most 12.mA/);
    expect(value(most, '12 A', '12 A')).toBe(12);
    expect(value(proof('ohm', 1e6, null), '2 kΩ')).toMatch(/far from at least 1.MΩ/);
    expect(value(proof('ohm', 14, 20), '17 kΩ')).toMatch(/far from/);
  });
  it('is not, where more is only better', () => expect(value(proof('ohm', 1e6, null), '2 GΩ')).toBe(2e9));
});
