'use client';

import { keysOf } from '@/core/certain';
import type { BranchInputs } from '@/core/curves/branch-inputs';
import type { Unit } from '@/core/quantities/units';
import { adiabaticK, conductorSizes } from '@/core/standards/conductors';
import { NumberBox } from '@/ui/forms/NumberBox';
import { SelectBox } from '@/ui/forms/SelectBox';
import { TickBox } from '@/ui/forms/TickBox';
import { useSay } from '@/ui/language/practice';
import curvesStyle from '@/ui/styles/curves.module.css';

const figures: [keyof BranchInputs, string, Unit, number, number][] = [
  ['runningAmps', 'Running current', 'A', 0.01, 6300],
  ['startAmps', 'Starting current, rms', 'A', 0.01, 100000],
  ['startSeconds', 'Starting time', 's', 0.01, 120],
  ['stallSeconds', 'Safe stall time, hot', 's', 0.1, 120],
  ['cableAmps', 'Cable Iz', 'A', 0.1, 6300],
  ['highestFaultAmps', 'Maximum fault current', 'A', 1, 200000],
  ['lowestFaultAmps', 'Minimum fault current', 'A', 1, 200000],
  ['clearWithinSeconds', 'Clear within', 's', 0.01, 10],
];

/** What the branch carries, and the cable that it protects. */
export function BranchForm({ inputs, onInputs }: { inputs: BranchInputs; onInputs: (inputs: BranchInputs) => void }) {
  const say = useSay();
  const put = (change: Partial<BranchInputs>) => onInputs({ ...inputs, ...change });
  return (
    <section className={`sheet ${curvesStyle.curveDevice}`} aria-label="The branch">
      <b>The branch</b>
      <div className={curvesStyle.curveFields}>
        {figures.map(([name, label, unit, min, max]) => (
          <NumberBox
            key={name}
            label={label}
            unit={unit}
            value={Number.isFinite(inputs[name]) ? Number(inputs[name]) : null}
            min={min}
            max={max}
            empty
            onValue={(value) => put({ [name]: value })}
          />
        ))}
        <label>
          <span>Cable</span>
          <SelectBox<string>
            wide
            value={inputs.cableSize ?? ''}
            options={[['', 'not known'], ...conductorSizes]}
            onWord={(size) => put({ cableSize: size || null })}
          />
        </label>
        <label>
          <span>Its kind</span>
          <SelectBox wide value={inputs.cableKind} options={keysOf(adiabaticK)} onWord={(cableKind) => put({ cableKind })} />
        </label>
      </div>
      <label className="row-flex">
        <TickBox checked={inputs.leastFaultToEarth} onTick={(leastFaultToEarth) => put({ leastFaultToEarth })} />
        <span>{say('The minimum fault is an earth fault')}</span>
      </label>
    </section>
  );
}
