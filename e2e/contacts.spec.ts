/** What contacts switch as rows, and what a contact must do as a drawing: on the job, not as a grammar to be typed. */
import { openPosition, saved, startSwap } from './bench';
import { expect, test } from './test';

test('rows of contacts are changed, added and taken away, and the requirements follow', async ({ page }) => {
  await openPosition(page, 'kestrel-ramp', /^CR1 ramp level/);
  await startSwap(page);
  const rows = page.getByRole('region', { name: 'What its contacts switch' });
  await expect(rows.getByRole('row')).toHaveCount(3);
  await rows.getByRole('button', { name: /^Add a row/ }).click();
  await rows.getByLabel('Load, row 3').selectOption('resistive');
  await rows.getByLabel('Amps, row 3').fill('two');
  await rows.getByLabel('Amps, row 3').press('Enter');
  await expect(rows.getByRole('alert')).toBeVisible();
  await rows.getByLabel('Amps, row 3').fill('2 A');
  await rows.getByLabel('Amps, row 3').press('Enter');
  await expect(rows.getByRole('alert')).toHaveCount(0);
  await saved(page);
  await page.reload();
  await expect(rows.getByLabel('Amps, row 3')).toHaveValue('2\u2009A');
  await rows.getByRole('button', { name: 'Take row 3 away' }).click();
  await expect(rows.getByRole('row')).toHaveCount(3);
  await saved(page);
});

test('the worn function of a timer is found from what its contact does, and brought back to its plate', async ({ page }) => {
  await openPosition(page, 'kestrel-ramp', /^K9 second fan/);
  await startSwap(page);
  const drawn = page.getByRole('region', { name: 'What its contact must do, drawn' });
  await expect(page.getByText('Whether the removed part was correct is not known')).toBeVisible();
  await drawn.getByRole('button', { name: 'Draw it' }).click();
  await expect(drawn.getByRole('img')).toBeVisible();
  await drawn
    .getByRole('group', { name: 'Functions that give it' })
    .getByRole('button', { name: /^on-delay, 12/ })
    .click();
  await saved(page);
  await expect(drawn.getByRole('status')).toContainText('Noted of the removed one: on-delay');
  await expect(page.getByText('Whether the removed part was correct is not known')).toHaveCount(0);
  await page.reload();
  await drawn.getByRole('button', { name: 'Draw it' }).click();
  await expect(drawn.getByRole('status')).toContainText('on-delay');
});

test('Recover, at the worn function of a timer, finds it from what was seen on the bench', async ({ page }) => {
  await openPosition(page, 'kestrel-ramp', /^K9 second fan/);
  await startSwap(page);
  const plate = page.getByRole('region', { name: /^Removed plate/ });
  await plate.getByRole('button', { name: /^Timing functions: unreadable/ }).click();
  await page.keyboard.press('Escape');
  await page.getByRole('button', { name: 'Recover it' }).click();
  const dialog = page.getByRole('dialog', { name: /^Recover/ });
  await expect(dialog).toContainText('on a bench supply behind a fuse');
  const typed = dialog.getByRole('textbox', { name: 'What it did, typed' });
  await typed.fill('output goes on');
  await typed.press('Enter');
  await expect(dialog.getByRole('alert')).toBeVisible();
  await typed.fill('supply 0 on; output 0 off 7 on');
  await typed.press('Enter');
  await dialog
    .getByRole('group', { name: 'Functions that give it' })
    .getByRole('button', { name: /^on-delay, 7/ })
    .click();
  await expect(dialog).toBeHidden();
  await saved(page);
  await page.reload();
  await expect(plate.getByRole('button', { name: /^Timing functions: measured/ })).toBeVisible();
  await expect(page.getByText('Whether the removed part was correct is not known')).toHaveCount(0);
});
