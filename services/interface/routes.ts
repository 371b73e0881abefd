/** Every route of the open interface, once. */
import { plates } from '../../core/families/plates';
import { worksheetSchema } from '../../core/worksheets/contract';
import { worksheets } from '../../core/worksheets/registry';
import { describeFamilies, partsTemplate } from '../families';
import { find } from '../find';
import { health, ready } from '../health';
import { metricsText } from '../metrics';
import { judgePlainCase, lineChoice, lineChoices, plainCaseSchema } from '../judge';
import { matchSchema, matchSwap } from '../match';
import { meterSchema, readMeter } from '../meter';
import { settleSchema } from '../../core/swap/settle-point';
import { settlePoint } from '../open-points';
import { panelsDesk } from '../panels';
import { partCurveSchema } from '../../core/curves/part-curve-schema';
import { partCurve, removePartCurve, savePartCurve } from '../part-curves';
import { addPicture, listPictures, pictureFile, removePicture } from '../pictures';
import { readPlatePicture, readPlateRequest, readPlateSchema } from '../plate-reading';
import { positionCodesSchema, positionTables, savePositionCodes } from '../position-codes';
import { labelPdf, recordPdf } from '../record-pdf';
import { loadRecord } from '../records';
import { choiceDetail } from '../sign';
import { approveSchema, approveOverride, signAtDevice, signRequestSchema } from '../sign-at-device';
import { saveSupply, supplyOfPanel, supplySchema } from '../supply-paths';
import { loadSwap, openSchema, openSwap, saveSchema, saveSwap } from '../swaps';
import { timerParts } from '../timers';
import { computeWorksheet, describeWorksheets } from '../worksheets';
import { audit } from '../audit';
import type { Caller } from '../crew/caller';
import { database } from '../../data/connection';
import { crewRoutes } from './crew-routes';
import { verifyNow } from '../chain/state';
import { readPictureForm, readPlateForm } from './forms';
import { fileResponse, route } from './route';

const SMALL = 20_000;
const BODY = 2_000_000;
const V1 = '/api/v1';

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

const nameOf = (kind: string, { body }: { body: { position: { tag: string }; signedAt: string } }, ending: string) =>
  `${kind}-${body.position.tag}-${body.signedAt.slice(0, 10)}.${ending}`;

/** What all jobs rest on was changed: that is logged. */
async function kept<T>({ actor }: Caller, about: Record<string, unknown>, answer: T): Promise<T> {
  await audit(database(), actor, 'methods-changed', about);
  return answer;
}

export const routes = [
  ...crewRoutes,
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
  route({
    method: 'GET',
    path: `${V1}/desk`,
    right: 'see',
    heavy: true,
    summary: 'Sites, panels and positions as the first desk shows them',
    answers: 'Sites.',
    handle: async () => ({ sites: await panelsDesk() }),
  }),
  route({
    method: 'GET',
    path: `${V1}/find`,
    right: 'see',
    summary: 'Find positions, parts and worksheets by words',
    answers: 'At most eight positions and eight parts, and the worksheets, whose words all occur.',
    query: [{ name: 'q', meaning: 'The words.' }],
    handle: ({ query }) => find(query.get('q') ?? ''),
  }),
  route({
    method: 'POST',
    path: `${V1}/swaps`,
    right: 'work',
    summary: 'Open a swap at a position, or get the one that is open',
    answers: 'The id of the swap.',
    body: { schema: openSchema, largest: SMALL },
    handle: async ({ json }) => openSwap(await json()),
  }),
  route({
    method: 'GET',
    path: `${V1}/swaps/{id}`,
    right: 'see',
    summary: 'Read a swap',
    answers: 'The swap.',
    handle: ({ params: { id = '' } }) => loadSwap(id),
  }),
  route({
    method: 'PATCH',
    path: `${V1}/swaps/{id}`,
    right: 'work',
    summary: 'Save changes',
    answers: 'The new version.',
    body: { schema: saveSchema, largest: BODY },
    handle: async ({ params: { id = '' }, json, caller }) => saveSwap(id, await json(), caller),
  }),
  route({
    method: 'GET',
    path: `${V1}/swaps/{id}/pictures`,
    right: 'see',
    summary: 'Pictures kept with a swap',
    answers: 'Pictures without their bytes.',
    handle: ({ params: { id = '' } }) => listPictures(id),
  }),
  route({
    method: 'POST',
    path: `${V1}/swaps/{id}/pictures`,
    right: 'work',
    heavy: true,
    perMinute: 60,
    summary: 'Keep a picture with a swap',
    answers: 'The picture as kept.',
    body: {
      form: {
        picture: { file: true, required: true },
        original: { file: true },
        section: { words: ['load', 'removed'], required: true },
        kind: { required: true },
        seen: { required: true },
      },
      largest: 20_000_000,
    },
    handle: async ({ params: { id = '' }, headers, bytes }) => {
      const type = headers.get('content-type') ?? '';
      return addPicture(id, await readPictureForm(type, bytes));
    },
  }),
  route({
    method: 'GET',
    path: `${V1}/pictures/{id}`,
    right: 'see',
    summary: 'A kept picture',
    answers: 'JPEG, or the original with ?original.',
    file: 'image/jpeg',
    query: [{ name: 'original', meaning: 'Given, in whatever form: the picture as it was taken.' }],
    handle: async ({ params: { id = '' }, query }) => {
      const { bytes, type } = await pictureFile(id, query.has('original'));
      // As it was taken it is a stranger's file: kept on the reader's device, never opened as a page.
      const name = query.has('original') ? `picture-${id}` : undefined;
      return fileResponse(bytes, type, name, { 'cache-control': 'private, max-age=3600' });
    },
  }),
  route({
    method: 'DELETE',
    path: `${V1}/pictures/{id}`,
    right: 'work',
    summary: 'Take a picture away',
    answers: 'Whether it was there.',
    handle: ({ params: { id = '' } }) => removePicture(id),
  }),
  route({
    method: 'POST',
    path: `${V1}/swaps/{id}/match`,
    right: 'see',
    heavy: true,
    summary: 'Fit board of a swap',
    answers: 'Needs, removed part, ranked columns and why the rest fell.',
    body: { schema: matchSchema, largest: SMALL },
    handle: async ({ params: { id = '' }, json }) => matchSwap(id, await json()),
  }),
  route({
    method: 'GET',
    path: `${V1}/swaps/{id}/choice`,
    right: 'see',
    heavy: true,
    summary: 'The part chosen, with its terminals, settings, proofs and cautions',
    answers: 'The choice.',
    handle: ({ params: { id = '' } }) => choiceDetail(id),
  }),
  route({
    method: 'POST',
    path: `${V1}/swaps/{id}/sign`,
    right: 'work',
    perMinute: 30,
    summary: 'Sign a swap, by the PIN of who is signed in or of a mentor beside them',
    answers: 'The id of the record.',
    body: { schema: signRequestSchema, largest: SMALL },
    handle: async ({ params: { id = '' }, json, caller }) => signAtDevice(id, await json(), caller),
  }),
  route({
    method: 'POST',
    path: `${V1}/swaps/{id}/approve`,
    right: 'work',
    perMinute: 30,
    summary: 'Approve a named override, by the PIN of a foreman',
    answers: 'The new version.',
    body: { schema: approveSchema, largest: SMALL },
    handle: async ({ params: { id = '' }, json, caller }) => approveOverride(id, await json(), caller),
  }),
  route({
    method: 'POST',
    path: `${V1}/positions/{id}/settle`,
    right: 'work',
    summary: 'Settle what was signed as not known',
    answers: 'It is settled.',
    body: { schema: settleSchema, largest: SMALL },
    handle: async ({ params: { id = '' }, json, caller }) => settlePoint(id, await json(), caller.person),
  }),
  route({
    method: 'GET',
    path: `${V1}/chain`,
    right: 'see',
    heavy: true,
    summary: 'Verify the chains of every site now',
    answers: 'Entries, newest head and what is not as it was signed, by site; and the public key.',
    handle: verifyNow,
  }),
  route({
    method: 'GET',
    path: `${V1}/records/{id}`,
    right: 'see',
    summary: 'A signed record',
    answers: 'The record with its hash, its signed entry in the chain, and what is not as it was signed.',
    handle: async ({ params: { id = '' } }) => {
      const { id: recordId, hash, body, entry, publicKey, altered } = await loadRecord(id);
      return { id: recordId, hash, record: body, entry, publicKey, altered };
    },
  }),
  route({
    method: 'GET',
    path: `${V1}/records/{id}/pdf`,
    right: 'see',
    heavy: true,
    perMinute: 60,
    summary: 'A signed record as PDF',
    answers: 'PDF.',
    file: 'application/pdf',
    handle: async ({ params: { id = '' } }) => {
      const record = await loadRecord(id);
      return fileResponse(await recordPdf(record), 'application/pdf', nameOf('swap', record, 'pdf'));
    },
  }),
  route({
    method: 'GET',
    path: `${V1}/records/{id}/label`,
    right: 'see',
    heavy: true,
    perMinute: 60,
    summary: 'A printable label as PDF',
    answers: 'PDF.',
    file: 'application/pdf',
    handle: async ({ params: { id = '' } }) => {
      const record = await loadRecord(id);
      return fileResponse(await labelPdf(record), 'application/pdf', nameOf('label', record, 'pdf'));
    },
  }),
  route({
    method: 'GET',
    path: `${V1}/panels/{id}/supply`,
    right: 'see',
    summary: 'What feeds a panel',
    answers: 'Path from the source, and the run to each position.',
    handle: ({ params: { id = '' } }) => supplyOfPanel(id),
  }),
  route({
    method: 'PUT',
    path: `${V1}/panels/{id}/supply`,
    right: 'keep-methods',
    summary: 'Save what feeds a panel, and the runs to the positions that are named',
    answers: 'A node for every element.',
    body: { schema: supplySchema, largest: 50_000 },
    handle: async ({ params: { id = '' }, json, caller }) => kept(caller, { panel: id }, await saveSupply(id, await json())),
  }),
  route({
    method: 'GET',
    path: `${V1}/parts/{id}/curve`,
    right: 'see',
    summary: 'The maker’s curve kept with a part, or null',
    answers: 'Curve as CSV, its source, and the edges read off it.',
    handle: ({ params: { id = '' } }) => partCurve(id),
  }),
  route({
    method: 'PUT',
    path: `${V1}/parts/{id}/curve`,
    right: 'keep-methods',
    perMinute: 60,
    summary: 'Keep a curve with a breaker or fuse',
    answers: 'The curve as kept.',
    body: { schema: partCurveSchema, largest: BODY },
    handle: async ({ params: { id = '' }, json, caller }) => kept(caller, { curve: id }, await savePartCurve(id, await json())),
  }),
  route({
    method: 'DELETE',
    path: `${V1}/parts/{id}/curve`,
    right: 'keep-methods',
    summary: 'Take a curve away',
    answers: 'Whether it was there.',
    handle: async ({ params: { id = '' }, caller }) => kept(caller, { curveTakenAway: id }, await removePartCurve(id)),
  }),
  route({
    method: 'POST',
    path: `${V1}/meter/read`,
    right: 'work',
    summary: 'Read a panel meter over Modbus TCP once',
    answers: 'The reading by quantity.',
    body: { schema: meterSchema, largest: BODY },
    handle: async ({ json }) => readMeter(await json()),
  }),
  route({
    method: 'GET',
    path: `${V1}/position-codes`,
    right: 'see',
    summary: 'Accessory bay codes by maker, the user’s own',
    answers: 'A table a maker, each with its version.',
    handle: async () => ({ tables: await positionTables() }),
  }),
  route({
    method: 'PUT',
    path: `${V1}/position-codes/{maker}`,
    right: 'keep-methods',
    summary: 'Save the letters of a maker',
    answers: 'Every table.',
    body: { schema: positionCodesSchema, largest: BODY },
    handle: async ({ params: { maker = '' }, json, caller }) =>
      kept(caller, { letters: maker }, { tables: await savePositionCodes(maker, await json()) }),
  }),
  route({
    method: 'GET',
    path: `${V1}/timers`,
    right: 'see',
    summary: 'Timers of the catalogue, as the relay lab matches them',
    answers: 'Words, ranges and accuracy of each.',
    handle: async () => ({ timers: await timerParts() }),
  }),
  route({
    method: 'GET',
    path: `${V1}/health`,
    right: 'open',
    summary: 'Whether the database answers',
    answers: 'It answers.',
    handle: health,
  }),
  route({
    method: 'GET',
    path: `${V1}/ready`,
    right: 'open',
    summary: 'Whether work can be taken on',
    answers: 'Whether the database answers and is of the form that this version was made for.',
    handle: ready,
  }),
  route({
    method: 'GET',
    path: `${V1}/metrics`,
    right: 'measure',
    summary: 'Figures of this process as Prometheus text',
    answers: 'Prometheus text.',
    file: 'text/plain',
    handle: async () => new Response(await metricsText(), { headers: { 'content-type': 'text/plain; version=0.0.4; charset=utf-8' } }),
  }),
];

type Listed = (typeof routes)[number];
/** What each route answers, by method and path; files aside. */
export type Answers = {
  [One in Listed as `${One['method']} ${One['path']}`]: Exclude<Awaited<ReturnType<One['handle']>>, Response>;
};
