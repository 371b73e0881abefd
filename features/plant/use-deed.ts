'use client';

import { useRouter } from 'next/navigation';
import { useState } from 'react';
import { api, faultWords, type ApiAnswer } from '@/client/api';

/** Sends a change of the plant and shows it anew; where somebody saved first, what they saved is what stands next. */
export function useDeed() {
  const router = useRouter();
  const [busy, setBusy] = useState(false);
  const [fault, setFault] = useState<string>();
  const deed = async <T>(method: string, path: string, body: object): Promise<ApiAnswer<T> | undefined> => {
    if (busy) return undefined;
    setBusy(true);
    const answer = await api<T>(method, path, body);
    setBusy(false);
    setFault(faultWords(answer));
    if (answer.ok || answer.status === 409) router.refresh();
    return answer;
  };
  return { deed, busy, fault };
}
