/** The jobs of the trade on plates already read, each to a signed, true record, in at most so many actions. */
import type { Page } from '@playwright/test';
import { countActions, within } from './actions';
import { css } from './css';
import { alive, confirmMove, acceptCircuit, confirmEnergise, openPosition, proveAll, saved, sayAll, sign, stage } from './bench';
import { expect, test } from './test';

const hunt = (page: Page) => page.getByRole('region', { name: 'Fault finding' });
const answer = (page: Page, words: string | RegExp) =>
  hunt(page)
    .getByRole('region', { name: /^Next question/ })
    .getByRole('button', { name: words, exact: typeof words === 'string' })
    .click();
async function start(page: Page, panel: string, tag: RegExp): Promise<void> {
  await openPosition(page, panel, tag);
  await page.getByRole('button', { name: /Start a job/ }).click();
  await page.waitForURL(/\/swaps\//);
}
/** A wrong part: straight to what fits instead. */
async function seeWhatFits(page: Page, panel: string, tag: RegExp): Promise<void> {
  await openPosition(page, panel, tag);
  await page.getByRole('button', { name: 'See what fits instead' }).click();
  await expect(page.getByRole('heading', { name: 'Candidates' })).toBeVisible();
}
/** From the symptom of a position into its fault finding. */
async function fromSymptom(page: Page, panel: string, tag: RegExp, symptom: string): Promise<void> {
  await openPosition(page, panel, tag);
  await page.getByRole('link', { name: /^Start from what it does/ }).click();
  await page.waitForURL(/\/symptoms/);
  // Touched before it hears, it opens nothing.
  await alive(page);
  await page.getByRole('button', { name: symptom, exact: true }).click();
  await page.waitForURL(/\/swaps\//);
}
/** Takes a part: Make safe stands next, and its last tick leads to the tests. */
async function take(page: Page): Promise<void> {
  await first(page).click();
  await sayAll(page);
  await page.getByRole('button', { name: /^Take / }).click();
  await expect(page.getByRole('heading', { name: 'Make safe' })).toBeVisible();
  // A tick, and not `check`: the last one leads away from the page on which it would look again.
  for (const box of await page.locator(css('.step')).getByRole('checkbox').all()) await box.click();
}
async function signAll(page: Page, pair = false): Promise<void> {
  await expect(page.getByRole('heading', { name: 'Tests' })).toBeVisible();
  await expect(page.locator(css('.proof')).first()).toBeVisible();
  await confirmEnergise(page);
  // What is looked at and holds is one answer for each group; what is measured is entered.
  const holds = page.getByRole('button', { name: /all hold$/ });
  for (let left = await holds.count(); left > 0; left -= 1) {
    await holds.first().click();
    await expect(holds).toHaveCount(left - 1);
  }
  await proveAll(page);
  await stage(page, 'Sign off').click();
  if (pair) await acceptCircuit(page);
  await sign(page);
  await expect(page.getByText(/Signed by Orla Fenwick/)).toBeVisible();
}
const first = (page: Page) => page.locator(css('table.board thead .pick')).first();

test('a wrong contactor', async ({ page }) => {
  const actions = await countActions(page);
  await seeWhatFits(page, 'kestrel-ramp', /^K4 hoist, forward/);
  await take(page);
  // One of a reversing pair: that the other one is of another frame until it follows, is accepted by name.
  await signAll(page, true);
  within(actions, 24, 'wrong contactor');
});

test('a worn timer', async ({ page }) => {
  const actions = await countActions(page);
  await start(page, 'kestrel-ramp', /^K9 second fan/);
  await stage(page, 'Candidates').click();
  await page.getByRole('button', { name: 'In stock', exact: true }).click();
  await take(page);
  await signAll(page);
  within(actions, 24, 'worn timer');
});

test('a wrong residual type', async ({ page }) => {
  const actions = await countActions(page);
  await seeWhatFits(page, 'ferrow-cabin', /^R1 cabin sockets/);
  await take(page);
  await signAll(page);
  within(actions, 22, 'wrong residual type');
});

test('a control relay whose contact welds', async ({ page }) => {
  const actions = await countActions(page);
  await seeWhatFits(page, 'kestrel-ramp', /^CR1 ramp level/);
  await take(page);
  await signAll(page);
  within(actions, 22, 'control relay');
});

test('a breaker that trips at start: the peak is measured, and what rides it goes in', async ({ page }) => {
  const actions = await countActions(page);
  await fromSymptom(page, 'kestrel-ramp', /^Q7 ballast 2/, 'It operates at once at switching on');
  await answer(page, 'Another device was fitted');
  await hunt(page)
    .getByRole('button', { name: /other check/ })
    .click();
  const peak = hunt(page).getByRole('textbox', { name: /^Highest peak/ });
  await peak.fill('320');
  await peak.press('Enter');
  await expect(hunt(page).getByRole('status')).toContainText('Found: inrush above what it rides');
  await stage(page, 'Candidates').click();
  await take(page);
  await signAll(page);
  await expect(page.getByRole('main')).toContainText('Inrush above what it rides');
  within(actions, 28, 'breaker that trips at start');
});

test('a fuse that blows again: why is found, and the same kind goes in', async ({ page }) => {
  const actions = await countActions(page);
  // It has failed three times this year: what it does is asked at the position itself.
  await openPosition(page, 'kestrel-ramp', /^F2 control/);
  await page.getByRole('group', { name: 'What does it do?' }).getByRole('button', { name: 'It operates at once at switching on' }).click();
  await page.waitForURL(/\/swaps\//);
  await answer(page, 'Nothing');
  await hunt(page)
    .getByRole('button', { name: /other check/ })
    .click();
  const box = hunt(page).getByRole('textbox', { name: /^Insulation resistance/ });
  await box.fill('0.3 MΩ');
  await box.press('Enter');
  await expect(hunt(page).getByRole('status')).toContainText('Found: ground fault or short');
  await stage(page, 'Candidates').click();
  await take(page);
  // Its sister in the set is still the old kind until it follows.
  await signAll(page, true);
  await expect(page.getByRole('main')).toContainText('Ground fault or short');
  within(actions, 24, 'fuse that blows again');
});

test('a breaker that will not close: the cause is proved, and nothing new goes in', async ({ page }) => {
  const actions = await countActions(page);
  await start(page, 'ferrow-incomer', /^Y3 undervoltage/);
  await stage(page, 'Requirements').click();
  const next = page.locator(css('.next-check'));
  const status = page.getByRole('region', { name: 'Why will it not close?' }).getByRole('status');
  // What is true of a breaker that has tripped and was not reset.
  const truth: [RegExp, string][] = [
    [/close button close it/, 'No'],
    [/trip button stand out/, 'Yes'],
    [/flag show the spring/, 'Yes'],
    [/carriage fully/, 'Yes'],
    [/interlocks free/, 'Yes'],
  ];
  for (let asked = 0; asked < 8 && !/^Found/.test(await status.innerText()); asked += 1) {
    const question = await next.getByRole('heading').innerText();
    await confirmMove(next);
    const word = truth.find(([pattern]) => pattern.test(question))?.[1];
    if (word) await next.getByRole('button', { name: word, exact: true }).click();
    else {
      // Volts are there, and no trip is asked for.
      await next
        .getByRole('textbox')
        .first()
        .fill(/shunt/.test(question) ? '0' : '226');
      await next.getByRole('textbox').first().press('Enter');
    }
    await expect(next.getByRole('heading').filter({ hasText: question })).toHaveCount(0);
  }
  await expect(status).toHaveText('Found: tripped and not reset.');
  await saved(page);
  await stage(page, 'Sign off').click();
  const end = page.getByRole('region', { name: 'End without a new part' });
  await end.getByLabel('How the job ends').selectOption('Nothing found');
  await end.getByLabel('What was looked at and measured').fill('reset after the trip log was read');
  for (const digit of '135790') await end.getByRole('button', { name: `Digit ${digit}` }).click();
  await end.getByRole('button', { name: 'End the job' }).click();
  await page.waitForURL(/position=/);
  await expect(page.getByText(/Cause: tripped and not reset/)).toBeVisible();
  within(actions, 16, 'will not close');
});
