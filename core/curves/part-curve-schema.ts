/** A curve to be kept with a part: checked alike on the screen and on the server. */
import * as yup from 'yup';
import { MAX_CSV_CHARACTERS } from './csv';

export const partCurveSchema = yup.object({
  csv: yup.string().strict().required('csv is missing.').max(MAX_CSV_CHARACTERS, `csv has more than ${MAX_CSV_CHARACTERS} characters.`),
  source: yup
    .string()
    .strict()
    .trim()
    .required('source is missing: name the sheet or the test that the curve comes from.')
    .max(200, 'source has more than 200 characters.'),
});
