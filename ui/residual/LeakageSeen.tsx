'use client';

import { useState } from 'react';
import type { Electronics } from '@/core/case/residual-fields';
import { WaveformView } from './WaveformView';

/** What leaks here and what each type sees of it, beside the need lines. */
export function LeakageSeen({ front }: { front: Electronics }) {
  const [open, setOpen] = useState(false);
  return (
    <section className="sheet stack" style={{ padding: 14 }} aria-label="What each type sees of this load">
      <div className="row-flex" style={{ justifyContent: 'space-between' }}>
        <div>
          <h2 style={{ margin: 0 }}>What does it have to see?</h2>
          <p className="muted">The front end of the load shapes what leaks; not every type sees it.</p>
        </div>
        <button type="button" className="quiet" aria-expanded={open} onClick={() => setOpen(!open)}>
          {open ? 'Close' : 'Show the waveforms'}
        </button>
      </div>
      {open && <WaveformView start={front} />}
    </section>
  );
}
