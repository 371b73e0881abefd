/** The figures that lines, tests and drawings of this family read: its marks, and what its canonical form makes of them. */
import type { Figures } from '../../matching/canonical';
import type { NoFigure } from '../../needs/need';
import type { CoilFigure } from '../../coils/figures';
import type { BaseFigure, ContactFigure } from '../../relays/figures';
import type { ControlRelaySpec } from './fields';

export type ControlRelayFigure = keyof ControlRelaySpec | CoilFigure | ContactFigure | BaseFigure | NoFigure;
export type CanonicalControlRelay = Figures<ControlRelayFigure>;
