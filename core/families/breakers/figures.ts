/** The figures that lines, tests and drawings of this family read: its marks, and what its canonical form makes of them. */
import type { Need as AnyNeed, NoFigure } from '../../needs/need';
import type { OvercurrentFigure } from '../../overcurrent/figures';
import type { BreakerSpec } from './fields';

export type BreakerFigure = keyof BreakerSpec | OvercurrentFigure | NoFigure;
export type Need = AnyNeed<BreakerFigure>;
