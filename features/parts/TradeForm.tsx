'use client';

import Button from '@mui/material/Button';
import { useRouter } from 'next/navigation';
import { useId } from 'react';
import { Controller } from 'react-hook-form';
import { api, faultWords } from '@/client/api';
import { readInRange } from '@/core/quantities/read-quantity';
import { currencies, tradeSchema, tradeStates, tradeStateWords, type Trade } from '@/core/stores/trade';
import { FigureBox } from '@/ui/forms/FigureBox';
import { FormFault } from '@/ui/forms/FormFault';
import { NumberBox } from '@/ui/forms/NumberBox';
import { SelectBox } from '@/ui/forms/SelectBox';
import { TextBox } from '@/ui/forms/TextBox';
import { trimmed } from '@/ui/forms/trimmed';
import { useSentForm } from '@/ui/forms/use-sent-form';
import type { Taken } from '@/ui/forms/use-figure';

/** Money is shown to the cent, as it is kept. */
const takePrice = (text: string): Taken<number | null> => {
  const read = readInRange(text, { unit: '', label: 'The price', min: 0, max: 1e7 });
  return read.ok ? { ok: true, value: read.value === undefined ? null : Math.round(read.value * 100) / 100 } : read;
};

/** How a part is bought, to be typed. */
export function TradeForm({ partId, start }: { partId: string; start: Trade }) {
  const priceId = useId();
  const router = useRouter();
  const { register, control, watch, errors, ready, onSubmit } = useSentForm<Trade>(tradeSchema, start, async (trade) => {
    const answer = await api('PUT', `/api/v1/parts/${encodeURIComponent(partId)}/trade`, trade);
    if (answer.ok) router.refresh();
    return faultWords(answer);
  });
  return (
    <form className="stack" aria-label="How it is bought" onSubmit={onSubmit}>
      <div className="row-flex">
        <TextBox aria-label="Supplier" placeholder="supplier" style={{ width: 220 }} {...register('supplier', trimmed)} />
        <TextBox
          aria-label="Other numbers that it is known by"
          placeholder="other numbers that it is known by"
          style={{ width: 320 }}
          {...register('otherNumbers', trimmed)}
        />
      </div>
      <div className="row-flex" style={{ alignItems: 'flex-end' }}>
        <Controller
          control={control}
          name="price"
          render={({ field: { value, onChange } }) => (
            <label htmlFor={priceId}>
              <span>Price of one</span>
              <FigureBox wide id={priceId} stands={value?.toFixed(2) ?? ''} placeholder="not known" take={takePrice} onTaken={onChange} />
            </label>
          )}
        />
        <Controller
          control={control}
          name="currency"
          render={({ field: { value, onChange } }) => (
            <SelectBox<string>
              aria-label="Currency"
              style={{ width: 110 }}
              value={value ?? ''}
              options={[['', 'in'], ...currencies]}
              onWord={(code) => onChange(code || null)}
            />
          )}
        />
        <Controller
          control={control}
          name="leadDays"
          render={({ field: { value, onChange } }) => (
            <NumberBox label="Days until it is here" unit="" value={value} min={0} max={1000} empty onValue={onChange} />
          )}
        />
        <Controller
          control={control}
          name="state"
          render={({ field: { value, onChange } }) => (
            <SelectBox
              aria-label="Is it still made?"
              style={{ width: 220 }}
              value={value}
              options={tradeStates.map((state) => [state, tradeStateWords[state]] as const)}
              onWord={onChange}
            />
          )}
        />
        {watch('state') === 'replaced' && (
          <TextBox aria-label="Replaced by" placeholder="by which" style={{ width: 200 }} {...register('replacedBy', trimmed)} />
        )}
      </div>
      <div>
        <Button type="submit" disabled={!ready}>
          Keep how it is bought
        </Button>
      </div>
      <FormFault errors={errors} />
    </form>
  );
}
