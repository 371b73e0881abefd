/** A whole swap by mouse: from the panel with a wrong part to a signed record and its downloads. */
import { css } from './css';
import { expect, test } from './test';
import { readFileSync } from 'node:fs';
import { acceptCircuit, confirmSafe, enterPin, openPosition, proveAll, saved, sayAll, stage, startSwap } from './bench';

test('the wrongly fitted contactor of the hoist is swapped and signed', async ({ page }) => {
  await openPosition(page, 'kestrel-ramp', /^K4 hoist, forward/);
  await expect(page.getByText('Wrong part installed.')).toBeVisible();
  await startSwap(page);
  await expect(page.getByText(/The removed part was wrong: full-load amps 27\s?A, 40\s?A required/)).toBeVisible();

  await stage(page, 'Requirements').click();
  await expect(page.getByRole('img', { name: /at least 40\s?A, removed 27\s?A/ })).toBeVisible();
  await page.getByRole('button', { name: /^Locked-rotor amps/ }).click();
  await expect(page.getByText(/Code G is 5.6 to 6.29 kVA a horsepower/)).toBeVisible();
  await expect(page.getByText(/NFPA 70 \(2023\), table 430.7\(B\), from memory/)).toBeVisible();

  await stage(page, 'Candidates').click();
  await expect(page.getByRole('button', { name: 'Nettlecombe N3 22', exact: true }).first()).toBeVisible();
  await page.getByRole('button', { name: 'Show the table' }).click();
  await expect(page.getByRole('columnheader', { name: 'First line that failed' })).toBeVisible();
  await page.getByRole('button', { name: 'Nettlecombe N3 22', exact: true }).first().click();
  await page.getByRole('button', { name: /^Take Nettlecombe N3 22/ }).click();

  await confirmSafe(page);
  await stage(page, 'Tests').click();
  await proveAll(page);

  await stage(page, 'Sign off').click();
  // The other one of the pair is still the small one: no interlock reaches both frames until it follows.
  await acceptCircuit(page);
  await page.getByLabel(/^Remark/).fill('Contacts welded: jogging was never counted.');
  await enterPin(page);
  await page.getByRole('button', { name: /^Sign off/ }).dblclick();
  await expect(page.getByRole('heading', { name: /K4 hoist, forward: Nettlecombe N3 22/ })).toBeVisible();
  await expect(page.getByText(/2 before, 1 left/)).toBeVisible();

  const download = async (name: string) => {
    const [file] = await Promise.all([page.waitForEvent('download'), page.getByRole('link', { name, exact: true }).click()]);
    return readFileSync((await file.path())!);
  };
  const json = JSON.parse((await download('JSON')).toString()) as {
    hash: string;
    record: { format: string; signedBy: string; removed: { verdict: string } };
  };
  expect(json.record).toMatchObject({ format: 'loyal-coil/swap-record', signedBy: 'Orla Fenwick', removed: { verdict: 'fails' } });
  expect(json.hash).toMatch(/^[0-9a-f]{64}$/);
  expect((await download('PDF')).subarray(0, 5).toString()).toBe('%PDF-');
  expect((await download('Label')).subarray(0, 5).toString()).toBe('%PDF-');

  await page.goto('/?panel=kestrel-ramp&position=kestrel-ramp-k4');
  await expect(page.getByRole('complementary').getByText('Wrong part installed.')).toHaveCount(0);
  await expect(page.getByText(/Nettlecombe N3 22 fitted, signed by Orla Fenwick/)).toBeVisible();
  await page.goto('/logbook');
  await expect(page.getByRole('link', { name: 'K4 hoist, forward' })).toBeVisible();
});

test('a typed plate fills its fields, marks its characters and leaves the rest alone', async ({ page }) => {
  await openPosition(page, 'kestrel-winch', /^K2 winch oil pump/);
  await startSwap(page);
  const line = page.getByRole('textbox', { name: 'Type or paste' });
  await line.fill('HP 15 V 230/460 A 40/20 CODE H PH 3 HZ 60 SF 1.15 FRAME XQ');
  await expect(page.getByText(/7 marks read/)).toBeVisible();
  await expect(page.getByText(/Not used: FRAME XQ/)).toBeVisible();
  await expect(page.locator(css('.under mark'))).toHaveCount(7);
  const plate = page.getByRole('region', { name: /^Load plate/ });
  await expect(plate.getByRole('textbox', { name: 'Power' })).toHaveValue('15\u2009hp');
  await expect(plate.getByRole('textbox', { name: 'Code' })).toHaveValue('H');
  await saved(page);
  await page.reload();
  await expect(page.getByRole('region', { name: /^Load plate/ }).getByRole('textbox', { name: 'Power' })).toHaveValue('15\u2009hp');
});

test('an impossible or wrong unit is said at its field and nothing is lost', async ({ page }) => {
  await openPosition(page, 'kestrel-winch', /^K2 winch oil pump/);
  await startSwap(page);
  const field = page.getByRole('region', { name: /^Load plate/ }).getByRole('textbox', { name: 'Full load' });
  for (const [text, reason] of [
    ['30 mV', /is in A; '30 mV' is in V/],
    ['0', /above 0 to/],
    ['-5', /above 0 to/],
    ['1e9', /above 0 to/],
    ['😀', /a number is needed/],
  ] as const) {
    await field.fill(text);
    await field.press('Tab');
    await expect(page.getByText(reason)).toBeVisible();
    await expect(field).toHaveValue(text);
  }
  await field.fill('25 A');
  await field.press('Tab');
  await expect(page.locator(css('.plate .fault-text'))).toHaveCount(0);
});

test('unreadable is one touch, and offers the recovery', async ({ page }) => {
  await openPosition(page, 'kestrel-winch', /^K3 bilge pump/);
  await startSwap(page);
  await page
    .getByRole('region', { name: /^Load plate/ })
    .getByRole('textbox', { name: 'Code' })
    .focus();
  await page.getByRole('button', { name: 'Unreadable' }).click();
  await expect(page.getByText(/How to recover it:/)).toBeVisible();
  await saved(page);
  await page.getByRole('button', { name: 'Undo' }).click();
  await expect(page.getByRole('region', { name: /^Load plate/ }).getByRole('textbox', { name: 'Code' })).toHaveValue('K');
});

test('a failing safety line cannot be taken; a failing must asks for name and reason', async ({ page }) => {
  await openPosition(page, 'ferrow-pump', /^K12 drainage B/);
  await startSwap(page);
  await stage(page, 'Candidates').click();
  await page.getByRole('button', { name: 'In stock', exact: true }).click();
  await page.getByRole('button', { name: 'Coil change allowed' }).click();
  await page.getByRole('button', { name: /columns$/ }).click();
  await page.getByRole('button', { name: 'Tarnside T50 11', exact: true }).click();
  await expect(page.getByText(/nobody can choose this part/)).toBeVisible();
  await expect(page.getByRole('button', { name: /^Take Tarnside T50/ })).toBeDisabled();
  await page.getByRole('button', { name: 'Wexmoor W50 11', exact: true }).click();
  await expect(page.getByText(/fault current at this position is not known/).first()).toBeVisible();
  // A safety line that is not known asks for what will settle it, beside the reason.
  await expect(page.getByRole('textbox', { name: /^What will settle: / })).toHaveCount(1);
  await expect(page.getByRole('button', { name: /^Take Wexmoor W50 11/ })).toBeDisabled();
  await sayAll(page);
  await expect(page.getByRole('button', { name: /^Take Wexmoor W50 11/ })).toBeEnabled();
});
