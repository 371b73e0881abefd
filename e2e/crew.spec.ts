/** Who comes in, and who signs: the door, an apprentice and the mentor, an administrator's pages, a session that ends while one types. */
import { isAccessible } from './accessible';
import { acceptCircuit, confirmSafe, me, openPosition, proveAll, saved, stage, startSwap, sign, take } from './bench';
import { css } from './css';
import { expect, test } from './test';

test('a stranger gets no further than the door, and comes in with one touch as one of the demo’s crew', async ({ browser }) => {
  const context = await browser.newContext({ storageState: { cookies: [], origins: [] } });
  const page = await context.newPage();
  await page.goto('/logbook?x=1');
  await expect(page.getByRole('heading', { name: 'Who works here?' })).toBeVisible();
  await isAccessible(page, 'sign-in');
  await page.getByLabel('Sign-in name').fill('orla');
  await page.getByLabel('Password').fill('not the password');
  await page.getByRole('button', { name: 'Sign in' }).click();
  await expect(page.getByText('This name and password do not go together.')).toBeVisible();
  await page.getByRole('button', { name: /^Tam Birkett, apprentice/ }).click();
  await expect(page.getByRole('heading', { name: 'Logbook' })).toBeVisible();
  await page.goto('/crew/people');
  await expect(page.getByRole('heading', { name: 'This page is for another role' })).toBeVisible();
  await page.goto('/crew');
  await page.getByRole('button', { name: 'Sign out', exact: true }).click();
  await page.waitForURL(/sign-in/);
  await page.goto('/');
  await expect(page.getByRole('heading', { name: 'Who works here?' })).toBeVisible();
  await context.close();
});

test('an apprentice does the job, a mentor signs it by the own PIN, and both stand on the record', async ({ page, context }) => {
  await context.request.post('/api/v1/session/demo', { data: { personId: 'demo-tam' } });
  await openPosition(page, 'kestrel-ramp', /^K4 hoist, forward/);
  await startSwap(page);
  await stage(page, 'Candidates').click();
  await page.getByRole('button', { name: 'Nettlecombe N3 22', exact: true }).first().click();
  await page.getByRole('button', { name: /^Take Nettlecombe N3 22/ }).click();
  await confirmSafe(page);
  await expect(page.locator(css('.step')).first()).toContainText('confirmed by Tam Birkett');
  await stage(page, 'Tests').click();
  await proveAll(page);
  await stage(page, 'Sign off').click();
  await acceptCircuit(page);
  await page.getByLabel('Signed by').selectOption({ label: `${me}, electrician` });
  for (const digit of '246802') await page.getByRole('button', { name: `Digit ${digit}` }).click();
  await page.getByRole('button', { name: /^Sign off/ }).click();
  await expect(page.getByText(`This is not the PIN of ${me}. Nothing was signed.`)).toBeVisible();
  for (const digit of '135790') await page.getByRole('button', { name: `Digit ${digit}` }).click();
  await page.getByRole('button', { name: /^Sign off/ }).click();
  await expect(page.getByText(`Signed by ${me}, for Tam Birkett`)).toBeVisible();
  await page.goto('/logbook/seal');
  await expect(page.getByText(/entries verified: all as they were signed/).first()).toBeVisible();
  await expect(page.getByText(/not as signed/)).toHaveCount(0);
});

test('a passkey is made on this device, signs its holder in, and signs a job off', async ({ browser, baseURL }) => {
  // Passkeys belong to a name: the same server by its own.
  const context = await browser.newContext({ baseURL: baseURL!.replace('127.0.0.1', 'localhost') });
  const page = await context.newPage();
  const device = await context.newCDPSession(page);
  await device.send('WebAuthn.enable');
  await device.send('WebAuthn.addVirtualAuthenticator', {
    options: { protocol: 'ctap2', transport: 'internal', hasResidentKey: true, hasUserVerification: true, isUserVerified: true },
  });
  await page.goto('/crew');
  await page.getByRole('button', { name: new RegExp(`^${me}, electrician`) }).click();
  const passkeys = page.getByRole('region', { name: 'Passkeys' });
  await passkeys.getByLabel('Name of this device').fill('bench tablet');
  await passkeys.getByRole('button', { name: 'Make a passkey here' }).click();
  await expect(passkeys.getByText('bench tablet', { exact: true })).toBeVisible();
  await passkeys.getByLabel('Name of this device').fill('again');
  await passkeys.getByRole('button', { name: 'Make a passkey here' }).click();
  await expect(passkeys.getByText('This device has a passkey of yours already.')).toBeVisible();
  await isAccessible(page, 'passkeys');
  await page.getByRole('button', { name: 'Sign out', exact: true }).click();
  await page.getByRole('button', { name: 'Sign in by passkey' }).click();
  await page.waitForURL(/\/$/);
  await openPosition(page, 'kestrel-ramp', /^K4 hoist, forward/);
  await startSwap(page);
  await stage(page, 'Candidates').click();
  await take(page, page.getByRole('button', { name: 'Nettlecombe N3 22', exact: true }).first());
  await proveAll(page);
  await stage(page, 'Sign off').click();
  await acceptCircuit(page);
  await page.getByRole('button', { name: 'Sign off by passkey' }).click();
  await expect(page.getByText(`Signed by ${me}`)).toBeVisible();
  // A job that ends without a new part is answered for in the same way.
  await openPosition(page, 'kestrel-winch', /^K2 /);
  await startSwap(page);
  await confirmSafe(page);
  await stage(page, 'Sign off').click();
  const end = page.getByRole('region', { name: 'End without a new part' });
  await end.getByLabel('How the job ends').selectOption('Nothing found');
  await end.getByRole('textbox').first().fill('ran an hour, nothing was out of order');
  await end.getByLabel('Answered for by').selectOption({ label: `${me}, electrician` });
  await end.getByRole('button', { name: 'End it by passkey' }).click();
  await expect(page.getByText(/nothing was out of order/)).toBeVisible();
  await context.close();
});

test('where a site wants a second person, an override is approved by a foreman before it is signed', async ({
  page,
  playwright,
  baseURL,
}) => {
  const administrator = await playwright.request.newContext({ baseURL });
  await administrator.post('/api/v1/session/demo', { data: { personId: 'demo-hob' } });
  expect((await administrator.patch('/api/v1/sites/ferrow', { data: { secondPerson: true } })).ok()).toBe(true);
  await administrator.dispose();
  await openPosition(page, 'ferrow-cabin', /^C21 /);
  await startSwap(page);
  await stage(page, 'Candidates').click();
  await page.getByRole('button', { name: /columns$/ }).click();
  await take(page, page.getByRole('button', { name: 'Wexmoor WK 10/400', exact: true }));
  await proveAll(page);
  await stage(page, 'Sign off').click();
  const approval = page.getByRole('region', { name: 'Approve the override' });
  await approval.getByLabel('Approved by').selectOption({ label: 'Runa Thorne, foreman' });
  for (const digit of '135790') await approval.getByRole('button', { name: `Digit ${digit}` }).click();
  // Where it was scrolled to, the head of the page covers half of a link.
  await page.evaluate(() => window.scrollTo(0, 0));
  await isAccessible(page, 'approval');
  await approval.getByRole('button', { name: 'Approve the override' }).click();
  await expect(approval).toHaveCount(0);
  await sign(page);
  await expect(page.getByText(`Signed by ${me}`)).toBeVisible();
  await expect(page.getByText(/Approved by Runa Thorne/).first()).toBeVisible();
});

test('an administrator names a person, gives a token, and finds both in the log', async ({ page, context }) => {
  await context.request.post('/api/v1/session/demo', { data: { personId: 'demo-hob' } });
  await page.goto('/crew/people');
  await page.getByLabel('Name, as records show it').fill('Wren Alder');
  await page.getByLabel('Sign-in name').fill('wren');
  await page.getByRole('button', { name: 'Name a person' }).click();
  await expect(page.getByText(/Password of Wren Alder, shown this once/)).toBeVisible();
  await isAccessible(page, 'people');
  await page.goto('/crew/tokens');
  await page.getByLabel('What it is for').fill('shift report');
  await page.getByRole('button', { name: 'Make a token' }).click();
  await expect(page.getByText(/Shown this once/)).toBeVisible();
  await page.goto('/crew/log');
  await page.getByLabel('Find in the log').fill('wren');
  await expect(page.getByRole('row', { name: /Hob Marlow.*Person added.*Wren Alder/ })).toBeVisible();
  await page.getByLabel('Find in the log').fill('shift report');
  await expect(page.getByRole('row', { name: /Token made/ })).toBeVisible();
});

test('an administrator backs up and checks at once, and sees what came of it', async ({ page, context }) => {
  await context.request.post('/api/v1/session/demo', { data: { personId: 'demo-hob' } });
  await page.goto('/crew/care');
  await expect(page.getByText(/There was no backup yet/)).toBeVisible();
  await page.getByRole('button', { name: 'Back up now' }).click();
  const backups = page.getByRole('region', { name: 'Backups' });
  await expect(backups.getByRole('row', { name: /Hob Marlow well .* MB/ })).toBeVisible({ timeout: 40_000 });
  await page.getByRole('button', { name: 'Check now' }).click();
  const checks = page.getByRole('region', { name: 'Checks of what was signed' });
  await expect(checks.getByRole('row', { name: /Hob Marlow well .*all as it was signed/ })).toBeVisible({ timeout: 40_000 });
  await expect(page.getByText(/yet\.|not go well/)).toHaveCount(0);
  await isAccessible(page, 'care');
});

test('a session that ends while one types keeps what was typed, and saves it once its person is back', async ({ page, context }) => {
  await openPosition(page, 'kestrel-winch', /^K1 haul winch/);
  await startSwap(page);
  await context.request.delete('/api/v1/sessions');
  const factor = page.getByRole('region', { name: /^Load plate/ }).getByRole('textbox', { name: 'Service factor' });
  await factor.fill('1.25');
  await factor.press('Enter');
  await expect(page.getByText(/Nobody is signed in here, or the session has ended/)).toBeVisible();
  // Somebody else on this device saves nothing of it under another name.
  await context.request.post('/api/v1/session/demo', { data: { personId: 'demo-edric' } });
  await expect(page.getByText(/Edric Sallow signed in on this device meanwhile/)).toBeVisible();
  await context.request.post('/api/v1/session/demo', { data: { personId: 'demo-orla' } });
  await saved(page);
  await page.reload();
  await expect(factor).toHaveValue('1.25');
});
