/** Settling a line that was signed as not known: checked alike on the screen and on the server. */
import * as yup from 'yup';
import { MIN_REASON_LETTERS } from './sign-off';

const words = (what: string, least: number) =>
  yup
    .string()
    .strict()
    .trim()
    .min(least, `${what} has at least ${least} letters.`)
    .max(500, `${what} is longer than 500 characters.`)
    .required(`${what} is missing.`);
/** What was found, as its finder types it. */
export const foundSchema = yup.object({ found: words('found', MIN_REASON_LETTERS) });

/** What settles an open point: which line of which record, and what was found. */
export const settleSchema = foundSchema.shape({
  recordId: yup.string().strict().uuid('recordId is not the id of a record.').required('recordId is missing.'),
  lineId: yup.string().strict().max(100).required('lineId is missing.'),
});
