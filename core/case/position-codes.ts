/**
 * Letters of bays, the user's own table per maker: makers differ, so nothing is assumed of a maker that is not in it.
 * The same accessory may stand under several letters; a letter of a maker stands once.
 */
import * as yup from 'yup';
import { trimmedText } from './trimmed-text';
import { accessoryFunctions, type AccessoryFunction } from '../fields/accessory-fields';

export type PositionCode = { code: string; bay: string; function: AccessoryFunction; note: string };
export type PositionTable = { maker: string; version: number; rows: PositionCode[] };

const MAX_ROWS = 60;
const line = (label: string, most: number) => trimmedText().max(most, `${label} is longer than ${most} characters.`);

const rowSchema = yup.object({
  code: line('A letter code', 12).required('A row has no letter code.'),
  bay: line('A bay', 60).default(''),
  function: yup
    .string()
    .strict()
    .oneOf([...accessoryFunctions], ({ value }) => `Function '${value}' is not known; accepted: ${accessoryFunctions.join(', ')}.`)
    .required('A row has no function.'),
  note: line('A note', 200).default(''),
});

/** Rows of one maker: each code once, whatever its case. */
export const positionRowsSchema = yup
  .array()
  .of(rowSchema)
  .max(MAX_ROWS, `At most ${MAX_ROWS} rows are kept for a maker.`)
  .required('rows is missing; a list is needed, which may be empty.')
  .test('unique', (rows, context) => {
    const codes = (rows ?? []).map((row) => String(row?.code).toUpperCase());
    const twice = codes.find((code, i) => codes.indexOf(code) !== i);
    return twice === undefined || context.createError({ message: `Letter code '${twice}' stands twice; each stands once for a maker.` });
  });

export const MOST_MAKER_LETTERS = 60;
/** A maker whose letters are entered. */
export const makerSchema = yup.object({ maker: yup.string().strict().trim().max(MOST_MAKER_LETTERS).required('The maker is missing.') });

/** What stands under these letters, by maker; more than one maker may use them. */
export const meaningsOf = (tables: readonly PositionTable[], code: string): (PositionCode & { maker: string })[] =>
  tables.flatMap(({ maker, rows }) =>
    rows.filter((row) => row.code.toUpperCase() === code.trim().toUpperCase()).map((row) => ({ ...row, maker })),
  );
