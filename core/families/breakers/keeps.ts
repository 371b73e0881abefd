/** Marks that should stay as on the removed part. Source: common practice, the substitution matrix. */
import type { KeptMark } from '../../matching/changes';

export const breakerKeeps: readonly KeptMark[] = [
  {
    name: 'ratedAmps',
    label: 'Rated current',
    unit: 'A',
    why: 'A larger breaker lets the conductor heat further before it opens; a smaller one may trip on the load.',
    ask: 'Why did it trip? Has the load, the conductor or the rule for this circuit changed?',
    lines: [
      'running',
      'conductor',
      'circuit',
      'exact',
      'motor-feeder',
      'motor-branch-inverse-time-breaker',
      'unit-maximum',
      'plate-maximum',
      'primary-maximum',
    ],
  },
  {
    name: 'poles',
    label: 'Poles',
    unit: 'count',
    why: 'Fewer poles leave a conductor closed.',
    ask: 'Which conductors must open?',
    lines: ['poles', 'poles-open', 'corner-grounded'],
  },
  {
    name: 'curve',
    label: 'Curve',
    unit: '',
    why: 'A steeper curve rides inrush and needs more fault current to trip: the loop may no longer disconnect in time.',
    ask: 'What is the inrush, and what are the loop impedance and the lowest fault current?',
    lines: ['inrush', 'disconnection', 'least-fault', 'first-peak'],
  },
  {
    name: 'instantaneousUse',
    label: 'Overload release',
    unit: '',
    why: 'A breaker without overload release leaves overload to another device.',
    ask: 'What else protects this circuit from overload?',
    lines: ['instantaneous-only'],
  },
];
