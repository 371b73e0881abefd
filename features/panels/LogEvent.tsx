'use client';

import Button from '@mui/material/Button';
import { useState } from 'react';
import type { InferType } from 'yup';
import { logSchema } from '@/core/swap/said';
import { FormFault } from '@/ui/forms/FormFault';
import { Pill } from '@/ui/forms/Pill';
import { TextBox } from '@/ui/forms/TextBox';
import { trimmed } from '@/ui/forms/trimmed';
import { useSentForm } from '@/ui/forms/use-sent-form';

const kinds = [
  ['fault', 'Fault', 'What happened, and when'],
  ['measurement', 'Measurement', 'What was measured, with its unit'],
  ['note', 'Note', 'What the next one should know'],
] as const;
type Kind = (typeof kinds)[number][0];
/** Notes it at the position; resolves to why it was refused, or to nothing. */
type LoggedEvent = InferType<typeof logSchema>;
export type Log = (positionId: string, event: LoggedEvent) => Promise<string | undefined>;

function LogForm({
  kind,
  words,
  hint,
  onKeep,
}: {
  kind: Kind;
  words: string;
  hint: string;
  onKeep: (event: LoggedEvent) => Promise<string | undefined>;
}) {
  const { register, errors, ready, onSubmit } = useSentForm(logSchema, { kind, text: '' }, onKeep);
  return (
    <form className="stack" style={{ gap: 6 }} onSubmit={onSubmit}>
      <TextBox wide aria-label={hint} placeholder={hint} {...register('text', trimmed)} />
      <Button type="submit" disabled={!ready}>
        Keep the {words.toLowerCase()}
      </Button>
      <FormFault errors={errors} />
    </form>
  );
}

/** A fault, a measurement or a remark, noted in two touches. */
export function LogEvent({ positionId, onLog }: { positionId: string; onLog: Log }) {
  const [kind, setKind] = useState<Kind>();
  const keep = async (event: LoggedEvent) => {
    const refused = await onLog(positionId, event);
    if (!refused) setKind(undefined);
    return refused;
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
      {kinds.map(([id, words, hint]) => id === kind && <LogForm key={id} {...{ kind: id, words, hint }} onKeep={keep} />)}
    </section>
  );
}
