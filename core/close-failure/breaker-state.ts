/**
 * A breaker with stored energy as a small state: spring, releases, interlocks, carriage, supplies. What blocks a close, and why?
 * One model serves the simulator and the guided check: a fault is a change of this state, and a check is what one sees of it.
 * Volts are percent of the mark of the coil that they reach. Limits: IEC 60947-1 and 60947-2, through core/standards.
 * Assumption: trip-free mechanism, undervoltage release that holds the trip latch while it is without power. Common practice.
 */
import { operatingShare, undervoltageShare } from '../standards/breaker-releases';

export type Carriage = 'connected' | 'test' | 'between' | 'disconnected';
/** What this breaker carries; a check of what it has not is not asked. */
export type Fitted = { motor: boolean; undervoltage: boolean; shuntTrip: boolean; carriage: boolean; interlock: boolean };

export type BreakerState = {
  fitted: Fitted;
  contacts: 'open' | 'closed';
  /** The trip unit has opened it and its button stands out. */
  lockedOut: boolean;
  spring: 'charged' | 'discharged';
  /** The mechanism keeps a charged spring. */
  springHolds: boolean;
  motorPercent: number;
  motorSwitchOn: boolean;
  motorSound: boolean;
  /** Volts of the control supply itself. */
  controlPercent: number;
  controlFuseSound: boolean;
  /** Volts lost on the way to the closing coil while it pulls in, percent. */
  closingDropPercent: number;
  /** The command reaches the coil: contact, auxiliary interlock, wire. */
  commandArrives: boolean;
  closingCoilSound: boolean;
  closingBayRight: boolean;
  /** A close command is on. */
  closeHeld: boolean;
  /** It closed under this command already: anti-pumping waits for the command to end. */
  pumpLatched: boolean;
  shuntPercent: number;
  shuntFree: boolean;
  /** Volts of the source that feeds the release, on its line side. */
  releaseSourcePercent: number;
  releaseFuseSound: boolean;
  releaseCoilSound: boolean;
  releaseFedFrom: 'line-side' | 'load-side';
  /** It holds: the trip latch is free. */
  releaseIn: boolean;
  /** Share of its mark at which this release lets go, percent: 35 to 70 by standard. */
  releaseLetsGoPercent: number;
  interlockFree: boolean;
  carriage: Carriage;
  latchSound: boolean;
};

const PERCENT = 100;
export const limits = {
  trips: operatingShare.tripping[0] * PERCENT,
  closes: operatingShare.closing[0] * PERCENT,
  holds: undervoltageShare.closesFrom * PERCENT,
} as const;

/** Volts at the terminals of the undervoltage release. */
export function releasePercent(state: BreakerState): number {
  if (!state.releaseFuseSound) return 0;
  return state.releaseFedFrom === 'load-side' && state.contacts === 'open' ? 0 : state.releaseSourcePercent;
}
/** Volts at the closing coil while the command is given. */
export const closingPercent = (state: BreakerState): number =>
  state.controlFuseSound && state.commandArrives ? Math.max(0, state.controlPercent - state.closingDropPercent) : 0;
export const motorRuns = ({ fitted, motorPercent, motorSwitchOn, motorSound }: BreakerState): boolean =>
  fitted.motor && motorSwitchOn && motorSound && motorPercent >= limits.closes;

export type Blocker =
  | 'spring'
  | 'undervoltage'
  | 'shunt-trip'
  | 'lockout'
  | 'interlock'
  | 'carriage'
  | 'latch'
  | 'anti-pump'
  | 'closing-coil'
  | 'closed-already';

export const blockerWords: Record<Blocker, string> = {
  spring: 'The spring is not charged: there is nothing to close it with.',
  undervoltage: 'The undervoltage release is out: it holds the trip latch, and the breaker cannot stay closed.',
  'shunt-trip': 'The shunt trip holds the trip latch: its command is on, or its plunger is stuck.',
  lockout: 'It has tripped and is locked out: its button is not reset.',
  interlock: 'A key or interlock holds it open.',
  carriage: 'The carriage stands between its positions: the interlock lets it close in none but connected and test.',
  latch: 'The closing latch does not hold.',
  'anti-pump': 'The close command is still on from before: anti-pumping waits for it to end.',
  'closing-coil': 'The closing coil does not pull: no volts, too few, an open coil, or another part in its bay.',
  'closed-already': 'It is closed.',
};

/** What keeps it from closing, by signal or by its own button, in the order of the mechanism. */
export function blockersOf(state: BreakerState, by: 'signal' | 'hand'): Blocker[] {
  const { fitted } = state;
  const found: Blocker[] = [];
  if (state.contacts === 'closed') found.push('closed-already');
  if (state.spring === 'discharged') found.push('spring');
  if (fitted.undervoltage && !state.releaseIn) found.push('undervoltage');
  if (fitted.shuntTrip && (state.shuntPercent >= limits.trips || !state.shuntFree)) found.push('shunt-trip');
  if (state.lockedOut) found.push('lockout');
  if (fitted.interlock && !state.interlockFree) found.push('interlock');
  if (fitted.carriage && (state.carriage === 'between' || state.carriage === 'disconnected')) found.push('carriage');
  if (!state.latchSound) found.push('latch');
  if (by === 'signal') {
    if (state.pumpLatched) found.push('anti-pump');
    if (!state.closingCoilSound || !state.closingBayRight || closingPercent(state) < limits.closes) found.push('closing-coil');
  }
  return found;
}

/** A breaker in order: open, charged, every supply there. */
export const soundBreaker = (fitted: Fitted): BreakerState => ({
  fitted,
  contacts: 'open',
  lockedOut: false,
  spring: 'charged',
  springHolds: true,
  motorPercent: 100,
  motorSwitchOn: true,
  motorSound: true,
  controlPercent: 100,
  controlFuseSound: true,
  closingDropPercent: 0,
  commandArrives: true,
  closingCoilSound: true,
  closingBayRight: true,
  closeHeld: false,
  pumpLatched: false,
  shuntPercent: 0,
  shuntFree: true,
  releaseSourcePercent: 100,
  releaseFuseSound: true,
  releaseCoilSound: true,
  releaseFedFrom: 'line-side',
  releaseIn: true,
  releaseLetsGoPercent: 55,
  interlockFree: true,
  carriage: 'connected',
  latchSound: true,
});
