/** Relays measured: timers matched by behaviour, the monitoring relay over samples, and a sweep of an hour, as the lab's worker runs them. */
import { wordsMark, bandsMark } from '../core/case/case';
import { certain } from '../core/certain';
import { demoTimingRelays } from '../data/demo/timing-relays';
import { derive, runMonitor } from '../core/monitoring/run';
import { makeRecording, type Scenario } from '../core/monitoring/scenarios';
import { planSettings } from '../core/monitoring/plan';
import { countOf } from '../core/monitoring/samples';
import { sweep } from '../core/monitoring/sweep';
import { matchTimers, type TimerPart } from '../core/timing/match';

type Say = (what: string, figure: string, against: string) => void;
const round = (value: number) => Number(value.toPrecision(3)).toString();
const median = (times: number[]) => certain([...times].sort((a, b) => a - b)[times.length >> 1]);
const TIMERS = 2000;
const MATCH_MS = 200;
const SAMPLES_A_SECOND = 100_000;
const SWEEP_MS = 20_000;
const HOUR_SECONDS = 3600;

/** Multifunction timers of the demo catalogue, repeated up to the number asked for. */
function multifunction(): TimerPart[] {
  const many = demoTimingRelays()
    .filter(({ raw }) => wordsMark(raw.functionWords).length > 3)
    .map(({ id, name, raw }): TimerPart => ({
      id,
      name,
      words: wordsMark(raw.functionWords),
      signalInput: raw.signalInput === true,
      ranges: bandsMark(raw.rangesSeconds),
      twoTimes: raw.twoTimes === true,
      repeatPercent: Number(raw.repeatAccuracyPercent),
    }));
  return Array.from({ length: TIMERS }, (_, i) => certain(many[i % many.length]));
}

/** Three hundred events in an hour: sags, flicker and lost phases, half of which must trip. */
const events: Scenario[] = Array.from({ length: 300 }, (_, i): Scenario => {
  const at = { atSeconds: i * 12, seconds: 6 };
  if (i % 3 === 0) return { kind: 'flicker', ...at, depthPercent: 12, hertz: 4, mustTrip: false };
  if (i % 3 === 1) return { kind: 'sag', ...at, leftPercent: 78, phases: 3, mustTrip: i % 2 === 0 };
  return { kind: 'lost-phase', ...at, heldPercent: 84, mustTrip: true };
});

export function benchRelays(say: Say): void {
  const parts = multifunction();
  const output = [
    [3, 1],
    [16.5, 0],
  ] as const;
  const stimulus = {
    supply: [[0, 1]] as const,
    signal: [
      [3, 1],
      [7.5, 0],
    ] as const,
  };
  const times = Array.from({ length: 15 }, () => {
    const began = performance.now();
    matchTimers({ stimulus, output, untilSeconds: 60 }, parts);
    return performance.now() - began;
  });
  say(
    `${TIMERS} multifunction timers matched by behaviour, median of 15`,
    `${round(median(times))} ms`,
    `${round(median(times) / MATCH_MS)} x the ${MATCH_MS} ms asked for`,
  );

  const { settings } = planSettings({
    systemVolts: 400,
    hertz: 50,
    wires: 3,
    motorVolts: 400,
    supplyBandPercent: 6,
    usualUnbalancePercent: 1,
    heldPercent: 84,
    startDip: null,
    rideThroughSeconds: 0.5,
    changeoverSeconds: null,
    restSeconds: null,
    asymmetryBy: 'spread',
    latch: false,
  });
  const recording = makeRecording({ lineVolts: 400, hertz: 50, between: 'line-to-line', stepSeconds: 0.01, seconds: HOUR_SECONDS }, events);
  const runs = Array.from({ length: 5 }, () => {
    const began = performance.now();
    runMonitor(recording, settings, derive(recording.samples, settings.nominalVolts));
    return performance.now() - began;
  });
  const rate = (countOf(recording.samples) / median(runs)) * 1000;
  say(
    `monitoring relay over an hour of 10 ms samples, ${events.length} events, median of 5`,
    `${round(rate)} samples a second`,
    `${round(rate / SAMPLES_A_SECOND)} x the ${SAMPLES_A_SECOND} asked for`,
  );

  const began = performance.now();
  sweep(
    recording,
    settings,
    { setting: 'underVolts', low: 300, high: 390, steps: 50 },
    { setting: 'tripDelaySeconds', low: 0.1, high: 10, steps: 50 },
  );
  const took = performance.now() - began;
  say(
    'sweep of 50 x 50 settings over that hour',
    `${round(took / 1000)} s`,
    `${round(took / SWEEP_MS)} x the ${SWEEP_MS / 1000} s asked for; ${round((2500 * median(runs)) / took)} x faster than 2 500 single runs`,
  );
}
