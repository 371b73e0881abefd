/** Requests that nobody sends on purpose: every route with words, bodies and headers from a seed, nearly right or not at all. */
import { routes } from '@/services/interface/routes';
import { seeded, type Random } from '../laws/random';

export type FuzzRequest = {
  method: string;
  path: string;
  headers: Record<string, string>;
  body: string | Uint8Array<ArrayBuffer> | undefined;
};

const odd: readonly unknown[] = [
  ...[
    null,
    true,
    false,
    0,
    -1,
    0.1,
    1e308,
    -0,
    2 ** 53,
    1e-320,
    '',
    ' ',
    'x',
    '\u0000',
    '\ud800',
    'a\u0000b',
    '😀',
    '%',
    "'; drop table x; --",
    '../../etc/passwd',
  ],
  ...[
    'x'.repeat(5000),
    '=1+1',
    '2026-13-45',
    '00000000-0000-0000-0000-000000000000',
    '__proto__',
    'constructor',
    'NaN',
    'Infinity',
    '1e400',
    '\u202e',
    'İ',
  ],
  ...[[], {}, [[]], [null], { __proto__: null }, { length: 1e9 }, { toString: 1 }],
];

const deep = (random: Random, levels: number): unknown => {
  let value: unknown = random.pick(odd);
  for (let i = 0; i < levels; i += 1)
    value = random.next() < 0.5 ? [value] : { [random.pick(['a', 'load', 'spec', '__proto__', ''])]: value };
  return value;
};

type Schema = {
  type?: string;
  properties?: Record<string, Schema>;
  items?: Schema;
  enum?: unknown[];
  $ref?: string;
  anyOf?: Schema[];
  oneOf?: Schema[];
  format?: string;
};

/** A value of a schema of the document, with some of it odd. */
function valueOf(schema: Schema, defs: Record<string, Schema>, random: Random, depth = 0): unknown {
  if (random.next() < 0.12) return random.next() < 0.2 ? deep(random, 1 + random.below(60)) : random.pick(odd);
  if (depth > 6) return random.pick(odd);
  if (schema.$ref) return valueOf(defs[schema.$ref.split('/').at(-1)!] ?? {}, defs, random, depth + 1);
  const ways = schema.anyOf ?? schema.oneOf;
  if (ways) return valueOf(random.pick(ways), defs, random, depth + 1);
  if (schema.enum) return random.pick(schema.enum);
  if (schema.properties) {
    const entries = Object.entries(schema.properties).filter(() => random.next() < 0.85);
    const value: Record<string, unknown> = Object.fromEntries(entries.map(([name, one]) => [name, valueOf(one, defs, random, depth + 1)]));
    if (random.next() < 0.1)
      Object.defineProperty(value, random.pick(['__proto__', 'constructor', 'extra', '']), { value: random.pick(odd), enumerable: true });
    return value;
  }
  if (schema.type === 'array' || schema.items)
    return Array.from({ length: random.below(4) }, () => valueOf(schema.items ?? {}, defs, random, depth + 1));
  if (schema.type === 'number' || schema.type === 'integer') return random.pick([1, 0, 12, 480, -3, 2.5, 1e9]);
  if (schema.type === 'boolean') return random.next() < 0.5;
  return random.pick(['x', 'IEC', '480 V', 'load.codeLetter', 'safe.prove-dead', 'kestrel-ramp-k4', 'K4', '']);
}

export type FuzzDocument = {
  paths: Record<string, Record<string, { requestBody?: { content: Record<string, { schema: Schema }> } }>>;
  components: { schemas: Record<string, Schema> };
};

const types = [
  'application/json',
  'application/json; charset=utf-8',
  'text/plain',
  '',
  'multipart/form-data',
  'multipart/form-data; boundary=x',
  'image/png',
  'application/json\t',
];

/** A well-spelt or a spoilt word of a path. */
const wordOf = (random: Random, ids: readonly string[]): string =>
  random.next() < 0.6
    ? encodeURIComponent(random.pick(ids))
    : random.pick([
        '%00',
        '%ED%A0%80',
        '%',
        '%E0%A4%A',
        '..',
        '%2e%2e',
        "'",
        'x'.repeat(3000),
        '-1',
        '__proto__',
        'constructor',
        '%F0%9F%98%80',
        '00000000-0000-0000-0000-000000000000',
      ]);

/** An endless row of requests; equal seeds give equal rows. `ids` are such as are there. */
export function* requests(seed: number, document: FuzzDocument, ids: readonly string[]): Generator<FuzzRequest> {
  const random = seeded(seed);
  const defs = document.components.schemas;
  const listed = routes.flatMap((one) =>
    'each' in one && one.each ? one.each.map(({ path }) => ({ method: one.method, path })) : [{ method: one.method, path: one.path }],
  );
  for (;;) {
    const { method, path } = random.pick(listed);
    const schema = document.paths[path]?.[method.toLowerCase()]?.requestBody?.content['application/json']?.schema;
    const query = random.next() < 0.25 ? `?${random.pick(['q', 'lines', 'kind', 'original', 'x'])}=${wordOf(random, ids)}` : '';
    const asJson = random.next() < 0.85;
    const json = (): string => {
      const text = JSON.stringify(schema ? valueOf(schema, defs, random) : deep(random, random.below(8))) ?? '';
      return random.next() < 0.05 ? text.slice(0, Math.floor(text.length / 2)) : random.next() < 0.03 ? '['.repeat(4000) : text;
    };
    const body =
      method === 'GET' || method === 'DELETE'
        ? undefined
        : random.next() < 0.9
          ? json()
          : Uint8Array.from({ length: random.below(400) }, () => random.below(256));
    yield {
      method,
      path: path.replaceAll(/\{\w+\}/g, () => wordOf(random, ids)) + query,
      headers: {
        'content-type': asJson ? 'application/json' : random.pick(types),
        ...(random.next() < 0.05 ? { 'x-person': 'somebody' } : {}),
      },
      body,
    };
  }
}
