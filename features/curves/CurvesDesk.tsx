'use client';

import Button from '@mui/material/Button';
import type { Chart as ChartJs } from 'chart.js';
import dynamic from 'next/dynamic';
import { useMemo, useRef, useState } from 'react';
import { branchOf, type BranchInputs } from '@/core/curves/branch-inputs';
import { writeCurveCsv } from '@/core/curves/csv';
import { modelOf, type DeviceChoice } from '@/core/curves/curve-device';
import { judgeBranch } from '@/core/curves/judge-branch';
import { saveFile, saveText } from '@/ui/forms/save-file';
import { useSay } from '@/ui/language/practice';
import { VerdictMark, verdictWords } from '@/ui/marks/VerdictMark';
import { BranchForm } from './BranchForm';
import { CurveTable, curveTableCsv } from './CurveTable';
import { DeviceList } from './DeviceList';
import curvesStyle from '@/ui/styles/curves.module.css';

/** The chart library comes with this desk alone. */
const CurveChart = dynamic(() => import('./CurveChart').then((module) => module.CurveChart), {
  ssr: false,
  loading: () => <div className={curvesStyle.curveChart} />,
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
  return (
    <div className={curvesStyle.curves}>
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
        <ul className={curvesStyle.curveLines} aria-label="Results" aria-live="polite">
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
          <Button onClick={() => saveText('curves.csv', curveTableCsv(branch.devices, rows))}>Table as CSV</Button>
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
        {table && <CurveTable devices={branch.devices} amps={rows} />}
      </div>
      <aside className="stack no-print">
        <BranchForm inputs={inputs} onInputs={onInputs} />
        <DeviceList devices={devices} nema={nema} chosen={chosen} onChoose={setPicked} onChange={onDevices} />
      </aside>
    </div>
  );
}
