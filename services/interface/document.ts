/** The OpenAPI 3.1 document of the open interface: out of the routes, the schemas that check what comes in, and the types of what goes out. */
import type * as yup from 'yup';
import answers from './answers.json';
import { jsonSchemaOf, type Json } from './json-schema';
import type { Body, Route } from './route';
import { routes } from './routes';

const faults = {
  description: 'What is wrong: field, reason and what is accepted.',
  content: { 'application/json': { schema: { $ref: '#/components/schemas/Faults' } } },
};
const faultsSchema: Json = {
  type: 'object',
  properties: {
    faults: {
      type: 'array',
      items: { type: 'object', properties: { field: { type: 'string' }, reason: { type: 'string' } }, required: ['field', 'reason'] },
    },
  },
  required: ['faults'],
};

function formJson(form: NonNullable<Body['form']>): Json {
  const entries = Object.entries(form);
  return {
    type: 'object',
    properties: Object.fromEntries(
      entries.map(([name, { words, file }]) => [
        name,
        words ? { enum: [...words] } : file ? { type: 'string', format: 'binary' } : { type: 'string' },
      ]),
    ),
    required: entries.flatMap(([name, { required }]) => (required ? [name] : [])),
  };
}

function bodyJson(body: Body, schema: yup.ISchema<unknown> | undefined): Json {
  return {
    required: true,
    content: {
      ...(schema ? { 'application/json': { schema: jsonSchemaOf(schema) } } : {}),
      ...Object.fromEntries((body.pictures ?? []).map((type) => [type, { schema: { type: 'string', format: 'binary' } }])),
      ...(body.form ? { 'multipart/form-data': { schema: formJson(body.form) } } : {}),
    },
  };
}

const definitions: Readonly<Record<string, Json>> = answers.definitions;
/** Where the type of an answer stands in the document. */
const answerRef = ({ method, path }: Route): Json => {
  const schema = Object.entries(answers.answers).find(([name]) => name === `${method} ${path}`)?.[1];
  return { ...schema };
};

function operation(one: Route, summary: string, path: string, schema: yup.ISchema<unknown> | undefined): Json {
  const words = [...path.matchAll(/\{(\w+)\}/g)].map(([, name]) => ({ name, in: 'path', required: true, schema: { type: 'string' } }));
  const queries = (one.query ?? []).map(({ name, meaning, words: choices, fallback }) => ({
    name,
    in: 'query',
    schema: { ...(choices ? { enum: [...choices] } : { type: 'string' }), ...(fallback === undefined ? {} : { default: fallback }) },
    description: meaning,
  }));
  const content = one.file
    ? { [one.file]: { schema: { type: 'string', format: 'binary' } } }
    : { 'application/json': { schema: answerRef(one) } };
  return {
    summary,
    parameters: [...words, ...queries],
    ...(one.body ? { requestBody: bodyJson(one.body, schema) } : {}),
    responses: {
      200: { description: one.answers, content },
      ...Object.fromEntries(
        (one.body ? [400, 401, 403, 404, 409, 413, 415, 421, 422, 429, 500, 503] : [401, 403, 404, 421, 429, 500, 503]).map((status) => [
          status,
          faults,
        ]),
      ),
    },
  };
}

/** Returns the document. */
export function openApi(): Json {
  const paths: Record<string, Record<string, Json>> = {};
  const add = (path: string, method: string, made: Json) => {
    paths[path] = { ...paths[path], [method.toLowerCase()]: made };
  };
  const listed: readonly Route[] = routes;
  for (const one of listed)
    if (one.each) for (const { path, summary, schema } of one.each) add(path, one.method, operation(one, summary, path, schema));
    else add(one.path, one.method, operation(one, one.summary, one.path, one.body?.schema));
  return {
    openapi: '3.1.0',
    info: {
      title: 'Loyal Coil',
      version: '1',
      description: 'Judges what goes back into a motor or building panel. Decision support for qualified people.',
    },
    paths,
    components: { schemas: { Faults: faultsSchema, ...definitions } },
  };
}
