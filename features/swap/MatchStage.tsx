'use client';

import { Notice } from '@/ui/shell/Notice';
import CircularProgress from '@mui/material/CircularProgress';
import { useState } from 'react';
import { termOf } from '@/core/quantities/terms';
import { choiceKey, chooseChanges } from '@/core/swap/swap';
import { ChoicePanel } from '@/features/swap/ChoicePanel';
import { FitBoard } from '@/ui/board/FitBoard';
import { WhyFell } from '@/features/swap/WhyFell';
import { JobCircuit } from './JobCircuit';
import { HandParts } from './HandParts';
import { RelayDrives } from './RelayDrives';
import { BoardFilters, BoardOrder, FIRST_COLUMNS } from './BoardFilters';
import { choiceOf, columnOf, sentence } from './board-words';
import { useJob } from './use-job';
import { inSentence } from '@/core/language/in-sentence';

/** Match: the fit board over crib and catalogue, and why the rest fell. */
export function MatchStage() {
  const job = useJob();
  const { board, state, practice, chosenKey, change } = job;
  const [all, setAll] = useState(false);
  const [table, setTable] = useState(false);
  const columns = (board?.columns ?? []).slice(0, all ? undefined : FIRST_COLUMNS);
  const shown = columns.map(columnOf);
  return (
    <>
      <div>
        <h1>Candidates</h1>
        {/* Room for what it says once the board is there: nothing below moves under the hand. */}
        <p className="muted" role="status" style={{ minHeight: '2lh' }}>
          {board ? sentence(board, state.family, practice) : (job.boardFault ?? 'Judging the catalogue.')}{' '}
          {job.busy && <CircularProgress size={13} aria-label="Judging" />}
        </p>
      </div>
      <BoardFilters all={all} onAll={() => setAll(!all)} />
      <HandParts />
      {board && board.columns.length === 0 && (
        <Notice kind="not-known">These filters leave nothing. Remove one; why the others failed is shown below.</Notice>
      )}
      {board && (
        <FitBoard
          needs={board.needs}
          removed={board.removed ? { name: board.removed.name, part: board.removed } : null}
          columns={shown}
          chosen={chosenKey}
          practice={practice}
          onChoose={(key) => {
            const column = board.columns.find((one) => choiceKey(one) === key);
            if (column && key !== chosenKey) change(chooseChanges(state, choiceOf(column)));
          }}
          onCell={(line, name) => job.setCell({ line, name })}
        />
      )}
      {board && <BoardOrder />}
      {board && chosenKey && job.part && (
        <ChoicePanel title={job.title} part={job.part} changes={job.changes} state={state} name={job.name} onChange={change} />
      )}
      {chosenKey && <JobCircuit />}
      {board && (
        <WhyFell
          judged={board.judged}
          table={table}
          onTable={() => setTable(!table)}
          falls={board.fell.map((fall) => {
            const about = board.needs.find(({ id }) => id === fall.needId)?.about;
            return { label: `${termOf(fall.quantity, practice)}${about ? `, ${inSentence(about)}` : ''}`, count: fall.count };
          })}
        />
      )}
      {board && board.holding === 0 && job.shows('relay-drives') && <RelayDrives />}
    </>
  );
}
