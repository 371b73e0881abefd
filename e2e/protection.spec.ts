/** Breakers, fuses and overloads in the real page: a wrong one refused and replaced, curves restated, supply walked, a cause hunted. */
import { css } from './css';
import { isAccessible } from './accessible';
import { openPosition, saved, stage, startSwap, take, proveAndSign } from './bench';
import type { Page } from '@playwright/test';
import { onDisk } from './on-disk';
import { expect, test } from './test';

test('an AC breaker on the battery is refused as a safety line; the DC one from the shelf is proved and signed', async ({ page }) => {
  await openPosition(page, 'kestrel-charger', /^Q2 thruster/);
  await expect(page.getByText('Wrong part installed.')).toBeVisible();
  await startSwap(page);
  await stage(page, 'Candidates').click();
  const board = page.locator(css('table.board'));
  await expect(board.locator(css('thead .pick')).first()).toContainText('Saltmarsh DC 150/2');
  await expect(page.getByText(/breakers judged/)).toBeVisible();
  await expect(page.getByRole('button', { name: 'Coil change allowed' })).toHaveCount(0);
  await take(page, board.locator(css('thead .pick')).first());
  await proveAndSign(page);
  await expect(page.getByText(/Signed by Orla Fenwick/)).toBeVisible();
  await expect(page.getByText(/Installed: Saltmarsh DC 150\/2, 150 A, 2 poles/)).toBeVisible();
});

test('a fuse that goes a third time opens a hunt; what is found stays and goes on the record', async ({ page }) => {
  await openPosition(page, 'kestrel-ramp', /^F2 control/);
  await startSwap(page);
  await stage(page, 'Requirements').click();
  const hunt = page.getByRole('region', { name: 'Fault finding' });
  await expect(hunt).toContainText('3 faults here within a year');
  await hunt.getByRole('button', { name: /other check/ }).click();
  const box = hunt.getByRole('textbox', { name: /^Insulation resistance/ });
  await box.fill('many');
  await box.press('Enter');
  await expect(hunt.getByRole('alert')).toBeVisible();
  await box.fill('0.3 MΩ');
  await box.press('Enter');
  await expect(hunt).toContainText('Found: ground fault or short.');
  await saved(page);
  await page.reload();
  await expect(page.getByRole('region', { name: 'Fault finding' })).toContainText('Found: ground fault or short.');
  await expect(page.getByText(/at most 3\.1\sA|3\.1\sA/).first()).toBeVisible();
});

test('the curves restate every judgement as a device or a setting changes', async ({ page }) => {
  await page.goto('/curves');
  const lines = page.getByRole('list', { name: 'Results' });
  await expect(lines).toContainText('Starts without tripping: fits');
  await page.getByLabel('Kind of Fuse gG 63 A').selectOption('breaker-b');
  await expect(lines).toContainText('Starts without tripping: check');
  const rated = page.getByRole('textbox', { name: 'Rated, A' }).first();
  await rated.fill('16');
  await rated.press('Enter');
  await expect(lines).toContainText('Starts without tripping: fails');
  await expect(lines).toContainText('Carries the load: fails');
  await rated.fill('sixteen');
  await rated.press('Enter');
  await expect(page.locator(css('.curve-device [role=alert]'))).toBeVisible();
  // The dial of the relay is dragged on the chart: it is the first setting of the chosen device.
  await page.getByText('Overload relay class 10, 26 A', { exact: true }).first().click();
  await page.locator(css('.curve-chart')).scrollIntoViewIfNeeded();
  const dial = page.locator(css('.curve-setting b')).first();
  const before = await dial.innerText();
  const box = (await page.locator(css('.curve-chart canvas')).boundingBox())!;
  await page.mouse.move(box.x + box.width * 0.5, box.y + box.height * 0.5);
  await page.mouse.down();
  await page.mouse.move(box.x + box.width * 0.54, box.y + box.height * 0.5, { steps: 5 });
  await page.mouse.up();
  await expect(dial).not.toHaveText(before);
  await page.getByRole('button', { name: 'Show as a table' }).click();
  await expect(page.getByRole('table').locator('tbody tr')).toHaveCount(2);
});

test('a curve of one’s own comes in as CSV and goes out again; bad files are refused in words', async ({ page }) => {
  await page.goto('/curves');
  const file = page.getByLabel('Curve file');
  const give = (text: string, name = 'maker.csv') => file.setInputFiles(onDisk({ name, buffer: text }));
  for (const [text, words] of [
    ['10,100\n5,10', /falls/],
    ['nothing here', /No point/],
    ['10,100\n20,x', /no current and time/],
    ['x'.repeat(10_000_000), /MB/],
  ] as const) {
    await give(text);
    await expect(page.locator('[role=alert]').filter({ hasText: words })).toBeVisible();
  }
  await give('amps,seconds,edge\n20,1000,fast\n100,1,fast\n30,2000,slow\n150,2,slow\n', 'own breaker.csv');
  await expect(page.getByText('own breaker', { exact: true })).toBeVisible();
  const download = page.waitForEvent('download');
  await page.getByRole('button', { name: 'Chosen curve as CSV' }).click();
  const stream = await (await download).createReadStream();
  const chunks: Buffer[] = [];
  for await (const chunk of stream) chunks.push(chunk as Buffer);
  expect(Buffer.concat(chunks).toString()).toContain('150,2,slow');
});

test('the supply of a panel is walked node by node, saved, and taken by a position', async ({ page }) => {
  await page.goto('/supply/ferrow-incomer');
  const line = page.getByRole('list', { name: 'One-line from source to position' });
  await expect(line.getByRole('button')).toHaveCount(3);
  const last = line.getByRole('button').last();
  const before = await last.innerText();
  await last.click();
  const metres = page.getByRole('textbox', { name: 'Length' });
  await metres.fill('90');
  await metres.press('Enter');
  await expect(last).not.toHaveText(before);
  await page.getByRole('combobox', { name: /^Add/ }).selectOption('measured');
  await page.getByRole('textbox', { name: 'Maximum fault current' }).fill('7.4 kA');
  await page.getByRole('textbox', { name: 'Maximum fault current' }).press('Enter');
  await expect(line.getByRole('button').last()).toContainText('7400');
  await page.getByRole('button', { name: /^Save the supply/ }).click();
  await expect(page.getByRole('status').filter({ hasText: 'Saved' })).toBeVisible();
  await page.reload();
  await expect(line.getByRole('button')).toHaveCount(4);
  await page.goto('/supply/no-such-panel');
  await expect(page.getByRole('heading', { name: 'Page not found' })).toBeVisible();
});

test('a supply saved in two tabs is never written over unseen, and one typed without a connection is kept', async ({ page, context }) => {
  const metres = (one: Page) => one.getByRole('textbox', { name: 'Length' });
  const type = async (one: Page, value: string) => {
    await one.getByRole('list', { name: 'One-line from source to position' }).getByRole('button').filter({ hasText: 'feeder' }).click();
    await metres(one).fill(value);
    await metres(one).press('Enter');
  };
  const saveButton = (one: Page) => one.getByRole('button', { name: /^Save the supply/ });
  const said = (one: Page, words: string | RegExp) => expect(one.getByRole('status').filter({ hasText: words })).toBeVisible();
  await page.goto('/supply/ferrow-pump');
  const second = await context.newPage();
  await second.goto('/supply/ferrow-pump');
  await type(page, '31');
  await saveButton(page).click();
  await said(page, 'Saved');
  await type(second, '47');
  await saveButton(second).click();
  const meanwhile = second.getByRole('heading', { name: 'Somebody else saved this supply meanwhile' });
  await expect(meanwhile).toBeVisible();
  await second.getByRole('button', { name: 'Use theirs, discard mine' }).click();
  await second.getByRole('list', { name: 'One-line from source to position' }).getByRole('button').filter({ hasText: 'feeder' }).click();
  await expect(metres(second)).toHaveValue(/^31/);
  // Once more, and this time mine goes over theirs, knowingly.
  await type(page, '33');
  await saveButton(page).click();
  await said(page, 'Saved');
  await type(second, '52');
  await saveButton(second).dblclick();
  await expect(meanwhile).toBeVisible();
  await second.getByRole('checkbox', { name: /yours would replace it/ }).check();
  await second.getByRole('button', { name: 'Keep both as ticked' }).click();
  await said(second, 'Saved');
  await second.close();
  // Without a connection what was typed stays, through a reload.
  await page.reload();
  await page.route('**/api/v1/panels/**', (route) => route.abort());
  await type(page, '64');
  await saveButton(page).click();
  await said(page, /kept on this device, trying again/);
  await page.reload();
  await said(page, /typed here before/);
  await page.unroute('**/api/v1/panels/**');
  await page.getByRole('list', { name: 'One-line from source to position' }).getByRole('button').filter({ hasText: 'feeder' }).click();
  await expect(metres(page)).toHaveValue(/^64/);
  await saveButton(page).click();
  await said(page, 'Saved');
  await page.reload();
  await page.getByRole('list', { name: 'One-line from source to position' }).getByRole('button').filter({ hasText: 'feeder' }).click();
  await expect(metres(page)).toHaveValue(/^64/);
});

test('a trip unit with earth fault and maintenance setting restates the lines', async ({ page }) => {
  await page.goto('/curves');
  const lines = page.getByRole('list', { name: 'Results' });
  await expect(lines).not.toContainText('Settings of the trip unit');
  await page.getByLabel('Kind of Fuse gG 63 A').selectOption('trip-unit');
  await expect(lines).toContainText('Settings of the trip unit: fits');
  const rated = page.getByRole('textbox', { name: 'Rated, A' }).first();
  await rated.fill('250');
  await rated.press('Enter');
  await expect(lines).toContainText('Clears the least fault in time: fails');
  await page.getByRole('checkbox', { name: 'Earth-fault function (G)' }).check();
  await expect(lines).toContainText('Clears the least fault in time: fits');
  await page.getByRole('checkbox', { name: 'The minimum fault is an earth fault' }).uncheck();
  await expect(lines).toContainText('Clears the least fault in time: fails');
  await page.getByRole('checkbox', { name: 'Maintenance setting is on' }).check();
  await expect(lines).toContainText('Settings of the trip unit: check');
  await expect(lines).toContainText('Clears the least fault in time: fits');
});

test('a maker’s curve is kept with its part, drawn at its position, and taken away', async ({ page }) => {
  await page.goto('/parts/nettlecombe-nb-125n-20-3p');
  const curve = page.getByRole('region', { name: 'The maker’s curve' });
  await expect(curve).toContainText('None is stored');
  await expect(curve.getByRole('button', { name: 'Keep a curve, CSV' })).toBeDisabled();
  await curve.getByRole('textbox', { name: 'Source of the points' }).fill('sheet 12, page 3');
  const give = (text: string) =>
    curve.getByLabel('Curve file of this part').setInputFiles({ name: 'curve.csv', mimeType: 'text/csv', buffer: Buffer.from(text) });
  await give('10,5\n5,10');
  await expect(curve.getByRole('alert')).toContainText('falls');
  await give('amps,seconds,edge\n21,7200,fast\n140,0.1,fast\n150,0.01,fast\n27,7200,slow\n240,0.1,slow\n250,0.02,slow\n');
  await expect(curve).toContainText('6 points from sheet 12, page 3');
  await expect(curve).toContainText('holds to 140');
  await page.reload();
  await expect(curve).toContainText('opens within 0.1 s from 240');
  await expect(page.getByRole('row', { name: /Trips instantaneously above/ })).toContainText('240');
  await curve.getByRole('link', { name: 'See it on the curves desk' }).click();
  await expect(page.getByRole('heading', { name: /NB125N 20\/3/ })).toBeVisible();
  await expect(page.getByText('Points of the maker, as given.')).toBeVisible();
  await page.goBack();
  await curve.getByRole('button', { name: 'Remove' }).click();
  await expect(curve).toContainText('None is stored');
});

test('curves and supply have no serious accessibility fault', async ({ page }) => {
  for (const view of ['/curves', '/curves?position=kestrel-ramp-f4', '/supply/ferrow-gate?position=ferrow-gate-k1']) {
    await page.goto(view);
    await expect(page.getByRole('heading').first()).toBeVisible();
    await isAccessible(page, view);
  }
});
