'use client';

import { keysOf } from '@/core/certain';
import { SelectBox } from '@/ui/forms/SelectBox';
import Button from '@mui/material/Button';
import Table from '@mui/material/Table';
import TableHead from '@mui/material/TableHead';
import TableRow from '@mui/material/TableRow';
import TableCell from '@mui/material/TableCell';
import TableBody from '@mui/material/TableBody';
import { TickBox } from '@/ui/forms/TickBox';
import type { Chart as ChartJs } from 'chart.js';
import dynamic from 'next/dynamic';
import { useMemo, useRef, useState } from 'react';
import type { DeviceChoice } from '@/core/curves/curve-device';
import { modelOf } from '@/core/curves/curve-device';
import { bandSeconds } from '@/core/curves/band';
import { branchOf, type BranchInputs } from '@/core/curves/branch-inputs';
import { writeCurveCsv } from '@/core/curves/csv';
import { heldWords, judgeBranch, openWords } from '@/core/curves/judge-branch';
import { formatQuantity } from '@/core/quantities/format-quantity';
import type { Unit } from '@/core/quantities/units';
import { adiabaticK, conductorSizes } from '@/core/standards/conductors';
import { VerdictMark, verdictWords } from '../../ui/marks/VerdictMark';
import { DeviceList } from './DeviceList';
import { NumberBox } from '../../ui/forms/NumberBox';
import { saveFile, saveText } from '../../ui/forms/save-file';
import { useSay } from '../../ui/language/practice';

const figures: [keyof BranchInputs, string, Unit, number, number][] = [
  ['runningAmps', 'Running current', 'A', 0.01, 6300],
  ['startAmps', 'Starting current, rms', 'A', 0.01, 100000],
  ['startSeconds', 'Starting time', 's', 0.01, 120],
  ['stallSeconds', 'Safe stall time, hot', 's', 0.1, 120],
  ['cableAmps', 'Cable Iz', 'A', 0.1, 6300],
  ['highestFaultAmps', 'Maximum fault current', 'A', 1, 200000],
  ['lowestFaultAmps', 'Minimum fault current', 'A', 1, 200000],
  ['clearWithinSeconds', 'Clear within', 's', 0.01, 10],
];

/** The chart library comes with this desk alone. */
const CurveChart = dynamic(() => import('./CurveChart').then((module) => module.CurveChart), {
  ssr: false,
  loading: () => <div className="curve-chart" />,
});

/** The curves desk: one log-log chart, and what it says of the branch; every figure and setting restates every judgement. */
export function CurvesDesk({
  title,
  practice,
  inputs,
  devices,
  onInputs,
  onDevices,
}: {
  title: string;
  practice: 'IEC' | 'NFPA70';
  inputs: BranchInputs;
  devices: readonly DeviceChoice[];
  onInputs: (inputs: BranchInputs) => void;
  onDevices: (devices: DeviceChoice[]) => void;
}) {
  const say = useSay();
  const nema = practice === 'NFPA70';
  const [picked, setPicked] = useState<string>();
  const chosen = devices.some(({ id }) => id === picked) ? picked : devices[0]?.id;
  const [table, setTable] = useState(false);
  const chart = useRef<ChartJs<'scatter'> | null>(null);
  const before = useRef<{ name: string; value: number; min: number; max: number } | undefined>(undefined);
  const branch = useMemo(() => branchOf(inputs, devices, nema), [inputs, devices, nema]);
  const lines = useMemo(() => judgeBranch(branch), [branch]);
  const drag = (ratio: number, begins: boolean) => {
    const choice = devices.find(({ id }) => id === chosen);
    if (!choice) return;
    if (begins) before.current = modelOf(choice, nema)?.settings[0];
    const setting = before.current;
    if (!setting || begins) return;
    const value = Math.min(setting.max, Math.max(setting.min, setting.value * ratio));
    onDevices(
      devices.map((one) =>
        one.id === chosen ? { ...one, settings: { ...one.settings, [setting.name]: Number(value.toPrecision(4)) } } : one,
      ),
    );
  };
  const rows = [inputs.runningAmps, inputs.startAmps, inputs.lowestFaultAmps, inputs.highestFaultAmps].filter(
    (one): one is number => one !== null,
  );
  const tableText = () =>
    [
      ['device', 'amps', 'holdsUntilSeconds', 'openBySeconds'].join(','),
      ...branch.devices.flatMap(({ label, band }) =>
        rows.map((amps) => {
          const { holdsUntil, openBy } = bandSeconds(band, amps);
          return [`"${label.replaceAll('"', "'")}"`, amps, holdsUntil, openBy].join(',');
        }),
      ),
    ].join('\n');
  return (
    <div className="curves">
      <div className="stack">
        <div>
          <h1>{title}</h1>
          <p className="muted">
            Dashed edge: does not trip up to here. Solid edge: has tripped by here. Between the two it may or may not trip.
          </p>
        </div>
        <div className="sheet" style={{ padding: 10 }}>
          <CurveChart branch={branch} chosen={chosen} onDrag={drag} onReady={(one) => (chart.current = one)} />
        </div>
        <ul className="curve-lines" aria-label="Results" aria-live="polite">
          {lines.map((line) => (
            <li key={line.id} className="sheet">
              <VerdictMark verdict={line.verdict} />
              <div>
                <b>
                  {say(line.title)}: {verdictWords[line.verdict]}
                </b>
                <p className="muted">{say(line.because)}</p>
              </div>
            </li>
          ))}
        </ul>
        <div className="row-flex no-print">
          <Button aria-expanded={table} onClick={() => setTable(!table)}>
            {table ? 'Hide table' : 'Show as a table'}
          </Button>
          <Button onClick={() => saveText('curves.csv', tableText())}>Table as CSV</Button>
          <Button onClick={() => chart.current && saveFile('curves.png', chart.current.toBase64Image('image/png', 1))}>Picture</Button>
          <Button
            disabled={!chosen}
            onClick={() => {
              const device = branch.devices.find(({ id }) => id === chosen);
              if (device) saveText('curve.csv', writeCurveCsv(device.band));
            }}
          >
            Chosen curve as CSV
          </Button>
          <Button onClick={() => window.print()}>Print</Button>
        </div>
        {table && (
          <div className="sheet" style={{ overflowX: 'auto' }}>
            <Table>
              <TableHead>
                <TableRow>
                  <TableCell scope="col">Device</TableCell>
                  {rows.map((amps, i) => (
                    <TableCell key={i} scope="col">
                      at {formatQuantity(amps, 'A')}
                    </TableCell>
                  ))}
                </TableRow>
              </TableHead>
              <TableBody>
                {branch.devices.map((device) => (
                  <TableRow key={device.id}>
                    <TableCell component="th" scope="row">
                      {device.label}
                    </TableCell>
                    {rows.map((amps, i) => {
                      const { holdsUntil, openBy } = bandSeconds(device.band, amps);
                      return (
                        <TableCell key={i} className="figure">
                          {device.band.fast ? heldWords(holdsUntil) : 'holding not published'}, {openWords(openBy)}
                        </TableCell>
                      );
                    })}
                  </TableRow>
                ))}
              </TableBody>
            </Table>
          </div>
        )}
      </div>
      <aside className="stack no-print">
        <section className="sheet curve-device" aria-label="The branch">
          <b>The branch</b>
          <div className="curve-fields">
            {figures.map(([name, label, unit, min, max]) => (
              <NumberBox
                key={name}
                label={label}
                unit={unit}
                value={Number.isFinite(inputs[name]) ? Number(inputs[name]) : null}
                min={min}
                max={max}
                empty
                onValue={(value) => onInputs({ ...inputs, [name]: value })}
              />
            ))}
            <label>
              <span>Cable</span>
              <SelectBox<string>
                wide
                value={inputs.cableSize ?? ''}
                options={[['', 'not known'], ...conductorSizes]}
                onWord={(size) => onInputs({ ...inputs, cableSize: size || null })}
              />
            </label>
            <label>
              <span>Its kind</span>
              <SelectBox
                wide
                value={inputs.cableKind}
                options={keysOf(adiabaticK)}
                onWord={(cableKind) => onInputs({ ...inputs, cableKind })}
              />
            </label>
          </div>
          <label className="row-flex">
            <TickBox checked={inputs.leastFaultToEarth} onTick={(ticked) => onInputs({ ...inputs, leastFaultToEarth: ticked })} />
            <span>{say('The minimum fault is an earth fault')}</span>
          </label>
        </section>
        <DeviceList devices={devices} nema={nema} chosen={chosen} onChoose={setPicked} onChange={onDevices} />
      </aside>
    </div>
  );
}
