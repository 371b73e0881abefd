/** Marks that hold rows or several words, as they are typed into one line and shown again. */
import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { breakers } from '@/core/families/breakers';
import { fuses } from '@/core/families/fuses';
import { overloadRelays } from '@/core/families/overload-relays';
import { cardsOf, readEdited, readingText, type EditField } from './edit-field';

const of = (family: Parameters<typeof cardsOf>[0], id: string): EditField => {
  const { supply, wiring, part } = cardsOf(family, 'IEC');
  return [...supply, ...wiring, ...part].find((field) => field.id === id)!;
};
const motors = of(breakers, 'motors');
const interrupting = of(breakers, 'interruptingRatings');
const direct = of(breakers, 'dcRatings');

describe('rows in one line', () => {
  it.each([
    [
      motors,
      '27 A 70 A, 14 A 35 A',
      [
        { tableFullLoadAmps: 27, branchDeviceAmps: 70 },
        { tableFullLoadAmps: 14, branchDeviceAmps: 35 },
      ],
    ],
    [motors, '27 A', [{ tableFullLoadAmps: 27 }]],
    [
      interrupting,
      '240 V 22 kA; 480V 14kA',
      [
        { volts: 240, amps: 22000 },
        { volts: 480, amps: 14000 },
      ],
    ],
    [direct, '125 V 2p 10 kA', [{ volts: 125, polesInSeries: 2, interruptingAmps: 10000 }]],
    [direct, '250 V 10 kA 4 poles', [{ volts: 250, polesInSeries: 4, interruptingAmps: 10000 }]],
  ] as const)('%o reads %j', (field, typed, value) => expect(readEdited(field, typed)).toEqual({ ok: true, value }));
  it.each([
    [motors, '27 A 70 A 90 A', /has no place in a row/],
    [motors, '480 V', /has no place in a row/],
    [motors, 'many', /begins with its table amps, such as 27 A 70 A/],
    [motors, ', ,', /is written such as 27 A/],
    [interrupting, '22 kA', /begins with its volts, such as 240 V 22 kA/],
    [interrupting, '240 V 22 kA 14 kA', /has no place/],
    [direct, '125 V 2p 4p', /has no place/],
  ] as const)('%o refuses %j in words', (field, typed, words) => {
    const read = readEdited(field, typed);
    expect(!read.ok && read.fault).toMatch(words);
  });
  it('what is shown reads back as the same rows', () => {
    const amps = fc.integer({ min: 1, max: 900 });
    fc.assert(
      fc.property(fc.array(fc.tuple(amps, amps), { minLength: 1, maxLength: 12 }), (pairs) => {
        const rows = pairs.map(([tableFullLoadAmps, branchDeviceAmps]) => ({ tableFullLoadAmps, branchDeviceAmps }));
        const shown = readingText(motors, { state: 'read', value: rows });
        expect(readEdited(motors, shown)).toEqual({ ok: true, value: rows });
      }),
    );
  });
  it('rows with a worn figure show what is there', () =>
    expect(readingText(motors, { state: 'read', value: [{ tableFullLoadAmps: 27, branchDeviceAmps: null }] })).toBe('27\u2009A'));
});

describe('several words', () => {
  const marks = of(breakers, 'marks');
  const reset = of(overloadRelays, 'reset');
  it.each([
    [marks, 'hacr, swd', ['HACR', 'SWD']],
    [marks, 'HID', ['HID']],
    [reset, 'Manual/automatic', ['manual', 'automatic']],
  ] as const)('%o reads %j', (field, typed, value) => expect(readEdited(field, typed)).toEqual({ ok: true, value }));
  it.each([
    [marks, 'HACR, ABC', /'ABC'; accepted: HACR, SWD/],
    [reset, ',', /accepted: manual/],
  ] as const)('%o refuses %j', (field, typed, words) => {
    const read = readEdited(field, typed);
    expect(!read.ok && read.fault).toMatch(words);
  });
  it('are shown between slashes and read back', () => {
    for (const list of [['manual'], ['manual', 'remote'], ['manual', 'automatic', 'remote']])
      expect(readEdited(reset, readingText(reset, { state: 'read', value: list }))).toEqual({ ok: true, value: list });
  });
});

describe('the cards of each family', () => {
  it.each([
    ['breaker', breakers],
    ['fuse', fuses],
    ['overload-relay', overloadRelays],
  ] as const)('%s: every mark that it asks for is a field with a label', (_name, family) => {
    const { supply, wiring, part } = cardsOf(family, 'IEC');
    expect(supply.map(({ id }) => id)).toEqual([...family.positionFields.supply]);
    expect(wiring.map(({ id }) => id)).toEqual([...family.positionFields.load, ...family.positionFields.duty]);
    expect(part.map(({ id }) => id)).toEqual(family.fields.map(({ name }) => name));
    for (const { label } of [...supply, ...wiring, ...part]) expect(label).not.toBe('');
  });
});
