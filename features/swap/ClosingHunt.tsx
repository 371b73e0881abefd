'use client';

import Button from '@mui/material/Button';
import Link from 'next/link';
import { useState } from 'react';
import { settledClosing } from '@/core/close-failure/findings';
import type { Change, SwapState } from '@/core/swap/swap';
import { WillNotClose } from '../../ui/closing/WillNotClose';
import { inSentence } from '@/core/language/in-sentence';

/** The guided check beside a swap: what is found is kept with it and goes on the record. */
export function ClosingHunt({ state, repeats, onChange }: { state: SwapState; repeats: number; onChange: (changes: Change[]) => void }) {
  const [open, setOpen] = useState(false);
  const findings = state.causes ?? {};
  const control = state.supply.controlVolts?.value;
  const markVolts = typeof control === 'number' ? control : null;
  const cause = settledClosing(findings, markVolts).find(({ verdict }) => verdict === 'cause');
  const begun = Object.keys(findings).length > 0;
  return (
    <section className="sheet stack" style={{ padding: 14 }} aria-label="Will it close?">
      <div className="row-flex" style={{ justifyContent: 'space-between' }}>
        <div>
          <h2 style={{ margin: 0 }}>Why will it not close?</h2>
          <p className="muted" role="status">
            {repeats > 0 ? `${repeats} fault${repeats > 1 ? 's' : ''} here within a year. ` : ''}
            {cause
              ? `Found: ${inSentence(cause.title)}.`
              : begun
                ? 'Not established yet.'
                : 'Before a part is changed, find out that it is the part. '}
            {!begun && <Link href="/lab?bench=closing">One to press is in the lab</Link>}
          </p>
        </div>
        <Button aria-expanded={open} onClick={() => setOpen(!open)}>
          {open ? 'Close' : 'Find out why'}
        </Button>
      </div>
      {open && (
        <WillNotClose
          findings={findings}
          markVolts={markVolts}
          onFinding={(key, finding) => onChange([{ path: `causes.${key}`, value: finding }])}
        />
      )}
    </section>
  );
}
