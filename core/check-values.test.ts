/**
 * Worked figures of the trade, held against the functions that a swap uses. All are common practice unless the title names
 * a standard; those come from memory of the publication.
 */
import { describe, expect, it } from 'vitest';
import type { FieldValues, Practice } from './case/case';
import { judgeCase } from './judge-case';
import { plainCase, sheetFigure as sheet } from '@/tests/judging';
import { readQuantity } from './quantities/read-quantity';
import { codeLetters, isCodeLetter } from './standards/code-letters';
import { tableFullLoadAmps } from './standards/motor-tables';
import { nemaSizes } from './standards/nema-sizes';
import { worksheetOf } from './worksheets/registry';

const judged = (supply: FieldValues, load: FieldValues, specs: FieldValues[], practice: Practice = 'NFPA70') =>
  judgeCase(plainCase({ practice, family: 'contactor', supply, load }, specs)).candidates;
const within = (value: number, expected: number, share: number) => expect(Math.abs(value / expected - 1)).toBeLessThanOrEqual(share);

describe('coils', () => {
  const coil = (readOhms: number, leadOhms: number, volts: number) => ({ readOhms, leadOhms, volts, kind: 'dc' });
  it('60.3 ohm less 1.5 ohm of leads is 58.8 ohm', () =>
    expect(sheet('coil-current', coil(60.3, 1.5, 6), 'coilOhms')).toBeCloseTo(58.8, 10));
  it('6 V over 58.8 ohm is 0.1020 A, without subtraction 0.0995 A', () => {
    within(sheet('coil-current', coil(60.3, 1.5, 6), 'amps'), 0.102, 0.005);
    within(sheet('coil-current', coil(60.3, 0, 6), 'amps'), 0.0995, 0.005);
  });
  it('measured 98 mA is 4.1 % and 1.5 % under the two predictions', () => {
    expect(sheet('coil-current', { ...coil(60.3, 1.5, 6), measuredAmps: 0.098 }, 'offPercent')).toBeCloseTo(4.1, 1);
    expect(sheet('coil-current', { ...coil(60.3, 0, 6), measuredAmps: 0.098 }, 'offPercent')).toBeCloseTo(1.5, 1);
  });
  it('24 V over 700 ohm is 34.3 mA, about a third of the 6 V coil', () => {
    const small = sheet('coil-current', coil(700, 0, 24), 'amps');
    within(small, 0.0343, 0.02);
    within(sheet('coil-current', coil(60.3, 1.5, 6), 'amps') / small, 2.98, 0.01);
  });
  it('leads of 1.5 ohm are 0.21 % of 700 and 2.49 % of 60.3', () => {
    expect(sheet('coil-current', coil(700, 1.5, 24), 'leadPercent')).toBeCloseTo(0.21, 2);
    expect(sheet('coil-current', coil(60.3, 1.5, 6), 'leadPercent')).toBeCloseTo(2.49, 2);
  });
  it('coil power 0.61 W and 0.82 W', () => {
    within(sheet('coil-current', coil(60.3, 1.5, 6), 'watts'), 0.61, 0.01);
    within(sheet('coil-current', coil(700, 0, 24), 'watts'), 0.82, 0.01);
  });
  it('V/R of an AC coil is refused with its reason', () =>
    expect(worksheetOf('coil-current')!.compute({ ...coil(60, 0, 24), kind: 'ac' }).refusal).toMatch(/impedance/));
  it('a 24 V coil on 120 V control is rejected', () => {
    expect(
      judged({ controlVolts: 120, controlKind: 'ac', controlHertz: 60 }, { kind: 'motor-3ph' }, [
        { coilVolts: 24, coilKind: 'ac', coilHertz: [60] },
      ])[0]!.verdict,
    ).toBe('fails');
  });
});

describe('loads', () => {
  it('1000 W at 220 V: 4.545 A, with 20 % 5.45 A; 5 A passes the rating and misses the advice', () => {
    within(
      sheet(
        'contact-headroom',
        { load: 'resistive', loadAmps: 1000 / 220, contactAmps: 5, startRatio: 1, headroomPercent: 20 },
        'advisedAmps',
      ),
      5.45,
      0.01,
    );
    const [part] = judged({ systemVolts: 220, phases: 1, currentKind: 'ac' }, { kind: 'resistive-heater', watts: 1000 }, [
      { ratings: [{ volts: 220, resistiveAmps: 5 }] },
    ]);
    expect(part!.verdict).toBe('check');
    expect(part!.lines.find((line) => line.quantity === 'resistiveAmps')!.verdict).toBe('fits');
  });
  it('1.1 kW at 220 V: 5.0 A at unity with a warning, 7.81 A at 0.8 and 0.8', () => {
    const unity = worksheetOf('motor-amps-from-power')!.compute({ kilowatts: 1.1, volts: 220, phases: '1' });
    expect(unity.outputs[0]!.value).toBeCloseTo(5, 10);
    expect(unity.cautions.join(' ')).toContain('lower bound');
    within(
      sheet('motor-amps-from-power', { kilowatts: 1.1, volts: 220, phases: '1', efficiency: 0.8, powerFactor: 0.8 }, 'amps'),
      7.81,
      0.005,
    );
  });
  it('5 A x 6 is 30 A; with 10 and 20 % 33 and 36 A', () => {
    const motor = { load: 'motor', loadAmps: 5, contactAmps: 40, startRatio: 6 };
    expect(sheet('contact-headroom', { ...motor, headroomPercent: 10 }, 'demandAmps')).toBe(30);
    expect(sheet('contact-headroom', { ...motor, headroomPercent: 10 }, 'advisedAmps')).toBeCloseTo(33, 10);
    expect(sheet('contact-headroom', { ...motor, headroomPercent: 20 }, 'advisedAmps')).toBeCloseTo(36, 10);
  });
  it('500 hp is 373 kW: 448.6 A at 480 V unity, 51.8 A at 4160 V', () => {
    within(sheet('motor-amps-from-power', { kilowatts: 373, volts: 480, phases: '3' }, 'amps'), 448.6, 0.002);
    within(sheet('motor-amps-from-power', { kilowatts: 373, volts: 4160, phases: '3' }, 'amps'), 51.8, 0.002);
  });
  it('550 A is power factor x efficiency 0.816 of that', () =>
    within(sheet('motor-amps-from-power', { kilowatts: 373, volts: 480, phases: '3' }, 'amps') / 550, 0.816, 0.005));
  it('500 hp at 460 V by the table: 590 A (NFPA 70 table 430.250)', () => expect(tableFullLoadAmps(500, 460, 3)).toBe(590));
  it('the 2300 V figure restated for 4160 V agrees with the 64 A quoted within 3 %', () =>
    within((tableFullLoadAmps(500, 2300, 3)! * 2300) / 4160, 64, 0.03));
});

describe('contactors', () => {
  const definitePurpose = {
    ratings: [
      { volts: 240, fullLoadAmps: 30, lockedRotorAmps: 180, resistiveAmps: 40 },
      { volts: 480, fullLoadAmps: 30, lockedRotorAmps: 150 },
      { volts: 600, fullLoadAmps: 30, lockedRotorAmps: 120 },
    ],
  };
  const at = (systemVolts: number, lockedRotorAmps: number) =>
    judged({ systemVolts, currentKind: 'ac' }, { kind: 'hermetic-compressor', ratedLoadAmps: 24, lockedRotorAmps }, [definitePurpose])[0]!;
  it('24 A, 120 A locked rotor, on 30 and 180 A at 240 V passes', () => expect(at(240, 120).verdict).toBe('fits'));
  it('the usual ladder 180, 150, 120 A falls with the volts: each row is read at its own', () => {
    expect([at(240, 180), at(480, 180), at(480, 150), at(600, 150), at(600, 120)].map(({ verdict }) => verdict)).toEqual([
      'fits',
      'fails',
      'fits',
      'fails',
      'fits',
    ]);
  });
  it('compressor 18 A and fan 1.2 A: 19.2 A running; a 40 A device would fail 30 A and is only a check', () => {
    const [part] = judged(
      { systemVolts: 240, currentKind: 'ac' },
      { kind: 'hermetic-compressor', ratedLoadAmps: 18, fanFullLoadAmps: 1.2, maximumOvercurrentAmps: 40 },
      [definitePurpose],
    );
    expect(part!.lines.find((line) => line.quantity === 'fullLoadAmps')).toMatchObject({ limit: 19.2, have: 30, verdict: 'fits' });
    expect(part!.lines.find((line) => line.quantity === 'unitMaximumAmps')).toMatchObject({
      limit: 40,
      verdict: 'check',
      severity: 'should',
    });
  });
  it('10 hp at 230 V against size 0: 18 A against 28 A', () => {
    const [part] = judged(
      { systemVolts: 240, currentKind: 'ac' },
      { kind: 'motor-3ph', horsepower: 10, plateVolts: '230/460', fullLoadAmps: 28 },
      [{ nemaSize: '0' }],
    );
    expect(part!.lines.find((line) => line.quantity === 'fullLoadAmps')).toMatchObject({
      limit: 28,
      have: 18,
      margin: -10,
      verdict: 'fails',
    });
  });
  it('a contact for 30 V DC does not serve 48 V DC', () => {
    expect(
      judged({ systemVolts: 48, currentKind: 'dc' }, { kind: 'resistive-heater', resistiveAmps: 5 }, [
        { poles: 1, ratings: [{ volts: 30, kind: 'dc', dc1Amps: 5 }] },
      ])[0]!.verdict,
    ).toBe('fails');
  });
  it('NEMA sizes are 00, 0 and 1 to 9: 0000 is none', () =>
    expect(Object.keys(nemaSizes).sort()).toEqual(['0', '00', '1', '2', '3', '4', '5', '6', '7', '8', '9']));
  it('equal interrupting figures pass: 10 kA against 10 kA', () => {
    expect(
      judged({ prospectiveFaultAmps: 10000 }, { kind: 'motor-3ph' }, [
        { shortCircuitRatingAmps: 10000 },
        { shortCircuitRatingAmps: 9999 },
      ]).map(({ lines }) => lines.find(({ quantity }) => quantity === 'shortCircuitRatingAmps')!.verdict),
    ).toEqual(['fits', 'fails']);
  });
  it('ambient 70 and -20 °C against 55 and 85 °C', () => {
    const lineOf = (ambientC: number, maxAmbientC: number) =>
      judged({ ambientC }, { kind: 'motor-3ph' }, [{ maxAmbientC }])[0]!.lines.find(({ quantity }) => quantity === 'maxAmbientC')!.verdict;
    expect([lineOf(70, 55), lineOf(70, 85), lineOf(-20, 55)]).toEqual(['fails', 'fits', 'fits']);
  });
});

describe('life, unbalance and marks', () => {
  it('100 000 operations once a second last 27.8 h, 10 million 115.7 days', () => {
    const life = (lifeOperations: number, name: string) =>
      sheet('electrical-life', { lifeOperations, operationsPerHour: 3600, hoursPerDay: 24, daysPerYear: 365 }, name);
    within(life(1e5, 'hours'), 27.8, 0.01);
    within(life(1e7, 'days'), 115.7, 0.01);
  });
  it('460, 467, 450 V: mean 459, unbalance 1.96 % (NEMA MG 1)', () => {
    const volts = { volts12: 460, volts23: 467, volts31: 450 };
    expect(sheet('supply-unbalance', volts, 'meanVolts')).toBe(459);
    expect(sheet('supply-unbalance', volts, 'unbalancePercent')).toBeCloseTo(1.96, 2);
  });
  it('code letters leave out I, O and Q (NFPA 70 table 430.7(B))', () => {
    expect(codeLetters).toHaveLength(19);
    expect(['I', 'O', 'Q'].some(isCodeLetter)).toBe(false);
  });
  it('70 °C is a temperature, 70 is one too where °C is meant', () => {
    expect(readQuantity('70 °C', '°C', 'Ambient')).toEqual({ ok: true, value: 70 });
    expect(readQuantity('70', '°C', 'Ambient')).toEqual({ ok: true, value: 70 });
  });
});
