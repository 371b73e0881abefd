/**
 * Orders as files of the trade: OASIS UBL 2.1, Order out, OrderResponse and DespatchAdvice in. Names and order of elements, and the codes of
 * UN/CEFACT (unit C62: pieces; line status 5 accepted, 3 changed, 7 not accepted), from memory. What is read is checked; nothing in a file is
 * carried out, no entity of its own is known, and what it does not say stays unsaid.
 */
import { XMLBuilder } from 'fast-xml-parser';
import type { LineAnswer, Order } from './order';
import { at, listOf, readXml, textAt } from './xml';

const UBL = 'urn:oasis:names:specification:ubl:schema:xsd';
export const PIECES = 'C62';

type Tree = Record<string, unknown>;
const builder = new XMLBuilder({ format: true, ignoreAttributes: false, attributeNamePrefix: '@', suppressEmptyNode: true });
const named = (name: string): Tree => ({ 'cac:Party': { 'cac:PartyName': { 'cbc:Name': name } } });

/** The head of a UBL document of this kind. */
export const ublDocument = (kind: 'Order' | 'OrderResponse' | 'DespatchAdvice', body: Tree): string =>
  `<?xml version="1.0" encoding="UTF-8"?>\n${builder.build({
    [kind]: {
      '@xmlns': `${UBL}:${kind}-2`,
      '@xmlns:cac': `${UBL}:CommonAggregateComponents-2`,
      '@xmlns:cbc': `${UBL}:CommonBasicComponents-2`,
      'cbc:UBLVersionID': '2.1',
      ...body,
    },
  })}`;

/** An order as its file. `buyer` is the site. */
export const orderXml = (order: Order, buyer: string): string =>
  ublDocument('Order', {
    'cbc:ID': order.number,
    'cbc:IssueDate': order.orderedOn.slice(0, 10),
    'cac:BuyerCustomerParty': named(buyer),
    'cac:SellerSupplierParty': named(order.supplier),
    'cac:OrderLine': order.lines.map((line) => ({
      'cac:LineItem': {
        'cbc:ID': line.line,
        'cbc:Quantity': { '@unitCode': PIECES, '#text': line.quantity },
        ...(line.price === null || line.currency === null
          ? {}
          : { 'cac:Price': { 'cbc:PriceAmount': { '@currencyID': line.currency, '#text': line.price.toFixed(2) } } }),
        'cac:Item': {
          'cbc:Name': line.name,
          'cac:BuyersItemIdentification': { 'cbc:ID': line.partId },
          ...(line.orderNumber ? { 'cac:SellersItemIdentification': { 'cbc:ID': line.orderNumber } } : {}),
          'cac:ManufacturerParty': { 'cac:PartyName': { 'cbc:Name': line.maker } },
        },
      },
    })),
  });

/** What a supplier's file says of a line. */
export type AnsweredLine = {
  line: number;
  answer?: Exclude<LineAnswer, ''>;
  promised?: number;
  promisedOn?: string;
  replacedBy?: string;
  /** Pieces on their way. */
  sent?: number;
};
export type Answer = { kind: 'order response' | 'despatch advice'; order: string; lines: AnsweredLine[] };
export type AnswerRead = { ok: true; answer: Answer } | { ok: false; fault: string };

const statuses: Readonly<Record<string, Exclude<LineAnswer, ''>>> = { '5': 'accepted', '3': 'changed', '6': 'changed', '7': 'refused' };

/** Whole pieces, as a file may write them: '3', '3.0'. */
const piecesOf = (text: string | undefined): number | undefined => (text && /^\d{1,5}(?:\.0+)?$/.test(text) ? Number(text) : undefined);
const dateOf = (text: string | undefined): string | undefined =>
  text && /^\d{4}-\d{2}-\d{2}$/.test(text) && !Number.isNaN(Date.parse(text)) ? text : undefined;

function answeredLine(line: unknown): AnsweredLine | undefined {
  const item = at(line, 'LineItem');
  const number = piecesOf(textAt(item, 'ID'));
  if (number === undefined) return undefined;
  const instead = at(line, 'SellerSubstitutedLineItem', 'Item') ?? at(line, 'SellerProposedSubstituteLineItem', 'Item');
  const replacedBy = textAt(instead, 'SellersItemIdentification', 'ID') ?? textAt(instead, 'Name');
  const status = statuses[textAt(item, 'LineStatusCode') ?? ''];
  const [promised, promisedOn] = [
    piecesOf(textAt(item, 'Quantity')),
    dateOf(textAt(item, 'Delivery', 'PromisedDeliveryPeriod', 'EndDate') ?? textAt(item, 'Delivery', 'LatestDeliveryDate')),
  ];
  return {
    line: number,
    ...(replacedBy ? { answer: 'replaced', replacedBy } : status ? { answer: status } : {}),
    ...(promised === undefined ? {} : { promised }),
    ...(promisedOn ? { promisedOn } : {}),
  };
}

function advisedLine(line: unknown): AnsweredLine | undefined {
  const number = piecesOf(textAt(line, 'OrderLineReference', 'LineID'));
  const sent = piecesOf(textAt(line, 'DeliveredQuantity'));
  return number === undefined || sent === undefined ? undefined : { line: number, sent };
}

/** Reads a supplier's answer. What is no such file, or names no order, is a fault in words. */
export function readAnswer(xml: string): AnswerRead {
  const read = readXml(xml);
  if (!read.ok) return read;
  const { tree } = read;
  const response = at(tree, 'OrderResponse');
  const advice = at(tree, 'DespatchAdvice');
  if (response === undefined && advice === undefined)
    return { ok: false, fault: 'It is neither an order response nor a despatch advice (UBL 2).' };
  const [kind, root] = response === undefined ? (['despatch advice', advice] as const) : (['order response', response] as const);
  const order = textAt(root, 'OrderReference', 'ID');
  if (!order) return { ok: false, fault: 'It names no order: OrderReference is missing.' };
  const lines = kind === 'order response' ? listOf(root, 'OrderLine').map(answeredLine) : listOf(root, 'DespatchLine').map(advisedLine);
  const known = lines.filter((line) => line !== undefined);
  if (known.length === 0) return { ok: false, fault: 'It says nothing of any line.' };
  if (new Set(known.map(({ line }) => line)).size < known.length) return { ok: false, fault: 'It speaks of one line twice.' };
  return { ok: true, answer: { kind, order, lines: known } };
}
