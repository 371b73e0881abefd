'use client';

import Button from '@mui/material/Button';
import { useState } from 'react';
import type { DefaultValues, Path } from 'react-hook-form';
import type { ObjectSchema } from 'yup';
import { api, faultWords } from '@/client/api';
import { passwordSchema, pinSchema } from '@/core/crew/crew-fields';
import { roleWords } from '@/core/crew/rights';
import { FormFault } from '@/ui/forms/FormFault';
import { TextBox } from '@/ui/forms/TextBox';
import { useSentForm } from '@/ui/forms/use-sent-form';
import { Notice } from '@/ui/shell/Notice';
import { usePerson } from '@/ui/shell/person';
import { CrewShell } from './CrewShell';
import { Passkeys } from './Passkeys';

/** Two secrets and what becomes of them. */
function SecretForm<T extends Record<string, string>>({
  title,
  schema,
  start,
  rows,
  path,
  done,
}: {
  title: string;
  schema: ObjectSchema<T>;
  start: DefaultValues<T>;
  rows: readonly [name: Path<T>, label: string, autoComplete: string][];
  path: string;
  done: string;
}) {
  const [kept, setKept] = useState(false);
  const { register, errors, ready, onSubmit } = useSentForm(schema, start, async (values, startAgain) => {
    const answer = await api('PUT', path, values);
    if (answer.ok) startAgain(start);
    setKept(answer.ok);
    return faultWords(answer);
  });
  return (
    <form className="sheet stack" style={{ padding: 14 }} aria-label={title} onSubmit={onSubmit}>
      <h2 style={{ fontSize: 15.5 }}>{title}</h2>
      {rows.map(([name, label, autoComplete]) => (
        <label key={name} className="stack" style={{ gap: 4 }}>
          <span>{label}</span>
          <TextBox
            wide
            type="password"
            autoComplete={autoComplete}
            inputMode={name === 'pin' ? 'numeric' : undefined}
            {...register(name)}
          />
        </label>
      ))}
      <FormFault errors={errors} />
      {kept && (
        <Notice kind="fits" role="status">
          {done}
        </Notice>
      )}
      <Button type="submit" disabled={!ready}>
        Save
      </Button>
    </form>
  );
}

function SignOut() {
  const [fault, setFault] = useState<string>();
  const leave = async (path: string) => {
    const answer = await api('DELETE', path);
    if (answer.ok) return window.location.assign('/sign-in');
    setFault(faultWords(answer));
  };
  return (
    <section className="row-flex" aria-label="Sign out">
      <Button onClick={() => void leave('/api/v1/session')}>Sign out</Button>
      <Button onClick={() => void leave('/api/v1/sessions')}>Sign out on every device</Button>
      {fault && <p role="alert">{fault}</p>}
    </section>
  );
}

/** One's own password, PIN and sessions. */
export function AccountPage() {
  const person = usePerson();
  if (!person) return null;
  return (
    <CrewShell here="/crew" title={person.name}>
      <p className="muted">
        {person.role}: {roleWords[person.role]}. An administrator changes name and role.
      </p>
      {person.mustChangePassword && (
        <Notice kind="check">The password you were given works once. Choose your own before anything else; then reload this page.</Notice>
      )}
      <SignOut />
      <div style={{ display: 'grid', gap: 10, gridTemplateColumns: 'repeat(auto-fit, minmax(270px, 1fr))', alignItems: 'start' }}>
        <SecretForm
          title="Password"
          path="/api/v1/me/password"
          schema={passwordSchema}
          start={{ now: '', password: '' }}
          rows={[
            ['now', 'Password as it is now', 'current-password'],
            ['password', 'New password, at least 12 characters', 'new-password'],
          ]}
          done="The password is changed. Other devices are signed out."
        />
        <SecretForm
          title={person.hasPin ? 'PIN for signing off' : 'PIN for signing off: not set yet'}
          path="/api/v1/me/pin"
          schema={pinSchema}
          start={{ password: '', pin: '' }}
          rows={[
            ['password', 'Your password', 'current-password'],
            ['pin', 'New PIN, 6 digits', 'off'],
          ]}
          done="The PIN is set."
        />
        {!person.mustChangePassword && <Passkeys />}
      </div>
    </CrewShell>
  );
}
