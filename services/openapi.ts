/**
 * The OpenAPI 3.1 document of the open interface, made from the same Yup schemas that check what comes in.
 */
import { certain } from '../core/certain';
import type * as yup from 'yup';
import type { Field } from '../core/fields/field';
import { positionCodesSchema } from './position-codes';
import { partCurveSchema } from './part-curves';
import { worksheetSchema } from '../core/worksheets/contract';
import { worksheets } from '../core/worksheets/registry';
import { plainCaseSchema } from './judge';
import { matchSchema } from './match';
import { settleSchema } from './open-points';
import { readPlateSchema } from './plate-reading';
import { signSchema } from './sign';
import { openSchema, saveSchema } from './swaps';

type Json = Record<string, unknown>;

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

/** JSON Schema of a Yup schema; of one that chooses, any of its choices. */
export function jsonSchemaOf(schema: yup.ISchema<unknown> & { choices?: readonly yup.AnySchema[] }): Json {
  if (schema.choices)
    return schema.choices.length === 1
      ? jsonSchemaOf(certain(schema.choices[0]))
      : { anyOf: schema.choices.map((choice) => jsonSchemaOf(choice)) };
  const meta = (schema as yup.AnySchema).spec.meta as
    { field?: Field; rows?: yup.AnySchema; required?: boolean; meaning?: string } | undefined;
  if (meta?.field) return fieldJson(meta.field, meta.required === undefined);
  if (meta?.rows)
    return {
      anyOf: [{ type: 'array', items: jsonSchemaOf(meta.rows) }, { type: 'null' }, { const: 'none' }],
      description: meta.meaning,
    };
  const any = schema as yup.AnySchema & { fields?: Record<string, yup.AnySchema>; innerType?: yup.AnySchema };
  const description = any.describe() as {
    tests: { name?: string; params?: Record<string, unknown> }[];
    oneOf?: unknown[];
    default?: unknown;
    optional: boolean;
    nullable: boolean;
  };
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
      .filter(
        ([, inner]) =>
          (inner.spec.meta as { required?: boolean } | undefined)?.required === true ||
          (!(inner.describe() as { optional: boolean }).optional && inner.spec.default === undefined),
      )
      .map(([name]) => name);
    if (required.length > 0) out.required = required;
  }
  if (any.innerType) out.items = jsonSchemaOf(any.innerType);
  return out;
}

const faults = {
  description: 'What is wrong: field, reason and what is accepted.',
  content: { 'application/json': { schema: { $ref: '#/components/schemas/Faults' } } },
};
const ok = (description: string, schema: Json = { type: 'object' }) => ({
  description,
  content: { 'application/json': { schema } },
});
const body = (schema: yup.ISchema<unknown>) => ({
  required: true,
  content: { 'application/json': { schema: jsonSchemaOf(schema) } },
});
const idParameter = [{ name: 'id', in: 'path', required: true, schema: { type: 'string' } }];
const post = (summary: string, schema: yup.ISchema<unknown>, answer: Json, parameters: unknown[] = []) => ({
  post: {
    summary,
    parameters,
    requestBody: body(schema),
    responses: { 200: answer, 400: faults, 404: faults, 409: faults, 413: faults, 422: faults, 503: faults },
  },
});
const get = (summary: string, answer: Json, parameters: unknown[] = []) => ({
  get: { summary, parameters, responses: { 200: answer, 404: faults, 503: faults } },
});

const line: Json = {
  type: 'object',
  properties: {
    quantity: { type: 'string' },
    relation: { enum: ['>=', '<=', '=', 'within', 'one-of', 'includes'] },
    limit: {},
    unit: { type: 'string' },
    have: {},
    margin: { type: ['number', 'null'] },
    verdict: { enum: ['fits', 'check', 'fails', 'not-known', null] },
    severity: { enum: ['must', 'should'] },
    because: { type: 'string' },
    source: { type: 'string' },
  },
};
const verdict = { enum: ['fits', 'check', 'fails', 'not-known'] };
const change: Json = {
  type: 'object',
  properties: {
    id: { type: 'string' },
    label: { type: 'string' },
    unit: { type: 'string' },
    from: {},
    to: {},
    direction: { enum: ['up', 'down', null] },
    because: { type: 'string' },
    ask: { type: ['string', 'null'] },
    mends: { type: 'boolean' },
  },
};
const lines = { type: 'array', items: { $ref: '#/components/schemas/Line' } };

/** Returns the document. */
export function openApi(): Json {
  const sheets = worksheets.map((sheet) => [
    `/api/v1/worksheets/${sheet.id}`,
    post(sheet.title, worksheetSchema(sheet), ok('Outputs, steps, cautions and sources.')),
  ]);
  return {
    openapi: '3.1.0',
    info: {
      title: 'Loyal Coil',
      version: '1',
      description: 'Judges what goes back into a motor or building panel. Decision support for qualified people.',
    },
    paths: {
      '/api/v1/judge': post(
        'Judge a plain case',
        plainCaseSchema,
        ok('Need lines, the removed part and every candidate with verdicts, figures, reasons and sources.', {
          $ref: '#/components/schemas/Answer',
        }),
        [
          {
            name: 'lines',
            in: 'query',
            schema: { enum: ['all', 'decisive'], default: 'all' },
            description: 'decisive: only lines that do not fit; the verdicts are the same.',
          },
        ],
      ),
      '/api/v1/families': get('Families and their fields', ok('Families.')),
      '/api/v1/worksheets': get('Worksheets and their inputs', ok('Worksheets.')),
      ...Object.fromEntries(sheets),
      '/api/v1/plates': get('Plates that can be read, their marks and meanings', ok('Plates.')),
      '/api/v1/plates/read': {
        post: {
          ...post(
            'Read a plate from text or picture',
            readPlateSchema,
            ok('Readings with their state, findings, conflicts and what was not understood.'),
          ).post,
          parameters: [
            { name: 'kind', in: 'query', schema: { type: 'string' }, description: 'Kind of plate, for a picture sent as the body.' },
          ],
          requestBody: {
            required: true,
            content: {
              'application/json': { schema: jsonSchemaOf(readPlateSchema) },
              'image/jpeg': { schema: {} },
              'image/png': { schema: {} },
              'image/webp': { schema: {} },
              'multipart/form-data': {
                schema: { type: 'object', properties: { picture: {}, kind: { type: 'string' } }, required: ['picture'] },
              },
            },
          },
        },
      },
      '/api/v1/swaps/{id}/pictures': {
        ...get('Pictures kept with a swap', ok('Pictures without their bytes.'), idParameter),
        post: {
          summary: 'Keep a picture with a swap',
          parameters: idParameter,
          requestBody: {
            required: true,
            content: {
              'multipart/form-data': {
                schema: {
                  type: 'object',
                  properties: {
                    picture: {},
                    original: {},
                    section: { enum: ['load', 'removed'] },
                    kind: { type: 'string' },
                    seen: { type: 'string' },
                  },
                  required: ['picture', 'section', 'kind', 'seen'],
                },
              },
            },
          },
          responses: { 200: ok('The picture as kept.'), 400: faults, 404: faults, 409: faults, 413: faults, 422: faults, 503: faults },
        },
      },
      '/api/v1/pictures/{id}': {
        ...get('A kept picture', { description: 'JPEG, or the original with ?original.' }, idParameter),
        delete: { summary: 'Take a picture away', parameters: idParameter, responses: { 200: ok('Whether it was there.'), 409: faults } },
      },
      '/api/v1/swaps': post('Open a swap at a position, or get the one that is open', openSchema, ok('The id of the swap.')),
      '/api/v1/swaps/{id}': {
        ...get('Read a swap', ok('The swap.'), idParameter),
        patch: post('Save changes', saveSchema, ok('The new version.'), idParameter).post,
      },
      '/api/v1/swaps/{id}/match': post(
        'Fit board of a swap',
        matchSchema,
        ok('Needs, removed part, ranked columns and why the rest fell.'),
        idParameter,
      ),
      '/api/v1/positions/{id}/settle': post('Settle what was signed as not known', settleSchema, ok('It is settled.'), idParameter),
      '/api/v1/swaps/{id}/sign': post('Sign a swap', signSchema, ok('The id of the record.'), idParameter),
      '/api/v1/records/{id}': get('A signed record', ok('The record with its hash.'), idParameter),
      '/api/v1/records/{id}/pdf': get('A signed record as PDF', { description: 'PDF.' }, idParameter),
      '/api/v1/records/{id}/label': get('A printable label as PDF', { description: 'PDF.' }, idParameter),
      '/api/v1/panels/{id}/supply': {
        ...get('What feeds a panel', ok('Path from the source, and the run to each position.'), idParameter),
        put: {
          summary: 'Save what feeds a panel and, where one is named, the run to a position',
          parameters: idParameter,
          requestBody: {
            required: true,
            content: {
              'application/json': {
                schema: {
                  type: 'object',
                  properties: {
                    version: { type: 'integer', minimum: 0 },
                    path: { type: 'object' },
                    positionId: { type: 'string' },
                    run: { type: 'array', items: { type: 'object' } },
                  },
                  required: ['version', 'path'],
                },
              },
            },
          },
          responses: { 200: ok('A node for every element.'), 400: faults, 404: faults, 409: faults, 413: faults, 422: faults, 503: faults },
        },
      },
      '/api/v1/parts/{id}/curve': {
        ...get('The maker’s curve kept with a part, or null', ok('Curve as CSV, its source, and the edges read off it.'), idParameter),
        put: {
          ...post('Keep a curve with a breaker or fuse', partCurveSchema, ok('The curve as kept.'), idParameter).post,
          responses: { 200: ok('The curve as kept.'), 400: faults, 404: faults, 413: faults, 422: faults, 503: faults },
        },
        delete: { summary: 'Take a curve away', parameters: idParameter, responses: { 200: ok('Whether it was there.'), 404: faults } },
      },
      '/api/v1/meter/read': {
        post: {
          summary: 'Read a panel meter over Modbus TCP once',
          requestBody: {
            required: true,
            content: {
              'application/json': {
                schema: {
                  type: 'object',
                  properties: {
                    host: { type: 'string' },
                    port: { type: 'integer', minimum: 1, maximum: 65535, default: 502 },
                    unitId: { type: 'integer', minimum: 0, maximum: 255, default: 1 },
                    timeoutMs: { type: 'integer', minimum: 50, maximum: 10000, default: 2000 },
                    map: { type: 'object', description: 'Registers by quantity: docs/formats/meter.md' },
                  },
                  required: ['host', 'map'],
                },
              },
            },
          },
          responses: { 200: ok('The reading by quantity.'), 400: faults, 422: faults, 502: faults, 504: faults },
        },
      },
      '/api/v1/position-codes': get('Accessory bay codes by maker, the user’s own', ok('A table a maker, each with its version.')),
      '/api/v1/position-codes/{maker}': {
        put: {
          ...post('Save the letters of a maker', positionCodesSchema, ok('Every table.'), [
            { name: 'maker', in: 'path', required: true, schema: { type: 'string' } },
          ]).post,
          responses: { 200: ok('Every table.'), 400: faults, 409: faults, 413: faults, 422: faults, 503: faults },
        },
      },
      '/api/v1/timers': get('Timers of the catalogue, as the relay lab matches them', ok('Words, ranges and accuracy of each.')),
      '/api/v1/health': get('Whether the database answers', ok('It answers.')),
    },
    components: {
      schemas: {
        Line: line,
        Answer: {
          type: 'object',
          properties: {
            needs: lines,
            removed: { type: ['object', 'null'], properties: { verdict, lines } },
            candidates: {
              type: 'array',
              items: { type: 'object', properties: { id: { type: 'string' }, verdict, lines, changes: { type: 'array', items: change } } },
            },
            cautions: { type: 'array', items: { type: 'string' } },
            ignored: {
              type: 'array',
              items: { type: 'string' },
              description: 'Paths of names that nothing here used; left out where there are none.',
            },
          },
        },
        Faults: {
          type: 'object',
          properties: {
            faults: {
              type: 'array',
              items: {
                type: 'object',
                properties: { field: { type: 'string' }, reason: { type: 'string' } },
              },
            },
          },
        },
      },
    },
  };
}
