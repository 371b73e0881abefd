/** Marks that should stay as on the removed part. Source: common practice, the substitution matrix. */
import type { KeptMark } from '../../matching/changes';
import type { BreakerFigure } from './figures';
import { breakerSizeKept } from '../../overcurrent/keeps';

export const breakerKeeps: readonly KeptMark<BreakerFigure>[] = [
  ...breakerSizeKept,
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
    label: 'Overload protection',
    unit: '',
    why: 'A breaker without overload release leaves overload to another device.',
    ask: 'What else protects this circuit from overload?',
    lines: ['instantaneous-only'],
  },
];
