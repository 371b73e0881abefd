/** The figures that lines, tests and drawings of this family read: its marks, and what its canonical form makes of them. */
import type { Figures } from '../../matching/canonical';
import type { Need as AnyNeed, NoFigure } from '../../needs/need';
import type { CoilFigure } from '../../coils/figures';
import type { OvercurrentFigure } from '../../overcurrent/figures';
import type { AirBreakerSpec } from './fields';

/** Names that the canonical form makes beside the marks. */
type Derived = 'icwAtOneSecond' | 'settableTripAmps' | 'leastSettingAmps' | 'tripFunctions';
export type AirBreakerFigure = keyof AirBreakerSpec | Derived | CoilFigure | OvercurrentFigure | NoFigure;
export type Need = AnyNeed<AirBreakerFigure>;
export type CanonicalAirBreaker = Figures<AirBreakerFigure>;
