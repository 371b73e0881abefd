'use client';

import Button from '@mui/material/Button';
import Table from '@mui/material/Table';
import TableHead from '@mui/material/TableHead';
import TableRow from '@mui/material/TableRow';
import TableCell from '@mui/material/TableCell';
import TableBody from '@mui/material/TableBody';
import { certain } from '@/core/certain';
import { useState } from 'react';
import type { SweepResult } from '@/core/monitoring/sweep';
import { inSentence } from '@/core/language/in-sentence';

const SIDE = 420;
const LEFT = 52;
const BOTTOM = 40;
const round = (value: number) => Number(value.toPrecision(3));

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
  x: [string, string];
  y: [string, string];
  now: [unknown, unknown];
  best: { x: number; y: number } | undefined;
  millis: number;
  onTake: (x: number, y: number) => void;
}) {
  const [picked, setPicked] = useState<[number, number]>();
  const [w, h] = [(SIDE - LEFT - 8) / result.x.length, (SIDE - BOTTOM - 8) / result.y.length];
  const place = (values: number[], value: number) =>
    ((value - certain(values[0])) / (certain(values.at(-1)) - certain(values[0]) || 1)) * (values.length - 1);
  const px = (value: number) => LEFT + (place(result.x, value) + 0.5) * w;
  const py = (value: number) => SIDE - BOTTOM - (place(result.y, value) + 0.5) * h;
  const clear = result.cells.flat().filter(({ missed, nuisance }) => missed === 0 && nuisance === 0).length;
  const cell = picked && result.cells[picked[1]]?.[picked[0]];
  const inside = (values: number[], value: unknown): value is number =>
    typeof value === 'number' && value >= certain(values[0]) && value <= certain(values.at(-1));
  return (
    <figure className="sheet sweep-map">
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
          row.map(({ missed, nuisance }, i) => (
            <rect
              key={`${i}-${j}`}
              x={LEFT + i * w}
              y={SIDE - BOTTOM - (j + 1) * h}
              width={w + 0.3}
              height={h + 0.3}
              className={missed > 0 ? (nuisance > 0 ? 'both' : 'missed') : nuisance > 0 ? 'nuisance' : 'clear'}
              onClick={() => setPicked([i, j])}
            />
          )),
        )}
        {[0, 0.5, 1].map((share) => {
          const i = Math.round(share * (result.x.length - 1));
          const j = Math.round(share * (result.y.length - 1));
          return (
            <g key={share}>
              <text x={px(certain(result.x[i]))} y={SIDE - BOTTOM + 16} textAnchor={share === 0 ? 'start' : share === 1 ? 'end' : 'middle'}>
                {round(certain(result.x[i]))}
              </text>
              <text x={LEFT - 6} y={py(certain(result.y[j])) + 4} textAnchor="end">
                {round(certain(result.y[j]))}
              </text>
            </g>
          );
        })}
        <text x={(SIDE + LEFT) / 2} y={SIDE - 6} textAnchor="middle">
          {x[0]}, {x[1]}
        </text>
        <text x={12} y={(SIDE - BOTTOM) / 2} textAnchor="middle" transform={`rotate(-90 12 ${(SIDE - BOTTOM) / 2})`}>
          {y[0]}, {y[1]}
        </text>
        {best && <path className="best" d={`M${px(best.x) - 9} ${py(best.y)} h18 M${px(best.x)} ${py(best.y) - 9} v18`} />}
        {inside(result.x, now[0]) && inside(result.y, now[1]) && <circle className="here" cx={px(now[0])} cy={py(now[1])} r={7} />}
      </svg>
      <p className="base-legend">
        {(['clear', 'missed', 'nuisance', 'both'] as const).map((name) => (
          <span key={name}>
            <svg width="16" height="16" aria-hidden="true">
              <rect width="16" height="16" className={name} />
            </svg>
            {name === 'clear' ? 'clear' : name === 'missed' ? 'a fault missed' : name === 'nuisance' ? 'false trips' : 'both'}
          </span>
        ))}
        <span>○ as set</span>
        <span>+ middle of the clear region</span>
      </p>
      {cell && picked && (
        <p role="status">
          At {round(certain(result.x[picked[0]]))} {x[1]} and {round(certain(result.y[picked[1]]))} {y[1]}: {cell.trips} trips,{' '}
          {cell.missed} missed, {cell.nuisance} false.{' '}
          <Button onClick={() => onTake(certain(result.x[picked[0]]), certain(result.y[picked[1]]))}>Take these</Button>
        </p>
      )}
      {best && <Button onClick={() => onTake(best.x, best.y)}>Take the middle</Button>}
      <details>
        <summary>Show as a table</summary>
        <Table>
          <TableHead>
            <TableRow>
              <TableCell scope="col">{y[0]}</TableCell>
              <TableCell scope="col">Clear for {inSentence(x[0])}</TableCell>
            </TableRow>
          </TableHead>
          <TableBody>
            {result.y.map((value, j) => {
              const good = result.x.filter(
                (_, i) => certain(certain(result.cells[j])[i]).missed === 0 && certain(certain(result.cells[j])[i]).nuisance === 0,
              );
              return (
                <TableRow key={value}>
                  <TableCell className="figure">
                    {round(value)} {y[1]}
                  </TableCell>
                  <TableCell className="figure">
                    {good.length === 0
                      ? 'none'
                      : `${round(certain(good[0]))} to ${round(certain(good.at(-1)))} ${x[1]}, ${good.length} points`}
                  </TableCell>
                </TableRow>
              );
            })}
          </TableBody>
        </Table>
      </details>
    </figure>
  );
}
