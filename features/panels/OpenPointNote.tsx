'use client';

import { ended } from '@/core/language/sentence';
import Button from '@mui/material/Button';
import { foundSchema } from '@/core/swap/settle-point';
import { FormFault } from '@/ui/forms/FormFault';
import { TextBox } from '@/ui/forms/TextBox';
import { trimmed } from '@/ui/forms/trimmed';
import { useSentForm } from '@/ui/forms/use-sent-form';
import { Notice } from '@/ui/shell/Notice';

export type Point = { recordId: string; lineId: string; term: string; by: string; reason: string; settles: string };
/** Keeps what settled a point; resolves to why it was refused, or to nothing. */
export type Settle = (positionId: string, point: { recordId: string; lineId: string; found: string }) => Promise<string | undefined>;

/** A line that was signed as not known, with what settles it; it stands at the position until somebody says what was found. */
export function OpenPointNote({ point, positionId, onSettle }: { point: Point; positionId: string; onSettle: Settle }) {
  const { register, errors, ready, onSubmit } = useSentForm(foundSchema, { found: '' }, ({ found }) =>
    onSettle(positionId, { recordId: point.recordId, lineId: point.lineId, found }),
  );
  return (
    <Notice kind="not-known">
      <form className="stack" style={{ gap: 6 }} onSubmit={onSubmit}>
        <p>
          <b>
            {point.term} {point.lineId.startsWith('test-') ? 'is still to be tested.' : 'was signed as not known.'}
          </b>{' '}
          {point.by}: {ended(point.reason)} {point.settles ? `To be settled by: ${ended(point.settles)}` : ''}
        </p>
        <TextBox wide aria-label={`What was found, ${point.term}`} placeholder="what was found" {...register('found', trimmed)} />
        <div className="row-flex">
          <Button type="submit" disabled={!ready}>
            Settled
          </Button>
        </div>
        <FormFault errors={errors} />
      </form>
    </Notice>
  );
}
