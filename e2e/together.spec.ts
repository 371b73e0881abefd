/** Two tabs, a lost connection, a double start: nothing is overwritten and nothing typed is lost. */
import { css } from './css';
import { expect, test } from './test';
import { openPosition, saved, startSwap } from './bench';

const aux = 'Aux NO in use';

test('the later of two tabs is told what changed and can keep both', async ({ browser }) => {
  const context = await browser.newContext();
  const [one, two] = [await context.newPage(), await context.newPage()];
  await openPosition(one, 'kestrel-winch', /^K1 haul winch/);
  await startSwap(one);
  await two.goto(one.url());
  const plate = (page: typeof one) => page.getByRole('region', { name: /^Load plate/ });
  await plate(one).getByRole('textbox', { name: 'Service factor' }).fill('1.25');
  await plate(one).getByRole('textbox', { name: 'Service factor' }).press('Enter');
  await saved(one);
  await plate(two).getByRole('textbox', { name: 'Code' }).fill('F');
  await plate(two).getByRole('textbox', { name: 'Code' }).press('Enter');
  const dialog = two.getByRole('dialog', { name: /Somebody else saved this job/ });
  await expect(dialog).toContainText('Load plate: Service factor: 1.25');
  await expect(dialog).toContainText('Load plate: Code letter: F');
  await dialog.getByRole('button', { name: 'Keep both as ticked' }).click();
  await saved(two);
  await one.reload();
  await expect(plate(one).getByRole('textbox', { name: 'Service factor' })).toHaveValue('1.25');
  await expect(plate(one).getByRole('textbox', { name: 'Code' })).toHaveValue('F');
  await context.close();
});

test('the same mark changed in both tabs: theirs stays unless mine is ticked', async ({ browser }) => {
  const context = await browser.newContext();
  const [one, two] = [await context.newPage(), await context.newPage()];
  await openPosition(one, 'kestrel-winch', /^K1 haul winch/);
  await startSwap(one);
  await two.goto(one.url());
  const card = (page: typeof one) => page.getByRole('region', { name: 'Circuit and duty' }).getByRole('textbox', { name: aux });
  await card(one).fill('2');
  await card(one).press('Enter');
  await saved(one);
  await card(two).fill('3');
  await card(two).press('Enter');
  await two.getByRole('button', { name: 'Use theirs, discard mine' }).click();
  await expect(card(two)).toHaveValue('2');
  await saved(two);
  await context.close();
});

test('without a connection the page says so, keeps what was typed, and saves when it is back', async ({ page, context }) => {
  await openPosition(page, 'kestrel-winch', /^K3 bilge pump/);
  await startSwap(page);
  await context.setOffline(true);
  const power = page.getByRole('region', { name: /^Load plate/ }).getByRole('textbox', { name: 'Power' });
  await power.fill('2 hp');
  await power.press('Enter');
  await expect(page.locator(css('.save-state'))).toContainText('kept on this device');
  await expect(power).toHaveValue('2\u2009hp');
  await context.setOffline(false);
  await saved(page);
  await page.reload();
  await expect(page.getByRole('region', { name: /^Load plate/ }).getByRole('textbox', { name: 'Power' })).toHaveValue('2\u2009hp');
});

test('an address that is not there says so', async ({ page }) => {
  await page.goto('/swaps/00000000-0000-0000-0000-000000000000');
  await expect(page.getByRole('heading', { name: 'Page not found' })).toBeVisible();
  await page.goto('/records/nonsense');
  await expect(page.getByRole('heading', { name: 'Page not found' })).toBeVisible();
});
