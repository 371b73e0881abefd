/** The figures that lines, tests and drawings of this family read: its marks, and what its canonical form makes of them. */
import type { Figures } from '../../matching/canonical';
import type { Need as AnyNeed, NoFigure } from '../../needs/need';
import type { BaseFigure, ContactFigure } from '../../relays/figures';
import type { OverloadRelaySpec } from './fields';

/** Names that the canonical form makes beside the marks. */
type Derived = 'classHoldsSeconds' | 'classTripsSeconds' | 'phaseLoss' | 'servesAsDial' | `serves_${number}` | 'singlePhaseUse';
export type OverloadRelayFigure = keyof OverloadRelaySpec | Derived | ContactFigure | BaseFigure | NoFigure;
export type Need = AnyNeed<OverloadRelayFigure>;
export type CanonicalOverloadRelay = Figures<OverloadRelayFigure>;
