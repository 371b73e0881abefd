'use client';

import { FilePick } from '@/ui/forms/FilePick';
import { SelectBox } from '@/ui/forms/SelectBox';
import { Pill } from '@/ui/forms/Pill';
import Button from '@mui/material/Button';
import { TickBox } from '@/ui/forms/TickBox';
import { Notice } from '@/ui/shell/Notice';
import { certain } from '@/core/certain';
import dynamic from 'next/dynamic';
import { useMemo, useState } from 'react';
import { conflictsOf, type MonitoringSettings } from '@/core/monitoring/settings';
import { planSettings, type PlanInput } from '@/core/monitoring/plan';
import { bestPoint, type Axis, type Sweepable, type SweepResult } from '@/core/monitoring/sweep';
import { hourOfEvents, makeRecording, type Scenario, type SupplyShape } from '@/core/monitoring/scenarios';
import { readSamples, writeSamples, type Recording } from '@/core/monitoring/samples';
import type { Outcome } from '@/core/monitoring/run';
import { saveText } from '../../ui/forms/save-file';
import { NumberBox } from '../../ui/forms/NumberBox';
import { SettingSheet } from '../../ui/relays/SettingSheet';
import { AxisPick } from './AxisPick';
import { EventList } from './EventList';
import { faultWords, OutcomeTable } from './OutcomeTable';
import { SweepMap } from './SweepMap';
import { BoxGroups } from './BoxGroups';
import { DelayPicture } from './DelayPicture';
import { planGroups, sample, scenariosToBeginWith, settingGroups, sweepRange, sweepWords } from './watch-words';

const SupplyChart = dynamic(() => import('./SupplyChart').then((module) => module.SupplyChart), {
  ssr: false,
  loading: () => <div className="supply-chart" />,
});

export type WatchSource =
  { kind: 'made-up'; shape: SupplyShape; scenarios: Scenario[] } | { kind: 'recorded'; recording: Recording; name: string };
/** What came of a run or a sweep; anything else of the worker is not for this bench. */
export type WatchAnswer = { kind: 'run'; outcome: Outcome; recording: Recording } | { kind: 'sweep'; result: SweepResult; millis: number };
export type WatchWork = {
  busy: boolean;
  share: number;
  answer?: WatchAnswer;
  fault?: string;
  onRun: (source: WatchSource, settings: MonitoringSettings) => void;
  onSweep: (source: WatchSource, settings: MonitoringSettings, x: Axis, y: Axis) => void;
  onCancel: () => void;
};

const SWEEP_STEPS = 50;
const HOUR_SECONDS = 3600;
const MAX_EVENTS = 800;

/** A monitoring relay against a supply: settings worked out or one's own, events made up, recorded or from a meter, and a sweep. */
export function SupplyWatch({
  work,
  meter,
}: {
  work: WatchWork;
  meter: (onRecording: (recording: Recording, name: string) => void) => React.ReactNode;
}) {
  const [input, setInput] = useState(sample);
  const plan = useMemo(() => planSettings(input), [input]);
  const [own, setOwn] = useState<MonitoringSettings>();
  const settings = own ?? plan.settings;
  const conflicts = useMemo(() => conflictsOf(settings), [settings]);
  const [scenarios, setScenarios] = useState(scenariosToBeginWith);
  const [hour, setHour] = useState<Scenario[]>();
  const [recorded, setRecorded] = useState<{ recording: Recording; name: string }>();
  const [fault, setFault] = useState<string>();
  const [axes, setAxes] = useState<[Sweepable, Sweepable]>(['underVolts', 'tripDelaySeconds']);
  const [part, setPart] = useState<'settings' | 'sheet'>('settings');
  const toNeutral = input.wires === 4;
  const seconds = Math.max(
    60,
    ...scenarios.map((one) => one.atSeconds + (one.kind === 'changeover' ? one.deadSeconds + one.settleSeconds : one.seconds) + 15),
  );
  const shape: SupplyShape = {
    lineVolts: input.systemVolts,
    hertz: input.hertz,
    between: toNeutral ? 'line-to-neutral' : 'line-to-line',
    stepSeconds: 0.01,
    seconds,
  };
  const makeHour = () => {
    const most = Math.floor(HOUR_SECONDS / (4 * Math.max(1, settings.tripDelaySeconds)));
    if (most < 1) return setFault('With this off delay an hour has no room for events: shorten it, or make events of your own.');
    setFault(undefined);
    const under = ((settings.underVolts ?? settings.nominalVolts * 0.9) / settings.nominalVolts) * 100;
    setHour(hourOfEvents(Math.min(MAX_EVENTS, most), Math.random, { rideSeconds: settings.tripDelaySeconds, underPercent: under }));
  };
  const source: WatchSource = recorded
    ? { kind: 'recorded', ...recorded }
    : { kind: 'made-up', shape: hour ? { ...shape, seconds: HOUR_SECONDS } : shape, scenarios: hour ?? scenarios };
  const refused = conflicts.length > 0;
  /** Protected load changes: settings are worked out anew. */
  const guard = (change: Partial<PlanInput>) => {
    setInput({ ...input, ...change });
    setOwn(undefined);
  };
  const set = (change: Partial<MonitoringSettings>) => setOwn({ ...settings, ...change });
  const run = work.answer?.kind === 'run' ? work.answer : undefined;
  const swept = work.answer?.kind === 'sweep' ? work.answer : undefined;
  const take = async (file: File) => {
    if (file.size > 60e6) return setFault(`The file has ${Math.round(file.size / 1e6)} MB; at most 60 MB are read.`);
    const read = readSamples(await file.text(), shape.between);
    setFault(read.ok ? undefined : read.fault);
    if (read.ok) setRecorded({ recording: { samples: read.samples, events: [] }, name: file.name });
  };
  const axis = (setting: Sweepable): Axis => {
    const [low, high] = sweepRange(setting, settings.nominalVolts);
    return { setting, low, high, steps: SWEEP_STEPS };
  };
  return (
    <div className="lab-watch">
      <div className="stack">
        <section className="sheet lab-block" aria-label="Protected load">
          <p className="label">Protected load</p>
          <BoxGroups groups={planGroups} values={input} placeholder="none" onValue={(name, value) => guard({ [name]: value })} />
          <fieldset className="lab-group">
            <legend>Start and measurement</legend>
            <div className="lab-boxes">
              <NumberBox
                label="Voltage during start"
                unit="%"
                value={input.startDip?.leftPercent ?? null}
                min={10}
                max={100}
                empty
                placeholder="no dip"
                onValue={(value) =>
                  guard({ startDip: value === null ? null : { leftPercent: value, seconds: input.startDip?.seconds ?? 3 } })
                }
              />
              <NumberBox
                label="Start lasts"
                name="Start duration"
                unit="s"
                value={input.startDip?.seconds ?? null}
                min={0.1}
                max={120}
                empty
                placeholder="no dip"
                onValue={(value) => {
                  setInput({
                    ...input,
                    startDip: value === null ? null : { leftPercent: input.startDip?.leftPercent ?? 85, seconds: value },
                  });
                  setOwn(undefined);
                }}
              />
              <label className="span2">
                Wires
                <SelectBox
                  value={input.wires === 4 ? '4' : '3'}
                  options={[
                    ['3', '3, between lines'],
                    ['4', '4, to neutral'],
                  ]}
                  onWord={(wires) => guard({ wires: wires === '4' ? 4 : 3 })}
                />
              </label>
              <label className="span2">
                Unbalance is measured as
                <SelectBox
                  value={input.asymmetryBy}
                  options={[
                    ['spread', 'spread, % of nominal'],
                    ['deviation', 'deviation from the mean'],
                  ]}
                  onWord={(asymmetryBy) => guard({ asymmetryBy })}
                />
              </label>
            </div>
          </fieldset>
        </section>
        <section className="sheet lab-block" aria-label="Settings">
          <div className="row-flex" style={{ justifyContent: 'space-between' }}>
            <div className="row-flex" role="group" aria-label="Settings shown as">
              <Pill pressed={part === 'settings'} onClick={() => setPart('settings')}>
                Settings
              </Pill>
              <Pill pressed={part === 'sheet'} onClick={() => setPart('sheet')}>
                Sheet with reasons
              </Pill>
            </div>
            {own && <Button onClick={() => setOwn(undefined)}>Use calculated settings</Button>}
          </div>
          {part === 'sheet' && !own ? (
            <>
              <SettingSheet sheet={{ rows: plan.sheet, conflicts: plan.conflicts.map(({ words }) => words) }} />
              <Button onClick={() => print()}>Print</Button>
            </>
          ) : (
            <>
              <DelayPicture />
              <BoxGroups
                groups={settingGroups}
                values={settings}
                placeholder="off"
                onValue={(name, value) => set({ [name]: value } as Partial<MonitoringSettings>)}
              />
              <div className="lab-boxes">
                <label className="row-flex">
                  <TickBox checked={settings.phaseSequence} onTick={(ticked) => set({ phaseSequence: ticked })} /> Phase sequence
                </label>
                <label className="row-flex">
                  <TickBox checked={settings.latch} onTick={(ticked) => set({ latch: ticked })} /> Latching (manual reset)
                </label>
              </div>
            </>
          )}
          {part === 'sheet' && own && (
            <p className="muted">Your own settings have no reasons; return to the calculated ones to see them.</p>
          )}
          {conflicts.map(({ words }) => (
            <Notice kind="fails" key={words} role="alert">
              Refused: {words}
            </Notice>
          ))}
        </section>
        <section className="sheet lab-block" aria-label="Supply events">
          <div className="row-flex" style={{ justifyContent: 'space-between' }}>
            <p className="label">{recorded ? `Recorded: ${recorded.name}` : 'Supply events'}</p>
            <div className="row-flex">
              <FilePick accept=".csv,text/csv,text/plain" onFile={(file) => void take(file)}>
                Recording (CSV)
              </FilePick>
              {!recorded && (
                <Button
                  onClick={() =>
                    saveText(
                      'supply-events.csv',
                      writeSamples(
                        makeRecording({ ...shape, seconds: hour ? HOUR_SECONDS : shape.seconds, stepSeconds: 0.1 }, hour ?? scenarios)
                          .samples,
                      ),
                    )
                  }
                >
                  Save as CSV
                </Button>
              )}
              {recorded && <Button onClick={() => setRecorded(undefined)}>Back to made-up events</Button>}
            </div>
          </div>
          {fault && (
            <Notice kind="fails" role="alert">
              {fault}
            </Notice>
          )}
          {!recorded && hour && (
            <p>
              {hour.length} made-up events in an hour, {hour.filter(({ mustTrip }) => mustTrip).length} of which must trip.{' '}
              <Button onClick={() => setHour(undefined)}>Back to the list</Button>
            </p>
          )}
          {!recorded && !hour && (
            <>
              <EventList scenarios={scenarios} onScenarios={setScenarios} />
              <Button onClick={makeHour}>A whole hour at random</Button>
            </>
          )}
          {meter((recording, name) => setRecorded({ recording, name }))}
        </section>
      </div>
      <div className="stack">
        <div className="row-flex">
          <Button
            variant="contained"
            fullWidth
            style={{ width: 'auto' }}
            disabled={work.busy || refused}
            onClick={() => work.onRun(source, settings)}
          >
            Run the relay
          </Button>
          <AxisPick axes={axes} onAxes={setAxes} />
          <Button
            disabled={work.busy || refused || source.kind === 'recorded'}
            onClick={() => work.onSweep(source, settings, axis(axes[0]), axis(axes[1]))}
          >
            Sweep
          </Button>
        </div>
        {work.busy && (
          <div className="row-flex" role="status">
            <progress value={work.share} max={1} aria-label="Progress" />
            <span className="figure">{Math.round(work.share * 100)} %</span>
            <Button onClick={work.onCancel}>Cancel</Button>
          </div>
        )}
        {work.fault && (
          <Notice kind="fails" role="alert">
            {work.fault}
          </Notice>
        )}
        {!run && !swept && !work.busy && (
          <p className="muted">
            Run the relay over these events, or sweep two settings to find where no fault is missed and nothing trips falsely.
          </p>
        )}
        {run && <RunResult outcome={run.outcome} recording={run.recording} />}
        {swept && (
          <SweepMap
            result={swept.result}
            x={sweepWords[axes[0]]}
            y={sweepWords[axes[1]]}
            now={[settings[axes[0]], settings[axes[1]]]}
            best={bestPoint(swept.result)}
            millis={swept.millis}
            onTake={(x, y) =>
              set({ [axes[0]]: Number(x.toPrecision(3)), [axes[1]]: Number(y.toPrecision(3)) } as Partial<MonitoringSettings>)
            }
          />
        )}
      </div>
    </div>
  );
}

function RunResult({ outcome, recording }: { outcome: Outcome; recording: Recording }) {
  const { trips, missed, nuisance, chatter } = outcome;
  const good = recording.events.length > 0 && missed.length === 0 && nuisance.length === 0;
  return (
    <>
      <Notice kind={recording.events.length === 0 ? 'note' : good ? 'fits' : 'fails'} role="status">
        {trips.length === 0
          ? 'It never trips.'
          : `It trips ${trips.length} time${trips.length > 1 ? 's' : ''}, first by ${faultWords[certain(trips[0]).by]}.`}{' '}
        {recording.events.length > 0 && `${missed.length} missed, ${nuisance.length} false trips.`}{' '}
        {chatter > 2 && `It chatters: ${chatter} trips within a minute.`}
      </Notice>
      <SupplyChart recording={recording} trips={trips} />
      <OutcomeTable outcome={outcome} events={recording.events} />
    </>
  );
}
