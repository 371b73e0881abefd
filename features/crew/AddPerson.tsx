'use client';

import Button from '@mui/material/Button';
import { Controller } from 'react-hook-form';
import { addPersonSchema } from '@/core/crew/crew-fields';
import { roles, roleWords } from '@/core/crew/rights';
import { FormFault } from '@/ui/forms/FormFault';
import { SelectBox } from '@/ui/forms/SelectBox';
import { TextBox } from '@/ui/forms/TextBox';
import { trimmed } from '@/ui/forms/trimmed';
import { useSentForm } from '@/ui/forms/use-sent-form';

/** A deed on the crew: was it done? */
export type Deed = (method: string, path: string, body: unknown, name: string) => Promise<boolean>;

const nobody = { name: '', username: '', role: 'electrician' } as const;

/** One more person, named as records show them. */
export function AddPerson({ deed }: { deed: Deed }) {
  const { register, control, watch, errors, ready, onSubmit } = useSentForm(addPersonSchema, nobody, async (person, startAgain) => {
    if (await deed('POST', '/api/v1/people', person, person.name)) startAgain({ ...nobody, role: person.role });
    return undefined;
  });
  const role = watch('role');
  return (
    <form className="sheet stack" style={{ padding: 14 }} aria-label="Name a person" onSubmit={onSubmit}>
      <div className="row-flex" style={{ alignItems: 'flex-end' }}>
        <label className="stack" style={{ gap: 4 }}>
          <span>Name, as records show it</span>
          <TextBox style={{ fontFamily: 'var(--sans)' }} {...register('name', trimmed)} />
        </label>
        <label className="stack" style={{ gap: 4 }}>
          <span>Sign-in name</span>
          <TextBox autoComplete="off" {...register('username', trimmed)} />
        </label>
        <label className="stack" style={{ gap: 4 }}>
          <span>Role</span>
          <Controller
            control={control}
            name="role"
            render={({ field: { value, onChange } }) => (
              <SelectBox style={{ width: 160 }} value={value} onWord={onChange} options={roles} />
            )}
          />
        </label>
        <Button type="submit" variant="contained" disabled={!ready}>
          Name a person
        </Button>
      </div>
      <p className="muted">
        {role}: {roleWords[role]}.
      </p>
      <FormFault errors={errors} />
    </form>
  );
}
