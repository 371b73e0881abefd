/** Routes of one's own plant: sites, panels, positions and starter templates. */
import {
  copySchema,
  drawTemplateSchema,
  newPanelSchema,
  newPositionSchema,
  newSiteSchema,
  savePanelSchema,
  savePositionSchema,
} from '../../core/plant/plant-fields';
import { loadDemoBeside } from '../demo';
import { drawnPanel } from '../plant-view';
import { copyPanel, drawTemplate, makePanel, makePosition, makeSite, savePanel, savePosition } from '../plant';
import { BODY, route, SMALL, V1 } from './route';

export const plantRoutes = [
  route({
    method: 'POST',
    path: `${V1}/sites`,
    right: 'keep-plant',
    summary: 'Name a site',
    answers: 'The id of the site.',
    body: { schema: newSiteSchema, largest: SMALL },
    handle: async ({ json, caller }) => makeSite(await json(), caller),
  }),
  route({
    method: 'POST',
    path: `${V1}/demo`,
    right: 'administer',
    summary: 'Load the demo beside what is there',
    answers: 'That it is loaded; 409 where it stands already. Its crew is not named.',
    handle: ({ caller }) => loadDemoBeside(caller),
  }),
  route({
    method: 'POST',
    path: `${V1}/sites/{id}/panels`,
    right: 'keep-plant',
    summary: 'Draw a panel of a site',
    answers: 'The id of the panel.',
    body: { schema: newPanelSchema, largest: SMALL },
    handle: async ({ params: { id = '' }, json, caller }) => makePanel(id, await json(), caller),
  }),
  route({
    method: 'GET',
    path: `${V1}/panels/{id}`,
    right: 'see',
    summary: 'A panel as it is drawn',
    answers: 'Its rails, and the positions on them, those put away too.',
    handle: ({ params: { id = '' } }) => drawnPanel(id),
  }),
  route({
    method: 'PATCH',
    path: `${V1}/panels/{id}`,
    right: 'keep-plant',
    summary: 'Rename a panel, give it other rails, put it away or back',
    answers: 'The new version.',
    body: { schema: savePanelSchema, largest: SMALL },
    handle: async ({ params: { id = '' }, json, caller }) => savePanel(id, await json(), caller),
  }),
  route({
    method: 'POST',
    path: `${V1}/panels/{id}/copy`,
    right: 'keep-plant',
    summary: 'Draw a panel once more under another name',
    answers: 'The id of the copy.',
    body: { schema: copySchema, largest: SMALL },
    handle: async ({ params: { id = '' }, json, caller }) => copyPanel(id, await json(), caller),
  }),
  route({
    method: 'POST',
    path: `${V1}/panels/{id}/positions`,
    right: 'keep-plant',
    summary: 'Place a position on a rail; what the wording of its plates says is read at once',
    answers: 'The id of the position.',
    body: { schema: newPositionSchema, largest: SMALL },
    handle: async ({ params: { id = '' }, json, caller }) => makePosition(id, await json(), caller),
  }),
  route({
    method: 'POST',
    path: `${V1}/panels/{id}/templates`,
    right: 'keep-plant',
    summary: 'Draw a starter template: its positions, tagged in the habit of the site, and their circuit',
    answers: 'The ids of the circuit and of its positions.',
    body: { schema: drawTemplateSchema, largest: SMALL },
    handle: async ({ params: { id = '' }, json, caller }) => drawTemplate(id, await json(), caller),
  }),
  route({
    method: 'PATCH',
    path: `${V1}/positions/{id}`,
    right: 'keep-plant',
    summary: 'Rename, move or re-read a position by the wording of its plates or mark by mark, put it away or back',
    answers: 'The new version.',
    body: { schema: savePositionSchema, largest: BODY },
    handle: async ({ params: { id = '' }, json, caller }) => savePosition(id, await json(), caller),
  }),
];
