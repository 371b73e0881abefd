/**
 * What is a route of the open interface? One entry: method, path, what it says of itself, what it takes and how it answers. Handler and
 * OpenAPI document both come out of it; its answer is typed by what the handler returns.
 */
import type * as yup from 'yup';
import type { Access } from '../../core/crew/rights';
import type { Caller } from '../crew/caller';

/** Where the interface stands. */
export const V1 = '/api/v1';
/** Characters of a body: a form of a few fields, and one that holds lists. */
export const SMALL = 20_000;
export const BODY = 2_000_000;

export const methods = ['GET', 'POST', 'PUT', 'PATCH', 'DELETE'] as const;
export type Method = (typeof methods)[number];

/** One request as a handler takes it. */
export type Ask = {
  /** Words of the path by name: 'id' of '/api/v1/swaps/{id}'. */
  params: Readonly<Record<string, string>>;
  query: URLSearchParams;
  headers: Headers;
  /** Who asks; of a route that asks for a right there is always somebody. */
  caller: Caller;
  /** Sends cookies with the answer, as lines of `set-cookie`. */
  setCookies: (lines: readonly string[]) => void;
  /** The body as JSON; the service checks it by the route's schema. Throws a ServiceError where it is too large or no JSON. */
  json: () => Promise<unknown>;
  /** The body as bytes. Throws a ServiceError where it is too large. */
  bytes: () => Promise<Uint8Array<ArrayBuffer>>;
};

export type QueryWord = { name: string; meaning: string; words?: readonly string[]; fallback?: string };

/** What a route takes in its body. */
export type Body = {
  /** Of a JSON body. */
  schema?: yup.ISchema<unknown>;
  /** Parts of a form, by name. */
  form?: Readonly<Record<string, { words?: readonly string[]; file?: true; required?: true }>>;
  /** A picture as the whole body. */
  pictures?: readonly string[];
  /** Characters or bytes taken at most. */
  largest: number;
};

export type Route<M extends Method = Method, P extends string = string, A = unknown> = {
  method: M;
  path: P;
  /** What it asks of who calls. */
  right: Access;
  summary: string;
  /** What the answer is, in a few words. */
  answers: string;
  /** Costs more than a moment: answered in a thread of the pool; sets no cookie. */
  heavy?: true;
  /** How often one person may ask for it within a minute; absent: as often as they like. */
  perMinute?: number;
  /** Not JSON: its media type. */
  file?: string;
  query?: readonly QueryWord[];
  body?: Body;
  /** Stands in the document as these paths, each with its body: one path whose words are known. */
  each?: readonly { path: string; summary: string; schema: yup.ISchema<unknown> }[];
  handle: (ask: Ask) => Promise<A> | A;
};

export const route = <const M extends Method, const P extends string, A>(one: Route<M, P, A>): Route<M, P, A> => one;

const fileHeaders = (type: string, name?: string): Record<string, string> => ({
  'content-type': type,
  'content-disposition': name === undefined ? 'inline' : `attachment; filename="${name.replace(/[^\w.-]/g, '-')}"`,
});

/** A file with its name as it is kept on the reader's device. */
export const fileResponse = (bytes: Uint8Array, type: string, name?: string, headers: Record<string, string> = {}): Response =>
  new Response(new Uint8Array(bytes), { headers: { ...fileHeaders(type, name), ...headers } });

/** A file that is sent while it is made; what fails before its first piece is thrown. A reader who goes ends it. */
export async function streamedFile(pieces: AsyncGenerator<Uint8Array>, type: string, name: string): Promise<Response> {
  let next = await pieces.next();
  const body = new ReadableStream<Uint8Array>({
    async pull(controller) {
      if (next.done) return controller.close();
      controller.enqueue(next.value);
      next = await pieces.next();
    },
    cancel: async () => void (await pieces.return(undefined)),
  });
  return new Response(body, { headers: fileHeaders(type, name) });
}

/** The route that a request asks for, with the words of its path; undefined where there is none. */
export function matchRoute<R extends Route>(
  routes: readonly R[],
  method: string,
  path: string,
): { route: R; params: Record<string, string> } | { allowed: string[] } {
  const parts = path.split('/');
  const allowed: string[] = [];
  for (const one of routes) {
    const wanted = one.path.split('/');
    if (wanted.length !== parts.length) continue;
    const params: Record<string, string> = {};
    const fits = wanted.every((word, i) => {
      const given = parts[i] ?? '';
      const name = /^\{(\w+)\}$/.exec(word)?.[1];
      if (name === undefined) return word === given;
      params[name] = decoded(given);
      return given !== '';
    });
    if (!fits) continue;
    if (one.method === method) return { route: one, params };
    allowed.push(one.method);
  }
  return { allowed };
}

/** A word of a path as it was meant; one that cannot be read is left as it is and finds nothing. */
function decoded(word: string): string {
  try {
    return decodeURIComponent(word);
  } catch {
    return word;
  }
}
