/** Marks that should stay as on the removed part. Source: common practice, the substitution matrix. */
import type { KeptMark } from '../../matching/changes';
import type { ResidualCurrentFigure } from './figures';

export const residualKeeps: readonly KeptMark<ResidualCurrentFigure>[] = [
  {
    name: 'sensitivityMilliamps',
    label: 'Rated residual current',
    unit: 'mA',
    why: 'A blunter device may no longer protect people; a finer one may trip on what leaks in service.',
    ask: 'What leaks in service, and whom does it protect? Look for the leak first.',
    lines: ['sensitivity-people', 'sensitivity-fire', 'sensitivity-touch', 'standing-leakage', 'selective-ratio', 'trip-level'],
  },
  {
    name: 'tripMilliamps',
    label: 'Trip level',
    unit: 'mA',
    why: 'A higher level protects equipment, not people.',
    ask: 'Whom does it protect?',
    lines: ['trip-level', 'protection-class'],
  },
  {
    name: 'residualType',
    label: 'RCD type',
    unit: '',
    why: 'A type that does not see the waveform behind it does not trip.',
    ask: 'What electronics stand behind it?',
    lines: ['residual-type', 'residual-type-advised'],
  },
  {
    name: 'delay',
    label: 'Time delay',
    unit: '',
    why: 'A delayed device is too slow for people; one without a delay trips together with the one behind it.',
    ask: 'Does another residual-current device stand behind it?',
    lines: ['selective-delay', 'people-time', 'break-time'],
  },
  {
    name: 'poles',
    label: 'Poles',
    unit: 'count',
    why: 'Every live conductor goes through the same device.',
    ask: 'Is a neutral led through it?',
    lines: ['poles'],
  },
  {
    name: 'ratedAmps',
    label: 'Rated current',
    unit: 'A',
    why: 'It is bounded by its circuit and by what stands upstream.',
    ask: 'What protects the conductor, and what stands upstream?',
    lines: ['running', 'conductor', 'circuit', 'upstream'],
  },
  {
    name: 'curve',
    label: 'Curve',
    unit: '',
    why: 'A steeper curve rides inrush and needs more fault current to trip.',
    ask: 'What is the inrush, and what is the loop impedance?',
    lines: ['inrush', 'least-fault'],
  },
];
