'use client';

import { Pill } from '@/ui/forms/Pill';
import { hazards, type SafeStep } from '@/core/swap/make-safe';
import type { Change, SwapState } from '@/core/swap/swap';
import { StepRow } from './StepRow';

/** Make safe: what is there to hurt, and each step confirmed by name. Site rules govern. */
export function SafeStage({
  state,
  steps,
  name,
  onChange,
}: {
  state: SwapState;
  steps: SafeStep[];
  name: string;
  onChange: (changes: Change[]) => void;
}) {
  return (
    <div className="stack">
      <div>
        <h1>Make safe</h1>
        <p className="muted">
          The site’s rules and local law govern; this list follows them and never replaces them. Confirm every step before any test.
        </p>
      </div>
      <fieldset style={{ border: 0, padding: 0, margin: 0 }}>
        <legend className="label" style={{ marginBottom: 6 }}>
          Hazards present
        </legend>
        <div className="row-flex">
          {hazards.map(({ id, label }) => (
            <Pill
              key={id}
              pressed={Boolean(state.hazards[id])}
              onClick={() => onChange([{ path: `hazards.${id}`, value: !state.hazards[id] }])}
            >
              {label}
            </Pill>
          ))}
        </div>
      </fieldset>
      <p className="muted">Each step is confirmed under your name, {name}.</p>
      <div>
        {steps.map((step) => (
          <StepRow key={step.id} step={step} by={state.safe[step.id]} name={name} onChange={onChange} />
        ))}
      </div>
    </div>
  );
}
