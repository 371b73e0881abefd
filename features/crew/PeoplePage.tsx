'use client';

import { useQuery, useQueryClient } from '@tanstack/react-query';
import Button from '@mui/material/Button';
import { useState } from 'react';
import { api, faultWords } from '@/client/api';
import { read } from '@/client/Queries';
import { roles } from '@/core/crew/rights';
import type { Answers } from '@/services/interface/routes';
import { ListTable } from '@/ui/forms/ListTable';
import { Pill } from '@/ui/forms/Pill';
import { SelectBox } from '@/ui/forms/SelectBox';
import { TextBox } from '@/ui/forms/TextBox';
import { Notice } from '@/ui/shell/Notice';
import { AddPerson, type Deed } from './AddPerson';
import { CrewShell } from './CrewShell';

type Member = Answers['GET /api/v1/people']['people'][number];
type Said = { fault?: string; once?: { name: string; password: string } };

/** What a deed on the crew answers, and the list read again. */
function useDeeds() {
  const client = useQueryClient();
  const [said, setSaid] = useState<Said>({});
  const deed: Deed = async (method, path, body, name) => {
    const answer = await api<{ password?: string }>(method, path, body);
    if (!answer.ok) setSaid({ fault: faultWords(answer) });
    else setSaid(answer.value.password ? { once: { name, password: answer.value.password } } : {});
    await client.invalidateQueries({ queryKey: ['people'] });
    return answer.ok;
  };
  return { said, deed };
}

function People() {
  const { said, deed } = useDeeds();
  const { data, error } = useQuery({
    queryKey: ['people'],
    queryFn: ({ signal }) => read<Answers['GET /api/v1/people']>('GET', '/api/v1/people', undefined, signal),
  });
  const change = (one: Member, body: object) => void deed('PATCH', `/api/v1/people/${one.id}`, body, one.name);
  return (
    <>
      <AddPerson deed={deed} />
      {(said.fault ?? error) && (
        <Notice kind="fails" role="alert">
          {said.fault ?? error?.message}
        </Notice>
      )}
      {said.once && (
        <Notice kind="check" role="status">
          Password of {said.once.name}, shown this once: <b className="figure">{said.once.password}</b>. It works for one sign-in; then they
          choose their own.
        </Notice>
      )}
      <ListTable
        caption="Crew"
        rows={data?.people ?? []}
        keyOf={({ id }) => id}
        columns={[
          {
            head: 'Name',
            of: (one) => (
              <TextBox
                key={one.name}
                aria-label={`Name of ${one.username}`}
                defaultValue={one.name}
                maxLength={80}
                style={{ fontFamily: 'var(--sans)' }}
                onBlur={(event) => event.target.value !== one.name && change(one, { name: event.target.value })}
              />
            ),
          },
          { head: 'Signs in as', figure: true, of: ({ username }) => username },
          {
            head: 'Role',
            of: (one) => (
              <SelectBox
                style={{ width: 160 }}
                aria-label={`Role of ${one.name}`}
                value={one.role}
                options={roles}
                onWord={(role) => change(one, { role })}
              />
            ),
          },
          {
            head: 'Access',
            of: (one) => (
              <span className="row-flex">
                <Button onClick={() => void deed('POST', `/api/v1/people/${one.id}/password`, {}, one.name)}>New password</Button>
                <Button onClick={() => change(one, { left: !one.left })}>{one.left ? 'Came back' : 'Has left'}</Button>
              </span>
            ),
          },
        ]}
      />
      <p className="muted">Who is renamed or has left stays on their records as they signed them.</p>
    </>
  );
}

/** What each site asks of an override. */
function Sites() {
  const client = useQueryClient();
  const { data } = useQuery({
    queryKey: ['sites'],
    queryFn: ({ signal }) => read<Answers['GET /api/v1/sites']>('GET', '/api/v1/sites', undefined, signal),
  });
  const set = async (id: string, secondPerson: boolean) => {
    await api('PATCH', `/api/v1/sites/${id}`, { secondPerson });
    await client.invalidateQueries({ queryKey: ['sites'] });
  };
  return (
    <section className="sheet stack" style={{ padding: 14 }} aria-label="Overrides">
      <h2 style={{ fontSize: 15.5 }}>Overrides need a second person</h2>
      <div className="row-flex">
        {data?.sites.map(({ id, name, secondPerson }) => (
          <Pill key={id} pressed={secondPerson} onClick={() => void set(id, !secondPerson)}>
            {name}
          </Pill>
        ))}
      </div>
      <p className="muted">Where it is set, a foreman approves each override by their PIN before the job can be signed.</p>
    </section>
  );
}

/** The crew, as an administrator keeps it. */
export const PeoplePage = () => (
  <CrewShell here="/crew/people" title="People">
    <People />
    <Sites />
  </CrewShell>
);
