/** Routes of the stores: what lies where, what is done with it, and what should be ordered. */
import { isOneOf } from '../../core/certain';
import { receiveSchema } from '../../core/parts-file/new-part';
import { cribColumns } from '../../core/stores/crib-columns';
import { deedSchema, limitsSchema } from '../../core/stores/ledger';
import { cribPage, reorderCsv, reorderList } from '../crib';
import { deedsWith, doAtShelf, receive, setLimits } from '../stores';
import { answerSchema, arrivedSchema, LARGEST_ANSWER, placeOrderSchema } from '../../core/orders/order';
import { arrived, bringAnswer, closeOrder, orderCsv, orderFile, placeOrders, siteOrders } from '../orders';
import { BODY, fileResponse, route, SMALL, V1 } from './route';

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
  route({
    method: 'GET',
    path: `${V1}/orders`,
    right: 'see',
    summary: 'Orders of a site: open ones, and the last that are closed',
    answers: 'Orders with their lines, what was answered, and what has come.',
    query: [siteWord],
    handle: ({ query }) => siteOrders(query.get('siteId') ?? ''),
  }),
  route({
    method: 'POST',
    path: `${V1}/orders`,
    right: 'keep-stock',
    summary: 'Order parts: one order for each supplier',
    answers: 'The orders.',
    body: { schema: placeOrderSchema, largest: BODY },
    handle: async ({ json, caller }) => placeOrders(await json(), caller),
  }),
  route({
    method: 'GET',
    path: `${V1}/orders/{id}/xml`,
    right: 'see',
    summary: 'An order as a file of the trade',
    answers: 'OASIS UBL 2.1 Order.',
    file: 'application/xml',
    handle: async ({ params: { id = '' } }) => {
      const { name, xml } = await orderFile(id);
      return fileResponse(new TextEncoder().encode(xml), 'application/xml', name);
    },
  }),
  route({
    method: 'GET',
    path: `${V1}/orders/{id}/csv`,
    right: 'see',
    summary: 'The same for a spreadsheet',
    answers: 'CSV.',
    file: 'text/csv',
    handle: async ({ params: { id = '' } }) => {
      const { name, csv } = await orderCsv(id);
      return fileResponse(new TextEncoder().encode(csv), 'text/csv', name);
    },
  }),
  route({
    method: 'POST',
    path: `${V1}/orders/{id}/answer`,
    right: 'keep-stock',
    summary: 'Read a supplier’s answer into its order: UBL 2 OrderResponse or DespatchAdvice',
    answers: 'The order as it stands now, and which kind of answer it was.',
    body: { schema: answerSchema, largest: LARGEST_ANSWER * 2 },
    handle: async ({ params: { id = '' }, json, caller }) => bringAnswer(id, await json(), caller),
  }),
  route({
    method: 'POST',
    path: `${V1}/orders/{id}/arrived`,
    right: 'keep-stock',
    summary: 'Take pieces of a line into stock',
    answers: 'The order as it stands now, and how many lie at that place.',
    body: { schema: arrivedSchema, largest: SMALL },
    handle: async ({ params: { id = '' }, json, caller }) => arrived(id, await json(), caller),
  }),
  route({
    method: 'POST',
    path: `${V1}/orders/{id}/close`,
    right: 'keep-stock',
    summary: 'Close an order: nothing more is expected of it',
    answers: 'The order.',
    handle: ({ params: { id = '' }, caller }) => closeOrder(id, true, caller),
  }),
  route({
    method: 'POST',
    path: `${V1}/orders/{id}/open`,
    right: 'keep-stock',
    summary: 'Open a closed order again',
    answers: 'The order.',
    handle: ({ params: { id = '' }, caller }) => closeOrder(id, false, caller),
  }),
];
