/** What every PDF of ours begins with and ends in: pdfkit, with the DejaVu fonts that ship with the application. */
import PDFDocument from 'pdfkit';
import path from 'node:path';

const font = (name: string) => path.join(process.cwd(), 'node_modules/dejavu-fonts-ttf/ttf', name);

/**
 * The fonts, each by its file. By a name of its own a font would be read and opened anew for every cell of a table, which puts the font before
 * it back by its file.
 */
export const fonts = { plain: font('DejaVuSans.ttf'), bold: font('DejaVuSans-Bold.ttf'), figures: font('DejaVuSansMono.ttf') };

export const openPdf = (options: PDFKit.PDFDocumentOptions): PDFKit.PDFDocument => new PDFDocument({ ...options, font: fonts.plain });

/** The bytes of a PDF, once it is ended. */
export function bytesOfPdf(doc: PDFKit.PDFDocument): Promise<Buffer> {
  return new Promise((resolve, reject) => {
    const chunks: Buffer[] = [];
    doc.on('data', (chunk: Buffer) => chunks.push(chunk));
    doc.on('end', () => resolve(Buffer.concat(chunks)));
    doc.on('error', reject);
  });
}
