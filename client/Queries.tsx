'use client';

import { QueryClient, QueryClientProvider } from '@tanstack/react-query';
import { useState, type ReactNode } from 'react';
import { api, faultWords } from './api';

/** The server, or its database, was not reached: it may be in a moment. */
export class Unreachable extends Error {}

/** So often is a server asked again that is not reached, and after how long, ms: a restart takes seconds, a night without it is no use. */
const MOST_TIMES = 60;
const AGAIN_AFTER_MS = 2000;
export const askAgain = (failures: number, error: Error): boolean => error instanceof Unreachable && failures < MOST_TIMES;

/**
 * Keeps what was read from the server while a desk is open. A refusal is said at once and never asked again behind the reader's back; a
 * connection that is lost comes back by itself.
 */
export function Queries({ children }: { children: ReactNode }) {
  const [client] = useState(
    () =>
      new QueryClient({
        defaultOptions: { queries: { retry: askAgain, retryDelay: AGAIN_AFTER_MS, refetchOnWindowFocus: false, gcTime: 60_000 } },
      }),
  );
  return <QueryClientProvider client={client}>{children}</QueryClientProvider>;
}

/** Reads an answer for a query; throws an `Error` with the server's words where it is refused. */
export async function read<T>(method: 'GET' | 'POST', path: string, body?: unknown, signal?: AbortSignal): Promise<T> {
  const answer = await api<T>(method, path, body, signal);
  if (answer.ok) return answer.value;
  const words = faultWords(answer);
  throw answer.offline ? new Unreachable(words) : new Error(words);
}
