/**
 * What may keep a breaker from closing? Each cause as a change of a sound breaker, with what it proves and what is done about it.
 * Causes: common practice; limits IEC 60947-1 and 60947-2, from memory.
 */
import type { BreakerState, Fitted } from './breaker-state';
import { settle } from './operate';

export type Fault = {
  id: string;
  title: string;
  /** Asked only where the breaker carries this. */
  needs?: keyof Fitted;
  change: Partial<Omit<BreakerState, 'fitted'>>;
  remedy: string;
};

const spent = { spring: 'discharged' } as const;

export const faults: readonly Fault[] = [
  {
    id: 'lockout',
    title: 'Tripped and not reset',
    change: { lockedOut: true },
    remedy: 'Find out why it tripped, read the trip unit, then reset. Resetting without a cause puts it back on the fault.',
  },
  {
    id: 'carriage',
    title: 'Carriage between its positions',
    needs: 'carriage',
    change: { carriage: 'between' },
    remedy: 'Rack it fully to connected or test, open, by the maker’s steps; look at what kept it from going home.',
  },
  {
    id: 'interlock',
    title: 'Key or interlock holds it',
    needs: 'interlock',
    change: { interlockFree: false },
    remedy: 'The interlock stands there for a reason: free it by its own order of switching, never by taking it out.',
  },
  {
    id: 'motor-supply',
    title: 'No supply at the charging motor',
    needs: 'motor',
    change: { ...spent, motorPercent: 0 },
    remedy: 'Fuse or breaker of the charging supply, then the wire to it; charge by hand meanwhile.',
  },
  {
    id: 'motor-low',
    title: 'Too few volts at the charging motor',
    needs: 'motor',
    change: { ...spent, motorPercent: 70 },
    remedy: 'It must run from 85 % of its mark: battery, charger, and the drop on the way while it starts.',
  },
  {
    id: 'motor-switch',
    title: 'Switch of the charging motor is off',
    needs: 'motor',
    change: { ...spent, motorSwitchOn: false },
    remedy: 'Somebody switched it off: ask why, then on. It charges at once; stand clear.',
  },
  {
    id: 'motor-burnt',
    title: 'Charging motor does not run',
    needs: 'motor',
    change: { ...spent, motorSound: false },
    remedy: 'Change the motor at its position; until then charge by hand.',
  },
  {
    id: 'spring-latch',
    title: 'Spring does not stay charged',
    change: { ...spent, springHolds: false },
    remedy: 'Mechanism worn or dry: out of service and to somebody who may open it. Nothing is filed or blocked.',
  },
  {
    id: 'release-source',
    title: 'No volts at the source of the undervoltage release',
    needs: 'undervoltage',
    change: { releaseSourcePercent: 0 },
    remedy: 'Bring back what feeds it; the release does what it is for.',
  },
  {
    id: 'release-low',
    title: 'Too few volts for the undervoltage release',
    needs: 'undervoltage',
    change: { releaseSourcePercent: 75, releaseIn: false },
    remedy: 'It lets the breaker close from 85 % of its mark: mend the source, or the drop on the way.',
  },
  {
    id: 'release-fuse',
    title: 'Fuse or wire to the undervoltage release is open',
    needs: 'undervoltage',
    change: { releaseFuseSound: false },
    remedy: 'Why did it blow: measure the coil and the wire to earth first, then the fuse of the same kind.',
  },
  {
    id: 'release-load-side',
    title: 'Undervoltage release is fed from the load side',
    needs: 'undervoltage',
    change: { releaseFedFrom: 'load-side' },
    remedy: 'Fed so it has no volts while the breaker is open: move its feed to the line side, through a fuse.',
  },
  {
    id: 'release-coil',
    title: 'Coil of the undervoltage release is open',
    needs: 'undervoltage',
    change: { releaseCoilSound: false },
    remedy: 'Swap the release at its position. It is never tied in by hand: then nothing opens when the supply fails.',
  },
  {
    id: 'shunt-held',
    title: 'A trip command is on',
    needs: 'shuntTrip',
    change: { shuntPercent: 100 },
    remedy: 'Something asks for the trip: find what, before it is taken away. A short-time coil under it burns.',
  },
  {
    id: 'shunt-stuck',
    title: 'Plunger of the shunt trip is stuck',
    needs: 'shuntTrip',
    change: { shuntFree: false },
    remedy: 'Swap the coil at its position; look at why it stuck: burnt, bent, the wrong part.',
  },
  {
    id: 'control-supply',
    title: 'No control supply',
    change: { controlPercent: 0 },
    remedy: 'Battery, charger, its breaker: everything that works this breaker hangs on it.',
  },
  {
    id: 'control-fuse',
    title: 'Control fuse of the closing circuit is blown',
    change: { controlFuseSound: false },
    remedy: 'Measure coil and wires first, then the fuse of the same kind; a second one is a question.',
  },
  {
    id: 'command',
    title: 'The close command does not arrive',
    change: { commandArrives: false },
    remedy: 'Contact, selector, auxiliary interlock or wire between the fuse and the coil: follow it with the drawing.',
  },
  {
    id: 'closing-low',
    title: 'Too few volts at the closing coil',
    change: { closingDropPercent: 25 },
    remedy: 'It must close from 85 % of its mark: the drop on the wires, a weak battery, a burnt contact.',
  },
  {
    id: 'closing-coil',
    title: 'Closing coil is open',
    change: { closingCoilSound: false },
    remedy: 'Swap the coil at its position; a short-time coil that burnt had a command that stayed on.',
  },
  {
    id: 'closing-bay',
    title: 'Another part in the bay of the closing coil',
    change: { closingBayRight: false },
    remedy: 'Read bay, part, cover and cap against your table; put the part in that is marked for it.',
  },
  {
    id: 'anti-pump',
    title: 'The close command never ended',
    change: { closeHeld: true, pumpLatched: true },
    remedy: 'End the command and give it anew; then find what holds it: a stuck button, a contact, a programme.',
  },
  {
    id: 'latch',
    title: 'Closing latch does not hold',
    change: { latchSound: false },
    remedy: 'Mechanism: out of service and to somebody who may open it.',
  },
];

/** Causes that this breaker can have. */
export const faultsOf = (fitted: Fitted): Fault[] => faults.filter(({ needs }) => needs === undefined || fitted[needs]);

/** A breaker with these faults, settled. */
export const withFaults = (sound: BreakerState, list: readonly Fault[]): BreakerState =>
  settle(list.reduce<BreakerState>((state, { change }) => ({ ...state, ...change }), sound)).state;
