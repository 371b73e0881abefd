'use client';

import { certain } from '@/core/certain';
import { Chart as ChartJs, Filler, Legend, LinearScale, LineElement, PointElement, Tooltip, type ChartDataset } from 'chart.js';
import { useMemo } from 'react';
import { Scatter } from 'react-chartjs-2';
import type { Trip } from '@/core/monitoring/run';
import { countOf, type Recording } from '@/core/monitoring/samples';
import relaysStyle from '@/ui/styles/relays.module.css';

ChartJs.register(LinearScale, PointElement, LineElement, Tooltip, Legend, Filler);
ChartJs.defaults.font.family = "'Archivo Variable', sans-serif";

const MAX_POINTS = 700;

/** Lowest and highest of each stretch of samples, so that a dip of one sample is still seen. */
function thinned(column: Float64Array, stepSeconds: number): { x: number; y: number }[] {
  const every = Math.max(1, Math.ceil(column.length / MAX_POINTS));
  const out: { x: number; y: number }[] = [];
  for (let i = 0; i < column.length; i += every) {
    let [low, high, lowAt, highAt] = [Infinity, -Infinity, i, i];
    for (let k = i; k < Math.min(column.length, i + every); k += 1) {
      if (certain(column[k]) < low) [low, lowAt] = [certain(column[k]), k];
      if (certain(column[k]) > high) [high, highAt] = [certain(column[k]), k];
    }
    const points = [
      { x: lowAt * stepSeconds, y: low },
      { x: highAt * stepSeconds, y: high },
    ].sort((a, b) => a.x - b.x);
    out.push(...(low === high ? points.slice(0, 1) : points));
  }
  return out;
}

/** Three volts over time, with the trips; a table with the same trips stands below it. */
export function SupplyChart({ recording, trips }: { recording: Recording; trips: readonly Trip[] }) {
  const { samples } = recording;
  const data = useMemo(() => {
    const style = getComputedStyle(document.documentElement);
    const of = (name: string, other: string) => style.getPropertyValue(name).trim() || other;
    const names = samples.between === 'line-to-line' ? ['L1-L2', 'L2-L3', 'L3-L1'] : ['L1-N', 'L2-N', 'L3-N'];
    const dashes = [[], [7, 3], [2, 3]];
    const inks = [of('--ink', '#20242b'), of('--note', '#1f5f8b'), of('--check', '#8a5a08')];
    const top = Math.max(...trips.map(() => 0), ...samples.volts.map((column) => column.reduce((a, b) => Math.max(a, b), 0)));
    const sets: ChartDataset<'scatter'>[] = samples.volts.map((column, i) => ({
      label: certain(names[i]),
      data: thinned(column, samples.stepSeconds),
      showLine: true,
      pointRadius: 0,
      borderWidth: 1.4,
      borderColor: inks[i],
      borderDash: dashes[i],
    }));
    sets.push({
      label: 'Output out',
      data: trips.flatMap(({ atSeconds, backSeconds }) => [
        { x: atSeconds, y: top * 1.06 },
        { x: backSeconds ?? countOf(samples) * samples.stepSeconds, y: top * 1.06 },
        { x: Number.NaN, y: Number.NaN },
      ]),
      showLine: true,
      pointRadius: 3,
      borderWidth: 5,
      borderColor: of('--copper', '#a3502a'),
      backgroundColor: of('--copper', '#a3502a'),
    });
    return { sets, muted: of('--muted', '#66615a'), line: of('--line', '#ddd6c6') };
  }, [samples, trips]);
  const axis = (text: string) => ({
    title: { display: true, text, color: data.muted },
    ticks: { color: data.muted },
    grid: { color: data.line },
  });
  return (
    <div
      className={relaysStyle.supplyChart}
      role="img"
      aria-label={`Three volts over ${Math.round(countOf(samples) * samples.stepSeconds)} s with ${trips.length} trips; the table below gives each`}
    >
      <Scatter
        data={{ datasets: data.sets }}
        options={{
          animation: false,
          maintainAspectRatio: false,
          scales: { x: axis('s'), y: { ...axis('V'), beginAtZero: false } },
          plugins: { legend: { labels: { color: data.muted, boxWidth: 24, boxHeight: 1 } } },
        }}
      />
    </div>
  );
}
