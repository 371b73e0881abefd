import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { loadPlates } from '../families/plates';
import { contactorPlate } from '../families/contactors/plate';
import { parsePlate } from './parse-plate';

const values = (text: string, plate = loadPlates['motor-3ph']!) =>
  Object.fromEntries(Object.entries(parsePlate(text, plate).readings).map(([id, reading]) => [id, reading.value]));

describe('load plates', () => {
  const full = {
    horsepower: 10,
    plateVolts: '230/460',
    fullLoadAmps: [28, 14],
    codeLetter: 'G',
    phases: 3,
    hertz: 60,
    serviceFactor: 1.15,
  };
  it.each([
    ['HP 10 V 230/460 A 28/14 CODE G PH 3 HZ 60 SF 1.15'],
    ['hp 10\nv 230/460\na 28/14\ncode g\nph 3\nhz 60\nsf 1.15'],
    ['SF 1.15 HZ 60 PH 3 CODE G A 28/14 V 230/460 HP 10'],
    ['10 HP, 230/460 V, 28/14 A, CODE: G, 3 PH, 60 HZ, S.F. 1,15'],
    ['HP:10 VOLTS:230/460 AMPS:28/14 CODE LETTER G PHASE=3 HERTZ 60 SERVICE FACTOR 1.15'],
  ])('%j in any order, case and separators', (text) => expect(values(text)).toEqual(full));
  it('mixed fractions and ranges', () =>
    expect(values('7 1/2 HP 208-230/460V 21.8-20.8/10.4 A')).toEqual({
      horsepower: 7.5,
      plateVolts: '208-230/460',
      fullLoadAmps: [21.8, 20.8, 10.4],
    }));
  it('kW plates with decimal commas, ratio and efficiency', () => {
    expect(values('4 kW 400 V 8,1 A cos phi 0,82 50 Hz IA/IN 7.2 eff 86.6 %')).toEqual({
      kilowatts: 4,
      plateVolts: 400,
      fullLoadAmps: 8.1,
      powerFactor: 0.82,
      hertz: 50,
      lockedRotorRatio: 7.2,
      efficiency: 0.866,
    });
  });
  it('AFL and ALR are FLA and LRA; ALF is left alone as ambiguous', () => {
    expect(values('AFL 28 ALR 170')).toEqual({ fullLoadAmps: 28, lockedRotorAmps: 170 });
    const found = parsePlate('ALF 28', loadPlates['motor-3ph']!);
    expect(found.readings).toEqual({});
    expect(found.rest.join(' ')).toContain('ALF');
  });
  it('keeps RLA, minimum circuit and maximum device apart', () => {
    expect(
      values('COMP RLA 18.0 LRA 96 FAN FLA 1.2 V 208/230 PH 1 MCA 23.7 MAX FUSE OR HACR BREAKER 40A', loadPlates['hermetic-compressor']),
    ).toEqual({
      ratedLoadAmps: 18,
      lockedRotorAmps: 96,
      fanFullLoadAmps: 1.2,
      plateVolts: '208/230',
      phases: 1,
      minimumCircuitAmps: 23.7,
      maximumOvercurrentAmps: 40,
    });
  });
  it('two different values are a conflict: both shown, none taken', () => {
    const found = parsePlate('FLA 28 FLA 14', loadPlates['motor-3ph']!);
    expect(found.readings.fullLoadAmps).toBeUndefined();
    expect(found.conflicts).toEqual([{ field: 'fullLoadAmps', values: ['FLA 28', 'FLA 14'] }]);
  });
  it('the same value twice is one reading', () => expect(values('FLA 28 AMPS 28')).toEqual({ fullLoadAmps: 28 }));
  it.each([['HZ 55'], ['SF 9'], ['PH 7'], ['HP 0']])('%j is impossible: said, not taken', (text) => {
    const found = parsePlate(text, loadPlates['motor-3ph']!);
    expect(found.readings).toEqual({});
    expect(found.faults.length + found.rest.length).toBeGreaterThan(0);
  });
  it('the letters I, O, Q are no code', () => expect(values('CODE O')).toEqual({}));
  it('a megabyte of text is read to its limit and said so', () => {
    expect(parsePlate('HP 10 '.repeat(200_000), loadPlates['motor-3ph']!).faults[0]).toContain('Only the first 2500');
  });
});

describe('contactor plates', () => {
  it('contact side and coil side are apart', () => {
    expect(values('3 POLE 240V FLA 30 LRA 180 RES 40 480V FLA 30 LRA 150 RES 40 COIL 24VAC 50/60HZ', contactorPlate)).toEqual({
      poles: 3,
      coilVolts: 24,
      coilKind: 'ac',
      coilHertz: [50, 60],
      ratings: [
        { volts: 240, fullLoadAmps: 30, lockedRotorAmps: 180, resistiveAmps: 40 },
        { volts: 480, fullLoadAmps: 30, lockedRotorAmps: 150, resistiveAmps: 40 },
      ],
    });
  });
  it('bare volts never fill the coil', () => expect(values('600V', contactorPlate)).toEqual({}));
  it('a DC coil', () => expect(values('COIL 24V DC', contactorPlate)).toEqual({ coilVolts: 24, coilKind: 'dc' }));
  it('NEMA size and auxiliaries', () =>
    expect(values('SIZE 00 3P 2NO 1NC', contactorPlate)).toEqual({ nemaSize: '00', poles: 3, auxNormallyOpen: 2, auxNormallyClosed: 1 }));
  it('0000 is no size', () => expect(values('SIZE 0000', contactorPlate)).toEqual({}));
  it('AC categories', () =>
    expect(values('400V AC-3 32 AC-1 50', contactorPlate)).toEqual({ ratings: [{ volts: 400, ac3Amps: 32, ac1Amps: 50 }] }));
  it.each([
    ['AC-3 25 A 11 kW 400 V', [{ volts: 400, ac3Amps: 25, ac3Kilowatts: 11 }]],
    ['Ie 25 A AC-3 400 V', [{ volts: 400, ac3Amps: 25 }]],
    ['AC3 400V 25A', [{ volts: 400, ac3Amps: 25 }]],
    ['18,5 A / 400 V AC-3', [{ volts: 400, ac3Amps: 18.5 }]],
    [
      'AC-1 40 A 690 V, AC-3 25 A 400 V, AC-3 15 A 690 V',
      [
        { volts: 400, ac3Amps: 25 },
        { volts: 690, ac1Amps: 40, ac3Amps: 15 },
      ],
    ],
    ['AC-3 25 A 400 V, AC-3 32 A 400 V', undefined],
    ['AC-3e 25 A 400 V', undefined],
    ['AC-3 25 A', undefined],
    ['400 V AC-3 25 A 690 V', undefined],
    [
      '230V AC-3 32A 400V AC-3 25A',
      [
        { volts: 230, ac3Amps: 32 },
        { volts: 400, ac3Amps: 25 },
      ],
    ],
  ])('a category in one line: %s', (text, ratings) => expect(values(text, contactorPlate).ratings).toEqual(ratings));
});

describe('laws of reading', () => {
  const plates = [...Object.values(loadPlates), contactorPlate];
  it('spans lie inside the text, do not overlap, and hold what they gave', () => {
    fc.assert(
      fc.property(
        fc.constantFrom(...plates),
        fc.array(
          fc.constantFrom(
            'HP 10',
            '28 A',
            'V 230/460',
            'CODE G',
            '60 HZ',
            'COIL 24V',
            '3P',
            'XYZ',
            '1/2',
            '😀',
            'LRA 120',
            '480V FLA 30',
            ',',
            '\n',
          ),
          { maxLength: 12 },
        ),
        (plate, pieces) => {
          const text = pieces.join(' ');
          const { spans } = parsePlate(text, plate);
          return spans.every(
            (span, i) =>
              span.start >= 0 && span.end <= text.length && span.start < span.end && (i === 0 || spans[i - 1]!.end <= span.start),
          );
        },
      ),
    );
  });
  it('any text is survived, and nothing is invented from letters alone', () => {
    fc.assert(
      fc.property(
        fc.constantFrom(...plates),
        fc.string({ maxLength: 200, unit: 'grapheme' }),
        (plate, text) => parsePlate(text, plate).spans.length <= text.length,
      ),
    );
    fc.assert(
      fc.property(
        fc.stringMatching(/^[a-f ]{0,40}$/),
        (text) => Object.values(parsePlate(text, loadPlates['resistive-heater']!).readings).length === 0,
      ),
    );
  });
  it('every field says what it means and how it is recovered', () => {
    for (const plate of plates)
      for (const field of plate.fields) {
        expect(field.meaning, field.id).toMatch(/\.$/);
        expect(field.recovery, field.id).toMatch(/\.$/);
      }
  });
});
