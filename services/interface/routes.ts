/** Every route of the open interface, once. */
import { find } from '../find';
import { health, ready } from '../health';
import { metricsText } from '../metrics';
import { meterSchema, readMeter } from '../meter';
import { panelsDesk } from '../panels';
import { partCurveSchema } from '../../core/curves/part-curve-schema';
import { partCurve, removePartCurve, savePartCurve } from '../part-curves';
import { positionCodesSchema, positionTables, savePositionCodes } from '../position-codes';
import { newCircuitSchema, saveCircuitSchema } from '../../core/circuit/circuit-fields';
import { circuitsOfPanel, endCircuit, makeCircuit, saveCircuit } from '../circuits';
import { saveSupply, supplyOfPanel, supplySchema } from '../supply-paths';
import { timerParts } from '../timers';
import { audit } from '../audit';
import type { Caller } from '../crew/caller';
import { database } from '../../data/connection';
import { crewRoutes } from './crew-routes';
import { BODY, route, SMALL, V1 } from './route';
import { judgingRoutes } from './judging-routes';
import { jobRoutes } from './job-routes';
import { recordRoutes } from './record-routes';
import { placeDocumentRoutes } from './place-document-routes';
import { plantRoutes } from './plant-routes';
import { storeRoutes } from './store-routes';
import { labelRoutes } from './label-routes';
import { stockRoutes } from './stock-routes';

/** What all jobs rest on was changed: that is logged. */
async function kept<T>({ actor }: Caller, about: Record<string, unknown>, answer: T): Promise<T> {
  await audit(database(), actor, 'methods-changed', about);
  return answer;
}

export const routes = [
  ...crewRoutes,
  ...judgingRoutes,
  ...jobRoutes,
  ...recordRoutes,
  ...storeRoutes,
  ...stockRoutes,
  ...labelRoutes,
  ...plantRoutes,
  ...placeDocumentRoutes,
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
    path: `${V1}/panels/{id}/circuits`,
    right: 'see',
    heavy: true,
    summary: 'Circuits of a panel, judged as a whole',
    answers: 'Circuits with their lines, and the positions of the panel.',
    handle: ({ params: { id = '' } }) => circuitsOfPanel(id),
  }),
  route({
    method: 'POST',
    path: `${V1}/panels/{id}/circuits`,
    right: 'keep-methods',
    summary: 'Make a circuit of positions of a panel',
    answers: 'The id of the circuit.',
    body: { schema: newCircuitSchema, largest: SMALL },
    handle: async ({ params: { id = '' }, json, caller }) => makeCircuit(id, await json(), caller),
  }),
  route({
    method: 'PATCH',
    path: `${V1}/circuits/{id}`,
    right: 'work',
    summary: 'Rename a circuit, give it other positions, or keep what was seen of it at the panel',
    answers: 'The new version.',
    body: { schema: saveCircuitSchema, largest: SMALL },
    handle: async ({ params: { id = '' }, json, caller }) => saveCircuit(id, await json(), caller),
  }),
  route({
    method: 'DELETE',
    path: `${V1}/circuits/{id}`,
    right: 'keep-methods',
    summary: 'Take a circuit apart; its positions stay',
    answers: 'Whether it was there.',
    handle: ({ params: { id = '' }, caller }) => endCircuit(id, caller),
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
