/** Steps that several browser tests share: how a person goes through a swap. */
import { css } from './css';
import { expect, type Locator, type Page } from '@playwright/test';

export async function openPosition(page: Page, panel: string, tag: RegExp): Promise<void> {
  await page.goto(`/?panel=${panel}`);
  await page.getByRole('button', { name: tag }).first().click();
}

/** Waits until a page hears keys and touches: its buttons have their handlers. */
export const alive = (page: Page) =>
  expect
    .poll(() =>
      page.evaluate(() =>
        [...document.querySelectorAll('button')].some((one) => Object.keys(one).some((key) => key.startsWith('__reactProps'))),
      ),
    )
    .toBe(true);

/** Opens the palette by its keys and returns its box. A key pressed before the page listens is pressed again, as a person would. */
export async function openPalette(page: Page): Promise<Locator> {
  const box = page.getByPlaceholder('Position, part, worksheet or action');
  await expect(async () => {
    await page.keyboard.press('Control+k');
    await expect(box).toBeFocused({ timeout: 2000 });
  }).toPass();
  return box;
}

export async function startSwap(page: Page): Promise<void> {
  await page.getByRole('button', { name: /Start a job|Continue the job/ }).click();
  await page.waitForURL(/\/swaps\//);
  await expect(page.getByRole('heading', { name: 'Nameplates' })).toBeVisible();
}

export const stage = (page: Page, name: string) =>
  page.getByRole('navigation', { name: 'Stages of the job' }).getByRole('link', { name: new RegExp(`^${name}`) });

export const saved = (page: Page) => expect(page.locator(css('.save-state'))).toContainText(/^Saved/);

export async function confirmSafe(page: Page): Promise<void> {
  await stage(page, 'Make safe').click();
  await expect(page.getByRole('heading', { name: 'Make safe' })).toBeVisible();
  for (const box of await page.locator(css('.step')).getByRole('checkbox').all()) await box.check();
  await saved(page);
}

/** Confirms what is asked again before anything is energised, where something is. */
export async function confirmEnergise(page: Page): Promise<void> {
  const step = page.getByRole('checkbox', { name: 'Before it is energised' });
  if ((await step.count()) > 0 && !(await step.isChecked())) await step.click();
}

/** Proves everything with readings inside the limits that the screen shows. */
export async function proveAll(page: Page): Promise<void> {
  await expect(page.getByRole('heading', { name: 'Tests' })).toBeVisible();
  await expect(page.locator(css('.proof')).first()).toBeVisible();
  await confirmEnergise(page);
  for (const row of await page.locator(css('.proof')).all()) {
    const yes = row.getByRole('button', { name: 'Yes' });
    if ((await yes.count()) > 0) {
      // A second touch would take it back.
      if ((await yes.getAttribute('aria-pressed')) !== 'true') await yes.click();
      continue;
    }
    const limits = (await row.locator('small').last().innerText()).replace(/\u2009/g, ' ');
    // Two figures in one unit, or each in its own ("830 Ω to 1.12 kΩ"): then a little above the lower one is inside.
    const between = /([\d.]+) to ([\d.]+) (\S+)/.exec(limits);
    const apart = /([\d.]+) (\S+) to [\d.]+ \S+/.exec(limits);
    const least = /at least ([\d.]+) (\S+)/.exec(limits);
    const most = /at most ([\d.]+) (\S+)/.exec(limits);
    const input = row.getByRole('textbox').first();
    const text = apart
      ? `${Number(apart[1]) * 1.01} ${apart[2]}`
      : between
        ? `${(Number(between[1]) + Number(between[2])) / 2}`
        : least
          ? `${Number(least[1]) * 2} ${least[2]}`
          : `${Number(most![1]) / 2} ${most![2]}`;
    await input.fill(between && between[3] !== 'V' && between[3] !== '·' ? `${text} ${between[3]}` : text);
    await input.press('Enter');
  }
  await saved(page);
}

/** Says everything that a choice asks for before it may be taken: by name, with reasons, with what will settle it. */
export async function sayAll(page: Page): Promise<void> {
  const section = page.locator('section[aria-label^="Before"]');
  await page.locator('section[aria-label^="Before"]').first().waitFor();
  const says = section.getByRole('button', { name: /by name/ });
  while ((await says.count()) > 0) {
    const before = await says.count();
    const row = section
      .locator('.say')
      .filter({ has: page.getByRole('button', { name: /by name/ }) })
      .first();
    for (const box of await row.getByRole('textbox').all()) await box.fill('asked and looked at on the bench');
    await row.getByRole('button', { name: /by name/ }).click();
    await expect(says).toHaveCount(before - 1);
  }
}

/** Accepts by name what fails in the circuit with the part chosen; Enter in the field is enough. */
export async function acceptCircuit(page: Page): Promise<void> {
  const circuit = page.getByRole('region', { name: 'Circuit' });
  const why = circuit.getByRole('textbox', { name: /^Nothing is signed with the circuit failing/ });
  await why.fill('the other one of the pair follows');
  await why.press('Enter');
  await expect(circuit).toContainText('Accepted by');
  await saved(page);
}

/** Takes a part off the board with all that the choice asks for, makes it safe, and stands at its tests. */
export async function take(page: Page, pick: Locator): Promise<void> {
  await pick.click();
  await sayAll(page);
  await page.getByRole('button', { name: /^Take / }).click();
  await confirmSafe(page);
  await stage(page, 'Tests').click();
}

/** The name of who is signed in, as records show it. */
export const me = 'Orla Fenwick';
const PIN = '135790';

/** Enters the own PIN. */
export const enterPin = (page: Page): Promise<void> =>
  page.getByLabel(`PIN of ${me}`, { exact: true }).and(page.locator('input')).fill(PIN);

/** Signs a job that is ready, by the own PIN. */
export async function sign(page: Page): Promise<void> {
  await enterPin(page);
  await page.getByRole('button', { name: /^Sign off/ }).click();
}

/** Passes every test and signs. */
export async function proveAndSign(page: Page): Promise<void> {
  await proveAll(page);
  await stage(page, 'Sign off').click();
  await sign(page);
}

/** Ticks that a step which charges, closes or moves something is safe now, where the question that stands there asks it. */
export async function confirmMove(question: Locator): Promise<void> {
  const tick = question.getByRole('checkbox', { name: /It closes or moves/ });
  if (await tick.isVisible()) await tick.click();
}
