/** A mark is declared once: what a plate reads is what a case accepts, for every field of every family. */
import { describe, expect, it } from 'vitest';
import { specReader } from '../case/schema';
import { plateOf } from '../families/plates';
import { families, familyOf } from '../families/registry';
import { parsePlate } from '../plates/parse-plate';
import { toMark } from '../readings/reading';

const read = (family: string, text: string) => {
  const { readings } = parsePlate(text, plateOf(family)!);
  return Object.fromEntries(Object.entries(readings).map(([name, reading]) => [name, toMark(reading)]));
};

describe('what plates once refused, or read and the judge refused', () => {
  it.each([
    ['overload-relay', 'TRIP CLASS 15', { tripClass: '15' }],
    ['overload-relay', 'TRIP CLASS 10E', { tripClass: '10E' }],
    ['control-relay', 'PILOT DUTY P600', { pilotDuty: 'P600' }],
    ['air-breaker', 'ICM 330 KA', { icmAmps: 330_000 }],
    ['air-breaker', 'ICU 250 KA', { icuAmps: 250_000 }],
  ])('%s: %s', (family, text, marks) => {
    expect(read(family, text)).toMatchObject(marks);
    expect(specReader(familyOf(family)!.fields)(marks)).toBeDefined();
  });
});

describe('no plate field widens or narrows its case field', () => {
  it.each(families.map(({ id }) => id))('%s', (id) => {
    const { fields } = familyOf(id)!;
    for (const printed of plateOf(id)!.fields) {
      const own = fields.find(({ name }) => name === printed.id);
      if (!own) continue;
      expect(printed.of, printed.id).toMatchObject({ name: own.name, kind: own.kind });
      expect([printed.unit, printed.max], printed.id).toEqual([own.unit ?? '', own.max ?? (own.unit ? Infinity : 0)]);
      expect(printed.min, printed.id).toBe(own.above === undefined ? own.min : undefined);
      // Several words of a list may be printed as one mark; a text that is free may have known prints.
      if (own.words?.length)
        expect(
          printed.words!.flatMap((word) => word.split(' or ')).every((word) => own.words!.includes(word)),
          printed.id,
        ).toBe(true);
    }
  });
});
