'use client';

import Button from '@mui/material/Button';
import { useState } from 'react';
import { certain } from '@/core/certain';
import { inSentence } from '@/core/language/in-sentence';
import type { SweepResult } from '@/core/monitoring/sweep';
import { ListTable } from '@/ui/forms/ListTable';
import relaysStyle from '@/ui/styles/relays.module.css';

const SIDE = 420;
const LEFT = 52;
const BOTTOM = 40;
const EDGE = 8;
const round = (value: number) => Number(value.toPrecision(3));
type Point = { x: number; y: number };
type Setting = readonly [label: string, unit: string];
type Cell = SweepResult['cells'][number][number];

const classOf = ({ missed, nuisance }: Cell) => (missed > 0 ? (nuisance > 0 ? 'both' : 'missed') : nuisance > 0 ? 'nuisance' : 'clear');
const isClear = (cell: Cell) => classOf(cell) === 'clear';

/** Where a point of the two settings is drawn. */
function scaleOf({ x, y }: SweepResult) {
  const [w, h] = [(SIDE - LEFT - EDGE) / x.length, (SIDE - BOTTOM - EDGE) / y.length];
  const place = (values: readonly number[], value: number) => {
    const [low, high] = [certain(values[0]), certain(values.at(-1))];
    return ((value - low) / (high - low || 1)) * (values.length - 1);
  };
  return {
    w,
    h,
    px: (value: number) => LEFT + (place(x, value) + 0.5) * w,
    py: (value: number) => SIDE - BOTTOM - (place(y, value) + 0.5) * h,
  };
}
type Scale = ReturnType<typeof scaleOf>;
const inside = (values: readonly number[], value: unknown): value is number =>
  typeof value === 'number' && value >= certain(values[0]) && value <= certain(values.at(-1));

/** Figures and names along both axes. */
function Axes({ result, x, y, scale }: { result: SweepResult; x: Setting; y: Setting; scale: Scale }) {
  const middle = (SIDE - BOTTOM) / 2;
  return (
    <>
      {[0, 0.5, 1].map((share) => {
        const across = certain(result.x[Math.round(share * (result.x.length - 1))]);
        const up = certain(result.y[Math.round(share * (result.y.length - 1))]);
        return (
          <g key={share}>
            <text x={scale.px(across)} y={SIDE - BOTTOM + 16} textAnchor={share === 0 ? 'start' : share === 1 ? 'end' : 'middle'}>
              {round(across)}
            </text>
            <text x={LEFT - 6} y={scale.py(up) + 4} textAnchor="end">
              {round(up)}
            </text>
          </g>
        );
      })}
      <text x={(SIDE + LEFT) / 2} y={SIDE - 6} textAnchor="middle">
        {x.join(', ')}
      </text>
      <text x={12} y={middle} textAnchor="middle" transform={`rotate(-90 12 ${middle})`}>
        {y.join(', ')}
      </text>
    </>
  );
}

const legend = { clear: 'clear', missed: 'a fault missed', nuisance: 'false trips', both: 'both' };
const Legend = () => (
  <p className={relaysStyle.baseLegend}>
    {Object.entries(legend).map(([name, words]) => (
      <span key={name}>
        <svg width="16" height="16" aria-hidden="true">
          <rect width="16" height="16" className={name} />
        </svg>
        {words}
      </span>
    ))}
    <span>○ as set</span>
    <span>+ middle of the clear region</span>
  </p>
);

/** The clear points of each row of the map. */
function ClearTable({ result, x, y }: { result: SweepResult; x: Setting; y: Setting }) {
  const rows = result.y.map((value, j) => ({ value, good: result.x.filter((_, i) => isClear(certain(certain(result.cells[j])[i]))) }));
  return (
    <details>
      <summary>Show as a table</summary>
      <ListTable
        columns={[
          { head: y[0], figure: true, of: ({ value }) => `${round(value)} ${y[1]}` },
          {
            head: `Clear for ${inSentence(x[0])}`,
            figure: true,
            of: ({ good }) =>
              good.length === 0 ? 'none' : `${round(certain(good[0]))} to ${round(certain(good.at(-1)))} ${x[1]}, ${good.length} points`,
          },
        ]}
        rows={rows}
        keyOf={({ value }) => String(value)}
      />
    </details>
  );
}

/** Region of two settings: filled where nothing is missed and nothing trips falsely, struck where faults are missed, dotted for nuisance. */
export function SweepMap({
  result,
  x,
  y,
  now,
  best,
  millis,
  onTake,
}: {
  result: SweepResult;
  x: Setting;
  y: Setting;
  now: readonly [unknown, unknown];
  best: Point | undefined;
  millis: number;
  onTake: (x: number, y: number) => void;
}) {
  const [picked, setPicked] = useState<{ at: Point; cell: Cell }>();
  const scale = scaleOf(result);
  const clear = result.cells.flat().filter(isClear).length;
  return (
    <figure className={`sheet ${relaysStyle.sweepMap}`}>
      <figcaption>
        <b>{clear === 0 ? 'No point of this sweep is clear.' : `${clear} of ${result.x.length * result.y.length} points are clear.`}</b>{' '}
        <span className="muted">
          {best
            ? `The middle of the widest clear region: ${inSentence(x[0])} ${round(best.x)} ${x[1]}, ${inSentence(y[0])} ${round(best.y)} ${y[1]}.`
            : 'Look for another function, or another relay.'}{' '}
          Worked out in {(millis / 1000).toFixed(1)} s.
        </span>
      </figcaption>
      <svg
        viewBox={`0 0 ${SIDE} ${SIDE}`}
        role="img"
        aria-label={`${clear} clear points; ${best ? `best at ${round(best.x)} ${x[1]} and ${round(best.y)} ${y[1]}` : 'none'}`}
      >
        {result.cells.map((row, j) =>
          row.map((cell, i) => (
            <rect
              key={`${i}-${j}`}
              x={LEFT + i * scale.w}
              y={SIDE - BOTTOM - (j + 1) * scale.h}
              width={scale.w + 0.3}
              height={scale.h + 0.3}
              className={classOf(cell)}
              onClick={() => setPicked({ at: { x: certain(result.x[i]), y: certain(result.y[j]) }, cell })}
            />
          )),
        )}
        <Axes result={result} x={x} y={y} scale={scale} />
        {best && (
          <path
            className={relaysStyle.best}
            d={`M${scale.px(best.x) - 9} ${scale.py(best.y)} h18 M${scale.px(best.x)} ${scale.py(best.y) - 9} v18`}
          />
        )}
        {inside(result.x, now[0]) && inside(result.y, now[1]) && (
          <circle className={relaysStyle.here} cx={scale.px(now[0])} cy={scale.py(now[1])} r={7} />
        )}
      </svg>
      <Legend />
      {picked && (
        <p role="status">
          At {round(picked.at.x)} {x[1]} and {round(picked.at.y)} {y[1]}: {picked.cell.trips} trips, {picked.cell.missed} missed,{' '}
          {picked.cell.nuisance} false. <Button onClick={() => onTake(picked.at.x, picked.at.y)}>Take these</Button>
        </p>
      )}
      {best && <Button onClick={() => onTake(best.x, best.y)}>Take the middle</Button>}
      <ClearTable result={result} x={x} y={y} />
    </figure>
  );
}
