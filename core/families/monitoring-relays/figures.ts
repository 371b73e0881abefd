/** The figures that lines, tests and drawings of this family read: its marks, and what its canonical form makes of them. */
import type { Figures } from '../../matching/canonical';
import type { Need as AnyNeed, NoFigure } from '../../needs/need';
import type { CoilFigure } from '../../coils/figures';
import type { BaseFigure, ContactFigure } from '../../relays/figures';
import type { MonitoringFunction } from '../../fields/relay-fields';
import type { MonitoringRelaySpec } from './fields';

/** Names that the canonical form makes beside the marks. */
type Derived =
  | `detects ${MonitoringFunction}`
  | 'fedBy'
  | 'fedByOther'
  | 'seesLostPhase'
  | 'maySeeLostPhase'
  | 'seesLostPhasePerhaps'
  | 'measuredKinds'
  | 'nominalLineBands'
  | 'nominalPhaseBands'
  | 'underVoltsBands';
export type MonitoringRelayFigure = keyof MonitoringRelaySpec | Derived | CoilFigure | ContactFigure | BaseFigure | NoFigure;
export type Need = AnyNeed<MonitoringRelayFigure>;
export type CanonicalMonitoringRelay = Figures<MonitoringRelayFigure>;
