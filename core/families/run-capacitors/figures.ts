/** The figures that lines, tests and drawings of this family read: its marks, and what its canonical form makes of them. */
import type { Figures } from '../../matching/canonical';
import type { Need as AnyNeed, NoFigure } from '../../needs/need';
import type { RunCapacitorSpec } from './fields';

/** Names that the canonical form makes beside the marks. */
type Derived = 'anyMicrofarads' | 'lifeHoursAt70C' | `${'microfarads' | 'readShare'}_${string}` | 'runningShare50' | 'runningShare60';
export type RunCapacitorFigure = keyof RunCapacitorSpec | Derived | NoFigure;
export type Need = AnyNeed<RunCapacitorFigure>;
export type CanonicalRunCapacitor = Figures<RunCapacitorFigure>;
