/** Sends a row of odd requests to the handlers of the open interface, and keeps what must never come back. */
import { openApi } from '@/services/interface/document';
import { DELETE, GET, PATCH, POST, PUT } from '@/app/api/v1/[...path]/route';
import { requests, type FuzzDocument, type FuzzRequest } from './requests';

export type FuzzResult = {
  sent: number;
  byStatus: Record<string, number>;
  /** Answers of 500 and more. */
  bad: FuzzAnswer[];
  /** Answers of which nothing came for over two seconds: a matter of the machine too, so a figure for the long runs and no test. */
  slow: FuzzAnswer[];
};
type FuzzAnswer = { request: FuzzRequest; status: number; ms: number; body: string };

const SLOW_MS = 2000;
/** Letters of an answer that are kept. */
const SAID = 300;
const handlers: Readonly<Record<string, (request: Request) => Promise<Response>>> = { GET, POST, PUT, PATCH, DELETE };

/** An answer, the beginning of its body as far as it can be read, and the longest that one waited for its next piece. */
async function waitedFor(ask: () => Promise<Response>): Promise<{ answer: Response; text: string; ms: number }> {
  let since = performance.now();
  let ms = 0;
  const waited = () => {
    const now = performance.now();
    ms = Math.max(ms, now - since);
    since = now;
  };
  const answer = await ask();
  waited();
  const decoder = new TextDecoder();
  let text = '';
  const reader = answer.body?.getReader();
  for (let piece = await reader?.read(); piece && !piece.done; piece = await reader?.read()) {
    waited();
    if (text.length < SAID) text += decoder.decode(piece.value, { stream: true });
  }
  waited();
  return { answer, text: text.slice(0, SAID).replace(/[^\x20-\x7e]/g, '.'), ms };
}

/** `callers` are headers of who asks, drawn in turn. */
export async function runFuzz(
  seed: number,
  count: number,
  ids: readonly string[],
  callers: readonly Record<string, string>[],
): Promise<FuzzResult> {
  const found: FuzzResult = { sent: 0, byStatus: {}, bad: [], slow: [] };
  const document: FuzzDocument = JSON.parse(JSON.stringify(openApi()));
  for (const request of requests(seed, document, ids)) {
    if (found.sent === count || found.bad.length >= 20) return found;
    // A session that is ended, and an installation that signs itself out, are requests like others; they would end the hunt.
    if (/^\/api\/v1\/(sessions?|people|tokens)\b/.test(request.path) && request.method !== 'GET' && !/session\//.test(request.path))
      continue;
    const { method, path, headers, body } = request;
    const caller = callers[found.sent % callers.length];
    const { answer, text, ms } = await waitedFor(() =>
      handlers[method]!(
        new Request(`http://127.0.0.1${path}`, {
          method,
          headers: { host: '127.0.0.1', ...headers, ...caller },
          ...(body === undefined ? {} : { body }),
        }),
      ),
    );
    found.sent += 1;
    found.byStatus[answer.status] = (found.byStatus[answer.status] ?? 0) + 1;
    const kept: FuzzAnswer = { request, status: answer.status, ms, body: text };
    if (answer.status >= 500) found.bad.push(kept);
    else if (ms > SLOW_MS) found.slow.push(kept);
  }
  return found;
}
