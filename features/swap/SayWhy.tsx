'use client';

import Button from '@mui/material/Button';
import { reasonSchema } from '@/core/swap/said';
import { FormFault } from '@/ui/forms/FormFault';
import { TextBox } from '@/ui/forms/TextBox';
import { trimmed } from '@/ui/forms/trimmed';
import { useSentForm } from '@/ui/forms/use-sent-form';

/** What stands in the way of a signature, named with its reason under the own name; Enter is enough. */
export function SayWhy({
  asks,
  hint,
  words,
  may,
  onSay,
}: {
  asks: string;
  hint: string;
  words: string;
  /** Is there somebody under whose name it would stand? */
  may: boolean;
  onSay: (reason: string) => void;
}) {
  const { register, ready, errors, onSubmit } = useSentForm(reasonSchema, { reason: '' }, ({ reason }) => {
    if (may) onSay(reason);
    return Promise.resolve(undefined);
  });
  return (
    <form className="row-flex no-print" onSubmit={onSubmit}>
      <label className="stack" style={{ gap: 4, flex: 1, minWidth: 220 }}>
        <span>{asks}</span>
        <TextBox wide placeholder={hint} {...register('reason', trimmed)} />
      </label>
      <Button type="submit" disabled={!may || !ready}>
        {words}
      </Button>
      <FormFault errors={errors} />
    </form>
  );
}
