/** What a name, a password and a PIN may be. */
import * as yup from 'yup';
import { PIN_DIGITS } from '../../core/crew/person';

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
