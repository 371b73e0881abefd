/** Routes of labels: a sheet of them, or the code of one. */
import { certain, isOneOf } from '../../core/certain';
import { labelSheets, sheetNames } from '../../core/stores/label-sheets';
import { codePicture, labelKinds, labelSheetPdf, labelsOf, type LabelsAsked } from '../labels';
import { ServiceError } from '../service-error';
import { fileResponse, route, V1 } from './route';

const words = [
  { name: 'kind', meaning: 'What is labelled.', words: labelKinds },
  { name: 'siteId', meaning: 'The site of a part or of bins.' },
  { name: 'partId', meaning: 'The part.' },
  { name: 'panelId', meaning: 'The panel of positions.' },
] as const;
function askedOf(query: URLSearchParams): LabelsAsked {
  const kind = query.get('kind');
  if (!isOneOf(labelKinds, kind)) throw new ServiceError(422, [{ field: 'kind', reason: `kind is one of ${labelKinds.join(', ')}.` }]);
  const of = (name: string) => query.get(name) ?? '';
  return { kind, siteId: of('siteId'), partId: of('partId'), panelId: of('panelId') };
}

export const labelRoutes = [
  route({
    method: 'GET',
    path: `${V1}/labels`,
    right: 'see',
    heavy: true,
    perMinute: 60,
    summary: 'Labels with QR and bar code as sheets to print',
    answers: 'PDF.',
    file: 'application/pdf',
    query: [
      ...words,
      { name: 'sheet', meaning: 'The sheet.', words: sheetNames, fallback: 'a4-3x8' },
      { name: 'used', meaning: 'Labels of the first sheet that are used already.', fallback: '0' },
    ],
    handle: async ({ query, headers }) => {
      const name = query.get('sheet');
      const sheet = isOneOf(sheetNames, name) ? name : 'a4-3x8';
      const { columns, rows } = labelSheets[sheet];
      const used = Math.min(columns * rows - 1, /^\d{1,3}$/.test(query.get('used') ?? '') ? Number(query.get('used')) : 0);
      const labels = await labelsOf(askedOf(query));
      return fileResponse(await labelSheetPdf(labels, sheet, used, headers.get('host')), 'application/pdf', 'labels.pdf');
    },
  }),
  route({
    method: 'GET',
    path: `${V1}/labels/code`,
    right: 'see',
    heavy: true,
    perMinute: 120,
    summary: 'The QR code of the first label that is asked for',
    answers: 'PNG.',
    file: 'image/png',
    query: words,
    handle: async ({ query, headers }) =>
      fileResponse(await codePicture(certain((await labelsOf(askedOf(query)))[0]), headers.get('host')), 'image/png'),
  }),
];
