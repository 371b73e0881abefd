/** Marks of an overload relay's plate as marks of the case: the ends of its dial, reset modes as a list. */
import type { FieldValues } from '../../case/case';
import type { OverloadRelaySpec } from './fields';

const resets: Record<string, readonly string[]> = { 'manual or automatic': ['manual', 'automatic'] };

/** Returns the marks under the names of the case. */
export function overloadSpecFromPlate(marks: FieldValues): FieldValues {
  const out: FieldValues = {};
  const range = marks.settingRangeAmps;
  if (Array.isArray(range) && range.length === 2) [out.settingMinAmps, out.settingMaxAmps] = range;
  else if (range === null) [out.settingMinAmps, out.settingMaxAmps] = [null, null];
  const reset = typeof marks.reset === 'string' && marks.reset !== 'none' ? (resets[marks.reset] ?? [marks.reset]) : marks.reset;
  return { ...out, ...marks, ...(reset === undefined ? {} : { reset }) };
}

/** Example: '24 to 32 A, class 10'. */
export const overloadShortDescription = (spec: OverloadRelaySpec): string =>
  [
    spec.elementMinFullLoadAmps
      ? `element ${spec.elementMinFullLoadAmps} to ${spec.elementMaxFullLoadAmps} A`
      : `${spec.settingMinAmps ?? '?'} to ${spec.settingMaxAmps ?? '?'} A`,
    spec.tripClass ? `class ${spec.tripClass}` : '',
  ]
    .filter(Boolean)
    .join(', ');
