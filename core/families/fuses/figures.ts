/** The figures that lines, tests and drawings of this family read: its marks, and what its canonical form makes of them. */
import type { Figures } from '../../matching/canonical';
import type { Need as AnyNeed, NoFigure, RatingBasis as AnyRatingBasis } from '../../needs/need';
import type { OvercurrentFigure } from '../../overcurrent/figures';
import type { FuseSpec } from './fields';

/** Names that the canonical form makes beside the marks. */
type Derived =
  | 'branchKind'
  | 'category'
  | 'delay'
  | 'deviceKind'
  | 'nonTimeDelayAmps'
  | 'timeDelayAmps'
  | 'overloadUse'
  | 'element'
  | `amps_${string}`
  | `${'iec' | 'ul'}_${'holds' | 'melts'}_${number | 'on'}`
  | `ul_${'moment' | 'start'}`;
export type FuseFigure = keyof FuseSpec | Derived | OvercurrentFigure | NoFigure;
export type Need = AnyNeed<FuseFigure>;
export type RatingBasis = AnyRatingBasis<FuseFigure>;
export type CanonicalFuse = Figures<FuseFigure>;
