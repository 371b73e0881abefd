/** A body as JSON, whoever reads it: the server's own thread or one of the pool. */
import { messageOf } from '../../core/certain';
import { ServiceError } from '../service-error';
import { checkJson } from './sound';

const isJson = (type: string | null): boolean => /^application\/json\s*(;|$)/i.test(type ?? '');

function parsed(text: string): unknown {
  try {
    return JSON.parse(text);
  } catch (error) {
    throw new ServiceError(400, [{ field: 'body', reason: `The body is not JSON: ${messageOf(error).slice(0, 120)}.` }]);
  }
}

/** Reads bytes as JSON; refuses what comes under another type, is no JSON, or holds what no use case can be handed. */
export function jsonOf(bytes: Uint8Array, type: string | null): unknown {
  const text = new TextDecoder().decode(bytes);
  if (text.trim() === '') return {};
  // A form of another site can send any other type without asking first.
  if (!isJson(type))
    throw new ServiceError(415, [
      { field: 'content-type', reason: `The body is ${type ?? 'of no type'}; this path takes application/json.` },
    ]);
  const value = parsed(text);
  checkJson(value);
  return value;
}
