/** Orders leave as UBL and their answers come back as said; what is no answer is refused in words. Element names: OASIS UBL 2.1, from memory. */
import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { answerOrder, type Article } from '@/standins/supplier';
import { isLate, stillExpected, type Order, type OrderLine } from './order';
import { orderXml, readAnswer, ublDocument } from './ubl';
import { at, listOf, readXml, textAt } from './xml';

const line = (n: number, more: Partial<OrderLine> = {}): OrderLine => ({
  ...{
    line: n,
    partId: `own-part-${n}`,
    name: `Part ${n}`,
    maker: 'Ossel',
    orderNumber: `00${n}`,
    quantity: 4,
    price: 12.5,
    currency: 'EUR',
  },
  ...{ answer: '', promised: null, promisedOn: null, replacedBy: '', sent: 0, received: 0 },
  ...more,
});
const order = (lines: OrderLine[]): Order => ({
  ...{ id: 'x', siteId: 'yard', number: 'LC-yard-7', supplier: 'Quayside Electric', orderedBy: 'Ines', closed: false, lines },
  orderedOn: '2026-12-02T08:00:00.000Z',
});
const article = (number: string, more: Partial<Article> = {}): Article => ({
  ...{ number, price: 11, currency: 'EUR', stock: 10, leadDays: 9 },
  ...more,
});

describe('an order as a file', () => {
  it('says each line with its pieces, numbers and price; leading zeros and signs stay', () => {
    const odd = line(2, { name: 'A <b> & "c"', orderNumber: '0012', price: null });
    const read = readXml(orderXml(order([line(1), odd]), 'Ferrow & Sons'));
    if (!read.ok) throw new Error(read.fault);
    const root = at(read.tree, 'Order');
    expect([textAt(root, 'ID'), textAt(root, 'IssueDate')]).toEqual(['LC-yard-7', '2026-12-02']);
    expect(textAt(root, 'BuyerCustomerParty', 'Party', 'PartyName', 'Name')).toBe('Ferrow & Sons');
    const lines = listOf(root, 'OrderLine');
    expect(lines.map((one) => textAt(one, 'LineItem', 'Item', 'Name'))).toEqual(['Part 1', 'A <b> & "c"']);
    expect(textAt(lines[1], 'LineItem', 'Item', 'SellersItemIdentification', 'ID')).toBe('0012');
    expect(lines.map((one) => textAt(one, 'LineItem', 'Price', 'PriceAmount'))).toEqual(['12.50', undefined]);
  });
  it('names any text so that it is read again', () =>
    fc.assert(
      fc.property(fc.string({ minLength: 1, maxLength: 40, unit: 'grapheme-ascii' }), (name) => {
        const read = readXml(orderXml(order([line(1, { name })]), 'Yard'));
        const said = read.ok ? textAt(at(read.tree, 'Order'), 'OrderLine', 'LineItem', 'Item', 'Name') : 'not read';
        return (said ?? '') === name.trim();
      }),
    ));
});

describe('what a supplier answers', () => {
  const articles = [article('001'), article('002', { stock: 1 }), article('003', { replacedBy: 'NEW-3' })];
  const xml = orderXml(order([line(1), line(2), line(3), line(4)]), 'Yard');
  const { response, advice } = answerOrder(xml, articles, '2026-12-02');
  it('is read line by line: accepted, changed, another part, refused', () =>
    expect(readAnswer(response)).toEqual({
      ok: true,
      answer: {
        kind: 'order response',
        order: 'LC-yard-7',
        lines: [
          { line: 1, answer: 'accepted', promised: 4, promisedOn: '2026-12-03' },
          { line: 2, answer: 'changed', promised: 4, promisedOn: '2026-12-11' },
          { line: 3, answer: 'replaced', replacedBy: 'NEW-3', promised: 4, promisedOn: '2026-12-03' },
          { line: 4, answer: 'refused', promised: 0 },
        ],
      },
    }));
  it('says what is on the way', () =>
    expect(readAnswer(advice)).toMatchObject({
      ok: true,
      answer: {
        kind: 'despatch advice',
        lines: [
          { line: 1, sent: 4 },
          { line: 2, sent: 1 },
        ],
      },
    }));
  it('may be late', () => {
    const late = readAnswer(answerOrder(xml, articles, '2026-12-02', 30).response);
    expect(late.ok && late.answer.lines[0]?.promisedOn).toBe('2027-01-02');
  });
  it.each([
    ['', /no XML/],
    ['<OrderResponse>', /no XML/],
    ['<!DOCTYPE x [<!ENTITY a "b">]><OrderResponse>&a;</OrderResponse>', /document type/],
    ['<Invoice/>', /neither/],
    [ublDocument('OrderResponse', { 'cbc:ID': 'R' }), /names no order/],
    [ublDocument('OrderResponse', { 'cac:OrderReference': { 'cbc:ID': 'LC-yard-7' } }), /nothing of any line/],
    [
      ublDocument('OrderResponse', {
        'cac:OrderReference': { 'cbc:ID': 'LC-yard-7' },
        'cac:OrderLine': [1, 1].map((n) => ({ 'cac:LineItem': { 'cbc:ID': n, 'cbc:LineStatusCode': '5' } })),
      }),
      /twice/,
    ],
  ])('%j is refused in words', (text, words) => {
    const read = readAnswer(text);
    expect(!read.ok && read.fault).toMatch(words);
  });
  it('that is cut off anywhere, or nonsense, never breaks the reader', () =>
    fc.assert(
      fc.property(fc.nat(response.length), fc.string({ maxLength: 6 }), (cut, put) => {
        const read = readAnswer(response.slice(0, cut) + put + response.slice(cut + put.length));
        return read.ok ? read.answer.lines.every(({ line: n }) => Number.isInteger(n)) : read.fault.length > 0;
      }),
    ));
});

describe('what is still expected', () => {
  it.each([
    [{}, 4],
    [{ promised: 2 }, 2],
    [{ promised: 6, received: 5 }, 1],
    [{ received: 9 }, 0],
    [{ answer: 'refused' as const, promised: 4 }, 0],
    [{ answer: 'replaced' as const }, 0],
  ])('%j: %d', (more, pieces) => expect(stillExpected(line(1, more))).toBe(pieces));
  it('is late past its day, while something is expected', () => {
    const promised = { promisedOn: '2026-12-05' };
    expect([
      isLate(line(1, promised), '2026-12-05'),
      isLate(line(1, promised), '2026-12-06'),
      isLate(line(1, { ...promised, received: 4 }), '2026-12-06'),
    ]).toEqual([false, true, false]);
  });
});
