'use client';

import Button from '@mui/material/Button';
import type { InferType } from 'yup';
import { logSchema } from '@/core/swap/said';
import { FormFault } from '@/ui/forms/FormFault';
import { TextBox } from '@/ui/forms/TextBox';
import { trimmed } from '@/ui/forms/trimmed';
import { useSentForm } from '@/ui/forms/use-sent-form';

export type LoggedEvent = InferType<typeof logSchema>;

/** What is noted, in words. */
export function LogForm({
  kind,
  words,
  hint,
  onKeep,
}: {
  kind: LoggedEvent['kind'];
  words: string;
  hint: string;
  onKeep: (event: LoggedEvent) => Promise<string | undefined>;
}) {
  const { register, errors, ready, onSubmit } = useSentForm(logSchema, { kind, text: '' }, onKeep);
  return (
    <form className="stack" style={{ gap: 6 }} onSubmit={onSubmit}>
      <TextBox wide aria-label={hint} placeholder={hint} {...register('text', trimmed)} />
      <Button type="submit" disabled={!ready}>
        Keep the {words.toLowerCase()}
      </Button>
      <FormFault errors={errors} />
    </form>
  );
}
