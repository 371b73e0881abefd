/** Marks that should stay as on the removed part. Source: common practice, the substitution matrix. */
import type { KeptMark } from '../../matching/changes';
import type { FuseFigure } from './figures';

export const fuseKeeps: readonly KeptMark<FuseFigure>[] = [
  {
    name: 'ratedAmps',
    label: 'Rated current',
    unit: 'A',
    why: 'A larger fuse lets the conductor and the load heat further before it opens; a smaller one may open on the start.',
    ask: 'Why did it blow? Has the load, the conductor or the rule for this circuit changed?',
    lines: [
      'running',
      'conductor',
      'circuit',
      'exact',
      'primary-maximum',
      'starter-maximum',
      'string-least',
      'string-most',
      'module-most',
      'unit-maximum',
      'plate-maximum',
      'inrush',
    ],
  },
  {
    name: 'delay',
    label: 'Speed',
    unit: '',
    why: 'A slower fuse rides a start and lets a fault last longer; a faster one blows on the start.',
    ask: 'Does the load start hard, or does what stands behind need a fast fuse?',
    lines: ['inrush', 'plate-time-delay', 'i2t'],
  },
  {
    name: 'category',
    label: 'Utilization category',
    unit: '',
    why: 'gG protects from overload too, aM and aR only from short circuits.',
    ask: 'What else protects this circuit from overload?',
    lines: ['overload-by-fuse', 'category', 'starter-maximum', 'inrush'],
  },
  {
    name: 'fuseClass',
    label: 'Class or body',
    unit: '',
    why: 'Another class lets through another current and fits another holder.',
    ask: 'Does the holder take it, and does the short-circuit rating behind it name this class?',
    lines: ['holder', 'plate-class'],
  },
];
