'use client';

import { certain } from '@/core/certain';
import Link from 'next/link';
import { useRouter } from 'next/navigation';
import { useRef, useState } from 'react';
import { formatQuantity } from '@/core/quantities/format-quantity';
import type { PartCurveView } from '@/services/part-curves';
import { textOfCurveFile } from '@/ui/forms/curve-file';
import { saveText } from '@/ui/forms/save-file';
import { api, type ApiAnswer } from '../../client/api';

/** The maker's curve kept with a part: brought in as CSV with its source, taken out, taken away. */
export function PartCurve({ partId, name, curve }: { partId: string; name: string; curve: PartCurveView | null }) {
  const router = useRouter();
  const [kept, setKept] = useState(curve);
  const [source, setSource] = useState('');
  const [fault, setFault] = useState<string>();
  const [busy, setBusy] = useState(false);
  const file = useRef<HTMLInputElement>(null);
  const path = `/api/v1/parts/${encodeURIComponent(partId)}/curve`;
  const settle = <T,>(answer: ApiAnswer<T>, take: (value: T) => void) => {
    setBusy(false);
    if (!answer.ok) return setFault(answer.faults.map(({ reason }) => reason).join(' '));
    setFault(undefined);
    take(answer.value);
    router.refresh();
  };
  const keep = async (picked: File | undefined) => {
    if (!picked) return;
    const read = await textOfCurveFile(picked);
    if (!read.ok) return setFault(read.fault);
    setBusy(true);
    settle(await api<PartCurveView>('PUT', path, { csv: read.text, source }), setKept);
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
            <Link
              className="quiet"
              style={{ display: 'inline-flex', alignItems: 'center', textDecoration: 'none' }}
              href={`/curves?part=${encodeURIComponent(partId)}`}
            >
              See it on the curves desk
            </Link>
            <button type="button" className="quiet" onClick={() => saveText(`${name}.csv`, kept.csv)}>
              As CSV
            </button>
            <button type="button" className="quiet" disabled={busy} onClick={() => void remove()}>
              Remove
            </button>
          </div>
        </>
      ) : (
        <p className="muted">
          None is stored: the limits of its standard are drawn. A file holds amps, seconds and edge (fast or slow), one point per line.
        </p>
      )}
      <label className="stack" style={{ gap: 4 }}>
        <span className="muted">Source of the points</span>
        <input
          className="text-in wide"
          value={source}
          maxLength={200}
          placeholder="sheet, page, date"
          onChange={(event) => setSource(event.target.value)}
        />
      </label>
      <div className="row-flex">
        <button type="button" className="quiet" disabled={busy || source.trim() === ''} onClick={() => file.current?.click()}>
          {kept ? 'Another curve, CSV' : 'Keep a curve, CSV'}
        </button>
        {source.trim() === '' && <small className="muted">Enter the source first: a curve without a source is not stored.</small>}
        <input
          ref={file}
          type="file"
          accept=".csv,text/csv,text/plain"
          className="visually-hidden"
          aria-label="Curve file of this part"
          tabIndex={-1}
          onChange={(event) => void keep(event.target.files?.[0]).then(() => (event.target.value = ''))}
        />
      </div>
      {fault && (
        <p className="say fails" role="alert">
          {fault}
        </p>
      )}
    </section>
  );
}
