import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import type { FieldValues } from '../case/case';
import { codeLetters } from '../standards/code-letters';
import { tableHorsepowers } from '../standards/motor-tables';
import { connectedVolts, lockedRotorFactor, runningAmpsFactor } from './connected-volts';
import {
  compressorDemand,
  heaterAmps,
  motorLockedRotorAmps,
  motorRunningAmps,
  statedAmps,
  stepUpHorsepower,
  type LoadContext,
} from './demand';
import { caseSchools, swapSchools } from './schools';

const context = (load: FieldValues, supply: FieldValues = {}, more: Partial<LoadContext> = {}): LoadContext => ({
  practice: 'NFPA70',
  supply: { systemVolts: 480, phases: 3, ...supply },
  load: { kind: 'motor-3ph', ...load },
  schools: caseSchools,
  ...more,
});

describe('which connection of the plate is in use', () => {
  it.each([
    ['230/460', 480, 460],
    ['230/460 V', 240, 230],
    ['208 - 230 / 460 V', 480, 460],
    ['230/460', 240, 230],
    ['208-230/460', 208, 208],
    ['115/208-230', 208, 208],
    ['115-127', 120, 120],
    [400, 415, 400],
    ['220-240/380-415', 400, 400],
    ['230/400', 400, 400],
  ] as const)('%s on %i V is connected for %i V', (plate, system, volts) => expect(connectedVolts(plate, system)).toBe(volts));
  it.each([null, undefined, 'none', 'V 230', true])('%s gives nothing', (plate) => expect(connectedVolts(plate, 480)).toBeUndefined());
  it('amps rise on lower volts beyond 5 %, never fall on higher ones', () => {
    expect(runningAmpsFactor(230, 208)).toBeCloseTo(230 / 208, 9);
    expect(runningAmpsFactor(400, 390)).toBe(1);
    expect(runningAmpsFactor(400, 440)).toBe(1);
    expect(runningAmpsFactor(460, 480)).toBe(1);
    expect(lockedRotorFactor(200, 240)).toBeCloseTo(1.2, 9);
    expect(lockedRotorFactor(460, 480)).toBe(1);
    expect(lockedRotorFactor(400, 380)).toBe(1);
  });
});

describe('running amps of motors', () => {
  it('NFPA practice takes the table where it is above the plate: 30 hp at 480 V, 40 A (table 430.250, from memory)', () => {
    const demand = motorRunningAmps(context({ horsepower: 30, plateVolts: '230/460', fullLoadAmps: 37 }));
    expect(demand).toMatchObject({ amount: 40, source: 'motorCurrents3ph' });
    expect(demand.because).toContain('The plate says 37\u2009A');
  });
  it('but never less than the plate', () =>
    expect(motorRunningAmps(context({ horsepower: 30, plateVolts: 460, fullLoadAmps: 44 })).amount).toBe(44));
  it('takes a table value that the case gives', () =>
    expect(motorRunningAmps(context({ tableFullLoadAmps: 41, fullLoadAmps: 37 })).amount).toBe(41));
  it('IEC practice takes the plate', () => {
    expect(
      motorRunningAmps(context({ horsepower: 30, plateVolts: 400, fullLoadAmps: 37 }, { systemVolts: 400 }, { practice: 'IEC' })).amount,
    ).toBe(37);
  });
  it('restates a 230 V plate for 208 V', () => {
    expect(motorRunningAmps(context({ plateVolts: 230, fullLoadAmps: 20 }, { systemVolts: 208 })).amount).toBeCloseTo(22.12, 2);
  });
  it('works out kW with efficiency and power factor: 1.1 kW, 220 V, 0.8, 0.8 is 7.81 A (common practice)', () => {
    const demand = motorRunningAmps(
      context(
        { kind: 'motor-1ph', kilowatts: 1.1, plateVolts: 220, efficiency: 0.8, powerFactor: 0.8 },
        { systemVolts: 220, phases: 1 },
        { practice: 'IEC' },
      ),
    );
    expect(demand.amount).toBeCloseTo(7.81, 2);
  });
  it('does not guess from kW alone', () => {
    expect(motorRunningAmps(context({ kilowatts: 4, plateVolts: 400 }, { systemVolts: 400 }, { practice: 'IEC' })).amount).toBeNull();
  });
  it.each([
    [{ fullLoadAmps: null }, {}],
    [{}, {}],
    [{ fullLoadAmps: 12 }, { systemVolts: null }],
  ])('is not known from %j on %j', (load, supply) => {
    expect(motorRunningAmps(context(load, supply)).amount).toBeNull();
  });
  it('star-delta shares: main and delta 0.58, star 0.33 of the line (IEC 60947-4-1, from memory)', () => {
    const at = (starterRole: string) =>
      motorRunningAmps(context({ fullLoadAmps: 100, starter: 'star-delta', starterRole }, { systemVolts: 400 }, { practice: 'IEC' }))
        .amount;
    expect(at('main')).toBeCloseTo(57.74, 2);
    expect(at('delta')).toBeCloseTo(57.74, 2);
    expect(at('star')).toBeCloseTo(33.33, 2);
    expect(at('line')).toBe(100);
  });
});

describe('locked-rotor amps of motors', () => {
  it('plate first', () =>
    expect(motorLockedRotorAmps(context({ lockedRotorAmps: 150, codeLetter: 'G', horsepower: 10, plateVolts: 460 })).amount).toBe(150));
  it('code G, 10 hp, 460 V: 70.3 to 78.9 A, on the plate’s own volts though the system has 480 (430.7(B), from memory)', () => {
    const demand = motorLockedRotorAmps(context({ codeLetter: 'G', horsepower: 10, plateVolts: 460 }));
    expect(demand.amount).toBeCloseTo((6.29 * 10000) / (Math.sqrt(3) * 460), 1);
    expect(demand.low).toBeCloseTo((5.6 * 10000) / (Math.sqrt(3) * 460), 1);
  });
  it('single phase has no square root of three', () => {
    const demand = motorLockedRotorAmps(
      context({ kind: 'motor-1ph', codeLetter: 'J', horsepower: 2, plateVolts: 230 }, { systemVolts: 240, phases: 1 }),
    );
    expect(demand.amount).toBeCloseTo((7.99 * 2000) / 230, 1);
  });
  it('V has no top: not known', () =>
    expect(motorLockedRotorAmps(context({ codeLetter: 'V', horsepower: 10, plateVolts: 460 })).amount).toBeNull());
  it('a letter on a star-delta motor is for star: the delta contactor sees three times it, shared', () => {
    const at = (starterRole: string) =>
      motorLockedRotorAmps(context({ codeLetter: 'G', horsepower: 10, plateVolts: 460, starter: 'star-delta', starterRole })).amount!;
    expect(at('star')).toBeCloseTo(78.95, 1);
    expect(at('delta')).toBeCloseTo(78.95 * Math.sqrt(3), 1);
  });
  it('ratio times plate amps', () =>
    expect(
      motorLockedRotorAmps(context({ lockedRotorRatio: 7.2, fullLoadAmps: 41 }, { systemVolts: 400 }, { practice: 'IEC' })).amount,
    ).toBeCloseTo(295.2, 5));
  it('without anything: table in NFPA practice by the swap’s school, else a band that is never a must', () => {
    const table = motorLockedRotorAmps(context({ horsepower: 10, fullLoadAmps: 14 }, {}, { schools: swapSchools }));
    expect(table).toMatchObject({ amount: 81, source: 'lockedRotor3ph' });
    const school = motorLockedRotorAmps(context({ fullLoadAmps: 10 }, { systemVolts: 400 }, { practice: 'IEC', schools: swapSchools }));
    expect(school).toMatchObject({ amount: null, school: { fails: 50, check: 90 } });
  });
  it('rises with the letter and with horsepower', () => {
    fc.assert(
      fc.property(
        fc.constantFrom(...codeLetters.slice(0, -2).map((_, i) => i)),
        fc.constantFrom(...tableHorsepowers(3)),
        (i, horsepower) => {
          const amps = (letter: string, hp: number) =>
            motorLockedRotorAmps(context({ codeLetter: letter, horsepower: hp, plateVolts: 460 })).amount!;
          return (
            amps(codeLetters[i]!, horsepower) < amps(codeLetters[i + 1]!, horsepower) &&
            amps(codeLetters[i]!, horsepower) < amps(codeLetters[i]!, horsepower * 2)
          );
        },
      ),
    );
  });
});

describe('compressors', () => {
  it('sums the fan: 18 + 1.2 A, and 6 times the fan where its start is not given', () => {
    const { running, lockedRotor } = compressorDemand(
      context({ kind: 'hermetic-compressor', ratedLoadAmps: 18, lockedRotorAmps: 96, fanFullLoadAmps: 1.2 }),
    );
    expect(running.amount).toBeCloseTo(19.2, 9);
    expect(lockedRotor.amount).toBeCloseTo(103.2, 9);
  });
  it('uses the fan’s own locked-rotor amps where given', () => {
    expect(
      compressorDemand(
        context({ kind: 'hermetic-compressor', ratedLoadAmps: 18, lockedRotorAmps: 96, fanFullLoadAmps: 1.2, fanLockedRotorAmps: 4 }),
      ).lockedRotor.amount,
    ).toBe(100);
  });
  it.each([{ ratedLoadAmps: null }, { ratedLoadAmps: 18, fanFullLoadAmps: null }])('is not known with %j', (load) => {
    expect(compressorDemand(context({ kind: 'hermetic-compressor', ...load })).running.amount).toBeNull();
  });
});

describe('heaters', () => {
  it('7.5 kW at 230 V takes 34.0 A on 240 V', () => {
    expect(
      heaterAmps(context({ kind: 'resistive-heater', kilowatts: 7.5, plateVolts: 230 }, { systemVolts: 240, phases: 1 })).amount,
    ).toBeCloseTo(34.0, 1);
  });
  it('1000 W at 220 V takes 4.545 A (common practice)', () => {
    expect(heaterAmps(context({ kind: 'resistive-heater', watts: 1000 }, { systemVolts: 220, phases: 1 })).amount).toBeCloseTo(4.545, 3);
  });
  it('three phases divide by the square root of three', () => {
    expect(heaterAmps(context({ kind: 'resistive-heater', kilowatts: 9, plateVolts: 400 }, { systemVolts: 400 })).amount).toBeCloseTo(
      12.99,
      2,
    );
  });
  it('current goes with volts', () => {
    fc.assert(
      fc.property(
        fc.double({ min: 0.1, max: 100, noNaN: true }),
        fc.integer({ min: 100, max: 600 }),
        fc.integer({ min: 100, max: 600 }),
        (kilowatts, plate, system) => {
          const at = (volts: number) =>
            heaterAmps(context({ kind: 'resistive-heater', kilowatts, plateVolts: plate }, { systemVolts: volts, phases: 1 })).amount!;
          return Math.abs(at(system) / at(plate) - system / plate) < 2e-3 * (system / plate);
        },
      ),
    );
  });
  it('is not known without power', () => expect(heaterAmps(context({ kind: 'resistive-heater', kilowatts: null })).amount).toBeNull());
});

it('other loads give their stated current', () => {
  expect(statedAmps(context({ kind: 'lamp-bank', runningAmps: 12 })).amount).toBe(12);
  expect(statedAmps(context({ kind: 'filament-lamps', watts: 2400 }, { systemVolts: 240 })).amount).toBe(10);
  // Of lamps with gear watts over volts is a lower bound: a part may fail by it, and never fits.
  expect(statedAmps(context({ kind: 'lamp-bank', watts: 2400 }, { systemVolts: 240 }))).toMatchObject({
    amount: null,
    school: { fails: 5.774 },
  });
  expect(statedAmps(context({ kind: 'lamp-bank' })).amount).toBeNull();
});

it('power steps up to a size of the table, within 3 %', () => {
  expect(stepUpHorsepower(9.9, 3)).toBe(10);
  expect(stepUpHorsepower(10.06, 3)).toBe(10);
  expect(stepUpHorsepower(11, 3)).toBe(15);
  expect(stepUpHorsepower(900, 3)).toBe(900);
});
