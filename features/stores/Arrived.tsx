'use client';

import Button from '@mui/material/Button';
import { Controller } from 'react-hook-form';
import type { InferType } from 'yup';
import { faultWords } from '@/client/api';
import { useOnceKey } from '@/client/use-once-key';
import { arrivedFormSchema, stillExpected, type OrderLine } from '@/core/orders/order';
import { MOST_PIECES } from '@/core/stores/ledger';
import { FormFault } from '@/ui/forms/FormFault';
import { NumberBox } from '@/ui/forms/NumberBox';
import { TextBox } from '@/ui/forms/TextBox';
import { trimmed } from '@/ui/forms/trimmed';
import { useSentForm } from '@/ui/forms/use-sent-form';
import { useOrderDeed } from './use-orders';

type Fields = InferType<typeof arrivedFormSchema>;

/** What has come of a line, and where it is put: into the ledger once, however often it is sent. */
export function Arrived({ orderId, line, onDone }: { orderId: string; line: OrderLine; onDone: () => void }) {
  const once = useOnceKey();
  const send = useOrderDeed();
  const start: Fields = { quantity: Math.max(1, line.sent > line.received ? line.sent - line.received : stillExpected(line)), place: '' };
  const { register, control, errors, ready, onSubmit } = useSentForm<Fields>(arrivedFormSchema, start, async (fields) => {
    const answer = await once((key) => send(orderId, 'arrived', { ...fields, line: line.line, key }));
    if (answer.ok) onDone();
    return faultWords(answer);
  });
  return (
    <form className="row-flex" style={{ alignItems: 'end' }} aria-label={`Arrived of ${line.name}`} onSubmit={onSubmit}>
      <Controller
        control={control}
        name="quantity"
        render={({ field: { value, onChange } }) => (
          <NumberBox label="Pieces" unit="" value={value} min={1} max={MOST_PIECES} onValue={onChange} />
        )}
      />
      <label style={{ display: 'grid' }}>
        <span>Put where</span>
        <TextBox style={{ width: 200 }} placeholder="crib, bin, van" {...register('place', trimmed)} />
      </label>
      <Button type="submit" variant="contained" disabled={!ready}>
        Take into stock
      </Button>
      <Button onClick={onDone}>Not now</Button>
      <FormFault errors={errors} />
    </form>
  );
}
