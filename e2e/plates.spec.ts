/** Reading plates in the real page: a picture to confirmed marks, a worn field recovered, the key to a family, bad files. */
import { css } from './css';
import type { Page } from '@playwright/test';
import { openPosition, saved, startSwap } from './bench';
import { give, mark, motor, plateFile, readPicture } from './plates/hand';
import { expect, test } from './test';

test('a picture becomes readings of the swap; Enter confirms; it is there after a reload', async ({ page }) => {
  await openPosition(page, 'ferrow-pump', /^K12/);
  await startSwap(page);
  await page.getByRole('button', { name: 'Picture', exact: true }).click();
  await readPicture(page, motor);
  const plate = page.getByRole('region', { name: /^Load plate/ });
  await expect(mark(plate, 'Speed')).toHaveValue(/1770/);
  // What stood there before is not overwritten: the difference is shown.
  await expect(page.getByText(/the field holds .* the picture gives/).first()).toBeVisible();
  await page.getByRole('button', { name: 'Use the picture’s' }).first().click();
  const open = plate.locator('.mark.to-confirm');
  const before = await open.count();
  expect(before).toBeGreaterThan(0);
  await open.first().locator('input').press('Enter');
  await expect(open).toHaveCount(before - 1);
  await saved(page);
  // Standing in a field lights the words it came from.
  await mark(plate, 'Speed').focus();
  await expect(page.locator(css('.word.lit')).first()).toBeVisible();
  await page.reload();
  await page.getByRole('button', { name: 'Picture', exact: true }).click();
  await expect(page.locator(css('.words-over img'))).toHaveAttribute('src', /\/api\/v1\/pictures\//);
  await expect(mark(plate, 'Speed')).toHaveValue(/1770/);
});

test('a word is given to a field by hand', async ({ page }) => {
  await page.goto('/plates?kind=motor-3ph');
  await readPicture(page, ['HALVERGATE', 'HP 25   1770', 'VOLTS 460   PH 3']);
  await page
    .locator(css('.word.spare'))
    .filter({ hasText: '1770' })
    .or(page.getByRole('button', { name: /^1770/ }))
    .first()
    .click();
  await page.getByRole('menuitem', { name: 'Speed' }).click();
  await expect(mark(page.getByRole('region', { name: 'Three-phase motor' }), 'Speed')).toHaveValue(/1770/);
});

for (const [type, tilt] of [
  ['image/jpeg', -0.09],
  ['image/webp', 0.1],
] as const)
  test(`a tilted ${type} is guessed and read; another kind can be chosen`, async ({ page }) => {
    await page.goto('/plates');
    await readPicture(page, ['WEXCOMBE', 'C16   IΔn 30 mA', '230V~   50 Hz', 'IEC 61009-1'], { tilt, type });
    const plate = page.getByRole('region', { name: 'Residual-current device' });
    await expect(mark(plate, 'Curve')).toHaveValue('C');
    await expect(mark(plate, 'Rated current')).toHaveValue(/16/);
    await page.getByLabel('It is a').selectOption('breaker');
    await expect(mark(page.getByRole('region', { name: 'Breaker', exact: true }), 'Curve')).toHaveValue('C');
  });

test('the same picture over the open interface gives the same readings', async ({ page, request }) => {
  await page.goto('/plates');
  const file = await plateFile(page, motor);
  const answer = await request.post('/api/v1/plates/read?kind=motor-3ph', {
    headers: { 'content-type': file.mimeType },
    data: file.buffer,
    timeout: 60_000,
  });
  expect(answer.ok()).toBe(true);
  const { readings } = (await answer.json()) as { readings: Record<string, { value: unknown }> };
  expect(readings.horsepower!.value).toBe(25);
  expect(readings.fullLoadAmps!.value).toBe(32.5);
  expect(readings.rpm!.value).toBe(1770);
});

test('files that are no picture of a plate are refused in words', async ({ page }) => {
  await page.goto('/plates');
  const alert = page.locator(css('.photo [role=alert]'));
  for (const [buffer, words] of [
    [Buffer.alloc(0), /empty/],
    [Buffer.from(`%PDF-1.7 ${'x'.repeat(100)}`), /PDF/],
    [Buffer.concat([Buffer.from('GIF89a'), Buffer.alloc(100)]), /GIF/],
    [Buffer.alloc(20_000_000, 1), /20 MB/],
    [Buffer.from('just words '.repeat(20)), /no picture/],
  ] as const) {
    await give(page, { name: 'plate.jpg', buffer });
    await expect(alert).toContainText(words);
  }
  await give(page, await plateFile(page, []));
  await page.getByRole('button', { name: /^Read the/ }).click();
  await expect(alert).toContainText(/Move closer/, { timeout: 60_000 });
});

test('reading can be cancelled, and starts again', async ({ page }) => {
  await page.goto('/plates');
  await give(page, await plateFile(page, motor));
  await page.getByRole('button', { name: /^Read the/ }).click();
  await page.getByRole('button', { name: 'Cancel' }).click();
  await page.getByRole('button', { name: /^Read the/ }).click();
  await expect(page.locator(css('.words-over'))).toBeVisible({ timeout: 60_000 });
});

test('a worn coil is recovered by measurement, ranked, with its arithmetic', async ({ page }) => {
  await openPosition(page, 'kestrel-winch', /^K14/);
  await startSwap(page);
  const plate = page.getByRole('region', { name: /^Removed plate/ });
  await plate.getByRole('button', { name: /^Coil marks/ }).click();
  await page.getByRole('menuitem', { name: /^\? unreadable/ }).click();
  await page.getByRole('button', { name: 'Recover it' }).click();
  const dialog = page.getByRole('dialog');
  await expect(dialog).toContainText('Dead, disconnected.');
  await dialog.getByLabel(/^Coil(?! )/).selectOption('dc');
  await dialog.getByLabel(/^Resistance read/).fill('960');
  await dialog.getByLabel(/^Leads/).fill('0.4');
  const offers = dialog.getByRole('button', { name: /^Take \d+ V, \d+ %/ });
  expect(await offers.count()).toBeGreaterThan(1);
  await offers.first().click();
  await expect(dialog).toBeHidden();
  await expect(mark(plate, 'Coil V')).toHaveValue(/\d+\sV/);
  await mark(plate, 'Coil V').focus();
  await expect(page.getByText(/960\sΩ - 400\smΩ/)).toBeVisible();
});

test('a mark that was found on paper is entered with where it was found', async ({ page }) => {
  await page.goto('/plates?kind=control-relay');
  await mark(page.getByRole('region', { name: 'Control relay' }), 'Pins').focus();
  await page.getByRole('button', { name: 'Recover it' }).click();
  const dialog = page.getByRole('dialog');
  await dialog.getByLabel('Pins found').fill('8');
  await dialog.getByRole('button', { name: 'Enter' }).click();
  await expect(dialog.getByRole('alert')).toContainText('Say how');
  await dialog.getByLabel('How it was found').fill('counted, out of its base');
  await dialog.getByRole('button', { name: 'Enter' }).click();
  await expect(mark(page.getByRole('region', { name: 'Control relay' }), 'Pins')).toHaveValue('8');
});

test('the key arrives at a family, goes back, and hears the marks', async ({ page }) => {
  await page.goto('/plates/key');
  await page.getByRole('button', { name: 'Narrow module on a rail with a handle' }).click();
  await page.getByRole('button', { name: 'Back' }).click();
  await page.getByRole('button', { name: 'Narrow module on a rail with a handle' }).click();
  await page.getByRole('button', { name: 'Yes', exact: true }).click();
  await page.getByRole('button', { name: 'No letter' }).click();
  await expect(page.getByRole('heading', { name: /without overcurrent part/ })).toBeVisible();
  await page.getByLabel('Marks on it').fill('C16 0.03 A IEC 61009-1');
  await expect(page.locator('aside [role=alert]')).toContainText('overcurrent part');
  await page.getByRole('button', { name: 'Read its plate' }).click();
  await expect(page).toHaveURL(/kind=residual-current/);
});

test('the glossary finds a mark by any of its names, and a mark leads to it', async ({ page }) => {
  await page.goto('/plates/glossary');
  await page.getByRole('searchbox').fill('ALR');
  await expect(page.locator(css('.entry')).first()).toContainText('Locked-rotor amps');
  await page.getByRole('searchbox').fill('ALF');
  await expect(page.getByText(/ambiguous/)).toBeVisible();
  await page.goto('/plates?kind=fuse');
  await page.getByRole('button', { name: /^Class or body size:/ }).click();
  await expect(page.getByRole('menuitem', { name: /glossary/ })).toHaveAttribute('href', '/plates/glossary#fuseClass');
});

/** The same file as the page's own object, as a drop or a paste would bring it. */
const transferOf = (page: Page, file: { name: string; mimeType: string; buffer: Buffer }) =>
  page.evaluateHandle(
    ({ base64, name, type }) => {
      const transfer = new DataTransfer();
      transfer.items.add(new File([Uint8Array.from(atob(base64), (c) => c.charCodeAt(0))], name, { type }));
      return transfer;
    },
    { base64: file.buffer.toString('base64'), name: file.name, type: file.mimeType },
  );

test('a picture can be dropped, framed and read; another can be pasted over it', async ({ page }) => {
  await page.goto('/plates?kind=motor-3ph');
  const dropped = await transferOf(page, await plateFile(page, motor, { tilt: 0 }));
  // A hand that drags moves on until the page has woken up.
  await expect(async () => {
    await page.locator(css('.drop')).dispatchEvent('dragover', { dataTransfer: dropped });
    await expect(page.locator(css('.drop'))).toHaveClass(/over/, { timeout: 500 });
  }).toPass();
  await page.locator(css('.drop')).dispatchEvent('drop', { dataTransfer: dropped });
  const picture = page.getByAltText('Picture chosen');
  const box = (await picture.boundingBox())!;
  // A frame around the lower lines alone leaves the power out.
  await page.mouse.move(box.x + box.width * 0.04, box.y + box.height * 0.52);
  await page.mouse.down();
  await page.mouse.move(box.x + box.width * 0.97, box.y + box.height * 0.93, { steps: 6 });
  await page.mouse.up();
  await page.getByRole('button', { name: 'Read the framed part' }).click();
  await expect(page.locator(css('.words-over'))).toBeVisible({ timeout: 60_000 });
  const plate = page.getByRole('region', { name: 'Three-phase motor' });
  await expect(mark(plate, 'Hertz')).toHaveValue(/60/);
  await expect(mark(plate, 'Speed')).toHaveCount(0);
  const pasted = await transferOf(page, await plateFile(page, motor));
  await page.evaluate((transfer) => window.dispatchEvent(new ClipboardEvent('paste', { clipboardData: transfer, bubbles: true })), pasted);
  await page.getByRole('button', { name: 'Read the picture' }).click();
  await expect(mark(plate, 'Speed')).toHaveValue(/1770/, { timeout: 60_000 });
});
