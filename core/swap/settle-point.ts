/** Settling a line that was signed as not known: checked alike on the screen and on the server. */
import * as yup from 'yup';
import { MIN_REASON_LETTERS, saidWords } from './said';

/** What was found, as its finder types it. */
export const foundSchema = yup.object({ found: saidWords('found', MIN_REASON_LETTERS).required('found is missing.') });

/** What settles an open point: which line of which record, and what was found. */
export const settleSchema = foundSchema.shape({
  recordId: yup.string().strict().uuid('recordId is not the id of a record.').required('recordId is missing.'),
  lineId: yup.string().strict().max(100).required('lineId is missing.'),
});
