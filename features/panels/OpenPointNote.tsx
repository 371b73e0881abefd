'use client';

import { yupResolver } from '@hookform/resolvers/yup';
import Button from '@mui/material/Button';
import { useForm } from 'react-hook-form';
import { foundSchema } from '@/core/swap/settle-point';
import { TextBox } from '@/ui/forms/TextBox';
import { Notice } from '@/ui/shell/Notice';

export type Point = { recordId: string; lineId: string; term: string; by: string; reason: string; settles: string };
/** Keeps what settled a point; resolves to why it was refused, or to nothing. */
export type Settle = (positionId: string, point: { recordId: string; lineId: string; found: string }) => Promise<string | undefined>;

/** A line that was signed as not known, with what settles it; it stands at the position until somebody says what was found. */
export function OpenPointNote({ point, positionId, onSettle }: { point: Point; positionId: string; onSettle: Settle }) {
  const { register, handleSubmit, setError, formState } = useForm({
    resolver: yupResolver(foundSchema),
    mode: 'onChange',
    defaultValues: { found: '' },
  });
  const keep = handleSubmit(async ({ found }) => {
    const fault = await onSettle(positionId, { recordId: point.recordId, lineId: point.lineId, found });
    if (fault) setError('root', { message: fault });
  });
  return (
    <Notice kind="not-known">
      <form className="stack" style={{ gap: 6 }} onSubmit={(event) => void keep(event)}>
        <p>
          <b>
            {point.term} {point.lineId.startsWith('test-') ? 'is still to be tested.' : 'was signed as not known.'}
          </b>{' '}
          {point.by}: {point.reason}. {point.settles ? `To be settled by: ${point.settles}.` : ''}
        </p>
        <TextBox wide aria-label={`What was found, ${point.term}`} placeholder="what was found" maxLength={500} {...register('found')} />
        <div className="row-flex">
          <Button type="submit" disabled={!formState.isValid || formState.isSubmitting}>
            Settled
          </Button>
        </div>
        {formState.errors.root && <p role="alert">{formState.errors.root.message}</p>}
      </form>
    </Notice>
  );
}
