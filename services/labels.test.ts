/** Labels: what is printed is read back by another's decoder, and leads to what it stands on. */
import { toBuffer } from 'bwip-js/node';
import { afterAll, beforeAll, describe, expect, it } from 'vitest';
import { readCode } from '@/tests/read-code';
import { labelSheets, sheetNames } from '../core/stores/label-sheets';
import { demoDatabase, type TestDatabase } from '../data/test-database';
import { codePicture, labelSheetPdf, labelsOf } from './labels';

let db: TestDatabase;
beforeAll(async () => {
  db = await demoDatabase();
});
afterAll(() => db.drop());
const asked = { siteId: 'kestrel', partId: 'nettlecombe-n3-3p-120-22', panelId: 'kestrel-ramp' };

describe('labels', () => {
  it.each([
    ['part', '/stores?site=kestrel&part=nettlecombe-n3-3p-120-22'],
    ['bins', '/stores?site=kestrel&words='],
    ['positions', '/?panel=kestrel-ramp&position='],
  ] as const)('of %s lead to what they stand on', async (kind, path) => {
    for (const label of (await labelsOf({ ...asked, kind })).slice(0, 6))
      expect(await readCode(await codePicture(label, 'bench.example:3000'))).toBe(`http://bench.example:3000${label.path}`);
    expect((await labelsOf({ ...asked, kind }))[0]!.path).toContain(path);
  });
  it('are read whatever name the installation is asked by', async () => {
    const [label] = await labelsOf({ ...asked, kind: 'part' });
    for (let port = 10_000; port < 65_000; port += 1_831)
      expect(await readCode(await codePicture(label!, `127.0.0.1:${port}`))).toBe(`http://127.0.0.1:${port}${label!.path}`);
  });
  it('have bars that a scanner types as their code', async () => {
    const code = (await labelsOf({ ...asked, kind: 'positions' }))[0]!.code;
    expect(
      await readCode(
        await toBuffer({ bcid: 'code128', text: code, scale: 4, height: 10, padding: 10, backgroundcolor: 'ffffff' }),
        'CODE_128',
      ),
    ).toBe(code);
  });
  it.each(sheetNames)('fill sheets %s, the used ones left free', async (name) => {
    const labels = await labelsOf({ ...asked, kind: 'bins' });
    const { columns, rows } = labelSheets[name];
    const pagesOf = (pdf: Buffer) => pdf.toString('latin1').match(/\/Type \/Page\b/g)?.length;
    const used = columns * rows - 1;
    expect(pagesOf(await labelSheetPdf(labels, name, 0, null))).toBe(Math.ceil(labels.length / (columns * rows)));
    expect(pagesOf(await labelSheetPdf(labels, name, used, null))).toBe(Math.ceil((labels.length + used) / (columns * rows)));
  });
  it('are of what is there', async () => {
    await expect(labelsOf({ ...asked, kind: 'part', partId: 'none' })).rejects.toMatchObject({ status: 404 });
    await expect(labelsOf({ ...asked, kind: 'bins', siteId: 'none' })).rejects.toMatchObject({ status: 404 });
    await expect(labelsOf({ ...asked, kind: 'positions', panelId: 'none' })).rejects.toMatchObject({ status: 404 });
  });
});
