// npm run pictures: one current picture of each main view, from the demo data, into docs/screenshots.
import { chromium } from '@playwright/test';
import path from 'node:path';
import { chromiumArgs, chromiumPath } from './lib/browser.mjs';
import { root } from './lib/machine.mjs';

const base = process.env.LOYAL_COIL_URL ?? 'http://127.0.0.1:3100';
const browser = await chromium.launch({ executablePath: chromiumPath, args: chromiumArgs });
const open = async (positionId) => {
  const response = await fetch(`${base}/api/v1/swaps`, {
    method: 'POST',
    headers: { 'content-type': 'application/json' },
    body: JSON.stringify({ positionId }),
  });
  return `/swaps/${(await response.json()).id}`;
};
async function picture(name, address, { width = 1280, height = 800, theme = 'light', before } = {}) {
  const context = await browser.newContext({ viewport: { width, height }, colorScheme: theme });
  const page = await context.newPage();
  await page.goto(base + address, { waitUntil: 'networkidle' });
  await before?.(page);
  await page.waitForTimeout(600);
  await page.screenshot({ path: path.join(root, 'docs/screenshots', `${name}.png`) });
  await context.close();
}
const hoist = await open('kestrel-ramp-k5');
const take = async (page) => page.getByRole('button', { name: 'Nettlecombe N3 22', exact: true }).first().click();
await picture('panels', '/?panel=kestrel-ramp&position=kestrel-ramp-k4');
await picture('make-safe', `${hoist}?stage=safe`);
await picture('read', `${hoist}?stage=read`);
await picture('need', `${hoist}?stage=need`, { before: (page) => page.getByRole('button', { name: /^Locked-rotor amps/ }).click() });
await picture('match', `${hoist}?stage=match`, { before: take });
await picture('match-night', `${hoist}?stage=match`, { theme: 'dark' });
await picture('prove', `${hoist}?stage=match`, {
  before: async (page) => {
    await take(page);
    await page.getByRole('button', { name: /^(Take|Prove)/ }).click();
    await page.goto(`${base}${hoist}?stage=prove`, { waitUntil: 'networkidle' });
  },
});
await picture('record', `${hoist}?stage=record`);
await picture('match-phone', `${hoist}?stage=match`, { width: 390, height: 844 });
await picture('panels-phone', '/?panel=ferrow-gate&position=ferrow-gate-k2', { width: 390, height: 844 });
await picture('worksheet', '/worksheets/control-run');
await picture('interface', '/interface', { before: (page) => page.getByRole('button', { name: 'Judge this case' }).click() });
await browser.close();
