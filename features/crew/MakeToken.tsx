'use client';

import Button from '@mui/material/Button';
import { Controller } from 'react-hook-form';
import type { InferType } from 'yup';
import { tokenSchema } from '@/core/crew/crew-fields';
import { scopes, type Scope } from '@/core/crew/rights';
import { FormFault } from '@/ui/forms/FormFault';
import { Pill } from '@/ui/forms/Pill';
import { TextBox } from '@/ui/forms/TextBox';
import { trimmed } from '@/ui/forms/trimmed';
import { useSentForm } from '@/ui/forms/use-sent-form';

const scopeWords: Readonly<Record<Scope, string>> = {
  judge: 'judge cases, compute, read plates',
  read: 'look at everything',
  write: 'work on jobs; never sign, approve or administer',
  metrics: 'read the figures of the process',
};
type Wanted = InferType<typeof tokenSchema>;
const wantedAtFirst: Wanted = { name: '', days: 90, scopes: ['judge'] };

/** A token, named, for certain things alone, and for a time. */
export function MakeToken({ onMake }: { onMake: (wanted: Wanted) => Promise<boolean> }) {
  const { register, control, errors, ready, onSubmit } = useSentForm<Wanted>(tokenSchema, wantedAtFirst, async (wanted, startAgain) => {
    if (await onMake(wanted)) startAgain(wantedAtFirst);
    return undefined;
  });
  return (
    <form className="sheet stack" style={{ padding: 14 }} aria-label="Make a token" onSubmit={onSubmit}>
      <div className="row-flex" style={{ alignItems: 'flex-end' }}>
        <label className="stack" style={{ gap: 4 }}>
          <span>What it is for</span>
          <TextBox style={{ fontFamily: 'var(--sans)' }} {...register('name', trimmed)} />
        </label>
        <label className="stack" style={{ gap: 4 }}>
          <span>Days it lasts</span>
          <TextBox inputMode="numeric" maxLength={3} {...register('days', { setValueAs: Number })} />
        </label>
        <Button type="submit" variant="contained" disabled={!ready}>
          Make a token
        </Button>
      </div>
      <Controller
        control={control}
        name="scopes"
        render={({ field: { value, onChange } }) => (
          <div className="row-flex" role="group" aria-label="Scopes">
            {scopes.map((scope) => (
              <Pill
                key={scope}
                pressed={value.includes(scope)}
                onClick={() => onChange(value.includes(scope) ? value.filter((one) => one !== scope) : [...value, scope])}
              >
                {scope}: {scopeWords[scope]}
              </Pill>
            ))}
          </div>
        )}
      />
      <FormFault errors={errors} />
    </form>
  );
}
