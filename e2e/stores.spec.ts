/** The stores: a part is found, counted, taken, moved; what is below its least stands on the list; nobody takes what is not there. */
import { readFileSync } from 'node:fs';
import { readCode } from '@/tests/read-code';
import { answerOrder, numbersAsked } from '@/standins/supplier';
import { isAccessible } from './accessible';
import { openPalette } from './bench';
import { onDisk } from './on-disk';
import { expect, test } from './test';

const PART = 'Nettlecombe N0 11';

test('a shelf is counted, its pieces taken and moved, and what falls below its least is on the list to order', async ({ page }) => {
  await page.goto('/stores');
  const table = page.getByRole('grid', { name: 'What lies in the stores' });
  await page.getByLabel('Find in the stores').fill('N0 bin C1');
  const row = table.getByRole('row').filter({ hasText: PART });
  await expect(row).toHaveCount(1);
  await expect(row.getByRole('gridcell', { name: '3' })).toHaveCount(2);
  // By the keyboard alone: into the table, down to the row, chosen.
  await table.getByRole('columnheader', { name: 'Part' }).focus();
  await page.keyboard.press('ArrowDown');
  await page.keyboard.press('Enter');
  const chosen = page.getByRole('region', { name: PART });
  await isAccessible(page, 'stores');

  await chosen.getByRole('button', { name: 'Count' }).click();
  await chosen.getByLabel('Pieces').fill('5');
  // A double click is one deed.
  await chosen.getByLabel('At the shelf').getByRole('button', { name: 'Count' }).last().dblclick();
  await expect(chosen.getByRole('status')).toHaveText('Count: done. 5 lie at stores, bin C1 now.');
  await expect(chosen.getByRole('row').filter({ hasText: 'Counted' })).toHaveCount(1);

  await chosen.getByRole('button', { name: 'Take', exact: true }).first().click();
  await chosen.getByLabel('Pieces').fill('9');
  await chosen.getByLabel('Why').fill('pump 2');
  await chosen.getByLabel('At the shelf').getByRole('button', { name: 'Take' }).last().click();
  await expect(chosen.getByRole('alert')).toContainText('5 lie there now');
  await chosen.getByLabel('Pieces').fill('4');
  await chosen.getByLabel('At the shelf').getByRole('button', { name: 'Take' }).last().click();
  await expect(chosen.getByRole('status')).toHaveText('Take: done. 1 lie at stores, bin C1 now.');
  await expect(chosen.getByRole('row').filter({ hasText: 'Taken: pump 2' })).toContainText('-4');

  await chosen.getByLabel('Least', { exact: true }).fill('2');
  await chosen.getByLabel('Most', { exact: true }).fill('6');
  await page.keyboard.press('Tab');
  await chosen.getByRole('button', { name: 'Set least and most' }).click();
  const order = page.getByRole('region', { name: 'To order' });
  await expect(order.getByLabel(`Pieces of ${PART} to order`)).toHaveValue('5');
  await page.getByRole('button', { name: 'Below their least' }).click();
  await expect(row).toHaveCount(1);

  await chosen.getByRole('button', { name: 'Move' }).first().click();
  await chosen.getByLabel('To', { exact: true }).fill('van');
  await chosen.getByLabel('At the shelf').getByRole('button', { name: 'Move' }).last().click();
  await expect(chosen.getByRole('status')).toHaveText('Move: done. 0 lie at stores, bin C1 now.');
});

test('a label is read off its picture and leads to its part; a sheet of labels is a PDF', async ({ page, baseURL }) => {
  await page.goto('/stores');
  await page.getByLabel('Find in the stores').fill('N2 22');
  await page.getByRole('grid').getByRole('row').filter({ hasText: 'Nettlecombe N2 22' }).click();
  const code = page.getByRole('img', { name: 'Code that leads to Nettlecombe N2 22' });
  // What is there is painted: a picture that has arrived may not be yet.
  await code.evaluate((picture: HTMLImageElement) => picture.decode());
  const address = await readCode(await code.screenshot());
  expect(new URL(address).origin).toBe(baseURL);
  await page.goto(address);
  await expect(page.getByRole('region', { name: 'Nettlecombe N2 22' })).toBeVisible();
  await expect(page.getByRole('grid').getByRole('row')).toHaveCount(2);
  await page.getByRole('button', { name: 'Only this part' }).click();
  await expect(page.getByRole('button', { name: 'Only this part' })).toHaveCount(0);

  const sheet = await page.request.get((await page.getByRole('link', { name: 'Labels of the places' }).getAttribute('href')) ?? '');
  expect(sheet.headers()['content-type']).toBe('application/pdf');
});

test('who may only look sees the ledger and no deeds', async ({ page, context }) => {
  await context.request.post('/api/v1/session/demo', { data: { personId: 'demo-tam' } });
  await page.goto('/stores');
  await page.getByRole('grid').getByRole('row').nth(1).click();
  await expect(page.getByText('You may look; stores, electricians and foremen keep the stock.')).toBeVisible();
  await expect(page.getByRole('group', { name: 'Ledger' })).toBeVisible();
  await expect(page.getByRole('form', { name: 'At the shelf' })).toHaveCount(0);
  await expect(page.getByRole('button', { name: /Order these|has arrived|supplier’s answer/ })).toHaveCount(0);
});

test('what a scanner types and enters at once is gone to, a label’s address too, and a slip of the key is mended', async ({ page }) => {
  await page.goto('/stores');
  await expect(page.getByRole('heading', { name: 'Stores' })).toBeVisible();
  const scan = async (text: string) => {
    await openPalette(page);
    await page.keyboard.insertText(text);
    await page.keyboard.press('Enter');
  };
  await scan('netlecombe n3 22');
  await page.waitForURL(/\/parts\/nettlecombe-n3/);
  await scan('http://coil.plant.example/panels/ferrow-cabin');
  await page.waitForURL(/\/panels\/ferrow-cabin/);
  await expect(page.getByRole('heading', { name: 'Control cabin' })).toBeVisible();
  // However fast it is: Enter comes before anything of what was typed stands on the screen.
  await openPalette(page);
  await page.evaluate(() => {
    const box = document.activeElement;
    if (!(box instanceof HTMLInputElement)) throw new Error('The palette has no box.');
    Object.getOwnPropertyDescriptor(HTMLInputElement.prototype, 'value')?.set?.call(box, 'nettlecombe-n3-3p-120-22');
    box.dispatchEvent(new Event('input', { bubbles: true }));
    box.dispatchEvent(new KeyboardEvent('keydown', { key: 'Enter', bubbles: true, cancelable: true }));
  });
  await page.waitForURL(/\/parts\/nettlecombe-n3-3p-120-22/);
});

test('what is below its least is ordered, the supplier’s answer is read back, and what arrives goes into stock', async ({ page }) => {
  await page.goto('/stores');
  await page.getByLabel('Find in the stores').fill('N0 bin C1');
  const row = page.getByRole('grid', { name: 'What lies in the stores' }).getByRole('row').filter({ hasText: PART });
  await expect(row).toHaveCount(1);
  await row.click();
  const chosen = page.getByRole('region', { name: PART });
  await chosen.getByLabel('Least', { exact: true }).fill('6');
  await chosen.getByLabel('Most', { exact: true }).fill('8');
  await page.keyboard.press('Tab');
  await chosen.getByRole('button', { name: 'Set least and most' }).click();
  const list = page.getByRole('region', { name: 'To order' });
  const wanted = list.getByRole('row').filter({ hasText: PART });
  await expect(wanted).toHaveCount(1);
  await list.getByLabel(`Pieces of ${PART} to order`).fill('4');
  await list.getByLabel(`Pieces of ${PART} to order`).press('Enter');
  await list.getByRole('button', { name: 'Order these' }).dblclick();
  const order = page.getByRole('region', { name: /^Order LC-kestrel-/ });
  await expect(order).toHaveCount(1);
  await isAccessible(page, 'stores with an order');

  const download = page.waitForEvent('download');
  await order.getByRole('link', { name: 'Order, UBL' }).click();
  const xml = readFileSync(await (await download).path(), 'utf8');
  const [number] = numbersAsked(xml);
  const articles = [{ number: number!, price: 28, currency: 'USD', stock: 1, leadDays: 9 }];
  const { response, advice } = answerOrder(xml, articles, '2026-01-10');
  const answer = order.getByLabel('Bring the supplier’s answer');
  await answer.setInputFiles(onDisk({ name: 'wrong.xml', buffer: '<Invoice/>' }));
  await expect(order.getByRole('alert')).toContainText('neither an order response nor a despatch advice');
  await answer.setInputFiles(onDisk({ name: 'response.xml', buffer: response }));
  await expect(order.getByRole('row').filter({ hasText: PART })).toContainText('accepted with a change, 4 promised, by 2026-01-19, LATE');
  await expect(order.getByRole('alert')).toHaveCount(0);
  await answer.setInputFiles(onDisk({ name: 'advice.xml', buffer: advice }));
  await expect(order.getByRole('row').filter({ hasText: PART })).toContainText('1 on the way');

  await order.getByRole('button', { name: `${PART} has arrived` }).click();
  const arrived = order.getByRole('form', { name: `Arrived of ${PART}` });
  await arrived.getByLabel('Put where').fill('stores, bin C1');
  await arrived.getByRole('button', { name: 'Take into stock' }).dblclick();
  await expect(arrived).toHaveCount(0);
  await expect(order.getByRole('row').filter({ hasText: PART }).getByRole('cell').nth(4)).toHaveText('1');
  await expect(chosen.getByRole('row').filter({ hasText: /Received: order LC-kestrel-/ })).toHaveCount(1);
  await order.getByRole('button', { name: 'Nothing more is expected' }).click();
  await expect(page.getByText('Nothing is expected.')).toBeVisible();
});
