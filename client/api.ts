/** Calls of the open interface from the screen. A refusal is a value; a lost connection is one too. */
import { isRecord } from '@/core/certain';

export type Fault = { field: string; reason: string };
export type ApiAnswer<T> =
  { ok: true; value: T } | { ok: false; status: number; faults: Fault[]; body: Record<string, unknown>; offline: boolean };

const lost: Fault = {
  field: '',
  reason: 'Loyal Coil cannot be reached. What you typed is kept on this device.',
};

const faultsOf = (json: unknown): Fault[] | undefined => (isRecord(json) && Array.isArray(json.faults) ? json.faults : undefined);

async function asked<T>(path: string, request: RequestInit): Promise<ApiAnswer<T>> {
  try {
    const response = await fetch(path, request);
    const json: unknown = await response.json().catch(() => ({}));
    if (response.ok) return { ok: true, value: json as T };
    return {
      ok: false,
      status: response.status,
      faults: faultsOf(json) ?? [{ field: '', reason: `The server answered ${response.status}. Try again.` }],
      body: isRecord(json) ? json : {},
      offline: response.status === 503 || response.status === 502,
    };
  } catch {
    return { ok: false, status: 0, faults: [lost], body: {}, offline: true };
  }
}

/** Asks a route, with a JSON body where one is given. */
export const api = <T>(method: string, path: string, body?: unknown, signal?: AbortSignal): Promise<ApiAnswer<T>> =>
  asked(path, {
    method,
    signal,
    headers: body === undefined ? undefined : { 'content-type': 'application/json' },
    body: body === undefined ? undefined : JSON.stringify(body),
  });

/** Sends a form, such as one with a picture. */
export const send = <T>(path: string, form: FormData): Promise<ApiAnswer<T>> => asked(path, { method: 'POST', body: form });
