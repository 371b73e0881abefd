/** Marks of an air breaker's plate as marks of the case: volts, kinds as a list. */
import { figuresMark } from '../../case/case';
import type { FieldValues } from '../../case/case';
import type { AirBreakerSpec } from './fields';
import { formatQuantity as q } from '../../quantities/format-quantity';

/** Returns the marks under the names of the case; what carries such a name already goes before. */
export function airBreakerSpecFromPlate(marks: FieldValues): FieldValues {
  const out: FieldValues = {};
  const volts = Array.isArray(marks.ratedVolts) ? Math.max(...figuresMark(marks.ratedVolts)) : marks.ratedVolts;
  if (typeof volts === 'number' || volts === null) out.ratedVoltsLineToLine = volts;
  if (typeof marks.currentKind === 'string') out.currentKinds = marks.currentKind === 'none' ? 'none' : [marks.currentKind];
  return { ...out, ...marks };
}

/** Example: '1600 A, 3 poles, LSIG, draw-out, 65 kA'. */
export const airBreakerShortDescription = (spec: AirBreakerSpec): string =>
  [
    `${String(spec.ratedAmps ?? '?')} A`,
    spec.poles ? `${Number(spec.poles)} poles` : '',
    typeof spec.tripUnit === 'string' ? spec.tripUnit : '',
    typeof spec.mounting === 'string' ? spec.mounting : '',
    typeof spec.icuAmps === 'number' ? q(spec.icuAmps, 'A') : '',
  ]
    .filter(Boolean)
    .join(', ');
