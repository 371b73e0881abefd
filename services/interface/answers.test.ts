/** What the routes answer against what the document says of it, with a general-purpose validator: an answer of another shape is a defect. */
import Ajv from 'ajv/dist/2020';
import fc from 'fast-check';
import { afterAll, beforeAll, describe, expect, it } from 'vitest';
import { demoDatabase, type TestDatabase } from '../../data/test-database';
import { sampleCase } from '../../features/interface/sample-case';
import { openApi } from './document';
import { matchRoute, methods } from './route';
import { routes } from './routes';
import { testerToken } from '@/tests/crew';
import { GET, PATCH, POST } from '@/app/api/v1/[...path]/route';

let db: TestDatabase;
const own: Record<string, string> = {};
beforeAll(async () => {
  db = await demoDatabase();
  Object.assign(own, await testerToken(db.knex));
});
afterAll(() => db.drop());

type Operation = { responses: Record<string, { content: Record<string, { schema: object }> }> };
const document = openApi() as { paths: Record<string, Record<string, Operation>>; components: { schemas: Record<string, object> } };
const ajv = new Ajv({ strict: false, allErrors: true });
ajv.addSchema({ $id: 'document', components: document.components });
/** The validator of an answer by path and method of the document. */
const answerOf = (path: string, method: string) => {
  const schema = JSON.stringify(document.paths[path]![method.toLowerCase()]!.responses['200']!.content['application/json']!.schema);
  return ajv.compile(JSON.parse(schema.replaceAll('"#/components', '"document#/components')));
};
const BASE = 'http://127.0.0.1';
const asked = async (method: string, path: string, body?: unknown) => {
  const handler = { GET, POST, PATCH }[method]!;
  const response = await handler(
    new Request(`${BASE}${path}`, {
      method,
      headers: { host: '127.0.0.1', 'content-type': 'application/json', ...own },
      ...(body === undefined ? {} : { body: JSON.stringify(body) }),
    }),
  );
  return { status: response.status, id: response.headers.get('x-request-id'), body: (await response.json()) as Record<string, never> };
};

describe('answers are of the published shape', () => {
  let swap = '';
  beforeAll(async () => {
    const opened = await asked('POST', '/api/v1/swaps', { positionId: 'kestrel-ramp-k4' });
    swap = opened.body.id!;
    const { body: board } = await asked('POST', `/api/v1/swaps/${swap}/match`, {});
    const [first] = (board as unknown as { columns: { partId: string; name: string }[] }).columns;
    const { body: read } = await asked('GET', `/api/v1/swaps/${swap}`);
    const change = { path: 'choice.part', value: { partId: first!.partId, name: first!.name, taken: true } };
    expect((await asked('PATCH', `/api/v1/swaps/${swap}`, { version: read.version, changes: [change] })).status).toBe(200);
  });
  it.each([
    ['POST', '/api/v1/judge', '/api/v1/judge', sampleCase],
    ['GET', '/api/v1/families'],
    ['GET', '/api/v1/worksheets'],
    ['POST', '/api/v1/worksheets/standard-size', '/api/v1/worksheets/standard-size', { amps: 65, device: 'breaker', small: 'no' }],
    ['GET', '/api/v1/plates'],
    ['POST', '/api/v1/plates/read', '/api/v1/plates/read', { text: 'CLASS J 30 A 600 VAC IR 200 KA' }],
    ['GET', '/api/v1/desk'],
    ['GET', '/api/v1/find', '/api/v1/find?q=k4'],
    ['POST', '/api/v1/swaps', '/api/v1/swaps', { positionId: 'kestrel-ramp-k4' }],
    ['GET', '/api/v1/swaps/{id}'],
    ['GET', '/api/v1/swaps/{id}/pictures'],
    ['POST', '/api/v1/swaps/{id}/match', undefined, {}],
    ['GET', '/api/v1/swaps/{id}/choice'],
    ['GET', '/api/v1/position-codes'],
    ['GET', '/api/v1/timers'],
    ['GET', '/api/v1/health'],
  ])('%s %s', async (method, path, at = path, body?) => {
    const { status, body: answer, id } = await asked(method, at.replace('{id}', swap), body);
    expect(status, JSON.stringify(answer)).toBe(200);
    expect(id).toMatch(/^[0-9a-f-]{36}$/);
    const holds = answerOf(path, method);
    expect(holds(answer), JSON.stringify(holds.errors?.slice(0, 4))).toBe(true);
  });
  it('a refusal is of the published shape, and names its request', async () => {
    const refused = await asked('POST', '/api/v1/swaps', { positionId: 3 });
    expect(refused.status).toBe(422);
    const holds = ajv.compile({ $ref: 'document#/components/schemas/Faults' });
    expect(holds(refused.body), JSON.stringify(holds.errors)).toBe(true);
    expect(refused.id).not.toBeNull();
  });
  it('an answer of another shape would be seen', () => expect(answerOf('/api/v1/desk', 'get')({ sites: [{ id: 3 }] })).toBe(false));
});

describe('the table of routes', () => {
  it('names each method and path once', () => {
    const names = routes.map(({ method, path }) => `${method} ${path}`);
    expect(new Set(names).size).toBe(names.length);
  });
  it('stands whole in the document', () => {
    const listed = Object.entries(document.paths).flatMap(([path, one]) =>
      Object.keys(one).map((method) => `${method.toUpperCase()} ${path}`),
    );
    for (const one of routes)
      for (const path of 'each' in one && one.each ? one.each.map((sheet) => sheet.path) : [one.path])
        expect(listed).toContain(`${one.method} ${path}`);
  });
  it('no answer in it is open', () => {
    for (const one of routes)
      if (!('file' in one && one.file) && !('each' in one && one.each))
        expect(
          Object.keys(document.paths[one.path]![one.method.toLowerCase()]!.responses['200']!.content['application/json']!.schema),
          `${one.method} ${one.path}`,
        ).not.toEqual([]);
  });
  it('a path that is none is 404, a method that it does not take 405 with those that it takes', async () => {
    expect((await asked('GET', '/api/v1/nothing')).status).toBe(404);
    const { status, body } = await asked('PATCH', '/api/v1/desk', {});
    expect([status, JSON.stringify(body)]).toEqual([405, expect.stringContaining('it takes GET')]);
  });
  it('any words of a path come back as they were meant, and any other path is refused in words', () => {
    fc.assert(
      fc.property(fc.string({ minLength: 1 }), fc.constantFrom(...methods), (word, method) => {
        const found = matchRoute(routes, 'GET', `/api/v1/swaps/${encodeURIComponent(word)}`);
        expect('params' in found && found.params.id).toBe(word);
        expect('route' in matchRoute(routes, method, `/${encodeURIComponent(word)}/x`)).toBe(false);
      }),
    );
  });
  it('a word that cannot be read is taken as it stands', () =>
    expect(matchRoute(routes, 'GET', '/api/v1/swaps/%E0%A4%A')).toMatchObject({ params: { id: '%E0%A4%A' } }));
});
