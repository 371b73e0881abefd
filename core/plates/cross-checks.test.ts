/** Marks against each other. Figures of tables are named; the rest is arithmetic or common practice. */
import { describe, expect, it } from 'vitest';
import { plateOf } from '../families/plates';
import type { Readings, ReadingValue } from '../readings/reading';
import { crossChecks } from './cross-checks';
import { parsePlate } from './parse-plate';

const readings = (values: Record<string, ReadingValue>): Readings =>
  Object.fromEntries(Object.entries(values).map(([id, value]) => [id, { state: 'read' as const, value }]));
const found = (values: Record<string, ReadingValue>) => crossChecks(readings(values)).map(({ severity, fields }) => [severity, ...fields]);

describe('a motor that agrees with itself says nothing', () => {
  it.each([
    // NFPA 70 table 430.250 (2023), from memory: 28 A at 230 V, 14 A at 460 V for 10 hp.
    [
      {
        horsepower: 10,
        plateVolts: '230/460',
        fullLoadAmps: [28, 14],
        phases: 3,
        hertz: 60,
        rpm: 1755,
        codeLetter: 'G',
        serviceFactor: 1.15,
      },
    ],
    [{ horsepower: 100, plateVolts: 460, fullLoadAmps: 124, phases: 3 }],
    [{ horsepower: 0.5, plateVolts: '230/460', fullLoadAmps: [2.2, 1.1], phases: 3 }],
    [{ kilowatts: 7.5, plateVolts: 400, fullLoadAmps: 14.9, powerFactor: 0.84, efficiency: 0.887, hertz: 50, rpm: 1460 }],
    [{ kilowatts: 0.18, plateVolts: '230/400', fullLoadAmps: [1.1, 0.64], hertz: 50, rpm: 1350 }],
    [{ horsepower: 10, plateVolts: 460, lockedRotorAmps: 75, codeLetter: 'G', fullLoadAmps: 14 }],
    [{ horsepower: 5, plateVolts: 230, fullLoadAmps: 28, phases: 1 }],
  ] as Record<string, ReadingValue>[][])('%j', (values) => expect(found(values!)).toEqual([]));
});

describe('a motor that does not', () => {
  it('locked rotor under full load', () =>
    expect(found({ fullLoadAmps: 28, lockedRotorAmps: 17 })).toContainEqual(['impossible', 'lockedRotorAmps', 'fullLoadAmps']));
  it('amps ten times too few: a lost figure', () =>
    expect(found({ horsepower: 10, plateVolts: 460, fullLoadAmps: 1.4 })[0]![0]).toBe('impossible'));
  it('amps ten times too many: a lost point', () =>
    expect(found({ horsepower: 7.5, plateVolts: '230/460', fullLoadAmps: [192, 96] })[0]![0]).toBe('unlikely'));
  it('the table is named where it has a figure', () =>
    expect(crossChecks(readings({ horsepower: 10, plateVolts: 460, fullLoadAmps: 140 }))[0]).toMatchObject({
      source: expect.stringContaining('430.250'),
      text: expect.stringContaining('14'),
    }));
  it('volts and amps that do not pair', () =>
    expect(found({ plateVolts: '230/460', fullLoadAmps: [28, 28] })).toContainEqual(['unlikely', 'plateVolts', 'fullLoadAmps']));
  it('locked rotor outside its letter', () =>
    expect(found({ horsepower: 10, plateVolts: 460, lockedRotorAmps: 120, codeLetter: 'G' })).toContainEqual([
      'unlikely',
      'lockedRotorAmps',
      'codeLetter',
    ]));
  it('speed under no synchronous speed', () => expect(found({ rpm: 1250, hertz: 60 })).toEqual([['unlikely', 'rpm', 'hertz']]));
  it('the volts of the plate are those of its 50 Hz row', () => expect(found({ rpm: 1455, hertz: 50 })).toEqual([]));
});

describe('devices', () => {
  it('61008 with a curve letter', () =>
    expect(found({ standard: 'IEC/EN 61008-1', curve: 'C' })).toEqual([['impossible', 'standard', 'curve']]));
  it('61009 with a curve letter is right', () => expect(found({ standard: 'IEC/EN 61009-1', curve: 'C' })).toEqual([]));
  it('service above ultimate', () => expect(found({ icuAmps: 36000, icsAmps: 50000 })).toEqual([['impossible', 'icsAmps', 'icuAmps']]));
  it('a coil that would burn', () =>
    expect(found({ coilVolts: 240, coilOhms: 60, coilKind: 'dc' })).toEqual([['unlikely', 'coilVolts', 'coilOhms']]));
  // common practice: 24 V on 700 ohm is 0.034 A
  it('a coil that would not', () => expect(found({ coilVolts: 24, coilOhms: 700, coilKind: 'dc' })).toEqual([]));
  it('an AC coil is not judged by its resistance', () => expect(found({ coilVolts: 240, coilOhms: 60, coilKind: 'ac' })).toEqual([]));
  it('a start capacitor is no run capacitor', () => expect(found({ microfarads: 350 })).toEqual([['unlikely', 'microfarads']]));
  it('running volts and amps against the mark', () =>
    expect(found({ microfarads: 35, measuredVolts: 400, measuredAmps: 2.1, hertz: 60 })[0]![0]).toBe('unlikely'));
  it('running volts and amps that agree', () =>
    expect(found({ microfarads: 35, measuredVolts: 400, measuredAmps: 5.3, hertz: 60 })).toEqual([]));
});

describe('on reading a text', () => {
  it.each([
    ['motor-3ph', 'FLA 28 LRA 12', 'Locked-rotor'],
    ['residual-current', 'C16 0.03 A IEC 61008-1', '61008 has no overcurrent part'],
  ])('%s %j says it', (kind, text, words) =>
    expect(
      parsePlate(text, plateOf(kind)!)
        .findings.map((one) => one.text)
        .join(' '),
    ).toContain(words),
  );
  it.each([
    ['run-capacitor', '35000 µF'],
    ['motor-3ph', 'HZ 55'],
    ['motor-3ph', 'HP 99999999'],
    ['residual-current', 'IΔn 31 mA'],
    ['breaker', 'In 0 A'],
  ])('%s %j is never taken', (kind, text) => expect(parsePlate(text, plateOf(kind)!).readings).toEqual({}));
  it('two different values are shown, neither is taken', () => {
    const { conflicts, readings: taken } = parsePlate('FLA 28 FLA 82', plateOf('motor-3ph')!);
    expect(conflicts).toEqual([{ field: 'fullLoadAmps', values: ['FLA 28', 'FLA 82'] }]);
    expect(taken.fullLoadAmps).toBeUndefined();
  });
});
