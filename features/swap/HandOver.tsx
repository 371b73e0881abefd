'use client';

import Button from '@mui/material/Button';
import { useRouter } from 'next/navigation';
import { useState } from 'react';
import { api, faultWords } from '@/client/api';
import { SelectBox } from '@/ui/forms/SelectBox';
import { TextBox } from '@/ui/forms/TextBox';
import { FaultNotice } from '@/ui/shell/Notice';
import { useSigners } from './card/Sign';
import { useJob } from './use-job';

const MIN_LETTERS = 8; // characters: words that the next one can begin with

/** The job stays open and goes to another hand: to whom, and where it stands, in the history of its position. */
export function HandOver() {
  const { view, swap, person } = useJob();
  const router = useRouter();
  const people = useSigners();
  const [to, setTo] = useState('');
  const [words, setWords] = useState('');
  const [fault, setFault] = useState<string>();
  const [busy, setBusy] = useState(false);
  if (view.status !== 'open' || !people) return null;
  const others = people.sign.filter(({ id }) => id !== person?.id);
  const name = others.find(({ id }) => id === to)?.name;
  const handOver = async () => {
    if (!name || busy) return;
    setBusy(true);
    const unsaved = await swap.flush();
    if (unsaved !== undefined) {
      setBusy(false);
      return setFault(unsaved);
    }
    const text = `Job handed over to ${name}: ${words.trim()}`;
    const answer = await api('POST', `/api/v1/positions/${view.position.id}/events`, { kind: 'note', text });
    if (answer.ok) return router.push(`/?position=${view.position.id}`);
    setBusy(false);
    setFault(faultWords(answer));
  };
  return (
    <section className="sheet stack" style={{ padding: 14 }} aria-label="Hand the job over">
      <h2 style={{ fontSize: 15.5 }}>Hand the job over</h2>
      <SelectBox<string>
        wide
        aria-label="To whom"
        value={to}
        options={[['', 'it stays with me'] as const, ...others.map((one) => [one.id, one.name] as const)]}
        onWord={setTo}
      />
      {to && (
        <>
          <TextBox
            wide
            aria-label="Where it stands"
            placeholder="where it stands, and what comes next"
            maxLength={400}
            value={words}
            onChange={(event) => setWords(event.target.value)}
          />
          <FaultNotice words={fault} />
          <Button fullWidth disabled={busy || words.trim().length < MIN_LETTERS} onClick={() => void handOver()}>
            Hand it over
          </Button>
        </>
      )}
    </section>
  );
}
