/** Calls of the open interface from the screen. A refusal is a value; a lost connection is one too. */
import { isRecord } from '@/core/certain';

export type Fault = { field: string; reason: string };
export type ApiRefusal = { ok: false; status: number; faults: Fault[]; body: Record<string, unknown>; offline: boolean };
export type ApiAnswer<T> = { ok: true; value: T } | ApiRefusal;

/** Why it was refused, in words; nothing where it was not. */
export function faultWords(answer: ApiRefusal): string;
export function faultWords(answer: ApiAnswer<unknown>): string | undefined;
export function faultWords(answer: ApiAnswer<unknown>): string | undefined {
  return answer.ok ? undefined : answer.faults.map(({ reason }) => reason).join(' ');
}

const lost: Fault = {
  field: '',
  reason: 'Loyal Coil cannot be reached. What you typed is kept on this device.',
};

/** Who this page was made for: a save of theirs never goes out under the name of who signed in meanwhile. */
let speaker: string | undefined;
export const speakAs = (personId: string | undefined): void => void (speaker = personId);

const faultsOf = (json: unknown): Fault[] | undefined => (isRecord(json) && Array.isArray(json.faults) ? json.faults : undefined);

const spoken = (): Record<string, string> => (speaker === undefined ? {} : { 'x-person': speaker });

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
      // A session that ended is a connection that can come back: what is typed is kept and goes out once its person has signed in again.
      offline: response.status === 503 || response.status === 502 || response.status === 401,
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
    headers: { ...(body === undefined ? {} : { 'content-type': 'application/json' }), ...spoken() },
    body: body === undefined ? undefined : JSON.stringify(body),
  });

/** Sends a form, such as one with a picture. */
export const send = <T>(path: string, form: FormData): Promise<ApiAnswer<T>> =>
  asked(path, { method: 'POST', body: form, headers: spoken() });
