/** One's own plant: a site, a panel and a circuit drawn from nothing, moved by pointer and by keyboard, and a job signed there. */
import { isAccessible } from './accessible';
import { me, proveAll, saved, sign, stage, startSwap, take } from './bench';
import { expect, test } from './test';

test('from no site to a signed job on a panel of one’s own', async ({ page }) => {
  await page.goto('/');
  await page.getByRole('link', { name: 'Sites and panels' }).click();
  const site = page.getByRole('form', { name: 'Name a site' });
  await site.getByLabel('Name of the site').fill('Ferrow Locks');
  await site.getByLabel('Time zone').selectOption('Europe/London');
  await site.getByRole('button', { name: 'Name the site' }).click();
  await expect(site.getByRole('alert')).toContainText('There is a site');
  await site.getByLabel('Name of the site').fill('Tarn Mill');
  await site.getByRole('button', { name: 'Name the site' }).click();
  const mill = page.getByRole('region', { name: 'Tarn Mill' });
  await mill.getByLabel('Name of a panel').fill('Pump panel');
  await isAccessible(page, 'sites and panels');
  await mill.getByRole('button', { name: 'Draw the panel' }).click();
  await page.waitForURL(/\/panels\//);

  const template = page.getByRole('form', { name: 'From a starter template' });
  await template.getByLabel('What the circuit is for').fill('Sump pump 1');
  await template.getByLabel('Plate of its load').fill('3~ MOTOR 5.5 kW 400 V 11.5 A 50 Hz 1450 rpm');
  await template.getByRole('button', { name: 'Draw it' }).click();
  const tile = (tag: string) => page.getByRole('button', { name: new RegExp(`^${tag} Sump pump 1`) });
  await expect(tile('F1')).toBeVisible();
  await isAccessible(page, 'a panel while it is drawn');

  // By pointer to the second rail, and back with undo.
  const rail = (number: number) => page.getByRole('group', { name: `Rail ${number}` });
  const from = (await tile('F1').boundingBox())!;
  const to = (await rail(2).boundingBox())!;
  await page.mouse.move(from.x + 20, from.y + 30);
  await page.mouse.down();
  await page.mouse.move(from.x + 40, from.y + 50, { steps: 4 });
  await page.mouse.move(to.x + 120, to.y + 60, { steps: 8 });
  await page.mouse.up();
  await expect(rail(2).getByRole('button', { name: /^F1 Sump pump 1/ })).toBeVisible();
  await page.getByRole('button', { name: 'Undo' }).click();
  await expect(rail(1).getByRole('button', { name: /^F1 Sump pump 1/ })).toBeVisible();

  // By keyboard: taken up, one to the left, put down.
  await tile('F1').focus();
  await page.keyboard.press('Space');
  await expect(page.getByText('Over F1 on rail 1.')).toBeAttached();
  await page.keyboard.press('ArrowLeft');
  await expect(page.getByText('Over Q2 on rail 1.')).toBeAttached();
  await page.keyboard.press('Space');
  await expect(page.getByText('F1 was moved.')).toBeVisible();
  await expect(rail(1).getByRole('button')).toHaveText([/^Q1/, /^F1/, /^Q2/]);

  // Its plate is read, and the job begins there.
  await tile('Q2').click();
  const change = page.getByRole('form', { name: 'Change Q2' });
  await change.getByLabel('Read the plate of the part').fill('3P COIL 24 V DC AC-3 9 A 400 V IEC 60947-4-1');
  await change.getByRole('button', { name: 'Keep' }).click();
  await expect(page.getByText(/and [1-9]\d* of the part are read/)).toBeVisible();
  await page.getByRole('complementary', { name: 'Chosen position' }).getByRole('link', { name: 'Work at it' }).click();
  await startSwap(page);
  await stage(page, 'Candidates').click();
  await page.getByRole('button', { name: 'Add a part in the hand' }).click();
  const plate = page.getByRole('region', { name: 'Part in the hand 1', exact: true });
  await plate.getByLabel('Part in the hand 1: type or paste its plate').fill('3P COIL 24 V DC AC-3 25 A 400 V IEC 60947-4-1');
  await saved(page);
  await take(page, page.getByRole('button', { name: 'Part in the hand 1', exact: true }));
  await proveAll(page);
  await stage(page, 'Sign off').click();
  await sign(page);
  await expect(page.getByText(`Signed by ${me}`)).toBeVisible();
});

test('two people at one panel: the second is told; what is put away keeps its history and comes back', async ({ page, context }) => {
  await page.goto('/panels/ferrow-gate');
  const other = await context.newPage();
  await other.goto('/panels/ferrow-gate');
  const rename = async (one: typeof page, purpose: string) => {
    await one.getByRole('button', { name: /^K1 / }).click();
    await one.getByRole('form', { name: 'Change K1' }).getByLabel('Its purpose').fill(purpose);
    await one.getByRole('form', { name: 'Change K1' }).getByRole('button', { name: 'Keep' }).click();
  };
  await rename(other, 'gate pump, north');
  await expect(other.getByRole('button', { name: /^K1 gate pump, north/ })).toBeVisible();
  await rename(page, 'gate pump, south');
  await expect(page.getByRole('alert').filter({ hasText: 'Somebody saved this position' }).first()).toBeVisible();
  await expect(page.getByRole('button', { name: /^K1 gate pump, north/ })).toBeVisible();

  await page.getByRole('button', { name: /^K1 gate pump, north/ }).click();
  await page.getByRole('button', { name: 'Put K1 away' }).click();
  await expect(page.getByRole('button', { name: /^K1 gate/ })).toHaveCount(0);
  await page.getByRole('button', { name: 'Bring K1 gate pump, north back' }).click();
  await expect(page.getByRole('button', { name: /^K1 gate pump, north/ })).toBeVisible();
});

test('a position goes to another panel of its site, and back', async ({ page }) => {
  await page.goto('/panels/ferrow-cabin');
  await page.getByRole('button', { name: /^C21 / }).click();
  await page.getByLabel('Move C21 to another panel').selectOption('Pump house');
  await expect(page.getByText('C21 went to another panel.')).toBeVisible();
  await expect(page.getByRole('button', { name: /^C21 / })).toHaveCount(0);
  await page.getByRole('button', { name: 'Undo' }).click();
  await expect(page.getByRole('button', { name: /^C21 / })).toBeVisible();
});

test('what feeds a site is said once, and is assumed at a job until somebody confirms it', async ({ page }) => {
  const signIn = (personId: string) => page.request.post('/api/v1/session/demo', { data: { personId } });
  await signIn('demo-hob');
  await page.goto('/plant');
  const site = page.getByRole('form', { name: 'Name a site' });
  await site.getByLabel('Name of the site').fill('Tarn Mill');
  await site.getByLabel('Three-phase system. Fed at').fill('0.4 kV');
  await site.getByLabel('Earthing').selectOption('TN-S');
  await site.getByRole('button', { name: 'Name the site' }).click();
  const mill = page.getByRole('region', { name: 'Tarn Mill' });
  await mill.getByRole('button', { name: 'Settings of Tarn Mill' }).click();
  const systems = mill.getByRole('region', { name: 'Systems that feed the site' });
  await expect(systems).toContainText('400 V three-phase, 50 Hz, TN-S');
  await systems.getByLabel('Three-phase system. Fed at').fill('690');
  await systems.getByLabel('Earthing').selectOption('IT');
  await systems.getByRole('button', { name: 'Add the system' }).click();
  await expect(systems).toContainText('690 V three-phase, 50 Hz, IT');
  await isAccessible(page, 'the settings of a site');
  await signIn('demo-orla');
  await page.reload();
  await mill.getByLabel('Name of a panel').fill('Pump panel');
  await mill.getByRole('button', { name: 'Draw the panel' }).click();
  await page.waitForURL(/\/panels\//);
  await page.getByLabel('Fed at').selectOption('400 V three-phase, 50 Hz, TN-S');
  const template = page.getByRole('form', { name: 'From a starter template' });
  await template.getByLabel('What the circuit is for').fill('Sump pump 1');
  await template.getByRole('button', { name: 'Draw it' }).click();
  await page.getByRole('button', { name: /^Q2 Sump pump 1/ }).click();
  await page.getByRole('complementary', { name: 'Chosen position' }).getByRole('link', { name: 'Work at it' }).click();
  await startSwap(page);
  await expect(page.getByText('5 to confirm')).toBeVisible();
  for (const mark of ['System', 'Phases', 'Frequency', 'AC or DC', 'Earthing|System earthing'])
    await expect(page.getByRole('button', { name: new RegExp(`^(${mark}).*: assumed`) }).first()).toBeVisible();
});
