/** Marks that should stay as on the removed part. Source: common practice, the substitution matrix. */
import type { KeptMark } from '../../matching/changes';
import type { AirBreakerFigure } from './figures';
import { breakerSizeKept } from '../../overcurrent/keeps';

export const airBreakerKeeps: readonly KeptMark<AirBreakerFigure>[] = [
  ...breakerSizeKept,
  {
    name: 'tripFunctions',
    label: 'Trip functions',
    unit: '',
    why: 'A function that is missing is a protection that is missing.',
    ask: 'Which functions does the coordination of this board rest on?',
    lines: ['trip-function-L', 'trip-function-S', 'trip-function-I', 'trip-function-G'],
  },
  {
    name: 'mounting',
    label: 'Mounting',
    unit: '',
    why: 'A draw-out breaker enters its cradle alone.',
    ask: 'Is the cradle of the same frame?',
    lines: ['mounting'],
  },
  {
    name: 'coilKinds',
    label: 'Control AC or DC',
    unit: '',
    why: 'Its coils and motor are wound for one kind of current.',
    ask: 'Was the control supply changed?',
    lines: ['coil-kind'],
  },
  {
    name: 'coilVoltsMarked',
    label: 'Control voltage',
    unit: '',
    why: 'Its coils and motor follow the control circuit.',
    ask: 'What volts does the control circuit give?',
    lines: ['coil-volts', 'coil-mark'],
  },
];
