/** The figures that lines, tests and drawings of this family read: its marks, and what its canonical form makes of them. */
import type { Figures } from '../../matching/canonical';
import type { Need as AnyNeed, NoFigure, RatingBasis as AnyRatingBasis } from '../../needs/need';
import type { CoilFigure } from '../../coils/figures';
import type { ContactorSpec } from './fields';

/** Names that the canonical form makes beside the marks. */
type Derived = 'ratingKinds' | 'ratingKindsPerhaps' | 'ratingList' | 'topVoltsAc' | 'topVoltsDc' | 'seriesTotal';
export type ContactorFigure = keyof ContactorSpec | Derived | CoilFigure | NoFigure;
export type Need = AnyNeed<ContactorFigure>;
export type RatingBasis = AnyRatingBasis<ContactorFigure>;
export type CanonicalContactor = Figures<ContactorFigure>;
