/** How a job ends where no new part goes in; every one of them is signed and stands in the history of its position. */
import { openSafeSteps } from './make-safe';
import type { Practice } from '../case/case';
import type { SwapState } from './swap';

export const endingKinds = ['adjusted', 'repaired', 'nothing-found', 'elsewhere', 'waiting'] as const;
export type EndingKind = (typeof endingKinds)[number];

export type Ending = {
  kind: EndingKind;
  /** What was set, repaired, looked at, found there, or ordered. */
  what: string;
  /** A setting before and after. */
  from?: string;
  to?: string;
  /** Where the cause was found. */
  positionId?: string;
};

/** Its name, what is asked, whether hands were on the circuit, so that it was made safe first, and whether it says that the cause is known. */
export const endingWords: Readonly<Record<EndingKind, { name: string; asks: string; hands: boolean; settled: boolean }>> = {
  adjusted: { name: 'Adjusted', asks: 'What was set', hands: true, settled: true },
  repaired: { name: 'Repaired or tightened', asks: 'What was repaired or tightened', hands: true, settled: true },
  'nothing-found': { name: 'Nothing found', asks: 'What was looked at and measured', hands: false, settled: false },
  elsewhere: { name: 'Found elsewhere', asks: 'What was found there', hands: false, settled: true },
  waiting: { name: 'Made safe, waiting for a part', asks: 'What is ordered, and from where', hands: true, settled: false },
};

/** The ending in a sentence. Example: 'Adjusted: overload dial from 11 A to 12.5 A, signed by O. F.'. */
export function endingText({ kind, what, from, to }: Ending, by: string, elsewhere?: string): string {
  const { name } = endingWords[kind];
  const where = elsewhere ? ` at ${elsewhere}` : '';
  return `${name}${where}: ${what.trim()}${kind === 'adjusted' ? ` from ${from?.trim()} to ${to?.trim()}` : ''}, signed by ${by}`;
}

/** Steps of Make safe that are not confirmed, where the ending says that hands were on the circuit. */
export const openBeforeEnding = (kind: EndingKind, state: SwapState, practice: Practice): string[] =>
  endingWords[kind].hands ? openSafeSteps(state, practice).map(({ title }) => title) : [];
