/**
 * Is a view free of serious accessibility faults, by day, by night and on a phone, and does nothing run off the side? One visit: the theme
 * follows the system and the width, as on a device that is turned or darkens at dusk. By night only colours are another.
 */
import AxeBuilder from '@axe-core/playwright';
import type { Page } from '@playwright/test';
import { expect } from './test';

const wcag = ['wcag2a', 'wcag2aa', 'wcag21aa', 'wcag22aa'];

async function faults(page: Page, view: string, axe: AxeBuilder): Promise<string[]> {
  // No page of ours holds a frame, and without frames the results need no second page to be put together on.
  const { violations } = await axe.setLegacyMode().analyze();
  return violations
    .filter(({ impact }) => impact === 'serious' || impact === 'critical')
    .map(({ id, nodes }) => {
      const where = nodes.slice(0, 3).map(({ target, failureSummary }) => `${target} ${failureSummary?.split('\n')[1] ?? ''}`);
      return `${view}: ${id} ${where.join(' | ')}`;
    });
}

/** Colours that fade into the other theme have arrived. */
const settled = (page: Page) =>
  page.evaluate(async () => {
    const ending = document.getAnimations().filter(({ effect }) => effect?.getComputedTiming().endTime !== Infinity);
    await Promise.allSettled(ending.map(({ finished }) => finished));
  });

export async function isAccessible(page: Page, view: string): Promise<void> {
  expect(await faults(page, `${view}, day`, new AxeBuilder({ page }).withTags(wcag))).toEqual([]);
  await page.emulateMedia({ colorScheme: 'dark' });
  await expect(page.locator('html')).toHaveAttribute('data-theme', 'dark');
  await settled(page);
  expect(await faults(page, `${view}, night`, new AxeBuilder({ page }).withRules(['color-contrast']))).toEqual([]);
  await page.emulateMedia({ colorScheme: 'light' });
  await expect(page.locator('html')).toHaveAttribute('data-theme', 'light');
  await settled(page);
  const size = page.viewportSize()!;
  const over = () => page.evaluate(() => document.documentElement.scrollWidth - document.documentElement.clientWidth);
  expect(await over(), `${view} runs off the side`).toBeLessThanOrEqual(1);
  await page.setViewportSize({ width: 390, height: 844 });
  await expect.poll(over, { message: `${view} runs off the side of a phone` }).toBeLessThanOrEqual(1);
  // The colours of the phone are those of the day.
  expect(await faults(page, `${view}, phone`, new AxeBuilder({ page }).withTags(wcag).disableRules(['color-contrast']))).toEqual([]);
  await page.setViewportSize(size);
}
