/**
 * Is a view free of serious accessibility faults, by day, by night and on a phone, and does nothing run off the side? One visit: the theme
 * follows the system and the width, as on a device that is turned or darkens at dusk. By night only colours are another.
 */
import axe from 'axe-core';
import type { Page } from '@playwright/test';
import { expect } from './test';

const wcag = ['wcag2a', 'wcag2aa', 'wcag21aa', 'wcag22aa'];

/** The serious faults of what stands on the page, under `run`; no page of ours holds a frame. */
async function faults(page: Page, view: string, run: axe.RunOptions): Promise<string[]> {
  // A page that was looked at before holds the engine still: taking it in costs as much as a look.
  if (!(await page.evaluate(() => 'axe' in window))) await page.evaluate(axe.source);
  const { violations } = await page.evaluate((options) => (window as unknown as { axe: typeof axe }).axe.run(document, options), {
    ...run,
    resultTypes: ['violations' as const],
  });
  return violations
    .filter(({ impact }) => impact === 'serious' || impact === 'critical')
    .map(({ id, nodes }) => {
      const where = nodes.slice(0, 3).map(({ target, failureSummary }) => `${String(target)} ${failureSummary?.split('\n')[1] ?? ''}`);
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
  // Where the page happens to be scrolled to, something lies half under the bar that stays at the top.
  await page.evaluate(() => scrollTo(0, 0));
  expect(await faults(page, `${view}, day`, { runOnly: wcag })).toEqual([]);
  await page.emulateMedia({ colorScheme: 'dark' });
  await expect(page.locator('html')).toHaveAttribute('data-theme', 'dark');
  await settled(page);
  expect(await faults(page, `${view}, night`, { runOnly: ['color-contrast'] })).toEqual([]);
  await page.emulateMedia({ colorScheme: 'light' });
  await expect(page.locator('html')).toHaveAttribute('data-theme', 'light');
  await settled(page);
  const size = page.viewportSize()!;
  const over = () => page.evaluate(() => document.documentElement.scrollWidth - document.documentElement.clientWidth);
  expect(await over(), `${view} runs off the side`).toBeLessThanOrEqual(1);
  await page.setViewportSize({ width: 390, height: 844 });
  await expect.poll(over, { message: `${view} runs off the side of a phone` }).toBeLessThanOrEqual(1);
  // The colours of the phone are those of the day.
  expect(await faults(page, `${view}, phone`, { runOnly: wcag, rules: { 'color-contrast': { enabled: false } } })).toEqual([]);
  await page.setViewportSize(size);
}
