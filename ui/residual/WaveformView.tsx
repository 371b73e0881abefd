'use client';

import { useState } from 'react';
import { certain } from '@/core/certain';
import { electronicsKinds, type Electronics } from '@/core/fields/residual-fields';
import { typesFor } from '@/core/residual/leakage';
import { currentTrace, leakageLike, TRIP_SHARE, withSmooth } from '@/core/residual/sensing';
import { leakageOf, type LeakageWave } from '@/core/standards/residual-current';
import { Pill } from '@/ui/forms/Pill';
import { SelectBox } from '@/ui/forms/SelectBox';
import { Slide } from '@/ui/forms/Slide';
import closingStyle from '@/ui/styles/closing.module.css';
import { Trace, TypesTable, waveWords } from './TypesTable';

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
    <section className={`${closingStyle.waveforms} stack`} aria-label="What each type detects">
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
      <div className={closingStyle.waveTop}>
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
        <div className={`sheet ${closingStyle.simForm}`}>
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
