/**
 * Worked figures of the trade for residual devices, releases, air breakers and capacitors. All are common practice unless the title
 * names a standard; those come from memory of the publication.
 */
import { describe, expect, it } from 'vitest';
import type { FieldValues, Practice } from './case/case';
import { residualCurrents } from './families/residual-currents';
import { judgeCase } from './judge-case';
import { plainCase, sheetFigure as sheet } from '@/tests/judging';

const judged = (family: string, supply: FieldValues, load: FieldValues, specs: FieldValues[], practice: Practice = 'IEC') =>
  judgeCase(plainCase({ practice, family, supply, load }, specs)).candidates.map(({ verdict }) => verdict);
const motor = (microfarads: number, more: FieldValues = {}): FieldValues => ({
  kind: 'motor-1ph',
  sections: [{ name: 'motor', microfarads }],
  ...more,
});
const capacitor = (microfarads: number, more: FieldValues = {}): FieldValues => ({
  kind: 'run',
  sections: [{ name: 'motor', microfarads }],
  ...more,
});

describe('run capacitors', () => {
  it('35 µF ±5 % is 33.25 to 36.75 µF, 5 µF ±5 % is 4.75 to 5.25 µF', () => {
    const read = (rated: number, value: number, tolerancePercent = 5) =>
      judged('run-capacitor', {}, motor(rated), [capacitor(rated, { tolerancePercent, reads: { motor: value } })])[0];
    expect([read(35, 33.25), read(35, 36.75), read(35, 33.24), read(35, 36.76)]).toEqual(['fits', 'fits', 'fails', 'fails']);
    expect([read(5, 4.75), read(5, 5.25), read(5, 4.74), read(5, 5.26)]).toEqual(['fits', 'fits', 'fails', 'fails']);
    expect(read(35, 35.3)).toBe('fits');
    expect([read(35, 33, 5), read(35, 33, 6)]).toEqual(['fails', 'fits']);
  });
  it('370 V asks for 370 or more, 440 V refuses 370', () => {
    const volts = [370, 440, 660, 770, 250].map((ratedVolts) => capacitor(35, { ratedVolts }));
    expect(judged('run-capacitor', {}, motor(35, { plateVolts: 370 }), volts)).toEqual(['fits', 'fits', 'fits', 'fits', 'fails']);
    expect(judged('run-capacitor', {}, motor(35, { plateVolts: 440 }), [capacitor(35, { ratedVolts: 370 })])).toEqual(['fails']);
  });
  it('60 000 h without a stop are 6.85 years', () =>
    expect(
      sheet('capacitor-life', { lifeClass: 'none printed', ratedCelsius: 70, caseCelsius: 70, hoursPerDay: 24 }, 'continuousYears'),
    ).toBeCloseTo(6.85, 2));
  it('one ampere at one volt is 2653 µF at 60 Hz and 3183 µF at 50 Hz', () => {
    expect(sheet('capacitor-from-running', { amps: 1, volts: 1, hertz: 60 }, 'microfarads')).toBeCloseTo(2653, 0);
    expect(sheet('capacitor-from-running', { amps: 1, volts: 1, hertz: 50 }, 'microfarads')).toBeCloseTo(3183, 0);
  });
});

describe('residual-current devices', () => {
  it('C63 / 30 mA has an overcurrent part, 63 A / 30 mA has none; so 61009 and 61008', () => {
    const part = (marks: FieldValues) => residualCurrents.canonical(marks).overcurrentPart;
    expect([
      part({ curve: 'C', ratedAmps: 63, sensitivityMilliamps: 30 }),
      part({ curve: 'none', ratedAmps: 63, sensitivityMilliamps: 30 }),
    ]).toEqual(['with', 'without']);
    expect([part({ standard: 'IEC/EN 61009-1' }), part({ standard: 'IEC/EN 61008-1' })]).toEqual(['with', 'without']);
  });
  it('14 mA must hold, 22 mA may trip, 31 mA must trip on 30 mA (IEC 61008-1)', () => {
    const outside = (tripMilliamps: number) =>
      sheet('residual-trip-check', { ratedMilliamps: 30, delay: 'general', tripMilliamps }, 'outside');
    expect([14, 22, 31].map(outside)).toEqual([1, 0, 1]);
  });
  it('a vehicle that may leak smooth DC above 6 mA: A alone is refused, B or A with a detector serves (BS 7671 722)', () => {
    const specs = ['A', 'B'].map((residualType) => ({ residualType }));
    expect(judged('residual-current', {}, { electronics: 'ev-charger' }, specs)).toEqual(['fails', 'fits']);
    expect(judged('residual-current', {}, { electronics: 'ev-charger', smoothDcLimitMilliamps: 6 }, specs)).toEqual(['fits', 'fits']);
  });
  it('63 A without overcurrent part does not see 80 A of overload: it needs a device before it', () =>
    expect(judged('residual-current', {}, { overcurrentNeededHere: true }, [{ standard: 'IEC/EN 61008-1', ratedAmps: 63 }])).toEqual([
      'fails',
    ]));
});

describe('releases and air breakers', () => {
  it('a release of 230 V: 80.5, 161 and 195.5 V (IEC 60947-1)', () => {
    const at = (name: string) => sheet('release-dip-margin', { markVolts: 230, supplyVolts: 230, dipPercent: 35, dipSeconds: 1 }, name);
    expect([at('leftVolts'), 230 * 0.7, at('closesFromVolts')].map((volts) => Number(volts.toFixed(1)))).toEqual([80.5, 161, 195.5]);
  });
  it('a spare shunt trip closes only where it is marked for it; a release never does', () => {
    const specs = [{ function: ['shunt-trip'] }, { function: ['shunt-trip', 'closing-coil'] }, { function: ['undervoltage-release'] }];
    expect(judged('breaker-coil', {}, { action: 'closes-on-signal' }, specs)).toEqual(['fails', 'fits', 'fails']);
  });
  it('12.5 kA: 10 kA fails, 22 kA fits', () => {
    const specs = [10000, 22000].map((icuAmps) => ({ standard: 'IEC 60947-2', icuAmps }));
    expect(judged('air-breaker', { prospectiveFaultAmps: 12500, currentKind: 'ac' }, { kind: 'distribution-board' }, specs)).toEqual([
      'fails',
      'fits',
    ]);
  });
});
