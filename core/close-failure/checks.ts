/**
 * What can be looked at, tried by hand or measured, and what does each show of the state?
 * A measured check sorts a reading by its limits; volts are percent of the mark, so that any control voltage serves.
 * Volts are read by instruments fitted while dead, or at test terminals by the site's rules; ohms with everything isolated.
 * Limits: IEC 60947-1 and 60947-2 through core/standards; the rest is common practice.
 */
import { blockersOf, closingPercent, limits, releasePercent, type BreakerState, type Fitted } from './breaker-state';
import { press } from './operate';

/** Said wherever the checks are shown or printed. Common practice. */
export const STORED_ENERGY_CAUTION =
  'Springs hold energy with every supply off. Volts are read by instruments fitted while dead or at test terminals by the site’s rules; ' +
  'hands go in only when it is withdrawn or isolated, open and discharged.';

/** What a check may show: a word of its own list. */
export type Shown = string;
export type Check = {
  id: string;
  needs?: keyof Fitted;
  question: string;
  how: string;
  /** What it costs: a look, a hand, a meter, a tool. */
  effort: 1 | 2 | 3 | 4;
  /** It charges, closes or energises something: asked after what a look tells, and made safe for first. */
  moves?: true;
  /** Yes or no, or volts in percent of the mark sorted by `sorts`, or the resistance of a coil. */
  kind: 'yes-no' | 'volts' | 'ohms';
  observe: (state: BreakerState) => Shown;
};

const yesNo = (holds: boolean): Shown => (holds ? 'yes' : 'no');
const NO_VOLTS_PERCENT = 10;

/** Sorts volts, percent of the mark, into what they mean for a coil that works from `from`. */
export function sortVolts(percent: number, from: number): Shown {
  if (!(percent >= 0)) return 'none';
  if (percent < NO_VOLTS_PERCENT) return 'none';
  return percent >= from * (1 - 1e-9) ? 'enough' : 'too few';
}
/** Words of each kind of answer, for the page. */
export const shownWords: Record<Shown, string> = {
  yes: 'yes',
  no: 'no',
  none: 'no volts',
  enough: 'enough volts',
  'too few': 'too few volts',
  sound: 'coil in order',
  open: 'coil open',
};

export const checks: readonly Check[] = [
  {
    id: 'locked-out',
    question: 'Does the trip button stand out, or the flag show tripped?',
    how: 'Look at the front of the breaker and at its trip unit.',
    effort: 1,
    kind: 'yes-no',
    observe: (state) => yesNo(state.lockedOut),
  },
  {
    id: 'spring-flag',
    question: 'Does the flag show the spring charged?',
    how: 'Look at the window beside the charging handle.',
    effort: 1,
    kind: 'yes-no',
    observe: (state) => yesNo(state.spring === 'charged'),
  },
  {
    id: 'racked',
    needs: 'carriage',
    question: 'Is the carriage fully in connected or test?',
    how: 'Look at its position window and at the racking hole.',
    effort: 1,
    kind: 'yes-no',
    observe: (state) => yesNo(state.carriage === 'connected' || state.carriage === 'test'),
  },
  {
    id: 'interlock-free',
    needs: 'interlock',
    question: 'Are key and interlocks free?',
    how: 'Look at the key, the padlocks, and the breaker that is interlocked with this one.',
    effort: 1,
    kind: 'yes-no',
    observe: (state) => yesNo(state.interlockFree),
  },
  {
    id: 'motor-switch',
    needs: 'motor',
    question: 'Is the switch of the charging motor on?',
    how: 'Look for the switch on the front or in the control compartment.',
    effort: 1,
    kind: 'yes-no',
    observe: (state) => yesNo(state.motorSwitchOn),
  },
  {
    id: 'charge-hand',
    question: 'Charged by hand: does the flag come and stay?',
    how: 'Handle, full strokes, nobody before the breaker.',
    effort: 2,
    moves: true,
    kind: 'yes-no',
    observe: (state) => yesNo(press(state, 'charge-hand').state.spring === 'charged'),
  },
  {
    id: 'close-hand',
    question: 'Charged, does its own close button close it?',
    how: 'In test position or isolated beyond it, spring charged, push the button on the breaker.',
    effort: 2,
    moves: true,
    kind: 'yes-no',
    observe: (state) => yesNo(blockersOf(press(state, 'charge-hand').state, 'hand').length === 0),
  },
  {
    id: 'motor-volts',
    needs: 'motor',
    question: 'Volts at the charging motor',
    how: 'Meter at U1-U2 fitted while dead, or at the test terminals by the site’s rules; the lowest while it should run.',
    effort: 3,
    kind: 'volts',
    observe: (state) => sortVolts(state.motorPercent, limits.closes),
  },
  {
    id: 'release-volts',
    needs: 'undervoltage',
    question: 'Volts at the undervoltage release',
    how: 'Meter at D1-D2 fitted while dead, or at the test terminals by the site’s rules.',
    effort: 3,
    kind: 'volts',
    observe: (state) => sortVolts(releasePercent(state), limits.holds),
  },
  {
    id: 'release-source',
    needs: 'undervoltage',
    question: 'Volts at the source of the release, before its fuse',
    how: 'Meter on the line side, or the panel meter of that supply.',
    effort: 3,
    kind: 'volts',
    observe: (state) => sortVolts(state.releaseSourcePercent, limits.holds),
  },
  {
    id: 'release-line-side',
    needs: 'undervoltage',
    question: 'Is the release fed from the line side?',
    how: 'Follow its two wires with the drawing, isolated.',
    effort: 3,
    kind: 'yes-no',
    observe: (state) => yesNo(state.releaseFedFrom === 'line-side'),
  },
  {
    id: 'release-ohms',
    needs: 'undervoltage',
    question: 'Coil of the undervoltage release',
    how: 'Isolated, one lead off: ohmmeter across D1-D2. Without end is open.',
    effort: 4,
    kind: 'ohms',
    observe: (state) => (state.releaseCoilSound ? 'sound' : 'open'),
  },
  {
    id: 'shunt-volts',
    needs: 'shuntTrip',
    question: 'Volts at the shunt trip, with no trip wanted',
    how: 'Meter at C1-C2 fitted while dead, or at the test terminals by the site’s rules.',
    effort: 3,
    kind: 'volts',
    observe: (state) => sortVolts(state.shuntPercent, limits.trips),
  },
  {
    id: 'shunt-free',
    needs: 'shuntTrip',
    question: 'Does the plunger of the shunt trip move freely and stand back?',
    how: 'Withdrawn or isolated, spring discharged, cover off: push it with a finger and let it go.',
    effort: 4,
    kind: 'yes-no',
    observe: (state) => yesNo(state.shuntFree),
  },
  {
    id: 'control-volts',
    question: 'Volts of the control supply, before the fuse',
    how: 'Panel meter of the battery, or a meter fitted while dead.',
    effort: 3,
    kind: 'volts',
    observe: (state) => sortVolts(state.controlPercent, limits.closes),
  },
  {
    id: 'control-fuse',
    question: 'Is the control fuse of the closing circuit sound?',
    how: 'Isolated, fuse out: ohmmeter across it. A look is no test of a filled fuse.',
    effort: 3,
    kind: 'yes-no',
    observe: (state) => yesNo(state.controlFuseSound),
  },
  {
    id: 'before-command',
    question: 'Volts at the closing coil before any command',
    how: 'Meter at A1-A2 fitted while dead; nobody gives a command.',
    effort: 3,
    kind: 'volts',
    observe: (state) => sortVolts(state.closeHeld ? closingPercent(state) : 0, limits.closes),
  },
  {
    id: 'closing-volts',
    question: 'Volts at the closing coil while the command is given',
    how: 'Meter at A1-A2 fitted while dead, lowest value held; command from its usual place, everybody clear.',
    effort: 3,
    moves: true,
    kind: 'volts',
    observe: (state) => sortVolts(closingPercent(state), limits.closes),
  },
  {
    id: 'closing-ohms',
    question: 'Closing coil',
    how: 'Isolated, spring discharged, one lead off: ohmmeter across A1-A2. Without end is open.',
    effort: 4,
    kind: 'ohms',
    observe: (state) => (state.closingCoilSound ? 'sound' : 'open'),
  },
  {
    id: 'letters',
    question: 'Do the letters of the closing bay, the part, its cover and its cap agree?',
    how: 'Spring discharged, cover off: read all four against your table for this maker.',
    effort: 4,
    kind: 'yes-no',
    observe: (state) => yesNo(state.closingBayRight),
  },
];

export const checksOf = (fitted: Fitted): Check[] => checks.filter(({ needs }) => needs === undefined || fitted[needs]);
export const checkOf = (id: string): Check | undefined => checks.find((one) => one.id === id);
/** Share from which the coil of a volts check works, percent. */
export const worksFrom = (id: string): number =>
  id === 'shunt-volts' ? limits.trips : id.startsWith('release') ? limits.holds : limits.closes;
