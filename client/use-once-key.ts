'use client';

import { useRef } from 'react';

/** What an answer says of whether anything was done. */
type Answered = { ok: true } | { ok: false; offline?: boolean };

/** Sends something that is done once: its key stays the same until it is known whether it was done. */
export function useOnceKey(): <A extends Answered>(send: (key: string) => Promise<A>) => Promise<A> {
  const key = useRef<string>(undefined);
  return async (send) => {
    key.current ??= crypto.randomUUID();
    const answer = await send(key.current);
    if (answer.ok || !answer.offline) key.current = undefined;
    return answer;
  };
}
