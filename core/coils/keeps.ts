/** Marks of a coil that should stay as on the removed part, wherever the words are the same. Source: common practice, the substitution matrix. */
import type { KeptMark } from '../matching/changes';
import type { CoilFigure } from './figures';

/** Of a coil that pulls contacts in. */
export const coilKindKept: KeptMark<CoilFigure> = {
  name: 'coilKinds',
  label: 'Coil AC or DC',
  unit: '',
  why: 'An AC coil on DC burns, a DC coil on AC does not pull in.',
  ask: 'Was the control supply changed, or was the removed coil the wrong one?',
  lines: ['coil-kind'],
};

export const coilVoltsKept: KeptMark<CoilFigure> = {
  name: 'coilVoltsMarked',
  label: 'Coil voltage',
  unit: '',
  why: 'The coil mark follows the control circuit.',
  ask: 'What volts does the control circuit give?',
  lines: ['coil-volts', 'coil-mark'],
};
