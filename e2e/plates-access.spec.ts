/** The plates desk by day, by night and on a phone: accessibility, and nothing runs off the side. */
import { isAccessible } from './accessible';
import { motor, readPicture } from './plates/hand';
import { expect, test } from './test';

test('the plates desk has no serious accessibility fault', async ({ page }) => {
  for (const view of ['/plates/key', '/plates/glossary', '/plates']) {
    await page.goto(view);
    await expect(page.getByRole('heading').first()).toBeVisible();
    if (view === '/plates') await readPicture(page, motor);
    await isAccessible(page, view);
  }
});
