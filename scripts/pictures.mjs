// npm run pictures: one current picture of each main view, from the demo data, into docs/screenshots.
import { chromium } from '@playwright/test';
import path from 'node:path';
import { chromiumArgs, chromiumPath } from './lib/browser.mjs';
import { css } from '../e2e/css';
import { proveAndSign, sayAll, take } from '../e2e/bench';
import { root } from './lib/machine.mjs';
import { demoSession } from './lib/sign-in.mjs';

const base = process.env.LOYAL_COIL_URL ?? 'http://127.0.0.1:3100';
const session = await demoSession(base);
const browser = await chromium.launch({ executablePath: chromiumPath, args: chromiumArgs });
const open = async (positionId) => {
  const response = await fetch(`${base}/api/v1/swaps`, {
    method: 'POST',
    headers: { 'content-type': 'application/json', cookie: session.header },
    body: JSON.stringify({ positionId }),
  });
  return `/swaps/${(await response.json()).id}`;
};
async function picture(name, address, { width = 1280, height = 800, theme = 'light', as, before } = {}) {
  const context = await browser.newContext({ viewport: { width, height }, colorScheme: theme });
  await context.addCookies(as ? (await demoSession(base, as)).cookies : session.cookies);
  const page = await context.newPage();
  await page.goto(base + address, { waitUntil: 'networkidle' });
  await before?.(page);
  await page.waitForTimeout(600);
  await page.screenshot({ path: path.join(root, 'docs/screenshots', `${name}.png`) });
  await context.close();
}
const hoist = await open('kestrel-ramp-k5');
await picture('curves', '/curves?position=ferrow-pump-f11');
await picture('supply', '/supply/kestrel-winch?position=kestrel-winch-k1');
const pickSpare = async (page) => page.getByRole('button', { name: 'Nettlecombe N3 22', exact: true }).first().click();
await picture('panels', '/?panel=kestrel-ramp&position=kestrel-ramp-k4');
await picture('make-safe', `${hoist}?stage=safe`);
await picture('nameplates', `${hoist}?stage=read`);
await picture('requirements', `${hoist}?stage=need`, {
  before: (page) => page.getByRole('button', { name: /^Locked-rotor amps/ }).click(),
});
await picture('candidates', `${hoist}?stage=match`, { before: pickSpare });
const drive = await open('ferrow-pump-r10');
await picture('residual-night', `${drive}?stage=need`, {
  theme: 'dark',
  height: 1000,
  before: async (page) => {
    const seen = page.getByRole('region', { name: 'What each type detects of this load' });
    await seen.getByRole('button').first().click();
    await page.locator(css('.wave-table')).scrollIntoViewIfNeeded();
  },
});
await picture('stores', '/stores', {
  height: 1000,
  before: async (page) => {
    await page.getByLabel('Find in the stores').fill('bin C');
    await page.getByRole('row').filter({ hasText: 'Nettlecombe N2 22' }).click();
    await page.getByRole('img', { name: /^Code/ }).waitFor();
    await page.evaluate(() => globalThis.scrollTo(0, 0));
  },
});
const timer = await open('kestrel-ramp-k9');
await picture('tests', `${timer}?stage=match`, {
  height: 1100,
  before: async (page) => {
    await page.getByRole('button', { name: 'In stock', exact: true }).click();
    await page.locator(css('table.board thead .pick')).first().click();
    await sayAll(page);
    await page.getByRole('button', { name: /^(Take|Prove)/ }).click();
    await page.goto(`${base}${timer}?stage=prove`, { waitUntil: 'networkidle' });
    await page.locator(css('.base-map')).scrollIntoViewIfNeeded();
  },
});
await picture('lab-timer', '/lab?bench=timer');
await picture('drawing', '/panels/ferrow-gate', {
  before: async (page) => {
    await page.getByLabel('Starter template', { exact: true }).selectOption('star-delta');
    await page.getByLabel('What the circuit is for').fill('sluice 2');
    await page.getByRole('button', { name: /^K1 / }).click();
  },
});
await picture('import', '/parts/import', {
  before: async (page) => {
    await page.getByLabel('Kind of part').selectOption('fuse');
    const rows = ['Wexmoor;WX-25;25,0;gG;bin 4;12', 'Wexmoor;1E+05;32,5;gG;bin 4;3', 'Wexmoor;WX-40;40,0;gG;bin 5;6'];
    const text = ['Hersteller;Art No;Rated current (A);Utilisation category;bin;qty', ...rows].join('\n');
    await page.locator('input[type=file]').setInputFiles({ name: 'fuses.csv', mimeType: 'text/csv', buffer: Buffer.from(text) });
    await page.getByRole('region', { name: 'What fuses.csv says' }).waitFor();
  },
});
const fan = await open('ferrow-cabin-c21');
await picture('record', `${fan}?stage=match`, {
  height: 1000,
  before: async (page) => {
    await take(page, page.locator(css('table.board thead .pick')).first());
    await proveAndSign(page);
    await page.waitForURL(/\/records\//);
  },
});
await picture('panels-phone', '/?panel=ferrow-gate&position=ferrow-gate-k2', { width: 390, height: 844 });
// Plates of the demo scenario are drawn in the page itself, with the letters it ships.
const plateFile = (page, lines, dark) =>
  page.evaluate(
    async ({ text, night }) => {
      await document.fonts.load("600 40px 'Archivo Variable'");
      const canvas = document.createElement('canvas');
      [canvas.width, canvas.height] = [1200, 190 + text.length * 84];
      const c = canvas.getContext('2d');
      const table = c.createLinearGradient(0, 0, 1200, canvas.height);
      table.addColorStop(0, '#59636b');
      table.addColorStop(1, '#3c444b');
      c.fillStyle = table;
      c.fillRect(0, 0, canvas.width, canvas.height);
      c.translate(600, canvas.height / 2);
      c.rotate(-0.035);
      const metal = c.createLinearGradient(-540, -300, 540, 300);
      metal.addColorStop(0, night ? '#2b2d30' : '#dedad0');
      metal.addColorStop(1, night ? '#202225' : '#bdb9ad');
      c.fillStyle = metal;
      c.beginPath();
      c.roundRect(-540, -canvas.height / 2 + 50, 1080, canvas.height - 100, 22);
      c.fill();
      c.fillStyle = night ? '#e8e4da' : '#22262b';
      text.forEach((line, i) => {
        c.font = `${i === 0 ? 700 : 560} ${i === 0 ? 50 : 38}px 'Archivo Variable'`;
        line.split('   ').forEach((cell, k) => c.fillText(cell, -480 + k * 350, -canvas.height / 2 + 145 + i * 84));
      });
      return canvas.toDataURL('image/jpeg', 0.9);
    },
    { text: lines, night: dark },
  );
const readPlate = async (page, lines, dark = false) => {
  const url = await plateFile(page, lines, dark);
  await page
    .locator('input[type=file]')
    .first()
    .setInputFiles({ name: 'plate.jpg', mimeType: 'image/jpeg', buffer: Buffer.from(url.split(',')[1], 'base64') });
  await page.getByRole('button', { name: /^Read the/ }).click();
  await page.locator(css('.words-over')).waitFor({ timeout: 60_000 });
};
await picture('read-photo', `${hoist}?stage=read`, {
  before: async (page) => {
    await page.getByRole('button', { name: 'Picture', exact: true }).click();
    await readPlate(page, [
      'HALVERGATE MOTORS',
      'HP 30   RPM 1765   FRAME 286T',
      'VOLTS 230/460   AMPS 74/37   PH 3',
      'HZ 60   CODE G   S.F. 1.15',
      'INS CL F   AMB 40°C   DUTY CONT',
    ]);
  },
});
await picture('plates-night', '/plates', {
  theme: 'dark',
  before: (page) => readPlate(page, ['WEXCOMBE', 'C16   IΔn 30 mA', '230V~   50 Hz   6000', 'IEC 61009-1   1P+N'], true),
});
await picture('circuits', '/circuits/kestrel-ramp', {
  before: (page) => page.getByRole('region', { name: 'Circuit Hoist' }).scrollIntoViewIfNeeded(),
});
await picture('quick-check', '/check', {
  height: 900,
  before: async (page) => {
    await page.getByRole('button', { name: 'Try an example' }).click();
    const next = page.getByRole('region', { name: 'Next question' });
    await next.getByRole('textbox').fill('400');
    await next.getByRole('textbox').press('Enter');
    await page.mouse.click(640, 90);
  },
});
await browser.close();
