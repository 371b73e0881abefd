/** What letters, standard number, class and bare marks say of protective devices and of what works a breaker. Forms: common practice. */
import { describe, expect, it } from 'vitest';
import { parsePlate } from '../plates/parse-plate';
import { plateOf } from './plates';
import { families, familyOf } from './registry';

const read = (kind: string, text: string) => parsePlate(text, plateOf(kind)!);
const values = (kind: string, text: string) =>
  Object.fromEntries(Object.entries(read(kind, text).readings).map(([id, { value }]) => [id, value]));

describe('the example of every family', () => {
  it.each(families.map(({ id, example }) => [id, example] as const))('%s: %s leaves no figure behind', (id, example) => {
    const { rest, conflicts, faults } = read(id, example);
    expect(rest.filter((piece) => /\d/.test(piece))).toEqual([]);
    expect([conflicts, faults]).toEqual([[], []]);
  });
});

describe('residual-current devices', () => {
  it.each([
    // A letter before the amps and 61009: with overcurrent part; amps alone and 61008: without, its box is the conditional rating.
    ['C63 30 mA 230V~ EN 61009-1 10 000 3', { curve: 'C', icnAmps: 10000, energyLimitingClass: 3, standard: 'IEC/EN 61009-1' }],
    ['63 A 30 mA 230V~ EN 61008-1 10 000', { conditionalShortCircuitAmps: 10000, standard: 'IEC/EN 61008-1' }],
    ['63A 4P 400V~ 0.3A TYPE B IEC 62423 IEC 61008-1', { standard: 'IEC/EN 61008-1', residualType: 'B', sensitivityMilliamps: 300 }],
    ['IEC 61009-1 IEC 62423 B16 30 mA TYPE F 230V~', { standard: 'IEC/EN 61009-1', residualType: 'F', curve: 'B' }],
    ['GFCI CLASS A 5 mA 20 A 120 V~ UL 943', { protectionClass: 'GFCI Class A', tripMilliamps: 5, standard: 'UL 943' }],
    ['CLASS A GFCI 20A 1P 120V~', { protectionClass: 'GFCI Class A', ratedAmps: 20 }],
    ['GFPE 30 mA 20A 2P 480Y/277 V~', { protectionClass: 'GFPE', tripMilliamps: 30, ratedVolts: [480, 277], currentKind: 'ac' }],
  ] as const)('%s', (text, expected) => expect(values('residual-current', text)).toMatchObject(expected));
  it('without: a box is no breaking capacity of its own', () =>
    expect(values('residual-current', '63 A 30 mA 230V~ EN 61008-1 10 000')).not.toHaveProperty('icnAmps'));
  it('North America: no sensitivity is made of a trip level, and the bare word GFCI names no class', () => {
    expect(values('residual-current', 'GFPE 30 mA 20A 2P')).not.toHaveProperty('sensitivityMilliamps');
    expect(values('residual-current', 'GFCI 20A 120V UL 943')).not.toHaveProperty('protectionClass');
  });
  it('a type or a delay known by its place alone is to be confirmed', () => {
    const { readings } = read('residual-current', '40 A 30 mA A 400V~ [S]');
    expect(readings.residualType).toMatchObject({ value: 'A', toConfirm: true });
    expect(readings.delay).toMatchObject({ value: 'S', toConfirm: true });
    expect(read('residual-current', '40 A 30 mA TYPE A').readings.residualType!.toConfirm).toBeUndefined();
    expect(values('residual-current', 'SN 12 S 40 A 30 mA')).not.toHaveProperty('delay');
  });
});

describe('breakers', () => {
  it.each([
    ['20 A 480Y/277 V~', { ratedVolts: [480, 277], currentKind: 'ac' }],
    ['20 A 480Y/277VAC', { ratedVolts: [480, 277], currentKind: 'ac' }],
    ['20 A 120/240 V', { ratedVolts: [120, 240] }],
  ] as const)('%s', (text, expected) => expect(values('breaker', text)).toMatchObject(expected));
  it('a slash stays a slash in the case', () =>
    expect(familyOf('breaker')!.specFromPlate(values('breaker', '20 A 480Y/277 V~ 14 KA') as never, {})).toMatchObject({
      ratedVoltsLineToLine: 480,
      ratedVoltsLineToGround: 277,
      slash: true,
      interruptingRatings: [{ volts: 480, kind: 'ac', amps: 14000 }],
    }));
});

describe('what works an air breaker', () => {
  it.each([
    ['SHUNT TRIP 110 V DC C1-C2', { function: 'shunt-trip', coilVolts: 110, currentKind: 'dc' }],
    ['SHUNT TRIP / CLOSING COIL 110 V DC', { function: ['shunt-trip', 'closing-coil'], coilVolts: 110 }],
    ['UVR 230 V AC 50/60 HZ D1-D2', { function: 'undervoltage-release', coilVolts: 230, currentKind: 'ac', coilHertz: [50, 60] }],
    ['CHARGING MOTOR 110-127 V AC/DC', { function: 'charging-motor', coilVoltsRange: [110, 127], currentKind: 'ac/dc' }],
  ] as const)('%s', (text, expected) => expect(values('breaker-coil', text)).toMatchObject(expected));
  it('two volts are no choice of ours', () => {
    const { readings, conflicts } = read('breaker-coil', 'SHUNT TRIP 125 V DC 240 V AC');
    expect(readings.coilVolts).toBeUndefined();
    expect(conflicts.map(({ field }) => field)).toContain('coilVolts');
  });
  it('volts on an auxiliary contact are what it switches', () =>
    expect(familyOf('breaker-coil')!.specFromPlate(values('breaker-coil', 'AUX. CONTACT 6 A 250 V AC') as never, {})).toMatchObject({
      function: ['auxiliary-contact'],
      coilVolts: 'none',
    }));
  it('one temperature on a capacitor is the highest of its case', () => {
    expect(values('run-capacitor', '40 µF 440 VAC 85 °C')).toMatchObject({ maxCaseC: 85 });
    expect(values('run-capacitor', '40 µF 440 VAC -25/70 °C')).toMatchObject({ minCaseC: -25, maxCaseC: 70 });
  });
});
