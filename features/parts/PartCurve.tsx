'use client';

import { LinkButton } from '@/ui/shell/LinkButton';
import { FilePick } from '@/ui/forms/FilePick';
import Button from '@mui/material/Button';
import { TextBox } from '@/ui/forms/TextBox';
import { FaultNotice } from '@/ui/shell/Notice';
import { certain } from '@/core/certain';
import { yupResolver } from '@hookform/resolvers/yup';
import { useRouter } from 'next/navigation';
import { useForm } from 'react-hook-form';
import { partCurveSchema } from '@/core/curves/part-curve-schema';
import { useState } from 'react';
import { formatQuantity } from '@/core/quantities/format-quantity';
import type { PartCurveView } from '@/services/part-curves';
import { textOfCurveFile } from '@/ui/forms/curve-file';
import { saveText } from '@/ui/forms/save-file';
import { api, type ApiAnswer, faultWords } from '../../client/api';

const sourceSchema = partCurveSchema.pick(['source']);

/** The maker's curve kept with a part: brought in as CSV with its source, taken out, taken away. */
export function PartCurve({ partId, name, curve }: { partId: string; name: string; curve: PartCurveView | null }) {
  const router = useRouter();
  const [kept, setKept] = useState(curve);
  const { register, watch, formState } = useForm({ resolver: yupResolver(sourceSchema), mode: 'onChange', defaultValues: { source: '' } });
  const [fault, setFault] = useState<string>();
  const [busy, setBusy] = useState(false);
  const path = `/api/v1/parts/${encodeURIComponent(partId)}/curve`;
  const settle = <T,>(answer: ApiAnswer<T>, take: (value: T) => void) => {
    setBusy(false);
    if (!answer.ok) return setFault(faultWords(answer));
    setFault(undefined);
    take(answer.value);
    router.refresh();
  };
  const keep = async (picked: File) => {
    const read = await textOfCurveFile(picked);
    if (!read.ok) return setFault(read.fault);
    setBusy(true);
    settle(await api<PartCurveView>('PUT', path, { csv: read.text, source: watch('source') }), setKept);
  };
  const remove = async () => {
    setBusy(true);
    settle(await api('DELETE', path), () => setKept(null));
  };
  const edges = kept && [
    ...(kept.holdsAmps === null ? [] : [`holds to ${formatQuantity(kept.holdsAmps, 'A')} for 0.1 s`]),
    ...(kept.tripsAmps === null ? [] : [`opens within 0.1 s from ${formatQuantity(kept.tripsAmps, 'A')}`]),
  ];
  return (
    <section className="sheet stack" style={{ padding: 16 }} aria-label="The maker’s curve">
      <b>The maker’s curve</b>
      {kept ? (
        <>
          <p>
            {kept.points} points from {kept.source}, kept {kept.savedOn}
            {certain(edges).length > 0 ? `: ${certain(edges).join(', ')}` : ''}. It takes precedence over the limits of the standard.
          </p>
          <div className="row-flex">
            <LinkButton href={`/curves?part=${encodeURIComponent(partId)}`}>See it on the curves desk</LinkButton>
            <Button onClick={() => saveText(`${name}.csv`, kept.csv)}>As CSV</Button>
            <Button disabled={busy} onClick={() => void remove()}>
              Remove
            </Button>
          </div>
        </>
      ) : (
        <p className="muted">
          None is stored: the limits of its standard are drawn. A file holds amps, seconds and edge (fast or slow), one point per line.
        </p>
      )}
      <label className="stack" style={{ gap: 4 }}>
        <span className="muted">Source of the points</span>
        <TextBox wide maxLength={200} placeholder="sheet, page, date" {...register('source')} />
      </label>
      <div className="row-flex">
        <FilePick
          accept=".csv,text/csv,text/plain"
          aria-label="Curve file of this part"
          disabled={busy || !formState.isValid}
          onFile={(file) => void keep(file)}
        >
          {kept ? 'Another curve, CSV' : 'Keep a curve, CSV'}
        </FilePick>
        {!formState.isValid && <small className="muted">Enter the source first: a curve without a source is not stored.</small>}
      </div>
      <FaultNotice words={fault} />
    </section>
  );
}
