'use client';

import Button from '@mui/material/Button';
import { useState } from 'react';
import { api } from '@/client/api';
import { roleWords } from '@/core/crew/rights';
import { TextBox } from '@/ui/forms/TextBox';
import { Notice } from '@/ui/shell/Notice';
import { usePerson } from '@/ui/shell/person';
import { CrewShell } from './CrewShell';
import { Passkeys } from './Passkeys';

/** Two secrets and what becomes of them. */
function SecretForm({
  title,
  rows,
  path,
  done,
}: {
  title: string;
  rows: readonly [name: string, label: string, autoComplete: string][];
  path: string;
  done: string;
}) {
  const [values, setValues] = useState<Record<string, string>>({});
  const [said, setSaid] = useState<{ fault?: string; done?: string }>({});
  const save = async () => {
    const answer = await api('PUT', path, values);
    if (answer.ok) setValues({});
    setSaid(answer.ok ? { done } : { fault: answer.faults.map(({ reason }) => reason).join(' ') });
  };
  return (
    <form
      className="sheet stack"
      style={{ padding: 14 }}
      aria-label={title}
      onSubmit={(event) => {
        event.preventDefault();
        void save();
      }}
    >
      <h2 style={{ fontSize: 15.5 }}>{title}</h2>
      {rows.map(([name, label, autoComplete]) => (
        <label key={name} className="stack" style={{ gap: 4 }}>
          <span>{label}</span>
          <TextBox
            wide
            type="password"
            autoComplete={autoComplete}
            inputMode={name === 'pin' ? 'numeric' : undefined}
            maxLength={128}
            value={values[name] ?? ''}
            onChange={(event) => setValues({ ...values, [name]: event.target.value })}
          />
        </label>
      ))}
      {said.fault && (
        <Notice kind="fails" role="alert">
          {said.fault}
        </Notice>
      )}
      {said.done && (
        <Notice kind="fits" role="status">
          {said.done}
        </Notice>
      )}
      <Button type="submit" disabled={rows.some(([name]) => !values[name])}>
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
    setFault(answer.faults[0]?.reason);
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
          rows={[
            ['now', 'Password as it is now', 'current-password'],
            ['password', 'New password, at least 12 characters', 'new-password'],
          ]}
          done="The password is changed. Other devices are signed out."
        />
        <SecretForm
          title={person.hasPin ? 'PIN for signing off' : 'PIN for signing off: not set yet'}
          path="/api/v1/me/pin"
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
