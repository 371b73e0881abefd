/**
 * Which of many timers do what the circuit shows? By behaviour: each function is run on the circuit's own stimulus, then each timer is
 * held by the functions it has, the ranges that hold the times, and its repeat error. Functions are run once for all timers.
 */
import { certain } from '../certain';
import { functionsOfWord, timingFunctions, type TimingFunction } from './functions';
import { sameBehaviour, type FoundFunction, functionsOfTrace } from './find';
import type { Stimulus, Times } from './run';
import type { Trace } from './trace';
import { rangeFor, type Band } from './setting';

export type TimerPart = {
  id: string;
  name: string;
  words: readonly string[];
  signalInput: boolean | null;
  ranges: readonly Band[];
  twoTimes: boolean | null;
  /** Repeat error, %; null where not known. */
  repeatPercent: number | null;
};
export type TimerNeed = { stimulus: Stimulus; output: Trace; untilSeconds: number; repeatPercent?: number };
export type TimerMatch = { id: string; name: string; fn: TimingFunction; times: Times; word: string };

const DIFFERENT = 1.01;

/** Functions that a part surely has, with the word that it prints. */
function functionsOf(part: TimerPart): Map<TimingFunction, string> {
  const out = new Map<TimingFunction, string>();
  for (const word of part.words) {
    const read = functionsOfWord(word, part.signalInput);
    if (read.length === 1 && !out.has(certain(read[0]))) out.set(certain(read[0]), word);
  }
  return out;
}

/** True where its ranges hold the times, and two different times can be set apart. */
export function canBeSet(part: Pick<TimerPart, 'ranges' | 'twoTimes'>, fn: TimingFunction, times: Times): boolean {
  const needed = times.slice(0, timingFunctions[fn].times).filter((one): one is number => one !== undefined);
  const apart = needed.length === 2 && Math.max(...needed) > DIFFERENT * Math.min(...needed);
  return needed.every((seconds) => rangeFor(part.ranges, seconds) !== undefined) && (!apart || part.twoTimes === true);
}

/** Returns every timer that does it, with the function and the times to set, in the order given. */
export function matchTimers(need: TimerNeed, parts: readonly TimerPart[]): TimerMatch[] {
  const found = functionsOfTrace(need.stimulus, need.output, need.untilSeconds);
  return parts.flatMap((part): TimerMatch[] => {
    if (need.repeatPercent !== undefined && (part.repeatPercent === null || part.repeatPercent > need.repeatPercent)) return [];
    const has = functionsOf(part);
    const does = found.find(({ fn, times }) => has.has(fn) && canBeSet(part, fn, times));
    return does ? [{ id: part.id, name: part.name, fn: does.fn, times: does.times, word: certain(has.get(does.fn)) }] : [];
  });
}

/** Functions of an old part that another gives as well, at the same times, on every test stimulus. */
export function standsInFor(old: readonly FoundFunction[], part: TimerPart): TimingFunction[] {
  const has = functionsOf(part);
  return old
    .filter(({ fn, times }) =>
      [...has.keys()].some((other) => canBeSet(part, other, times) && (other === fn || sameBehaviour({ fn, times }, { fn: other, times }))),
    )
    .map(({ fn }) => fn);
}
