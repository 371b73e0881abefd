/** Into a job from what a machine does, or from what was measured; fault finding to a cause, an ending and a record that say it. */
import type { Page } from '@playwright/test';
import { isAccessible } from './accessible';
import { me, saved, stage } from './bench';
import { expect, test } from './test';

const search = (page: Page) => page.getByRole('textbox', { name: /^What it does, or what was measured/ });
const hunt = (page: Page) => page.getByRole('region', { name: 'Fault finding' });
const answer = (page: Page, words: string) =>
  hunt(page)
    .getByRole('region', { name: /^Next question/ })
    .getByRole('button', { name: words, exact: true });

test('from the palette: it chatters; the volts at the coil show why, and the job ends without a new part', async ({ page }) => {
  await page.goto('/');
  await page.getByRole('button', { name: /Find anything/ }).click();
  await page.getByRole('combobox').fill('contactor chatters');
  await page.getByRole('option', { name: /It chatters/ }).click();
  await page.waitForURL(/\/symptoms\?family=contactor/);
  await expect(page.getByRole('region', { name: 'At which position?' })).toBeVisible();
  await isAccessible(page, 'from a symptom');
  await page.getByRole('button', { name: /^K6 ballast 1/ }).click();
  await page.waitForURL(/\/swaps\//);
  await expect(hunt(page)).toContainText('It chatters');
  await expect(hunt(page)).toContainText('When does it do that?');
  await answer(page, 'When something large starts').click();
  // What the plates say already is not asked again, and every other question strikes what it cannot be.
  await expect(hunt(page).getByRole('list', { name: 'What remains' })).toContainText('Too few volts at the coil');
  await expect(hunt(page).getByRole('list', { name: 'What remains' })).not.toContainText('Coil is open');
  const volts = hunt(page).getByRole('textbox', { name: /^Volts at the coil while the command is given/ });
  if (!(await volts.isVisible()))
    await hunt(page)
      .getByRole('button', { name: /other check/ })
      .click();
  await volts.fill('84');
  await volts.press('Enter');
  await expect(hunt(page).getByRole('status')).toHaveText('Found: too few volts at the coil.');
  await expect(hunt(page)).toContainText('It lies elsewhere; the part stays.');
  await saved(page);
  await page.reload();
  await expect(hunt(page).getByRole('status')).toHaveText('Found: too few volts at the coil.');
  await isAccessible(page, 'fault finding');
  await stage(page, 'Sign off').click();
  const end = page.getByRole('region', { name: 'End without a new part' });
  await end.getByLabel('How the job ends').selectOption('Nothing found');
  await end.getByLabel('What was looked at and measured').fill('control transformer too small for two coils');
  await end.getByLabel('Answered for by').selectOption({ label: `${me}, electrician` });
  for (const digit of '135790') await end.getByRole('button', { name: `Digit ${digit}` }).click();
  await end.getByRole('button', { name: 'End the job' }).click();
  await page.waitForURL(/position=/);
  await expect(page.getByText(/Cause: too few volts at the coil/)).toBeVisible();
});

test('from a measurement: the reading is asked first, and an open cause is signed by nobody', async ({ page }) => {
  await page.goto('/symptoms');
  await search(page).fill('insulation neutral');
  await page.getByRole('button', { name: 'Insulation of the neutral to earth' }).click();
  await page.getByRole('button', { name: /^R1 cabin sockets/ }).click();
  await page.waitForURL(/ask=leak-neutral/);
  const box = hunt(page).getByRole('textbox', { name: /^Insulation of the neutral/ });
  await box.fill('80 MΩ');
  await box.press('Enter');
  await expect(hunt(page)).toContainText(/ruled out, and why/);
  // Begun and not shown: it is left open by name, or nothing is signed.
  await saved(page);
  await expect(hunt(page)).toContainText('Nothing is signed with the cause open');
  await hunt(page)
    .getByRole('textbox', { name: /^Nothing is signed/ })
    .fill('tester comes on Thursday');
  await hunt(page).getByRole('button', { name: 'Leave it open' }).click();
  await expect(hunt(page)).toContainText('Left open by Orla Fenwick: tester comes on Thursday');
  // A further answer makes it another question.
  await answer(page, 'It trips at random').click();
  await expect(hunt(page)).toContainText('Nothing is signed with the cause open');
});

test('nothing is found under nonsense, and one position asks its own family only', async ({ page }) => {
  await page.goto('/symptoms');
  await search(page).fill('qqxz');
  await expect(page.getByRole('status')).toContainText('Nothing is found');
  await page.goto('/symptoms?position=kestrel-ramp-f2');
  await expect(page.getByRole('button', { name: 'It operates at once at switching on' })).toBeVisible();
  await expect(page.getByRole('button', { name: 'It chatters' })).toHaveCount(0);
});
