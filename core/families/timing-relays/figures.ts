/** The figures that lines, tests and drawings of this family read: its marks, and what its canonical form makes of them. */
import type { Figures } from '../../matching/canonical';
import type { Need as AnyNeed, NoFigure } from '../../needs/need';
import type { CoilFigure } from '../../coils/figures';
import type { BaseFigure, ContactFigure } from '../../relays/figures';
import type { TimingRelaySpec } from './fields';

/** Names that the canonical form makes beside the marks. */
type Derived = 'functionsPerhaps' | 'functionsWhenFed' | 'functions' | 'outputMinimumPerhaps' | 'signalKinds' | 'signalKindsPerhaps';
export type TimingRelayFigure = keyof TimingRelaySpec | Derived | CoilFigure | ContactFigure | BaseFigure | NoFigure;
export type Need = AnyNeed<TimingRelayFigure>;
export type CanonicalTimingRelay = Figures<TimingRelayFigure>;
