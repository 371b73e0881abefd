/**
 * Which functions, at which settings, give the trace that a circuit shows? And do two functions do the same?
 * Times are taken from the trace itself: every time between a change of input or output and a later change of output.
 */
import { certain } from '../certain';
import { singleOutputIds, timingFunctions, type TimingFunction } from './functions';
import { runTimer, type Stimulus, type Times } from './run';
import { normalised, sameTrace, type Trace } from './trace';

export type FoundFunction = { fn: TimingFunction; times: Times };
const SAME_SECONDS = 0.01;

/** Lengths that may be a setting, shortest first. */
function lengthsOf({ supply, signal = [] }: Stimulus, output: Trace): number[] {
  const causes = [...supply, ...signal, ...output].map(([seconds]) => seconds);
  const lengths = output.flatMap(([seconds]) => causes.map((cause) => seconds - cause)).filter((length) => length > SAME_SECONDS);
  return [...new Set(lengths.map((length) => Number(length.toPrecision(6))))].sort((a, b) => a - b);
}

/** Functions of a list that give the output up to `untilSeconds`, with the first times that do. */
function giving(
  fns: readonly TimingFunction[],
  stimulus: Stimulus,
  wanted: Trace,
  lengths: readonly number[],
  untilSeconds: number,
): FoundFunction[] {
  const hasSignal = normalised(stimulus.signal ?? []).length > 0;
  return fns.flatMap((fn): FoundFunction[] => {
    const { signal, times } = timingFunctions[fn];
    if (signal === 'needed' && !hasSignal) return [];
    const settings: Times[] =
      times === 0 ? [[1]] : times === 1 ? lengths.map((one): Times => [one]) : lengths.flatMap((a) => lengths.map((b): Times => [a, b]));
    const found = settings.find((setting) => sameTrace(runTimer(fn, setting, stimulus, untilSeconds), wanted));
    return found ? [{ fn, times: found }] : [];
  });
}

const cycles: readonly TimingFunction[] = ['recycle starting on', 'recycle starting off'];
const MIN_CHANGES_OF_A_CYCLE = 3;

/**
 * Returns every function that gives this output, with its times, in the order of the list. A cycle has no end, so a trace that
 * stops in the middle of one is held up to its last change. A trace without any change tells nothing: empty.
 */
export function functionsOfTrace(stimulus: Stimulus, output: Trace, untilSeconds: number): FoundFunction[] {
  const wanted = normalised(output);
  if (wanted.length === 0) return [];
  const lengths = lengthsOf({ supply: normalised(stimulus.supply), signal: normalised(stimulus.signal ?? []) }, wanted);
  const found = giving(singleOutputIds, stimulus, wanted, lengths, untilSeconds);
  if (found.length > 0 || wanted.length < MIN_CHANGES_OF_A_CYCLE) return found;
  const shown = certain(wanted.at(-1))[0] + Math.min(...lengths) / 2;
  return giving(cycles, stimulus, wanted, lengths, shown);
}

/**
 * Stimuli that tell functions apart, in multiples of the time: steady supply, supply lost while timing and after, a long, a
 * short, a repeated signal, one that is there before the supply, and one lost together with it.
 */
export function testStimuli(seconds: number): Stimulus[] {
  const at = (...changes: [number, 0 | 1][]): Trace => changes.map(([multiple, state]) => [multiple * seconds, state]);
  const on = at([0, 1]);
  return [
    { supply: on },
    { supply: at([0, 1], [0.5, 0], [0.8, 1]) },
    { supply: at([0, 1], [3.2, 0]) },
    { supply: on, signal: at([0.5, 1], [3.7, 0]) },
    { supply: on, signal: at([0.5, 1], [0.9, 0]) },
    { supply: on, signal: at([0.5, 1], [0.7, 0], [1.1, 1], [1.3, 0], [1.7, 1], [4.1, 0]) },
    { supply: at([0.5, 1]), signal: at([0, 1], [2.7, 0]) },
    { supply: at([0, 1], [1.2, 0], [2.1, 1]), signal: at([0.4, 1], [4.3, 0]) },
  ];
}

/** True where two settings give the same contact on every test stimulus; a function that needs a signal is only asked with one. */
export function sameBehaviour(a: FoundFunction, b: FoundFunction): boolean {
  const seconds = Math.max(...[...a.times, ...b.times].map((one) => one ?? 0), SAME_SECONDS);
  return testStimuli(seconds).every((stimulus) => {
    const [one, other] = [a, b].map(({ fn, times }) => runTimer(fn, times, stimulus, 12 * seconds));
    return sameTrace(certain(one), certain(other));
  });
}
