'use client';

import CircularProgress from '@mui/material/CircularProgress';
import { useState } from 'react';
import type { Practice } from '@/core/case/case';
import type { JudgedNeed, JudgedPart } from '@/core/matching/judge';
import { familyOf, familyWords } from '@/core/families/registry';
import { termOf } from '@/core/quantities/terms';
import type { Change as PartChange } from '@/core/matching/changes';
import { choiceKey, type Change, type SwapState } from '@/core/swap/swap';
import type { Comparison, BoardColumn } from '@/services/match';
import { ChoicePanel } from '@/features/swap/ChoicePanel';
import { FitBoard, type Column } from '@/features/swap/FitBoard';
import { WhyFell } from '@/features/swap/WhyFell';
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

type Props = {
  board?: Comparison;
  fault?: string;
  busy: boolean;
  filters: Filters;
  onFilters: (filters: Filters) => void;
  practice: Practice;
  chosenKey?: string;
  title: string;
  part: JudgedPart | null;
  changes: readonly PartChange[];
  state: SwapState;
  name: string;
  onName: (name: string) => void;
  onChange: (changes: Change[]) => void;
  onChoose: (column: BoardColumn) => void;
  onCell: (line: JudgedNeed, name: string) => void;
};

/** Match: the fit board over crib and catalogue, and why the rest fell. */
export function MatchStage(props: Props) {
  const { board, filters } = props;
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
        <p className="muted" role="status">
          {board ? sentence(board, sayIn(props.practice, familyWords(props.state.family))) : (props.fault ?? 'Judging the catalogue.')}{' '}
          {props.busy && <CircularProgress size={13} aria-label="Judging" />}
        </p>
      </div>
      <div className="row-flex" role="group" aria-label="Filters">
        {filterWords
          .filter(([id]) => id !== 'coilSwap' || familyOf(props.state.family)?.coilSwap.scheme === 'always')
          .map(([id, words]) => (
            <button
              key={id}
              type="button"
              className="pill"
              aria-pressed={filters[id]}
              onClick={() => props.onFilters({ ...filters, [id]: !filters[id] })}
            >
              {words}
            </button>
          ))}
        {board && board.columns.length > FIRST_COLUMNS && (
          <button type="button" className="pill" aria-pressed={all} onClick={() => setAll(!all)}>
            {all ? 'Fewer columns' : `${board.columns.length} columns`}
          </button>
        )}
      </div>
      {board && board.columns.length === 0 && (
        <p className="say not-known">These filters leave nothing. Remove one; why the others failed is shown below.</p>
      )}
      {board && (
        <FitBoard
          needs={board.needs}
          removed={board.removed ? { name: board.removed.name, part: board.removed } : null}
          columns={shown}
          chosen={props.chosenKey}
          practice={props.practice}
          onChoose={(key) => {
            const column = board.columns.find((one) => choiceKey(one) === key);
            if (column) props.onChoose(column);
          }}
          onCell={props.onCell}
        />
      )}
      {board && (
        <p className="muted" style={{ fontSize: 12.5 }}>
          Sorted by: no failing line, fewest lines not known, fewest checks
          {familyOf(props.state.family)?.coilSwap.scheme === 'always' ? ' (a coil to be changed is one)' : ''}, in stock,{' '}
          {familyOf(props.state.family)?.parallelCombinations ? 'made up of fewer parts' : 'nearest rating above the requirement'}.
        </p>
      )}
      {board && props.chosenKey && props.part && (
        <ChoicePanel
          title={props.title}
          part={props.part}
          changes={props.changes}
          state={props.state}
          name={props.name}
          onName={props.onName}
          onChange={props.onChange}
        />
      )}
      {board && (
        <WhyFell
          judged={board.judged}
          table={table}
          onTable={() => setTable(!table)}
          falls={board.fell.map((fall) => {
            const about = board.needs.find(({ id }) => id === fall.needId)?.about;
            return { label: `${termOf(fall.quantity, props.practice)}${about ? `, ${inSentence(about)}` : ''}`, count: fall.count };
          })}
        />
      )}
    </>
  );
}
