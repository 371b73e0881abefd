'use client';

import Button from '@mui/material/Button';
import { useState, useSyncExternalStore } from 'react';
import { useForm } from 'react-hook-form';
import { api, type ApiAnswer } from '@/client/api';
import { canUsePasskeys, enterByPasskey } from '@/client/passkey';
import { roleWords } from '@/core/crew/rights';
import type { Person } from '@/core/crew/person';
import { TextBox } from '@/ui/forms/TextBox';
import { Notice } from '@/ui/shell/Notice';

/** Goes on where the reader wanted to go: a path of ours, never another site. */
const goOn = (next: string) => window.location.assign(/^\/(?![/\\])/.test(next) ? next : '/');

const Fault = ({ words }: { words?: string }) =>
  words ? (
    <Notice kind="fails" role="alert">
      {words}
    </Notice>
  ) : null;

/** One touch signs one of the demo's invented crew in. */
function DemoCrew({ people, next }: { people: readonly Person[]; next: string }) {
  const [busy, setBusy] = useState(false);
  const [fault, setFault] = useState<string>();
  const enter = async (personId: string) => {
    setBusy(true);
    const answer = await api('POST', '/api/v1/session/demo', { personId });
    if (answer.ok) return goOn(next);
    setBusy(false);
    setFault(answer.faults[0]?.reason);
  };
  return (
    <section className="stack" aria-label="Crew of the demo">
      <p className="muted">
        This is the demo: its crew is invented, and one touch signs in. It does so only on the machine where it runs, by its own address.
      </p>
      {people.map(({ id, name, role }) => (
        <Button
          key={id}
          fullWidth
          disabled={busy}
          onClick={() => void enter(id)}
          style={{ minHeight: 56, justifyContent: 'flex-start', textAlign: 'left' }}
        >
          <span>
            <b>{name}</b>, {role}
            <small style={{ display: 'block' }}>{roleWords[role]}</small>
          </span>
        </Button>
      ))}
      <Fault words={fault} />
    </section>
  );
}

/** Comes in by a passkey, where the browser can hold one. */
function ByPasskey({ next }: { next: string }) {
  const can = useSyncExternalStore(
    () => () => undefined,
    canUsePasskeys,
    () => false,
  );
  const [fault, setFault] = useState<string>();
  if (!can) return null;
  const enter = async () => {
    const answer = await enterByPasskey();
    if (answer.ok) return goOn(next);
    setFault(answer.faults[0]?.reason);
  };
  return (
    <div className="stack">
      <Button fullWidth onClick={() => void enter()} style={{ minHeight: 48 }}>
        Sign in by passkey
      </Button>
      <Fault words={fault} />
    </div>
  );
}

type Answered = Promise<ApiAnswer<unknown>>;
type Row = { name: 'username' | 'password' | 'code' | 'name'; label: string; type?: string; autoComplete: string };

/** A small form of words, each needed. */
function WordsForm({ rows, send, words, next }: { rows: readonly Row[]; send: (values: object) => Answered; words: string; next: string }) {
  const { register, handleSubmit, setError, formState } = useForm<Record<string, string>>();
  const enter = handleSubmit(async (values) => {
    const answer = await send(values);
    if (answer.ok) return goOn(next);
    setError('root', { message: answer.faults.map(({ reason }) => reason).join(' ') });
  });
  const missing = rows.map(({ name }) => formState.errors[name]?.message).filter(Boolean);
  return (
    <form className="stack" onSubmit={(event) => void enter(event)} noValidate>
      {rows.map(({ name, label, type = 'text', autoComplete }) => (
        <label key={name} className="stack" style={{ gap: 4 }}>
          <span>{label}</span>
          <TextBox wide type={type} autoComplete={autoComplete} maxLength={128} {...register(name, { required: `${label} is missing.` })} />
        </label>
      ))}
      <Fault words={missing.length > 0 ? missing.join(' ') : formState.errors.root?.message} />
      <Button variant="contained" type="submit" fullWidth disabled={formState.isSubmitting} style={{ minHeight: 48 }}>
        {words}
      </Button>
    </form>
  );
}

const username: Row = { name: 'username', label: 'Sign-in name', autoComplete: 'username' };
const password: Row = { name: 'password', label: 'Password', type: 'password', autoComplete: 'current-password' };

/** The door: who are you? */
export function SignIn({ demo, first, passkeys, next }: { demo: Person[] | null; first: boolean; passkeys: boolean; next: string }) {
  return (
    <main id="main" className="stack" style={{ maxWidth: 440, margin: '7vh auto', padding: 20 }}>
      <h1>{first ? 'Name the first administrator' : 'Who works here?'}</h1>
      {demo && demo.length > 0 && <DemoCrew people={demo} next={next} />}
      {first ? (
        <>
          <p className="muted">
            Nobody is named here yet. The start of Loyal Coil printed a code in its terminal: who has it names the first administrator, and
            that person names everybody else.
          </p>
          <WordsForm
            words="Begin"
            next="/crew/people"
            rows={[
              { name: 'code', label: 'Code', autoComplete: 'off' },
              { name: 'name', label: 'Name, as records show it', autoComplete: 'name' },
              username,
              { ...password, label: 'Password, at least 12 characters', autoComplete: 'new-password' },
            ]}
            send={(values) => api('POST', '/api/v1/session/first', values)}
          />
        </>
      ) : (
        <>
          {demo && demo.length > 0 && <p className="label">Or by name and password</p>}
          <WordsForm rows={[username, password]} words="Sign in" next={next} send={(values) => api('POST', '/api/v1/session', values)} />
          {passkeys && <ByPasskey next={next} />}
          <p className="muted">Forgotten? An administrator gives a new password, which works once.</p>
        </>
      )}
    </main>
  );
}
