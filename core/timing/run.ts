/**
 * What does a timer's contact do over time? Each function is a small state machine over supply, signal and one clock.
 * Pure: traces in, trace out. Interrupting the supply resets, but for the two functions that live on after it; a signal that
 * is there when the supply comes counts as given then (makers differ: read the sheet). Source: IEC 61812-1 and common practice.
 */
import { certain } from '../certain';
import { timingFunctions, type TimingFunction } from './functions';
import { normalised, type State, type Trace } from './trace';

export type Stimulus = { supply: Trace; signal?: Trace };
/** First and second time, s: pulse and pause, on-delay and off-delay, delay and pulse. */
export type Times = readonly [first: number, second?: number];

type Clock = {
  now: number;
  out: State;
  /** When the clock next runs out; null while it stands. */
  due: number | null;
  /** Time gathered so far, of functions that gather. */
  gathered: number;
  since: number | null;
};
type Machine = {
  supplyOn?: (clock: Clock, times: Times) => void;
  supplyOff?: (clock: Clock, times: Times) => void;
  signalOn?: (clock: Clock, times: Times) => void;
  signalOff?: (clock: Clock, times: Times) => void;
  due?: (clock: Clock, times: Times) => void;
  /** Goes on after its supply has gone. */
  outlivesSupply?: true;
};

const start = (clock: Clock, seconds: number) => (clock.due = clock.now + seconds);
const stop = (clock: Clock) => (clock.due = null);
const set = (clock: Clock, out: State) => (clock.out = out);
const pulse = (clock: Clock, seconds: number) => {
  set(clock, 1);
  start(clock, seconds);
};
const second = ([first, other]: Times) => other ?? first;
const turnsOff: Pick<Machine, 'due'> = { due: (clock) => set(clock, 0) };
const turnsOn: Pick<Machine, 'due'> = { due: (clock) => set(clock, 1) };
const cancel = (clock: Clock) => {
  set(clock, 0);
  stop(clock);
};

const cycle = (first: State): Machine => ({
  supplyOn: (clock, times) => {
    set(clock, first);
    start(clock, times[0]);
  },
  // The first time belongs to the state that the cycle begins with.
  due: (clock, times) => {
    set(clock, clock.out === 1 ? 0 : 1);
    start(clock, clock.out === first ? times[0] : second(times));
  },
});

const machines: Record<TimingFunction, Machine> = {
  'on-delay': { supplyOn: (clock, times) => start(clock, times[0]), ...turnsOn },
  'on-delay with control signal': { signalOn: (clock, times) => start(clock, times[0]), signalOff: cancel, ...turnsOn },
  'true off-delay (no auxiliary supply)': {
    supplyOn: (clock) => {
      set(clock, 1);
      stop(clock);
    },
    supplyOff: (clock, times) => start(clock, times[0]),
    outlivesSupply: true,
    ...turnsOff,
  },
  'delay on break with control signal': {
    signalOn: (clock) => {
      set(clock, 1);
      stop(clock);
    },
    signalOff: (clock, times) => start(clock, times[0]),
    ...turnsOff,
  },
  'on- and off-delay with control signal': {
    signalOn: (clock, times) => (clock.out === 1 ? stop(clock) : start(clock, times[0])),
    signalOff: (clock, times) => (clock.out === 1 ? start(clock, second(times)) : stop(clock)),
    due: (clock) => set(clock, clock.out === 1 ? 0 : 1),
  },
  interval: { supplyOn: (clock, times) => pulse(clock, times[0]), ...turnsOff },
  'one-shot on signal': { signalOn: (clock, times) => clock.due === null && pulse(clock, times[0]), ...turnsOff },
  'retriggerable one-shot on signal': { signalOn: (clock, times) => pulse(clock, times[0]), ...turnsOff },
  'impulse on de-energising': {
    supplyOn: cancel,
    supplyOff: (clock, times) => pulse(clock, times[0]),
    signalOn: cancel,
    signalOff: (clock, times) => pulse(clock, times[0]),
    outlivesSupply: true,
    ...turnsOff,
  },
  'recycle starting on': cycle(1),
  'recycle starting off': cycle(0),
  'delayed pulse': {
    supplyOn: (clock, times) => start(clock, times[0]),
    due: (clock, times) => (clock.out === 0 ? pulse(clock, second(times)) : set(clock, 0)),
  },
  'accumulating on-delay': {
    signalOn: (clock, times) => {
      clock.since = clock.now;
      if (clock.out === 0) start(clock, times[0] - clock.gathered);
    },
    signalOff: (clock) => {
      if (clock.since !== null) clock.gathered += clock.now - clock.since;
      clock.since = null;
      stop(clock);
    },
    ...turnsOn,
  },
  'step on signal': { signalOn: (clock) => set(clock, clock.out === 1 ? 0 : 1) },
  'star-delta': { supplyOn: (clock, times) => pulse(clock, times[0]), ...turnsOff },
};

type Event = { seconds: number; of: 'supply' | 'signal'; state: State };

/** Inputs in their order; at one instant the supply goes first, as the signal means nothing without it. */
function eventsOf({ supply, signal = [] }: Stimulus): Event[] {
  const list = (trace: Trace, of: Event['of']): Event[] => normalised(trace).map(([seconds, state]) => ({ seconds, of, state }));
  return [...list(supply, 'supply'), ...list(signal, 'signal')].sort(
    (a, b) => a.seconds - b.seconds || (a.of === b.of ? 0 : a.of === 'supply' ? -1 : 1),
  );
}

const MAX_CHANGES = 10_000;

/**
 * Contact trace of a function from the first event to `untilSeconds`. Times above zero; a pending time that runs out at the same
 * instant as an input is taken first. Throws RangeError on a time that is not above zero, or on more than 10 000 changes.
 */
export function runTimer(fn: TimingFunction, times: Times, stimulus: Stimulus, untilSeconds: number): Trace {
  const needed = times.slice(0, timingFunctions[fn].times);
  if (needed.length < timingFunctions[fn].times && fn !== 'recycle starting on' && fn !== 'recycle starting off')
    throw new RangeError(`${fn} needs ${timingFunctions[fn].times} times.`);
  if (!needed.every((seconds) => certain(seconds) > 0)) throw new RangeError('A time must be above zero.');
  const machine = machines[fn];
  const clock: Clock = { now: 0, out: 0, due: null, gathered: 0, since: null };
  const trace: [number, State][] = [];
  let fed: State = 0;
  let given: State = 0;
  const note = () => {
    if (clock.out !== (trace.at(-1)?.[1] ?? 0)) trace.push([clock.now, clock.out]);
    if (trace.length > MAX_CHANGES) throw new RangeError(`More than ${MAX_CHANGES} changes; take a shorter run.`);
  };
  const runOut = (to: number) => {
    while (clock.due !== null && clock.due <= to) {
      clock.now = clock.due;
      clock.due = null;
      machine.due?.(clock, times);
      note();
    }
  };
  const reset = () => Object.assign(clock, { out: 0, due: null, gathered: 0, since: null } satisfies Omit<Clock, 'now'>);
  for (const event of eventsOf(stimulus)) {
    if (event.seconds > untilSeconds) break;
    runOut(event.seconds);
    clock.now = event.seconds;
    if (event.of === 'supply') {
      fed = event.state;
      if (fed === 1) {
        machine.supplyOn?.(clock, times);
        if (given === 1) machine.signalOn?.(clock, times);
      } else if (machine.outlivesSupply) machine.supplyOff?.(clock, times);
      else reset();
    } else {
      given = event.state;
      if (fed === 1) (given === 1 ? machine.signalOn : machine.signalOff)?.(clock, times);
    }
    note();
  }
  runOut(untilSeconds);
  return normalised(trace);
}
