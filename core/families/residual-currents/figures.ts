/** The figures that lines, tests and drawings of this family read: its marks, and what its canonical form makes of them. */
import type { Figures } from '../../matching/canonical';
import type { Need as AnyNeed, NoFigure, RatingBasis as AnyRatingBasis } from '../../needs/need';
import type { OvercurrentFigure } from '../../overcurrent/figures';
import type { ResidualCurrentSpec } from './fields';

/** Names that the canonical form makes beside the marks. */
type Derived = 'currentKinds' | 'overcurrentPart' | 'overcurrentMark' | 'secondsAtFive' | 'secondsAtTwice' | 'typeUse';
export type ResidualCurrentFigure = keyof ResidualCurrentSpec | Derived | OvercurrentFigure | NoFigure;
export type Need = AnyNeed<ResidualCurrentFigure>;
export type RatingBasis = AnyRatingBasis<ResidualCurrentFigure>;
export type CanonicalResidualCurrent = Figures<ResidualCurrentFigure>;
