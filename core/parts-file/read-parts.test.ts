/** Files of parts: figures of two worlds, heads by any of their names, and what a spreadsheet does to a number. */
import fc from 'fast-check';
import Papa from 'papaparse';
import { describe, expect, it } from 'vitest';
import { certain } from '../certain';
import { accepts } from '../case/schema';
import { families, familyOf } from '../families/registry';
import { columnsOf, templateCsv } from './columns';
import { matchColumns } from './match-columns';
import { decimalsOfCells, headParts, plainFigure, readCell } from './read-cell';
import { partKey } from './part-key';
import { readParts, refusedCsv } from './read-parts';

const fuse = certain(familyOf('fuse'));
const field = (name: string) => certain(fuse.fields.find((one) => one.name === name));

describe('a figure', () => {
  it.each([
    ['11,5', 'comma', '11.5'],
    ['11.5', 'point', '11.5'],
    ['1.234,5', 'comma', '1234.5'],
    ['1,234.5', 'point', '1234.5'],
    ["1'234", 'point', '1234'],
    ['1 234 A', 'point', '1234 A'],
    ['1,500', 'point', '1500'],
    ['1,500', 'comma', '1.500'],
    ['0,125', 'comma', '0.125'],
    ['7 500', undefined, '7500'],
    ['0.125', undefined, '0.125'],
    ['0.125', 'comma', '0.125'],
    ['0,500', 'point', '0.500'],
    ['012.345', 'comma', null],
    ['1,500', undefined, null],
    ['1.500', undefined, null],
    ['1.2.3', 'comma', null],
    ['12,34.5', 'point', null],
    ['25', undefined, '25'],
  ] as const)('%s by %s is %s', (text, way, plain) => expect(plainFigure(text, way)).toBe(plain));

  it('is told from the file as a whole, and from nothing where it does not agree', () => {
    expect(decimalsOfCells(['1,500', '11,5'])).toBe('comma');
    expect(decimalsOfCells(['1,500', '11.5'])).toBe('point');
    expect(decimalsOfCells(['11,5', '11.5'])).toBeUndefined();
    expect(decimalsOfCells(['1,500', '25'])).toBeUndefined();
  });

  it('written with thousands in either way comes back as itself', () => {
    fc.assert(
      fc.property(
        fc.integer({ min: 0, max: 10_000_000 }),
        fc.integer({ min: 0, max: 99 }),
        fc.constantFrom('point', 'comma'),
        (whole, part, way) => {
          const [own, other] = way === 'comma' ? [',', '.'] : ['.', ','];
          const written = `${String(whole).replace(/\B(?=(\d{3})+$)/g, other)}${own}${String(part).padStart(2, '0')}`;
          expect(Number(plainFigure(written, way as 'point'))).toBeCloseTo(whole + part / 100, 6);
        },
      ),
    );
  });

  it('takes the unit of its head, and keeps its own', () => {
    expect(headParts('Rated current (mA)', 'A')).toEqual({ words: 'Rated current', unit: 'mA' });
    expect(headParts('Rated current (In)', 'A')).toEqual({ words: 'Rated current (In)', unit: '' });
    expect(readCell(field('ratedAmps'), '500', 'mA')).toEqual({ ok: true, value: 0.5 });
    expect(readCell(field('ratedAmps'), '2 A', 'mA')).toEqual({ ok: true, value: 2 });
    expect(readCell(field('ratedAmps'), '2 V')).toMatchObject({ ok: false });
    expect(readCell(field('ratedAmps'), '99999')).toMatchObject({ ok: false });
  });
});

describe('a head', () => {
  it.each(families.map(({ id }) => id))('of the template of %s is recognised', (id) => {
    const family = certain(familyOf(id));
    const heads = columnsOf(family).map(({ name }) => name);
    const missed = matchColumns(heads, [], family).filter(({ target }) => target === null);
    // A head names one field; where two are printed alike, the first one has it.
    expect(missed.map(({ head }) => head)).toEqual([]);
  });

  it.each(families.map(({ id }) => id))('of the template of %s gives a file without parts', (id) => {
    expect(readParts(templateCsv(certain(familyOf(id))), certain(familyOf(id)))).toMatchObject({ rows: [], refused: [], faults: [] });
  });

  it('is found by label, print or other tongue, with its unit', () => {
    const found = matchColumns(['Hersteller', 'Art No', 'Rated current (mA)', 'colour'], [['a', 'b', '500', 'red']], fuse);
    expect(found.map(({ target, unit, confidence }) => [target, unit, confidence])).toEqual([
      ['maker', '', 'sure'],
      ['partId', '', 'sure'],
      ['ratedAmps', 'mA', 'sure'],
      [null, '', 'none'],
    ]);
    expect(matchColumns(['ratedAmps'], [['abc']], fuse)[0]).toMatchObject({ target: 'ratedAmps', confidence: 'likely' });
  });
});

const csv = (rows: string[][]) => Papa.unparse(rows);
const HEAD = ['maker', 'partId', 'ratedAmps', 'utilisation', 'place', 'quantity'];

describe('a row', () => {
  const read = (...cells: string[]) => readParts(csv([HEAD, cells]), fuse);
  it('is read whole', () =>
    expect(read('Wexmoor', '0012', '25', 'gG', 'bin 4', '12').rows).toEqual([
      {
        line: 2,
        maker: 'Wexmoor',
        number: '0012',
        name: '0012',
        spec: { ratedAmps: 25, utilisation: 'gG' },
        stock: { place: 'bin 4', quantity: 12 },
      },
    ]));
  it.each([
    ['an order number that a spreadsheet made a figure of', ['Wexmoor', '1E+05', '25', 'gG', '', '']],
    ['a formula', ['=cmd()', '12', '25', 'gG', '', '']],
    ['a formula in another coat', ['Wexmoor', '@x', '25', 'gG', '', '']],
    ['a cell that could not be worked out', ['Wexmoor', '12', '#REF!', 'gG', '', '']],
    ['no maker', ['', '12', '25', 'gG', '', '']],
    ['no number', ['Wexmoor', '', '25', 'gG', '', '']],
    ['no mark', ['Wexmoor', '12', '', '', '', '']],
    ['a word that is none', ['Wexmoor', '12', '25', 'gX', '', '']],
    ['a figure that may be two', ['Wexmoor', '12', '1,500', 'gG', '', '']],
    ['pieces without a place', ['Wexmoor', '12', '25', 'gG', '', '3']],
    ['half a piece', ['Wexmoor', '12', '25', 'gG', 'bin', '3.5']],
  ])('with %s is refused whole, with its reason', (_, cells) => {
    const { rows, refused } = read(...cells);
    expect(rows).toEqual([]);
    expect(refused).toMatchObject([{ line: 2, reasons: [expect.any(String)] }]);
  });
  it('for the same part written otherwise is refused, and the first is named', () => {
    const { rows, refused } = readParts(csv([HEAD, ['Wexmoor', 'A-12', '25', '', '', ''], ['WEXMOOR', 'a 12', '32', '', '', '']]), fuse);
    expect(rows).toHaveLength(1);
    expect(refused[0]?.reasons[0]).toContain('Line 2 is the same part');
    expect(partKey('Wexmoor', 'A-12')).toBe(partKey('WEXMOOR', 'a 12'));
  });
});

describe('a file', () => {
  it.each([
    ['semicolons and decimal commas', 'maker;partId;ratedAmps\nWexmoor;1;0,5\n', 0.5],
    ['tabs', 'maker\tpartId\tratedAmps\nWexmoor\t1\t0.5\n', 0.5],
    ['a mark at its begin', '\uFEFFmaker,partId,ratedAmps\nWexmoor,1,0.5\n', 0.5],
    ['quoted cells over two lines', '"maker","part\nid",ratedAmps\n"Wexmoor","1",2\n', 2],
  ])('with %s is read', (_, text, amps) =>
    expect(readParts(text, fuse, { 'part\nid': 'partId' }).rows).toMatchObject([{ spec: { ratedAmps: amps } }]),
  );
  it.each([
    ['nothing in it', ''],
    ['a head twice', 'maker,maker\na,b\n'],
  ])('with %s is refused as a whole', (_, text) => expect(readParts(text, fuse).faults).toHaveLength(1));
  it.each(['constructor', 'toString', '__proto__'])('whose head is %s leaves that column out', (head) =>
    expect(readParts(`maker,partId,ratedAmps,${head}\nWexmoor,1,25,x\n`, fuse).columns[3]).toMatchObject({
      target: null,
      confidence: 'none',
    }),
  );
  it('goes by what was said of a column by hand', () => {
    const text = 'make of it,number,current\nWexmoor,1,25\n';
    expect(readParts(text, fuse).rows).toEqual([]);
    const said = { 'make of it': 'maker', number: 'partId', current: 'ratedAmps' };
    expect(readParts(text, fuse, said).rows).toMatchObject([{ maker: 'Wexmoor', spec: { ratedAmps: 25 } }]);
  });
  it('of random cells never throws, takes nothing that its fields refuse, and gives every row back once', () => {
    const cell = fc.oneof(fc.string({ maxLength: 12 }), fc.constantFrom('', '25', '1,5', '=1', 'gG', '?', 'none', '120 kA'));
    fc.assert(
      fc.property(fc.array(fc.array(cell, { minLength: 6, maxLength: 6 }), { maxLength: 20 }), (cells) => {
        const file = readParts(csv([HEAD, ...cells]), fuse);
        for (const { spec } of file.rows) for (const each of fuse.fields) expect(accepts(each, spec[each.name])).toBe(true);
        const lines = [...file.rows, ...file.refused].map(({ line }) => line);
        expect(new Set(lines).size).toBe(lines.length);
      }),
    );
  });
  it('of refused rows is harmless to a spreadsheet, and can be brought again', () => {
    const { heads, refused } = readParts(csv([HEAD, ['=cmd()', '12', '25', 'gG', '', '']]), fuse);
    const back = refusedCsv(heads, refused);
    expect(back).not.toMatch(/(^|,)=/m);
    expect(Papa.parse<string[]>(back).data[0]).toEqual([...HEAD, 'Why refused']);
  });
});
