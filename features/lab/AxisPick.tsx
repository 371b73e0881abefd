'use client';

import { certain, keysOf } from '@/core/certain';
import { sweepable, type Sweepable } from '@/core/monitoring/sweep';
import { sweepWords } from './watch-words';

/** The two settings of a sweep; choosing the other one's exchanges them. */
export function AxisPick({ axes, onAxes }: { axes: [Sweepable, Sweepable]; onAxes: (axes: [Sweepable, Sweepable]) => void }) {
  const pick = (i: 0 | 1) => (
    <select
      className="text-in"
      style={{ width: 150 }}
      aria-label={i === 0 ? 'Swept across' : 'Swept upwards'}
      value={axes[i]}
      onChange={(event) => {
        const next = event.target.value as Sweepable;
        const other = certain(axes[1 - i]);
        onAxes(i === 0 ? [next, other === next ? axes[0] : other] : [other === next ? axes[1] : other, next]);
      }}
    >
      {keysOf(sweepable).map((one) => (
        <option key={one} value={one}>
          {sweepWords[one][0]}
        </option>
      ))}
    </select>
  );
  return (
    <>
      {pick(0)}
      {pick(1)}
    </>
  );
}
