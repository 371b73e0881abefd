'use client';

import Button from '@mui/material/Button';
import { useState } from 'react';
import { certain } from '@/core/certain';
import { plateOf } from '@/core/families/plates';
import { withReading } from '@/core/readings/reading';
import { freeHand, type Change, type PartInHand } from '@/core/swap/swap';
import { reworded } from '@/core/swap/typed-plate';
import { TextBox } from '@/ui/forms/TextBox';
import { PlateBox } from '@/ui/plates/PlateBox';
import { FromCatalogue } from './FromCatalogue';
import { useJob } from './use-job';

/** One part in the hand: its name, its plate, and whether it is still one. */
function HandPart({ id, part }: { id: string; part: PartInHand }) {
  const { state, derived, change } = useJob();
  const plate = certain(plateOf(state.family));
  const put = (next: PartInHand | null): void => change([{ path: `hand.${id}`, value: next } satisfies Change]);
  return (
    <PlateBox
      title={part.name}
      about="Type or paste what stands on it, or take its picture"
      kind={state.family}
      section="removed"
      text={part.typed ?? ''}
      readings={part.readings}
      example={derived.family.example}
      pick={
        <span className="row-flex">
          <TextBox
            aria-label={`Name of ${part.name}`}
            maxLength={60}
            style={{ width: 210 }}
            defaultValue={part.name}
            onBlur={(event) => event.target.value.trim() && put({ ...part, name: event.target.value.trim() })}
          />
          <Button onClick={() => put(null)}>Put away</Button>
        </span>
      }
      onType={(typed) => put({ ...part, typed, readings: reworded(part.readings, plate, typed) })}
      onPictured={(kind, found) => kind === state.family && put({ ...part, typed: '', readings: found.readings })}
      onChange={({ id: mark }, reading) => {
        put({ ...part, readings: withReading(part.readings, mark, reading) });
      }}
    />
  );
}

/** Parts in the hand of a job: read here, judged on the board beside the others. */
export function HandParts() {
  const { state, change } = useJob();
  const parts = Object.entries(state.hand ?? {});
  const [open, setOpen] = useState(false);
  const add = () => {
    const key = freeHand(new Set(Object.keys(state.hand ?? {})));
    change([{ path: `hand.${key}`, value: { name: `Part in the hand ${key.slice(1)}`, readings: {} } }]);
    setOpen(true);
  };
  return (
    <section className="stack" aria-label="Parts in the hand">
      <div className="row-flex">
        <Button onClick={add}>Add a part in the hand</Button>
        <FromCatalogue />
        {parts.length > 0 && (
          <Button aria-expanded={open} onClick={() => setOpen(!open)}>
            {open ? 'Hide' : 'Show'} {parts.length === 1 ? 'its plate' : `the plates of ${parts.length}`}
          </Button>
        )}
      </div>
      {open && parts.map(([id, part]) => <HandPart key={id} id={id} part={part} />)}
    </section>
  );
}
