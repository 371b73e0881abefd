/** Circuits: seen on the desk, made of one's own, answered at the panel, and shown at a job with the part chosen. */
import type { Page } from '@playwright/test';
import { isAccessible } from './accessible';
import { acceptCircuit, openPosition, saved, stage, startSwap } from './bench';
import { css } from './css';
import { expect, test } from './test';

const sheet = (page: Page, name: string) => page.getByRole('region', { name: `Circuit ${name}`, exact: true });

test('a circuit is found on the desk, what is seen at the panel is answered, and it is taken apart', async ({ page }) => {
  await page.goto('/?panel=ferrow-gate');
  await page.getByRole('link', { name: /^Circuit Sluice 1, not known, K3 K4/ }).click();
  await expect(page.getByRole('heading', { name: 'Circuits of Gate hydraulics' })).toBeVisible();
  const electrical = sheet(page, 'Sluice 1').getByRole('group', { name: /^Electrical interlock is wired/ });
  await electrical.getByRole('button', { name: 'No' }).click();
  await expect(sheet(page, 'Sluice 1').getByRole('listitem').filter({ hasText: 'Electrical interlock fails' })).toBeVisible();
  await electrical.getByRole('button', { name: 'Yes' }).click();
  await expect(electrical.getByRole('button', { name: 'Yes' })).toHaveAttribute('aria-pressed', 'true');
  // Once asked, once sure.
  await sheet(page, 'Sluice 1').getByRole('button', { name: 'Take apart' }).click();
  await sheet(page, 'Sluice 1')
    .getByRole('button', { name: /^Yes, take it apart/ })
    .click();
  await expect(sheet(page, 'Sluice 1')).toHaveCount(0);
});

test('a circuit of one’s own by keyboard alone; a name that is taken is said, and nothing is lost', async ({ page }) => {
  await page.goto('/circuits/kestrel-winch');
  await page.getByRole('button', { name: 'New circuit' }).press('Enter');
  const form = page.getByRole('region', { name: 'New circuit' });
  await form.getByLabel('Name of the circuit').fill('Bilge pump');
  await form.getByRole('checkbox', { name: /^Q1 incomer/ }).press('Space');
  await form.getByRole('checkbox', { name: /^K1 haul winch/ }).press('Space');
  await form.getByLabel('Name of the circuit').press('Enter');
  await expect(page.getByRole('alert').filter({ hasText: 'has a circuit' })).toContainText('Give it another name');
  await form.getByLabel('Name of the circuit').fill('Haul winch');
  await form.getByLabel('Name of the circuit').press('Enter');
  await expect(sheet(page, 'Haul winch').getByRole('link')).toHaveCount(2);
  await expect(sheet(page, 'Haul winch')).toContainText('One load, one plate');
  await isAccessible(page, 'circuits');
});

const change = async (page: Page, from: string, to: string) => {
  await sheet(page, from).getByRole('button', { name: 'Change' }).click();
  await sheet(page, from).getByLabel('Name of the circuit').fill(to);
  await sheet(page, from).getByRole('button', { name: 'Keep' }).click();
};

test('two people at one circuit: the second is told, and settles it', async ({ page, context }) => {
  await page.goto('/circuits/kestrel-ramp');
  const other = await context.newPage();
  await other.goto('/circuits/kestrel-ramp');
  await change(other, 'Hoist', 'Ramp hoist');
  await expect(sheet(other, 'Ramp hoist').getByRole('status')).toContainText('Saved');
  await change(page, 'Hoist', 'Hoist of the ramp');
  const dialog = page.getByRole('dialog', { name: 'Somebody else saved this circuit meanwhile' });
  await expect(dialog).toContainText('Name: Ramp hoist');
  await dialog.getByRole('checkbox', { name: /^Name: Hoist of the ramp/ }).check();
  await dialog.getByRole('button', { name: 'Keep both as ticked' }).click();
  await expect(dialog).toBeHidden();
  await expect(sheet(page, 'Hoist of the ramp').getByText('Not saved')).toHaveCount(0);
  await other.reload();
  await expect(sheet(other, 'Hoist of the ramp')).toBeVisible();
});

test('a circuit with the connection lost is kept on the device and goes out when it is back; a change is undone', async ({ page }) => {
  await page.goto('/circuits/kestrel-ramp');
  await page.route('**/api/v1/circuits/**', (route) => route.abort());
  await change(page, 'Hoist', 'Renamed in the cellar');
  const own = sheet(page, 'Renamed in the cellar');
  await expect(own.getByRole('status')).toContainText('kept on this device');
  await page.unroute('**/api/v1/circuits/**');
  await expect(own.getByRole('status')).toContainText('Saved');
  await own.getByRole('button', { name: 'Undo' }).click();
  await expect(sheet(page, 'Hoist')).toBeVisible();
  await expect(page.getByText('Saving', { exact: true })).toHaveCount(0);
  // What the server refuses for what it says stays on the screen and is called not saved.
  await change(page, 'Hoist', 'Control supply');
  await expect(page.getByRole('alert').filter({ hasText: 'has a circuit' })).toBeVisible();
});

test('at a job the circuit is shown with the part chosen; what fails is accepted by name, for that part alone', async ({ page }) => {
  await openPosition(page, 'kestrel-ramp', /^K5 hoist, reverse/);
  await startSwap(page);
  await stage(page, 'Candidates').click();
  const picks = page.locator(css('table.board thead .pick'));
  await picks.first().click();
  const circuit = page.getByRole('region', { name: 'Circuit', exact: true });
  await expect(circuit.getByRole('listitem').filter({ hasText: 'Mechanical interlock fails' })).toBeVisible();
  await acceptCircuit(page);
  await picks.nth(1).click();
  await saved(page);
  await expect(circuit.getByRole('textbox')).toBeVisible();
  await expect(circuit).not.toContainText('Accepted by');
});
