/** An order to a supplier: its lines, what was answered, what has come, and what is still expected. */
import * as yup from 'yup';
import { MOST_PIECES } from '../stores/ledger';

/** What a supplier says of a line; '' until it does. */
export const lineAnswers = ['', 'accepted', 'changed', 'replaced', 'refused'] as const;
export type LineAnswer = (typeof lineAnswers)[number];
export const lineAnswerWords: Readonly<Record<LineAnswer, string>> = {
  '': 'not answered',
  accepted: 'accepted',
  changed: 'accepted with a change',
  replaced: 'another part instead',
  refused: 'not delivered',
};

export type OrderLine = {
  /** Number of the line in its order, from 1. */
  line: number;
  partId: string;
  name: string;
  maker: string;
  orderNumber: string | null;
  /** Pieces ordered. */
  quantity: number;
  /** For one piece, as it was known. */
  price: number | null;
  currency: string | null;
  answer: LineAnswer;
  /** Pieces that the supplier will deliver; null: nothing was said. */
  promised: number | null;
  /** By when, as a date; null: nothing was said. */
  promisedOn: string | null;
  /** What comes instead, as the supplier names it. */
  replacedBy: string;
  /** Pieces that are on their way, by the supplier's advice. */
  sent: number;
  /** Pieces that have come. */
  received: number;
};
export type Order = {
  id: string;
  siteId: string;
  /** As it is called: 'LC-kestrel-7'. */
  number: string;
  supplier: string;
  orderedOn: string;
  orderedBy: string;
  /** Nothing more is expected. */
  closed: boolean;
  lines: OrderLine[];
};

/** Pieces that still come: as promised, else as ordered, less what has come. A part that comes in another's place is not this one. */
export const stillExpected = ({
  quantity,
  promised,
  answer,
  received,
}: Pick<OrderLine, 'quantity' | 'promised' | 'answer' | 'received'>): number =>
  answer === 'refused' || answer === 'replaced' ? 0 : Math.max(0, (promised ?? quantity) - received);

/** True where an accepted line is past its day and pieces of it have not come. */
export const isLate = (line: OrderLine, today: string): boolean =>
  line.promisedOn !== null && line.promisedOn < today && stillExpected(line) > 0;

const MOST_LINES = 200;
const pieces = yup
  .number()
  .strict()
  .integer('quantity is a whole number.')
  .min(1, 'quantity is 1 at least.')
  .max(MOST_PIECES, `quantity is ${MOST_PIECES} at most.`)
  .required('quantity is missing.');

/** What is ordered; parts of several suppliers become an order for each. Sent twice under one key, it is ordered once. */
export const placeOrderSchema = yup.object({
  siteId: yup.string().strict().max(100).required('siteId is missing.'),
  key: yup.string().strict().uuid('key is a UUID.').required('key is missing.'),
  lines: yup
    .array(yup.object({ partId: yup.string().strict().max(300).required('partId is missing.'), quantity: pieces }))
    .strict()
    .min(1, 'lines is empty: say what is ordered.')
    .max(MOST_LINES, `lines has ${MOST_LINES} at most.`)
    .test('once', 'lines names a part twice.', (lines) => new Set((lines ?? []).map(({ partId }) => partId)).size === (lines ?? []).length)
    .required('lines is missing.'),
});

/** Pieces of a line that have come, and where they are put. */
export const arrivedFormSchema = yup.object({
  quantity: pieces,
  place: yup
    .string()
    .strict()
    .trim()
    .max(80, 'place has 80 characters at most.')
    .required('place is missing: the crib, the bin, the van, the panel.'),
});
export const arrivedSchema = arrivedFormSchema.shape({
  line: yup.number().strict().integer().min(1).max(MOST_LINES).required('line is missing.'),
  key: yup.string().strict().uuid('key is a UUID.').required('key is missing.'),
});

/** An answer of the supplier, as the text of its file. */
export const LARGEST_ANSWER = 500_000;
export const answerSchema = yup.object({
  xml: yup.string().strict().max(LARGEST_ANSWER, `xml has ${LARGEST_ANSWER} characters at most.`).required('xml is missing.'),
});
