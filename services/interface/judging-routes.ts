/** Routes that keep nothing: judging a plain case, families, worksheets and the reading of plates. */
import { plates } from '../../core/families/plates';
import { worksheetSchema } from '../../core/worksheets/contract';
import { worksheets } from '../../core/worksheets/registry';
import { describeFamilies, partsTemplate } from '../families';
import { judgePlainCase, lineChoice, lineChoices, plainCaseSchema } from '../judge';
import { readPlatePicture, readPlateRequest, readPlateSchema } from '../plate-reading';
import { computeWorksheet, describeWorksheets } from '../worksheets';
import { readPlateForm } from './forms';
import { BODY, fileResponse, route, SMALL, V1 } from './route';

/** Fields of the plates that can be read, as the interface shows them. */
const describePlates = () =>
  plates.map(({ id, title, side, fields }) => ({
    id,
    title,
    side,
    fields: fields.map(({ id: name, label, kind, unit, names, words, meaning, recovery }) => ({
      ...{ name, label, kind, unit, names, words, meaning, recovery },
    })),
  }));

export const judgingRoutes = [
  route({
    method: 'POST',
    path: `${V1}/judge`,
    right: 'judge',
    heavy: true,
    summary: 'Judge a plain case',
    answers: 'Need lines, the removed part and every candidate with verdicts, figures, reasons and sources.',
    query: [
      {
        name: 'lines',
        words: lineChoices,
        fallback: 'all',
        meaning: 'decisive: only lines that do not fit; the verdicts are the same.',
      },
    ],
    body: { schema: plainCaseSchema, largest: BODY },
    handle: async ({ query, json }) => {
      const lines = lineChoice(query.get('lines'));
      return judgePlainCase(await json(), lines);
    },
  }),
  route({
    method: 'GET',
    path: `${V1}/families`,
    right: 'judge',
    summary: 'Families and their fields',
    answers: 'Families.',
    handle: () => ({ families: describeFamilies() }),
  }),
  route({
    method: 'GET',
    path: `${V1}/families/{id}/parts-template`,
    right: 'judge',
    summary: 'An empty file of parts of a family: every mark is a column',
    answers: 'CSV: names of the marks, then lines with their labels, units and what is accepted.',
    file: 'text/csv',
    handle: ({ params: { id = '' } }) =>
      fileResponse(new TextEncoder().encode(partsTemplate(id)), 'text/csv; charset=utf-8', `${id}-parts.csv`),
  }),
  route({
    method: 'GET',
    path: `${V1}/worksheets`,
    right: 'judge',
    summary: 'Worksheets and their inputs',
    answers: 'Worksheets.',
    handle: () => ({ worksheets: describeWorksheets() }),
  }),
  route({
    method: 'POST',
    path: `${V1}/worksheets/{id}`,
    right: 'judge',
    summary: 'Compute a worksheet',
    answers: 'Outputs, steps, cautions and sources.',
    body: { largest: SMALL },
    each: worksheets.map((sheet) => ({ path: `${V1}/worksheets/${sheet.id}`, summary: sheet.title, schema: worksheetSchema(sheet) })),
    handle: async ({ params: { id = '' }, json }) => computeWorksheet(id, await json()),
  }),
  route({
    method: 'GET',
    path: `${V1}/plates`,
    right: 'judge',
    summary: 'Plates that can be read, their marks and meanings',
    answers: 'Plates.',
    handle: describePlates,
  }),
  route({
    method: 'POST',
    path: `${V1}/plates/read`,
    right: 'judge',
    heavy: true,
    perMinute: 120,
    summary: 'Read a plate from text or picture',
    answers: 'Readings with their state, findings, conflicts and what was not understood.',
    query: [{ name: 'kind', meaning: 'Kind of plate, for a picture sent as the body.' }],
    body: {
      schema: readPlateSchema,
      form: { picture: { file: true, required: true }, kind: {} },
      pictures: ['image/jpeg', 'image/png', 'image/webp'],
      largest: 22_000_000,
    },
    handle: async ({ headers, query, bytes, json }) => {
      const type = headers.get('content-type') ?? '';
      const kind = query.get('kind') ?? undefined;
      if (type.startsWith('image/')) return readPlatePicture(await bytes(), kind);
      if (!type.startsWith('multipart/form-data')) return readPlateRequest(await json());
      const form = await readPlateForm(await bytes(), type);
      return readPlatePicture(form.picture, form.kind ?? kind);
    },
  }),
];
