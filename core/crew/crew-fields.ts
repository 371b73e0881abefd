/** What a name, a password and a PIN may be, and what the crew's forms send: checked alike on the screen and on the server. */
import * as yup from 'yup';
import { PIN_DIGITS } from './person';
import { roles, scopes } from './rights';

export const nameWords = yup
  .string()
  .strict()
  .trim()
  .min(2, 'A name has at least 2 letters.')
  .max(80, 'The name is longer than 80 characters.')
  .matches(/^[^\p{Cc}\p{Cs}]*$/u, 'A name holds no control characters.')
  .required('The name is missing.');

export const usernameWords = yup
  .string()
  .strict()
  .matches(/^[A-Za-z0-9_.]{2,40}$/, 'A sign-in name is 2 to 40 letters, digits, dots or underscores.')
  .required('The sign-in name is missing.');

/** Length alone: what is long and remembered is better than what is short and odd. NIST SP 800-63B, 5.1.1, from memory. */
export const passwordWords = yup
  .string()
  .strict()
  .min(12, 'A password has at least 12 characters; a sentence is good.')
  .max(128, 'The password is longer than 128 characters.')
  .test('varied', 'This password is too easy to guess: fewer than 5 different characters.', (text) => new Set(text ?? '').size >= 5)
  .required('The password is missing.');

/** A PIN as it is given at a signature. */
export const pinText = yup
  .string()
  .strict()
  .matches(new RegExp(`^\\d{${PIN_DIGITS}}$`), `A PIN has ${PIN_DIGITS} digits.`);

/** A PIN as it is chosen. */
export const pinWords = pinText
  .required('The PIN is missing.')
  .test(
    'varied',
    'This PIN is too easy to guess.',
    (text) => new Set(text ?? '').size >= 3 && !'01234567890 09876543210'.includes(text ?? ''),
  );

export const roleField = yup
  .string()
  .strict()
  .oneOf(roles, `The role is one of: ${roles.join(', ')}.`)
  .required('The role is missing.');

const secretGiven = yup.string().strict().max(128);
export const addPersonSchema = yup.object({ name: nameWords, username: usernameWords, role: roleField });
export const passwordSchema = yup.object({ now: secretGiven.required('The password as it is now is missing.'), password: passwordWords });
export const pinSchema = yup.object({ password: secretGiven.required('The password is missing.'), pin: pinWords });
export const signInSchema = yup.object({ username: usernameWords, password: secretGiven.required('The password is missing.') });
export const firstSchema = yup.object({
  code: yup.string().strict().trim().max(80).required('The code is missing: the start prints it in its terminal.'),
  name: nameWords,
  username: usernameWords,
  password: passwordWords,
});
export const deviceNameSchema = yup.object({ name: nameWords });

export const MOST_TOKEN_DAYS = 365;
export const tokenSchema = yup.object({
  name: nameWords,
  scopes: yup
    .array()
    .of(
      yup
        .string()
        .strict()
        .oneOf(scopes, `A scope is one of: ${scopes.join(', ')}.`)
        .required(),
    )
    .min(1, 'A token has at least one scope.')
    .max(scopes.length)
    .required('scopes is missing.'),
  days: yup
    .number()
    .strict()
    .integer()
    .min(1)
    .max(MOST_TOKEN_DAYS, `A token lasts at most ${MOST_TOKEN_DAYS} days.`)
    .required('days is missing.'),
});
