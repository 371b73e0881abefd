'use client';

import Button from '@mui/material/Button';
import { useMemo, useState } from 'react';
import type { Band } from '@/core/curves/band';
import { MAX_RECORD_CHARACTERS, readTimeRecord, summaryOf, type Excursion, type TimeRecord } from '@/core/fault-finding/time-record';
import { bandWords } from '@/core/overcurrent/overcurrent-faults';
import { formatQuantity as q } from '@/core/quantities/format-quantity';
import { BandPicture } from '@/ui/faults/BandPicture';
import { FilePick } from '@/ui/forms/FilePick';
import { ListTable, type ListColumn } from '@/ui/forms/ListTable';
import { NumberBox } from '@/ui/forms/NumberBox';
import { FaultNotice } from '@/ui/shell/Notice';

const MOST_SHOWN = 8;
const MOST_DRAWN = 20;

/** Length of time in the largest unit that says it. */
const lasted = (seconds: number): string =>
  seconds >= 5400 ? `${(seconds / 3600).toFixed(1)} h` : seconds >= 180 ? `${Math.round(seconds / 60)} min` : q(seconds, 's');

/** A logger's file or a list of events beside a search for the cause: how high, how long, how often; each against the device's own band. */
export function TimeRecordPlace({
  band,
  from,
  onObserved,
}: {
  band: Band | null;
  /** Amps from which a stretch counts, until another is typed: what the device or its load is rated for. */
  from: number | null;
  onObserved: (seen: { amps: number; seconds: number }) => void;
}) {
  const [brought, setBrought] = useState<{ name: string; record: TimeRecord }>();
  const [fault, setFault] = useState<string>();
  const [limit, setLimit] = useState(from ?? 1);
  const summary = useMemo(() => brought && summaryOf(brought.record, limit), [brought, limit]);
  const bring = async (file: File) => {
    const read = file.size > MAX_RECORD_CHARACTERS * 4 ? undefined : readTimeRecord(await file.text());
    if (!read?.ok) return setFault(read?.fault ?? `The file has ${Math.round(file.size / 1e6)} MB; cut it to the hours around the fault.`);
    setFault(undefined);
    setBrought({ name: file.name, record: read.record });
  };
  const worst = [...(summary?.excursions ?? [])].sort((a, b) => b.amps - a.amps);
  const columns: ListColumn<Excursion>[] = [
    { head: 'After', figure: true, of: ({ at }) => lasted(at) },
    { head: 'Highest', figure: true, of: ({ amps }) => q(amps, 'A') },
    { head: 'For', figure: true, of: ({ seconds }) => q(seconds, 's') },
    { head: 'Its own band there', of: ({ amps }) => (band ? bandWords(band, amps) : 'not known') },
    {
      head: '',
      of: (one) => (
        <Button
          disabled={one.seconds <= 0}
          aria-label={`Take ${q(one.amps, 'A')} for ${q(one.seconds, 's')} as observed`}
          onClick={() => onObserved(one)}
        >
          As observed
        </Button>
      ),
    },
  ];
  return (
    <section className="stack" style={{ gap: 8 }} aria-label="Record of time">
      <div className="row-flex">
        <FilePick accept=".csv,.txt,text/csv,text/plain" onFile={(file) => void bring(file)}>
          Bring a logger’s file
        </FilePick>
        <span className="muted">CSV: time, amps, volts; or a list of events with the length of each</span>
      </div>
      <FaultNotice words={fault} />
      {brought && summary && (
        <>
          <NumberBox
            label="What counts, from"
            unit="A"
            value={limit}
            min={0.001}
            max={200_000}
            onValue={(amps) => setLimit(amps ?? limit)}
          />
          <p role="status">
            {brought.name}: {lasted(summary.seconds)}
            {summary.highestAmps === null ? '' : `, highest ${q(summary.highestAmps, 'A')}`}
            {summary.lowestVolts === null ? '' : `, lowest ${q(summary.lowestVolts, 'V')}`}. {worst.length} time
            {worst.length === 1 ? '' : 's'} at {q(limit, 'A')} or above
            {summary.perDay === null ? '' : `, ${summary.perDay.toPrecision(2)} a day`}.
          </p>
          {band && worst.length > 0 && (
            <BandPicture band={band} marks={worst.slice(0, MOST_DRAWN).map((one, i) => ({ ...one, label: i === 0 ? 'recorded' : '' }))} />
          )}
          {worst.length > 0 && (
            <ListTable
              caption={worst.length > MOST_SHOWN ? `The ${MOST_SHOWN} highest` : 'Each stretch, the highest first'}
              columns={columns}
              rows={worst.slice(0, MOST_SHOWN)}
              keyOf={({ at }) => String(at)}
            />
          )}
        </>
      )}
    </section>
  );
}
