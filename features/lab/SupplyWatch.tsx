'use client';

import Button from '@mui/material/Button';
import { useState } from 'react';
import type { Recording } from '@/core/monitoring/samples';
import { bestPoint, type Sweepable } from '@/core/monitoring/sweep';
import { EmptyPlace } from '@/ui/shell/EmptyPlace';
import { FaultNotice } from '@/ui/shell/Notice';
import { AxisPick } from './AxisPick';
import { ProtectedLoad } from './ProtectedLoad';
import { RunResult } from './RunResult';
import { SweepMap } from './SweepMap';
import { axisOf, useWatchEvents, useWatchSettings, type WatchWork } from './use-watch';
import { WatchEventsSheet } from './WatchEventsSheet';
import { WatchSettingsSheet } from './WatchSettingsSheet';
import { sweepWords } from './watch-words';
import relaysStyle from '@/ui/styles/relays.module.css';

function Progress({ work }: { work: WatchWork }) {
  return (
    <div className="row-flex" role="status">
      <progress value={work.share} max={1} aria-label="Progress" />
      <span className="figure">{Math.round(work.share * 100)} %</span>
      <Button onClick={work.onCancel}>Cancel</Button>
    </div>
  );
}

/** A monitoring relay against a supply: settings worked out or one's own, events made up, recorded or from a meter, and a sweep. */
export function SupplyWatch({
  work,
  meter,
}: {
  work: WatchWork;
  meter: (onRecording: (recording: Recording, name: string) => void) => React.ReactNode;
}) {
  const watch = useWatchSettings();
  const events = useWatchEvents(watch);
  const { settings } = watch;
  const { source } = events;
  const [axes, setAxes] = useState<[Sweepable, Sweepable]>(['underVolts', 'tripDelaySeconds']);
  const blocked = work.busy || watch.conflicts.length > 0;
  const run = () => work.onRun(source, settings);
  const { answer } = work;
  return (
    <div className={relaysStyle.labWatch}>
      <div className="stack">
        <ProtectedLoad {...watch} />
        <WatchSettingsSheet {...watch} />
        <WatchEventsSheet events={events} meter={meter(events.record)} />
      </div>
      <div className="stack">
        <div className="row-flex">
          <Button variant="contained" disabled={blocked} onClick={run}>
            Run the relay
          </Button>
          <AxisPick axes={axes} onAxes={setAxes} />
          <Button
            disabled={blocked || source.kind === 'recorded'}
            onClick={() => work.onSweep(source, settings, axisOf(axes[0], settings), axisOf(axes[1], settings))}
          >
            Sweep
          </Button>
        </div>
        {work.busy && <Progress work={work} />}
        <FaultNotice words={work.fault} />
        {!answer && !work.busy && (
          <EmptyPlace title="Nothing has run yet" action={<Button onClick={run}>Try it with these events</Button>}>
            The relay is run over the events on the left: what it trips on, what it misses, what it trips on falsely. A sweep of two
            settings finds where no fault is missed and nothing trips falsely.
          </EmptyPlace>
        )}
        {answer?.kind === 'run' && <RunResult outcome={answer.outcome} recording={answer.recording} />}
        {answer?.kind === 'sweep' && (
          <SweepMap
            result={answer.result}
            x={sweepWords[axes[0]]}
            y={sweepWords[axes[1]]}
            now={[settings[axes[0]], settings[axes[1]]]}
            best={bestPoint(answer.result)}
            millis={answer.millis}
            onTake={(x, y) => watch.set({ [axes[0]]: Number(x.toPrecision(3)), [axes[1]]: Number(y.toPrecision(3)) })}
          />
        )}
      </div>
    </div>
  );
}
