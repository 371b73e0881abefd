/**
 * Which timing function does the position need, and at which time? From the trace that the circuit shows, else from words.
 * A trace is worked out by running every function; a sentence counts only where it names one, or describes what one does.
 */
import { figuresMark } from '../../case/case';
import { certain } from '../../certain';
import { functionsOfSentence, type TimingFunction } from '../../timing/functions';
import { functionsOfBehaviour } from '../../timing/sentences';
import { functionsOfTrace } from '../../timing/find';
import type { Stimulus } from '../../timing/run';
import { normalised, type Trace } from '../../timing/trace';
import type { NeedContext } from '../contract';

export type Required = {
  /** Functions that do it; null where that is not known. */
  functions: TimingFunction[] | null;
  /** Times that the trace shows, s. */
  times: readonly [number, number?] | undefined;
  because: string;
};

type RequiredTrace = { supply?: Trace | null; signal?: Trace | null; output?: Trace | null };

/** Length of the run: well past the last change, so that a cycle would show itself. */
const runSeconds = (stimulus: Stimulus, output: Trace) => {
  const last = Math.max(...[stimulus.supply, stimulus.signal ?? [], output].flatMap((trace) => trace.map(([at]) => at)), 0);
  return 3 * last + 1;
};

/** Within this share two times are one. */
const SAME_TIME = 0.02;
const isTime = (found: readonly (number | undefined)[], wanted: readonly number[]) =>
  wanted.every((one) => found.some((time) => time !== undefined && Math.abs(time - one) <= SAME_TIME * one));

function ofTrace(trace: RequiredTrace, setting: unknown): Required {
  const { supply, signal, output } = trace;
  if (supply === null || signal === null || !output)
    return { functions: null, times: undefined, because: 'Part of the trace is not known.' };
  const stimulus: Stimulus = { supply: supply ?? [[0, 1]], ...(signal ? { signal } : {}) };
  if (normalised(output).length === 0) return { functions: null, times: undefined, because: 'The trace shows no change of the output.' };
  const all = functionsOfTrace(stimulus, output, runSeconds(stimulus, output));
  // The time to be set tells apart what one trace alone does not: a delay after the signal, or a pulse from its start.
  const wanted = typeof setting === 'number' ? [setting] : figuresMark(setting);
  const timed = all.filter(({ times }) => isTime(times, wanted));
  const found = timed.length > 0 ? timed : all;
  if (found.length === 0)
    return {
      functions: null,
      times: undefined,
      because: 'No timing function known here gives this trace: draw it again, or look for two devices.',
    };
  return {
    functions: found.map(({ fn }) => fn),
    times: certain(found[0]).times,
    because: `The trace is that of ${found.map(({ fn }) => fn).join(', or ')}; names differ by maker, so what it does counts.`,
  };
}

/** Undefined where the position does not ask for a function. */
export function requiredFunction({ load }: NeedContext): Required | undefined {
  const { requiredTrace: trace, requiredFunctionPlain: plain, controlSignal } = load;
  if (trace !== undefined && trace !== null && trace !== 'none') return ofTrace(trace as RequiredTrace, load.settingSeconds);
  if (typeof plain === 'string' && plain !== 'none') {
    const input = controlSignal === true ? true : controlSignal === false ? false : undefined;
    const byName = functionsOfSentence(plain, input);
    const named = byName.length === 1 ? byName : functionsOfBehaviour(plain);
    return named.length === 1
      ? { functions: named, times: undefined, because: `Wanted: ${certain(named[0])}.` }
      : {
          functions: null,
          times: undefined,
          because: 'The words do not name one function: draw or pick the trace that the circuit shows.',
        };
  }
  return trace === null || plain === null
    ? { functions: null, times: undefined, because: 'Which function is needed is not known.' }
    : undefined;
}
