'use client';

import dynamic from 'next/dynamic';
import { useState } from 'react';
import { Pill } from '@/ui/forms/Pill';
import type { LoggedEvent } from './LogForm';

// A form comes when it is opened: the first page does without.
const LogForm = dynamic(() => import('./LogForm').then((module) => module.LogForm));

const kinds = [
  ['fault', 'Fault', 'What happened, and when'],
  ['measurement', 'Measurement', 'What was measured, with its unit'],
  ['note', 'Note', 'What the next one should know'],
] as const;
type Kind = (typeof kinds)[number][0];
/** Notes it at the position; resolves to why it was refused, or to nothing. */
export type Log = (positionId: string, event: LoggedEvent) => Promise<string | undefined>;

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
