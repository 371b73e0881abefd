/** A part that somebody enters, and pieces of one that are taken into stock: checked alike on the screen and on the server. */
import * as yup from 'yup';
import { familyIds } from '../families/registry';

/** How it is named: by its maker and its type, as the plate says. */
export const partNameSchema = yup.object({
  maker: yup.string().strict().trim().min(1, 'maker is missing: who made it, as its plate says.').max(80).required('maker is missing.'),
  name: yup
    .string()
    .strict()
    .trim()
    .min(1, 'name is missing: the type or order number on the plate.')
    .max(120)
    .required('name is missing.'),
});
export const newPartSchema = partNameSchema.shape({
  family: yup.string().strict().oneOf(familyIds(), 'family is no kind of part.').required('family is missing.'),
  /** What was read on it, by the names of its plate. */
  readings: yup.mixed().required('readings is missing: what was read on its plate.'),
});

export const MOST_PIECES = 10_000;
const quantity = yup
  .number()
  .strict()
  .integer('quantity is a whole number.')
  .min(1, 'quantity is 1 at least.')
  .max(MOST_PIECES, `quantity is ${MOST_PIECES} at most.`);
export const receiveSchema = yup.object({
  siteId: yup.string().strict().max(100).required('siteId is missing.'),
  place: yup.string().strict().trim().min(1, 'place is missing: the bin, the van, the panel.').max(80).required('place is missing.'),
  quantity: quantity.required('quantity is missing.'),
});

/** A part entered by its name, and pieces of it where a place is named. */
export const enterFormSchema = partNameSchema.shape({
  siteId: yup.string().strict().defined(),
  place: yup.string().strict().trim().max(80).defined(),
  quantity: quantity
    .nullable()
    .defined()
    .when('place', { is: (place: string) => place !== '', then: (asked) => asked.nonNullable('quantity is missing.') }),
});
