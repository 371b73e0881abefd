/** Files as people save them: text of either coding, spreadsheets, and what is neither. The spreadsheet is built here, after ECMA-376. */
import { strToU8, zipSync } from 'fflate';
import { describe, expect, it } from 'vitest';
import { plainFigure } from '@/core/parts-file/read-cell';
import { cellText, tableText } from './table-file';

/** A spreadsheet of one sheet; figures stand as figures, text as text. */
export function xlsxOf(rows: readonly (readonly (string | number)[])[]): Uint8Array<ArrayBuffer> {
  const cell = (value: string | number, at: string) =>
    typeof value === 'number'
      ? `<c r="${at}"><v>${value}</v></c>`
      : `<c r="${at}" t="inlineStr"><is><t>${value.replace(/&/g, '&amp;').replace(/</g, '&lt;')}</t></is></c>`;
  const sheet = rows
    .map((row, y) => `<row r="${y + 1}">${row.map((value, x) => cell(value, `${String.fromCharCode(65 + x)}${y + 1}`)).join('')}</row>`)
    .join('');
  const main = 'http://schemas.openxmlformats.org/spreadsheetml/2006/main';
  const office = 'http://schemas.openxmlformats.org/officeDocument/2006/relationships';
  const pack = 'http://schemas.openxmlformats.org/package/2006';
  const files = {
    '[Content_Types].xml': `<Types xmlns="${pack}/content-types"><Default Extension="xml" ContentType="application/xml"/><Default Extension="rels" ContentType="application/vnd.openxmlformats-package.relationships+xml"/><Override PartName="/xl/workbook.xml" ContentType="application/vnd.openxmlformats-officedocument.spreadsheetml.sheet.main+xml"/><Override PartName="/xl/worksheets/sheet1.xml" ContentType="application/vnd.openxmlformats-officedocument.spreadsheetml.worksheet+xml"/></Types>`,
    '_rels/.rels': `<Relationships xmlns="${pack}/relationships"><Relationship Id="rId1" Type="${office}/officeDocument" Target="xl/workbook.xml"/></Relationships>`,
    'xl/workbook.xml': `<workbook xmlns="${main}" xmlns:r="${office}"><sheets><sheet name="Parts" sheetId="1" r:id="rId1"/></sheets></workbook>`,
    'xl/_rels/workbook.xml.rels': `<Relationships xmlns="${pack}/relationships"><Relationship Id="rId1" Type="${office}/worksheet" Target="worksheets/sheet1.xml"/></Relationships>`,
    'xl/worksheets/sheet1.xml': `<worksheet xmlns="${main}"><sheetData>${sheet}</sheetData></worksheet>`,
  };
  return new Uint8Array(
    zipSync(
      Object.fromEntries(Object.entries(files).map(([name, text]) => [name, strToU8(`<?xml version="1.0" encoding="UTF-8"?>${text}`)])),
    ),
  );
}

const fileOf = (bytes: Uint8Array<ArrayBuffer> | string, name = 'parts.csv') => new File([bytes], name);

describe('a file', () => {
  it('of text is read as it stands, in either coding', async () => {
    expect(await tableText(fileOf('maker,a\nHüttenfels,1'))).toEqual({ ok: true, text: 'maker,a\nHüttenfels,1' });
    const western = new Uint8Array([...'H'.split('').map((c) => c.charCodeAt(0)), 0xfc, 0x2c, 0x31]);
    expect(await tableText(fileOf(western))).toMatchObject({ ok: true, text: 'Hü,1', note: expect.any(String) });
  });
  it('of a sheet gives its rows, figures that no decimal sign can change, and text as it stands', async () => {
    const read = await tableText(
      fileOf(
        xlsxOf([
          ['maker', 'partId', 'ratedAmps'],
          ['Wexmoor & Son', '0012', 1.234],
          ['Wexmoor', '13', 25],
        ]),
        'anything.bin',
      ),
    );
    expect(read).toMatchObject({ ok: true, text: 'maker,partId,ratedAmps\r\nWexmoor & Son,0012,1.2340\r\nWexmoor,13,25' });
  });
  it.each([
    ['nothing', new Uint8Array(0)],
    ['a torn archive', new Uint8Array([0x50, 0x4b, 3, 4, 9, 9, 9])],
    ['a spreadsheet of the old form', new Uint8Array([0xd0, 0xcf, 0x11, 0xe0])],
    ['a picture', new Uint8Array([0x89, 0x50, 0, 0, 1])],
  ])('of %s is refused in words', async (_, bytes) =>
    expect(await tableText(fileOf(bytes))).toMatchObject({ ok: false, fault: expect.stringMatching(/\.$/) }),
  );
  it.each([1.234, 12.345, 0.125, 1500, 0.5, 999.001])(
    '%d as a figure of a sheet is itself by point, and never another by comma',
    (figure) => {
      expect(Number(plainFigure(cellText(figure), 'point'))).toBe(figure);
      const byComma = plainFigure(cellText(figure), 'comma');
      expect(byComma === null || Number(byComma) === figure).toBe(true);
    },
  );
});
