/** Marks of a fuse's body as marks of the case: time delay said by a flag, a body size without a class. */
import type { FieldValues } from '../../case/case';
import type { FuseSpec } from './fields';

/** Returns the marks under the names of the case. */
export function fuseSpecFromPlate(marks: FieldValues): FieldValues {
  const out: FieldValues = {};
  if (marks.timeDelay === true || marks.dualElement === true) out.speed = 'time-delay';
  if (marks.fuseClass === undefined && typeof marks.bodySize === 'string') out.fuseClass = marks.bodySize;
  return { ...out, ...marks };
}

/** Example: 'J 30 A, time-delay'. */
export const fuseShortDescription = (spec: FuseSpec): string =>
  [`${spec.fuseClass ?? ''} ${spec.ratedAmps ?? '?'} A`.trim(), spec.utilisation ?? spec.speed]
    .filter((word) => typeof word === 'string')
    .join(', ');
