'use client';

import Checkbox from '@mui/material/Checkbox';
import type { SafeStep } from '@/core/swap/make-safe';
import type { Change } from '@/core/swap/swap';
import swapStyle from '@/ui/styles/swap.module.css';

/** A step of Make safe, confirmed by name. */
export const StepRow = ({
  step,
  by,
  name,
  disabled = false,
  onChange,
}: {
  step: SafeStep;
  /** Who confirmed it; absent: nobody yet. */
  by: string | undefined;
  name: string;
  disabled?: boolean;
  onChange: (changes: Change[]) => void;
}) => (
  <div className={swapStyle.step}>
    <Checkbox
      checked={Boolean(by)}
      disabled={disabled}
      slotProps={{ input: { 'aria-label': step.title, 'aria-describedby': `how-${step.id}` } }}
      onChange={(event) => onChange([{ path: `safe.${step.id}`, value: event.target.checked ? name : null }])}
    />
    <div>
      <b>{step.title}</b>
      {by && <small className="muted"> confirmed by {by}</small>}
      <p className="muted" id={`how-${step.id}`}>
        {step.how}
      </p>
    </div>
  </div>
);
