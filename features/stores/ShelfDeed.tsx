'use client';

import Button from '@mui/material/Button';
import { useState } from 'react';
import { Controller } from 'react-hook-form';
import type { InferType } from 'yup';
import { api, faultWords } from '@/client/api';
import { useOnceKey } from '@/client/use-once-key';
import { deedFormSchema, deedMeans, deeds, deedWords, MOST_PIECES, type Deed } from '@/core/stores/ledger';
import { FormFault } from '@/ui/forms/FormFault';
import { NumberBox } from '@/ui/forms/NumberBox';
import { Pill } from '@/ui/forms/Pill';
import { TextBox } from '@/ui/forms/TextBox';
import { trimmed } from '@/ui/forms/trimmed';
import { useSentForm } from '@/ui/forms/use-sent-form';
import { Notice } from '@/ui/shell/Notice';

type Fields = InferType<typeof deedFormSchema>;
type Shelf = { siteId: string; partId: string; place: string };

/** Receive, take, move, count, correct: one deed at a shelf, sent once however often the button is pressed or the answer is lost. */
export function ShelfDeed({ siteId, partId, place, onDone }: Shelf & { onDone: () => void }) {
  const once = useOnceKey();
  const [said, setSaid] = useState<string>();
  const start: Fields = { deed: 'take', place, quantity: 1, to: '', why: '' };
  const { register, control, watch, errors, ready, onSubmit } = useSentForm<Fields>(deedFormSchema, start, async (fields, startAgain) => {
    const answer = await once((key) => api<{ quantity: number }>('POST', '/api/v1/stock/entries', { siteId, partId, key, ...fields }));
    if (!answer.ok) return faultWords(answer);
    setSaid(`${deedWords[fields.deed]}: done. ${answer.value.quantity} lie at ${fields.place} now.`);
    startAgain({ ...start, deed: fields.deed, place: fields.place });
    onDone();
    return undefined;
  });
  const deed: Deed = watch('deed');
  return (
    <form className="stack" aria-label="At the shelf" onSubmit={onSubmit}>
      <Controller
        control={control}
        name="deed"
        render={({ field: { value, onChange } }) => (
          <div className="row-flex" role="group" aria-label="What is done">
            {deeds.map((one) => (
              <Pill key={one} pressed={value === one} onClick={() => onChange(one)}>
                {deedWords[one]}
              </Pill>
            ))}
          </div>
        )}
      />
      <p className="muted">{deedMeans[deed]}</p>
      <div className="row-flex">
        <Controller
          control={control}
          name="quantity"
          render={({ field: { value, onChange } }) => (
            <NumberBox
              label={deed === 'correct' ? 'More or fewer' : 'Pieces'}
              unit=""
              value={value}
              min={deed === 'correct' ? -MOST_PIECES : 0}
              max={MOST_PIECES}
              onValue={onChange}
            />
          )}
        />
        <label style={{ display: 'grid' }}>
          <span>At</span>
          <TextBox style={{ width: 220 }} placeholder="crib, bin, van, panel" {...register('place', trimmed)} />
        </label>
        {deed === 'move' && (
          <label style={{ display: 'grid' }}>
            <span>To</span>
            <TextBox style={{ width: 220 }} placeholder="where they go" {...register('to', trimmed)} />
          </label>
        )}
      </div>
      <TextBox
        wide
        aria-label="Why"
        placeholder={deed === 'correct' ? 'why: broken, found, miscounted' : 'why, if it should be said: which job'}
        {...register('why', trimmed)}
      />
      <div>
        <Button type="submit" variant="contained" disabled={!ready}>
          {deedWords[deed]}
        </Button>
      </div>
      <FormFault errors={errors} />
      {said && (
        <Notice kind="fits" role="status">
          {said}
        </Notice>
      )}
    </form>
  );
}
