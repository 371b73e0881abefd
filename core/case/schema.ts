/**
 * Is a plain case well formed, and what is wrong with it, field by field?
 * Method: Yup schemas made from the lists of `fields.ts`; the same schemas give the OpenAPI document.
 * Every fault names the field, what was seen and what is accepted. Unknown names are collected, not dropped in silence.
 */
import { certain, isRecord } from '../certain';
import * as yup from 'yup';
import { traceFault, type Trace } from '../timing/trace';
import { formatValue } from '../quantities/format-quantity';
import { contradictionsOf } from '../supply/earthing';
import { currentKinds, num, upTo, word } from '../fields/field';
import { dutyFields } from '../fields/duty-fields';
import { kindAliases, type Field } from '../fields/field';
import { loadFields } from '../fields/load-fields';
import { ratingColumns } from '../fields/rating-columns';
import { supplyFields } from '../fields/supply-fields';

/** What a field accepts, in words. Example: 'above 0 to 690 V, null (worn) or "none"'. */
export function acceptedWords(field: Field): string {
  if (field.kind === 'trace') return 'lists of [seconds, 0 or 1] under supply, signal and output';
  if (field.kind === 'times') return 'seconds above 0, or two of them as [on, off]';
  if (field.kind === 'bands') return 'a list of [low, high] in seconds';
  if (field.kind === 'band') return `[low, high] within ${field.min ?? 0} to ${field.max} ${field.unit ?? ''}`.trim();
  if (field.kind === 'numbers') return `a list of figures in ${field.unit ?? 'one unit'}`;
  if (field.kind === 'amounts') return `figures in ${field.unit ?? 'one unit'} by ${certain(field.words).join(', ')}`;
  if (field.kind === 'feed') return '"self", or {volts, kind}';
  if (field.kind === 'counts') return `counts by form, such as {"${certain(field.words)[0]}": 2}`;
  if (field.kind === 'flags') return `true, false or null by function: ${certain(field.words).join(', ')}`;
  if (field.kind === 'amps-by') return 'amps by utilisation category, such as {"gG": 35}';
  if (field.words?.length) return `${field.words.slice(0, 12).join(', ')}${field.words.length > 12 ? ' and more' : ''}`;
  if (field.kind === 'flag') return 'true or false';
  if (field.kind === 'rows' || field.kind === 'coil-rows') return 'a list of rows';
  if (field.kind === 'word') return 'text';
  const low = field.above !== undefined ? `above ${field.above}` : String(field.min ?? 0);
  return `${low} to ${formatValue(field.max ?? 0, field.unit ?? '')}${field.kind === 'volts-text' ? ', or as printed: 230/460' : ''}`;
}

const inRange = (field: Field, value: number) =>
  Number.isFinite(value) &&
  (field.above === undefined || value > field.above) &&
  (field.min === undefined || value >= field.min) &&
  (field.max === undefined || value <= field.max) &&
  (field.unit !== 'count' || certain(field.max) > 1000 || Number.isInteger(value));

const isPair = (value: unknown): value is [number, number] =>
  Array.isArray(value) && value.length === 2 && value.every((end) => typeof end === 'number' && Number.isFinite(end));
const isTrace = (value: unknown): value is Trace => Array.isArray(value) && value.length <= 2000 && value.every(isPair);
const byWord = (field: Field, value: unknown, accepted: (mark: unknown) => boolean) =>
  isRecord(value) &&
  Object.entries(value).every(([name, mark]) => certain(field.words).includes(name) && (mark === null || accepted(mark)));
const isFeed = (value: unknown) =>
  isRecord(value) &&
  (value.volts === null || (typeof value.volts === 'number' && value.volts > 0 && value.volts <= 1500)) &&
  (value.kind === undefined || value.kind === null || ['ac', 'dc', 'ac/dc', ...Object.keys(kindAliases)].includes(String(value.kind)));

const VOLTS_TEXT = /^\s*\d+(\.\d+)?\s*([/-]\s*\d+(\.\d+)?\s*)*V?\s*$/i;

function holds(field: Field, value: unknown): boolean {
  switch (field.kind) {
    case 'number':
      return typeof value === 'number' && inRange(field, value);
    case 'volts-text':
      return typeof value === 'number' ? inRange(field, value) : typeof value === 'string' && value.length < 40 && VOLTS_TEXT.test(value);
    case 'word':
      return typeof value === 'string' && value.length < 200 && (!field.words || field.words.includes(value));
    case 'words':
      return (
        Array.isArray(value) &&
        value.every((v) => typeof v === 'string' && v.length < 200 && (!field.words?.length || field.words.includes(v)))
      );
    case 'flag':
      return typeof value === 'boolean';
    case 'hertz':
      return Array.isArray(value) && value.length <= 6 && value.every((v) => typeof v === 'number' && inRange(field, v));
    case 'rows':
    case 'coil-rows':
      return Array.isArray(value);
    case 'counts':
      return byWord(field, value, (count) => Number.isInteger(count) && Number(count) >= 0 && Number(count) <= 12);
    case 'flags':
      return byWord(field, value, (mark) => typeof mark === 'boolean' || mark === 'none');
    case 'feed':
      return value === 'self' || isFeed(value);
    case 'times':
      return typeof value === 'number' ? inRange(field, value) : isPair(value) && value.every((seconds) => inRange(field, seconds));
    case 'bands':
      return (
        Array.isArray(value) &&
        value.length <= 60 &&
        value.every((band) => isPair(band) && band[0] <= band[1] && band.every((end) => inRange(field, end)))
      );
    case 'band':
      return isPair(value) && value[0] <= value[1] && value.every((end) => inRange(field, end));
    case 'numbers':
      return Array.isArray(value) && value.length <= 12 && value.every((one) => typeof one === 'number' && inRange(field, one));
    case 'amounts':
      return byWord(field, value, (mark) => mark === 'none' || (typeof mark === 'number' && inRange(field, mark)));
    case 'trace':
      return (
        isRecord(value) &&
        Object.entries(value).every(
          ([name, trace]) =>
            ['supply', 'signal', 'output'].includes(name) && (trace === null || (isTrace(trace) && traceFault(trace) === undefined)),
        )
      );
    case 'amps-by':
      return (
        typeof value === 'object' &&
        !Array.isArray(value) &&
        Object.entries(value as object).every(
          ([name, amps]) => certain(field.words).includes(name) && (amps === null || (typeof amps === 'number' && inRange(field, amps))),
        )
      );
  }
}

const seen = (value: unknown) => {
  const text = typeof value === 'string' ? `'${value}'` : JSON.stringify(value);
  return text && text.length > 40 ? `${text.slice(0, 40)}…` : text;
};

const withoutAlias = (value: unknown): unknown =>
  Array.isArray(value) ? value.map(withoutAlias) : typeof value === 'string' ? (kindAliases[value] ?? value) : value;

/** Yup schema of one field: a value in range, null (worn), "none" (no such mark), or left out. */
export function fieldSchema(field: Field): yup.MixedSchema {
  return yup
    .mixed()
    .nullable()
    .transform((value: unknown) => (field.words?.includes('ac/dc') ? withoutAlias(value) : value))
    .test('accepted', (value, context) => {
      if (value === undefined || value === null || value === 'none' || holds(field, value)) return true;
      if (value === false || (Array.isArray(value) && value.length === 0)) return true;
      return context.createError({
        message: `${field.label} is ${seen(value)}; accepted: ${acceptedWords(field)}, null (worn) or "none" (no such mark).`,
      });
    })
    .meta({ field }) as yup.MixedSchema;
}

const shapeOf = (fields: readonly Field[]) => Object.fromEntries(fields.map((field) => [field.name, fieldSchema(field)]));

/** Columns of a row of a contactor's plate. */
const ratingRowFields: readonly Field[] = [
  num('volts', 'Row volts', 'V', upTo(15000), 'Volts at which the row holds.'),
  word('kind', 'Row AC or DC', currentKinds, 'Kind of current; absent: ac.'),
  num('polesInSeries', 'Poles in series', 'count', { min: 1, max: 12 }, 'Poles in series; absent: 1.'),
  ...ratingColumns,
];
const coilRowFields: readonly Field[] = [
  num('volts', 'Coil mark volts', 'V', upTo(690), 'Volts of the mark.'),
  word('kind', 'Coil mark AC or DC', currentKinds, 'Kind of the mark.'),
  { name: 'hertz', label: 'Coil mark hertz', kind: 'hertz', unit: 'Hz', above: 0, max: 400, meaning: 'Frequencies of the mark.' },
];
const rowFieldsOf = (field: Field): readonly Field[] => (field.kind === 'coil-rows' ? coilRowFields : (field.rowFields ?? ratingRowFields));
const rowSchemaOf = (fields: readonly Field[]) => yup.object(shapeOf(fields)).noUnknown(false);

const listOrMark = (row: yup.ObjectSchema<yup.AnyObject>, meaning: string, label: string) =>
  yup
    .mixed()
    .nullable()
    .test('rows', async (value, context) => {
      if (value === undefined || value === null || value === 'none' || value === false) return true;
      if (!Array.isArray(value) || value.length > MAX_ROWS)
        return context.createError({
          message: `${label} is ${seen(value)}; a list of at most 60 rows is accepted.`,
        });
      for (const [i, entry] of value.entries()) {
        if (!row.isType(entry) || entry === null)
          return context.createError({
            path: `${context.path}[${i}]`,
            message: `${label}, row ${i + 1} must be an object.`,
          });
        try {
          await row.validate(entry, { abortEarly: true });
        } catch (error) {
          const fault = error as yup.ValidationError;
          return context.createError({ path: `${context.path}[${i}].${fault.path}`, message: fault.message });
        }
      }
      return true;
    })
    .meta({ rows: row, meaning });

const rowsOf = (field: Field) => rowSchemaOf(rowFieldsOf(field));

/** A field by itself, or a list of rows, each held against its own columns. */
const schemaOf = (field: Field) =>
  field.kind === 'rows' || field.kind === 'coil-rows' ? listOrMark(rowsOf(field), field.meaning, field.label) : fieldSchema(field);
const shapeWithRows = (fields: readonly Field[]) => Object.fromEntries(fields.map((field) => [field.name, schemaOf(field)]));

const MAX_ROWS = 60;
/** True where a mark is accepted, by the same rules as its schema: for many parts at once, without the words of a refusal. */
export function accepts(field: Field, value: unknown): boolean {
  if (value === undefined || value === null || value === 'none' || value === false) return true;
  if (field.kind !== 'rows' && field.kind !== 'coil-rows') {
    if (Array.isArray(value) && value.length === 0) return true;
    return holds(field, field.words?.includes('ac/dc') ? withoutAlias(value) : value);
  }
  const columns = rowFieldsOf(field);
  return (
    Array.isArray(value) &&
    value.length <= MAX_ROWS &&
    value.every((row) => isRecord(row) && columns.every((column) => accepts(column, row[column.name])))
  );
}

/** Returns a function that gives a spec as its schema casts it, or undefined where the schema would refuse it. */
export function specReader(fields: readonly Field[]): (spec: unknown) => Record<string, unknown> | undefined {
  const kinds = fields.filter((field) => field.words?.includes('ac/dc'));
  return (spec) => {
    if (!isRecord(spec) || !fields.every((field) => accepts(field, spec[field.name]))) return undefined;
    const aliased = kinds.filter(({ name }) => spec[name] !== undefined && withoutAlias(spec[name]) !== spec[name]);
    return aliased.length === 0 ? spec : { ...spec, ...Object.fromEntries(aliased.map(({ name }) => [name, withoutAlias(spec[name])])) };
  };
}

/** Schema of a part's spec from the fields of its family. */
export const specSchema = (fields: readonly Field[]) => yup.object(shapeWithRows(fields));

export const MAX_CANDIDATES = 5000;
export const LONGEST_ID = 200;

const objectOf = (fields: readonly Field[], label: string) =>
  yup.object(shapeWithRows(fields)).default(undefined).typeError(`${label} must be an object.`);

/** What a case needs to know of a family that it is held against. */
export type CaseFamily = { id: string; fields: readonly Field[] };

const practiceSchema = yup
  .string()
  .strict()
  .oneOf(['NFPA70', 'IEC'], 'practice must be NFPA70 or IEC.')
  .required('practice is missing; NFPA70 or IEC is accepted.');
const familySchema = (accepted: readonly string[], ids: readonly string[]) =>
  yup
    .string()
    .strict()
    .oneOf([...accepted], ({ value }) => `Family '${value}' cannot be judged here; accepted: ${ids.join(', ')}.`)
    .required(`family is missing; accepted: ${ids.join(', ')}.`);

/** Schema of a whole case of one family; `families` are all that can be judged. */
export function caseSchemaOf(family: CaseFamily, families: readonly CaseFamily[]) {
  const ids = families.map(({ id }) => id);
  const spec = specSchema(family.fields);
  return yup
    .object({
      practice: practiceSchema,
      family: familySchema([family.id], ids),
      supply: objectOf(supplyFields, 'supply').required('supply is missing.'),
      load: objectOf(loadFields, 'load').required('load is missing.'),
      duty: objectOf(dutyFields, 'duty').nullable().default(undefined),
      removed: yup
        .object({ spec: spec.default(undefined).required('removed.spec is missing.') })
        .nullable()
        .default(undefined),
      candidates: yup
        .array()
        .of(
          yup.object({
            id: yup
              .string()
              .strict()
              .min(1, 'id is empty.')
              .max(LONGEST_ID, 'id is longer than 200 characters.')
              .required('A candidate has no id.'),
            spec: spec.default(undefined).required('A candidate has no spec.'),
          }),
        )
        .max(MAX_CANDIDATES, 'At most 5000 candidates are accepted in one case.')
        .required('candidates is missing; a list is needed, which may be empty.')
        .test('unique', (list, context) => {
          const ids = (list ?? []).map((part) => (part as { id?: string } | null)?.id);
          const twice = ids.find((id, i) => id !== undefined && ids.indexOf(id) !== i);
          return twice === undefined || context.createError({ message: `Candidate id '${twice}' stands twice; each id must be unique.` });
        }),
    })
    .typeError('The case must be a JSON object.')
    .test('agrees', (value, context) => {
      const [first] = value?.supply && value.load ? contradictionsOf({ supply: value.supply, load: value.load }) : [];
      return (
        first === undefined || context.createError({ path: first.fields.join(', '), message: `${first.reason} One of the two is wrong.` })
      );
    });
}

/** Schema of a case of any of the families: that of the family it names, and where it names none, what is wrong with that. */
export function caseSchema(families: readonly CaseFamily[]) {
  const ids = families.map(({ id }) => id);
  const byFamily = new Map(families.map((family) => [family.id, caseSchemaOf(family, families)]));
  const nameless = yup.object({ practice: practiceSchema, family: familySchema(ids, ids) }).typeError('The case must be a JSON object.');
  const schema = yup.lazy((value: unknown) => byFamily.get((value as { family?: string } | null | undefined)?.family ?? '') ?? nameless);
  return Object.assign(schema, { choices: [...byFamily.values()] });
}

export type Fault = { field: string; reason: string };

/** All faults of a Yup error as field and reason, in the order of the schema. */
export function faultsOf(error: yup.ValidationError): Fault[] {
  const inner = error.inner.length > 0 ? error.inner : [error];
  return inner.map((fault) => ({ field: fault.path ?? '', reason: fault.message }));
}

const rowNames = (field: Field): readonly string[] | undefined => {
  if (field.kind === 'feed') return ['volts', 'kind'];
  return field.kind === 'rows' || field.kind === 'coil-rows' ? rowFieldsOf(field).map(({ name }) => name) : undefined;
};

/** Names inside the rows and objects of a mark that nobody reads. Example: 'ratings[0].ac3Amp'. */
function unusedInside(field: Field, mark: unknown): string[] {
  const known = rowNames(field);
  if (!known) return [];
  const of = (row: unknown, path: string) =>
    isRecord(row) ? Object.keys(row).flatMap((name) => (known.includes(name) ? [] : [`${path}.${name}`])) : [];
  return Array.isArray(mark) ? mark.flatMap((row, i) => of(row, `${field.name}[${i}]`)) : of(mark, field.name);
}

/** Names in the case that this family does not use; they are answered with, so that a typing slip is seen. */
export function unusedNames(
  value: {
    supply?: object;
    load?: object;
    duty?: object | null;
    removed?: { spec?: object } | null;
    candidates?: { spec?: object }[];
  },
  partFields: readonly Field[],
): string[] {
  const byName = (fields: readonly Field[]) => new Map(fields.map((field) => [field.name, field]));
  const unused = (object: object | null | undefined, fields: ReadonlyMap<string, Field>, prefix: string) =>
    Object.entries(object ?? {}).flatMap(([key, mark]) => {
      const field = fields.get(key);
      return field ? unusedInside(field, mark).map((inner) => `${prefix}.${inner}`) : [`${prefix}.${key}`];
    });
  const part = byName(partFields);
  const specs = (value.candidates ?? []).flatMap(({ spec }) => unused(spec, part, 'spec'));
  return [
    ...unused(value.supply, byName(supplyFields), 'supply'),
    ...unused(value.load, byName(loadFields), 'load'),
    ...unused(value.duty, byName(dutyFields), 'duty'),
    ...unused(value.removed?.spec, part, 'removed.spec'),
    ...new Set(specs),
  ];
}
