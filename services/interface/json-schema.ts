/** JSON Schema of what comes in, from the same Yup schemas that check it. */
import type * as yup from 'yup';
import { certain } from '../../core/certain';
import type { Field } from '../../core/fields/field';

export type Json = Record<string, unknown>;

const wordsJson = (field: Field): Json => (field.words?.length ? { type: 'string', enum: [...field.words] } : { type: 'string' });
const nullable = (value: Json): Json => ({ anyOf: [value, { type: 'null' }] });
const listOf = (items: Json): Json => ({ type: 'array', items });
const byWord = (field: Field, value: Json): Json => ({
  type: 'object',
  properties: Object.fromEntries(certain(field.words).map((name) => [name, value])),
  additionalProperties: false,
});
const pairOf = (number: Json): Json => ({ type: 'array', items: number, minItems: 2, maxItems: 2 });
const traceJson = nullable(listOf(pairOf({ type: 'number', minimum: 0 })));

/** A value of the field, its states aside. */
function valueJson(field: Field, number: Json): Json {
  switch (field.kind) {
    case 'number':
      return number;
    case 'flag':
      return { type: 'boolean' };
    case 'words':
      return listOf(wordsJson(field));
    case 'amps-by':
      return byWord(field, nullable(number));
    case 'counts':
      return byWord(field, nullable({ type: 'integer', minimum: 0, maximum: 12 }));
    case 'flags':
      return byWord(field, { anyOf: [{ type: 'boolean' }, { type: 'null' }, { const: 'none' }] });
    case 'hertz':
      return listOf(number);
    case 'volts-text':
      return { anyOf: [number, { type: 'string' }] };
    case 'times':
      return { anyOf: [number, pairOf(number)] };
    case 'bands':
      return listOf(pairOf(number));
    case 'band':
      return pairOf(number);
    case 'numbers':
      return listOf(number);
    case 'amounts':
      return byWord(field, { anyOf: [number, { type: 'null' }, { const: 'none' }] });
    case 'trace':
      return { type: 'object', properties: { supply: traceJson, signal: traceJson, output: traceJson }, additionalProperties: false };
    case 'feed':
      return {
        anyOf: [
          { const: 'self' },
          {
            type: 'object',
            properties: { volts: nullable({ type: 'number', exclusiveMinimum: 0, maximum: 1500 }), kind: nullable({ type: 'string' }) },
            required: ['volts'],
          },
        ],
      };
    default:
      return wordsJson(field);
  }
}

/** A mark is a value, null (worn) or "none" (no such mark). */
function fieldJson(field: Field, mark: boolean): Json {
  const bounds = {
    ...(field.above !== undefined ? { exclusiveMinimum: field.above } : {}),
    ...(field.min !== undefined ? { minimum: field.min } : {}),
    ...(field.max !== undefined ? { maximum: field.max } : {}),
  };
  const value = valueJson(field, { type: 'number', ...bounds });
  const description = `${field.meaning}${field.unit && field.unit !== 'count' ? ` Unit: ${field.unit}.` : ''}`;
  return mark ? { anyOf: [value, { type: 'null' }, { const: 'none' }], description } : { ...value, description };
}

/** What is walked of a Yup schema, and what the house's own schemas note on themselves. */
type Walked = Omit<yup.AnySchema, 'spec' | 'describe'> & {
  spec: { meta?: { field?: Field; rows?: yup.AnySchema; required?: boolean; meaning?: string }; default?: unknown };
  fields?: Record<string, Walked>;
  innerType?: yup.AnySchema;
  describe: () => {
    tests: { name?: string; params?: Record<string, unknown> }[];
    oneOf?: unknown[];
    optional: boolean;
    nullable: boolean;
  };
};

type Walkable = (yup.ISchema<unknown> | Walked) & { choices?: readonly yup.AnySchema[] };

/** JSON Schema of a Yup schema; of one that chooses, any of its choices. */
export function jsonSchemaOf(schema: Walkable): Json {
  if (schema.choices)
    return schema.choices.length === 1
      ? jsonSchemaOf(certain(schema.choices[0]))
      : { anyOf: schema.choices.map((choice) => jsonSchemaOf(choice)) };
  const any = schema as unknown as Walked;
  const { meta } = any.spec;
  if (meta?.field) return fieldJson(meta.field, meta.required === undefined);
  if (meta?.rows)
    return {
      anyOf: [{ type: 'array', items: jsonSchemaOf(meta.rows) }, { type: 'null' }, { const: 'none' }],
      description: meta.meaning,
    };
  const description = any.describe();
  const test = (name: string) => description.tests.find((entry) => entry.name === name)?.params?.[name];
  const type = any.type === 'mixed' ? {} : { type: description.nullable ? [any.type, 'null'] : any.type };
  const out: Json = { ...type };
  if (description.oneOf?.length) out.enum = description.oneOf;
  if (test('min') !== undefined) out[any.type === 'number' ? 'minimum' : any.type === 'array' ? 'minItems' : 'minLength'] = test('min');
  if (test('max') !== undefined) out[any.type === 'number' ? 'maximum' : any.type === 'array' ? 'maxItems' : 'maxLength'] = test('max');
  if (any.fields) {
    const entries = Object.entries(any.fields);
    out.properties = Object.fromEntries(entries.map(([name, inner]) => [name, jsonSchemaOf(inner)]));
    const required = entries
      .filter(([, inner]) => inner.spec.meta?.required === true || (!inner.describe().optional && inner.spec.default === undefined))
      .map(([name]) => name);
    if (required.length > 0) out.required = required;
  }
  if (any.innerType) out.items = jsonSchemaOf(any.innerType);
  return out;
}
