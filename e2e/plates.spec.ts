/** Reading plates in the real page: a picture to confirmed marks, a worn field recovered, the key to a family, bad files. */
import AxeBuilder from '@axe-core/playwright';
import { expect, test, type Locator, type Page } from '@playwright/test';
import { openPosition, saved, startSwap } from './bench';

/** Draws a plate in the page with the letters it ships, tilted a little, and hands it over as a file. */
async function plateFile(
  page: Page,
  lines: string[],
  { tilt = 0.03, type = 'image/png' } = {},
): Promise<{ name: string; mimeType: string; buffer: Buffer }> {
  const url = await page.evaluate(
    async ({ text, angle, mime }) => {
      await document.fonts.load("600 40px 'Archivo Variable'");
      const canvas = document.createElement('canvas');
      [canvas.width, canvas.height] = [1200, 160 + text.length * 90];
      const c = canvas.getContext('2d')!;
      c.fillStyle = '#4a5560';
      c.fillRect(0, 0, canvas.width, canvas.height);
      c.translate(canvas.width / 2, canvas.height / 2);
      c.rotate(angle);
      c.fillStyle = '#d6d2c6';
      c.fillRect(-540, -canvas.height / 2 + 40, 1080, canvas.height - 80);
      c.fillStyle = '#22262b';
      c.font = "600 40px 'Archivo Variable'";
      text.forEach((line, i) =>
        line.split('   ').forEach((cell, k) => c.fillText(cell, -490 + k * 360, -canvas.height / 2 + 130 + i * 90)),
      );
      return canvas.toDataURL(mime, 0.9);
    },
    { text: lines, angle: tilt, mime: type },
  );
  return { name: `plate.${type.split('/')[1]}`, mimeType: type, buffer: Buffer.from(url.split(',')[1]!, 'base64') };
}
const motor = ['HALVERGATE MOTORS', 'HP 25   RPM 1770   FRAME 284T', 'VOLTS 460   AMPS 32.5   PH 3', 'HZ 60   CODE G   S.F. 1.15'];
/** The field of a plate with this label; the label also holds the sign of its state. */
const mark = (plate: Locator, label: string): Locator =>
  plate
    .locator('.mark')
    .filter({ has: plate.page().locator('label', { hasText: new RegExp(`^${label}`) }) })
    .locator('input, select')
    .first();
const give = (page: Page, file: { name: string; mimeType: string; buffer: Buffer }) =>
  page.locator('input[type=file]').first().setInputFiles(file);

async function readPicture(page: Page, lines: string[], options?: { tilt?: number; type?: string }): Promise<void> {
  await give(page, await plateFile(page, lines, options));
  await page.getByRole('button', { name: /^Read the/ }).click();
  await expect(page.locator('.words-over')).toBeVisible({ timeout: 60_000 });
}

test('a picture becomes readings of the swap; Enter confirms; it is there after a reload', async ({ page }) => {
  test.setTimeout(150_000);
  await openPosition(page, 'ferrow-pump', /^K12/);
  await startSwap(page);
  await page.getByRole('button', { name: 'Picture', exact: true }).click();
  await readPicture(page, motor);
  const plate = page.getByRole('region', { name: /^Load plate/ });
  await expect(mark(plate, 'Speed')).toHaveValue(/1770/);
  // What stood there before is not overwritten: the difference is shown.
  await expect(page.getByText(/here stands .* the picture says/).first()).toBeVisible();
  await page.getByRole('button', { name: 'Take the picture’s' }).first().click();
  const open = plate.locator('.mark.to-confirm');
  const before = await open.count();
  expect(before).toBeGreaterThan(0);
  await open.first().locator('input').press('Enter');
  await expect(open).toHaveCount(before - 1);
  await saved(page);
  // Standing in a field lights the words it came from.
  await mark(plate, 'Speed').focus();
  await expect(page.locator('.word.lit').first()).toBeVisible();
  await page.reload();
  await page.getByRole('button', { name: 'Picture', exact: true }).click();
  await expect(page.locator('.words-over img')).toHaveAttribute('src', /\/api\/v1\/pictures\//);
  await expect(mark(plate, 'Speed')).toHaveValue(/1770/);
});

test('a word is given to a field by hand', async ({ page }) => {
  test.setTimeout(120_000);
  await page.goto('/plates?kind=motor-3ph');
  await readPicture(page, ['HALVERGATE', 'HP 25   1770', 'VOLTS 460   PH 3']);
  await page
    .locator('.word.spare')
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
    test.setTimeout(120_000);
    await page.goto('/plates');
    await readPicture(page, ['WEXCOMBE', 'C16   IΔn 30 mA', '230V~   50 Hz', 'IEC 61009-1'], { tilt, type });
    const plate = page.getByRole('region', { name: 'Residual-current device' });
    await expect(mark(plate, 'Curve')).toHaveValue('C');
    await expect(mark(plate, 'Rated current')).toHaveValue(/16/);
    await page.getByLabel('It is a').selectOption('breaker');
    await expect(mark(page.getByRole('region', { name: 'Breaker', exact: true }), 'Curve')).toHaveValue('C');
  });

test('the same picture over the open interface gives the same readings', async ({ page, request }) => {
  test.setTimeout(120_000);
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
  test.setTimeout(120_000);
  await page.goto('/plates');
  const alert = page.locator('.photo [role=alert]');
  for (const [buffer, words] of [
    [Buffer.alloc(0), /empty/],
    [Buffer.from(`%PDF-1.7 ${'x'.repeat(100)}`), /PDF/],
    [Buffer.concat([Buffer.from('GIF89a'), Buffer.alloc(100)]), /GIF/],
    [Buffer.alloc(20_000_000, 1), /20 MB/],
    [Buffer.from('just words '.repeat(20)), /no picture/],
  ] as const) {
    await give(page, { name: 'plate.jpg', mimeType: 'image/jpeg', buffer });
    await expect(alert).toContainText(words);
  }
  await give(page, await plateFile(page, []));
  await page.getByRole('button', { name: /^Read the/ }).click();
  await expect(alert).toContainText(/Move closer/, { timeout: 60_000 });
});

test('reading can be cancelled, and starts again', async ({ page }) => {
  test.setTimeout(120_000);
  await page.goto('/plates');
  await give(page, await plateFile(page, motor));
  await page.getByRole('button', { name: /^Read the/ }).click();
  await page.getByRole('button', { name: 'Cancel' }).click();
  await page.getByRole('button', { name: /^Read the/ }).click();
  await expect(page.locator('.words-over')).toBeVisible({ timeout: 60_000 });
});

test('a worn coil is recovered by measurement, ranked, with its arithmetic', async ({ page }) => {
  await openPosition(page, 'kestrel-winch', /^K14/);
  await startSwap(page);
  const plate = page.getByRole('region', { name: /^Removed plate/ });
  await plate.getByRole('button', { name: /^Coil marks/ }).click();
  await page.getByRole('menuitem', { name: /cannot be read/ }).click();
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
  await expect(mark(plate, 'Coil volts')).toHaveValue(/\d+\sV/);
  await mark(plate, 'Coil volts').focus();
  await expect(page.getByText(/960\sΩ - 400\smΩ/)).toBeVisible();
});

test('a mark that was found on paper is entered with where it was found', async ({ page }) => {
  await page.goto('/plates?kind=control-relay');
  await mark(page.getByRole('region', { name: 'Control relay' }), 'Pins').focus();
  await page.getByRole('button', { name: 'Recover it' }).click();
  const dialog = page.getByRole('dialog');
  await dialog.getByLabel('Pins found').fill('8');
  await dialog.getByRole('button', { name: 'Enter it' }).click();
  await expect(dialog.getByRole('alert')).toContainText('Say how');
  await dialog.getByLabel('How it was found').fill('counted, out of its base');
  await dialog.getByRole('button', { name: 'Enter it' }).click();
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
  await expect(page.locator('.entry').first()).toContainText('Locked rotor');
  await page.getByRole('searchbox').fill('ALF');
  await expect(page.getByText(/ambiguous/)).toBeVisible();
  await page.goto('/plates?kind=fuse');
  await page.getByRole('button', { name: /^Class:/ }).click();
  await expect(page.getByRole('menuitem', { name: /glossary/ })).toHaveAttribute('href', '/plates/glossary#fuseClass');
});

for (const [name, width, height, theme] of [
  ['day', 1280, 800, 'light'],
  ['night', 1280, 800, 'dark'],
  ['phone', 390, 844, 'light'],
] as const)
  test(`the plates desk has no serious accessibility fault, ${name}`, async ({ browser }) => {
    test.setTimeout(150_000);
    const context = await browser.newContext({ viewport: { width, height }, colorScheme: theme });
    const page = await context.newPage();
    for (const view of ['/plates/key', '/plates/glossary', '/plates']) {
      await page.goto(view);
      await expect(page.getByRole('heading').first()).toBeVisible();
      if (view === '/plates') await readPicture(page, motor);
      const { violations } = await new AxeBuilder({ page }).withTags(['wcag2a', 'wcag2aa', 'wcag21aa', 'wcag22aa']).analyze();
      const serious = violations.filter((one) => one.impact === 'serious' || one.impact === 'critical');
      expect(serious.map((one) => `${view}: ${one.id} ${one.nodes[0]?.target} ${one.nodes[0]?.failureSummary}`)).toEqual([]);
      const over = await page.evaluate(() => document.documentElement.scrollWidth - document.documentElement.clientWidth);
      expect(over, `${view} runs off the side`).toBeLessThanOrEqual(1);
    }
    await context.close();
  });
