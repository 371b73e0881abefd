/**
 * What is a worksheet? One calculation with its steps and sources; screen, HTTP route and test table come from it.
 * Inputs are numbers in the unit of their name, or words. Outputs carry a verdict only where the trade gives a limit.
 */
import { certain } from '../certain';
import * as yup from 'yup';
import { acceptedWords } from '../case/schema';
import type { Field } from '../fields/field';
import type { SourceId } from '../standards/source';

export type WorksheetInput = Field & {
  /** May be left out. */
  optional?: boolean;
  /** Starting value on the screen: made-up, plausible. */
  sample: number | string;
};

/** An input that tells the compiler its name and what it holds: a calculation that asks for another does not compile. */
export type TypedInput<Name extends string, Value> = WorksheetInput & { readonly name: Name; readonly holds?: Value };
/** What a calculation is given: each input by its name, `undefined` only where it may be left out. */
export type ValuesOf<Inputs extends readonly TypedInput<string, unknown>[]> = {
  [One in Inputs[number] as One['name']]: One extends TypedInput<string, infer Value> ? Value : never;
};

export type WorksheetResult = {
  /** False where the inputs have no answer; `refusal` says why and what to do. */
  ok: boolean;
  refusal?: string;
  outputs: { name: string; label: string; value: number | null; unit: string }[];
  steps: string[];
  cautions: string[];
};

export type WorksheetValues = Record<string, number | string | undefined>;

/** What the question at hand is about, in the order in which the desk lists it. */
export const subjects = ['coil', 'motor', 'protection', 'supply', 'contacts', 'capacitor', 'timer'] as const;
export type Subject = (typeof subjects)[number];
export const subjectTitles: Record<Subject, string> = {
  coil: 'Coil and control circuit',
  motor: 'Motor',
  protection: 'Protection',
  supply: 'Supply and fault current',
  contacts: 'Contacts',
  capacitor: 'Capacitor',
  timer: 'Timer',
};

export type Worksheet = {
  id: string;
  subject: Subject;
  title: string;
  question: string;
  inputs: readonly WorksheetInput[];
  compute: (values: WorksheetValues) => WorksheetResult;
  sources: readonly SourceId[];
  /** Worked figures that the tests hold it against: inputs, expected output by name, relative tolerance, source of the expectation. */
  checks: readonly {
    values: WorksheetValues;
    expect: Record<string, number>;
    tolerance: number;
    source: string;
  }[];
};

type Typed<Inputs extends readonly TypedInput<string, unknown>[]> = Omit<Worksheet, 'inputs' | 'compute' | 'checks'> & {
  inputs: Inputs;
  compute: (values: ValuesOf<Inputs>) => WorksheetResult;
  checks: readonly { values: Partial<ValuesOf<Inputs>>; expect: Record<string, number>; tolerance: number; source: string }[];
};

/** A worksheet whose calculation takes the inputs that it lists, by name and type; `worksheetSchema` holds values to that before it runs. */
export const worksheet = <const Inputs extends readonly TypedInput<string, unknown>[]>(sheet: Typed<Inputs>): Worksheet =>
  sheet as unknown as Worksheet;

const checkNumber = (input: WorksheetInput) =>
  yup
    .mixed()
    .test('accepted', (value, context) => {
      if (value === undefined || value === null || value === '')
        return (
          input.optional === true || context.createError({ message: `${input.label} is missing; ${acceptedWords(input)} is accepted.` })
        );
      const holds =
        input.kind === 'word'
          ? typeof value === 'string' && certain(input.words).includes(value)
          : typeof value === 'number' &&
            Number.isFinite(value) &&
            (input.above === undefined || value > input.above) &&
            (input.min === undefined || value >= input.min) &&
            (input.max === undefined || value <= input.max);
      return (
        holds ||
        context.createError({
          message: `${input.label} is ${JSON.stringify(value)}; accepted: ${acceptedWords(input)}.`,
        })
      );
    })
    .meta({ field: input, required: !input.optional });

/** Yup schema of a worksheet's inputs; unknown names are refused. */
export const worksheetSchema = (sheet: Worksheet) =>
  yup
    .object(Object.fromEntries(sheet.inputs.map((input) => [input.name, checkNumber(input)])))
    .noUnknown(true, ({ unknown }) => `Unknown input: ${unknown}. Accepted: ${sheet.inputs.map((input) => input.name).join(', ')}.`)
    .strict()
    .typeError('The inputs must be a JSON object.');

type Range = { above?: number; min?: number; max: number };
export function numberInput<const Name extends string>(
  name: Name,
  label: string,
  unit: string,
  range: Range,
  sample: number,
  meaning: string,
): TypedInput<Name, number>;
export function numberInput<const Name extends string>(
  name: Name,
  label: string,
  unit: string,
  range: Range,
  sample: number,
  meaning: string,
  optional: boolean,
): TypedInput<Name, number | undefined>;
export function numberInput(
  name: string,
  label: string,
  unit: string,
  range: Range,
  sample: number,
  meaning: string,
  optional = false,
): WorksheetInput {
  return { name, label, kind: 'number', unit, ...range, sample, meaning, optional };
}
export const wordInput = <const Name extends string, const Word extends string>(
  name: Name,
  label: string,
  words: readonly Word[],
  meaning: string,
): TypedInput<Name, Word> => ({ name, label, kind: 'word', words, sample: words[0] ?? '', meaning });

export const refuse = (refusal: string): WorksheetResult => ({
  ok: false,
  refusal,
  outputs: [],
  steps: [],
  cautions: [],
});
export const answer = (outputs: WorksheetResult['outputs'], steps: string[], cautions: string[] = []): WorksheetResult => ({
  ok: true,
  outputs,
  steps,
  cautions,
});
