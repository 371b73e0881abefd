'use client';

import Button from '@mui/material/Button';
import { useRouter } from 'next/navigation';
import { Controller } from 'react-hook-form';
import { api, faultWords } from '@/client/api';
import { mayDo } from '@/core/crew/rights';
import { formatInstant } from '@/core/language/format-instant';
import { currencies, tradeSchema, tradeStates, tradeStateWords, tradeWords, type Trade } from '@/core/stores/trade';
import { FormFault } from '@/ui/forms/FormFault';
import { NumberBox } from '@/ui/forms/NumberBox';
import { SelectBox } from '@/ui/forms/SelectBox';
import { TextBox } from '@/ui/forms/TextBox';
import { trimmed } from '@/ui/forms/trimmed';
import { useSentForm } from '@/ui/forms/use-sent-form';
import { usePerson } from '@/ui/shell/person';

export type SaidTrade = { trade: Trade; saidBy: string; saidAt: string };
const nothing: Trade = {
  ...{ supplier: '', price: null, currency: null, leadDays: null, state: 'current', replacedBy: '', otherNumbers: '' },
};

function TradeForm({ partId, start }: { partId: string; start: Trade }) {
  const router = useRouter();
  const { register, control, watch, errors, ready, onSubmit } = useSentForm<Trade>(tradeSchema, start, async (trade) => {
    const answer = await api('PUT', `/api/v1/parts/${encodeURIComponent(partId)}/trade`, trade);
    if (answer.ok) router.refresh();
    return faultWords(answer);
  });
  const figure = (name: 'price' | 'leadDays', label: string, max: number) => (
    <Controller
      control={control}
      name={name}
      render={({ field: { value, onChange } }) => (
        <NumberBox label={label} unit="" value={value} min={0} max={max} empty onValue={onChange} />
      )}
    />
  );
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
        {figure('price', 'Price of one', 1e7)}
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
        {figure('leadDays', 'Days until it is here', 1000)}
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

/** From whom a part is bought, for how much, how soon it is here, and whether it is still made; with who said so and when. */
export function PartTrade({ partId, kept }: { partId: string; kept: SaidTrade | undefined }) {
  const person = usePerson();
  const words = kept && [kept.trade.supplier, tradeWords(kept.trade)].filter(Boolean).join(': ');
  return (
    <section className="sheet stack" style={{ padding: 14 }} aria-label="Buying">
      <div>
        <h2 style={{ margin: 0 }}>Buying</h2>
        <p className="muted">
          {kept
            ? `${words || 'Made and sold.'} Said by ${kept.saidBy}, ${formatInstant(kept.saidAt, 'UTC')}.`
            : 'Nobody said how it is bought.'}
        </p>
      </div>
      {person && mayDo(person.role, 'keep-stock') && <TradeForm key={kept?.saidAt ?? ''} partId={partId} start={kept?.trade ?? nothing} />}
    </section>
  );
}
