'use client';

import Button from '@mui/material/Button';
import { Controller } from 'react-hook-form';
import type { InferType } from 'yup';
import { api, faultWords } from '@/client/api';
import { limitsFormSchema, MOST_PIECES } from '@/core/stores/ledger';
import { FormFault } from '@/ui/forms/FormFault';
import { NumberBox } from '@/ui/forms/NumberBox';
import { useSentForm } from '@/ui/forms/use-sent-form';

type Fields = InferType<typeof limitsFormSchema>;
type Props = { siteId: string; partId: string; least: number | null; most: number | null; onDone: () => void };

/** How few of a part there may be, and up to how many are ordered; both empty: nobody minds. */
export function Limits({ siteId, partId, least, most, onDone }: Props) {
  const { control, errors, ready, onSubmit } = useSentForm<Fields>(limitsFormSchema, { least, most }, async (fields) => {
    const answer = await api('PUT', '/api/v1/stock/limits', { siteId, partId, ...fields });
    if (answer.ok) onDone();
    return faultWords(answer);
  });
  const box = (name: keyof Fields, label: string) => (
    <Controller
      control={control}
      name={name}
      render={({ field: { value, onChange } }) => (
        <NumberBox label={label} unit="" value={value} min={0} max={MOST_PIECES} empty placeholder="none" onValue={onChange} />
      )}
    />
  );
  return (
    <form className="stack" aria-label="Least and most" onSubmit={onSubmit}>
      <div className="row-flex" style={{ alignItems: 'flex-end' }}>
        {box('least', 'Least')}
        {box('most', 'Most')}
        <Button type="submit" disabled={!ready}>
          Set least and most
        </Button>
      </div>
      <FormFault errors={errors} />
    </form>
  );
}
