/** The figures that lines, tests and drawings of this family read: its marks, and what its canonical form makes of them. */
import type { Figures } from '../../matching/canonical';
import type { Need as AnyNeed, NoFigure } from '../../needs/need';
import type { CoilFigure } from '../../coils/figures';
import type { BreakerCoilSpec } from './fields';

/** Names that the canonical form makes beside the marks. */
type Derived = 'commandDuty' | 'connectedPlace' | 'releaseHighPercent' | 'releaseLowPercent' | 'terminals';
export type BreakerCoilFigure = keyof BreakerCoilSpec | Derived | CoilFigure | NoFigure;
export type Need = AnyNeed<BreakerCoilFigure>;
export type CanonicalBreakerCoil = Figures<BreakerCoilFigure>;
