'use client';

import { SelectBox } from '@/ui/forms/SelectBox';
import { keysOf } from '@/core/certain';
import { sweepable, type Sweepable } from '@/core/monitoring/sweep';
import { sweepWords } from './watch-words';

/** The two settings of a sweep; choosing the other one's exchanges them. */
export function AxisPick({ axes, onAxes }: { axes: [Sweepable, Sweepable]; onAxes: (axes: [Sweepable, Sweepable]) => void }) {
  const pick = (i: 0 | 1) => (
    <SelectBox
      style={{ width: 150 }}
      aria-label={i === 0 ? 'Swept across' : 'Swept upwards'}
      value={axes[i]}
      options={keysOf(sweepable).map((one) => [one, sweepWords[one][0]] as const)}
      onWord={(next) => {
        const other = axes[1 - i === 0 ? 0 : 1];
        onAxes(i === 0 ? [next, other === next ? axes[0] : other] : [other === next ? axes[1] : other, next]);
      }}
    />
  );
  return (
    <>
      {pick(0)}
      {pick(1)}
    </>
  );
}
