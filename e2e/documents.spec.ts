/** Documents and pictures at places and parts: kept, seen by others, opened as they came, taken away; what is none is refused in words. */
import { isAccessible } from './accessible';
import { expect, test } from './test';

const plan = { name: 'E-plan rev B.pdf', mimeType: 'application/pdf', buffer: Buffer.from('%PDF-1.7 sheet 1') };

test('a drawing is kept at a panel, opened as it came, and taken away', async ({ page, context }) => {
  await page.goto('/panels/ferrow-cabin');
  const panel = page.getByRole('region', { name: 'Documents of Control cabin' });
  await panel.getByLabel('Add a document to Control cabin').setInputFiles({ ...plan, buffer: Buffer.from([0x50, 0x4b, 3, 4, 0, 0]) });
  await expect(panel.getByRole('alert')).toContainText('This is no document that is known here.');
  await panel.getByLabel('Add a document to Control cabin').setInputFiles(plan);
  const kept = panel.getByRole('listitem').filter({ hasText: 'E-plan rev B.pdf' });
  await expect(kept).toContainText('1 kB');
  await expect(panel.getByRole('alert')).toHaveCount(0);
  // The same one once more is the one that is there.
  await panel.getByLabel('Add a document to Control cabin').setInputFiles(plan);
  await expect(panel.getByRole('listitem')).toHaveCount(1);
  const file = await page.request.get((await kept.getByRole('link').getAttribute('href')) ?? '');
  expect(await file.text()).toBe('%PDF-1.7 sheet 1');
  expect(file.headers()).toMatchObject({
    'content-type': 'application/pdf',
    'content-disposition': 'attachment; filename="E-plan-rev-B.pdf"',
    'x-content-type-options': 'nosniff',
  });
  await isAccessible(page, 'a panel with a document');
  const other = await context.newPage();
  await other.goto('/panels/ferrow-cabin');
  await expect(other.getByRole('link', { name: 'E-plan rev B.pdf' })).toBeVisible();
  await kept.getByRole('button', { name: 'Take away E-plan rev B.pdf' }).click();
  await kept.getByRole('button', { name: 'Leave it' }).click();
  await kept.getByRole('button', { name: 'Take away E-plan rev B.pdf' }).click();
  await kept.getByRole('button', { name: 'Take away for good E-plan rev B.pdf' }).click();
  await expect(panel.getByRole('listitem')).toHaveCount(0);
});

test('a position and a part have their own, and what is kept at a position is seen at its card', async ({ page }) => {
  await page.goto('/parts/nettlecombe-n3-3p-120-22');
  await page.getByLabel(/^Add a document to Nettlecombe/).setInputFiles({ ...plan, name: 'data sheet.pdf' });
  await expect(page.getByRole('link', { name: 'data sheet.pdf' })).toBeVisible();
  await page.goto('/panels/ferrow-cabin');
  await page.getByRole('button', { name: /^C21 / }).click();
  await page
    .getByLabel('Add a document to C21')
    .setInputFiles({ name: 'as found.txt', mimeType: 'text/plain', buffer: Buffer.from('4 wires, tagged 1 to 4') });
  await expect(page.getByRole('link', { name: 'as found.txt' })).toBeVisible();
  await page.goto('/?panel=ferrow-cabin&position=ferrow-cabin-c21');
  await page.getByRole('button', { name: 'Documents and pictures of C21' }).click();
  await expect(page.getByRole('link', { name: 'as found.txt' })).toBeVisible();
  await expect(page.getByRole('link', { name: 'data sheet.pdf' })).toHaveCount(0);
});
