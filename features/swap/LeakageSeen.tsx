'use client';

import Button from '@mui/material/Button';
import { useState } from 'react';
import type { Electronics } from '@/core/fields/residual-fields';
import { WaveformView } from '../../ui/residual/WaveformView';

/** Leakage current here and what each type sees of it, beside the need lines. */
export function LeakageSeen({ front }: { front: Electronics }) {
  const [open, setOpen] = useState(false);
  return (
    <section className="sheet stack" style={{ padding: 14 }} aria-label="What each type detects of this load">
      <div className="row-flex" style={{ justifyContent: 'space-between' }}>
        <div>
          <h2 style={{ margin: 0 }}>What must it detect?</h2>
          <p className="muted">The input stage of the load shapes the leakage current; not every type detects it.</p>
        </div>
        <Button aria-expanded={open} onClick={() => setOpen(!open)}>
          {open ? 'Close' : 'Show the waveforms'}
        </Button>
      </div>
      {open && <WaveformView start={front} />}
    </section>
  );
}
