/** What a change of a job looks like where it is sent. */
import * as yup from 'yup';
import { isPath } from './swap';

const LARGEST_CHANGE = 20_000; // characters of one value: a plate text, not a book

/** Path of a change; what its value may be, `changeFault` says. */
const changePath = yup
  .string()
  .strict()
  .required('A change has no path.')
  .test(
    'path',
    'This path is not part of a swap; a section and a key are accepted, such as load.codeLetter.',
    (path) => path !== undefined && isPath(path),
  );
const value = yup
  .mixed()
  .nullable()
  .test(
    'size',
    `A value may hold at most ${LARGEST_CHANGE} characters. Shorten the text.`,
    (one) => (JSON.stringify(one ?? null)?.length ?? 0) <= LARGEST_CHANGE,
  );
/** One change, by its path. */
export const changeSchema = yup.object({ path: changePath, value });
/** One change of a mark that stands on the plate of a load or of a part. */
export const plateChangeSchema = yup.object({
  path: changePath.matches(/^(?:load|removed)\./, 'Only marks of its plates stand at a position: load. and removed.'),
  value,
});
