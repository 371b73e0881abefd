/**
 * Labels for parts, bins and positions: a QR code that any telephone opens, a bar code that a scanner types, and what a person reads. A sheet
 * of them as PDF, or the code alone as a picture.
 */
import { toBuffer } from 'bwip-js/node';
import { hasBars, labelSheets, placeOnSheet, type Label, type SheetName } from '../core/stores/label-sheets';
import { partById } from '../data/catalogue';
import { database } from '../data/connection';
import { allSites, panelWithSite, positionsOn } from '../data/positions';
import { bytesOfPdf, fonts, openPdf } from './pdf';
import { notFound, ServiceError } from './service-error';

export const labelKinds = ['part', 'bins', 'positions'] as const;
export type LabelsAsked = { kind: (typeof labelKinds)[number]; siteId: string; partId: string; panelId: string };

const MM = 72 / 25.4;
const MARGIN = 2 * MM;
/** What an installation is called from outside, where that is not what the request came under. */
const ADDRESS = process.env.LOYAL_COIL_ADDRESS?.replace(/\/$/, '');

const pathOf = (page: string, words: Record<string, string>): string => `${page}?${new URLSearchParams(words).toString()}`;

async function siteNamed(id: string): Promise<string> {
  const site = (await allSites(database())).find((one) => one.id === id);
  if (!site) throw notFound('This site');
  return site.name;
}

async function partLabel(siteId: string, partId: string): Promise<Label[]> {
  const part = await partById(database(), partId);
  if (!part) throw notFound('This part');
  const places: string[] = await database()('stock').where({ site_id: siteId, part_id: partId }).orderBy('place').pluck('place');
  const site = await siteNamed(siteId);
  return [
    {
      code: part.order_number ?? part.name,
      path: pathOf('/stores', { site: siteId, part: partId }),
      lines: [part.name, places.join(', '), site],
    },
  ];
}

async function binLabels(siteId: string): Promise<Label[]> {
  const site = await siteNamed(siteId);
  const places: string[] = await database()('stock').where({ site_id: siteId }).distinct('place').orderBy('place').pluck('place');
  return places.map((place) => ({ code: place, path: pathOf('/stores', { site: siteId, words: place }), lines: [place, '', site] }));
}

async function positionLabels(panelId: string): Promise<Label[]> {
  const found = await panelWithSite(database(), panelId);
  if (!found) throw notFound('This panel');
  const { panel, site } = found;
  return (await positionsOn(database(), panelId)).map(({ id, tag, function: what, device_name }) => ({
    ...{ code: tag, path: pathOf('/', { panel: panelId, position: id }) },
    lines: [`${tag}  ${what}`, device_name, `${site.name}, ${panel.name}`],
  }));
}

/** The labels that are asked for. Throws 404, and 422 where there is nothing to label. */
export async function labelsOf({ kind, siteId, partId, panelId }: LabelsAsked): Promise<Label[]> {
  const labels =
    kind === 'part' ? await partLabel(siteId, partId) : kind === 'bins' ? await binLabels(siteId) : await positionLabels(panelId);
  if (labels.length === 0) throw new ServiceError(422, [{ field: 'kind', reason: 'There is nothing to label here yet.' }]);
  return labels;
}

/** Where a label leads, in full: under the name that the installation is asked by. */
const addressOf = ({ path }: Label, host: string | null): string => `${ADDRESS ?? `http://${host ?? 'localhost'}`}${path}`;

/** The QR code of a label as PNG, with the quiet edge that a reader needs. */
export const codePicture = (label: Label, host: string | null): Promise<Buffer> =>
  toBuffer({ bcid: 'qrcode', text: addressOf(label, host), scale: 4, paddingwidth: 4, paddingheight: 4, backgroundcolor: 'ffffff' });

const barPicture = ({ code }: Label): Promise<Buffer> => toBuffer({ bcid: 'code128', text: code, scale: 2, height: 6 });

async function drawLabel(
  doc: PDFKit.PDFDocument,
  label: Label,
  size: { width: number; height: number },
  at: { x: number; y: number },
  host: string | null,
) {
  const [title, second, third] = label.lines;
  const side = Math.min(size.height * MM - 2 * MARGIN, 26 * MM);
  const [x, y] = [at.x * MM + MARGIN, at.y * MM + MARGIN];
  doc.image(await codePicture(label, host), x, y, { width: side, height: side });
  const [left, width] = [x + side + MARGIN, size.width * MM - side - 3 * MARGIN];
  const line = { width, ellipsis: true };
  doc
    .font(fonts.bold)
    .fontSize(9)
    .text(title, left, y, { ...line, height: 22 });
  doc
    .font(fonts.plain)
    .fontSize(7)
    .text(second, left, y + 24, { ...line, height: 9 });
  doc.text(third, left, y + 33, { ...line, height: 9 });
  if (hasBars(label)) doc.image(await barPicture(label), left, y + side - 15, { fit: [width, 15] });
}

/** Labels on sheets, as PDF; the first ones stay empty where a sheet was begun. */
export async function labelSheetPdf(labels: readonly Label[], name: SheetName, used: number, host: string | null): Promise<Buffer> {
  const sheet = labelSheets[name];
  const size: [number, number] = [sheet.page.width * MM, sheet.page.height * MM];
  const doc = openPdf({ size, margin: 0 });
  const done = bytesOfPdf(doc);
  let page = 0;
  for (const [i, label] of labels.entries()) {
    const at = placeOnSheet(sheet, i + used);
    if (at.page > page) doc.addPage({ size, margin: 0 });
    page = at.page;
    await drawLabel(doc, label, sheet.label, at, host);
  }
  doc.end();
  return done;
}
