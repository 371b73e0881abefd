'use client';

import Button from '@mui/material/Button';
import { useState } from 'react';
import type { PlainPart } from '@/core/families/contract';

/** Summary for the owner: to be read aloud, or printed and left. */
export function OwnersPage({ title, parts }: { title: string; parts: readonly PlainPart[] }) {
  const [open, setOpen] = useState(false);
  return (
    <section className={`sheet stack${open ? ' print-alone' : ''}`} style={{ padding: 14 }} aria-label="Summary for the owner">
      <div className="row-flex" style={{ justifyContent: 'space-between' }}>
        <div>
          <h2 style={{ margin: 0 }}>Summary for the owner</h2>
          <p className="muted">{title}</p>
        </div>
        <div className="row-flex no-print">
          {open && <Button onClick={() => window.print()}>Print</Button>}
          <Button aria-expanded={open} onClick={() => setOpen(!open)}>
            {open ? 'Close' : 'Show the page'}
          </Button>
        </div>
      </div>
      {open &&
        parts.map(({ heading, sentences }) => (
          <div key={heading}>
            <h3 style={{ margin: '0 0 2px' }}>{heading}</h3>
            {sentences.map((sentence) => (
              <p key={sentence}>{sentence}</p>
            ))}
          </div>
        ))}
    </section>
  );
}
