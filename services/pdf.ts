/** What every PDF of ours begins with and ends in: pdfkit, with the DejaVu fonts that ship with the application. */
import PDFDocument from 'pdfkit';
import path from 'node:path';

const font = (name: string) => path.join(process.cwd(), 'node_modules/dejavu-fonts-ttf/ttf', name);

export function openPdf(options: PDFKit.PDFDocumentOptions): PDFKit.PDFDocument {
  const doc = new PDFDocument({ ...options, font: font('DejaVuSans.ttf') });
  doc
    .registerFont('plain', font('DejaVuSans.ttf'))
    .registerFont('bold', font('DejaVuSans-Bold.ttf'))
    .registerFont('figures', font('DejaVuSansMono.ttf'));
  return doc;
}

/** The bytes of a PDF, once it is ended. */
export function bytesOfPdf(doc: PDFKit.PDFDocument): Promise<Buffer> {
  return new Promise((resolve, reject) => {
    const chunks: Buffer[] = [];
    doc.on('data', (chunk: Buffer) => chunks.push(chunk));
    doc.on('end', () => resolve(Buffer.concat(chunks)));
    doc.on('error', reject);
  });
}
