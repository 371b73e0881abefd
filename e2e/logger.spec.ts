/** A logger's file at a search for the cause: read, held against the device's own band, taken as what was observed. */
import { openPosition, saved } from './bench';
import { expect, test } from './test';

test('peaks of a logger stand beside the curve, and one of them is taken as observed', async ({ page }) => {
  await openPosition(page, 'kestrel-ramp', /^Q7 ballast 2/);
  await page.getByRole('link', { name: /^Start from what it does/ }).click();
  await page.getByRole('button', { name: 'It operates at random', exact: true }).click();
  await page.waitForURL(/\/swaps\//);
  const place = page.getByRole('region', { name: 'Record of time' });
  const bring = (name: string, text: string) =>
    place.locator('input[type=file]').setInputFiles({ name, mimeType: 'text/csv', buffer: Buffer.from(text) });
  await bring('door.csv', 'time,door\n0,1');
  await expect(place.getByRole('alert')).toContainText('names the columns');
  await bring(
    'night.csv',
    'time;current (A);voltage (V)\n02:00:00;7,1;478\n02:00:01;52,0;471\n02:00:04;50,5;472\n02:00:06;7,2;478\n05:00:00;7,1;478',
  );
  await expect(place.getByRole('alert')).toHaveCount(0);
  await expect(place.getByRole('status')).toContainText(/night\.csv: 3\.0 h, highest 52.A, lowest 471.V\. 1 time at 20.A or above/);
  await expect(place.getByRole('img')).toHaveAccessibleName(/recorded: 5.s at 52.A/);
  await place.getByRole('button', { name: /^Take 52.A for 5.s as observed/ }).click();
  await saved(page);
  await expect(page.getByRole('region', { name: 'Fault finding' })).toContainText(/Its own band/);
});
