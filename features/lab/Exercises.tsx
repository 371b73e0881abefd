'use client';

import { SelectBox } from '@/ui/forms/SelectBox';
import { Notice } from '@/ui/shell/Notice';
import Button from '@mui/material/Button';
import { certain } from '@/core/certain';
import { useState } from 'react';
import { families } from '@/core/families/registry';
import { sayIn } from '@/core/language/by-practice';
import { usePractice } from '../../ui/language/practice';

/** Questions of reading and judging, by family: think first, then look at the answer. */
export function Exercises() {
  const practice = usePractice();
  const [family, setFamily] = useState(certain(families[0]).id);
  const [at, setAt] = useState(0);
  const [open, setOpen] = useState(false);
  const seeds = certain(families.find(({ id }) => id === family)).drill;
  const seed = certain(seeds[at % seeds.length]);
  const go = (id: string, next: number) => {
    setFamily(id);
    setAt(next);
    setOpen(false);
  };
  return (
    <section className="sheet stack" style={{ padding: 18, maxWidth: 760 }} aria-label="Exercises">
      <label className="row-flex">
        <span className="muted">About</span>
        <SelectBox
          style={{ width: 260 }}
          value={family}
          options={families.map(({ id, title }) => [id, practice === 'IEC' ? title.iec : title.nfpa] as const)}
          onWord={(id) => go(id, 0)}
        />
        <span className="muted">
          {(at % seeds.length) + 1} of {seeds.length}
        </span>
      </label>
      <p style={{ fontSize: 18 }}>{sayIn(practice, seed.question)}</p>
      <div aria-live="polite">{open && <Notice kind="fits">{sayIn(practice, seed.answer)}</Notice>}</div>
      <div className="row-flex">
        <Button disabled={open} onClick={() => setOpen(true)}>
          Show the answer
        </Button>
        <Button onClick={() => go(family, at + 1)}>Next question</Button>
      </div>
    </section>
  );
}
