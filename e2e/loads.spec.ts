/** Every kind of load of the bench, from its plate to a part that can be taken, and what its need says on the way. */
import { css } from './css';
import { expect, test } from './test';
import { openPosition, saved, stage, startSwap } from './bench';

const positions = [
  {
    name: 'three-phase motor, NEMA plate',
    panel: 'kestrel-ramp',
    tag: /^K6 ballast 1/,
    lines: [/^Full-load amps.*NEC 430.250, 5\s?hp/, /^Locked-rotor amps.*code J/],
    why: /^Full-load amps/,
    reason: /sets the overload/,
  },
  {
    name: 'three-phase motor, kW plate',
    panel: 'ferrow-gate',
    tag: /^K1 gate pump 1/,
    lines: [/^Rated operational current, Ie.*load plate/, /^Locked-rotor current.*7.1 x plate amps/],
    why: /^Locked-rotor current/,
    reason: /IA\/IN 7.1/,
  },
  {
    name: 'single-phase motor',
    panel: 'kestrel-lighting',
    tag: /^K5 vent fan/,
    lines: [/^Full-load amps.*NEC 430.24., 1\s?hp/, /^Locked-rotor amps.*code L/],
    why: /^Full-load amps/,
    reason: /table 430.248, from memory/,
  },
  {
    name: 'hermetic compressor',
    panel: 'kestrel-lighting',
    tag: /^K1 hut cooling/,
    lines: [/^Full-load amps.*18.6 \+ 1.3 A/, /^Maximum overcurrent device of the unit.*advice/],
    why: /^Maximum overcurrent device of the unit/,
    reason: /It oversizes/,
  },
  {
    name: 'resistive heater',
    panel: 'ferrow-pump',
    tag: /^K14 paddle heater 1/,
    lines: [/^Resistive current.*9\s?kW at 400\s?V/, /^Resistive current with margin.*x 1.2, advice/],
    why: /^Resistive current with margin/,
    reason: /20 % headroom/,
  },
] as const;

for (const one of positions)
  test(one.name, async ({ page }) => {
    await openPosition(page, one.panel, one.tag);
    await startSwap(page);
    await stage(page, 'Requirements').click();
    for (const line of one.lines) await expect(page.getByRole('button', { name: line })).toBeVisible();
    await page.getByRole('button', { name: one.why }).first().click();
    await expect(page.getByText(one.reason).first()).toBeVisible();
    await stage(page, 'Candidates').click();
    await expect(page.locator(css('table.board'))).toBeVisible();
    await page.locator(css('table.board thead .pick')).first().click();
    await expect(page.getByRole('button', { name: /^Take / })).toBeVisible();
    await saved(page);
  });

test('another load kind changes the plate and the lines, and undo takes it back', async ({ page }) => {
  await openPosition(page, 'ferrow-cabin', /^K20 cabin heater/);
  await startSwap(page);
  const kind = page.getByLabel('The load is a');
  await expect(kind).toHaveValue('resistive-heater');
  await kind.selectOption('motor-1ph');
  await stage(page, 'Requirements').click();
  await expect(page.getByRole('button', { name: /^Rated operational current, Ie/ })).toBeVisible();
  await saved(page);
  await page.getByRole('button', { name: 'Undo' }).click();
  await expect(page.getByRole('button', { name: /^Resistive current(?! with)/ })).toBeVisible();
});

test('an assumed mark makes its line a check at best', async ({ page }) => {
  await openPosition(page, 'ferrow-cabin', /^K21 extract fan/);
  await startSwap(page);
  await page.getByRole('button', { name: /^Full-load amps: read\. Explain or change/ }).click();
  await page.getByRole('menuitem', { name: /assumed/ }).click();
  await stage(page, 'Requirements').click();
  await expect(page.getByRole('button', { name: /^Rated operational current, Ie.*rests on an assumption/ })).toBeVisible();
  await saved(page);
});

test('filters that leave nothing say so and how to get back', async ({ page }) => {
  await openPosition(page, 'ferrow-pump', /^K15 paddle heater 2/);
  await startSwap(page);
  await stage(page, 'Candidates').click();
  await expect(page.locator(css('table.board'))).toBeVisible();
  await page.getByRole('button', { name: 'In stock', exact: true }).click();
  await page.getByRole('button', { name: 'Only fits' }).click();
  await page.getByRole('button', { name: 'Same footprint' }).click();
  await expect(page.getByText(/These filters leave nothing/)).toBeVisible();
  await page.getByRole('button', { name: 'Only fits' }).click();
  await page.getByRole('button', { name: 'In stock', exact: true }).click();
  await expect(page.getByText(/These filters leave nothing/)).toHaveCount(0);
});
