/** The ledger of a store: what is done with pieces of a part, and how it is said. Stock is the sum of its entries. */
import * as yup from 'yup';

/** What an entry is; `fitted` comes from a signed job, `file` from a file that was brought, `opening` from before there was a ledger. */
export const entryKinds = ['opening', 'received', 'taken', 'moved', 'counted', 'corrected', 'fitted', 'file'] as const;
export type EntryKind = (typeof entryKinds)[number];
export const entryWords: Readonly<Record<EntryKind, string>> = {
  opening: 'Lay there when the ledger began',
  received: 'Received',
  taken: 'Taken',
  moved: 'Moved',
  counted: 'Counted',
  corrected: 'Corrected',
  fitted: 'Fitted, by a signed job',
  file: 'Brought by a file',
};

/** What somebody does at a shelf. */
export const deeds = ['receive', 'take', 'move', 'count', 'correct'] as const;
export type Deed = (typeof deeds)[number];
export const deedWords: Readonly<Record<Deed, string>> = {
  receive: 'Receive',
  take: 'Take',
  move: 'Move',
  count: 'Count',
  correct: 'Correct',
};
export const deedMeans: Readonly<Record<Deed, string>> = {
  receive: 'Pieces come in.',
  take: 'Pieces go out.',
  move: 'Pieces go to another place of this store.',
  count: 'So many lie there: what is found stands.',
  correct: 'More or fewer than the ledger says, and why.',
};

export const MOST_PIECES = 10_000;
const place = yup
  .string()
  .strict()
  .trim()
  .min(1, 'place is missing: the crib, the bin, the van, the panel.')
  .max(80, 'place has 80 characters at most.');
const whole = yup.number().strict().integer('quantity is a whole number.').max(MOST_PIECES, `quantity is ${MOST_PIECES} at most.`);

/** Pieces of each deed: of a count none may lie there, a correction goes both ways. */
const leastPieces: Readonly<Record<Deed, number>> = { receive: 1, take: 1, move: 1, count: 0, correct: -MOST_PIECES };

/** What a deed asks for, alike on the screen and on the server. */
export const deedFormSchema = yup.object({
  deed: yup
    .string()
    .oneOf(deeds, `deed is one of ${deeds.join(', ')}.`)
    .required('deed is missing.'),
  place: place.required('place is missing.'),
  quantity: whole
    .required('quantity is missing.')
    .when('deed', ([deed]: Deed[], schema) =>
      deed === undefined ? schema : schema.min(leastPieces[deed], `quantity is ${leastPieces[deed]} at least.`),
    )
    .test('some', 'quantity is nothing: a correction changes something.', (value, { parent }) => parent.deed !== 'correct' || value !== 0),
  to: yup
    .string()
    .strict()
    .trim()
    .max(80, 'to has 80 characters at most.')
    .default('')
    .test('named', 'to is missing: where do they go?', (value, { parent }) => parent.deed !== 'move' || !!value)
    .test('other', 'to is where they lie already.', (value, { parent }) => parent.deed !== 'move' || value !== parent.place),
  why: yup
    .string()
    .strict()
    .trim()
    .max(200, 'why has 200 characters at most.')
    .default('')
    .test('said', 'why is missing: a correction says why.', (value, { parent }) => parent.deed !== 'correct' || !!value),
});

export const deedSchema = deedFormSchema.shape({
  siteId: yup.string().strict().max(100).required('siteId is missing.'),
  partId: yup.string().strict().max(300).required('partId is missing.'),
  /** A deed that is sent twice under one key is done once. */
  key: yup.string().strict().uuid('key is a UUID.').optional(),
});

const limit = yup.number().strict().integer('A limit is a whole number.').min(0, 'A limit is 0 at least.').max(MOST_PIECES);
export const limitsFormSchema = yup.object({
  least: limit.nullable().defined(),
  most: limit
    .nullable()
    .defined()
    .test('above', 'most is below least.', (value, { parent }) => value === null || parent.least === null || value >= parent.least)
    .test(
      'both',
      'Least and most belong together: give both, or neither.',
      (value, { parent }) => (value === null) === (parent.least === null),
    ),
});
export const limitsSchema = limitsFormSchema.shape({
  siteId: yup.string().strict().max(100).required('siteId is missing.'),
  partId: yup.string().strict().max(300).required('partId is missing.'),
});
