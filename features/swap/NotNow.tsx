'use client';

import Button from '@mui/material/Button';
import { useState } from 'react';
import { isSaid, putOffText, putOffWhys, type PutOff, type PutOffWhy } from '@/core/swap/put-off';
import { keysOf } from '@/core/certain';
import { SelectBox } from '@/ui/forms/SelectBox';
import { TextBox } from '@/ui/forms/TextBox';
import { useJob } from './use-job';

const choices = keysOf(putOffWhys).map(
  (why) => [why, `${putOffWhys[why].kind === 'later' ? 'later, ' : 'not done: '}${putOffWhys[why].words}`] as const,
);

/** A test that is not done now: why, or when it is made up for, by name. */
export function NotNow({ title, putOff, onPutOff }: { title: string; putOff?: PutOff; onPutOff: (putOff: PutOff | null) => void }) {
  const { person } = useJob();
  const [open, setOpen] = useState(false);
  const [why, setWhy] = useState<PutOffWhy>('hour');
  const [words, setWords] = useState('');
  if (putOff)
    return (
      <div className="row-flex">
        <small>{putOffText(putOff)}</small>
        <Button onClick={() => onPutOff(null)}>Take back</Button>
      </div>
    );
  if (!open)
    return (
      <Button variant="text" style={{ minHeight: 30 }} aria-label={`Not now, ${title}`} onClick={() => setOpen(true)}>
        Not now
      </Button>
    );
  return (
    <div className="stack" style={{ gap: 6 }}>
      <SelectBox<PutOffWhy> aria-label={`Why not now, ${title}`} value={why} options={choices} onWord={setWhy} />
      <TextBox
        aria-label={`In words, ${title}`}
        placeholder={putOffWhys[why].kind === 'later' ? 'what to look at then' : 'why, in a few words'}
        maxLength={300}
        value={words}
        onChange={(event) => setWords(event.target.value)}
      />
      <div className="row-flex">
        <Button
          disabled={!person || !isSaid({ why, words })}
          onClick={() => {
            onPutOff({ why, words: words.trim(), by: person?.name ?? '' });
            setOpen(false);
          }}
        >
          Keep
        </Button>
        <Button onClick={() => setOpen(false)}>Back</Button>
      </div>
    </div>
  );
}
