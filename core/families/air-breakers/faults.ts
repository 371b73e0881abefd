/** An air breaker that operates again and again: what overcurrent devices share, with what its trip unit tells. Common practice. */
import { oneOf, yesNo, type Cause, type FaultTest, type FaultTree } from '../../fault-finding/tree';
import { overcurrentFaults } from '../../overcurrent/overcurrent-faults';
import type { FaultContext } from '../contract';

const tests: readonly FaultTest[] = [
  oneOf(
    'unit-says',
    'What does its trip unit say?',
    'Flag, lamp or log of the unit, before anybody resets it.',
    1,
    { long: 'long time', short: 'short time', instantaneous: 'instantaneous', ground: 'earth fault', none: 'nothing at all' },
    { first: true },
  ),
  yesNo(
    'release-let-go',
    'Did its undervoltage release let go, or somebody press OFF?',
    'Ask, and look at the log of the supply of that release: a dip lets it go with no trip said.',
    2,
  ),
  yesNo(
    'settings-differ',
    'Do its dials stand elsewhere than the setting sheet says?',
    'Read each dial and the rating plug, and hold them against the sheet of this position.',
    2,
  ),
];

const causes: readonly Cause[] = [
  {
    ...{ id: 'release-dip', title: 'It was opened, not tripped', then: 'adjust' },
    shows: { 'unit-says': 'none' },
    provedBy: { 'release-let-go': 'yes' },
    remedy: 'A release with a delay, or a supply of its own that rides the dip; never a release tied in.',
  },
  {
    ...{ id: 'set-wrong', title: 'It is set otherwise than planned', then: 'adjust' },
    shows: { 'unit-says': ['long', 'short', 'instantaneous', 'ground'] },
    provedBy: { 'settings-differ': 'yes' },
    remedy: 'Set it by the sheet, and find out who set it and why.',
  },
];

/** What an air breaker does besides not closing. */
export const airBreakerTrips = (context: FaultContext): FaultTree =>
  overcurrentFaults(context, { symptoms: [], tests, causes, earthFaultToo: [] });
