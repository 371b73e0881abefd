/** The signed record and the label as PDF, by pdfkit, with the DejaVu fonts that ship with the application. */
import { certain } from '../core/certain';
import PDFDocument from 'pdfkit';
import path from 'node:path';
import { haveWords, wantedText } from '../core/needs/line-text';
import type { Practice } from '../core/case/case';
import { sayIn } from '../core/language/by-practice';
import { formatValue } from '../core/quantities/format-quantity';
import { changeText, fittedBrief, foundText, type RecordLine } from '../core/record/record';
import type { RecordView } from './records';
import { formatInstant } from '../core/language/format-instant';

const font = (name: string) => path.join(process.cwd(), 'node_modules/dejavu-fonts-ttf/ttf', name);
const words = {
  fits: 'fits',
  check: 'check',
  'not-known': 'not known',
  fails: 'FAILS',
  open: 'open',
} as const;
/** The shapes of the screen, in print: disc with tick, triangle, dashed ring, square with cross. */
const marks = { fits: '✔', check: '▲', 'not-known': '◌', fails: '✖', open: '–' } as const;

function collect(doc: PDFKit.PDFDocument): Promise<Buffer> {
  return new Promise((resolve, reject) => {
    const chunks: Buffer[] = [];
    doc.on('data', (chunk: Buffer) => chunks.push(chunk));
    doc.on('end', () => resolve(Buffer.concat(chunks)));
    doc.on('error', reject);
  });
}

function open(options: PDFKit.PDFDocumentOptions): PDFKit.PDFDocument {
  const doc = new PDFDocument({ ...options, font: font('DejaVuSans.ttf') });
  doc
    .registerFont('plain', font('DejaVuSans.ttf'))
    .registerFont('bold', font('DejaVuSans-Bold.ttf'))
    .registerFont('figures', font('DejaVuSansMono.ttf'));
  return doc;
}

function heading(doc: PDFKit.PDFDocument, text: string) {
  doc.moveDown(0.8).font('bold').fontSize(11).text(text, doc.page.margins.left).moveDown(0.2);
}

const shown = (value: unknown, unit: string) => formatValue(value, unit);

type PdfCell = { text: string; x: number; width: number; font?: 'plain' | 'figures' };
const ROW_SIZE = 8.5;

/** One row of cells side by side; the next row begins below the tallest, and a row that has no room begins a page. */
function row(doc: PDFKit.PDFDocument, cells: readonly PdfCell[]) {
  const set = ({ font: face = 'plain' }: PdfCell) => doc.font(face).fontSize(face === 'figures' ? ROW_SIZE - 0.5 : ROW_SIZE);
  const height = Math.max(...cells.map((cell) => set(cell).heightOfString(cell.text || ' ', { width: cell.width })));
  if (doc.y + height > doc.page.height - doc.page.margins.bottom) doc.addPage();
  const y = doc.y;
  for (const cell of cells) set(cell).text(cell.text, cell.x, y, { width: cell.width });
  doc.x = doc.page.margins.left;
  doc.y = y + height + 3;
}

function lineRow(doc: PDFKit.PDFDocument, line: RecordLine, practice: Practice) {
  const x = doc.page.margins.left;
  row(doc, [
    { text: `${marks[certain(line.verdict)]}  ${words[certain(line.verdict)]}`, x, width: 72 },
    { text: line.term, x: x + 74, width: 150 },
    { text: sayIn(practice, wantedText(line.limit, line)), x: x + 230, width: 126, font: 'figures' },
    { text: sayIn(practice, haveWords(line, line.instead)), x: x + 362, width: 136, font: 'figures' },
  ]);
  const remarks = [
    line.acknowledgedBy &&
      (line.verdict === 'not-known'
        ? `NOT KNOWN when signed. Accepted by ${line.acknowledgedBy}: ${line.note ?? ''}.${line.settles ? ` To be settled by: ${line.settles}.` : ''}`
        : `Acknowledged by ${line.acknowledgedBy}${line.note ? `: ${line.note}` : ''}.`),
    line.overriddenBy && `OVERRIDDEN by ${line.overriddenBy}: ${line.reason}. This line does not hold: ${line.because}`,
  ].filter(Boolean);
  for (const remark of remarks)
    doc
      .font('plain')
      .fontSize(8)
      .text(remark as string, x + 74, doc.y, { width: 420 });
}

/** Returns the record as an A4 PDF. */
export async function recordPdf({ id, body, hash, timeZone }: RecordView): Promise<Buffer> {
  const doc = open({
    size: 'A4',
    margin: 48,
    info: { Title: `Record ${body.position.tag}`, Creator: 'Loyal Coil' },
  });
  const done = collect(doc);
  const { position } = body;
  doc
    .font('bold')
    .fontSize(17)
    .text(`Record ${position.tag}`)
    .font('plain')
    .fontSize(10)
    .text(`${position.site}, ${position.panel}, ${position.tag} ${position.function}`);
  doc.text(
    `Signed by ${body.signedBy} on ${formatInstant(body.signedAt, timeZone, 'minute')}. Practice: ${body.practice === 'NFPA70' ? 'NFPA 70 / UL / NEMA' : 'IEC'}.`,
  );
  if (body.remark) doc.moveDown(0.3).text(body.remark);
  const overridden = body.fitted.lines.filter((line) => line.overriddenBy);
  if (overridden.length > 0)
    doc
      .moveDown(0.4)
      .font('bold')
      .fillColor('#8c1d1d')
      .text(
        `${overridden.length} line${overridden.length > 1 ? 's' : ''} of the requirements failed and ${overridden.length > 1 ? 'were' : 'was'} overridden by name. See below.`,
      )
      .fillColor('black');
  const found = foundText(body);
  if (found.length > 0) {
    heading(doc, 'What was found');
    doc.font('plain').fontSize(8.5);
    for (const one of found) doc.text(`${one}.`, 48);
  }
  for (const [title, part] of [
    [`Installed: ${body.fitted.name}, ${fittedBrief(body)}: ${words[body.fitted.verdict]}`, body.fitted],
    body.removed ? [`Removed: ${body.removed.name}: ${words[body.removed.verdict]}`, body.removed] : null,
  ].filter(Boolean) as [string, { lines: RecordLine[] }][]) {
    heading(doc, title);
    for (const line of part.lines) lineRow(doc, line, body.practice);
  }
  if (body.changes && body.changes.length > 0) {
    heading(doc, 'Compared with the removed part');
    doc.font('plain').fontSize(8.5);
    for (const change of body.changes) doc.text(changeText(change), 48);
  }
  heading(doc, 'Tests');
  for (const proof of body.proofs)
    row(doc, [
      { text: `${marks[proof.verdict]}  ${words[proof.verdict]}`, x: 48, width: 72 },
      { text: proof.title, x: 122, width: 190 },
      { text: proof.net === null ? '' : shown(proof.net, proof.unit), x: 316, width: 88, font: 'figures' },
      { text: proof.limits, x: 408, width: 138, font: 'figures' },
    ]);
  if (body.settings && body.settings.length > 0) {
    heading(doc, 'Settings');
    for (const { name, value, asLeft } of body.settings)
      row(doc, [
        { text: name, x: 48, width: 170 },
        { text: value, x: 222, width: 170, font: 'figures' },
        { text: `as left: ${asLeft || '.......'}`, x: 396, width: 150, font: 'figures' },
      ]);
  }
  heading(doc, 'Terminal map, old to new');
  doc
    .font('figures')
    .fontSize(8.5)
    .text(body.terminals.map((move) => `${move.from}\u00a0→\u00a0${move.to}`).join('    '), 48);
  heading(doc, 'Made safe');
  doc
    .font('plain')
    .fontSize(8.5)
    .text(body.madeSafe.map((step) => `${step.step} (${step.by})`).join('; '), 48);
  doc
    .moveDown(1)
    .fontSize(7.5)
    .fillColor('#555')
    .text(`Record ${id}. SHA-256 of its canonical JSON: ${hash}`, 48)
    .text('Decision support for qualified people. Local codes, the makers’ instructions and licensed practice govern.', 48);
  doc.end();
  return done;
}

/** Returns the label for the position: 62 x 29 mm. */
export async function labelPdf({ body, timeZone }: RecordView): Promise<Buffer> {
  const mm = 72 / 25.4;
  const doc = open({ size: [62 * mm, 29 * mm], margin: 2.5 * mm });
  const done = collect(doc);
  const width = 57 * mm;
  const running = body.fitted.lines.find((line) => line.id === 'running');
  doc.font('bold').fontSize(13).text(`${body.position.tag}  ${body.position.function}`, { width, height: 16, ellipsis: true });
  doc.font('plain').fontSize(8.5).text(body.fitted.name, { width, height: 12, ellipsis: true });
  doc
    .font('figures')
    .fontSize(8.5)
    .text(running ? shown(running.have, running.unit) : '', { width, height: 12 });
  doc.fontSize(7.5).text(fittedBrief(body), { width, height: 20, ellipsis: true });
  doc
    .font('plain')
    .fontSize(7)
    .text(
      `${formatInstant(body.signedAt, timeZone)}  ${body.signedBy}${body.stock ? `  spare: ${body.stock.place}, ${body.stock.after} left` : ''}`,
      {
        width,
        height: 20,
      },
    );
  doc.end();
  return done;
}
