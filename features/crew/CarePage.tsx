'use client';

import { useQuery } from '@tanstack/react-query';
import Button from '@mui/material/Button';
import { useState } from 'react';
import { api, faultWords } from '@/client/api';
import { read } from '@/client/Queries';
import type { Answers } from '@/services/interface/routes';
import { ListTable } from '@/ui/forms/ListTable';
import { Notice } from '@/ui/shell/Notice';
import { CrewShell } from './CrewShell';

type State = Answers['GET /api/v1/care'];
type Task = keyof State['runs'];

const headings: Readonly<Record<Task, { title: string; ask: string }>> = {
  backup: { title: 'Backups', ask: 'Back up now' },
  check: { title: 'Checks of what was signed', ask: 'Check now' },
};
const ASKS_AGAIN_MS = 3000;

/** When it is done: of the plain forms in words, of the others as it is set. */
function atWords(at: string) {
  const daily = /^(\d{1,2}) (\d{1,2}) \* \* \*$/.exec(at);
  return daily ? (
    `every day at ${daily[2]?.padStart(2, '0')}:${daily[1]?.padStart(2, '0')} by the machine’s clock`
  ) : (
    <>
      at <code>{at}</code> (minute, hour, day, month, weekday)
    </>
  );
}

function Runs({ task, state, reload }: { task: Task; state: State; reload: () => void }) {
  const { title, ask } = headings[task];
  const runs = state.runs[task];
  // What was asked for stands below once it is done, and needs no words any more.
  const [answered, setAnswered] = useState<{ words: string; good: boolean; before: string | undefined }>();
  const said = answered && (!answered.good || answered.before === runs[0]?.at) ? answered : undefined;
  const send = async () => {
    const answer = await api('POST', `/api/v1/care/${task}`);
    setAnswered({
      before: runs[0]?.at,
      good: answer.ok,
      words: answer.ok ? 'Asked for; it stands below once it is done.' : faultWords(answer),
    });
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
      {runs.length === 0 ? (
        <p className="muted">None yet.</p>
      ) : (
        <ListTable
          caption="Newest first"
          rows={runs}
          keyOf={({ at }) => at}
          columns={[
            { head: 'When (UTC)', figure: true, of: ({ at }) => at.slice(0, 19).replace('T', ' ') },
            { head: 'Took', figure: true, of: ({ seconds }) => `${seconds} s` },
            { head: 'Asked by', of: ({ askedBy }) => askedBy },
            { head: 'Went', of: ({ good }) => (good ? 'well' : 'not well') },
            { head: 'What came of it', of: ({ words }) => words },
          ]}
        />
      )}
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
        Both are done {atWords(settings.at)}. {backups} backup
        {backups === 1 ? ' stands' : 's stand'} in <code>{settings.folder}</code>; the newest {settings.kept} are kept
        {settings.withKey ? ', each with the signing key' : ', without the signing key: keep that elsewhere'}.
      </p>
      <section className="sheet stack" style={{ padding: 14 }} aria-label="Take everything away">
        <h2 style={{ fontSize: 15.5 }}>Take everything away</h2>
        <p className="muted">
          One file with all that is known of the plant: sites, panels, positions, parts, stock, jobs, signed records with their chain,
          pictures and documents, as JSON and CSV. No password, PIN or key is in it.
        </p>
        <p>
          <a href="/api/v1/export" download="loyal-coil.zip">
            Save it as a ZIP
          </a>
        </p>
      </section>
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
