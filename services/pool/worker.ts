/** One thread of the pool: answers a route of the table as the server's own thread would, with connections of its own. */
import { move } from 'piscina';
import { certain, messageOf } from '../../core/certain';
import { database } from '../../data/connection';
import { readEarly } from '../catalogue';
import { jsonOf } from '../interface/body';
import { routes } from '../interface/routes';
import { log } from '../log';
import { ServiceError } from '../service-error';
import type { HeavyAnswer, HeavyTask } from './task';

async function answerOf({ method, path, params, query, type, host, body, caller, gone }: HeavyTask): Promise<HeavyAnswer> {
  if (Atomics.load(gone, 0) !== 0) return { kind: 'refused', status: 400, faults: [], detail: {} };
  try {
    const route = certain(routes.find((one) => one.method === method && one.path === path));
    const result = await route.handle({
      params,
      query: new URLSearchParams(query),
      headers: new Headers({ ...(type === null ? {} : { 'content-type': type }), ...(host === null ? {} : { host }) }),
      get caller() {
        return certain(caller);
      },
      setCookies: () => undefined,
      json: async () => jsonOf(body, type),
      bytes: async () => body,
    });
    const answer = result instanceof Response ? result : Response.json(result);
    const bytes = new Uint8Array(await answer.arrayBuffer());
    return { kind: 'answered', status: answer.status, headers: [...answer.headers], bytes };
  } catch (error) {
    if (error instanceof ServiceError) return { kind: 'refused', status: error.status, faults: error.faults, detail: error.detail };
    const fault = error instanceof Error ? error : new Error(String(error));
    const code = 'code' in fault && typeof fault.code === 'string' ? fault.code : undefined;
    return { kind: 'failed', name: fault.name, message: fault.message, code, stack: fault.stack };
  }
}

// A catalogue that takes a while is read before the first board is asked for; without it the board reads it.
readEarly(database()).catch((error: unknown) => log.warn({ error: messageOf(error) }, 'the catalogue could not be read early'));

/** The bytes of an answer are handed over, not copied. */
export default async function work(task: HeavyTask): Promise<HeavyAnswer> {
  const answer = await answerOf(task);
  if (answer.kind === 'answered') move(answer.bytes);
  return answer;
}
