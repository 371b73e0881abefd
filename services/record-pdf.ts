/** The signed record and the label as PDF, by pdfkit, with the DejaVu fonts that ship with the application. */
import { ended } from '../core/language/sentence';
import { ratingText } from '../core/record/rating';
import { certain } from '../core/certain';
import { haveWords, wantedText } from '../core/needs/line-text';
import type { Practice } from '../core/case/case';
import { sayIn } from '../core/language/by-practice';
import { formatValue } from '../core/quantities/format-quantity';
import { changeText, circuitText, fittedBrief, foundText, HELD, type RecordBody, type RecordLine } from '../core/record/record';
import { readingsOnRecord } from '../core/record/readings-on-record';
import type { RecordView } from './records';
import { formatInstant } from '../core/language/format-instant';
import { bytesOfPdf, fonts, openPdf } from './pdf';

const words = {
  fits: 'fits',
  check: 'check',
  'not-known': 'not known',
  fails: 'FAILS',
  open: 'open',
  'not-done': 'not done',
  later: 'later',
} as const;
/** The shapes of the screen, in print: disc with tick, triangle, dashed ring, square with cross. */
const marks = { fits: '✔', check: '▲', 'not-known': '◌', fails: '✖', open: '–', 'not-done': '–', later: '–' } as const;

function heading(doc: PDFKit.PDFDocument, text: string) {
  doc.moveDown(0.8).font(fonts.bold).fontSize(11).text(text, doc.page.margins.left).moveDown(0.2);
}

const shown = (value: unknown, unit: string) => formatValue(value, unit);

type Cell = string | { text: string; figures: true };
const figures = (text: string): Cell => ({ text, figures: true });
const ROW_SIZE = 8.5;
const GREY = '#bbb';

/** A table of pdfkit's own: a row that has no room begins a page. A remark stands under its row, over every column but the first. */
function table(
  doc: PDFKit.PDFDocument,
  widths: readonly number[],
  rows: readonly { cells: readonly Cell[]; remarks?: readonly string[] }[],
) {
  if (rows.length === 0) return;
  const cellOf = (cell: Cell, last: boolean) => ({
    text: (typeof cell === 'string' ? cell : cell.text) || ' ',
    font: typeof cell === 'string' ? { src: fonts.plain, size: ROW_SIZE } : { src: fonts.figures, size: ROW_SIZE - 0.5 },
    border: { bottom: last ? 0.4 : 0 },
  });
  doc.font(fonts.plain).fontSize(ROW_SIZE);
  doc.table({
    position: { x: doc.page.margins.left },
    columnStyles: [...widths],
    defaultStyle: { border: 0, borderColor: GREY, padding: { top: 2, bottom: 2, left: 0, right: 6 } },
    data: rows.flatMap(({ cells, remarks = [] }) => [
      cells.map((cell) => cellOf(cell, remarks.length === 0)),
      ...remarks.map((text, k) => [
        cellOf('', k === remarks.length - 1),
        { ...cellOf(text, k === remarks.length - 1), colSpan: widths.length - 1 },
      ]),
    ]),
  });
  doc.x = doc.page.margins.left;
}

const verdictCell = (verdict: keyof typeof words): string => `${marks[verdict]}  ${words[verdict]}`;

/** What was said of a line by name: accepted, or overridden. */
function remarksOf(line: RecordLine): string[] {
  const { acknowledgedBy: by, note } = line;
  const accepted =
    line.verdict === 'not-known'
      ? `NOT KNOWN when signed. Accepted by ${by}: ${note ?? ''}.${line.settles ? ` To be settled by: ${line.settles}.` : ''}`
      : `Acknowledged by ${by}${note ? `: ${note}` : ''}.`;
  return [
    ...(by ? [accepted] : []),
    ...(line.overriddenBy
      ? [
          `OVERRIDDEN by ${line.overriddenBy}: ${ended(line.reason)}${line.approvedBy ? ` Approved by ${line.approvedBy}.` : ''} This line does not hold: ${line.because}`,
        ]
      : []),
  ];
}

function lineTable(doc: PDFKit.PDFDocument, title: string, lines: readonly RecordLine[], practice: Practice) {
  heading(doc, title);
  table(
    doc,
    [74, 156, 132, 137],
    lines.map((line) => ({
      cells: [
        verdictCell(certain(line.verdict)),
        line.term,
        figures(sayIn(practice, wantedText(line.limit, line))),
        figures(sayIn(practice, haveWords(line, line.instead))),
      ],
      remarks: remarksOf(line),
    })),
  );
}

function head(doc: PDFKit.PDFDocument, { body, timeZone }: RecordView) {
  const { position } = body;
  doc.font(fonts.bold).fontSize(17).text(`Record ${position.tag}`);
  doc.font(fonts.plain).fontSize(10).text(`${position.site}, ${position.panel}, ${position.tag} ${position.function}`);
  const practice = body.practice === 'NFPA70' ? 'NFPA 70 / UL / NEMA' : 'IEC';
  doc.text(
    `Signed by ${body.signedBy}${body.doneBy ? `, for ${body.doneBy}` : ''} on ${formatInstant(body.signedAt, timeZone, 'minute')}. Practice: ${practice}.`,
  );
  if (body.remark) doc.moveDown(0.3).text(body.remark);
  const overridden = body.fitted.lines.filter((line) => line.overriddenBy).length;
  if (overridden === 0) return;
  const were = overridden > 1 ? 'were' : 'was';
  doc.moveDown(0.4).font(fonts.bold).fillColor('#8c1d1d');
  doc
    .text(`${overridden} line${overridden > 1 ? 's' : ''} of the requirements failed and ${were} overridden by name. See below.`)
    .fillColor('black');
}

/** Sentences one under another, under a heading; nothing where there are none. */
function sentences(doc: PDFKit.PDFDocument, title: string, texts: readonly string[]) {
  if (texts.length === 0) return;
  heading(doc, title);
  doc.font(fonts.plain).fontSize(ROW_SIZE);
  for (const text of texts) doc.text(text, doc.page.margins.left);
}

function settingTable(doc: PDFKit.PDFDocument, settings: RecordBody['settings']) {
  if (!settings || settings.length === 0) return;
  heading(doc, 'Settings');
  table(
    doc,
    [172, 172, 155],
    settings.map(({ name, value, asFound, asLeft }) => ({
      cells: [name, figures(value), figures(`${asFound ? `as found: ${asFound}, ` : ''}as left: ${asLeft || '.......'}`)],
    })),
  );
}

/** What it was judged by, two readings a row. */
function readingTable(doc: PDFKit.PDFDocument, body: RecordBody) {
  const all = readingsOnRecord(body).map(
    ({ about, label, text, state }) => `${about}, ${label}: ${text || state}${text ? ` (${state})` : ''}`,
  );
  if (all.length === 0) return;
  heading(doc, 'What it was judged by');
  const rows = Array.from({ length: Math.ceil(all.length / 2) }, (_, i) => all.slice(2 * i, 2 * i + 2));
  table(
    doc,
    [248, 248],
    rows.map((pair) => ({ cells: [pair[0] ?? '', pair[1] ?? ''] })),
  );
}

/** What is not as it was signed, before anything else. */
function alteredNote(doc: PDFKit.PDFDocument, altered: readonly string[]) {
  if (altered.length === 0) return;
  doc.font(fonts.bold).fontSize(12).fillColor('#8c1d1d');
  doc
    .text(`THIS RECORD IS NOT AS IT WAS SIGNED. Do not rely on it. ${altered.join(' ')}`)
    .fillColor('black')
    .moveDown(0.5);
}

/** Returns the record as an A4 PDF. */
export async function recordPdf(record: RecordView): Promise<Buffer> {
  const { id, body, hash, entry, publicKey, altered } = record;
  const doc = openPdf({
    size: 'A4',
    margin: 48,
    info: { Title: `Record ${body.position.tag}`, Creator: 'Loyal Coil' },
  });
  const done = bytesOfPdf(doc);
  alteredNote(doc, altered);
  head(doc, record);
  const kept = { id, hash, record: body, entry, publicKey, altered };
  doc.file(Buffer.from(JSON.stringify(kept)), { name: 'record.json', type: 'application/json', description: 'The signed record' });
  sentences(
    doc,
    'What was found',
    foundText(body).map((one) => `${one}.`),
  );
  const installed = `Installed: ${body.fitted.name}, ${fittedBrief(body)}: ${words[body.fitted.verdict]}`;
  lineTable(doc, installed, body.fitted.lines, body.practice);
  if (body.fitted.held) sentences(doc, 'Where it came from', [HELD]);
  if (body.removed) lineTable(doc, `Removed: ${body.removed.name}: ${words[body.removed.verdict]}`, body.removed.lines, body.practice);
  sentences(doc, 'Compared with the removed part', (body.changes ?? []).map(changeText));
  sentences(doc, `Circuit ${body.circuit?.name ?? ''}`, circuitText(body));
  heading(doc, 'Tests');
  table(
    doc,
    [74, 194, 92, 139],
    body.proofs.map((proof) => ({
      cells: [
        verdictCell(proof.verdict),
        proof.title,
        figures(proof.net === null ? '' : shown(proof.net, proof.unit)),
        figures(proof.limits),
      ],
      ...(proof.putOff ? { remarks: [proof.putOff.text] } : {}),
    })),
  );
  settingTable(doc, body.settings);
  heading(doc, 'Terminal map, old to new');
  const moves = body.terminals.map((move) => `${move.from}\u00a0→\u00a0${move.to}`).join('    ');
  doc.font(fonts.figures).fontSize(ROW_SIZE).text(moves, doc.page.margins.left);
  readingTable(doc, body);
  sentences(doc, 'Made safe', [body.madeSafe.map((step) => `${step.step} (${step.by})`).join('; ')]);
  doc
    .moveDown(1)
    .fontSize(7.5)
    .fillColor('#555')
    .text(`Record ${id}. SHA-256 of its canonical JSON: ${hash}`, doc.page.margins.left)
    .text(
      entry
        ? `Entry ${entry.seq} of the chain of this site: ${entry.hash}. Public key of the installation: ${publicKey}. The file record.json in this PDF holds all that checks it.`
        : 'This record stands in no chain: nobody signed it.',
    )
    .text('Decision support for qualified people. Local codes, the makers’ instructions and licensed practice govern.');
  doc.end();
  return done;
}

/** Returns the label for the position: 62 x 29 mm. */
export async function labelPdf({ body, timeZone, altered }: RecordView): Promise<Buffer> {
  const mm = 72 / 25.4;
  const doc = openPdf({ size: [62 * mm, 29 * mm], margin: 2.5 * mm });
  const done = bytesOfPdf(doc);
  const width = 57 * mm;
  const title = altered.length > 0 ? `NOT AS SIGNED  ${body.position.tag}` : `${body.position.tag}  ${body.position.function}`;
  doc.font(fonts.bold).fontSize(13).text(title, { width, height: 16, ellipsis: true });
  doc.font(fonts.plain).fontSize(7).text(`${body.position.site}, ${body.position.panel}`, { width, height: 10, ellipsis: true });
  doc.font(fonts.plain).fontSize(8.5).text(body.fitted.name, { width, height: 12, ellipsis: true });
  doc.font(fonts.figures).fontSize(8.5).text(ratingText(body.fitted.lines), { width, height: 12 });
  doc.fontSize(7.5).text(fittedBrief(body), { width, height: 20, ellipsis: true });
  doc
    .font(fonts.plain)
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
