'use client';

import { certain } from '@/core/certain';
import {
  Chart as ChartJs,
  Filler,
  Legend,
  LinearScale,
  LineElement,
  LogarithmicScale,
  PointElement,
  Tooltip,
  type ChartDataset,
  type ChartOptions,
} from 'chart.js';
import { useEffect, useRef, useState, type PointerEvent } from 'react';
import { Scatter } from 'react-chartjs-2';
import type { CurvePoint } from '@/core/curves/band';
import type { Branch } from '@/core/curves/judge-branch';
import { adiabaticSeconds } from '@/core/standards/conductors';
import curvesStyle from '@/ui/styles/curves.module.css';

ChartJs.register(LinearScale, LogarithmicScale, PointElement, LineElement, Tooltip, Legend, Filler);

ChartJs.defaults.font.family = "'Archivo Variable', sans-serif";

const TOP = 10_000;
const BOTTOM = 0.01;
const NARROW_PIXELS = 520;
type Inks = { ink: string; muted: string; line: string; bands: string[]; start: string; cable: string; fault: string };

/** Colours of the theme, read from the page so that night is night. */
function inksOf(): Inks {
  const style = getComputedStyle(document.documentElement);
  const of = (name: string, other: string) => style.getPropertyValue(name).trim() || other;
  const night = document.documentElement.dataset.theme === 'dark';
  return {
    ink: of('--ink', '#20242b'),
    muted: of('--muted', '#66615a'),
    line: of('--line', '#ddd6c6'),
    start: of('--copper', '#a3502a'),
    cable: night ? '#c98a5a' : '#7a4a2a',
    fault: night ? '#ec8672' : '#a12c2c',
    bands: night
      ? ['#7fb8d8', '#c8b06a', '#9ccf9a', '#c79bd6', '#d7a98f', '#8fb0a8']
      : ['#1f5f8a', '#86690f', '#2f6f3b', '#75408a', '#8a4b2b', '#2f6b63'],
  };
}

const clip = (points: readonly CurvePoint[]) =>
  points.map(({ amps, seconds }) => ({ x: amps, y: Math.min(Math.max(seconds, BOTTOM / 3), TOP * 4) }));
/** An edge begins with a wall: below its first current it never opens. */
const edge = (points: readonly CurvePoint[]) => (points.length === 0 ? [] : [{ x: certain(points[0]).amps, y: TOP * 4 }, ...clip(points)]);
const plain = { showLine: true, pointRadius: 0, borderWidth: 1.6 } as const;

function datasetsOf(branch: Branch, inks: Inks, chosen: string | undefined): ChartDataset<'scatter'>[] {
  const bands = branch.devices.flatMap((device, i): ChartDataset<'scatter'>[] => {
    const colour = certain(inks.bands[i % inks.bands.length]);
    const width = device.id === chosen ? 3 : 1.6;
    const { fast, slow } = device.band;
    const base = { ...plain, borderColor: colour, borderWidth: width, backgroundColor: `${colour}33` };
    const earth = device.earthBand;
    const toEarth: ChartDataset<'scatter'>[] = earth
      ? [
          { ...base, label: `${device.label} earth fault holds`, data: edge(earth.fast ?? []), borderDash: [5, 3] },
          { ...base, label: `${device.label}, earth fault`, data: edge(earth.slow ?? []), borderDash: [10, 3, 2, 3], fill: '-1' },
        ]
      : [];
    if (slow && fast)
      return [
        { ...base, label: `${device.label} holds`, data: edge(fast), borderDash: [5, 3] },
        { ...base, label: device.label, data: edge(slow), fill: '-1' },
        ...toEarth,
      ];
    return [{ ...base, label: device.label, data: edge(slow ?? fast ?? []) }, ...toEarth];
  });
  const { start, runningAmps, stallSeconds, cableA2s, highestFaultAmps, lowestFaultAmps } = branch;
  const lines: ChartDataset<'scatter'>[] = [];
  if (start)
    lines.push({
      ...plain,
      label: 'Motor start',
      borderColor: inks.start,
      borderWidth: 2.4,
      data: [
        { x: start.firstPeakAmps, y: BOTTOM / 3 },
        { x: start.firstPeakAmps, y: 0.02 },
        { x: start.amps, y: 0.02 },
        { x: start.amps, y: start.seconds },
        ...(runningAmps
          ? [
              { x: runningAmps, y: start.seconds * 1.02 },
              { x: runningAmps, y: TOP * 4 },
            ]
          : []),
      ],
    });
  if (start && stallSeconds)
    lines.push({
      ...plain,
      showLine: false,
      pointRadius: 6,
      pointStyle: 'crossRot',
      borderColor: inks.fault,
      borderWidth: 2.5,
      label: 'Safe stall',
      data: [{ x: start.amps, y: stallSeconds }],
    });
  if (cableA2s)
    lines.push({
      ...plain,
      label: 'Cable damage',
      borderColor: inks.cable,
      borderDash: [8, 4],
      data: [adiabaticSeconds.to, adiabaticSeconds.from].map((seconds) => ({ x: Math.sqrt(cableA2s / seconds), y: seconds })),
    });
  for (const [label, amps, dash] of [
    ['Maximum fault current', highestFaultAmps, []],
    ['Minimum fault current', lowestFaultAmps, [2, 4]],
  ] as const)
    if (amps)
      lines.push({
        ...plain,
        label,
        borderColor: inks.fault,
        borderDash: [...dash],
        data: [
          { x: amps, y: BOTTOM / 3 },
          { x: amps, y: TOP * 4 },
        ],
      });
  return [...bands, ...lines];
}

/** Least and most current that the chart must show. */
function spanOf(branch: Branch): { least: number; most: number } {
  const all = [branch.runningAmps, branch.highestFaultAmps, branch.lowestFaultAmps, branch.start?.firstPeakAmps].filter(
    (one): one is number => !!one,
  );
  const least = Math.min(
    ...all,
    ...branch.devices.flatMap(({ band, earthBand }) =>
      [band.slow ?? band.fast, earthBand?.fast].flatMap((points) => (points ?? []).slice(0, 1).map((point) => point.amps)),
    ),
    100,
  );
  const most = Math.max(
    ...all,
    ...branch.devices.flatMap(({ band }) => (band.slow ?? []).slice(0, 1).map((point) => point.amps * 40)),
    200,
  );
  return { least, most };
}

/** Decades and their fives; on a narrow chart the decades alone, and thousands as k. */
function decade(this: { chart: { width: number } }, value: number | string): string {
  const narrow = this.chart.width < NARROW_PIXELS;
  const figure = Number(value);
  if (!(narrow ? /^1e/ : /^[15]e/).test(figure.toExponential())) return '';
  return narrow && figure >= 1000 ? `${figure / 1000}k` : String(figure);
}

function optionsOf(branch: Branch, inks: Inks): ChartOptions<'scatter'> {
  const { least, most } = spanOf(branch);
  const axis = {
    ticks: { color: inks.muted, font: { size: 11 }, callback: decade, maxRotation: 0, autoSkip: false },
    grid: { color: inks.line },
    title: { display: true, color: inks.muted },
  };
  return {
    animation: false,
    responsive: true,
    maintainAspectRatio: false,
    parsing: false,
    normalized: true,
    scales: {
      x: {
        ...axis,
        type: 'logarithmic',
        min: 10 ** Math.floor(Math.log10(least * 0.7)),
        max: 10 ** Math.ceil(Math.log10(most * 1.1)),
        title: { ...axis.title, text: 'Current, A' },
      },
      y: { ...axis, type: 'logarithmic', min: BOTTOM, max: TOP, title: { ...axis.title, text: 'Time, s' } },
    },
    plugins: {
      legend: {
        position: 'bottom',
        labels: { color: inks.ink, boxWidth: 22, font: { size: 11 }, filter: (item) => !item.text.endsWith(' holds') },
      },
      tooltip: { enabled: false },
    },
  };
}

/** The time-current chart. Dragging sideways on it moves the first setting of the chosen device. */
export function CurveChart({
  branch,
  chosen,
  onDrag,
  onReady,
}: {
  branch: Branch;
  chosen?: string;
  /** Ratio by which the pointer has moved the current since the drag began. */
  onDrag: (ratio: number, begins: boolean) => void;
  onReady: (chart: ChartJs<'scatter'> | null) => void;
}) {
  const chart = useRef<ChartJs<'scatter'> | null>(null);
  const from = useRef<number | undefined>(undefined);
  const [inks, setInks] = useState<Inks>();
  useEffect(() => {
    const take = () => setInks(inksOf());
    take();
    const watch = new MutationObserver(take);
    watch.observe(document.documentElement, { attributes: true, attributeFilter: ['data-theme'] });
    return () => watch.disconnect();
  }, []);
  if (!inks) return <div className={curvesStyle.curveChart} />;
  const amps = (event: PointerEvent<HTMLDivElement>) => {
    const canvas = chart.current?.canvas.getBoundingClientRect();
    return canvas && chart.current?.scales.x?.getValueForPixel(event.clientX - canvas.left);
  };
  const options = optionsOf(branch, inks);
  return (
    <div
      className={curvesStyle.curveChart}
      onPointerDown={(event) => {
        const at = amps(event);
        if (!at) return;
        from.current = at;
        event.currentTarget.setPointerCapture(event.pointerId);
        onDrag(1, true);
      }}
      onPointerMove={(event) => {
        const at = amps(event);
        if (from.current && at) onDrag(at / from.current, false);
      }}
      onPointerUp={() => (from.current = undefined)}
      onPointerCancel={() => (from.current = undefined)}
    >
      <Scatter
        ref={(one) => {
          chart.current = one ?? null;
          onReady(one ?? null);
        }}
        data={{ datasets: datasetsOf(branch, inks, chosen) }}
        options={options}
        aria-label="Time-current curves; the table below holds the same figures"
        role="img"
      />
    </div>
  );
}
