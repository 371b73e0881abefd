/** A job that ends without a new part, and what is noted at a position: signed or named, in its history, in few touches. */
import { isAccessible } from './accessible';
import { confirmSafe, openPosition, stage, startSwap } from './bench';
import { expect, test } from './test';

test('a fault is noted in two touches, and the third within a year asks for the cause', async ({ page }) => {
  await openPosition(page, 'kestrel-winch', /^K2 /);
  const note = page.getByRole('region', { name: 'Note at this position' });
  for (const text of ['tripped at the start of the shift', 'tripped again at noon', 'and again in the rain']) {
    await note.getByRole('button', { name: 'Fault' }).click();
    await note.getByRole('textbox').fill(text);
    await note.getByRole('button', { name: 'Keep the fault' }).click();
    await expect(page.getByText(`${text} (Orla Fenwick)`)).toBeVisible();
  }
  await expect(page.getByText(/3 or more faults within 12 months/)).toBeVisible();
  await expect(page.getByRole('button', { name: /^K2 .*repeat failure/ })).toBeVisible();
});

test('a job ends as adjusted: made safe first, signed, and in the history of its position', async ({ page }) => {
  await openPosition(page, 'kestrel-ramp', /^K4 hoist, forward/);
  await startSwap(page);
  await stage(page, 'Sign off').click();
  const end = page.getByRole('region', { name: 'End without a new part' });
  await end.getByLabel('How the job ends').selectOption('Adjusted');
  await expect(end.getByText(/^Make safe first:/)).toBeVisible();
  await confirmSafe(page);
  await stage(page, 'Sign off').click();
  await end.getByLabel('How the job ends').selectOption('Adjusted');
  await end.getByLabel('What was set').fill('the dial of the overload relay behind it');
  await end.getByLabel('Old setting').fill('11 A');
  await end.getByLabel('New setting').fill('12.5 A');
  await end.getByLabel('Answered for by').selectOption({ label: 'Orla Fenwick, electrician' });
  for (const digit of '135790') await end.getByRole('button', { name: `Digit ${digit}` }).click();
  await page.evaluate(() => window.scrollTo(0, 0));
  await isAccessible(page, 'ending');
  await end.getByRole('button', { name: 'End the job' }).click();
  await page.waitForURL(/\?position=/);
  await expect(
    page.getByText('Adjusted: the dial of the overload relay behind it from 11 A to 12.5 A, signed by Orla Fenwick'),
  ).toBeVisible();
  await expect(page.getByRole('button', { name: /Start a job/ })).toBeVisible();
  await page.goto('/logbook/seal');
  await expect(page.getByText(/entries verified: all as they were signed/).first()).toBeVisible();
  await expect(page.getByText(/not as signed/)).toHaveCount(0);
});

test('a job is handed over with where it stands, and stays open', async ({ page }) => {
  await openPosition(page, 'kestrel-ramp', /^K6 ballast 1/);
  await startSwap(page);
  await stage(page, 'Sign off').click();
  const over = page.getByRole('region', { name: 'Hand the job over' });
  await over.getByLabel('To whom').selectOption({ label: 'Edric Sallow' });
  await over.getByLabel('Where it stands').fill('isolated, plates read, coil still to be measured');
  await over.getByRole('button', { name: 'Hand it over' }).click();
  await page.waitForURL(/\?position=/);
  await expect(
    page.getByText('Job handed over to Edric Sallow: isolated, plates read, coil still to be measured (Orla Fenwick)'),
  ).toBeVisible();
  await expect(page.getByRole('button', { name: /Continue the job/ })).toBeVisible();
});

test('a job that was opened at the wrong place is discarded by a foreman, and stands in the log', async ({ page, context }) => {
  await openPosition(page, 'kestrel-ramp', /^K5 /);
  await startSwap(page);
  await stage(page, 'Sign off').click();
  const end = page.getByRole('region', { name: 'End without a new part' });
  await end.getByLabel('How the job ends').selectOption('Discard the job');
  await end.getByLabel('Why it is discarded').fill('opened at the wrong position');
  await end.getByLabel('Approved by, a foreman').selectOption({ label: 'Runa Thorne, foreman' });
  await end.getByLabel('PIN of Runa Thorne', { exact: true }).and(page.locator('input')).fill('135790');
  await end.getByRole('button', { name: 'Discard the job' }).click();
  await page.waitForURL(/\?position=/);
  await expect(page.getByText(/^Job discarded by Orla Fenwick, approved by Runa Thorne/)).toBeVisible();
  await context.request.post('/api/v1/session/demo', { data: { personId: 'demo-hob' } });
  await page.goto('/crew/log');
  await expect(page.getByRole('row', { name: /Orla Fenwick.*Job discarded/ })).toBeVisible();
});
