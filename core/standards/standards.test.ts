/** Published figures against the tables they come from, and the laws that such tables follow. */
import { describe, expect, it } from 'vitest';
import { codeLetters, isCodeLetter, kilovoltAmperesPerHorsepower } from './code-letters';
import { coilLimits, unmarkedShortCircuitRatingAmps, utilisationMultiples } from './contactor-limits';
import { tableFullLoadAmps, tableHorsepowers, tableLockedRotorAmps } from './motor-tables';
import { nemaRatingRows, nemaSizes } from './nema-sizes';
import { citeSource, sources, type SourceId } from './source';
import { sameVoltageClass, voltageClassOf } from './voltage-class';

describe('full-load amps, NFPA 70 tables 430.248 and 430.250 (2023, from memory)', () => {
  // hp, volts column, phases, amps as the table prints them
  const rows: [number, number, 1 | 3, number][] = [
    [0.5, 115, 3, 4.4],
    [1, 230, 3, 4.2],
    [5, 208, 3, 16.7],
    [7.5, 460, 3, 11],
    [10, 200, 3, 32.2],
    [10, 230, 3, 28],
    [10, 460, 3, 14],
    [10, 575, 3, 11],
    [25, 460, 3, 34],
    [30, 460, 3, 40],
    [50, 230, 3, 130],
    [100, 460, 3, 124],
    [200, 575, 3, 192],
    [300, 460, 3, 361],
    [500, 460, 3, 590],
    [500, 2300, 3, 118],
    [1 / 6, 115, 1, 4.4],
    [0.5, 230, 1, 4.9],
    [1, 115, 1, 16],
    [2, 208, 1, 13.2],
    [3, 230, 1, 17],
    [5, 230, 1, 28],
    [7.5, 115, 1, 80],
    [10, 200, 1, 57.5],
  ];
  it.each(rows)('%f hp at %i V, %i phase, takes %f A', (hp, volts, phases, amps) => {
    expect(tableFullLoadAmps(hp, volts, phases)).toBe(amps);
  });
  it('reads 1/3 hp written as 0.333', () => expect(tableFullLoadAmps(0.333, 115, 1)).toBe(7.2));
  it('gives nothing outside the table, and never interpolates', () => {
    expect(tableFullLoadAmps(12, 460, 3)).toBeUndefined();
    expect(tableFullLoadAmps(10, 400, 3)).toBeUndefined();
    expect(tableFullLoadAmps(3, 115, 3)).toBeUndefined();
    expect(tableFullLoadAmps(25, 230, 1)).toBeUndefined();
    expect(tableFullLoadAmps(Number.NaN, 460, 3)).toBeUndefined();
  });
  it.each([1, 3] as const)('rises with horsepower and falls with volts, %i phase', (phases) => {
    const sizes = tableHorsepowers(phases);
    for (const volts of [115, 200, 208, 230, 460, 575]) {
      const column = sizes.map((hp) => tableFullLoadAmps(hp, volts, phases)).filter((amps) => amps !== undefined);
      expect([...column].sort((a, b) => a - b)).toEqual(column);
    }
    for (const hp of sizes) {
      const across = [200, 208, 230, 460, 575].map((volts) => tableFullLoadAmps(hp, volts, phases)).filter((amps) => amps !== undefined);
      expect([...across].sort((a, b) => b - a)).toEqual(across);
    }
  });
});

describe('locked-rotor amps, NFPA 70 table 430.251 (2023, from memory)', () => {
  const rows: [number, number, 1 | 3, number][] = [
    [1, 230, 3, 30],
    [5, 460, 3, 46],
    [10, 460, 3, 81],
    [10, 230, 3, 162],
    [25, 460, 3, 183],
    [100, 575, 3, 580],
    [1, 115, 1, 96],
    [5, 230, 1, 168],
  ];
  it.each(rows)('%f hp at %i V, %i phase: %f A', (hp, volts, phases, amps) => {
    expect(tableLockedRotorAmps(hp, volts, phases)).toBe(amps);
  });
  it('stands between 5 and 10 times full load everywhere, as locked rotors do (common practice)', () => {
    for (const phases of [1, 3] as const)
      for (const hp of tableHorsepowers(phases))
        for (const volts of [115, 208, 230, 460]) {
          const locked = tableLockedRotorAmps(hp, volts, phases);
          const full = tableFullLoadAmps(hp, volts, phases);
          if (locked === undefined || full === undefined) continue;
          expect(locked / full).toBeGreaterThan(5);
          expect(locked / full).toBeLessThan(10);
        }
  });
});

describe('code letters, NFPA 70 table 430.7(B) (2023, from memory)', () => {
  it.each([
    ['A', 0, 3.14],
    ['F', 5, 5.59],
    ['G', 5.6, 6.29],
    ['K', 8, 8.99],
    ['U', 20, 22.39],
  ] as const)('%s is %f to %f kVA/hp', (letter, low, high) => {
    expect(kilovoltAmperesPerHorsepower(letter)).toEqual({ low, high });
  });
  it('has no letters I, O, Q and nothing above V', () => {
    for (const letter of ['I', 'O', 'Q', 'W', 'g', '']) expect(isCodeLetter(letter)).toBe(false);
    expect(kilovoltAmperesPerHorsepower('V').high).toBeUndefined();
  });
  it('bands follow each other without a gap wider than a hundredth', () => {
    for (let i = 1; i < codeLetters.length; i += 1) {
      const before = kilovoltAmperesPerHorsepower(codeLetters[i - 1]!);
      expect(kilovoltAmperesPerHorsepower(codeLetters[i]!).low - before.high!).toBeCloseTo(0.01, 5);
    }
  });
});

describe('NEMA sizes, NEMA ICS 2 (from memory)', () => {
  const normal: [string, number, number, number, number][] = [
    ['00', 9, 1.5, 1.5, 2],
    ['0', 18, 3, 3, 5],
    ['1', 27, 7.5, 7.5, 10],
    ['2', 45, 10, 15, 25],
    ['3', 90, 25, 30, 50],
    ['4', 135, 40, 50, 100],
    ['5', 270, 75, 100, 200],
    ['6', 540, 150, 200, 400],
  ];
  it.each(normal)('size %s: %i A, %f hp at 200 V, %f at 230 V, %f at 460 V', (size, amps, at200, at230, at460) => {
    expect(nemaSizes[size]!.continuousAmps).toBe(amps);
    const rows = nemaRatingRows(size)!;
    const hp = (volts: number) => rows.find((row) => row.volts === volts)!.normalHp;
    expect([hp(200), hp(230), hp(460)]).toEqual([at200, at230, at460]);
  });
  const jogging: [string, number, number, number][] = [
    ['0', 1.5, 1.5, 2],
    ['1', 3, 3, 5],
    ['2', 7.5, 10, 15],
    ['3', 15, 20, 30],
    ['4', 25, 30, 60],
    ['5', 60, 75, 150],
    ['6', 125, 150, 300],
  ];
  it.each(jogging)('size %s jogs %f hp at 200 V, %f at 230 V, %f at 460 V', (size, ...hp) => {
    const rows = nemaRatingRows(size)!;
    expect([200, 230, 460].map((volts) => rows.find((row) => row.volts === volts)!.joggingHp)).toEqual(hp);
  });
  it('does not know 0000, and size 00 and sizes above 6 are not rated for jogging', () => {
    expect(nemaRatingRows('0000')).toBeUndefined();
    for (const size of ['00', '7', '8', '9']) expect(nemaRatingRows(size)!.every((row) => row.joggingHp === 'none')).toBe(true);
  });
  it('never jogs more than it runs', () => {
    for (const size of Object.keys(nemaSizes))
      for (const row of nemaRatingRows(size)!)
        if (typeof row.joggingHp === 'number') expect(row.joggingHp).toBeLessThanOrEqual(row.normalHp as number);
  });
});

describe('limits of contactors', () => {
  it('coil works from 85 to 110 %, drops out between 20 and 75 % AC, 10 and 75 % DC (IEC 60947-4-1, from memory)', () => {
    expect(coilLimits).toMatchObject({ pickUp: 0.85, highest: 1.1, dropOutAc: [0.2, 0.75], dropOutDc: [0.1, 0.75] });
  });
  it('AC-3 makes 10 and breaks 8 times, AC-4 12 and 10, AC-1 1.5 (IEC 60947-4-1, from memory)', () => {
    expect(utilisationMultiples.ac3Amps).toEqual({ make: 10, break: 8 });
    expect(utilisationMultiples.ac4Amps).toEqual({ make: 12, break: 10 });
    expect(utilisationMultiples.ac1Amps).toEqual({ make: 1.5, break: 1.5 });
  });
  it('an unmarked controller counts 5 kA to 50 hp and 10 kA to 200 hp (UL 508A SB4.1, from memory)', () => {
    expect([50, 50.1, 200, 201].map(unmarkedShortCircuitRatingAmps)).toEqual([5000, 10000, 10000, undefined]);
  });
});

describe('voltage classes (heads of NFPA 70 tables 430.248 and 430.250, from memory)', () => {
  it.each([
    [480, 460],
    [240, 230],
    [120, 115],
    [600, 575],
    [208, 208],
    [200, 200],
  ])('%i V is served by the %i V column', (volts, column) => {
    expect(voltageClassOf(volts)?.column).toBe(column);
  });
  it.each([109, 121, 201, 207, 241, 380, 400, 415, 481, 601])('%i V is in no class', (volts) =>
    expect(voltageClassOf(volts)).toBeUndefined(),
  );
  it('460 and 480 are one class, 208 and 230 are not', () => {
    expect(sameVoltageClass(460, 480)).toBe(true);
    expect(sameVoltageClass(208, 230)).toBe(false);
    expect(sameVoltageClass(400, 400)).toBe(true);
  });
});

describe('sources', () => {
  it('every published source names document, clause and edition, and says that it is from memory', () => {
    for (const [id, source] of Object.entries(sources)) {
      if (source.document === 'common practice') {
        expect(citeSource(id as SourceId)).toContain('common practice');
        continue;
      }
      expect(source.document && source.clause && source.edition, id).toBeTruthy();
      expect(citeSource(id as SourceId)).toContain('from memory');
    }
    expect(citeSource('commonPractice')).toBe('common practice');
  });
});
