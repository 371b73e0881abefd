/** How a part is bought: from whom, for how much, how long it takes, and whether it is still made. */
import * as yup from 'yup';

export const tradeStates = ['current', 'last-time-buy', 'obsolete', 'replaced'] as const;
export type TradeState = (typeof tradeStates)[number];
export const tradeStateWords: Readonly<Record<TradeState, string>> = {
  current: 'made and sold',
  'last-time-buy': 'last time to buy',
  obsolete: 'no longer made',
  replaced: 'replaced by another',
};

const MOST_PRICE = 1e7;
const MOST_DAYS = 1000;
const words = (what: string, most: number) => yup.string().strict().trim().max(most, `${what} has ${most} characters at most.`).default('');
/**
 * ISO 4217 codes of money that parts are paid in; from memory. A list of our own: server and browser would each name others, and a page that
 * was made with one list is not the other's.
 */
export const currencies: readonly string[] = [
  ...['EUR', 'USD', 'GBP', 'CHF', 'SEK', 'NOK', 'DKK', 'ISK', 'PLN', 'CZK', 'HUF', 'RON', 'BGN', 'RSD', 'TRY', 'UAH', 'CAD', 'MXN', 'BRL'],
  ...['ARS', 'CLP', 'COP', 'PEN', 'UYU', 'AUD', 'NZD', 'JPY', 'CNY', 'HKD', 'TWD', 'KRW', 'SGD', 'MYR', 'THB', 'IDR', 'PHP', 'VND', 'INR'],
  ...['PKR', 'BDT', 'LKR', 'ILS', 'AED', 'SAR', 'QAR', 'KWD', 'BHD', 'OMR', 'JOD', 'EGP', 'MAD', 'TND', 'ZAR', 'NGN', 'KES', 'GHS', 'TZS'],
];
export const currencySchema = yup.string().strict().oneOf(currencies, 'currency is a code such as EUR.');

export const tradeSchema = yup.object({
  supplier: words('supplier', 80),
  /** For one piece. */
  price: yup
    .number()
    .strict()
    .min(0, 'price is 0 at least.')
    .max(MOST_PRICE, `price is ${MOST_PRICE} at most.`)
    .test(
      'cents',
      'price has two decimals at most.',
      (value) => value === undefined || value === null || Math.round(value * 100) / 100 === value,
    )
    .nullable()
    .default(null),
  currency: currencySchema
    .nullable()
    .default(null)
    .test('with', 'currency is missing: a price is in something.', (value, { parent }) => parent.price === null || value !== null),
  leadDays: yup
    .number()
    .strict()
    .integer('leadDays is whole days.')
    .min(0, 'leadDays is 0 at least.')
    .max(MOST_DAYS, `leadDays is ${MOST_DAYS} at most.`)
    .nullable()
    .default(null),
  state: yup
    .string()
    .strict()
    .oneOf(tradeStates, `state is one of ${tradeStates.join(', ')}.`)
    .default('current'),
  replacedBy: words('replacedBy', 120).test(
    'named',
    'replacedBy is missing: which one is sold in its place?',
    (value, { parent }) => parent.state !== 'replaced' || !!value,
  ),
  /** Other numbers that it is known by, in one line. */
  otherNumbers: words('otherNumbers', 400),
});
export type Trade = yup.InferType<typeof tradeSchema>;

/** How it is bought, in a few words; empty where nobody said. */
export const tradeWords = ({ price, currency, leadDays, state, replacedBy }: Trade): string =>
  [
    price !== null && currency !== null ? `${price.toFixed(2)} ${currency}` : '',
    leadDays !== null ? (leadDays === 1 ? '1 day' : `${leadDays} days`) : '',
    state === 'current' ? '' : state === 'replaced' ? `replaced by ${replacedBy}` : tradeStateWords[state],
  ]
    .filter(Boolean)
    .join(', ');
