/**
 * What is a field of a plate: which marks name it, what stands behind them, and what does it mean?
 * A grammar is data: names and a kind of value. `parse-plate.ts` is the only code that reads with it.
 */
import type { Unit } from '../quantities/units';

export type PlateFieldKind = 'number' | 'numbers' | 'volts' | 'letter' | 'word' | 'hertz' | 'coil' | 'text' | 'flag' | 'rows';

export type PlateField = {
  /** Name in the plain case. */
  id: string;
  label: string;
  kind: PlateFieldKind;
  unit: Unit;
  /** Names as printed before the value, longest first; matched without regard to case. */
  names: readonly string[];
  /** Units that may stand behind the value; a field with `bareUnit` is also read from value and unit alone. */
  units?: Readonly<Record<string, number>>;
  bareUnit?: boolean;
  min?: number;
  max: number;
  words?: readonly string[];
  /** One sentence for whoever taps the mark. */
  meaning: string;
  /** How a worn mark is recovered; safe means first. */
  recovery: string;
};

export type PlateDefinition = { id: string; title: string; fields: readonly PlateField[] };
