/** Laws of reading text, on any string and on any spoilt plate: no throw, no runaway, nothing outside what is possible. */
import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { guessPlate, plates } from '../families/plates';
import { readingFault } from '../readings/reading-fault';
import type { PlateDefinition } from './plate-field';
import { parsePlate } from './parse-plate';
import { printPlate } from './print-plate';
import { inRange } from './parse-value';

const good = [
  'HP 15 RPM 1770 V 208-230/460 A 40-37/18.5 PH 3 HZ 60 CODE G DES B S.F. 1.15 FR 254T AMB 40°C',
  '3~ Mot. 5,5 kW 400 V 11,1 A 50 Hz 1455 min-1 cos φ 0,83 IE3 89,6 % IP55',
  'VAC  FLA  LRA  RES. AMPS\n240  30  180  40\n480  30  150  40\nCOIL 24 VAC 50/60 HZ',
  '1 3\nB16\n400V~\n10000 3\nIEC 60898-1\n2 4',
  'In 40 A IΔn 0.03 A TYPE A 230/400 V~ 50 Hz IEC 61008-1 10000 gG 63 A',
  '35 + 5 µF ± 6 % 440/370 VAC 50/60 Hz -40°C +70°C C HERM FAN PROTECTED 10,000 AFC',
  'SUPPLY 24-240 V AC/DC TIME 0.1 s - 10 h OUTPUT 1 C/O 8 A 250 V AC-1',
];
/** Pieces that were slow once, or could be: repeated to the limit of what is read. The bench times the same. */
const hostilePieces = ['1 ', 'A', '1/2-', 'HP ', '(', '0.1-', 'V 230/', 'VOLTS\n', 'HP 10 V 230/460 A 28/14\n', 'C20 '];
const spoil = fc
  .tuple(
    fc.constantFrom(...good),
    fc.array(fc.tuple(fc.nat(120), fc.constantFrom('', ' ', '0', 'O', '1', 'l', 'S', '/', '\n', '   ', '.', ',', '😀', 'م', '9999')), {
      maxLength: 12,
    }),
  )
  .map(([text, changes]) =>
    changes.reduce((now, [at, put]) => now.slice(0, at % (now.length + 1)) + put + now.slice((at % (now.length + 1)) + 1), text),
  );
const any = fc.oneof(fc.string({ maxLength: 300 }), fc.string({ unit: 'grapheme', maxLength: 200 }), spoil);
const plate = fc.constantFrom(...plates);

/** Every number of a field with a range lies inside it. */
function outside(definition: PlateDefinition, text: string): string[] {
  const { readings } = parsePlate(text, definition);
  return Object.entries(readings).flatMap(([id, { value }]) => {
    const field = definition.fields.find((one) => one.id === id);
    if (!field) return [`${id} is no field`];
    if (field.kind === 'rows' || field.kind === 'text') return [];
    const numbers = (Array.isArray(value) ? value : [value]).filter((n): n is number => typeof n === 'number');
    const wrong = numbers.filter((n) => !inRange(field, n) && field.unit !== '°C');
    return [
      ...wrong.map((n) => `${id} ${n}`),
      ...(typeof value === 'string' && field.words && !field.words.includes(value) ? [`${id} ${value}`] : []),
    ];
  });
}

describe('any text', () => {
  it('never throws, and gives nothing outside its range', () => {
    fc.assert(
      fc.property(plate, any, (definition, text) => outside(definition, text).length === 0),
      { numRuns: 1500 },
    );
  });
  it('what is read may be kept with a job', () => {
    fc.assert(
      fc.property(plate, any, (definition, text) => {
        const { readings } = parsePlate(text, definition);
        const faults = Object.entries(readings).map(([id, reading]) => {
          const field = definition.fields.find((one) => one.id === id);
          return field ? readingFault(field.of, reading) : `${id} is no field`;
        });
        expect(faults.filter(Boolean)).toEqual([]);
      }),
      { numRuns: 1500 },
    );
  });
  it('spans lie in the text in order and each names a field', () => {
    fc.assert(
      fc.property(plate, any, (definition, text) => {
        const { spans } = parsePlate(text, definition);
        return spans.every(
          (span, i) =>
            span.start >= 0 &&
            span.end >= span.start &&
            span.end <= text.length &&
            (i === 0 || span.start >= spans[i - 1]!.start) &&
            definition.fields.some(({ id }) => id === span.field),
        );
      }),
      { numRuns: 400 },
    );
  });
  it('what is read twice is the same', () => {
    fc.assert(
      fc.property(
        plate,
        any,
        (definition, text) => JSON.stringify(parsePlate(text, definition)) === JSON.stringify(parsePlate(text, definition)),
      ),
      { numRuns: 100 },
    );
  });
  it('guessing never throws and is ordered', () => {
    fc.assert(
      fc.property(any, (text) => guessPlate(text).every((guess, i, all) => i === 0 || guess.weight <= all[i - 1]!.weight)),
      { numRuns: 300 },
    );
  });
  it('case does not matter to what is read', () => {
    for (const text of good.slice(0, 3)) {
      const definition = plates.find(({ id }) => id === guessPlate(text)[0]!.id)!;
      const values = (t: string) =>
        Object.fromEntries(
          Object.entries(parsePlate(t, definition).readings).map(([id, { value }]) => [
            id,
            typeof value === 'string' ? value.toUpperCase() : value,
          ]),
        );
      expect(values(text.toLowerCase())).toEqual(values(text.toUpperCase()));
    }
  });
  it('tries its patterns in proportion to the text, however hostile', { timeout: 60_000 }, () => {
    // Counted, not timed: a clock on a busy machine says nothing. What one try costs is in `npm run bench`.
    const tries = (text: string, definition: PlateDefinition) => {
      const own = RegExp.prototype.exec;
      let count = 0;
      RegExp.prototype.exec = function (this: RegExp, subject: string) {
        count += 1;
        return own.call(this, subject);
      };
      try {
        parsePlate(text, definition);
      } finally {
        RegExp.prototype.exec = own;
      }
      return count;
    };
    for (const piece of hostilePieces)
      for (const definition of plates) {
        const [short, long] = [250, 2500].map((length) => tries(piece.repeat(length).slice(0, length), definition));
        expect(long! / Math.max(short!, 100), `${definition.id} ${piece}`).toBeLessThan(15);
      }
  });
});

describe('a plate printed from readings reads back the same', () => {
  it.each(plates.map((definition) => [definition.id, definition] as const))('%s', (_, definition) => {
    fc.assert(
      fc.property(fc.infiniteStream(fc.double({ min: 0, max: 1, noNaN: true })), (stream) => {
        const { text, values } = printPlate(definition, () => stream.next().value as number);
        const { readings, conflicts } = parsePlate(text, definition);
        expect(conflicts, text).toEqual([]);
        for (const [id, value] of Object.entries(values)) expect([text, id, readings[id]?.value]).toEqual([text, id, value]);
      }),
      { numRuns: 60 },
    );
  });
});
