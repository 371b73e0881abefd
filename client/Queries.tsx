'use client';

import { QueryClient, QueryClientProvider } from '@tanstack/react-query';
import { useState, type ReactNode } from 'react';
import { api } from './api';

/** Keeps what was read from the server while a desk is open; a refusal is said at once, never asked again behind the reader's back. */
export function Queries({ children }: { children: ReactNode }) {
  const [client] = useState(
    () => new QueryClient({ defaultOptions: { queries: { retry: false, refetchOnWindowFocus: false, gcTime: 60_000 } } }),
  );
  return <QueryClientProvider client={client}>{children}</QueryClientProvider>;
}

/** Reads an answer for a query; throws an `Error` with the server's words where it is refused. */
export async function read<T>(method: 'GET' | 'POST', path: string, body?: unknown, signal?: AbortSignal): Promise<T> {
  const answer = await api<T>(method, path, body, signal);
  if (answer.ok) return answer.value;
  throw new Error(answer.faults[0]?.reason ?? 'The server refused this.');
}
