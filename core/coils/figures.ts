/** The figures that the lines of this folder read on a part. */
import type { coil, coilFields } from '../fields/coil-fields';
import type { MarksOf } from '../fields/mark-types';
import type { Need as AnyNeed } from '../needs/need';

/** What the canonical form makes of the marks of a coil: bands by kind of supply, kinds, frequencies, the power of a DC pull-in. */
type Derived =
  | 'coilOperating'
  | 'coilMarked'
  | 'coilRated'
  | 'coilTripping'
  | 'coilClosing'
  | 'coilVoltsMarked'
  | 'coilKinds'
  | 'coilHertzAc'
  | 'coilPullInWattsDc';
export type CoilFigure = keyof typeof coil | Derived;
export type Need = AnyNeed<CoilFigure>;
/** Marks of the coil of a part, whichever family carries it. */
export type CoilSpec = MarksOf<typeof coilFields>;
