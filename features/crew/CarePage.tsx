'use client';

import { useQuery } from '@tanstack/react-query';
import Button from '@mui/material/Button';
import { useState } from 'react';
import { api } from '@/client/api';
import { read } from '@/client/Queries';
import type { Answers } from '@/services/interface/routes';
import { ListTable } from '@/ui/forms/ListTable';
import { Notice } from '@/ui/shell/Notice';
import { CrewShell } from './CrewShell';

type State = Answers['GET /api/v1/care'];
type Task = keyof State['runs'];

const headings: Readonly<Record<Task, { title: string; ask: string; none: string }>> = {
  backup: { title: 'Backups', ask: 'Back up now', none: 'None yet' },
  check: { title: 'Checks of what was signed', ask: 'Check now', none: 'None yet' },
};
const ASKS_AGAIN_MS = 3000;

function Runs({ task, state, reload }: { task: Task; state: State; reload: () => void }) {
  const { title, ask, none } = headings[task];
  const [said, setSaid] = useState<{ words: string; good: boolean }>();
  const send = async () => {
    const answer = await api('POST', `/api/v1/care/${task}`);
    setSaid(
      answer.ok
        ? { good: true, words: 'Asked for; it stands below once it is done.' }
        : { good: false, words: answer.faults.map(({ reason }) => reason).join(' ') },
    );
    reload();
  };
  return (
    <section className="stack" aria-label={title}>
      <div className="row-flex">
        <h2 style={{ fontSize: 15.5 }}>{title}</h2>
        <Button onClick={() => void send()}>{ask}</Button>
      </div>
      {said && (
        <Notice kind={said.good ? 'check' : 'fails'} role={said.good ? 'status' : 'alert'}>
          {said.words}
        </Notice>
      )}
      <ListTable
        caption={state.runs[task].length === 0 ? none : 'Newest first'}
        rows={state.runs[task]}
        keyOf={({ at }) => at}
        columns={[
          { head: 'When (UTC)', figure: true, of: ({ at }) => at.slice(0, 19).replace('T', ' ') },
          { head: 'Took', figure: true, of: ({ seconds }) => `${seconds} s` },
          { head: 'Asked by', of: ({ askedBy }) => askedBy },
          { head: 'Went', of: ({ good }) => (good ? 'well' : 'not well') },
          { head: 'What came of it', of: ({ words }) => words },
        ]}
      />
    </section>
  );
}

function Care() {
  const { data, error, refetch } = useQuery({
    queryKey: ['care'],
    refetchInterval: ASKS_AGAIN_MS,
    queryFn: ({ signal }) => read<State>('GET', '/api/v1/care', undefined, signal),
  });
  if (error) return <Notice kind="fails">{error.message}</Notice>;
  if (!data) return <p role="status">Reading how it stands…</p>;
  const { settings, backups } = data;
  return (
    <>
      {data.wrong.length > 0 && (
        <Notice kind="check" role="status">
          {data.wrong.map((words) => (
            <p key={words} style={{ margin: 0 }}>
              {words}
            </p>
          ))}
        </Notice>
      )}
      <p className="muted">
        Both are done at <code>{settings.at}</code> (minute, hour, day, month, weekday). {backups} backup
        {backups === 1 ? ' stands' : 's stand'} in <code>{settings.folder}</code>; the newest {settings.kept} are kept
        {settings.withKey ? ', each with the signing key' : ', without the signing key: keep that elsewhere'}.
      </p>
      <Runs task="backup" state={data} reload={() => void refetch()} />
      <Runs task="check" state={data} reload={() => void refetch()} />
    </>
  );
}

/** Backups and checks of what was signed: how they stand, and one of either now. */
export const CarePage = () => (
  <CrewShell here="/crew/care" title="Backup and check">
    <Care />
  </CrewShell>
);
