/** The fit board in words: where a part lies, what tells it apart, in which order it stands. */
import type { Practice } from '@/core/case/case';
import { familyWords } from '@/core/families/registry';
import { sayIn } from '@/core/language/by-practice';
import { choiceKey, type Choice } from '@/core/swap/swap';
import type { BoardColumn, Comparison } from '@/services/match';
import type { Column } from '@/ui/board/FitBoard';

/** What decides among parts of equal lines; what is not named comes after it in this order. */
export const orderWords = [
  ['like', 'like for like, in stock, price, nearest rating'],
  ['stock', 'in stock first'],
  ['price', 'lowest price first'],
  ['lead', 'soonest here first'],
  ['rating', 'nearest rating first'],
] as const;

const noteOf = (column: BoardColumn): string =>
  [
    column.installed
      ? 'only a new coil'
      : column.coil
        ? 'coil to be changed'
        : column.beside.length > 0
          ? 'in parallel'
          : column.sameFootprint
            ? 'same footprint'
            : '',
    column.more.length > 0 ? `does more than the removed part: ${column.more.join(', ').toLowerCase()}` : '',
  ]
    .filter(Boolean)
    .join(' · ');

/** A column as the board draws it. */
export const columnOf = (column: BoardColumn): Column => ({
  key: choiceKey(column),
  name: column.name,
  brief: column.inBrief,
  where: where(column),
  note: noteOf(column),
  part: column.part,
  changes: column.changes,
});

const where = (column: BoardColumn) =>
  column.inHand
    ? 'in the hand'
    : column.shelf.length > 0
      ? column.shelf.map(({ place, quantity }) => `${place}: ${quantity}`).join(', ')
      : ['catalogue', column.trade].filter(Boolean).join(': ');

export function sentence(board: Comparison, familyId: string, practice: Practice): string {
  const family = sayIn(practice, familyWords(familyId));
  const fits = board.columns.filter((column) => column.part.verdict === 'fits').length;
  const shelf = `${board.onShelf} of them in stock`;
  if (board.holding === 0) return `${board.judged} ${family} judged: every one has a failing line.`;
  return `${board.judged} ${family} judged: ${board.holding} with no failing line, ${shelf}.${fits === 0 ? ' None fits on every line: look at the checks and at the lines not known.' : ''}`;
}

/** A column as it is chosen: the part, with another coil where it needs one, and what stands beside it. */
export const choiceOf = ({ partId, name, coil, beside }: BoardColumn): Choice => ({
  partId,
  name: name + (coil ? ', coil to be changed' : ''),
  ...(coil ? { coil } : {}),
  ...(beside.length > 0 ? { beside } : {}),
});
