/** Marks of a capacitor's plate as marks of the case: sections by their terminals, the lowest of its volts, its safety class. */
import { rowsMark } from '../../case/case';
import { certain } from '../../certain';
import type { FieldValues } from '../../case/case';
import type { RunCapacitorSpec } from './fields';
import { formatQuantity as q } from '../../quantities/format-quantity';

const numbersOf = (mark: unknown): number[] =>
  (Array.isArray(mark) ? mark : [mark]).filter((one): one is number => typeof one === 'number');

/** Returns the marks under the names of the case; what carries such a name already goes before. */
export function runCapacitorSpecFromPlate(marks: FieldValues): FieldValues {
  const out: FieldValues = { ...marks };
  const figures = numbersOf(marks.microfarads);
  const dual = figures.length === 2;
  if (marks.sections === undefined && marks.microfarads === null) out.sections = null;
  if (marks.sections === undefined && figures.length > 0)
    out.sections = figures.map((microfarads, i) => ({ name: dual ? certain((['compressor', 'fan'] as const)[i]) : 'motor', microfarads }));
  const volts = numbersOf(marks.ratedVolts);
  if (volts.length > 0) out.ratedVolts = Math.min(...volts);
  if (typeof marks.hertz === 'number') out.hertz = [marks.hertz];
  if (typeof marks.protection !== 'string' && typeof marks.faultCurrentAmps === 'number') out.protection = 'protected';
  return out;
}

/**
 * Marks of the motor's plate as a capacitor's need: its capacitor volts are the plate volts here, its one capacitor the section
 * 'motor'. What the plate does not say of the capacitor is not known, never the motor's own volts.
 */
export function runCapacitorLoadFromPlate(marks: FieldValues): FieldValues {
  const one = marks.runCapacitorMicrofarads;
  const sections =
    marks.sections !== undefined || one === undefined
      ? {}
      : { sections: typeof one === 'number' ? [{ name: 'motor', microfarads: one }] : one === null ? null : undefined };
  return { ...marks, ...sections, plateVolts: marks.runCapacitorVolts ?? null };
}

/** Example: '35 + 5 µF, 440 V, ±5 %'. */
export const runCapacitorShortDescription = (spec: RunCapacitorSpec): string =>
  [
    Array.isArray(spec.sections)
      ? `${rowsMark(spec.sections)
          .map(({ microfarads }) => String(microfarads ?? '?'))
          .join(' + ')} µF`
      : '',
    typeof spec.ratedVolts === 'number' ? q(spec.ratedVolts, 'V') : '',
    typeof spec.tolerancePercent === 'number' ? `±${spec.tolerancePercent} %` : '',
    spec.kind === 'start' ? 'start' : '',
  ]
    .filter(Boolean)
    .join(', ');
