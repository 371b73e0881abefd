'use client';

import { useQuery, useQueryClient } from '@tanstack/react-query';
import Button from '@mui/material/Button';
import { useState } from 'react';
import { api, faultWords } from '@/client/api';
import { read } from '@/client/Queries';
import type { Answers } from '@/services/interface/routes';
import { ListTable } from '@/ui/forms/ListTable';
import { FaultNotice, Notice } from '@/ui/shell/Notice';
import { CrewShell } from './CrewShell';
import { MakeToken } from './MakeToken';

const day = (iso: string) => iso.slice(0, 10);

function Tokens() {
  const client = useQueryClient();
  const [said, setSaid] = useState<{ fault?: string; token?: string }>({});
  const { data } = useQuery({
    queryKey: ['tokens'],
    queryFn: ({ signal }) => read<Answers['GET /api/v1/tokens']>('GET', '/api/v1/tokens', undefined, signal),
  });
  const deed = async (method: string, path: string, body?: unknown) => {
    const answer = await api<{ token?: string }>(method, path, body);
    setSaid(answer.ok ? { token: answer.value.token } : { fault: faultWords(answer) });
    await client.invalidateQueries({ queryKey: ['tokens'] });
    return answer.ok;
  };
  return (
    <>
      <MakeToken onMake={(wanted) => deed('POST', '/api/v1/tokens', wanted)} />
      <FaultNotice words={said.fault} />
      {said.token && (
        <Notice kind="check" role="status">
          Shown this once:{' '}
          <b className="figure" style={{ overflowWrap: 'anywhere' }}>
            {said.token}
          </b>
          . Send it as <span className="figure">Authorization: Bearer …</span>
        </Notice>
      )}
      <ListTable
        caption="Tokens of the open interface"
        rows={data?.tokens ?? []}
        keyOf={({ id }) => id}
        columns={[
          { head: 'For', of: (one) => one.name },
          { head: 'Made by', of: ({ person }) => person },
          { head: 'Scopes', of: (one) => one.scopes.join(', ') },
          { head: 'Until', figure: true, of: ({ expiresAt }) => day(expiresAt) },
          {
            head: 'State',
            of: ({ id, ended }) => (ended ? 'ended' : <Button onClick={() => void deed('DELETE', `/api/v1/tokens/${id}`)}>End it</Button>),
          },
        ]}
      />
    </>
  );
}

/** Tokens, as an administrator keeps them. */
export const TokensPage = () => (
  <CrewShell here="/crew/tokens" title="Tokens">
    <p className="muted">A program asks the open interface by a token: named, for certain things alone, and for a time.</p>
    <Tokens />
  </CrewShell>
);
