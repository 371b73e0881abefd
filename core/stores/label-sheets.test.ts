/** Sheets of labels: none stands over another or over the edge. */
import { describe, expect, it } from 'vitest';
import { hasBars, labelSheets, placeOnSheet, sheetNames } from './label-sheets';

describe.each(sheetNames)('%s', (name) => {
  const sheet = labelSheets[name];
  const one = sheet.columns * sheet.rows;
  const places = Array.from({ length: 2 * one }, (_, i) => placeOnSheet(sheet, i));
  it('keeps every label on its page', () => {
    for (const { x, y } of places) {
      expect(x).toBeGreaterThanOrEqual(0);
      expect(y).toBeGreaterThanOrEqual(0);
      expect(x + sheet.label.width).toBeLessThanOrEqual(sheet.page.width + 1e-9);
      expect(y + sheet.label.height).toBeLessThanOrEqual(sheet.page.height + 1e-9);
    }
  });
  it('puts none over another', () => {
    const over = places.some((a, i) =>
      places.some(
        (b, j) =>
          i < j && a.page === b.page && Math.abs(a.x - b.x) < sheet.label.width - 1e-9 && Math.abs(a.y - b.y) < sheet.label.height - 1e-9,
      ),
    );
    expect(over).toBe(false);
    expect(places.at(-1)!.page).toBe(1);
  });
});
it('a bar code holds what a scanner can type and a label can hold', () => {
  const label = (code: string) => ({ code, path: '', lines: ['', '', ''] as const });
  expect([label('WX-40'), label('Ω'), label('x'.repeat(25)), label('')].map(hasBars)).toEqual([true, false, false, false]);
});
