'use client';

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
                <select
                  className="text-in"
                  value={input.wires}
                  onChange={(event) => guard({ wires: Number(event.target.value) === 4 ? 4 : 3 })}
                >
                  <option value={3}>3, between lines</option>
                  <option value={4}>4, to neutral</option>
                </select>
              </label>
              <label className="span2">
                Unbalance is measured as
                <select
                  className="text-in"
                  value={input.asymmetryBy}
                  onChange={(event) => guard({ asymmetryBy: event.target.value as PlanInput['asymmetryBy'] })}
                >
                  <option value="spread">spread, % of nominal</option>
                  <option value="deviation">deviation from the mean</option>
                </select>
              </label>
            </div>
          </fieldset>
        </section>
        <section className="sheet lab-block" aria-label="Settings">
          <div className="row-flex" style={{ justifyContent: 'space-between' }}>
            <div className="row-flex" role="group" aria-label="Settings shown as">
              <button type="button" className="pill" aria-pressed={part === 'settings'} onClick={() => setPart('settings')}>
                Settings
              </button>
              <button type="button" className="pill" aria-pressed={part === 'sheet'} onClick={() => setPart('sheet')}>
                Sheet with reasons
              </button>
            </div>
            {own && (
              <button type="button" className="quiet" onClick={() => setOwn(undefined)}>
                Use calculated settings
              </button>
            )}
          </div>
          {part === 'sheet' && !own ? (
            <>
              <SettingSheet sheet={{ rows: plan.sheet, conflicts: plan.conflicts.map(({ words }) => words) }} />
              <button type="button" className="quiet" onClick={() => print()}>
                Print
              </button>
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
                  <input
                    type="checkbox"
                    checked={settings.phaseSequence}
                    onChange={(event) => set({ phaseSequence: event.target.checked })}
                  />{' '}
                  Phase sequence
                </label>
                <label className="row-flex">
                  <input type="checkbox" checked={settings.latch} onChange={(event) => set({ latch: event.target.checked })} /> Latching
                  (manual reset)
                </label>
              </div>
            </>
          )}
          {part === 'sheet' && own && (
            <p className="muted">Your own settings have no reasons; return to the calculated ones to see them.</p>
          )}
          {conflicts.map(({ words }) => (
            <p key={words} className="say fails" role="alert">
              Refused: {words}
            </p>
          ))}
        </section>
        <section className="sheet lab-block" aria-label="Supply events">
          <div className="row-flex" style={{ justifyContent: 'space-between' }}>
            <p className="label">{recorded ? `Recorded: ${recorded.name}` : 'Supply events'}</p>
            <div className="row-flex">
              <label className="quiet file-button">
                Recording (CSV)
                <input
                  type="file"
                  accept=".csv,text/csv,text/plain"
                  className="visually-hidden"
                  onChange={(event) => {
                    const file = event.target.files?.[0];
                    event.target.value = '';
                    if (file) void take(file);
                  }}
                />
              </label>
              {!recorded && (
                <button
                  type="button"
                  className="quiet"
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
                </button>
              )}
              {recorded && (
                <button type="button" className="quiet" onClick={() => setRecorded(undefined)}>
                  Back to made-up events
                </button>
              )}
            </div>
          </div>
          {fault && (
            <p className="say fails" role="alert">
              {fault}
            </p>
          )}
          {!recorded && hour && (
            <p>
              {hour.length} made-up events in an hour, {hour.filter(({ mustTrip }) => mustTrip).length} of which must trip.{' '}
              <button type="button" className="quiet" onClick={() => setHour(undefined)}>
                Back to the list
              </button>
            </p>
          )}
          {!recorded && !hour && (
            <>
              <EventList scenarios={scenarios} onScenarios={setScenarios} />
              <button type="button" className="quiet" onClick={makeHour}>
                A whole hour at random
              </button>
            </>
          )}
          {meter((recording, name) => setRecorded({ recording, name }))}
        </section>
      </div>
      <div className="stack">
        <div className="row-flex">
          <button
            type="button"
            className="go"
            style={{ width: 'auto' }}
            disabled={work.busy || refused}
            onClick={() => work.onRun(source, settings)}
          >
            Run the relay
          </button>
          <AxisPick axes={axes} onAxes={setAxes} />
          <button
            type="button"
            className="quiet"
            disabled={work.busy || refused || source.kind === 'recorded'}
            onClick={() => work.onSweep(source, settings, axis(axes[0]), axis(axes[1]))}
          >
            Sweep
          </button>
        </div>
        {work.busy && (
          <div className="row-flex" role="status">
            <progress value={work.share} max={1} aria-label="Progress" />
            <span className="figure">{Math.round(work.share * 100)} %</span>
            <button type="button" className="quiet" onClick={work.onCancel}>
              Cancel
            </button>
          </div>
        )}
        {work.fault && (
          <p className="say fails" role="alert">
            {work.fault}
          </p>
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
      <p className={`say ${recording.events.length === 0 ? 'note' : good ? 'fits' : 'fails'}`} role="status">
        {trips.length === 0
          ? 'It never trips.'
          : `It trips ${trips.length} time${trips.length > 1 ? 's' : ''}, first by ${faultWords[certain(trips[0]).by]}.`}{' '}
        {recording.events.length > 0 && `${missed.length} missed, ${nuisance.length} false trips.`}{' '}
        {chatter > 2 && `It chatters: ${chatter} trips within a minute.`}
      </p>
      <SupplyChart recording={recording} trips={trips} />
      <OutcomeTable outcome={outcome} events={recording.events} />
    </>
  );
}
