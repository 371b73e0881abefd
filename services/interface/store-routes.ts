/** Routes of what people keep themselves: checks, parts, files of parts, what devices show. */
import { signSchema } from '../../core/cards/device-sign';
import { bringFileSchema, LARGEST_FILE, lookAtFileSchema } from '../../core/parts-file/import-fields';
import { newPartSchema } from '../../core/parts-file/new-part';
import { tradeSchema } from '../../core/stores/trade';
import { keepCheckSchema } from '../../core/swap/kept-check';
import { dropCheck, keepCheck, keptCheck, keptChecks } from '../checks';
import { deviceSigns, enterSign, strikeSign } from '../device-signs';
import { bringFile, broughtFiles, lookAtFile, undoFile } from '../imports';
import { enterPart, onePart, sayTrade } from '../own-parts';
import { cataloguePage } from '../parts-list';
import { BODY, route, SMALL, V1 } from './route';

const PAGE = 50;

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
    method: 'GET',
    path: `${V1}/parts`,
    right: 'see',
    summary: 'Look through the catalogue of a family by words and by its own marks, a page of it',
    answers: 'Parts in the order of their names, how many there are (counted up to a thousand), and where the next page begins.',
    query: [
      { name: 'family', meaning: 'Kind of device.' },
      { name: 'q', meaning: 'Words that all occur in what it is known by.' },
      {
        name: 'mark',
        meaning:
          'A mark and what it must be, as often as wanted: poles:3, maxAmbientC:50.., mountingWidthMm:40..60, holding:mechanical, latch:yes.',
      },
      { name: 'after', meaning: 'Where the page begins, as the page before gave it.' },
      { name: 'size', meaning: 'Rows a page, 100 at most.', fallback: '50' },
    ],
    handle: ({ query }) => {
      const size = query.get('size') ?? '';
      return cataloguePage({
        ...{ family: query.get('family') ?? '', words: query.get('q') ?? '', marks: query.getAll('mark') },
        ...{ after: query.get('after') || null, size: /^\d{1,4}$/.test(size) ? Number(size) : PAGE },
      });
    },
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
    method: 'PUT',
    path: `${V1}/parts/{id}/trade`,
    right: 'keep-stock',
    summary: 'Say how a part is bought: supplier, price, lead time, whether it is still made',
    answers: 'What was said.',
    body: { schema: tradeSchema, largest: SMALL },
    handle: async ({ params: { id = '' }, json, caller }) => sayTrade(id, await json(), caller),
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
  route({
    method: 'GET',
    path: `${V1}/imports`,
    right: 'see',
    summary: 'Files of parts that were brought',
    answers: 'Files, newest first, with what each of them did.',
    handle: broughtFiles,
  }),
  route({
    method: 'POST',
    path: `${V1}/imports/look`,
    right: 'keep-stock',
    heavy: true,
    perMinute: 60,
    summary: 'Look at a file of parts: its columns, and what each row would do; nothing is kept',
    answers: 'Columns with what they are taken for, counts, refused rows with their reasons, and those rows as a file.',
    body: { schema: lookAtFileSchema, largest: LARGEST_FILE + SMALL },
    handle: async ({ json }) => lookAtFile(await json()),
  }),
  route({
    method: 'POST',
    path: `${V1}/imports`,
    right: 'keep-stock',
    heavy: true,
    perMinute: 20,
    summary: 'Bring a file of parts: all of its rows that are not refused, or nothing',
    answers: 'The id of the import, null where it changed nothing, and what it did.',
    body: { schema: bringFileSchema, largest: LARGEST_FILE + SMALL },
    handle: async ({ json, caller }) => bringFile(await json(), caller),
  }),
  route({
    method: 'DELETE',
    path: `${V1}/imports/{id}`,
    right: 'keep-stock',
    summary: 'Take a file back as a whole, until something rests on it',
    answers: 'Whether it was taken back now.',
    handle: ({ params: { id = '' }, caller }) => undoFile(id, caller),
  }),
];
