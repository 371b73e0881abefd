/** Marks of a residual-current device's plate as marks of the case: poles with their neutral, the highest of its volts. */
import type { FieldValues } from '../../case/case';
import type { ResidualCurrentSpec } from './fields';

/** Returns the marks under the names of the case; what carries such a name already goes before. */
export function residualSpecFromPlate(marks: FieldValues): FieldValues {
  const out: FieldValues = { ...marks };
  const form = typeof marks.poleForm === 'string' ? /^(\d)P\+N$/.exec(marks.poleForm) : null;
  if (form && marks.poles === undefined) out.poles = Number(form[1]) + 1;
  const volts = Array.isArray(marks.ratedVolts)
    ? (marks.ratedVolts as unknown[]).map(Number)
    : typeof marks.ratedVolts === 'string'
      ? marks.ratedVolts.split('/').map(Number)
      : [];
  if (volts.length > 0 && volts.every(Number.isFinite)) out.ratedVolts = Math.max(...volts);
  return out;
}

/** Example: 'type A, 30 mA, 40 A, 2 poles'. */
export const residualShortDescription = (spec: ResidualCurrentSpec): string =>
  [
    spec.residualType ? `type ${String(spec.residualType)}` : String(spec.protectionClass ?? ''),
    spec.sensitivityMilliamps || spec.tripMilliamps ? `${Number(spec.sensitivityMilliamps ?? spec.tripMilliamps)} mA` : '',
    spec.delay === 'S' ? 'S' : '',
    `${typeof spec.curve === 'string' && spec.curve !== 'none' ? spec.curve : ''}${String(spec.ratedAmps ?? '?')} A`,
    spec.poles ? `${Number(spec.poles)} pole${spec.poles === 1 ? '' : 's'}` : '',
  ]
    .filter(Boolean)
    .join(', ');
