/** What a code says, by a decoder that is none of ours: zxing. */
import { createRequire } from 'node:module';
import type * as Zxing from '@zxing/library';
import sharp from 'sharp';

// The browser tests and these load modules otherwise; what it is required as, both can.
const zxing: typeof Zxing = createRequire(import.meta.url)('@zxing/library');
const { BarcodeFormat, BinaryBitmap, DecodeHintType, HybridBinarizer, MultiFormatReader, RGBLuminanceSource } = zxing;

export async function readCode(picture: Buffer, kind: 'QR_CODE' | 'CODE_128' = 'QR_CODE'): Promise<string> {
  const { data, info } = await sharp(picture)
    .flatten({ background: '#fff' })
    .resize({ width: 600, kernel: 'nearest' })
    .toColourspace('b-w')
    .raw()
    .toBuffer({ resolveWithObject: true });
  const source = new RGBLuminanceSource(new Uint8ClampedArray(data), info.width, info.height);
  const kinds = new Map([[DecodeHintType.POSSIBLE_FORMATS, [BarcodeFormat[kind]]]]);
  return new MultiFormatReader().decode(new BinaryBitmap(new HybridBinarizer(source)), kinds).getText();
}
