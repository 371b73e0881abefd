'use client';

import { keepPreviousData, useQuery } from '@tanstack/react-query';
import Button from '@mui/material/Button';
import { useDeferredValue, useState } from 'react';
import { read } from '@/client/Queries';
import type { Answers } from '@/services/interface/routes';
import { ListTable } from '@/ui/forms/ListTable';
import { TextBox } from '@/ui/forms/TextBox';
import { Notice } from '@/ui/shell/Notice';
import { CrewShell } from './CrewShell';

function Lines() {
  const [words, setWords] = useState('');
  const asked = useDeferredValue(words);
  const { data, error } = useQuery({
    queryKey: ['audit', asked],
    placeholderData: keepPreviousData,
    queryFn: ({ signal }) => read<Answers['GET /api/v1/audit']>('GET', `/api/v1/audit?q=${encodeURIComponent(asked)}`, undefined, signal),
  });
  return (
    <>
      <div className="row-flex">
        <TextBox
          wide
          aria-label="Find in the log"
          placeholder="a name, a tag, a deed"
          value={words}
          maxLength={200}
          onChange={(event) => setWords(event.target.value)}
          style={{ maxWidth: 420 }}
        />
        <Button href="/api/v1/audit/export" download>
          CSV
        </Button>
      </div>
      {error && <Notice kind="fails">{error.message}</Notice>}
      <ListTable
        caption={data ? `${data.lines.length} ${data.lines.length === 1 ? 'line' : 'lines'}, newest first` : 'Reading the log'}
        rows={data?.lines ?? []}
        keyOf={({ seq }) => String(seq)}
        columns={[
          { head: 'When (UTC)', figure: true, of: ({ at }) => at.slice(0, 19).replace('T', ' ') },
          { head: 'Who', of: ({ person }) => person },
          { head: 'What', of: ({ what }) => what },
          { head: 'Particulars', of: ({ about }) => <span data-as-printed>{about}</span> },
          { head: 'From', of: ({ address }) => address },
        ]}
      />
    </>
  );
}

/** What was done: kept, never changed. */
export const LogPage = () => (
  <CrewShell here="/crew/log" title="Log">
    <p className="muted">
      Sign-ins, rights, overrides, approvals, signatures and what all jobs rest on. Lines are added and never changed.
    </p>
    <Lines />
  </CrewShell>
);
