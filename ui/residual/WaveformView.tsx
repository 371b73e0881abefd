'use client';

import { Slide } from '@/ui/forms/Slide';
import { SelectBox } from '@/ui/forms/SelectBox';
import { Pill } from '@/ui/forms/Pill';
import Table from '@mui/material/Table';
import TableHead from '@mui/material/TableHead';
import TableRow from '@mui/material/TableRow';
import TableCell from '@mui/material/TableCell';
import TableBody from '@mui/material/TableBody';
import { certain } from '@/core/certain';
import { useState } from 'react';
import { electronicsKinds, residualTypes, type Electronics, type ResidualType } from '@/core/fields/residual-fields';
import { typesFor } from '@/core/residual/leakage';
import { currentTrace, fluxTrace, leakageLike, seenShare, TRIP_SHARE, withSmooth } from '@/core/residual/sensing';
import { leakageOf, smoothDcStoodMilliamps, typeDetects, type LeakageWave } from '@/core/standards/residual-current';
import { VerdictMark } from '../marks/VerdictMark';

const waveWords: Record<LeakageWave, string> = {
  sine: 'sine',
  'pulsating-dc': 'pulsating DC',
  'phase-cut': 'cut half-waves',
  'mixed-frequency': 'mixed frequencies',
  'smooth-dc': 'smooth DC',
  'high-frequency': 'high frequency',
};
const frontWords: Record<Electronics, string> = {
  none: 'no electronics',
  'phase-control': 'phase control (dimmer, soft start)',
  'single-phase-rectifier': 'rectifier on one phase',
  'single-phase-converter': 'converter on one phase',
  'two-phase-rectifier': 'rectifier between two phases',
  'three-phase-rectifier': 'rectifier on three phases (drive)',
  'ev-charger': 'vehicle charger',
  'pv-inverter': 'solar inverter',
};
const typeNotes: Record<ResidualType, string> = {
  AC: 'one transformer, square iron',
  A: 'one transformer, narrow iron',
  F: 'as A, wider circuit',
  B: 'measures the current itself',
  'B+': 'as B, to higher frequencies',
};

const WIDTH = 220;
const HEIGHT = 64;
const EVERY = 4;

function Trace({
  points,
  most,
  label,
  marks,
}: {
  points: readonly { seconds: number; value: number }[];
  most: number;
  label: string;
  marks?: readonly number[];
}) {
  const last = certain(points.at(-1)).seconds;
  const x = (seconds: number) => (seconds / last) * WIDTH;
  const y = (value: number) => HEIGHT / 2 - (value / most) * (HEIGHT / 2 - 3);
  const path = points
    .filter((_, i) => i % EVERY === 0)
    .map(({ seconds, value }, i) => `${i === 0 ? 'M' : 'L'}${x(seconds).toFixed(1)} ${y(value).toFixed(1)}`)
    .join('');
  return (
    <svg className="wave" viewBox={`0 0 ${WIDTH} ${HEIGHT}`} role="img" aria-label={label}>
      <line x1={0} x2={WIDTH} y1={y(0)} y2={y(0)} className="axis" />
      {marks?.map((mark) => (
        <line key={mark} x1={0} x2={WIDTH} y1={y(mark)} y2={y(mark)} className="bound" />
      ))}
      <path d={path} />
    </svg>
  );
}

/** What the standard says of a type, this waveform, and smooth direct current beside it. */
function madeFor(type: ResidualType, wave: LeakageWave, smooth: boolean): string {
  if (!typeDetects[type].includes(wave)) return 'no';
  if (!smooth || typeDetects[type].includes('smooth-dc')) return 'yes';
  const most = smoothDcStoodMilliamps[type];
  return most > 0 ? `to ${most} mA beside it` : 'no';
}

/** What a type sees of it: the flux of its iron, or the current itself. */
const seenTrace = (type: ResidualType, leakage: ReturnType<typeof leakageLike>) =>
  type === 'B' || type === 'B+' ? currentTrace(leakage) : fluxTrace(type, leakage);

/** Every type against this leakage: what reaches its circuit, whether it trips, and whether it is made for it. */
function TypesTable({
  wave,
  leakage,
  most,
  smooth,
}: {
  wave: LeakageWave;
  leakage: ReturnType<typeof leakageLike>;
  most: number;
  smooth: boolean;
}) {
  return (
    <div style={{ overflowX: 'auto' }} tabIndex={0} role="region" aria-label="Types side by side">
      <Table className="wave-table">
        <caption className="over">What each type detects</caption>
        <TableHead>
          <TableRow>
            <TableCell scope="col">Type</TableCell>
            <TableCell scope="col">What reaches its circuit</TableCell>
            <TableCell scope="col">Share</TableCell>
            <TableCell scope="col">At this waveform</TableCell>
            <TableCell scope="col">
              Made for {waveWords[wave]}
              {smooth ? ' with smooth DC' : ''}
            </TableCell>
          </TableRow>
        </TableHead>
        <TableBody>
          {residualTypes.map((type) => {
            const share = seenShare(type, leakage);
            const trips = share >= TRIP_SHARE;
            const trace = seenTrace(type, leakage);
            return (
              <TableRow key={type}>
                <TableCell component="th" scope="row">
                  {type} <small className="muted">{typeNotes[type]}</small>
                </TableCell>
                <TableCell>
                  <Trace
                    points={trace}
                    most={type === 'B' || type === 'B+' ? most : 1.05}
                    label={`Type ${type}: ${Math.round(share * 100)} % of a sine at its rating`}
                  />
                </TableCell>
                <TableCell className="figure">{Math.round(share * 100)} %</TableCell>
                <TableCell>
                  <span className="row-flex" style={{ gap: 6, flexWrap: 'nowrap' }}>
                    <VerdictMark verdict={trips ? 'fits' : 'fails'} /> {trips ? 'trips' : 'does not trip'}
                  </span>
                </TableCell>
                <TableCell>{madeFor(type, wave, smooth)}</TableCell>
              </TableRow>
            );
          })}
        </TableBody>
      </Table>
    </div>
  );
}

/** Leakage current behind a front end, what each residual type sees of it, and why smooth DC blinds a type AC. */
export function WaveformView({ start = 'three-phase-rectifier' }: { start?: Electronics }) {
  const [front, setFront] = useState<Electronics>(start);
  const [picked, setPicked] = useState<LeakageWave>();
  const [rms, setRms] = useState(1.5);
  // Where smooth direct current can leak, a fault of the supply's own sine rides on it: the case that blinds.
  const [smooth, setSmooth] = useState(leakageOf[start].includes('smooth-dc') ? 3 : 0);
  const waves = leakageOf[front];
  const wave = picked && waves.includes(picked) ? picked : waves.includes('smooth-dc') ? 'sine' : certain(waves.at(-1));
  const leakage = withSmooth(leakageLike(wave, rms), wave === 'smooth-dc' ? 0 : smooth);
  const current = currentTrace(leakage);
  const most = Math.max(2.5, ...current.map(({ value }) => Math.abs(value)));
  const { serves, byWord } = typesFor(front);
  return (
    <section className="waveforms stack" aria-label="What each type detects">
      <div className="row-flex">
        <label className="row-flex">
          <span className="muted">Behind a</span>
          <SelectBox
            style={{ width: 320 }}
            value={front}
            options={electronicsKinds.map((one) => [one, frontWords[one]] as const)}
            onWord={setFront}
          />
        </label>
        <div className="row-flex" role="group" aria-label="Leakage current">
          {waves.map((one) => (
            <Pill key={one} pressed={one === wave} onClick={() => setPicked(one)}>
              {waveWords[one]}
            </Pill>
          ))}
        </div>
      </div>
      <div className="wave-top">
        <div className="sheet">
          <p className="label">Leakage current, {waveWords[wave]}</p>
          <Trace
            points={current}
            most={most}
            marks={[1, -1]}
            label={`Leakage: ${waveWords[wave]} of ${rms} times the rated residual current${smooth > 0 ? `, with ${smooth} times of smooth DC` : ''}`}
          />
          <p className="muted">Dashed: the rated residual current.</p>
        </div>
        <div className="sheet sim-form">
          <label>
            <span>
              Leakage <b className="figure">{rms} x</b> its rating
            </span>
            <Slide min={0.5} max={6} step={0.1} value={rms} onSlide={setRms} />
          </label>
          <label>
            <span>
              Smooth DC beside it <b className="figure">{wave === 'smooth-dc' ? '–' : `${smooth} x`}</b>
            </span>
            <Slide min={0} max={6} step={0.1} value={smooth} disabled={wave === 'smooth-dc'} onSlide={setSmooth} />
          </label>
          <p className="muted">
            Behind a {frontWords[front]}: type {serves.join(', ')}
            {byWord.length > 0 ? `; ${byWord.join(', ')} only by the maker’s word` : ''}.
          </p>
        </div>
      </div>
      <TypesTable wave={wave} leakage={leakage} most={most} smooth={wave !== 'smooth-dc' && smooth > 0} />
      <p className="muted">
        A drawing of the principle, not the data of any device: from {Math.round(TRIP_SHARE * 100)} % of what a sine at the rated residual
        current gives, it trips here. Direct current pushes the iron to its end; from there an alternating fault moves it no more, and the
        transformer gives nothing. That is how smooth DC blinds a type AC, and above 6 mA a type A.
      </p>
    </section>
  );
}
