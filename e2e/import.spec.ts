/** The import desk: a spreadsheet with faults is brought, mended, brought again, found, and taken back. */
import { strToU8 } from 'fflate';
import { isAccessible } from './accessible';
import { expect, test } from './test';

const HEAD = 'Hersteller;Art No;Strom (A);Betriebsklasse;bin;qty';
const bad = [HEAD, 'Wexmoor;WX-25;25,0;gG;bin 4;12', 'Wexmoor;1E+05;32,5;gG;bin 4;3', 'Wexmoor;WX-40;40,0;gX;;'].join('\n');
const mended = bad.replace('1E+05', 'WX-32').replace('gX', 'gG');
const csv = (name: string, text: string) => ({ name, mimeType: 'text/csv', buffer: Buffer.from(strToU8(text)) });

test('a spreadsheet with faults is mended and brought again; its part is found; the file is taken back', async ({ page }) => {
  await page.goto('/parts/import');
  await page.getByLabel('Kind of part').selectOption('fuse');
  await page.getByLabel('Where the pieces lie').selectOption({ label: 'stock of Ferrow Locks' });
  const choose = page.getByLabel('Choose a file').and(page.locator('input[type=file]'));
  await choose.setInputFiles(csv('fuses.csv', bad));
  const seen = page.getByRole('region', { name: 'What fuses.csv says' });
  // Two heads in another tongue are told by hand; the rest is known.
  await expect(seen.getByLabel('What Hersteller is')).toHaveValue('maker');
  await seen.getByLabel('What Strom (A) is').selectOption('ratedAmps');
  await seen.getByLabel('What Betriebsklasse is').selectOption('utilisation');
  await expect(seen.getByRole('status')).toContainText('1 new, 0 changed, 0 as they stand, 2 refused');
  await expect(seen).toContainText('Line 3: Part number is ‘1E+05’'.replace(/[‘’]/g, "'"));
  await isAccessible(page, 'bring parts');
  await expect(seen.getByRole('button', { name: /^Bring/ })).toBeDisabled();

  await choose.setInputFiles(csv('fuses.csv', mended));
  await seen.getByLabel('What Strom (A) is').selectOption('ratedAmps');
  await seen.getByLabel('What Betriebsklasse is').selectOption('utilisation');
  await expect(seen.getByRole('status')).toContainText('3 new, 0 changed, 0 as they stand, 0 refused');
  await seen.getByRole('button', { name: 'Bring 3 parts' }).click();
  await expect(page.getByText('fuses.csv: 3 new, 0 changed.')).toBeVisible();
  expect(JSON.stringify(await (await page.request.get('/api/v1/find?q=WX-32')).json())).toContain('own-wexmoor-wx-32');

  await page.getByRole('button', { name: 'Take fuses.csv back' }).click();
  await expect(page.getByRole('cell', { name: 'taken back' })).toBeVisible();
  expect(JSON.stringify(await (await page.request.get('/api/v1/find?q=WX-32')).json())).not.toContain('own-wexmoor-wx-32');

  // What is no table is refused in words.
  await choose.setInputFiles({ name: 'photo.csv', mimeType: 'text/csv', buffer: Buffer.from([0x89, 0x50, 0, 0, 1]) });
  await expect(page.getByRole('alert').filter({ hasText: 'This is no text' })).toBeVisible();
});
