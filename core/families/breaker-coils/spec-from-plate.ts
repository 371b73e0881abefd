/** Marks of a breaker coil's plate as marks of the case: one function as a list, a range of volts as its two ends, power by kind. */
import { wordsMark } from '../../case/case';
import type { FieldValues } from '../../case/case';
import type { BreakerCoilSpec } from './fields';
import { coilShortDescription } from '../../coils/short-description';

/** A command longer than this is as good as continuous, s: longest time that plates print beside it. Common practice. */
const CONTINUOUS_FROM_SECONDS = 3600;

/** Returns the marks under the names of the case; what carries such a name already goes before. */
export function breakerCoilSpecFromPlate(marks: FieldValues): FieldValues {
  const out: FieldValues = {};
  const range = marks.coilVoltsRange;
  if (Array.isArray(range) && range.length === 2) [out.coilVoltsMin, out.coilVoltsMax] = range;
  if (typeof marks.currentKind === 'string') out.coilKind = marks.currentKind;
  if (marks.powerWatts !== undefined) out.coilWatts = marks.powerWatts;
  if (marks.powerVA !== undefined) out.coilSealedVA = marks.powerVA;
  const seconds = marks.onTimeSeconds;
  if (typeof seconds === 'number') {
    out.dutyContinuous = seconds >= CONTINUOUS_FROM_SECONDS;
    if (seconds < CONTINUOUS_FROM_SECONDS) out.maxCommandSeconds = seconds;
  } else if (seconds === null) out.dutyContinuous = null;
  // Volts on a contact are what it switches, not what works it.
  const contact = typeof marks.function === 'string' && marks.function.endsWith('-contact');
  const own = typeof marks.function === 'string' && marks.function !== 'none' ? { function: [marks.function] } : {};
  return { ...out, ...marks, ...own, ...(contact ? { coilVolts: 'none', coilKind: 'none' } : {}) };
}

/** Example: 'shunt trip or closing coil, 110 V DC'. */
export const breakerCoilShortDescription = (spec: BreakerCoilSpec): string =>
  [
    Array.isArray(spec.function)
      ? wordsMark(spec.function)
          .map((one) => one.replaceAll('-', ' '))
          .join(' or ')
      : '',
    spec.coilVolts !== undefined || spec.coilVoltsMin !== undefined || spec.coilMarks !== undefined ? coilShortDescription(spec) : '',
    typeof spec.frame === 'string' ? spec.frame : '',
  ]
    .filter(Boolean)
    .join(', ') || 'function not known';
