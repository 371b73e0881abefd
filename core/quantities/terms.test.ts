/** Words of both practices, and the arithmetic behind a code letter against values worked out by hand. */
import { describe, expect, it } from 'vitest';
import { worksheetOf } from '../worksheets/registry';
import { stateMeaning } from '../readings/reading';
import { termOf, terms } from './terms';

describe('terms', () => {
  it.each([
    ['fullLoadAmps', 'Rated operational current, Ie', 'Full-load amps'],
    ['lockedRotorAmps', 'Locked-rotor current', 'Locked-rotor amps'],
    ['ratedOperationalVolts', 'Rated operational voltage, Ue', 'Rated volts'],
    ['coilVolts', 'Rated control voltage, Uc', 'Coil volts'],
    ['shortCircuitRatingAmps', 'Conditional short-circuit current', 'Short-circuit rating'],
    ['joggingHp', 'Inching duty', 'Jogging duty'],
    ['poles', 'Poles', 'Poles'],
  ])('%s is %s in IEC and %s in NFPA practice', (quantity, iec, nfpa) => {
    expect([termOf(quantity, 'IEC'), termOf(quantity, 'NFPA70')]).toEqual([iec, nfpa]);
  });
  it('a quantity without a term keeps its name', () => expect(termOf('somethingElse', 'IEC')).toBe('somethingElse'));
  it('none is empty, and amps are held in A, volts in V, horsepower in hp', () => {
    for (const [id, term] of Object.entries(terms)) {
      expect(term.iec && term.nfpa, id).toBeTruthy();
      if (/Amps$/.test(id)) expect(term.unit, id).toBe('A');
      if (/Volts$/.test(id)) expect(term.unit, id).toBe('V');
      if (/Hp$/.test(id)) expect(term.unit, id).toBe('hp');
    }
  });
  it('every state of a reading is explained in a sentence', () => {
    for (const sentence of Object.values(stateMeaning)) expect(sentence).toMatch(/^[A-Z].+\.$/);
  });
});

describe('locked-rotor amps by hand: kVA/hp x hp x 1000 / (√3 V) (NFPA 70 table 430.7(B), from memory)', () => {
  const rows: [string, number, number, '1' | '3', number, number][] = [
    ['B', 50, 460, '3', 197.7, 222.2],
    ['D', 20, 230, '3', 200.8, 225.4],
    ['F', 20, 460, '3', 125.5, 140.3],
    ['G', 30, 460, '3', 210.9, 236.8],
    ['H', 5, 575, '3', 31.6, 35.6],
    ['K', 3, 230, '3', 60.2, 67.7],
    ['L', 1, 115, '1', 78.3, 86.9],
    ['M', 1.5, 230, '1', 65.2, 73.0],
  ];
  it.each(rows)('code %s, %f hp, %i V, %s phase: %f to %f A', (codeLetter, horsepower, plateVolts, phases, low, high) => {
    const { outputs } = worksheetOf('locked-rotor-amps')!.compute({ codeLetter, horsepower, plateVolts, phases });
    expect(Math.abs(outputs[0]!.value! - low)).toBeLessThan(0.06);
    expect(Math.abs(outputs[1]!.value! - high)).toBeLessThan(0.06);
  });
});
