/** A part in the hand: judged with no job open in few actions, kept over a reload, and taken into a job, where it stands on the board. */
import type { Page } from '@playwright/test';
import { isAccessible } from './accessible';
import { alive, me, openPosition, proveAll, saved, sign, stage, startSwap, take } from './bench';
import { expect, test } from './test';

const PART = 'IEC 60947-4-1 3P AC-3 25 A 11 kW 400 V COIL 24 V DC 1NO';
const LOAD = '3 PH MOTOR 5.5 kW 400 V 11.5 A 50 Hz';
const verdict = (page: Page) => page.getByRole('status', { name: 'Verdict' });

test('two typed plate lines and what is asked then give a verdict in five actions', async ({ page }) => {
  await page.goto('/');
  await alive(page);
  let actions = 0;
  const act = async (doing: Promise<unknown>) => {
    actions += 1;
    await doing;
  };
  await act(page.keyboard.press('q'));
  await act(page.getByLabel('This part: type or paste its plate').fill(PART));
  await act(page.getByLabel('What it must serve: type or paste its plate').fill(LOAD));
  await expect(verdict(page)).toContainText('is not known yet');
  const next = page.getByRole('region', { name: 'Next question' });
  await expect(next).toContainText('System V');
  await act(next.getByRole('textbox').fill('400'));
  await act(next.getByRole('textbox').press('Enter'));
  await expect(next).not.toContainText('System V');
  console.log(`quick check of one part in the hand: ${actions} actions`);
  expect(actions).toBeLessThanOrEqual(5);
  const board = page.getByRole('region', { name: 'Fit board' });
  await expect(board.getByText('Part 1')).toBeVisible();
  await expect(board.getByRole('button', { name: /^fits/ }).first()).toBeHidden();
  await page.getByRole('button', { name: /lines? holds? for all/ }).click();
  await expect(board.getByRole('button', { name: /^fits, 25 A/ })).toBeVisible();
  // What the place does not say keeps it from being a fit: the control volts above all.
  await expect(verdict(page)).toContainText('is not known yet');
  const open = board.getByRole('row').filter({ has: page.getByRole('button', { name: /^not known/ }) });
  await expect(open.filter({ hasText: /coil|Uc/i }).first()).toBeVisible();
  // Where it was scrolled to, the head of the page covers half of a field.
  await page.evaluate(() => window.scrollTo(0, 0));
  await isAccessible(page, 'quick check');
  // A wrong part is refused at once, whatever else is missing.
  await page.getByLabel('This part: type or paste its plate').fill(PART.replace('AC-3 25 A 11 kW', 'AC-3 9 A 4 kW'));
  await expect(verdict(page)).toContainText('does not fit');
  // Nothing typed is lost on a reload.
  await page.reload();
  await expect(page.getByLabel('This part: type or paste its plate')).toHaveValue(/AC-3 9 A 4 kW/);
  await expect(verdict(page)).toContainText('does not fit');
  await page.getByRole('button', { name: 'Begin again' }).click();
  await expect(page.getByText('The verdict appears here')).toBeVisible();
});

test('a plate that was read on its desk is judged from there, and what was typed survives a reload', async ({ page }) => {
  await page.goto('/plates');
  await page.getByLabel('Or type or paste the wording of the plate').fill(PART);
  await expect(page.getByRole('button', { name: /^Judge it/ })).toBeVisible();
  await page.reload();
  await expect(page.getByLabel('Or type or paste the wording of the plate')).toHaveValue(PART);
  await page.getByRole('button', { name: /^Judge it/ }).click();
  await page.waitForURL(/\/check$/);
  await expect(page.getByLabel('This part: type or paste its plate')).toHaveValue(PART);
  await expect(verdict(page)).toContainText('is not known yet');
});

test('two parts are judged beside each other, and go into a job as parts in the hand', async ({ page }) => {
  await page.goto('/check');
  await page.getByLabel('This part: type or paste its plate').fill('3P COIL 24 V DC AC-3 25 A 400 V IEC 60947-4-1');
  await page.getByRole('button', { name: 'Another part beside it' }).click();
  await page.getByLabel('Part 2: type or paste its plate').fill('2P COIL 230 V 50 HZ AC-3 9 A 400 V IEC 60947-4-1');
  await expect(page.getByRole('region', { name: 'Fit board' }).getByText('Part 2')).toBeVisible();
  const into = page.getByRole('region', { name: 'Into a job' });
  await expect(into.locator('option', { hasText: 'K4 hoist, forward' })).toHaveCount(1);
  await into
    .getByLabel('Position')
    .selectOption({ label: (await into.locator('option').allInnerTexts()).find((text) => text.startsWith('K4 hoist, forward'))! });
  await into.getByRole('button', { name: 'Open the job there' }).click();
  await page.waitForURL(/\/swaps\/.*stage=match/);
  const heads = page.getByRole('region', { name: 'Fit board' }).getByRole('columnheader');
  await expect(heads.filter({ hasText: 'Part 1' })).toContainText('in the hand');
  await expect(heads.filter({ hasText: 'Part 2' })).toContainText('fails');
});

test('a part in the hand is added to a job, corrected on its plate, chosen and signed', async ({ page }) => {
  await openPosition(page, 'kestrel-ramp', /^K4 hoist, forward/);
  await startSwap(page);
  await stage(page, 'Candidates').click();
  await page.getByRole('button', { name: 'Add a part in the hand' }).click();
  const plate = page.getByRole('region', { name: 'Part in the hand 1', exact: true });
  await plate
    .getByLabel('Part in the hand 1: type or paste its plate')
    .fill('3P COIL 120 V 60 HZ 240V FLA 40 LRA 240 480V FLA 40 LRA 240 SCCR 10 kA');
  await saved(page);
  const head = page.getByRole('region', { name: 'Fit board' }).getByRole('columnheader').filter({ hasText: 'Part in the hand 1' });
  await expect(head).toContainText('in the hand');
  await isAccessible(page, 'part in the hand');
  await take(page, page.getByRole('button', { name: 'Part in the hand 1', exact: true }));
  await proveAll(page);
  await stage(page, 'Sign off').click();
  await sign(page);
  await expect(page.getByText(`Signed by ${me}`)).toBeVisible();
  await expect(page.getByText('A part in the hand: not from the catalogue')).toBeVisible();
});

test('a part of the catalogue is judged in a quick check, and entered as a copy with one change', async ({ page }) => {
  await page.goto('/parts/nettlecombe-n3-3p-120-22');
  await page.getByRole('link', { name: 'Judge it, or copy it with a change' }).click();
  await page.waitForURL(/\/check$/);
  const marks = page.getByRole('region', { name: 'This part, marks' });
  await expect(marks.getByRole('textbox', { name: /^Type/ })).toHaveValue('N3 22');
  // It is brought once: a reload keeps what was changed.
  await marks.getByRole('textbox', { name: /^Type/ }).fill('N3 22 T');
  await marks.getByRole('textbox', { name: /^Type/ }).press('Enter');
  await page.reload();
  await expect(marks.getByRole('textbox', { name: /^Type/ })).toHaveValue('N3 22 T');
  const into = page.getByRole('form', { name: /into the catalogue$/ });
  await expect(into.getByLabel('Maker')).toHaveValue('Nettlecombe');
  await expect(into.getByLabel('Type or order number')).toHaveValue('N3 22 T');
  await into.getByRole('button', { name: 'Enter it' }).click();
  await expect(into.getByText('Nettlecombe N3 22 T is in the catalogue.')).toBeVisible();
});

test('a check is kept at a position and found there again; its part goes into the catalogue, into stock, and onto the board', async ({
  page,
}) => {
  await page.goto('/plates');
  await page.getByLabel('Or type or paste the wording of the plate').fill(`${PART} 1NC`);
  await page.getByRole('button', { name: 'Into the catalogue or into stock' }).click();
  await page.waitForURL(/\/check#catalogue$/);
  await page.getByLabel('What it must serve: type or paste its plate').fill(LOAD);
  // Kept at a position, it is brought back from there.
  await page.getByLabel('Position', { exact: true }).selectOption({ label: 'K1 gate pump 1, Gate hydraulics, Ferrow Locks' });
  await page.getByLabel('Name of the check').fill('Van part for K1');
  await page.getByLabel('Name of the check').press('Enter');
  await expect(page.getByRole('status').filter({ hasText: 'Kept as Van part for K1, at the position' })).toBeVisible();
  const into = page.getByRole('form', { name: 'Part 1 into the catalogue' });
  await into.getByLabel('Maker').fill('Tolverne');
  await into.getByLabel('Type or order number').fill('TV-25');
  await into.getByLabel('Site').selectOption('Ferrow Locks');
  await into.getByLabel('Place').fill('van 2');
  await into.getByRole('button', { name: 'Enter it and take it into stock' }).click();
  await expect(into.getByRole('status')).toContainText('Tolverne TV-25 is in the catalogue; 1 lie at van 2');
  // A second touch enters no second part.
  await into.getByLabel('Place').fill('');
  await into.getByRole('button', { name: 'Enter it' }).click();
  await expect(into.getByRole('alert')).toContainText('is in the catalogue already');

  await openPosition(page, 'ferrow-gate', /^K1 gate pump 1/);
  await page.getByRole('link', { name: 'Van part for K1' }).click();
  const line = page.getByLabel('This part: type or paste its plate');
  await expect(line).toHaveValue(`${PART} 1NC`);
  // It is brought once: a reload brings it no second time over what was changed.
  await page.waitForURL(/\/check$/);
  await line.fill(`${PART} 2NC`);
  await page.reload();
  await expect(line).toHaveValue(`${PART} 2NC`);

  // The part of the catalogue is a part in the hand of another job by its name.
  await openPosition(page, 'ferrow-gate', /^K2 gate pump 2/);
  await startSwap(page);
  await stage(page, 'Candidates').click();
  await page.getByLabel('A part in the hand from the catalogue').fill('tolverne tv');
  await page.getByRole('group', { name: 'Parts found' }).getByRole('button', { name: 'Tolverne TV-25' }).click();
  await saved(page);
  await expect(
    page.getByRole('region', { name: 'Fit board' }).getByRole('columnheader').filter({ hasText: 'Tolverne TV-25' }).first(),
  ).toContainText('in the hand');
  // One of another kind is told as that.
  await page.getByLabel('A part in the hand from the catalogue').fill('saltmarsh fuse cc');
  await page.getByRole('group', { name: 'Parts found' }).getByRole('button').first().click();
  await expect(page.getByRole('alert').filter({ hasText: 'is of another kind' })).toBeVisible();
});
