/** Fonts of a PDF are opened once: pdfkit opens a font again wherever it is named otherwise than by what it was opened as. */
import { describe, expect, it } from 'vitest';
import { bytesOfPdf, fonts, openPdf } from './pdf';

describe('a PDF', () => {
  it('opens each font once, however many cells its tables have', async () => {
    const doc = openPdf({ size: 'A4' });
    const done = bytesOfPdf(doc);
    const cell = (src: string) => ({ text: 'full-load amps', font: { src, size: 8 } });
    doc.font(fonts.bold).text('Lines').font(fonts.plain);
    doc.table({ data: Array.from({ length: 20 }, () => [cell(fonts.plain), cell(fonts.figures)]) });
    // Each font that is opened gets the next number, whether it turns out to be there already or not.
    expect(Reflect.get(doc, '_fontCount')).toBe(Object.keys(fonts).length);
    doc.end();
    expect((await done).subarray(0, 5).toString()).toBe('%PDF-');
  });
});
