/** Routes of checks that are kept, parts that people enter, and pieces taken into stock. */
import { dropCheck, keepCheck, keepCheckSchema, keptCheck, keptChecks } from '../checks';
import { enterPart, newPartSchema, onePart, receive, receiveSchema } from '../own-parts';
import { BODY, route, SMALL, V1 } from './route';

export const storeRoutes = [
  route({
    method: 'GET',
    path: `${V1}/checks`,
    right: 'see',
    summary: 'Quick checks that are kept',
    answers: 'Checks without their marks, newest first.',
    query: [{ name: 'positionId', meaning: 'Only those of this position.' }],
    handle: ({ query }) => keptChecks(query.get('positionId') ?? undefined),
  }),
  route({
    method: 'POST',
    path: `${V1}/checks`,
    right: 'work',
    summary: 'Keep a quick check under a name, in place of one’s own of that name',
    answers: 'The id of the check.',
    body: { schema: keepCheckSchema, largest: BODY },
    handle: async ({ json, caller }) => keepCheck(await json(), caller),
  }),
  route({
    method: 'GET',
    path: `${V1}/checks/{id}`,
    right: 'see',
    summary: 'A kept quick check',
    answers: 'The check with what was typed and read in it.',
    handle: ({ params: { id = '' } }) => keptCheck(id),
  }),
  route({
    method: 'DELETE',
    path: `${V1}/checks/{id}`,
    right: 'work',
    summary: 'Throw a kept check away',
    answers: 'Whether it was there.',
    handle: ({ params: { id = '' } }) => dropCheck(id),
  }),
  route({
    method: 'GET',
    path: `${V1}/parts/{id}`,
    right: 'see',
    summary: 'A part of the catalogue',
    answers: 'The part with its marks.',
    handle: ({ params: { id = '' } }) => onePart(id),
  }),
  route({
    method: 'POST',
    path: `${V1}/parts`,
    right: 'keep-stock',
    summary: 'Enter a part into the catalogue, from what was read on its plate',
    answers: 'The id of the part.',
    body: { schema: newPartSchema, largest: SMALL },
    handle: async ({ json, caller }) => enterPart(await json(), caller),
  }),
  route({
    method: 'POST',
    path: `${V1}/parts/{id}/stock`,
    right: 'keep-stock',
    summary: 'Take pieces of a part into stock',
    answers: 'How many lie at that place now.',
    body: { schema: receiveSchema, largest: SMALL },
    handle: async ({ params: { id = '' }, json, caller }) => receive(id, await json(), caller),
  }),
];
