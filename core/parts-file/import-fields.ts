/** A file of parts as it is brought: checked alike on the screen and on the server. */
import * as yup from 'yup';
import { familyIds } from '../families/registry';
import { decimalWays } from './read-cell';

/** Characters of a file that is brought at once. */
export const LARGEST_FILE = 8_000_000;

export const lookAtFileSchema = yup.object({
  family: yup.string().strict().oneOf(familyIds(), 'family is no kind of part.').required('family is missing.'),
  file: yup
    .string()
    .strict()
    .max(LARGEST_FILE, `A file of at most ${LARGEST_FILE / 1e6} million characters is taken at once. Part it.`)
    .required('file is missing: the text of a CSV.'),
  /** What a column is, by its head; null leaves it out. */
  mapping: yup
    .mixed<Record<string, string | null>>()
    .test('mapping', 'mapping names for each head a field, or null.', (value) => {
      if (value === undefined) return true;
      return (
        typeof value === 'object' &&
        !Array.isArray(value) &&
        Object.keys(value).length <= 300 &&
        Object.values(value).every((target) => target === null || (typeof target === 'string' && target.length <= 60))
      );
    })
    .optional(),
  decimals: yup.string().strict().oneOf(decimalWays, 'decimals is point or comma.').optional(),
  /** Where the pieces lie. */
  siteId: yup.string().strict().max(100).optional(),
});
export const bringFileSchema = lookAtFileSchema.shape({
  name: yup.string().strict().trim().min(1, 'name is missing: of the file.').max(200).required('name is missing: of the file.'),
  /** Rows that are refused stay out; without this nothing is brought while there are any. */
  leaveRefused: yup.boolean().strict().optional(),
});
