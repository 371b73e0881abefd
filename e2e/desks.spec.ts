/** The desks beside the swap: palette, worksheets, interface, panels on a phone. */
import { css } from './css';
import { expect, test } from './test';
import { openPalette, openPosition, stage, startSwap } from './bench';

test('the palette reaches positions, parts, worksheets and actions', async ({ page }) => {
  await page.goto('/');
  const find = async (text: string) => {
    const box = await openPalette(page);
    await box.fill(text);
  };
  await find('drainage');
  await page.getByRole('option', { name: /K12 drainage B/ }).click();
  await expect(page.getByRole('heading', { name: 'Drainage B' })).toBeVisible();
  await find('unbalance');
  await page.getByRole('option', { name: /Supply unbalance/ }).click();
  await expect(page.getByRole('heading', { name: 'Supply unbalance and derating' })).toBeVisible();
  await find('quillfeather l20/4');
  await page.getByRole('option').first().click();
  await expect(page.getByRole('heading', { name: /^Quillfeather L20\/4/ })).toBeVisible();
  await find('night');
  await page.getByRole('option', { name: /night-shift/ }).click();
  await expect(page.locator('html')).toHaveAttribute('data-theme', 'dark');
  await find('no such thing at all');
  await expect(page.getByText(/Nothing by that name/)).toBeVisible();
  await page.keyboard.press('Escape');
});

test('a worksheet recomputes as one types, and says what is wrong', async ({ page }) => {
  await page.goto('/worksheets/motor-full-load-current');
  await page.getByLabel('Horsepower').fill('25');
  await page.getByLabel('Volts, V').fill('480');
  await expect(page.getByRole('status').getByText(/^34\s?A$/)).toBeVisible();
  await expect(page.getByText(/table 430.250, from memory/)).toBeVisible();
  await page.getByLabel('Horsepower').fill('26');
  await expect(page.getByText(/The table has no 26\s?hp/)).toBeVisible();
  await page.getByLabel('Volts, V').fill('480 A');
  await expect(page.getByText(/is in V; '480 A' is in A/)).toBeVisible();
  await expect(page.getByText('Not known until every input can be read.')).toBeVisible();
});

test('a case is judged on the page, and a bad one is refused by field', async ({ page }) => {
  await page.goto('/interface');
  await page.getByRole('button', { name: 'Judge this case' }).click();
  await expect(page.getByText('size 2: fits')).toBeVisible();
  await expect(page.getByText('removed: fails')).toBeVisible();
  const box = page.getByLabel('Case');
  await box.fill((await box.inputValue()).replace('"systemVolts": 480', '"systemVolts": -1'));
  await page.getByRole('button', { name: 'Judge this case' }).click();
  await expect(page.getByText('supply.systemVolts')).toBeVisible();
  await box.fill('{ not json');
  await page.getByRole('button', { name: 'Judge this case' }).click();
  await expect(page.getByText(/This is not JSON/)).toBeVisible();
});

test('over HTTP: what is wrong gets its status and words', async ({ request }) => {
  const post = (path: string, data: string) =>
    request.post(path, { data: Buffer.from(data), headers: { 'content-type': 'application/json' } });
  expect((await post('/api/v1/judge', '{')).status()).toBe(400);
  expect((await post('/api/v1/judge', `"${'x'.repeat(2_100_000)}"`)).status()).toBe(413);
  expect((await post('/api/v1/judge', `"${'x'.repeat(1_000_000)}"`)).status()).toBe(422);
  expect((await post('/api/v1/worksheets/nothing', '{}')).status()).toBe(404);
  expect((await post('/api/v1/swaps', '{"positionId":"😀"}')).status()).toBe(404);
  expect((await request.get('/api/v1/records/00000000-0000-0000-0000-000000000000')).status()).toBe(404);
  const document = (await (await request.get('/api/v1/openapi.json')).json()) as { openapi: string };
  expect(document.openapi).toBe('3.1.0');
  expect(((await (await request.get('/api/v1/families')).json()) as { families: { id: string }[] }).families.map(({ id }) => id)).toEqual([
    'air-breaker',
    'breaker',
    'breaker-coil',
    'contactor',
    'control-relay',
    'fuse',
    'monitoring-relay',
    'overload-relay',
    'residual-current',
    'run-capacitor',
    'timing-relay',
  ]);
  expect(((await (await request.get('/api/v1/worksheets')).json()) as { worksheets: unknown[] }).worksheets.length).toBeGreaterThanOrEqual(
    8,
  );
});

test('on a phone a swap is opened, read and matched', async ({ browser }) => {
  const context = await browser.newContext({ viewport: { width: 390, height: 844 }, hasTouch: true, isMobile: true });
  const page = await context.newPage();
  await openPosition(page, 'ferrow-gate', /^K7 oil heater/);
  await startSwap(page);
  await stage(page, 'Requirements').tap();
  await expect(page.getByRole('heading', { name: 'Requirements' })).toBeVisible();
  await expect(page.getByText('Resistive current with margin')).toBeVisible();
  await stage(page, 'Candidates').tap();
  await page.locator(css('table.board thead .pick')).first().tap();
  await expect(page.getByRole('button', { name: /^Take / })).toBeVisible();
  await context.close();
});

test('targets are large enough for a gloved hand', async ({ page }) => {
  await page.goto('/?panel=kestrel-ramp&position=kestrel-ramp-k4');
  for (const target of await page.locator(css('.tile, .go, .icon-button, .topbar nav a')).all()) {
    const box = (await target.boundingBox())!;
    expect(Math.min(box.width, box.height)).toBeGreaterThanOrEqual(44);
  }
});

test('a school is chosen on its line, and the line names it', async ({ page }) => {
  await openPosition(page, 'ferrow-gate', /^K5 drain pump/);
  await startSwap(page);
  await stage(page, 'Requirements').click();
  await page.getByRole('button', { name: /^Locked-rotor current/ }).click();
  await expect(page.getByText(/anything from 40.5\s?A to 72.9\s?A/).first()).toBeVisible();
  await page.getByLabel(/Starting current when the plate does not say/).selectOption('six-to-eight');
  await expect(page.getByText(/Method: 8 times full-load amps/)).toBeVisible();
});
