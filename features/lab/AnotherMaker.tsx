'use client';

import Button from '@mui/material/Button';
import { makerSchema } from '@/core/case/position-codes';
import { FormFault } from '@/ui/forms/FormFault';
import { TextBox } from '@/ui/forms/TextBox';
import { trimmed } from '@/ui/forms/trimmed';
import { useSentForm } from '@/ui/forms/use-sent-form';

/** Names a maker whose letters are entered. */
export function AnotherMaker({ onMaker }: { onMaker: (maker: string) => void }) {
  const { register, errors, ready, onSubmit } = useSentForm(makerSchema, { maker: '' }, ({ maker }, startAgain) => {
    onMaker(maker);
    startAgain({ maker: '' });
    return Promise.resolve(undefined);
  });
  return (
    <form className="row-flex" onSubmit={onSubmit}>
      <label className="row-flex">
        <span className="muted">Another maker</span>
        <TextBox {...register('maker', trimmed)} />
      </label>
      <Button type="submit" disabled={!ready}>
        Add
      </Button>
      <FormFault errors={errors} />
    </form>
  );
}
