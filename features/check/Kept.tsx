'use client';

import Button from '@mui/material/Button';
import { useQuery, useQueryClient } from '@tanstack/react-query';
import { useEffect, useState } from 'react';
import { api } from '@/client/api';
import { read } from '@/client/Queries';
import type { Answers } from '@/services/interface/routes';
import { SelectBox } from '@/ui/forms/SelectBox';
import { TextBox } from '@/ui/forms/TextBox';
import { Notice } from '@/ui/shell/Notice';
import type { QuickCheck } from './use-check';

type List = Answers['GET /api/v1/checks'];
type Whole = Answers['GET /api/v1/checks/{id}'];
const KEY = ['checks'];

/** The checks that are kept: one is brought back in place of what stands here. */
export function BringKept({ check, wanted }: { check: QuickCheck; wanted?: string }) {
  const { data } = useQuery({ queryKey: KEY, queryFn: ({ signal }) => read<List>('GET', '/api/v1/checks', undefined, signal) });
  const [fault, setFault] = useState<string>();
  const { replace } = check;
  const bring = async (id: string) => {
    const answer = await api<Whole>('GET', `/api/v1/checks/${id}`);
    setFault(answer.ok ? undefined : answer.faults[0]?.reason);
    if (answer.ok) replace(answer.value.state);
  };
  // The address may name one: from the card of its position.
  useEffect(() => {
    if (wanted) void bring(wanted);
  }, [wanted]);
  const kept = data?.checks ?? [];
  if (kept.length === 0 && !fault) return null;
  return (
    <>
      <SelectBox<string>
        aria-label="Bring a kept check"
        style={{ width: 230 }}
        value=""
        options={[['', 'bring a kept check'] as const, ...kept.map(({ id, name, keptBy }) => [id, `${name}, ${keptBy}`] as const)]}
        onWord={(id) => id && void bring(id)}
      />
      {fault && (
        <Notice kind="fails" role="alert">
          {fault}
        </Notice>
      )}
    </>
  );
}

/** Keeps the check under a name, at a position where one is chosen. */
export function KeepIt({ check, position }: { check: QuickCheck; position: string }) {
  const queries = useQueryClient();
  const [name, setName] = useState('');
  const [said, setSaid] = useState<{ ok: boolean; words: string }>();
  const keep = async () => {
    const answer = await api<{ id: string }>('POST', '/api/v1/checks', { name, positionId: position || null, state: check.state });
    setSaid(
      answer.ok
        ? { ok: true, words: `Kept as ${name.trim()}${position ? ', at the position' : ''}.` }
        : { ok: false, words: answer.faults.map(({ reason }) => reason).join(' ') },
    );
    if (answer.ok) await queries.invalidateQueries({ queryKey: KEY });
  };
  return (
    <form
      className="row-flex"
      onSubmit={(event) => {
        event.preventDefault();
        if (name.trim().length >= 2) void keep();
      }}
    >
      <TextBox
        aria-label="Name of the check"
        style={{ width: 240 }}
        placeholder="a name for it"
        maxLength={80}
        value={name}
        onChange={(event) => setName(event.target.value)}
      />
      <Button type="submit" disabled={name.trim().length < 2}>
        Keep the check{position ? ' there' : ''}
      </Button>
      {said && (
        <Notice kind={said.ok ? 'fits' : 'fails'} role={said.ok ? 'status' : 'alert'}>
          {said.words}
        </Notice>
      )}
    </form>
  );
}
