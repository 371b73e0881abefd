/** A quick check that is kept under a name: checked alike on the screen and on the server. */
import * as yup from 'yup';

export const checkNameSchema = yup.object({
  name: yup.string().strict().trim().min(2, 'A check is kept under a name of two letters at least.').max(80).required('name is missing.'),
});
export const keepCheckSchema = checkNameSchema.shape({
  positionId: yup.string().strict().max(200).nullable().optional(),
  state: yup.mixed().required('state is missing: the check itself.'),
});
