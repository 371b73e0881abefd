/** What people say of a job in their own words: why, what happened, what they noted. Checked alike on the screen and on the server. */
import * as yup from 'yup';

/** Letters of a reason that says something. */
export const MIN_REASON_LETTERS = 8;
const LONGEST = 500;
/** Words of their own; `what` names them in a fault. */
export const saidWords = (what: string, least = 3) =>
  yup
    .string()
    .strict()
    .trim()
    .min(least, `${what}: say it in at least ${least} letters.`)
    .max(LONGEST, `${what} is longer than ${LONGEST} characters.`);

export const logSchema = yup.object({
  kind: yup
    .mixed<'fault' | 'measurement' | 'note'>()
    .oneOf(['fault', 'measurement', 'note'], 'kind is fault, measurement or note.')
    .required('kind is missing.'),
  text: saidWords('The note').required('text is missing.'),
});

/** Why something that stands in the way of a signature is accepted. */
export const reasonSchema = yup.object({ reason: saidWords('The reason', MIN_REASON_LETTERS).required('The reason is missing.') });
