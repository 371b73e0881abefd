/** No serious accessibility fault on any main view, by day, by night and on a phone; nothing runs off the side. */
import { css } from './css';
import AxeBuilder from '@axe-core/playwright';
import { type Page } from '@playwright/test';
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
  '/parts/nettlecombe-n3-3p-120-22',
];
const stages = ['safe', 'read', 'need', 'match', 'prove', 'record'];

async function check(page: Page, view: string): Promise<void> {
  const { violations } = await new AxeBuilder({ page }).withTags(['wcag2a', 'wcag2aa', 'wcag21aa', 'wcag22aa']).analyze();
  const serious = violations.filter((one) => one.impact === 'serious' || one.impact === 'critical');
  expect(
    serious.map(
      (one) =>
        `${view}: ${one.id} ${one.nodes
          .slice(0, 3)
          .map((node) => `${node.target} ${node.failureSummary?.split('\n')[1] ?? ''}`)
          .join(' | ')}`,
    ),
  ).toEqual([]);
}

for (const [name, width, height, theme] of [
  ['day', 1280, 800, 'light'],
  ['night', 1280, 800, 'dark'],
  ['phone', 390, 844, 'light'],
] as const)
  test(`main views, ${name}`, async ({ browser }) => {
    test.setTimeout(180_000);
    const context = await browser.newContext({ viewport: { width, height }, colorScheme: theme });
    const page = await context.newPage();
    for (const view of plainViews) {
      await page.goto(view);
      await expect(page.getByRole('heading').first()).toBeVisible();
      await check(page, view);
      const wide = await page.evaluate(() => document.documentElement.scrollWidth - document.documentElement.clientWidth);
      expect(wide, `${view} runs off the side`).toBeLessThanOrEqual(1);
    }
    await openPosition(page, 'kestrel-ramp', /^K5 hoist, reverse/);
    await startSwap(page);
    const swap = new URL(page.url()).pathname;
    for (const stage of stages) {
      await page.goto(`${swap}?stage=${stage}`);
      await expect(page.getByRole('heading').first()).toBeVisible();
      if (stage === 'match') await expect(page.locator(css('table.board'))).toBeVisible();
      await check(page, stage);
      const over = await page.evaluate(() => document.documentElement.scrollWidth - document.documentElement.clientWidth);
      expect(over, `${stage} runs off the side`).toBeLessThanOrEqual(1);
    }
    await context.close();
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
