/** Heads over values, by order and by what stands under what; cells as a picture gives them, with their places across. */
import { describe, expect, it } from 'vitest';
import { plateOf } from '../families/plates';
import { layOutText, linesOf, overlap, partOf, type Cell, type Laid } from './layout';
import { parsePlate } from './parse-plate';
import { headsOf, readCell, tablesOf } from './tables';

const motor = plateOf('motor-3ph')!;
/** Rows of cells with their places: [text, from, to]. */
const picture = (...rows: [string, number, number][][]): Laid => {
  let text = '';
  const cells = rows.map((row, r) => {
    if (r > 0) text += '\n';
    return row.map(([body, x0, x1], i): Cell => {
      if (i > 0) text += '   ';
      const start = text.length;
      text += body;
      return { text: body, start, end: text.length, row: r, x0, x1 };
    });
  });
  return { text, rows: cells };
};
const values = (laid: Laid | string, plate = motor) =>
  Object.fromEntries(Object.entries(parsePlate(laid, plate).readings).map(([id, { value }]) => [id, value]));
const cell = (text: string): Cell => ({ text, start: 0, end: text.length, row: 0, x0: 0, x1: text.length * 10 });

describe('heads', () => {
  it.each([
    ['HP', ['HP']],
    ['RPM HZ PH', ['RPM', 'HZ', 'PH']],
    ['F.L.A.', ['FLA']],
    ['FLA.', ['FLA']],
    ["'CODE", ['CODE']],
    ['NEMA NOM EFF', ['NEMANOMEFF']],
    ['η %', ['Η']],
    ['V (AC)', ['V']],
    ['Vv', ['V']],
    ['HP 10', []],
    ['PREMIUM EFFICIENCY', []],
    ['', []],
  ])('%j holds %j', (text, names) =>
    expect(headsOf(cell(text), motor).map(({ name }) => name.toUpperCase().replace(/[\s.]/g, '').replace('HORSEPOWER', 'HP'))).toEqual(
      names,
    ),
  );
  it('a spoilt head is loose, a whole one is not', () => {
    expect(headsOf(cell('C0DE'), motor)[0]).toMatchObject({ loose: true });
    expect(headsOf(cell('CODE'), motor)[0]).toMatchObject({ loose: false });
    expect(headsOf(cell('SF'), motor)[0]).toMatchObject({ loose: false });
  });
  it.each([
    ['AMPS', true],
    ['AMPS 12', false],
    ['NETTLE', false],
  ])('%j is a head: %s', (text, head) => expect(headsOf(cell(text), motor).length > 0).toBe(head));
});

describe('a picture of a table', () => {
  it('values stand under their heads', () =>
    expect(
      values(
        picture(
          [
            ['HP', 0, 20],
            ['VOLTS', 100, 150],
            ['RPM', 200, 230],
          ],
          [
            ['7.5', 2, 26],
            ['230/460', 98, 160],
            ['1765', 200, 236],
          ],
        ),
      ),
    ).toEqual({ horsepower: 7.5, plateVolts: '230/460', rpm: 1765 }));
  it('a value that is missing shifts nobody', () =>
    expect(
      values(
        picture(
          [
            ['HP', 0, 20],
            ['VOLTS', 100, 150],
            ['RPM', 200, 230],
          ],
          [
            ['7.5', 2, 26],
            ['1765', 200, 236],
          ],
        ),
      ),
    ).toEqual({ horsepower: 7.5, rpm: 1765 }));
  it('heads and values in other cells than each other are paired by place', () =>
    expect(
      values(
        picture(
          [
            ['HP VOLTS', 0, 150],
            ['RPM', 200, 230],
          ],
          [
            ['7.5', 2, 26],
            ['460', 98, 130],
            ['1765', 200, 236],
          ],
        ),
      ),
    ).toEqual({ horsepower: 7.5, plateVolts: 460, rpm: 1765 }));
  it('several rows of heads', () =>
    expect(
      values(
        picture(
          [
            ['HP', 0, 20],
            ['RPM', 100, 130],
          ],
          [
            ['15', 2, 22],
            ['1770', 100, 140],
          ],
          [
            ['CODE', 0, 40],
            ['S.F.', 100, 130],
          ],
          [
            ['G', 4, 14],
            ['1.15', 100, 132],
          ],
        ),
      ),
    ).toEqual({ horsepower: 15, rpm: 1770, codeLetter: 'G', serviceFactor: 1.15 }));
  it('a head with its value beside it takes nothing from below', () =>
    expect(
      values(
        picture(
          [
            ['HP', 0, 20],
            ['10', 30, 50],
          ],
          [['1765', 2, 40]],
        ),
      ),
    ).toEqual({ horsepower: 10 }));
  it('a cell with a name of its own stands under no head', () =>
    expect(values(picture([['COIL A1-A2', 0, 90]], [['Uc 230 V 50/60 Hz', 0, 170]]), plateOf('contactor')!)).toEqual({
      coilVolts: 230,
      coilKind: 'ac',
      coilHertz: [50, 60],
    }));
  it('a drawn dial between head and value is passed over', () =>
    expect(
      values(
        picture(
          [
            ['U <', 0, 30],
            ['U >>', 100, 140],
          ],
          [['~', 10, 20]],
          [
            ['70-95 %', 0, 60],
            ['105-130 %', 95, 165],
          ],
        ),
        plateOf('monitoring-relay')!,
      ),
    ).toMatchObject({ undervoltagePercent: [70, 95], overvoltagePercent: [105, 130] }));
  it('frames that read as strokes are taken off', () =>
    expect(
      values(
        picture(
          [
            ['|HP', 0, 20],
            ['RPM|', 100, 130],
          ],
          [
            ['[7.5', 2, 26],
            ['1765]', 100, 136],
          ],
        ),
      ),
    ).toEqual({ horsepower: 7.5, rpm: 1765 }));
  it('a value that does not fit its head is left alone', () =>
    expect(
      values(
        picture(
          [
            ['HZ', 0, 20],
            ['PH', 100, 120],
          ],
          [
            ['1765', 2, 40],
            ['3', 100, 110],
          ],
        ),
      ),
    ).toEqual({ phases: 3 }));
});

describe('typed tables', () => {
  it.each([
    ['HP  RPM\n10  1755', { horsepower: 10, rpm: 1755 }],
    ['HP RPM HZ\n10 1755 60', { horsepower: 10, rpm: 1755, hertz: 60 }],
    ['HP|RPM|HZ\n10|1755|60', { horsepower: 10, rpm: 1755, hertz: 60 }],
    ['HP\tRPM\n10\t1755', { horsepower: 10, rpm: 1755 }],
    ['V Hz kW\n400 Y 50 5,5', { plateVolts: 400, hertz: 50, kilowatts: 5.5 }],
  ])('%j', (text, expected) => expect(values(text)).toEqual(expected));
  it('a first column of names is no value', () => {
    const [table] = tablesOf(layOutText('      VOLTS  PH  RLA\nCOMPRESSOR  208/230  1  15'), plateOf('hermetic-compressor')!, () => true);
    expect(table!.rows[0]!.lead!.text).toBe('COMPRESSOR');
    expect(table!.rows[0]!.cells.map((one) => one?.text)).toEqual(['208/230', '1', '15']);
  });
});

describe('cells', () => {
  it('a value is read whole or not at all', () => {
    const [head] = headsOf(cell('RPM'), motor);
    expect(readCell(cell('1765'), head!, motor)).toEqual({ value: 1765 });
    expect(readCell(cell('1765 and more'), head!, motor)).toBeUndefined();
    expect(readCell(cell('F'), head!, motor)).toBeUndefined();
  });
  it('wide gaps and bars break a line; single spaces do not', () =>
    expect(layOutText('a b   c d | e\n\n  f').rows.map((row) => row.map(({ text }) => text))).toEqual([['a b', 'c d', 'e'], ['f']]));
  it('places in the text are kept', () => {
    const text = 'HP 10   RPM 1755\n  HZ 60';
    for (const row of layOutText(text).rows) for (const one of row) expect(text.slice(one.start, one.end)).toBe(one.text);
    for (const { text: line, start } of linesOf(layOutText(text))) expect(text.slice(start, start + line.length)).toBe(line);
  });
  it('a part of a cell keeps its share of the width', () =>
    expect(partOf({ text: 'AB CD', start: 10, end: 15, row: 2, x0: 100, x1: 150 }, 3, 5)).toEqual({
      text: 'CD',
      start: 13,
      end: 15,
      row: 2,
      x0: 130,
      x1: 150,
    }));
  it('overlap is the share of the narrower', () => {
    expect(overlap({ ...cell('ab'), x0: 0, x1: 20 }, { ...cell('abcd'), x0: 10, x1: 50 })).toBe(0.5);
    expect(overlap({ ...cell('ab'), x0: 0, x1: 20 }, { ...cell('abcd'), x0: 30, x1: 70 })).toBeLessThan(0);
  });
});

describe('maker and type without a name', () => {
  const names = (text: string, kind = 'breaker') => {
    const { readings } = parsePlate(text, plateOf(kind)!);
    return [readings.maker?.value, readings.type?.value];
  };
  it.each([
    ['ORRISDALE\nORRIS-M16\nC16\n230V~', ['ORRISDALE', 'ORRIS-M16']],
    ['Tamsel Drives\nTAM 90L-4\nC16\n230V~', ['Tamsel Drives', 'TAM 90L-4']],
    ['CIRCUIT BREAKER\nORRISDALE\nC16\n230V~', ['ORRISDALE', undefined]],
  ])('%j', (text, expected) => expect(names(text)).toEqual(expected));
  it('they are guesses, to be confirmed', () => {
    const { readings } = parsePlate('ORRISDALE\nORRIS-M16\nC16\n230V~', plateOf('breaker')!);
    expect([readings.maker!.toConfirm, readings.type!.toConfirm]).toEqual([true, true]);
  });
  it('a standard or a rating is no type', () => expect(names('ORRISDALE\nIEC 60898-1\nIP20\nC16')[1]).toBeUndefined());
  it('a single typed line is not searched for names', () => expect(names('ORRISDALE C16 230V~')[0]).toBeUndefined());
});
