/** A panel walked past with a phone: plates are read one after the other, what is worn is listed for the next shutdown. */
import { isAccessible } from './accessible';
import { expect, test } from './test';

test('from position to position: read, next; what could not be read waits for the shutdown', async ({ page }) => {
  const panel = await page.request.post('/api/v1/panels/ferrow-gate/copy', { data: { name: 'Gate, walked past' } });
  const { id } = (await panel.json()) as { id: string };
  await page.setViewportSize({ width: 390, height: 844 });
  await page.goto(`/panels/${id}/walk`);
  const strip = page.getByRole('navigation', { name: 'Positions of the panel' });
  // What was read of the parts is not copied: each waits for its part.
  const part = page.getByRole('region', { name: 'The part that stands there', exact: true });
  await expect(part).toBeVisible();
  const here = strip.locator('[aria-current]');
  const first = 'K1';
  await strip.getByRole('link', { name: /^K1,/ }).click();
  await expect(here).toHaveAttribute('aria-label', 'K1, in part');
  const line = part.getByLabel('The part that stands there: type or paste its plate');
  await line.fill('3P COIL 24 V DC AC-3 9 A 400 V IEC 60947-4-1 TYPE CX9');
  await expect(part.getByText(/^[3-9] read\.$/)).toBeVisible();
  await isAccessible(page, 'a walk past a panel');
  await page.setViewportSize({ width: 390, height: 844 });
  // Nothing typed is lost when the phone loses the page.
  await page.reload();
  await expect(line).toHaveValue(/^3P COIL/);
  const marks = part.getByRole('region', { name: 'The part that stands there, marks' });
  await marks
    .getByRole('button', { name: /^Poles/ })
    .first()
    .click();
  await page.getByRole('menuitem', { name: /Unreadable/i }).click();
  await page.getByRole('button', { name: 'Keep and go on' }).dblclick();
  await expect(here).not.toHaveAttribute('aria-label', new RegExp(`^${first},`));
  await expect(strip.getByRole('link', { name: `${first}, in part` })).toBeVisible();
  await expect(page.getByRole('button', { name: 'Go on' })).toBeVisible();

  await strip.getByRole('link', { name: 'For the shutdown' }).click();
  const list = page.getByRole('region', { name: 'For the next shutdown' });
  await expect(list.getByRole('listitem').filter({ hasText: /^K1 / })).toContainText(/Poles could not be read/);
  await expect(list.getByRole('listitem').filter({ hasNotText: /^K1 / }).first()).toContainText('its plate is not read');
  await list.getByRole('link', { name: /^K1 / }).click();
  await expect(here).toHaveAttribute('aria-label', `${first}, in part`);
});

test('two at one position: the second is told, and what both read stands', async ({ page, context }) => {
  const at = '/panels/ferrow-gate/walk?at=ferrow-gate-k1';
  await page.goto(at);
  const other = await context.newPage();
  await other.goto(at);
  const read = (one: typeof page, words: string) => one.getByLabel('The part that stands there: type or paste its plate').fill(words);
  await expect(page.getByRole('region', { name: 'The part that stands there', exact: true })).toBeVisible();
  await read(page, '4P');
  await page.getByRole('button', { name: 'Keep and go on' }).click();
  await page.waitForURL((url) => url.href !== new URL(at, url).href);
  await read(other, 'TYPE QX40');
  await other.getByRole('button', { name: 'Keep and go on' }).click();
  await expect(other.getByRole('alert').filter({ hasText: 'Somebody saved this position' })).toBeVisible();
  await other.getByRole('button', { name: 'Keep and go on' }).click();
  await other.waitForURL((url) => url.href !== new URL(at, url).href);
  await other.goto(at);
  const marks = other.getByRole('region', { name: 'The part that stands there, marks' });
  await expect(marks.getByRole('textbox', { name: /^Poles/ })).toHaveValue('4');
  await expect(marks.getByRole('textbox', { name: /^Type/ })).toHaveValue('QX40');
});
