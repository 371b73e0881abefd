'use client';

import { Link } from '@/ui/shell/Link';
import { useEffect } from 'react';
import type { SwapView } from '@/services/swaps';
import { Queries } from '@/client/Queries';
import { ConflictDialog } from '@/ui/draft/ConflictDialog';
import { SaveLine } from '@/ui/draft/SaveLine';
import { FaultNotice, Notice } from '@/ui/shell/Notice';
import { Shell } from '../shell/Shell';
import { changeWords } from './change-words';
import { StageOf } from './StageOf';
import { progressOf } from './progress';
import { StageRail, stages } from './StageRail';
import { SwapCard } from './SwapCard';
import { JobRoot, useJob } from './use-job';
import swapStyle from '@/ui/styles/swap.module.css';

/** Ctrl Z takes the last change back where nothing is typed; Alt 1 to 6 go to a stage. */
function useBenchKeys() {
  const { swap, goTo } = useJob();
  useEffect(() => {
    const onKey = (event: KeyboardEvent) => {
      const typing = event.target instanceof HTMLElement && /^(INPUT|TEXTAREA|SELECT)$/.test(event.target.tagName);
      const to = event.altKey && /^[1-6]$/.test(event.key) ? stages[Number(event.key) - 1] : undefined;
      const back = (event.ctrlKey || event.metaKey) && event.key.toLowerCase() === 'z' && !typing;
      if (!to && !back) return;
      event.preventDefault();
      if (to) goTo(to);
      else swap.undo();
    };
    window.addEventListener('keydown', onKey);
    return () => window.removeEventListener('keydown', onKey);
  });
}

function Bench() {
  const job = useJob();
  const { view, swap, stage, base, state, practice } = job;
  const { notes, done } = progressOf(job);
  useBenchKeys();
  const panel = `/?panel=${view.panel.id}`;
  return (
    <Shell
      practice={practice}
      crumbs={
        <>
          <Link href={panel}>{view.site.name}</Link> / <Link href={`${panel}&position=${view.position.id}`}>{view.panel.name}</Link> /{' '}
          <b>
            {view.position.tag} {view.position.function}
          </b>
        </>
      }
    >
      <div className={swapStyle.bench}>
        <div>
          <StageRail now={stage} notes={notes} done={done} base={base} />
          <SaveLine save={swap.save} onUndo={swap.canUndo ? swap.undo : undefined} />
        </div>
        <main className="middle stack" id="main">
          <FaultNotice words={swap.fault} />
          {view.status === 'signed' && (
            <Notice kind="note">
              This job is signed. <Link href={`/records/${view.recordId}`}>Open its record</Link>. To change anything, start a new swap at
              the position.
            </Notice>
          )}
          {view.status === 'ended' && (
            <Notice kind="note">
              This job has ended without a new part; how, stands in the{' '}
              <Link href={`/?position=${view.position.id}`}>history of its position</Link>.
            </Notice>
          )}
          <StageOf stage={stage} />
        </main>
        <SwapCard />
      </div>
      {swap.conflict && (
        <ConflictDialog
          document="this job"
          theirs={swap.conflict.theirChanges}
          mine={swap.conflict.mine}
          wordsOf={(one) => changeWords(one, state, practice)}
          onSettle={swap.settle}
        />
      )}
    </Shell>
  );
}

/** The swap bench: six stages around one swap. */
export const SwapPage = ({ view, meter = '' }: { view: SwapView; meter?: string }) => (
  <Queries>
    <JobRoot view={view} meter={meter}>
      <Bench />
    </JobRoot>
  </Queries>
);
