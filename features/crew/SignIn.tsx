'use client';

import Button from '@mui/material/Button';
import { useState, useSyncExternalStore } from 'react';
import type { DefaultValues, Path } from 'react-hook-form';
import type { ObjectSchema } from 'yup';
import { api, faultWords } from '@/client/api';
import { canUsePasskeys, enterByPasskey } from '@/client/passkey';
import { firstSchema, signInSchema } from '@/core/crew/crew-fields';
import { roleWords } from '@/core/crew/rights';
import type { Person } from '@/core/crew/person';
import { FormFault } from '@/ui/forms/FormFault';
import { TextBox } from '@/ui/forms/TextBox';
import { trimmed } from '@/ui/forms/trimmed';
import { useSentForm } from '@/ui/forms/use-sent-form';
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
    setFault(faultWords(answer));
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
    setFault(faultWords(answer));
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

type Row<T> = { name: Path<T>; label: string; type?: string; autoComplete: string };

/** A small form of words, each needed. */
function WordsForm<T extends Record<string, string>>({
  schema,
  start,
  rows,
  path,
  words,
  next,
}: {
  schema: ObjectSchema<T>;
  start: DefaultValues<T>;
  rows: readonly Row<T>[];
  path: string;
  words: string;
  next: string;
}) {
  const { register, errors, ready, onSubmit } = useSentForm(schema, start, async (values) => {
    const answer = await api('POST', path, values);
    if (answer.ok) goOn(next);
    return faultWords(answer);
  });
  return (
    <form className="stack" onSubmit={onSubmit} noValidate>
      {rows.map(({ name, label, type = 'text', autoComplete }) => (
        <label key={name} className="stack" style={{ gap: 4 }}>
          <span>{label}</span>
          <TextBox wide type={type} autoComplete={autoComplete} {...register(name, type === 'password' ? {} : trimmed)} />
        </label>
      ))}
      <FormFault errors={errors} />
      <Button variant="contained" type="submit" fullWidth disabled={!ready} style={{ minHeight: 48 }}>
        {words}
      </Button>
    </form>
  );
}

const username = { name: 'username', label: 'Sign-in name', autoComplete: 'username' } as const;
const password = { name: 'password', label: 'Password', type: 'password', autoComplete: 'current-password' } as const;

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
            schema={firstSchema}
            start={{ code: '', name: '', username: '', password: '' }}
            path="/api/v1/session/first"
            words="Begin"
            next="/crew/people"
            rows={[
              { name: 'code', label: 'Code', autoComplete: 'off' },
              { name: 'name', label: 'Name, as records show it', autoComplete: 'name' },
              username,
              { ...password, label: 'Password, at least 12 characters', autoComplete: 'new-password' },
            ]}
          />
        </>
      ) : (
        <>
          {demo && demo.length > 0 && <p className="label">Or by name and password</p>}
          <WordsForm
            schema={signInSchema}
            start={{ username: '', password: '' }}
            rows={[username, password]}
            path="/api/v1/session"
            words="Sign in"
            next={next}
          />
          {passkeys && <ByPasskey next={next} />}
          <p className="muted">Forgotten? An administrator gives a new password, which works once.</p>
        </>
      )}
    </main>
  );
}
