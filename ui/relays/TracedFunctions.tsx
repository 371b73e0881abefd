'use client';

import Button from '@mui/material/Button';
import { useMemo, type ReactNode } from 'react';
import { formatQuantity } from '@/core/quantities/format-quantity';
import { functionsOfTrace, type FoundFunction } from '@/core/timing/find';
import type { Trace } from '@/core/timing/trace';

/** What a contact does over time, with what starts it. */
export type Drawn = { supply?: Trace; signal?: Trace; output?: Trace };
/** A diagram as it is kept with a reading. */
export const drawnOf = (value: unknown): Drawn | null => (value ?? null) as Drawn | null;
export const NOTHING_DRAWN: Drawn = { supply: [[0, 1]], output: [[0, 0]] };
/** From where a function that was found this way is known. */
export const BY_TRACE = 'found from its timing diagram, run on the bench';

const timesText = ({ times }: FoundFunction): string =>
  times[0] > 0
    ? `, ${times
        .filter((one) => one !== undefined)
        .map((one) => formatQuantity(one, 's'))
        .join(' and ')}`
    : '';

/** Which functions give that diagram, each to be taken. */
export function TracedFunctions({
  drawn,
  untilSeconds,
  children,
  onFunction,
}: {
  drawn: Drawn;
  untilSeconds: number;
  /** What taking one means here. */
  children: ReactNode;
  onFunction: (found: FoundFunction) => void;
}) {
  const found = useMemo(
    () =>
      (drawn.output ?? []).length === 0
        ? []
        : functionsOfTrace(
            { supply: drawn.supply ?? [[0, 1]], ...(drawn.signal ? { signal: drawn.signal } : {}) },
            drawn.output ?? [],
            3 * untilSeconds,
          ),
    [drawn, untilSeconds],
  );
  if (found.length === 0) return <p className="muted">No function known here gives this diagram yet.</p>;
  return (
    <>
      <p>
        {found.length === 1
          ? 'One function gives it.'
          : `${found.length} functions give it: run it on the bench where supply or signal goes at another moment.`}{' '}
        <span className="muted">{children}</span>
      </p>
      <div className="row-flex" role="group" aria-label="Functions that give it">
        {found.map((one) => (
          <Button key={one.fn} onClick={() => onFunction(one)}>
            {one.fn}
            {timesText(one)}
          </Button>
        ))}
      </div>
    </>
  );
}
