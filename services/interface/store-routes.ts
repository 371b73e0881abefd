/** Routes of what people keep themselves: checks, parts, pieces taken into stock, what devices show. */
import { signSchema } from '../../core/cards/device-sign';
import { newPartSchema, receiveSchema } from '../../core/parts-file/new-part';
import { keepCheckSchema } from '../../core/swap/kept-check';
import { dropCheck, keepCheck, keptCheck, keptChecks } from '../checks';
import { deviceSigns, enterSign, strikeSign } from '../device-signs';
import { enterPart, onePart, receive } from '../own-parts';
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
  route({
    method: 'GET',
    path: `${V1}/device-signs`,
    right: 'see',
    summary: 'What devices show: words of menus and blinks of lamps, by maker',
    answers: 'Every sign with its meaning.',
    handle: deviceSigns,
  }),
  route({
    method: 'POST',
    path: `${V1}/device-signs`,
    right: 'work',
    summary: 'Enter what a sign means, in place of what stood there for it',
    answers: 'The id of the sign.',
    body: { schema: signSchema, largest: SMALL },
    handle: async ({ json, caller }) => enterSign(await json(), caller),
  }),
  route({
    method: 'DELETE',
    path: `${V1}/device-signs/{id}`,
    right: 'keep-methods',
    summary: 'Strike a sign',
    answers: 'Whether it was there.',
    handle: ({ params: { id = '' } }) => strikeSign(id),
  }),
];
