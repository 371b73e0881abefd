/** Marks that should stay as on the removed part, of miniature, moulded-case and air breakers alike. Source: common practice, the substitution matrix. */
import type { KeptMark } from '../matching/changes';
import type { OvercurrentFigure } from './figures';

export const breakerSizeKept: readonly KeptMark<OvercurrentFigure>[] = [
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
];
