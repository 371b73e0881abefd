'use client';

import Button from '@mui/material/Button';
import { useRouter } from 'next/navigation';
import { useState } from 'react';
import { api, faultWords } from '@/client/api';
import { formatInstant } from '@/core/language/format-instant';
import { wordText } from '@/core/language/word-text';
import type { BroughtFile } from '@/services/imports';
import { ListTable, type ListColumn } from '@/ui/forms/ListTable';
import { FaultNotice } from '@/ui/shell/Notice';

/** Files that were brought, newest first; one is taken back until something rests on it. */
export function BroughtFiles({ imports }: { imports: readonly BroughtFile[] }) {
  const router = useRouter();
  const [busy, setBusy] = useState(false);
  const [fault, setFault] = useState<string>();
  const takeBack = async (id: string) => {
    setBusy(true);
    const answer = await api('DELETE', `/api/v1/imports/${id}`);
    setBusy(false);
    setFault(faultWords(answer));
    router.refresh();
  };
  if (imports.length === 0) return null;
  const columns: ListColumn<BroughtFile>[] = [
    { head: 'File', of: ({ name }) => name },
    { head: 'Kind', of: ({ family }) => wordText(family) },
    { head: 'New', figure: true, of: ({ made }) => made },
    { head: 'Changed', figure: true, of: ({ changed }) => changed },
    { head: 'Refused', figure: true, of: ({ refused }) => refused },
    { head: 'Brought', of: ({ broughtAt, broughtBy }) => `${formatInstant(broughtAt, 'UTC')}, ${broughtBy}` },
    {
      head: '',
      of: ({ id, name, undoneAt }) =>
        undoneAt ? (
          'taken back'
        ) : (
          <Button disabled={busy} aria-label={`Take ${name} back`} onClick={() => void takeBack(id)}>
            Take it back
          </Button>
        ),
    },
  ];
  return (
    <section className="stack" aria-label="Files that were brought">
      <FaultNotice words={fault} />
      <ListTable caption="Files that were brought" columns={columns} rows={imports} keyOf={({ id }) => id} />
    </section>
  );
}
