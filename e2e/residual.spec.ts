/** Residual devices, breaker coils and capacitors in the real page: a blinded type replaced, a release found by measurement, a dual made of two singles. */
import { css } from './css';
import { isAccessible } from './accessible';
import type { Page } from '@playwright/test';
import { confirmMove, openPosition, proveAll, saved, sign, stage, startSwap, take } from './bench';
import { expect, test } from './test';

const signed = async (page: Page) => {
  await stage(page, 'Sign off').click();
  await sign(page);
  await expect(page.getByText(/Signed by Orla Fenwick/)).toBeVisible();
};
const takeFirst = async (page: Page, name: RegExp) => {
  await take(page, page.locator(css('table.board thead')).getByRole('button', { name }).first());
};

test('a blinded type AC is refused with its reason and replaced off the shelf', async ({ page }) => {
  await openPosition(page, 'ferrow-cabin', /^R1 cabin sockets/);
  await expect(page.getByText('Wrong part installed.')).toBeVisible();
  await startSwap(page);
  await stage(page, 'Requirements').click();
  await expect(page.getByText(/RCD type: AC, required A, F, B, B\+/)).toBeVisible();
  // It has tripped twice: the hunt is open, and says what leaks before anything is fitted.
  const leak = page.getByRole('region', { name: 'Fault finding' });
  await expect(leak).toContainText('2 faults here within a year');
  await leak.getByRole('button', { name: /other check/ }).click();
  const clamp = leak.getByRole('textbox', { name: /^Leakage of all loads together/ });
  await clamp.fill('6.4 mA');
  await clamp.press('Enter');
  await expect(leak).toContainText('2 ruled out, and why');
  const neutral = leak.getByRole('textbox', { name: /^Insulation of the neutral/ });
  await neutral.fill('0.02 Mohm');
  await neutral.press('Enter');
  await expect(leak).toContainText('Found: neutral touches earth behind it.');
  await page.getByRole('button', { name: 'Show the waveforms' }).click();
  const seen = page.getByRole('table', { name: 'What each type detects' });
  await page.getByRole('group', { name: 'Leakage current' }).getByRole('button', { name: 'pulsating DC' }).click();
  await expect(seen.getByRole('row', { name: /^AC / })).toContainText('does not trip');
  await expect(seen.getByRole('row', { name: /^A / })).toContainText(/ trips/);
  await stage(page, 'Candidates').click();
  const board = page.locator(css('table.board'));
  await expect(board.getByRole('row', { name: /^RCD type as removed/ })).toContainText('AC');
  await takeFirst(page, /^Wexmoor WD2 40\/30 A/);
  await expect(page.locator(css('.proof')).filter({ hasText: 'Break time at 5 x' })).toContainText('at most 40 ms');
  await proveAll(page);
  await signed(page);
  await expect(page.getByRole('main')).toContainText('Neutral touches earth behind it');
  await openPosition(page, 'ferrow-cabin', /^R1 cabin sockets/);
  await expect(page.getByText('Wrong part installed.')).toHaveCount(0);
});

test('"will not close" reaches the undervoltage release by measurement, and the release is swapped', async ({ page }) => {
  await openPosition(page, 'ferrow-incomer', /^Y3 undervoltage/);
  await startSwap(page);
  await stage(page, 'Requirements').click();
  const hunt = page.getByRole('region', { name: 'Why will it not close?' });
  const next = hunt.locator(css('.next-check'));
  // What is true of a breaker whose release has an open coil.
  const truth: [RegExp, string][] = [
    [/close button close it/, 'No'],
    [/trip button stand out/, 'No'],
    [/flag show the spring/, 'Yes'],
    [/carriage fully/, 'Yes'],
    [/interlocks free/, 'Yes'],
    [/plunger of the shunt/, 'Yes'],
    [/Coil of the undervoltage/, 'Coil open'],
  ];
  await expect(next).toBeVisible();
  for (let asked = 0; asked < 12 && (await next.count()) > 0; asked += 1) {
    const question = await next.getByRole('heading').innerText();
    await confirmMove(next);
    const word = truth.find(([pattern]) => pattern.test(question))?.[1];
    if (word) await next.getByRole('button', { name: word, exact: true }).click();
    else {
      // Only the release has its plate in this job; of the others the mark is read beside the volts.
      const mark = next.getByLabel(/^Mark of that coil/);
      if (!/release|control supply/.test(question)) {
        await mark.fill('230');
        await mark.press('Enter');
      }
      const reading = next.getByRole('textbox').first();
      await reading.fill(/shunt/.test(question) ? '0' : '224');
      await reading.press('Enter');
    }
    await expect(hunt.locator(css('.next-check h3')).filter({ hasText: question })).toHaveCount(0);
  }
  await expect(hunt.getByRole('status')).toHaveText('Found: coil of the undervoltage release is open.');
  await expect(hunt.getByRole('list', { name: 'What remains' })).toContainText('Coil of the undervoltage release is open');
  await saved(page);
  await page.reload();
  await expect(page.getByText('Found: coil of the undervoltage release is open.')).toBeVisible();
  await stage(page, 'Candidates').click();
  await takeFirst(page, /^Saltmarsh YUD release, delayed 230 V AC/);
  await expect(page.getByRole('table', { name: 'Settings, in the order of entry' })).toContainText('1.6');
  await proveAll(page);
  await signed(page);
  await expect(page.getByText('Coil of the undervoltage release is open').first()).toBeVisible();
});

test('a dual capacitor is replaced by two singles, with the terminal map', async ({ page }) => {
  await openPosition(page, 'kestrel-lighting', /^C1 hut cooling capacitor/);
  await startSwap(page);
  await stage(page, 'Candidates').click();
  await page.getByRole('button', { name: 'In stock', exact: true }).click();
  await takeFirst(page, /^Hartlebeck HC 40\/440 \+ Hartlebeck HC 7.5\/440/);
  const map = page.locator(css('.map'));
  await expect(map).toContainText('one terminal of each, joined');
  await expect(map).toContainText('other terminal of the fan capacitor');
  await expect(page.locator(css('.proof')).first()).toContainText('Discharged, the old and the new');
  await proveAll(page);
  await signed(page);
  await expect(page.getByText(/Hartlebeck HC 40\/440 \+ Hartlebeck HC 7.5\/440/).first()).toBeVisible();
});

test('the breaker to press: an unpowered release holds it open, anti-pumping waits, letters are kept', async ({ page }) => {
  await page.goto('/lab?bench=closing');
  await page.getByRole('button', { name: 'Press it' }).click();
  const front = page.getByRole('img', { name: /spring/ });
  const log = page.getByRole('list', { name: /What happened/ });
  await page.getByRole('button', { name: 'Close signal' }).click();
  await expect(front).toHaveAccessibleName(/^Closed, spring charged/);
  await page.getByRole('slider', { name: /Undervoltage source/ }).fill('30');
  await expect(front).toHaveAccessibleName(/^Open.*release out/);
  await page.getByRole('button', { name: 'Close button' }).click();
  await expect(log).toContainText('The undervoltage release is out');
  await page.getByRole('slider', { name: /Undervoltage source/ }).fill('100');
  await page.getByRole('button', { name: 'End the close signal' }).click();
  await page.getByRole('button', { name: 'Close signal' }).click();
  await expect(front).toHaveAccessibleName(/^Closed/);
  await page.getByRole('button', { name: 'Accessory bay codes' }).click();
  await page.getByRole('textbox', { name: 'Another maker' }).fill('Alder Moor');
  await page.getByRole('button', { name: 'Add', exact: true }).click();
  const table = page.locator(css('.letters')).filter({ hasText: 'Alder Moor' });
  await table.getByRole('button', { name: 'Add a row' }).click();
  await table.getByRole('textbox', { name: 'Letters, row 1' }).fill('V3');
  await table.getByRole('combobox', { name: 'Function, row 1' }).selectOption('undervoltage-release');
  await table.getByRole('button', { name: 'Save these codes' }).click();
  await expect(table.getByRole('status')).toContainText('Saved');
  await page.reload();
  await page.getByRole('button', { name: 'Accessory bay codes' }).click();
  await expect(
    page.locator(css('.letters')).filter({ hasText: 'Alder Moor' }).getByRole('textbox', { name: 'Letters, row 1' }),
  ).toHaveValue('V3');
});

test('the owner’s page and every check go on paper alone', async ({ page }) => {
  await openPosition(page, 'ferrow-cabin', /^R2/);
  await startSwap(page);
  await stage(page, 'Requirements').click();
  const owners = page.getByRole('region', { name: 'Summary for the owner' });
  await owners.getByRole('button', { name: 'Show the page' }).click();
  await expect(owners).toContainText('The device that was there is not the right one for this place.');
  await page.emulateMedia({ media: 'print' });
  await expect(page.getByRole('heading', { name: 'What it costs' })).toBeVisible();
  await expect(page.getByRole('heading', { name: 'Requirements' })).toBeHidden();
  await page.emulateMedia({ media: 'screen' });
  await page.goto('/lab?bench=closing');
  const paper = page.getByRole('heading', { name: 'Why will it not close? Checks' });
  await expect(paper).toBeHidden();
  await page.emulateMedia({ media: 'print' });
  await expect(paper).toBeVisible();
  await expect(page.getByRole('heading', { name: 'Lab', exact: true })).toBeHidden();
});

test('letters changed in two tabs: the second is told, keeps what it typed, and decides', async ({ page, context }) => {
  const other = await context.newPage();
  const bay = (one: typeof page) =>
    one.locator(css('.letters')).filter({ hasText: 'Wexmoor' }).getByRole('textbox', { name: 'Bay, row 1' });
  const keep = (one: typeof page) =>
    one.locator(css('.letters')).filter({ hasText: 'Wexmoor' }).getByRole('button', { name: 'Save these codes' });
  for (const [one, words] of [
    [page, 'upper left, seen first'],
    [other, 'upper left, seen second'],
  ] as const) {
    await one.goto('/lab?bench=closing');
    await one.getByRole('button', { name: 'Accessory bay codes' }).click();
    await bay(one).fill(words);
  }
  await keep(page).click();
  await expect(keep(page)).toBeDisabled();
  await expect(page.locator(css('.letters')).filter({ hasText: 'Wexmoor' }).getByRole('status')).toContainText('Saved');
  await context.setOffline(true);
  await keep(other).click();
  await expect(other.getByRole('alert').filter({ hasText: 'cannot be reached' })).toBeVisible();
  await context.setOffline(false);
  const meanwhile = other.getByRole('dialog', { name: 'Somebody else saved the codes of Wexmoor meanwhile' });
  await expect(meanwhile).toContainText('seen first');
  await meanwhile.getByRole('checkbox', { name: /seen second/ }).check();
  await meanwhile.getByRole('button', { name: 'Keep both as ticked' }).click();
  await expect(meanwhile).toBeHidden();
  await expect(other.locator(css('.letters')).filter({ hasText: 'Wexmoor' }).getByRole('status')).toContainText('Saved');
  await other.reload();
  await other.getByRole('button', { name: 'Accessory bay codes' }).click();
  await expect(bay(other)).toHaveValue('upper left, seen second');
});

test('the benches of the lab have no serious accessibility fault', async ({ page }) => {
  for (const bench of ['closing', 'residual']) {
    await page.goto(`/lab?bench=${bench}`);
    for (const tab of bench === 'closing' ? ['Find out why', 'Press it', 'Accessory bay codes'] : ['']) {
      if (tab) await page.getByRole('button', { name: tab }).click();
      await isAccessible(page, `${bench} ${tab}`);
    }
  }
});

test('a spent capacitor is told from a wrong one, and its reading goes on the record', async ({ page }) => {
  await openPosition(page, 'ferrow-cabin', /^C21 extract fan capacitor, .*worn-out part/);
  await expect(page.getByText('The correct part, worn out.')).toBeVisible();
  await startSwap(page);
  await stage(page, 'Requirements').click();
  const read = page.getByRole('region', { name: 'Condition of the removed part' });
  await expect(read).toContainText('Motor: weak, outside its tolerance');
  await expect(page.getByText(/The removed part was correct; it is worn out/)).toBeVisible();
  await stage(page, 'Candidates').click();
  await takeFirst(page, /^Wexmoor WK 12.5\/450/);
  await proveAll(page);
  await signed(page);
  await expect(page.getByRole('main')).toContainText(/Removed part, motor: weak, 10.9/);
});

test('the type is picked by its drawn symbol, and the verdict on the old one follows', async ({ page }) => {
  await openPosition(page, 'ferrow-pump', /^R10 lift pump drive/);
  await startSwap(page);
  await page.getByRole('combobox', { name: /^RCD type/ }).focus();
  const symbols = page.getByRole('group', { name: 'Its symbol' });
  await expect(symbols.getByRole('button', { name: /^A,/ })).toHaveAttribute('aria-pressed', 'true');
  await symbols.getByRole('button', { name: /straight over a dashed line/ }).click();
  await expect(page.getByRole('combobox', { name: /^RCD type/ })).toHaveValue('B');
  await expect(page.getByText('The removed part was correct')).toBeVisible();
});
