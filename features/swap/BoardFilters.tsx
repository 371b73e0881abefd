'use client';

import { Pill } from '@/ui/forms/Pill';
import { SelectBox } from '@/ui/forms/SelectBox';
import { orderWords } from './board-words';
import type { Filters } from './use-board';
import { useJob } from './use-job';

export const FIRST_COLUMNS = 5;

const filterWords: [Exclude<keyof Filters, 'order'>, string][] = [
  ['inCrib', 'In stock'],
  ['sameFootprint', 'Same footprint'],
  ['coilSwap', 'Coil change allowed'],
  ['hideChecks', 'Only fits'],
];

/** What of the board is shown. */
export function BoardFilters({ all, onAll }: { all: boolean; onAll: () => void }) {
  const job = useJob();
  const { board, filters } = job;
  const { coilSwap } = job.derived.family;
  return (
    <div className="row-flex" role="group" aria-label="Filters">
      {filterWords
        .filter(([id]) => id !== 'coilSwap' || coilSwap.scheme === 'always')
        .map(([id, words]) => (
          <Pill key={id} pressed={filters[id]} onClick={() => job.setFilters({ ...filters, [id]: !filters[id] })}>
            {words}
          </Pill>
        ))}
      {board && board.columns.length > FIRST_COLUMNS && (
        <Pill pressed={all} onClick={() => onAll()}>
          {all ? 'Fewer columns' : `${board.columns.length} columns`}
        </Pill>
      )}
    </div>
  );
}

/** In which order it stands. */
export function BoardOrder() {
  const { filters, setFilters, derived } = useJob();
  const { coilSwap } = derived.family;
  return (
    <label className="row-flex muted" style={{ fontSize: 12.5 }}>
      <span>
        Sorted by: no failing line, fewest lines not known, fewest checks
        {coilSwap.scheme === 'always' ? ' (a coil to be changed is one)' : ''}; then
      </span>
      <SelectBox
        aria-label="Then sorted by"
        style={{ minWidth: 300 }}
        value={filters.order}
        options={orderWords}
        onWord={(order) => setFilters({ ...filters, order })}
      />
    </label>
  );
}
