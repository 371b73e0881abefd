'use client';

import { SelectBox } from '@/ui/forms/SelectBox';
import { TextBox } from '@/ui/forms/TextBox';
import Button from '@mui/material/Button';
import { Notice } from '@/ui/shell/Notice';
import Table from '@mui/material/Table';
import TableHead from '@mui/material/TableHead';
import TableRow from '@mui/material/TableRow';
import TableCell from '@mui/material/TableCell';
import TableBody from '@mui/material/TableBody';
import { TickBox } from '@/ui/forms/TickBox';
import { certain } from '@/core/certain';
import { useEffect, useRef, useState } from 'react';
import { meterQuantities, quantityWords, registerForms, type MeterReading, type RegisterMap } from '@/core/meter/register-map';
import { emptySamples, type Recording } from '@/core/monitoring/samples';
import { formatQuantity } from '@/core/quantities/format-quantity';
import { readMeterOnce } from '../../client/read-meter';
import { useMeter } from '../../client/use-meter';

const EVERY_MS = 500;
const MAX_READINGS = 7200;

type Taken = { at: number; reading: MeterReading };

/** Readings as a recording at equal steps: each step has the newest reading there was. */
function recordingOf(taken: readonly Taken[], toNeutral: boolean): Recording {
  const step = EVERY_MS / 1000;
  const began = certain(taken[0]).at;
  const count = Math.max(2, Math.floor((certain(taken.at(-1)).at - began) / EVERY_MS) + 1);
  const samples = emptySamples(count, step, toNeutral ? 'line-to-neutral' : 'line-to-line');
  const names = toNeutral ? (['u1', 'u2', 'u3'] as const) : (['u12', 'u23', 'u31'] as const);
  let k = 0;
  for (let i = 0; i < count; i += 1) {
    while (k + 1 < taken.length && certain(taken[k + 1]).at <= began + i * EVERY_MS) k += 1;
    const { reading } = certain(taken[k]);
    names.forEach((name, phase) => (certain(samples.volts[phase])[i] = reading[name] ?? 0));
    samples.hertz[i] = reading.hertz ?? Number.NaN;
  }
  return { samples, events: [] };
}

/** A panel meter over Modbus TCP: read once, or recorded for the relay; with a register map of one's own. */
export function MeterPanel({ address, onRecording }: { address: string; onRecording?: (recording: Recording, name: string) => void }) {
  const [{ at, unitId, map }, keep] = useMeter(address);
  const setMap = (next: RegisterMap) => keep({ map: next });
  const [mapping, setMapping] = useState(false);
  const [reading, setReading] = useState<MeterReading>();
  const [fault, setFault] = useState<string>();
  const [busy, setBusy] = useState(false);
  const [taken, setTaken] = useState<Taken[]>();
  const recording = taken !== undefined;
  const asking = useRef(false);
  const once = async () => {
    setBusy(true);
    const answer = await readMeterOnce(at, unitId, map);
    setBusy(false);
    setFault(answer.ok ? undefined : answer.fault);
    if (answer.ok) setReading(answer.reading);
    return answer;
  };
  useEffect(() => {
    if (!recording) return;
    const timer = setInterval(async () => {
      // A slow meter is not asked twice at once.
      if (asking.current) return;
      asking.current = true;
      const answer = await readMeterOnce(at, unitId, map).finally(() => (asking.current = false));
      setFault(answer.ok ? undefined : `${answer.fault} It is asked again.`);
      if (!answer.ok) return;
      setReading(answer.reading);
      setTaken((before) => before && [...before, { at: performance.now(), reading: answer.reading }].slice(-MAX_READINGS));
    }, EVERY_MS);
    return () => clearInterval(timer);
  }, [recording, at, unitId, map]);
  const finish = () => {
    if (taken && taken.length > 1) onRecording?.(recordingOf(taken, reading?.u12 === undefined), `panel meter, ${taken.length} readings`);
    setTaken(undefined);
  };
  return (
    <details className="meter-panel">
      <summary>Panel meter (Modbus TCP)</summary>
      <div className="lab-boxes">
        <label className="span2">
          Address and port
          <TextBox value={at} disabled={recording} onChange={(event) => keep({ at: event.target.value })} />
        </label>
        <label>
          Unit
          <TextBox
            inputMode="numeric"
            value={unitId}
            disabled={recording}
            onChange={(event) => keep({ unitId: Math.min(255, Number(event.target.value.replace(/\D/g, '')) || 0) })}
          />
        </label>
        <Button disabled={busy || recording} onClick={() => void once()}>
          {busy ? 'Reading' : 'Read once'}
        </Button>
        {onRecording && (
          <Button onClick={() => (recording ? finish() : setTaken([]))}>
            {recording ? `Stop after ${taken.length} readings` : 'Record'}
          </Button>
        )}
        <Button aria-expanded={mapping} onClick={() => setMapping(!mapping)}>
          Registers
        </Button>
      </div>
      {fault && (
        <Notice kind="fails" role="alert">
          {fault}
        </Notice>
      )}
      {reading && (
        <p className="figure" role="status">
          {meterQuantities
            .filter((name) => reading[name] !== undefined)
            .map((name) => `${quantityWords[name][0]} ${formatQuantity(certain(reading[name]), quantityWords[name][1])}`)
            .join(' · ')}
        </p>
      )}
      {mapping && (
        <div style={{ overflowX: 'auto' }}>
          <Table>
            <caption className="over">Register map, addresses from 0</caption>
            <TableHead>
              <TableRow>
                {['Quantity', 'Table', 'Address', 'Form', 'Factor', 'Low word first'].map((name) => (
                  <TableCell key={name} scope="col">
                    {name}
                  </TableCell>
                ))}
              </TableRow>
            </TableHead>
            <TableBody>
              {meterQuantities.map((name) => {
                const entry = map[name];
                const label = `${quantityWords[name][0]} ${quantityWords[name][1]}`;
                const put = (part: Partial<NonNullable<typeof entry>>) =>
                  setMap({ ...map, [name]: { ...(entry ?? { table: 'input', address: 0, form: 'float32', factor: 1 }), ...part } });
                const drop = () => setMap(Object.fromEntries(Object.entries(map).filter(([one]) => one !== name)));
                return (
                  <TableRow key={name}>
                    <TableCell component="th" scope="row">
                      <label className="row-flex">
                        <TickBox checked={entry !== undefined} onTick={(ticked) => (ticked ? put({}) : drop())} /> {label}
                      </label>
                    </TableCell>
                    {entry && (
                      <>
                        <TableCell>
                          <SelectBox
                            aria-label={`${label}, table`}
                            value={entry.table}
                            options={['input', 'holding']}
                            onWord={(table) => put({ table })}
                          />
                        </TableCell>
                        <TableCell>
                          <TextBox
                            style={{ width: 84 }}
                            aria-label={`${label}, address`}
                            inputMode="numeric"
                            value={entry.address}
                            onChange={(event) => put({ address: Number(event.target.value.replace(/\D/g, '')) || 0 })}
                          />
                        </TableCell>
                        <TableCell>
                          <SelectBox
                            aria-label={`${label}, form`}
                            value={entry.form}
                            options={registerForms}
                            onWord={(form) => put({ form })}
                          />
                        </TableCell>
                        <TableCell>
                          <TextBox
                            style={{ width: 84 }}
                            aria-label={`${label}, factor`}
                            defaultValue={entry.factor}
                            onBlur={(event) => put({ factor: Number(event.target.value.replace(',', '.')) || 1 })}
                          />
                        </TableCell>
                        <TableCell>
                          <TickBox
                            aria-label={`${label}, low word first`}
                            checked={entry.lowWordFirst ?? false}
                            onTick={(ticked) => put({ lowWordFirst: ticked })}
                          />
                        </TableCell>
                      </>
                    )}
                  </TableRow>
                );
              })}
            </TableBody>
          </Table>
        </div>
      )}
    </details>
  );
}
