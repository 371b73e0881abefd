import fc from 'fast-check';
import { expect, it } from 'vitest';
import { csvOfRows, rowsOfCsv } from './letters-csv';

const cell = fc
  .tuple(fc.constantFrom('', '=', '+', '-', '@', "'"), fc.stringMatching(/^[\w ,"=+@;-]{0,12}$/))
  .map(([head, tail]) => `${head}${tail}`.trim());

it('what is written is read again, whatever it begins with', () => {
  fc.assert(
    fc.property(fc.array(fc.record({ code: cell, bay: cell, note: cell }), { minLength: 1, maxLength: 5 }), (cells) => {
      fc.pre(cells.every((one) => Object.values(one).every((text) => !/^'[=+\-@]/.test(text))));
      const rows = cells.map((one) => ({ ...one, function: 'shunt-trip' as const }));
      expect(rowsOfCsv(csvOfRows(rows))).toEqual({ rows });
    }),
  );
});
it('nothing in the file is a formula to a spreadsheet', () => {
  const text = csvOfRows([{ code: '=HYPERLINK("x")', bay: '+1', function: 'shunt-trip', note: '@SUM(A1)' }]);
  expect(text).not.toMatch(/(^|,|\n)"?[=+@]/);
});
