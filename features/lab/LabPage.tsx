'use client';

import { LinkButton } from '@/ui/shell/LinkButton';
import { FaultNotice } from '@/ui/shell/Notice';
import dynamic from 'next/dynamic';
import { useQuery } from '@tanstack/react-query';
import { useState } from 'react';
import { Queries, read } from '@/client/Queries';
import type { TimerPart } from '@/core/timing/match';
import type { PositionTable } from '@/core/case/position-codes';
import { WaveformView } from '@/ui/residual/WaveformView';
import { ClosingBench } from './ClosingBench';
import { BaseGallery } from '@/features/lab/BaseGallery';
import { SupplyWatch } from '@/features/lab/SupplyWatch';
import { TimerBench } from '@/features/lab/TimerBench';
import { Say } from '@/ui/language/practice';
import { MeterPanel } from './MeterPanel';
import { Shell } from '../shell/Shell';
import { useLabWorker } from './use-lab-worker';

const Exercises = dynamic(() => import('@/features/lab/Exercises').then((module) => module.Exercises));

const benches = [
  ['timer', 'Timers'],
  ['supply', 'Supply watch'],
  ['bases', 'Sockets and pins'],
  ['closing', 'Will it close?'],
  ['residual', 'What each RCD type detects'],
  ['exercises', 'Exercises'],
] as const;
export type Bench = (typeof benches)[number][0];
const benchWords: Record<Bench, string> = {
  timer: 'What a timer will do, before it is installed.',
  supply: 'What a monitoring relay will do, before it is installed.',
  bases: 'Socket pins, from both sides.',
  closing: 'Why an air breaker will not close, measured step by step; and one to press.',
  residual: 'What each RCD type detects of a leakage current.',
  exercises: 'Reading and judging, a question at a time.',
};
const MAX_NAMES = 5;

type Props = { bench: Bench; meter: string; letters: readonly PositionTable[] };

/** The lab: what a relay, a breaker or a residual device will do, before it is fitted. */
export const LabPage = (props: Props) => (
  <Queries>
    <Lab {...props} />
  </Queries>
);

function Lab({ bench, meter, letters }: Props) {
  const { busy, share, answer, fault, ask, cancel } = useLabWorker();
  const timers = useQuery({
    queryKey: ['timers'],
    enabled: false,
    staleTime: Infinity,
    queryFn: ({ signal }) => read<{ timers: TimerPart[] }>('GET', '/api/v1/timers', undefined, signal),
  });
  const [timerFault, setTimerFault] = useState<string>();
  const match = async (need: Parameters<Parameters<typeof TimerBench>[0]['onMatch']>[0]) => {
    setTimerFault(undefined);
    const { data, error } = await timers.refetch();
    if (error || !data) return setTimerFault('The catalogue of timers could not be fetched. Try again when the connection is back.');
    ask({ kind: 'match', need: { stimulus: need.stimulus, output: need.output, untilSeconds: need.until }, parts: data.timers });
  };
  const matching =
    answer?.kind === 'match'
      ? { count: answer.matches.length, names: answer.matches.slice(0, MAX_NAMES).map(({ name }) => name), millis: answer.millis }
      : undefined;
  const watched = answer?.kind === 'run' || answer?.kind === 'sweep' ? answer : undefined;
  return (
    <Shell here="/lab">
      <main className="middle" id="main" style={{ maxWidth: 1280, margin: '0 auto' }}>
        <div className="row-flex" style={{ justifyContent: 'space-between', marginBottom: 12 }}>
          <div>
            <h1>Lab</h1>
            <p className="muted">
              <Say>{benchWords[bench]}</Say> Nothing here is connected to a machine.
            </p>
          </div>
          <nav className="row-flex" aria-label="Benches of the lab">
            {benches.map(([id, title]) => (
              <LinkButton key={id} aria-current={id === bench ? 'page' : undefined} href={`/lab?bench=${id}`}>
                <Say>{title}</Say>
              </LinkButton>
            ))}
          </nav>
        </div>
        <FaultNotice words={timerFault} />
        {bench === 'timer' && <TimerBench onMatch={(need) => void match(need)} matching={busy ? 'busy' : matching} />}
        {bench === 'supply' && (
          <SupplyWatch
            work={{
              busy,
              share,
              answer: watched,
              fault,
              onRun: (source, settings) => ask({ kind: 'run', source, settings }),
              onSweep: (source, settings, x, y) => ask({ kind: 'sweep', source, settings, x, y }),
              onCancel: cancel,
            }}
            meter={(onRecording) => <MeterPanel address={meter} onRecording={onRecording} />}
          />
        )}
        {bench === 'bases' && <BaseGallery />}
        {bench === 'closing' && <ClosingBench letters={letters} />}
        {bench === 'residual' && <WaveformView />}
        {bench === 'exercises' && <Exercises />}
      </main>
    </Shell>
  );
}
