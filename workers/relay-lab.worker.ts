/** Runs of the relay lab off the page: recordings, runs, sweeps and matches. One message in; progress and one answer out. */
import { certain } from '../core/certain';
import type { Axis, SweepResult } from '../core/monitoring/sweep';
import { sweep } from '../core/monitoring/sweep';
import { runMonitor, type Outcome } from '../core/monitoring/run';
import { makeRecording, type Scenario, type SupplyShape } from '../core/monitoring/scenarios';
import type { Recording } from '../core/monitoring/samples';
import type { MonitoringSettings } from '../core/monitoring/settings';
import { matchTimers, type TimerMatch, type TimerNeed, type TimerPart } from '../core/timing/match';

export type LabSource = { kind: 'made-up'; shape: SupplyShape; scenarios: Scenario[] } | { kind: 'recorded'; recording: Recording };
export type LabAsk =
  | { id: number; kind: 'run'; source: LabSource; settings: MonitoringSettings }
  | { id: number; kind: 'sweep'; source: LabSource; settings: MonitoringSettings; x: Axis; y: Axis }
  | { id: number; kind: 'match'; need: TimerNeed; parts: TimerPart[] };
export type LabAnswer =
  | { id: number; kind: 'progress'; share: number }
  | { id: number; kind: 'run'; outcome: Outcome; recording: Recording; millis: number }
  | { id: number; kind: 'sweep'; result: SweepResult; millis: number }
  | { id: number; kind: 'match'; matches: TimerMatch[]; millis: number }
  | { id: number; kind: 'fault'; fault: string };

const say = (answer: LabAnswer) => postMessage(answer);
const recordingOf = (source: LabSource): Recording =>
  source.kind === 'recorded' ? source.recording : makeRecording(source.shape, source.scenarios);

function answer(ask: LabAsk): LabAnswer {
  const began = performance.now();
  const millis = () => performance.now() - began;
  switch (ask.kind) {
    case 'run': {
      const recording = recordingOf(ask.source);
      return { id: ask.id, kind: 'run', outcome: runMonitor(recording, ask.settings), recording, millis: millis() };
    }
    case 'sweep': {
      const result = sweep(recordingOf(ask.source), ask.settings, ask.x, ask.y, (row) => {
        say({ id: ask.id, kind: 'progress', share: row / ask.y.steps });
        return true;
      });
      return { id: ask.id, kind: 'sweep', result: certain(result), millis: millis() };
    }
    case 'match':
      return { id: ask.id, kind: 'match', matches: matchTimers(ask.need, ask.parts), millis: millis() };
  }
}

addEventListener('message', ({ data }: MessageEvent<LabAsk>) => {
  try {
    say(answer(data));
  } catch (error) {
    say({ id: data.id, kind: 'fault', fault: error instanceof RangeError ? error.message : 'The run failed; look at the figures again.' });
  }
});
