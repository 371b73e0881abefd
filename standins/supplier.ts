/**
 * A supplier that answers orders, for the demo and for tests: an invented house with prices, stock and lead times of its own. It accepts what it
 * has, promises the rest for a later day, sends another part for one that is no longer made, and refuses what it does not know.
 */
import { PIECES, ublDocument } from '../core/orders/ubl';
import { at, listOf, readXml, textAt } from '../core/orders/xml';

export type Article = {
  /** As the buyer's catalogue or the supplier's own names it. */
  number: string;
  price: number;
  currency: string;
  stock: number;
  leadDays: number;
  /** No longer made: this one is sent in its place. */
  replacedBy?: string;
};

type OrderedLine = { line: string; number: string; name: string; pieces: number };
type Ordered = { number: string; lines: OrderedLine[] };

const DAY_MS = 86_400_000;
const dayAfter = (today: string, days: number): string => new Date(Date.parse(today) + days * DAY_MS).toISOString().slice(0, 10);

/** Reads an order as a supplier's machine would. Throws on what is none. */
function readOrder(xml: string): Ordered {
  const read = readXml(xml);
  const order = read.ok ? at(read.tree, 'Order') : undefined;
  if (order === undefined) throw new Error('This is no order.');
  return {
    number: textAt(order, 'ID') ?? '',
    lines: listOf(order, 'OrderLine').map((line) => ({
      line: textAt(line, 'LineItem', 'ID') ?? '',
      number:
        textAt(line, 'LineItem', 'Item', 'SellersItemIdentification', 'ID') ??
        textAt(line, 'LineItem', 'Item', 'BuyersItemIdentification', 'ID') ??
        '',
      name: textAt(line, 'LineItem', 'Item', 'Name') ?? '',
      pieces: Number(textAt(line, 'LineItem', 'Quantity')),
    })),
  };
}

/** The numbers that an order asks for. Throws on what is none. */
export const numbersAsked = (xml: string): string[] => readOrder(xml).lines.map(({ number }) => number);

/** What the house has of a line. */
function dealt(line: OrderedLine, articles: readonly Article[], today: string) {
  const article = articles.find(({ number }) => number === line.number);
  if (!article) return { status: '7', pieces: 0, now: 0, date: undefined, article };
  const now = Math.min(line.pieces, article.stock);
  const whole = now === line.pieces;
  return {
    status: article.replacedBy ? '3' : whole ? '5' : '3',
    pieces: line.pieces,
    now,
    date: dayAfter(today, whole ? 1 : article.leadDays),
    article,
  };
}

/** The order response and the despatch advice of what lies there. `today` is a date; `lateDays` moves every promise. */
export function answerOrder(xml: string, articles: readonly Article[], today: string, lateDays = 0): { response: string; advice: string } {
  const order = readOrder(xml);
  const lines = order.lines.map((line) => ({ line, ...dealt(line, articles, today) }));
  const head = { 'cbc:IssueDate': today };
  const reference = { 'cac:OrderReference': { 'cbc:ID': order.number } };
  const response = ublDocument('OrderResponse', {
    'cbc:ID': `R-${order.number}`,
    ...head,
    ...reference,
    'cac:OrderLine': lines.map(({ line, status, pieces, date, article }) => ({
      'cac:LineItem': {
        'cbc:ID': line.line,
        'cbc:LineStatusCode': status,
        'cbc:Quantity': { '@unitCode': PIECES, '#text': pieces },
        ...(date ? { 'cac:Delivery': { 'cac:PromisedDeliveryPeriod': { 'cbc:EndDate': dayAfter(date, lateDays) } } } : {}),
        ...(article ? { 'cac:Price': { 'cbc:PriceAmount': { '@currencyID': article.currency, '#text': article.price.toFixed(2) } } } : {}),
        'cac:Item': { 'cbc:Name': line.name },
      },
      ...(article?.replacedBy
        ? {
            'cac:SellerSubstitutedLineItem': {
              'cbc:ID': line.line,
              'cac:Item': { 'cac:SellersItemIdentification': { 'cbc:ID': article.replacedBy } },
            },
          }
        : {}),
    })),
  });
  const sent = lines.filter(({ now, article }) => now > 0 && !article?.replacedBy);
  const advice = ublDocument('DespatchAdvice', {
    'cbc:ID': `D-${order.number}`,
    ...head,
    ...reference,
    'cac:DespatchLine': sent.map(({ line, now }, i) => ({
      'cbc:ID': i + 1,
      'cbc:DeliveredQuantity': { '@unitCode': PIECES, '#text': now },
      'cac:OrderLineReference': { 'cbc:LineID': line.line },
      'cac:Item': { 'cbc:Name': line.name },
    })),
  });
  return { response, advice };
}
