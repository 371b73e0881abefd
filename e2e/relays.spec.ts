/** Relays, timers and monitors in the real page: rewiring of another base, settings, the lab, the panel meter. */
import { css } from './css';
import { isAccessible } from './accessible';
import { startPanelMeter, type PanelMeter } from '../standins/panel-meter';
import { confirmEnergise, openPosition, saved, stage, startSwap, take, proveAndSign } from './bench';
import { expect, test } from './test';

let meter: PanelMeter;
test.beforeAll(async () => {
  meter = await startPanelMeter();
});
test.afterAll(() => meter.close());

test('an 11-pin timer is swapped for the 8-pin one on the shelf: a check, with every wire listed', async ({ page }) => {
  await openPosition(page, 'kestrel-ramp', /^K9 second fan/);
  await startSwap(page);
  await stage(page, 'Requirements').click();
  await expect(page.getByRole('region', { name: 'Required timing diagram' })).toContainText('on-delay');
  await stage(page, 'Candidates').click();
  await page.getByRole('button', { name: 'In stock', exact: true }).click();
  const board = page.locator(css('table.board'));
  await expect(board.locator(css('thead .pick'))).toHaveCount(1);
  await expect(board.locator('thead')).toContainText('Nettlecombe TM4 P82');
  const row = board.getByRole('row', { name: /^Socket 11 pins/ });
  await expect(row).toContainText('octal, 8 pins');
  await take(page, board.locator(css('thead .pick')));
  const map = page.locator(css('.base-map'));
  await expect(map).toContainText('Other socket: every wire moves');
  await expect(map.locator(css('path.wire'))).toHaveCount(5);
  await expect(page.locator(css('.map'))).toContainText('10');
  await expect(page.locator(css('.map > div')).filter({ hasText: 'pole 2' })).toHaveCount(0);
  await expect(page.getByRole('table', { name: 'Settings, in the order of entry' })).toContainText('012, unit s');
  await proveAndSign(page);
  await expect(page.getByText(/Signed by Orla Fenwick/)).toBeVisible();
  await expect(page.getByRole('table', { name: 'Settings' })).toContainText('012, unit s');
});

test('a monitoring relay is set by its sheet, what was left is kept, and the meter fills the proofs', async ({ page }) => {
  await openPosition(page, 'ferrow-pump', /^K10 supply watch/);
  await startSwap(page);
  await stage(page, 'Candidates').click();
  await expect(page.getByText(/monitoring relays judged/)).toBeVisible();
  await take(page, page.locator(css('table.board thead .pick')).first());
  const sheet = page.getByRole('table', { name: 'Settings, in the order of entry' });
  await expect(sheet).toContainText('348');
  await expect(sheet).toContainText('Unbalance');
  const left = page.getByRole('textbox', { name: 'Undervoltage, as left' });
  await left.fill('350 V');
  await left.press('Enter');
  await saved(page);
  // Keys of the maker's menu, once somebody has entered them, stand at the setting to be ticked.
  const swap = await (await page.request.get(`/api/v1/swaps/${/swaps\/([^/?]+)/.exec(page.url())?.[1]}`)).json();
  const { maker } = await (await page.request.get(`/api/v1/parts/${swap.state.choice.part.partId}`)).json();
  const keys = { maker, kind: 'keys', sign: 'undervoltage', means: 'MENU 2 s; U<; OK' };
  expect((await page.request.post('/api/v1/device-signs', { data: keys })).ok()).toBe(true);
  await page.reload();
  await expect(page.getByRole('textbox', { name: 'Undervoltage, as left' })).toHaveValue('350 V');
  const strokes = page.getByRole('list', { name: 'Keys for Undervoltage' });
  await expect(strokes.getByRole('listitem')).toHaveText(['MENU 2 s', 'U<', 'OK']);
  await strokes.getByRole('checkbox').nth(1).check();
  await expect(strokes.getByRole('checkbox', { checked: true })).toHaveCount(1);
  await confirmEnergise(page);
  await page.getByLabel('Panel meter').fill('127.0.0.1:1');
  await page.getByRole('button', { name: 'Read the meter' }).click();
  await expect(page.getByRole('alert').filter({ hasText: 'Nothing listens' })).toBeVisible();
  await page.getByLabel('Panel meter').fill(`127.0.0.1:${meter.port}`);
  await page.getByRole('button', { name: 'Read the meter' }).click();
  await expect(page.getByText(/Both tests are filled in/)).toBeVisible();
  await expect(page.getByRole('textbox', { name: 'Lowest line volts shown' })).toHaveValue(/400/);
});

test('the lab: a held phase is missed by undervoltage and seen by asymmetry; what cannot stand is refused', async ({ page }) => {
  await page.goto('/lab?bench=supply');
  const box = (name: string) => page.getByRole('region', { name: 'Settings' }).getByRole('textbox', { name, exact: true });
  const run = page.getByRole('button', { name: 'Run the relay' });
  await run.click();
  await expect(page.getByRole('status').filter({ hasText: '0 missed, 0 false trips' })).toBeVisible();
  await box('Unbalance').fill('');
  await box('Unbalance').press('Enter');
  await run.click();
  await expect(page.getByRole('status').filter({ hasText: '1 missed' })).toBeVisible();
  await expect(page.getByText(/Missed: lost phase at 1.min/)).toBeVisible();
  await box('Undervoltage U<').fill('460');
  await box('Undervoltage U<').press('Enter');
  await expect(page.getByRole('alert').filter({ hasText: 'not below overvoltage' })).toBeVisible();
  await expect(run).toBeDisabled();
  await page.getByRole('button', { name: 'Use calculated settings' }).click();
  await expect(run).toBeEnabled();
  await page.getByRole('button', { name: 'Sweep' }).click();
  await expect(page.getByText(/of 2500 points are clear/)).toBeVisible({ timeout: 30_000 });
  await page.getByRole('button', { name: 'Take the middle' }).click();
  await run.click();
  await expect(page.getByRole('status').filter({ hasText: '0 missed, 0 false trips' })).toBeVisible();
});

test('a whole hour of events is run and swept in the worker, and can be cancelled', async ({ page }) => {
  await page.goto('/lab?bench=supply');
  await page.getByRole('button', { name: 'A whole hour at random' }).click();
  await expect(page.getByText(/\d+ made-up events in an hour/)).toBeVisible();
  await page.getByRole('button', { name: 'Run the relay' }).click();
  await expect(page.getByRole('status').filter({ hasText: /It trips \d+ times/ })).toBeVisible({ timeout: 30_000 });
  // A fast machine is done before a hand reaches the button: it is pressed as soon as it stands there.
  await page.evaluate(() =>
    new MutationObserver((_, observer) => {
      const cancel = [...document.querySelectorAll('button')].find((button) => button.textContent === 'Cancel');
      if (!cancel) return;
      observer.disconnect();
      cancel.click();
    }).observe(document.body, { childList: true, subtree: true }),
  );
  await page.getByRole('button', { name: 'Sweep' }).click();
  await expect(page.getByRole('progressbar')).toHaveCount(0);
  await expect(page.getByRole('button', { name: 'Sweep' })).toBeEnabled();
  await expect(page.getByText(/of 2500 points are clear/)).toHaveCount(0);
});

test('the lab reads a recording and a meter, and says what is wrong with them', async ({ page }) => {
  await page.goto('/lab?bench=supply');
  const file = page.locator('input[type=file]');
  await file.setInputFiles({
    name: 'bad.csv',
    mimeType: 'text/csv',
    buffer: Buffer.from('seconds,u12,u23,u31\n0,400,400,400\n1,400,high,400\n'),
  });
  await expect(page.getByRole('alert').filter({ hasText: 'Line 3' })).toBeVisible();
  const rows = Array.from({ length: 400 }, (_, i) => `${(i * 0.1).toFixed(1)},${i > 100 && i < 300 ? 330 : 400},400,400,50`).join('\n');
  await file.setInputFiles({ name: 'night.csv', mimeType: 'text/csv', buffer: Buffer.from(`seconds,u12,u23,u31,hz\n${rows}\n`) });
  await expect(page.getByText('Recorded: night.csv')).toBeVisible();
  await page.getByRole('button', { name: 'Run the relay' }).click();
  await expect(page.getByRole('status').filter({ hasText: 'It trips 1 time' })).toBeVisible();
  await page.getByText('Panel meter (Modbus TCP)').click();
  await page.getByLabel('Address and port').fill(`127.0.0.1:${meter.port}`);
  await page.getByRole('button', { name: 'Read once' }).click();
  await expect(page.getByText(/Frequency 50.Hz/)).toBeVisible();
  await page.getByRole('button', { name: 'Record', exact: true }).click();
  await expect(page.getByRole('button', { name: /Stop after [3-9] readings/ })).toBeVisible({ timeout: 20_000 });
  await page.getByRole('button', { name: /Stop after/ }).click();
  await expect(page.getByText(/Recorded: panel meter/)).toBeVisible();
});

test('a timer is played from a script, by hand, and found from its trace', async ({ page }) => {
  await page.goto('/lab');
  await expect(page.getByRole('table', { name: 'Changes of the contact' })).toContainText(/closes 2.s, opens 10.s/);
  const script = page.getByLabel('Script');
  await script.fill('nothing at all');
  await script.press('Enter');
  await expect(page.getByRole('alert').filter({ hasText: 'written such as' })).toBeVisible();
  await script.fill('supply 0 on; signal 1 on 3 off');
  await script.press('Enter');
  await expect(page.getByRole('table', { name: 'Changes of the contact' })).toContainText(/closes 1.s, opens 7.s/);
  await page.getByRole('button', { name: 'Find it from a timing diagram' }).click();
  const trace = page.getByLabel('Timing diagram of the circuit');
  await trace.fill('supply 0 on; output 0 on 2 off 10 on 12 off');
  await trace.press('Enter');
  await expect(page.getByText('recycle starting on, 2')).toBeVisible();
  await page.getByRole('button', { name: 'Which timers of the catalogue do it' }).click();
  await expect(page.getByText(/\d+ do it: /)).toBeVisible();
  await page.getByRole('button', { name: 'By hand' }).click();
  await page.getByLabel('Function').selectOption('interval');
  await page.getByRole('button', { name: 'Supply off' }).press('Enter');
  await expect(page.getByRole('status').filter({ hasText: 'Contact closed' })).toBeVisible();
  await expect(page.getByRole('status').filter({ hasText: 'Contact open' })).toBeVisible({ timeout: 15_000 });
  await isAccessible(page, 'timer bench');
});
