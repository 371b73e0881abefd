import { keysOf } from '@/core/certain';
import type { ReadingState } from '@/core/readings/reading';
import swapStyle from '@/ui/styles/swap.module.css';

/** One letter for the state of a field; its word stands beside it on focus, and the legend has them all. */
export const stateSigns: Record<ReadingState, string> = {
  read: 'R',
  measured: 'M',
  'worked-out': 'C',
  assumed: 'A',
  unreadable: '?',
  absent: '–',
};
export const stateWords: Record<ReadingState, string> = {
  read: 'read',
  measured: 'measured',
  'worked-out': 'calculated',
  assumed: 'assumed',
  unreadable: 'unreadable',
  absent: 'not marked',
};
export const TO_CONFIRM = '!';

/** What the letters beside the fields mean, once on the page. */
export function StateLegend() {
  return (
    <p className={swapStyle.stateLegend} aria-label="Field states">
      {keysOf(stateSigns).map((state) => (
        <span key={state}>
          <b className={`${swapStyle.tagState} ${state}`}>{stateSigns[state]}</b> {stateWords[state]}
        </span>
      ))}
      <span>
        <b className={`${swapStyle.tagState} to-confirm`}>{TO_CONFIRM}</b> to confirm
      </span>
    </p>
  );
}
