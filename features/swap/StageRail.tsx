'use client';

import { Link } from '@/ui/shell/Link';
import { useEffect, useRef } from 'react';
import swapStyle from '@/ui/styles/swap.module.css';

export const stages = ['safe', 'read', 'need', 'match', 'prove', 'record'] as const;
export type Stage = (typeof stages)[number];
export const stageNames: Record<Stage, string> = {
  safe: 'Make safe',
  read: 'Nameplates',
  need: 'Requirements',
  match: 'Candidates',
  prove: 'Tests',
  record: 'Sign off',
};

/** The six stages, visited in any order; each says what it still misses. */
export function StageRail({
  now,
  notes,
  done,
  base,
}: {
  now: Stage;
  notes: Record<Stage, string>;
  done: Record<Stage, boolean>;
  base: string;
}) {
  const list = useRef<HTMLOListElement>(null);
  // On a phone the rail is a strip: the stage in hand is brought into it.
  useEffect(() => {
    const here = list.current?.querySelector<HTMLElement>('.now');
    if (list.current && here) list.current.scrollLeft = here.offsetLeft - (list.current.clientWidth - here.clientWidth) / 2;
  }, [now]);
  return (
    <nav aria-label="Stages of the job">
      <ol className={swapStyle.stages} ref={list}>
        {stages.map((stage) => (
          <li key={stage} className={stage === now ? 'now' : done[stage] ? swapStyle.past : ''}>
            <Link href={`${base}?stage=${stage}`} aria-current={stage === now ? 'step' : undefined} scroll={false} replace>
              <span className={swapStyle.dot} aria-hidden="true" />
              <span>
                <b>{stageNames[stage]}</b>
                <small>{notes[stage]}</small>
              </span>
            </Link>
          </li>
        ))}
      </ol>
    </nav>
  );
}
