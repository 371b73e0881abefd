'use client';

import { useRouter } from 'next/navigation';
import { useState } from 'react';
import { api, faultWords } from '@/client/api';
import type { Practice } from '@/core/case/case';
import { tableText } from '@/client/table-file';
import type { Mapping } from '@/core/parts-file/read-parts';
import type { Decimals } from '@/core/parts-file/read-cell';
import type { LookedAt } from '@/services/imports';

export type ImportSite = { id: string; name: string; practice: Practice };
/** What was chosen to bring, and how it is to be read. */
export type Chosen = { name: string; text: string; note?: string; family: string; mapping: Mapping; decimals?: Decimals };

/** A file on its way in: chosen, looked at as often as something of it is corrected, brought. */
export function useImport(siteId: string) {
  const router = useRouter();
  const [chosen, setChosen] = useState<Chosen>();
  const [looked, setLooked] = useState<LookedAt>();
  const [busy, setBusy] = useState(false);
  const [fault, setFault] = useState<string>();
  const [done, setDone] = useState<string>();
  const bodyOf = ({ text, family, mapping, decimals }: Chosen) => ({
    ...{ family, mapping, file: text },
    ...(decimals ? { decimals } : {}),
    ...(siteId ? { siteId } : {}),
  });
  const look = async (next: Chosen) => {
    setChosen(next);
    setBusy(true);
    setDone(undefined);
    const answer = await api<LookedAt>('POST', '/api/v1/imports/look', bodyOf(next));
    setBusy(false);
    setLooked(answer.ok ? answer.value : undefined);
    setFault(faultWords(answer));
  };
  const choose = async (file: File, family: string) => {
    setFault(undefined);
    const read = await tableText(file);
    if (!read.ok) {
      setChosen(undefined);
      setLooked(undefined);
      return setFault(read.fault);
    }
    return look({ name: file.name, text: read.text, note: read.note, family, mapping: {} });
  };
  const bring = async (leaveRefused: boolean) => {
    if (!chosen || busy) return;
    setBusy(true);
    const answer = await api<{ made: number; changed: number }>('POST', '/api/v1/imports', {
      ...bodyOf(chosen),
      name: chosen.name,
      leaveRefused,
    });
    setBusy(false);
    setFault(faultWords(answer));
    if (!answer.ok) return;
    setDone(`${chosen.name}: ${answer.value.made} new, ${answer.value.changed} changed.`);
    setChosen(undefined);
    setLooked(undefined);
    router.refresh();
  };
  return { chosen, looked, busy, fault, done, choose, look, bring };
}
export type Import = ReturnType<typeof useImport>;
