'use client';

import Button from '@mui/material/Button';
import { useState } from 'react';
import { useMeter } from '@/client/use-meter';
import { meterQuantities, quantityWords, type MeterReading } from '@/core/meter/register-map';
import type { Recording } from '@/core/monitoring/samples';
import { formatQuantity } from '@/core/quantities/format-quantity';
import { TextBox } from '@/ui/forms/TextBox';
import { FaultNotice } from '@/ui/shell/Notice';
import { RegisterMapTable } from './RegisterMapTable';
import { useMeterReadings } from './use-meter-readings';
import relaysStyle from '@/ui/styles/relays.module.css';

const readingText = (reading: MeterReading): string =>
  meterQuantities
    .flatMap((name) => {
      const figure = reading[name];
      return figure === undefined ? [] : [`${quantityWords[name][0]} ${formatQuantity(figure, quantityWords[name][1])}`];
    })
    .join(' · ');

/** A panel meter over Modbus TCP: read once, or recorded for the relay; with a register map of one's own. */
export function MeterPanel({ address, onRecording }: { address: string; onRecording?: (recording: Recording, name: string) => void }) {
  const [meter, keep] = useMeter(address);
  const [mapping, setMapping] = useState(false);
  const { reading, fault, busy, recording, count, once, record, finish } = useMeterReadings(meter, onRecording);
  return (
    <details className="meter-panel">
      <summary>Panel meter (Modbus TCP)</summary>
      <div className={relaysStyle.labBoxes}>
        <label className={relaysStyle.span2}>
          Address and port
          <TextBox value={meter.at} disabled={recording} onChange={(event) => keep({ at: event.target.value })} />
        </label>
        <label>
          Unit
          <TextBox
            inputMode="numeric"
            value={meter.unitId}
            disabled={recording}
            onChange={(event) => keep({ unitId: Math.min(255, Number(event.target.value.replace(/\D/g, '')) || 0) })}
          />
        </label>
        <Button disabled={busy || recording} onClick={() => void once()}>
          {busy ? 'Reading' : 'Read once'}
        </Button>
        {onRecording && <Button onClick={recording ? finish : record}>{recording ? `Stop after ${count} readings` : 'Record'}</Button>}
        <Button aria-expanded={mapping} onClick={() => setMapping(!mapping)}>
          Registers
        </Button>
      </div>
      <FaultNotice words={fault} />
      {reading && (
        <p className="figure" role="status">
          {readingText(reading)}
        </p>
      )}
      {mapping && <RegisterMapTable map={meter.map} onMap={(map) => keep({ map })} />}
    </details>
  );
}
