'use client';

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
        <select className="text-in" style={{ width: 260 }} value={family} onChange={(event) => go(event.target.value, 0)}>
          {families.map(({ id, title }) => (
            <option key={id} value={id}>
              {practice === 'IEC' ? title.iec : title.nfpa}
            </option>
          ))}
        </select>
        <span className="muted">
          {(at % seeds.length) + 1} of {seeds.length}
        </span>
      </label>
      <p style={{ fontSize: 18 }}>{sayIn(practice, seed.question)}</p>
      <div aria-live="polite">{open && <p className="say fits">{sayIn(practice, seed.answer)}</p>}</div>
      <div className="row-flex">
        <button type="button" className="quiet" disabled={open} onClick={() => setOpen(true)}>
          Show the answer
        </button>
        <button type="button" className="quiet" onClick={() => go(family, at + 1)}>
          Next question
        </button>
      </div>
    </section>
  );
}
