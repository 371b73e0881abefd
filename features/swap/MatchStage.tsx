'use client';

import { Pill } from '@/ui/forms/Pill';
import { Notice } from '@/ui/shell/Notice';
import CircularProgress from '@mui/material/CircularProgress';
import { useState } from 'react';
import { familyWords } from '@/core/families/registry';
import { termOf } from '@/core/quantities/terms';
import { choiceKey, chooseChanges, type Choice } from '@/core/swap/swap';
import type { Comparison, BoardColumn } from '@/services/match';
import { ChoicePanel } from '@/features/swap/ChoicePanel';
import { FitBoard, type Column } from '@/features/swap/FitBoard';
import { WhyFell } from '@/features/swap/WhyFell';
import { relayDrivesContactor } from '@/core/alternatives/relay-drives-contactor';
import { RelayDrives } from './RelayDrives';
import { useJob } from './use-job';
import type { Filters } from './use-board';
import { inSentence } from '@/core/language/in-sentence';
import { sayIn } from '@/core/language/by-practice';

const filterWords: [keyof Filters, string][] = [
  ['inCrib', 'In stock'],
  ['sameFootprint', 'Same footprint'],
  ['coilSwap', 'Coil change allowed'],
  ['hideChecks', 'Only fits'],
];
const FIRST_COLUMNS = 5;

const where = (column: BoardColumn) =>
  column.shelf.length > 0 ? column.shelf.map(({ place, quantity }) => `${place}: ${quantity}`).join(', ') : 'catalogue';

function sentence(board: Comparison, family: string): string {
  const fits = board.columns.filter((column) => column.part.verdict === 'fits').length;
  const shelf = `${board.onShelf} of them in stock`;
  if (board.holding === 0) return `${board.judged} ${family} judged: every one has a failing line.`;
  return `${board.judged} ${family} judged: ${board.holding} with no failing line, ${shelf}.${fits === 0 ? ' None fits on every line: look at the checks and at the lines not known.' : ''}`;
}

/** A column as it is chosen: the part, with another coil where it needs one, and what stands beside it. */
const choiceOf = ({ partId, name, coil, beside }: BoardColumn): Choice => ({
  partId,
  name: name + (coil ? ', coil to be changed' : ''),
  ...(coil ? { coil } : {}),
  ...(beside.length > 0 ? { beside } : {}),
});

/** Match: the fit board over crib and catalogue, and why the rest fell. */
export function MatchStage() {
  const job = useJob();
  const { board, filters, state, practice, derived, chosenKey, change } = job;
  const { coilSwap, parallelCombinations } = derived.family;
  const [all, setAll] = useState(false);
  const [table, setTable] = useState(false);
  const columns = (board?.columns ?? []).slice(0, all ? undefined : FIRST_COLUMNS);
  const shown: Column[] = columns.map((column) => ({
    key: choiceKey(column),
    name: column.name,
    brief: column.inBrief,
    where: where(column),
    note: column.coil ? 'coil to be changed' : column.beside.length > 0 ? 'in parallel' : column.sameFootprint ? 'same footprint' : '',
    part: column.part,
    changes: column.changes,
  }));
  return (
    <>
      <div>
        <h1>Candidates</h1>
        {/* Room for what it says once the board is there: nothing below moves under the hand. */}
        <p className="muted" role="status" style={{ minHeight: '2lh' }}>
          {board ? sentence(board, sayIn(practice, familyWords(state.family))) : (job.boardFault ?? 'Judging the catalogue.')}{' '}
          {job.busy && <CircularProgress size={13} aria-label="Judging" />}
        </p>
      </div>
      <div className="row-flex" role="group" aria-label="Filters">
        {filterWords
          .filter(([id]) => id !== 'coilSwap' || coilSwap.scheme === 'always')
          .map(([id, words]) => (
            <Pill key={id} pressed={filters[id]} onClick={() => job.setFilters({ ...filters, [id]: !filters[id] })}>
              {words}
            </Pill>
          ))}
        {board && board.columns.length > FIRST_COLUMNS && (
          <Pill pressed={all} onClick={() => setAll(!all)}>
            {all ? 'Fewer columns' : `${board.columns.length} columns`}
          </Pill>
        )}
      </div>
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
      {board && (
        <p className="muted" style={{ fontSize: 12.5 }}>
          Sorted by: no failing line, fewest lines not known, fewest checks
          {coilSwap.scheme === 'always' ? ' (a coil to be changed is one)' : ''}, in stock,{' '}
          {parallelCombinations ? 'made up of fewer parts' : 'nearest rating above the requirement'}.
        </p>
      )}
      {board && chosenKey && job.part && (
        <ChoicePanel title={job.title} part={job.part} changes={job.changes} state={state} name={job.name} onChange={change} />
      )}
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
      {board && board.holding === 0 && job.shows('relay-drives') && (
        <RelayDrives ways={relayDrivesContactor(derived.context)} practice={practice} />
      )}
    </>
  );
}
