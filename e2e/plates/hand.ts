/** Steps of the plate tests: a drawn plate as a file, handing it over, reading it, finding a mark. */
import { css } from '../css';
import type { Locator, Page } from '@playwright/test';
import { expect } from '../test';
import { onDisk } from '../on-disk';

/** Draws a plate in the page with the letters it ships, tilted a little, and hands it over as a file. */
export async function plateFile(
  page: Page,
  lines: string[],
  { tilt = 0.03, type = 'image/png' } = {},
): Promise<{ name: string; mimeType: string; buffer: Buffer }> {
  const url = await page.evaluate(
    async ({ text, angle, mime }) => {
      await document.fonts.load("600 40px 'Archivo Variable'");
      const canvas = document.createElement('canvas');
      [canvas.width, canvas.height] = [1200, 160 + text.length * 90];
      const c = canvas.getContext('2d')!;
      c.fillStyle = '#4a5560';
      c.fillRect(0, 0, canvas.width, canvas.height);
      c.translate(canvas.width / 2, canvas.height / 2);
      c.rotate(angle);
      c.fillStyle = '#d6d2c6';
      c.fillRect(-540, -canvas.height / 2 + 40, 1080, canvas.height - 80);
      c.fillStyle = '#22262b';
      c.font = "600 40px 'Archivo Variable'";
      text.forEach((line, i) =>
        line.split('   ').forEach((cell, k) => c.fillText(cell, -490 + k * 360, -canvas.height / 2 + 130 + i * 90)),
      );
      return canvas.toDataURL(mime, 0.9);
    },
    { text: lines, angle: tilt, mime: type },
  );
  return { name: `plate.${type.split('/')[1]}`, mimeType: type, buffer: Buffer.from(url.split(',')[1]!, 'base64') };
}
export const motor = ['HALVERGATE MOTORS', 'HP 25   RPM 1770   FRAME 284T', 'VOLTS 460   AMPS 32.5   PH 3', 'HZ 60   CODE G   S.F. 1.15'];
/** The field of a plate with this label; the label also holds the sign of its state. */
export const mark = (plate: Locator, label: string): Locator =>
  plate
    .locator('.mark')
    .filter({ has: plate.page().locator('label', { hasText: new RegExp(`^${label}`) }) })
    .locator('input, select')
    .first();
/** Hands a file over, as it lies on the disk. */
export async function give(page: Page, file: { name: string; buffer: Buffer }): Promise<void> {
  await page.locator('input[type=file]').first().setInputFiles(onDisk(file));
}

export async function readPicture(page: Page, lines: string[], options?: { tilt?: number; type?: string }): Promise<void> {
  await give(page, await plateFile(page, lines, options));
  await page.getByRole('button', { name: /^Read the/ }).click();
  await expect(page.locator(css('.words-over'))).toBeVisible({ timeout: 60_000 });
}
