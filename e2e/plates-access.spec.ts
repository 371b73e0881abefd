/** The plates desk by day, by night and on a phone: accessibility, and nothing runs off the side. */
import AxeBuilder from '@axe-core/playwright';
import { motor, readPicture } from './plates/hand';
import { expect, test } from './test';

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
