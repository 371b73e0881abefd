'use client';

import Button from '@mui/material/Button';
import { useState } from 'react';
import { readCurveCsv } from '@/core/curves/csv';
import type { DeviceChoice } from '@/core/curves/curve-device';
import { textOfCurveFile } from '@/ui/forms/curve-file';
import { FilePick } from '@/ui/forms/FilePick';
import { FaultNotice } from '@/ui/shell/Notice';
import { DeviceCard } from './DeviceCard';

/** The devices on the chart: kind, rating, settings; a curve of one's own from a file. */
export function DeviceList({
  devices,
  nema,
  chosen,
  onChoose,
  onChange,
}: {
  devices: readonly DeviceChoice[];
  nema: boolean;
  chosen?: string;
  onChoose: (id: string) => void;
  onChange: (devices: DeviceChoice[]) => void;
}) {
  const [fault, setFault] = useState<string>();
  const add = () => {
    const id = `device-${Date.now()}`;
    onChange([
      ...devices,
      { id, label: 'Miniature breaker C 20 A', kind: 'breaker-c', ratedAmps: 20, settings: {}, interruptingAmps: null, hot: false },
    ]);
    onChoose(id);
  };
  const readFile = async (picked: File | undefined) => {
    if (!picked) return;
    setFault(undefined);
    const given = await textOfCurveFile(picked);
    if (!given.ok) return setFault(given.fault);
    const read = readCurveCsv(given.text);
    if (!read.ok) return setFault(`${picked.name}: ${read.fault}`);
    const id = `file-${Date.now()}`;
    onChange([
      ...devices,
      {
        id,
        label: picked.name.replace(/\.[^.]+$/, '').slice(0, 40),
        kind: 'file',
        ratedAmps: 1,
        settings: {},
        interruptingAmps: null,
        hot: false,
        band: read.band,
      },
    ]);
    onChoose(id);
  };
  return (
    <section className="stack" aria-label="Devices on the chart">
      {devices.map((choice) => (
        <DeviceCard
          key={choice.id}
          choice={choice}
          nema={nema}
          chosen={choice.id === chosen}
          onChoose={() => onChoose(choice.id)}
          onPatch={(change) => onChange(devices.map((one) => (one.id === choice.id ? { ...one, ...change } : one)))}
          onRemove={() => onChange(devices.filter((one) => one.id !== choice.id))}
        />
      ))}
      <div className="row-flex">
        <Button onClick={add}>Add a device</Button>
        <FilePick accept=".csv,text/csv,text/plain" aria-label="Curve file" onFile={(file) => void readFile(file)}>
          Own curve, CSV
        </FilePick>
      </div>
      <FaultNotice words={fault} />
    </section>
  );
}
