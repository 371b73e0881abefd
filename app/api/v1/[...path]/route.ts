/** Every request of the open interface goes by the table of its routes. */
import { certain } from '@/core/certain';
import { addressOf, authorise } from '@/services/crew/caller';
import { refusalOf } from '@/services/doors';
import { openApi } from '@/services/interface/document';
import { matchRoute, SMALL } from '@/services/interface/route';
import { countRequest } from '@/services/interface/often';
import { routes } from '@/services/interface/routes';
import { ServiceError } from '@/services/service-error';
import { areSoundWords } from '@/services/interface/sound';
import { answerInPool, hasPool } from '@/services/pool/pool';
import { readBytes, readJson, readJsonBytes, respond } from '@/app/api/respond';

export const dynamic = 'force-dynamic';

function answer(request: Request): Promise<Response> {
  const url = new URL(request.url);
  const { method } = request;
  let matched = 'none';
  return respond(
    async () => {
      const refusal = refusalOf(method, request.headers);
      if (refusal) throw new ServiceError(refusal.status, [{ field: '', reason: refusal.reason }]);
      if (method === 'GET' && url.pathname === '/api/v1/openapi.json') return openApi();
      const found = matchRoute(routes, method, url.pathname);
      if ('allowed' in found) throw notThere(url.pathname, method, found.allowed);
      matched = found.route.path;
      if (!areSoundWords(Object.values(found.params))) throw notThere(url.pathname, method, []);
      if (!areSoundWords(url.searchParams.values()))
        throw new ServiceError(400, [
          { field: 'query', reason: 'A word of the address is longer than 200 letters, or holds a NUL or half a character.' },
        ]);
      const largest = found.route.body?.largest ?? SMALL;
      const caller = await authorise(request.headers, found.route.right);
      if (found.route.perMinute !== undefined)
        await countRequest(found.route.path, found.route.perMinute, caller?.person.id ?? addressOf(request.headers));
      if (found.route.heavy && hasPool())
        return answerInPool(
          {
            ...{ method, path: found.route.path, params: found.params, query: url.search, caller },
            type: request.headers.get('content-type'),
            host: request.headers.get('host'),
            body: method === 'GET' ? new Uint8Array() : await (found.route.body?.form ? readBytes : readJsonBytes)(request, largest),
          },
          request.signal,
        );
      const cookies = new Headers();
      const result = await found.route.handle({
        // A route that asks for nothing never looks who calls.
        get caller() {
          return certain(caller);
        },
        setCookies: (lines) => lines.forEach((line) => cookies.append('set-cookie', line)),
        params: found.params,
        query: url.searchParams,
        headers: request.headers,
        json: () => readJson(request, largest),
        bytes: () => readBytes(request, largest),
      });
      return result instanceof Response ? result : Response.json(result, { headers: cookies });
    },
    { method, path: url.pathname, route: () => matched },
  );
}

const notThere = (path: string, method: string, allowed: readonly string[]): ServiceError =>
  allowed.length > 0
    ? new ServiceError(405, [{ field: 'method', reason: `${path} does not take ${method}; it takes ${allowed.join(', ')}.` }])
    : new ServiceError(404, [
        { field: 'path', reason: `${path.slice(0, 120)} is no path of the open interface; /api/v1/openapi.json lists them.` },
      ]);

export { answer as GET, answer as POST, answer as PUT, answer as PATCH, answer as DELETE };
