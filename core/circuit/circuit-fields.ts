/** A circuit as it is made and changed: checked alike on the screen and on the server. */
import * as yup from 'yup';
import { circuitKinds, factIds } from './circuit';

const name = yup.string().strict().trim().min(2, 'A circuit has a name of two letters at least.').max(80, 'A name has at most 80 letters.');
const positionIds = yup
  .array()
  .of(yup.string().strict().max(200).required())
  .strict()
  .min(1, 'A circuit has one position at least.')
  .max(60, 'A circuit has at most 60 positions.');

export const newCircuitSchema = yup.object({
  name: name.required('name is missing.'),
  kind: yup.string().strict().oneOf(circuitKinds, 'kind is load or control.').required('kind is missing.'),
  positionIds: positionIds.required('positionIds is missing.'),
});

/** What was seen at the panel, and the devices that it was seen with; `not-seen` takes an answer back. */
export const factSchema = yup.object({
  id: yup
    .string()
    .strict()
    .oneOf([...factIds], 'This is not a fact of a circuit.')
    .required('id is missing.'),
  answer: yup
    .string()
    .strict()
    .oneOf(['yes', 'no', 'not-seen'] as const, 'An answer is yes, no or not-seen.')
    .required('answer is missing.'),
  seenWith: yup.string().strict().max(400).defined('seenWith is missing.'),
});

export const saveCircuitSchema = yup.object({
  version: yup.number().strict().integer().min(1).required('version is missing: send the one that you read.'),
  name: name.optional(),
  positionIds: positionIds.optional(),
  facts: yup.array().of(factSchema.required()).strict().max(factIds.length).optional(),
});
