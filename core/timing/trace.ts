/**
 * A two-state signal over time: changes of state `[seconds, 0 or 1]`, times rising. Before the first change it is 0.
 * The same form stands in the plain case (`requiredTrace`).
 */
import { certain } from '../certain';
export type State = 0 | 1;
export type Trace = readonly (readonly [seconds: number, state: State])[];

/** State at a time, the change at that very time included. */
export function stateAt(trace: Trace, seconds: number): State {
  let state: State = 0;
  for (const [at, next] of trace) {
    if (at > seconds) break;
    state = next;
  }
  return state;
}

/** The same trace without changes that change nothing; of several at one instant the last counts. */
export function normalised(trace: Trace): Trace {
  const out: [number, State][] = [];
  for (const [seconds, state] of trace) {
    if (out.at(-1)?.[0] === seconds) out.pop();
    if (state !== (out.at(-1)?.[1] ?? 0)) out.push([seconds, state]);
  }
  return out;
}

/** What is wrong with a trace in words, or undefined. */
export function traceFault(trace: Trace): string | undefined {
  for (const [i, [seconds, state]] of trace.entries()) {
    if (!Number.isFinite(seconds) || seconds < 0) return `Change ${i + 1}: the time is below zero or no number.`;
    if (state !== 0 && state !== 1) return `Change ${i + 1}: the state is 0 or 1.`;
    if (i > 0 && seconds < certain(trace[i - 1])[0]) return `Change ${i + 1}: the time goes back.`;
  }
  return undefined;
}

/** True where both change in the same order at the same times, each within a share of the time and a least slack in seconds. */
export function sameTrace(a: Trace, b: Trace, share = 0.005, minSeconds = 0.01): boolean {
  const [one, other] = [normalised(a), normalised(b)];
  return (
    one.length === other.length &&
    one.every(([seconds, state], i) => {
      const [at, then] = certain(other[i]);
      return state === then && Math.abs(seconds - at) <= Math.max(minSeconds, share * Math.max(seconds, at));
    })
  );
}
