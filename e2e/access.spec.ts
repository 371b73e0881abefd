/** No serious accessibility fault on any main view, by day, by night and on a phone; nothing runs off the side. */
import { css } from './css';
import { isAccessible } from './accessible';
import { expect, test } from './test';
import { openPosition, startSwap } from './bench';

const plainViews = [
  '/',
  '/worksheets',
  '/worksheets/control-run',
  '/logbook',
  '/lab',
  '/lab?bench=supply',
  '/lab?bench=bases',
  '/interface',
  '/circuits/kestrel-ramp',
  '/parts/nettlecombe-n3-3p-120-22',
];
const stages = ['safe', 'read', 'need', 'match', 'prove', 'record'];

test('main views', async ({ page }) => {
  test.setTimeout(180_000);
  for (const view of plainViews) {
    await page.goto(view);
    await expect(page.getByRole('heading').first()).toBeVisible();
    await isAccessible(page, view);
  }
});

test('stages of a job', async ({ page }) => {
  test.setTimeout(180_000);
  await openPosition(page, 'kestrel-ramp', /^K5 hoist, reverse/);
  await startSwap(page);
  const swap = new URL(page.url()).pathname;
  for (const stage of stages) {
    await page.goto(`${swap}?stage=${stage}`);
    await expect(page.getByRole('heading').first()).toBeVisible();
    if (stage === 'match') await expect(page.locator(css('table.board'))).toBeVisible();
    await isAccessible(page, stage);
  }
});

test('the night-shift theme follows the system and has a switch that stays', async ({ page }) => {
  await page.emulateMedia({ colorScheme: 'dark' });
  await page.goto('/');
  await expect(page.locator('html')).toHaveAttribute('data-theme', 'dark');
  await page.getByRole('button', { name: 'Day theme' }).click();
  await expect(page.locator('html')).toHaveAttribute('data-theme', 'light');
  await page.reload();
  await expect(page.locator('html')).toHaveAttribute('data-theme', 'light');
});
