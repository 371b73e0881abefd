/**
 * What happens when somebody presses, racks, resets, or a supply changes? The state after, and what is seen and heard.
 * Every change settles: the motor charges by itself, a release without volts lets go, a shunt trip under volts opens.
 */
import { blockersOf, blockerWords, limits, motorRuns, releasePercent, type Blocker, type BreakerState } from './breaker-state';

export type Action = 'close-signal' | 'close-signal-off' | 'close-hand' | 'open-hand' | 'charge-hand' | 'reset' | 'trip' | 'release-spring';
export type Outcome = { state: BreakerState; said: string[]; blockedBy: Blocker[] };

const opened = (state: BreakerState): BreakerState => ({ ...state, contacts: 'open' });

/** The state after everything that moves by itself has moved, with what moved. */
export function settle(before: BreakerState): Outcome {
  let state = before;
  const said: string[] = [];
  if (!state.springHolds && state.spring === 'charged') {
    state = { ...state, spring: 'discharged' };
    said.push('The spring lets go: its latch does not hold.');
  }
  if (state.spring === 'discharged' && state.springHolds && motorRuns(state)) {
    state = { ...state, spring: 'charged' };
    said.push('The motor charges the spring and stops.');
  }
  if (state.fitted.undervoltage) {
    const percent = releasePercent(state);
    const holds = state.releaseCoilSound && (state.releaseIn ? percent >= state.releaseLetsGoPercent : percent >= limits.holds);
    if (holds !== state.releaseIn) {
      state = { ...state, releaseIn: holds };
      said.push(holds ? 'The undervoltage release pulls in.' : 'The undervoltage release lets go.');
    }
    if (!state.releaseIn && state.contacts === 'closed') {
      state = opened(state);
      said.push('The breaker opens.');
    }
  }
  if (state.fitted.shuntTrip && (state.shuntPercent >= limits.trips || !state.shuntFree) && state.contacts === 'closed') {
    state = opened(state);
    said.push('The shunt trip opens the breaker.');
  }
  return { state, said, blockedBy: [] };
}

function close(state: BreakerState, by: 'signal' | 'hand'): Outcome {
  const blockedBy = blockersOf(state, by);
  if (blockedBy.length > 0) return { state, said: ['It does not close.', ...blockedBy.map((one) => blockerWords[one])], blockedBy };
  const closed: BreakerState = {
    ...state,
    contacts: 'closed',
    spring: 'discharged',
    pumpLatched: by === 'signal' ? true : state.pumpLatched,
  };
  const after = settle(closed);
  return { ...after, said: ['It closes; the spring is spent.', ...after.said] };
}

/** Returns the state after an action, with what is said. The input is not changed. */
export function press(state: BreakerState, action: Action): Outcome {
  switch (action) {
    case 'close-signal': {
      const given = { ...state, closeHeld: true };
      return close(given, 'signal');
    }
    case 'close-signal-off':
      return { ...settle({ ...state, closeHeld: false, pumpLatched: false }), said: ['The close command ends.'] };
    case 'close-hand':
      return close(state, 'hand');
    case 'open-hand':
      return state.contacts === 'closed'
        ? { state: opened(state), said: ['It opens.'], blockedBy: [] }
        : { state, said: ['It is open.'], blockedBy: [] };
    case 'charge-hand': {
      if (state.spring === 'charged') return { state, said: ['The spring is charged.'], blockedBy: [] };
      const after = settle({ ...state, spring: 'charged' });
      return { ...after, said: ['The handle charges the spring.', ...after.said] };
    }
    case 'release-spring': {
      const after = settle({ ...opened(state), spring: 'discharged' });
      return { ...after, said: ['Opened, and the spring discharged.', ...after.said] };
    }
    case 'reset':
      return {
        state: { ...state, lockedOut: false },
        said: [state.lockedOut ? 'The button goes in: the lockout is reset.' : 'There was nothing to reset.'],
        blockedBy: [],
      };
    case 'trip': {
      if (state.contacts === 'open') return { state, said: ['It is open: nothing trips.'], blockedBy: [] };
      const after = settle({ ...opened(state), lockedOut: true });
      return { ...after, said: ['The trip unit opens it and locks it out.', ...after.said] };
    }
  }
}

/** Changes some of the state and lets it settle: a supply lost, a fuse blown, the carriage racked. */
export const alter = (state: BreakerState, change: Partial<Omit<BreakerState, 'fitted'>>): Outcome => settle({ ...state, ...change });
