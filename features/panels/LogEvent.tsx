'use client';

import Button from '@mui/material/Button';
import { useState } from 'react';
import { Pill } from '@/ui/forms/Pill';
import { TextBox } from '@/ui/forms/TextBox';

const kinds = [
  ['fault', 'Fault', 'What happened, and when'],
  ['measurement', 'Measurement', 'What was measured, with its unit'],
  ['note', 'Note', 'What the next one should know'],
] as const;
type Kind = (typeof kinds)[number][0];
/** Notes it at the position; resolves to why it was refused, or to nothing. */
export type Log = (positionId: string, event: { kind: Kind; text: string }) => Promise<string | undefined>;

/** A fault, a measurement or a remark, noted in two touches. */
export function LogEvent({ positionId, onLog }: { positionId: string; onLog: Log }) {
  const [kind, setKind] = useState<Kind>();
  const [text, setText] = useState('');
  const [fault, setFault] = useState<string>();
  const [busy, setBusy] = useState(false);
  const asked = kinds.find(([id]) => id === kind);
  const note = async () => {
    if (!kind || busy) return;
    setBusy(true);
    const refused = await onLog(positionId, { kind, text });
    setBusy(false);
    setFault(refused);
    if (refused) return;
    setText('');
    setKind(undefined);
  };
  return (
    <section aria-label="Note at this position" className="stack" style={{ gap: 6 }}>
      <div className="row-flex" role="group" aria-label="What to note">
        {kinds.map(([id, words]) => (
          <Pill key={id} pressed={kind === id} onClick={() => setKind(kind === id ? undefined : id)}>
            {words}
          </Pill>
        ))}
      </div>
      {asked && (
        <form
          className="stack"
          style={{ gap: 6 }}
          onSubmit={(event) => {
            event.preventDefault();
            void note();
          }}
        >
          <TextBox
            wide
            aria-label={asked[2]}
            placeholder={asked[2]}
            maxLength={500}
            value={text}
            onChange={(event) => setText(event.target.value)}
          />
          <Button type="submit" disabled={busy || text.trim().length < 3}>
            Keep the {asked[1].toLowerCase()}
          </Button>
          {fault && <p role="alert">{fault}</p>}
        </form>
      )}
    </section>
  );
}
