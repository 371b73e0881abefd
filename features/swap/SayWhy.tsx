'use client';

import Button from '@mui/material/Button';
import { useState } from 'react';
import { MIN_REASON_LETTERS } from '@/core/swap/sign-off';
import { TextBox } from '@/ui/forms/TextBox';

/** What stands in the way of a signature, named with its reason under the own name; Enter is enough. */
export function SayWhy({
  asks,
  hint,
  words,
  may,
  onSay,
}: {
  asks: string;
  hint: string;
  words: string;
  /** Is there somebody under whose name it would stand? */
  may: boolean;
  onSay: (reason: string) => void;
}) {
  const [reason, setReason] = useState('');
  const ready = may && reason.trim().length >= MIN_REASON_LETTERS;
  return (
    <form
      className="row-flex no-print"
      onSubmit={(event) => {
        event.preventDefault();
        if (ready) onSay(reason.trim());
      }}
    >
      <label className="stack" style={{ gap: 4, flex: 1, minWidth: 220 }}>
        <span>{asks}</span>
        <TextBox wide maxLength={300} value={reason} onChange={(event) => setReason(event.target.value)} placeholder={hint} />
      </label>
      <Button type="submit" disabled={!ready}>
        {words}
      </Button>
    </form>
  );
}
