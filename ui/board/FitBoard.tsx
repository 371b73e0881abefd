'use client';

import ButtonBase from '@mui/material/ButtonBase';
import { wordsMark } from '@/core/case/case';
import { Fragment, useState } from 'react';
import { markText, type Change } from '@/core/matching/changes';
import type { Practice } from '@/core/case/case';
import { insteadOf, type JudgedNeed, type JudgedPart } from '@/core/matching/judge';
import type { Need } from '@/core/needs/need';
import { haveWords, wantedText } from '@/core/needs/line-text';
import { termOf } from '@/core/quantities/terms';
import { VerdictMark, verdictWords } from '../../ui/marks/VerdictMark';
import { groupOrder, groupWords } from '@/core/needs/groups';
import { lineOf, splitLines } from './board-rows';
import { useGridKeys } from './use-grid-keys';
import { useSay } from '../../ui/language/practice';
import { sayIn } from '@/core/language/by-practice';
import { wordText } from '@/core/language/word-text';
import swapStyle from '@/ui/styles/swap.module.css';

export type Column = {
  key: string;
  name: string;
  /** What tells it from a part of the same name: coil, poles, ratings. */ brief: string;
  where: string;
  note: string;
  part: JudgedPart;
  changes: readonly Change[];
};
export type Removed = { name: string; part: JudgedPart } | null;

const MAX_WORDS = 2;
/** The figure in a cell; of a list of words the one that is asked for, else the first ones. The sentence beside the board has them all. */
function figureOf(line: JudgedNeed): string {
  if (
    line.relation === 'includes' &&
    typeof line.limit === 'string' &&
    Array.isArray(line.have) &&
    wordsMark(line.have).includes(line.limit)
  )
    return wordText(line.limit);
  if (Array.isArray(line.have) && typeof line.have[0] === 'string' && line.have.length > MAX_WORDS)
    return `${wordsMark(line.have).slice(0, MAX_WORDS).map(wordText).join(', ')} and ${line.have.length - MAX_WORDS} more`;
  return haveWords(line, insteadOf(line));
}

function Cell({ line, onPick }: { line: JudgedNeed | undefined; onPick: () => void }) {
  const say = useSay();
  if (!line)
    return (
      <span className="muted" aria-label="not asked">
        –
      </span>
    );
  return (
    <ButtonBase
      className={swapStyle.cell}
      tabIndex={-1}
      onClick={onPick}
      aria-label={`${verdictWords[line.verdict]}, ${say(figureOf(line))}`}
    >
      <VerdictMark verdict={line.verdict} />
      {say(figureOf(line))}
    </ButtonBase>
  );
}

/** What a candidate has instead of the removed part's value; a change that mends it is a fit. */
function ChangeCell({ change }: { change: Change | undefined }) {
  const say = useSay();
  if (!change) return <span className="muted">same, or not known</span>;
  return (
    <span className={swapStyle.cell} title={change.because}>
      <VerdictMark verdict={change.ask === null ? 'fits' : 'check'} /> {say(markText(change.to, change.unit))}
      {change.mends ? ', mends it' : ''}
    </span>
  );
}

/** Example: '14 more lines hold for all parts shown'. */
function foldText(decide: number, hold: number, open: boolean): string {
  const lines = `${hold} ${decide > 0 ? 'more ' : ''}line${hold === 1 ? '' : 's'}`;
  return open ? `Hide the ${lines} that hold${hold === 1 ? 's' : ''} for all` : `${lines} hold${hold === 1 ? 's' : ''} for all parts shown`;
}

/** The parts across: the removed one, then each candidate by its name, to be chosen. */
function Head({ removed, columns, chosen, practice, onChoose }: Pick<Board, 'removed' | 'columns' | 'chosen' | 'practice' | 'onChoose'>) {
  return (
    <thead>
      <tr>
        <th className={swapStyle.needName} scope="col">
          <span className="visually-hidden">Requirement</span>
        </th>
        {removed && (
          <th className={swapStyle.cameOut} scope="col">
            <small>Removed</small>
            <b>{removed.name}</b>
            <small>{verdictWords[removed.part.verdict]}</small>
          </th>
        )}
        {columns.map((column) => (
          <th key={column.key} scope="col" className={column.key === chosen ? 'chosen' : ''}>
            <small>{column.where}</small>
            <ButtonBase className={swapStyle.pick} aria-pressed={column.key === chosen} onClick={() => onChoose(column.key)}>
              {column.name}
            </ButtonBase>
            <small className={swapStyle.brief}>{sayIn(practice, column.brief)}</small>
            <small style={{ display: 'flex', gap: 5, alignItems: 'center' }}>
              <VerdictMark verdict={column.part.verdict} size={13} /> {verdictWords[column.part.verdict]}
              {column.note ? ` · ${column.note}` : ''}
            </small>
          </th>
        ))}
      </tr>
    </thead>
  );
}

/** The way of rating that the parts shown are held against, the first one where they differ. */
function usedWay(need: Need, { columns, removed }: Pick<Board, 'columns' | 'removed'>) {
  const parts = [...columns.map(({ part }) => part), ...(removed ? [removed.part] : [])];
  const seen = parts.map((part) => lineOf(part, need.id)).find((line) => line && line.have !== null);
  return (
    need.ways.find((way) => seen && way.quantity === seen.quantity && way.unit.replace(/^(count|ratio)$/, '') === seen.unit) ?? need.ways[0]
  );
}

/** A line: what is asked, and what each part has of it. */
function LineRow({ need, board }: { need: Need; board: Board }) {
  const { removed, columns, chosen, practice, onCell } = board;
  const way = usedWay(need, board);
  const cell = (part: JudgedPart, name: string) => {
    const line = lineOf(part, need.id);
    return <Cell line={line} onPick={() => line && onCell(line, name)} />;
  };
  return (
    <tr>
      <th className={swapStyle.needName} scope="row">
        {termOf(way.quantity, practice)}
        {need.about && <small className="muted"> {need.about}</small>}
        <span className={swapStyle.limit}>{way.limit === null ? 'not known' : sayIn(practice, wantedText(way.limit, way))}</span>
      </th>
      {removed && <td className={swapStyle.cameOut}>{cell(removed.part, removed.name)}</td>}
      {columns.map(({ key, part, name }) => (
        <td key={key} className={key === chosen ? 'chosen' : ''}>
          {cell(part, name)}
        </td>
      ))}
    </tr>
  );
}

/** Marks in which a candidate differs from the removed part. */
function ChangeRows({ removed, columns, chosen, practice }: Board) {
  const changed = [...new Map(columns.flatMap((column) => column.changes).map((change) => [change.id, change])).values()];
  if (changed.length === 0) return null;
  return (
    <>
      <GroupRow across={columns.length} words="Compared with the removed part" />
      {changed.map((mark) => (
        <tr key={mark.id}>
          <th className={swapStyle.needName} scope="row">
            {sayIn(practice, mark.label)}
            <span className={swapStyle.limit}>as removed</span>
          </th>
          {removed && <td className={swapStyle.cameOut}>{sayIn(practice, markText(mark.from, mark.unit))}</td>}
          {columns.map((column) => (
            <td key={column.key} className={column.key === chosen ? 'chosen' : ''}>
              <ChangeCell change={column.changes.find(({ id }) => id === mark.id)} />
            </td>
          ))}
        </tr>
      ))}
    </>
  );
}

const GroupRow = ({ across, words }: { across: number; words: string }) => (
  <tr className={swapStyle.group}>
    <th colSpan={2 + across} scope="colgroup" className="label">
      {words}
    </th>
  </tr>
);

type Board = {
  needs: Need[];
  removed: Removed;
  columns: Column[];
  chosen?: string;
  practice: Practice;
  onChoose: (key: string) => void;
  onCell: (line: JudgedNeed, name: string) => void;
};

/** The fit board: candidates across, needs down, the removed part pinned. Arrow keys move through it. */
export function FitBoard(board: Board) {
  const { needs, removed, columns } = board;
  const [open, setOpen] = useState(false);
  const parts = columns.map(({ part }) => part);
  const { decide, hold } = splitLines(needs, parts, removed?.part ?? null);
  const shown = open ? [...decide, ...hold] : decide;
  const keys = useGridKeys(removed ? 1 : 0);
  return (
    <div className={swapStyle.boardWrap} tabIndex={0} role="region" aria-label="Fit board">
      {/* eslint-disable-next-line no-restricted-syntax -- the fit board is drawn: parts and verdict marks in its own grid */}
      <table className={swapStyle.board} {...keys}>
        <Head {...board} />
        <tbody>
          {groupOrder.map((group) => {
            const own = shown.filter((need) => need.group === group);
            return (
              own.length > 0 && (
                <Fragment key={group}>
                  <GroupRow across={columns.length} words={groupWords[group]} />
                  {own.map((need) => (
                    <LineRow key={need.id} need={need} board={board} />
                  ))}
                </Fragment>
              )
            );
          })}
          {hold.length > 0 && (
            <tr className={`${swapStyle.group} ${swapStyle.fold}`}>
              <th colSpan={2 + columns.length} scope="colgroup">
                <ButtonBase aria-expanded={open} onClick={() => setOpen(!open)}>
                  {foldText(decide.length, hold.length, open)}
                </ButtonBase>
              </th>
            </tr>
          )}
          <ChangeRows {...board} />
        </tbody>
      </table>
    </div>
  );
}
