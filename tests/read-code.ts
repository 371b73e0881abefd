/** What a code says, by a decoder that is none of ours: zxing. */
import { createRequire } from 'node:module';
import type * as Zxing from '@zxing/library';
import sharp from 'sharp';

// The browser tests and these load modules otherwise; what it is required as, both can.
const zxing: typeof Zxing = createRequire(import.meta.url)('@zxing/library');
const { BarcodeFormat, BinaryBitmap, DecodeHintType, HybridBinarizer, MultiFormatReader, RGBLuminanceSource } = zxing;

/** The decoder seeks the corners of a code by small squares: one drawn large is shrunk before it is read as it is. */
const SHARES = [1 / 2, 1, 1 / 4];

async function pixelsOf(picture: Buffer, share: number) {
  const { width } = await sharp(picture).metadata();
  const { data, info } = await sharp(picture)
    .flatten({ background: '#fff' })
    .resize({ width: Math.round(width * share), kernel: 'nearest' })
    .toColourspace('b-w')
    .raw()
    .toBuffer({ resolveWithObject: true });
  return new BinaryBitmap(new HybridBinarizer(new RGBLuminanceSource(new Uint8ClampedArray(data), info.width, info.height)));
}

export async function readCode(picture: Buffer, kind: 'QR_CODE' | 'CODE_128' = 'QR_CODE'): Promise<string> {
  const kinds = new Map([[DecodeHintType.POSSIBLE_FORMATS, [BarcodeFormat[kind]]]]);
  let fault: unknown;
  for (const share of SHARES)
    try {
      return new MultiFormatReader().decode(await pixelsOf(picture, share), kinds).getText();
    } catch (notFound) {
      fault = notFound;
    }
  throw fault;
}
