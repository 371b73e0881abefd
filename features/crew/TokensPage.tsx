'use client';

import { useQuery, useQueryClient } from '@tanstack/react-query';
import Button from '@mui/material/Button';
import { useState } from 'react';
import { api } from '@/client/api';
import { read } from '@/client/Queries';
import { scopes, type Scope } from '@/core/crew/rights';
import type { Answers } from '@/services/interface/routes';
import { ListTable } from '@/ui/forms/ListTable';
import { Pill } from '@/ui/forms/Pill';
import { TextBox } from '@/ui/forms/TextBox';
import { Notice } from '@/ui/shell/Notice';
import { CrewShell } from './CrewShell';

const scopeWords: Readonly<Record<Scope, string>> = {
  judge: 'judge cases, compute, read plates',
  read: 'look at everything',
  write: 'work on jobs; never sign, approve or administer',
  metrics: 'read the figures of the process',
};
const day = (iso: string) => iso.slice(0, 10);

function Tokens() {
  const client = useQueryClient();
  const [name, setName] = useState('');
  const [days, setDays] = useState('90');
  const [given, setGiven] = useState<Scope[]>(['judge']);
  const [said, setSaid] = useState<{ fault?: string; token?: string }>({});
  const { data } = useQuery({
    queryKey: ['tokens'],
    queryFn: ({ signal }) => read<Answers['GET /api/v1/tokens']>('GET', '/api/v1/tokens', undefined, signal),
  });
  const deed = async (method: string, path: string, body?: unknown) => {
    const answer = await api<{ token?: string }>(method, path, body);
    setSaid(answer.ok ? { token: answer.value.token } : { fault: answer.faults.map(({ reason }) => reason).join(' ') });
    await client.invalidateQueries({ queryKey: ['tokens'] });
  };
  return (
    <>
      <form
        className="sheet stack"
        style={{ padding: 14 }}
        aria-label="Make a token"
        onSubmit={(event) => {
          event.preventDefault();
          void deed('POST', '/api/v1/tokens', { name, scopes: given, days: Number(days) });
        }}
      >
        <div className="row-flex" style={{ alignItems: 'flex-end' }}>
          <label className="stack" style={{ gap: 4 }}>
            <span>What it is for</span>
            <TextBox value={name} maxLength={80} onChange={(event) => setName(event.target.value)} style={{ fontFamily: 'var(--sans)' }} />
          </label>
          <label className="stack" style={{ gap: 4 }}>
            <span>Days it lasts</span>
            <TextBox value={days} inputMode="numeric" maxLength={3} onChange={(event) => setDays(event.target.value)} />
          </label>
          <Button type="submit" variant="contained" disabled={name.trim().length < 2 || given.length === 0}>
            Make a token
          </Button>
        </div>
        <div className="row-flex" role="group" aria-label="Scopes">
          {scopes.map((scope) => (
            <Pill
              key={scope}
              pressed={given.includes(scope)}
              onClick={() => setGiven(given.includes(scope) ? given.filter((one) => one !== scope) : [...given, scope])}
            >
              {scope}: {scopeWords[scope]}
            </Pill>
          ))}
        </div>
      </form>
      {said.fault && (
        <Notice kind="fails" role="alert">
          {said.fault}
        </Notice>
      )}
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
