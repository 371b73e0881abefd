'use client';

import { SYMPTOM } from '@/core/fault-finding/tree';
import type { Hunt } from '@/core/swap/fault-hunt';
import type { PutFinding } from '@/ui/faults/TestAnswer';
import { Pill } from '@/ui/forms/Pill';
import { useSay } from '@/ui/language/practice';

/** What it does, where that decides which search it is: a breaker that will not close, or one that operates. */
export function SymptomPick({ hunt: { symptoms, tree, findings }, put }: { hunt: Hunt; put: PutFinding }) {
  const say = useSay();
  if (symptoms.length === tree.symptoms.length) return null;
  const now = findings[SYMPTOM]?.answer ?? tree.symptoms[0]?.id;
  return (
    <div className="row-flex" role="group" aria-label="What does it do?">
      <span className="muted">What does it do?</span>
      {symptoms.map(({ id, title }) => (
        <Pill key={id} pressed={id === now} onClick={() => put(SYMPTOM, { answer: id })}>
          {say(title)}
        </Pill>
      ))}
    </div>
  );
}
