import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { contactorPlate } from '@/core/families/contactors/plate';
import { loadPlates, plateOf } from '@/core/families/plates';
import type { ReadingValue } from '@/core/readings/reading';
import { contactors } from '@/core/families/contactors';
import { cardsOf, plateFieldsOf, readEdited, readingText, type EditField } from './edit-field';

const cards = cardsOf(contactors, 'NFPA70');

const ofPlate = (plate: keyof typeof loadPlates, id: string): EditField => ({
  ...loadPlates[plate]!.fields.find((field) => field.id === id)!,
  section: 'load',
});
const removed = (id: string): EditField => ({ ...contactorPlate.fields.find((field) => field.id === id)!, section: 'removed' });
const card = (id: string) => [...cards.supply, ...cards.wiring].find((field) => field.id === id)!;
const text = (field: EditField, value: ReadingValue) => readingText(field, { state: 'read', value });

describe('what is typed into a mark', () => {
  it.each([
    [ofPlate('motor-3ph', 'horsepower'), '7 1/2', 7.5],
    [ofPlate('motor-3ph', 'plateVolts'), '230/460 V', '230/460'],
    [ofPlate('motor-3ph', 'plateVolts'), '400', 400],
    [ofPlate('motor-3ph', 'fullLoadAmps'), '28/14 A', [28, 14]],
    [ofPlate('motor-3ph', 'fullLoadAmps'), '800 mA', 0.8],
    [ofPlate('motor-3ph', 'codeLetter'), 'g', 'G'],
    [ofPlate('motor-3ph', 'kilowatts'), '7,5 kW', 7.5],
    [ofPlate('motor-3ph', 'serviceFactor'), '1.15', 1.15],
    [removed('coilHertz'), '50/60', [50, 60]],
    [removed('coilHertz'), '60 Hz', [60]],
    [removed('shortCircuitRatingAmps'), '65 kA', 65000],
    [removed('type'), '  some text ', 'some text'],
    [
      removed('coilMarks'),
      '110 V 50 Hz, 120 V 60 Hz',
      [
        { volts: 110, kind: 'ac', hertz: [50] },
        { volts: 120, kind: 'ac', hertz: [60] },
      ],
    ],
    [card('prospectiveFaultAmps'), '9.8 kA', 9800],
    [card('ambientC'), '-20 °C', -20],
    [card('controlTransformerVA'), '500 VA', 500],
    [card('auxNormallyOpenNeeded'), '0', 0],
    [card('polesToSwitch'), '3', 3],
  ] as const)('%o takes %j as %j', (field, typed, value) => expect(readEdited(field, typed)).toEqual({ ok: true, value }));
  it.each([
    [ofPlate('motor-3ph', 'fullLoadAmps'), '30 mV', /in A/],
    [ofPlate('motor-3ph', 'fullLoadAmps'), '1e9', /above 0/],
    [ofPlate('motor-3ph', 'fullLoadAmps'), '28/', /empty/],
    [ofPlate('motor-3ph', 'codeLetter'), 'O', /accepted/],
    [ofPlate('motor-3ph', 'horsepower'), '0', /above 0/],
    [ofPlate('motor-3ph', 'plateVolts'), '230 or 460', /.+/],
    [removed('nemaSize'), '0000', /accepted/],
    [removed('coilMarks'), 'soft', /Coil marks/],
    [card('polesToSwitch'), '2.5', /whole number/],
    [card('ambientC'), '400', /accepted/],
    [card('systemVolts'), '-480', /above 0/],
  ] as const)('%o refuses %j', (field, typed, reason) => {
    const read = readEdited(field, typed);
    expect(read.ok).toBe(false);
    expect(!read.ok && read.fault).toMatch(reason);
  });
});

describe('what a mark shows reads back as it was', () => {
  it.each([
    [ofPlate('motor-3ph', 'plateVolts'), '208-230/460'],
    [ofPlate('motor-3ph', 'fullLoadAmps'), [74, 37]],
    [removed('coilMarks'), [{ volts: 110, kind: 'ac', hertz: [50] }]],
    [ofPlate('motor-3ph', 'kilowatts'), 7.5],
    [removed('coilHertz'), [50, 60]],
    [card('controlKind'), 'dc'],
  ] as [EditField, ReadingValue][])('%o, %j', (field, value) => {
    expect(readEdited(field, text(field, value))).toEqual({ ok: true, value });
  });
  it('figures of three digits, in any field of the cards', () => {
    fc.assert(
      fc.property(
        fc.constantFrom(...[...cards.supply, ...cards.wiring].filter((field) => field.kind === 'number' && field.unit !== 'count')),
        fc.integer({ min: 1, max: 999 }),
        (field, figure) => {
          const value = Math.max(field.min ?? 0, Math.min(field.max, figure / 10));
          const read = readEdited(field, text(field, value));
          return value === 0 || (read.ok && Math.abs((read.value as number) - value) <= Math.abs(value) * 1e-9);
        },
      ),
    );
  });
  it('a range of gauges, and one of mm²', () => {
    const wire = plateFieldsOf(plateOf('contactor')!, 'removed', 'NFPA70').find(({ id }) => id === 'wireRangeMm2')!;
    for (const typed of ['14-8 AWG', '14 AWG to 8 AWG', '#14-#8', '1.5 to 6 mm²', '1.5-6']) {
      const read = readEdited(wire, typed);
      expect(read.ok, typed).toBe(true);
      expect(read.ok && readEdited(wire, text(wire, read.value as ReadingValue))).toEqual(read);
    }
    for (const typed of ['8-14 AWG', '6-1.5', '14 AWG', '0-4']) expect(readEdited(wire, typed).ok, typed).toBe(false);
  });
  it('both ends of a range, and several words at once', () => {
    const operates = plateFieldsOf(plateOf('breaker-coil')!, 'removed', 'IEC').find(({ id }) => id === 'operatePercent')!;
    expect(text(operates, [70, 110])).toBe('70 to 110\u2009%');
    for (const text of ['70 to 110 %', '70-110', '70 % - 110 %', '70/110'])
      expect(readEdited(operates, text)).toEqual({ ok: true, value: [70, 110] });
    for (const text of ['110-70', '70', '70-', '0-110', '70-400', 'to']) expect(readEdited(operates, text).ok, text).toBe(false);
    const bays = plateFieldsOf(plateOf('breaker-coil')!, 'removed', 'IEC').find(({ id }) => id === 'function')!;
    expect(readingText(bays, { state: 'read', value: ['shunt-trip', 'closing-coil'] })).toBe('shunt trip, closing coil');
  });
  it('an unread mark shows nothing', () =>
    expect([readingText(card('systemVolts'), undefined), readingText(card('systemVolts'), { state: 'unreadable' })]).toEqual(['', '']));
  it('every field of the cards says what it means and how it is recovered', () => {
    for (const field of [...cards.supply, ...cards.wiring]) expect(field.meaning && field.recovery, field.id).toBeTruthy();
  });
});
