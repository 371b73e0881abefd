'use client';

import { Notice } from '@/ui/shell/Notice';
import { TextBox } from '@/ui/forms/TextBox';
import Button from '@mui/material/Button';
import { useState } from 'react';
import { MIN_REASON_LETTERS } from '@/core/swap/sign-off';

export type Point = { recordId: string; lineId: string; term: string; by: string; reason: string; settles: string };
/** Keeps what settled a point; resolves to why it was refused, or to nothing. */
export type Settle = (
  positionId: string,
  point: { recordId: string; lineId: string; by: string; found: string },
) => Promise<string | undefined>;

/** A line that was signed as not known, with what settles it; it stands at the position until somebody says what was found. */
export function OpenPointNote({ point, positionId, onSettle }: { point: Point; positionId: string; onSettle: Settle }) {
  const [by, setBy] = useState('');
  const [found, setFound] = useState('');
  const [busy, setBusy] = useState(false);
  const [fault, setFault] = useState<string>();
  const ready = by.trim().length >= 2 && found.trim().length >= MIN_REASON_LETTERS && !busy;
  const keep = async () => {
    setBusy(true);
    setFault(await onSettle(positionId, { recordId: point.recordId, lineId: point.lineId, by: by.trim(), found: found.trim() }));
    setBusy(false);
  };
  return (
    <Notice kind="not-known" className="stack" style={{ gap: 6 }}>
      <p>
        <b>{point.term} was signed as not known.</b> {point.by}: {point.reason}.{' '}
        {point.settles ? `To be settled by: ${point.settles}.` : ''}
      </p>
      <TextBox
        wide
        aria-label={`What was found, ${point.term}`}
        placeholder="what was found"
        value={found}
        maxLength={500}
        onChange={(event) => setFound(event.target.value)}
      />
      <div className="row-flex">
        <TextBox
          aria-label={`Found by, ${point.term}`}
          placeholder="your name"
          autoComplete="name"
          value={by}
          maxLength={80}
          onChange={(event) => setBy(event.target.value)}
        />
        <Button disabled={!ready} onClick={keep}>
          Settled
        </Button>
      </div>
      {fault && <p role="alert">{fault}</p>}
    </Notice>
  );
}
