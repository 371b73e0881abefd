/** The catalogue: by kind, words and the family's own marks; what is asked stands in the address; a few parts side by side. */
import { isAccessible } from './accessible';
import { openPalette } from './bench';
import { expect, test } from './test';

test('parts are found by their marks, kept in the address, and laid side by side', async ({ page }) => {
  await page.goto('/');
  const palette = await openPalette(page);
  await palette.fill('compare side');
  await page.getByRole('option', { name: /^Catalogue/ }).click();
  await page.waitForURL(/\/parts$/);
  const rows = page.getByRole('table', { name: 'Parts' }).locator('tbody tr');
  await expect(rows).toHaveCount(50);
  await expect(page.getByRole('status')).toContainText('More than 1000 contactors');

  await page.getByLabel('Find in the catalogue').fill('nettlecombe');
  await page.getByLabel('Filter by a mark').selectOption('poles');
  await page.getByLabel('Poles, at least').fill('three');
  await page.getByLabel('Poles, at least').press('Enter');
  await expect(page.getByRole('alert').filter({ hasText: 'a number is needed' })).toBeVisible();
  await page.getByLabel('Poles, at least').fill('3');
  await page.getByLabel('Poles, at least').press('Enter');
  await page.getByLabel('Filter by a mark').selectOption('nemaSize');
  await page.getByLabel('NEMA size', { exact: true }).selectOption('3');
  // Seven coils by three sets of auxiliaries.
  await expect(page.getByRole('status')).toContainText('21 contactors');
  await expect(rows.first()).toContainText('Nettlecombe N3');
  await isAccessible(page, 'catalogue');

  await page.reload();
  await expect(page.getByLabel('Find in the catalogue')).toHaveValue('nettlecombe');
  await expect(page.getByLabel('NEMA size', { exact: true })).toHaveValue('3');
  await expect(page.getByRole('status')).toContainText('21 contactors');

  await rows.nth(0).getByRole('checkbox').check();
  await rows.nth(4).getByRole('checkbox').check();
  await page.getByRole('link', { name: 'Compare 2 side by side' }).click();
  const marks = page.getByRole('table', { name: 'Marks' });
  await expect(marks.getByRole('columnheader')).toHaveCount(3);
  const all = await marks.locator('tbody tr').count();
  await isAccessible(page, 'side by side');
  await page.getByRole('link', { name: 'Show differences only' }).click();
  const differing = page.getByRole('table', { name: 'Marks that differ' }).locator('tbody tr');
  await expect(differing.first()).toBeVisible();
  expect(await differing.count()).toBeLessThan(all);

  await page.goBack();
  await page.goBack();
  await expect(page.getByRole('status')).toContainText('21 contactors');
  await page.getByRole('button', { name: 'Without NEMA size' }).click();
  await page.getByLabel('Kind of device').selectOption('fuse');
  await expect(page.getByLabel('Filter by a mark')).toBeVisible();
  await page.getByLabel('Find in the catalogue').fill('no such part at all');
  await expect(page.getByText('No part like that')).toBeVisible();
});

test('an address that asks for what is no mark is answered in words, and no parts are no comparison', async ({ page }) => {
  const answer = async (query: string) => (await page.request.get(`/api/v1/parts?${query}`)).status();
  expect(await answer('family=contactor&mark=poles:3&size=2')).toBe(200);
  expect(await answer('family=nothing')).toBe(422);
  expect(await answer('family=contactor&mark=constructor:1')).toBe(422);
  expect(await answer('family=contactor&after=xyz')).toBe(422);
  const first = await (await page.request.get('/api/v1/parts?family=fuse&size=3')).json();
  const second = await (await page.request.get(`/api/v1/parts?family=fuse&size=3&after=${first.next}`)).json();
  expect(first.rows).toHaveLength(3);
  expect(second.rows.map(({ id }: { id: string }) => id)).not.toContain(first.rows[2].id);
  expect((await page.goto(`/parts/compare?id=${first.rows[0].id}`))?.status()).toBe(404);
});
