/** Routes of the stores: what lies where, what is done with it, and what should be ordered. */
import { isOneOf } from '../../core/certain';
import { receiveSchema } from '../../core/parts-file/new-part';
import { cribColumns } from '../../core/stores/crib-columns';
import { deedSchema, limitsSchema } from '../../core/stores/ledger';
import { cribPage, reorderCsv, reorderList } from '../crib';
import { deedsWith, doAtShelf, receive, setLimits } from '../stores';
import { fileResponse, route, SMALL, V1 } from './route';

const SIZE = 50;
const whole = (text: string | null, fallback: number): number => (text !== null && /^\d{1,6}$/.test(text) ? Number(text) : fallback);
const siteWord = { name: 'siteId', meaning: 'The site.' } as const;

export const stockRoutes = [
  route({
    method: 'GET',
    path: `${V1}/stock`,
    right: 'see',
    summary: 'What lies in the stores of a site, a page of it',
    answers: 'Rows by part and place, with least and most, and how many rows there are.',
    query: [
      siteWord,
      { name: 'q', meaning: 'Words that all occur in part, maker, order number, kind or place.' },
      { name: 'partId', meaning: 'Only this part.' },
      { name: 'only', meaning: 'Only parts below their least.', words: ['below'] },
      { name: 'by', meaning: 'Ordered by.', words: cribColumns, fallback: 'name' },
      { name: 'order', meaning: 'Up or down.', words: ['up', 'down'], fallback: 'up' },
      { name: 'page', meaning: 'Page, from 0.', fallback: '0' },
      { name: 'size', meaning: 'Rows a page, 100 at most.', fallback: String(SIZE) },
    ],
    handle: ({ query }) => {
      const by = query.get('by');
      return cribPage({
        ...{
          siteId: query.get('siteId') ?? '',
          words: query.get('q') ?? '',
          partId: query.get('partId') ?? '',
          below: query.get('only') === 'below',
        },
        ...{ by: isOneOf(cribColumns, by) ? by : 'name', down: query.get('order') === 'down' },
        ...{ page: whole(query.get('page'), 0), size: whole(query.get('size'), SIZE) },
      });
    },
  }),
  route({
    method: 'GET',
    path: `${V1}/stock/entries`,
    right: 'see',
    summary: 'What was done with a part at a site',
    answers: 'Entries of the ledger, newest first.',
    query: [siteWord, { name: 'partId', meaning: 'The part.' }],
    handle: ({ query }) => deedsWith(query.get('siteId') ?? '', query.get('partId') ?? ''),
  }),
  route({
    method: 'POST',
    path: `${V1}/stock/entries`,
    right: 'keep-stock',
    summary: 'Receive, take, move, count or correct pieces of a part',
    answers: 'How many lie at that place now.',
    body: { schema: deedSchema, largest: SMALL },
    handle: async ({ json, caller }) => doAtShelf(await json(), caller),
  }),
  route({
    method: 'PUT',
    path: `${V1}/stock/limits`,
    right: 'keep-stock',
    summary: 'Set the least and most of a part at a site, or take them away',
    answers: 'The limits as they stand.',
    body: { schema: limitsSchema, largest: SMALL },
    handle: async ({ json, caller }) => setLimits(await json(), caller),
  }),
  route({
    method: 'GET',
    path: `${V1}/stock/reorder`,
    right: 'see',
    summary: 'Parts that should be ordered: below their least, or chosen by open jobs and not there',
    answers: 'Parts with how many pieces.',
    query: [siteWord],
    handle: ({ query }) => reorderList(query.get('siteId') ?? ''),
  }),
  route({
    method: 'GET',
    path: `${V1}/stock/reorder.csv`,
    right: 'see',
    summary: 'The same as a file for a spreadsheet',
    answers: 'CSV.',
    file: 'text/csv',
    query: [siteWord],
    handle: async ({ query }) =>
      fileResponse(new TextEncoder().encode(await reorderCsv(query.get('siteId') ?? '')), 'text/csv', 'reorder.csv'),
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
