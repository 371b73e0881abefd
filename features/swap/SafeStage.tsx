'use client';

import { Pill } from '@/ui/forms/Pill';
import Checkbox from '@mui/material/Checkbox';
import { hazards, type SafeStep } from '@/core/swap/make-safe';
import type { Change, SwapState } from '@/core/swap/swap';
import swapStyle from '@/ui/styles/swap.module.css';

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
          <div key={step.id} className={swapStyle.step}>
            <Checkbox
              checked={Boolean(state.safe[step.id])}
              slotProps={{ input: { 'aria-label': step.title, 'aria-describedby': `how-${step.id}` } }}
              onChange={(event) => onChange([{ path: `safe.${step.id}`, value: event.target.checked ? name : null }])}
            />
            <div>
              <b>{step.title}</b>
              {state.safe[step.id] && <small className="muted"> confirmed by {state.safe[step.id]}</small>}
              <p className="muted" id={`how-${step.id}`}>
                {step.how}
              </p>
            </div>
          </div>
        ))}
      </div>
    </div>
  );
}
