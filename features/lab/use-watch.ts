'use client';

import { useMemo, useState } from 'react';
import { planSettings, type PlanInput } from '@/core/monitoring/plan';
import type { Outcome } from '@/core/monitoring/run';
import { readSamples, type Recording } from '@/core/monitoring/samples';
import { hourOfEvents, makeRecording, type Scenario, type SupplyShape } from '@/core/monitoring/scenarios';
import { conflictsOf, type MonitoringSettings } from '@/core/monitoring/settings';
import type { Axis, Sweepable, SweepResult } from '@/core/monitoring/sweep';
import { sample, scenariosToBeginWith, sweepRange } from './watch-words';

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
const SHORTEST_SECONDS = 60;
const AFTER_SECONDS = 15;
const LARGEST_FILE = 60e6;

const endOf = (one: Scenario) =>
  one.atSeconds + (one.kind === 'changeover' ? one.deadSeconds + one.settleSeconds : one.seconds) + AFTER_SECONDS;

/** The protected load, and the settings worked out for it or one's own. */
export function useWatchSettings() {
  const [input, setInput] = useState(sample);
  const plan = useMemo(() => planSettings(input), [input]);
  const [own, setOwn] = useState<MonitoringSettings>();
  const settings = own ?? plan.settings;
  const conflicts = useMemo(() => conflictsOf(settings), [settings]);
  return {
    ...{ input, plan, settings, conflicts, isOwn: own !== undefined },
    /** Protected load changes: settings are worked out anew. */
    guard: (change: Partial<PlanInput>) => {
      setInput({ ...input, ...change });
      setOwn(undefined);
    },
    set: (change: Partial<MonitoringSettings>) => setOwn({ ...settings, ...change }),
    forget: () => setOwn(undefined),
  };
}
export type WatchSettings = ReturnType<typeof useWatchSettings>;

/** What happens to the supply: events made up, an hour of them, or a recording. */
export function useWatchEvents({ input, settings }: WatchSettings) {
  const [scenarios, setScenarios] = useState(scenariosToBeginWith);
  const [hour, setHour] = useState<Scenario[]>();
  const [recorded, setRecorded] = useState<{ recording: Recording; name: string }>();
  const [fault, setFault] = useState<string>();
  const shape: SupplyShape = {
    lineVolts: input.systemVolts,
    hertz: input.hertz,
    between: input.wires === 4 ? 'line-to-neutral' : 'line-to-line',
    stepSeconds: 0.01,
    seconds: hour ? HOUR_SECONDS : Math.max(SHORTEST_SECONDS, ...scenarios.map(endOf)),
  };
  const source: WatchSource = recorded ? { kind: 'recorded', ...recorded } : { kind: 'made-up', shape, scenarios: hour ?? scenarios };
  return {
    ...{ scenarios, setScenarios, hour, recorded, fault, source },
    dropHour: () => setHour(undefined),
    dropRecording: () => setRecorded(undefined),
    record: (recording: Recording, name: string) => setRecorded({ recording, name }),
    makeHour: () => {
      const most = Math.floor(HOUR_SECONDS / (4 * Math.max(1, settings.tripDelaySeconds)));
      if (most < 1) return setFault('With this off delay an hour has no room for events: shorten it, or make events of your own.');
      setFault(undefined);
      const under = ((settings.underVolts ?? settings.nominalVolts * 0.9) / settings.nominalVolts) * 100;
      setHour(hourOfEvents(Math.min(MAX_EVENTS, most), Math.random, { rideSeconds: settings.tripDelaySeconds, underPercent: under }));
    },
    /** A recording from a file, or why it is none. */
    take: async (file: File) => {
      if (file.size > LARGEST_FILE) return setFault(`The file has ${Math.round(file.size / 1e6)} MB; at most 60 MB are read.`);
      const read = readSamples(await file.text(), shape.between);
      setFault(read.ok ? undefined : read.fault);
      if (read.ok) setRecorded({ recording: { samples: read.samples, events: [] }, name: file.name });
    },
    /** The events as samples ten a second, to be saved. */
    samples: () => makeRecording({ ...shape, stepSeconds: 0.1 }, hour ?? scenarios).samples,
  };
}
export type WatchEvents = ReturnType<typeof useWatchEvents>;

/** Range of a setting as it is swept. */
export function axisOf(setting: Sweepable, { nominalVolts }: MonitoringSettings): Axis {
  const [low, high] = sweepRange(setting, nominalVolts);
  return { setting, low, high, steps: SWEEP_STEPS };
}
