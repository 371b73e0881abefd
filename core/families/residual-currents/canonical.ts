/**
 * One form of a residual-current device's spec for judging: whether it has an overcurrent part, its longest break times, and the
 * marks of its overcurrent part as a breaker's.
 * Sources: IEC 61008-1, 61009-1 and UL 943 through core/standards.
 */
import { isOneOf, keysOf } from '../../certain';
import type { ResidualCurrentSpec } from './fields';
import type { CanonicalResidualCurrent } from './figures';
import { groundFaultClasses, residualSeconds } from '../../standards/residual-current';
import { cleanMarks } from '../normalise-spec';
import { canonicalBreaker } from '../../overcurrent/breaker-marks';

const textOf = (mark: unknown) => (typeof mark === 'string' ? mark : '');
const isNumber = (mark: unknown): mark is number => typeof mark === 'number';
const isNone = (mark: unknown) => mark === 'none' || mark === false;

/** With or without: the standard settles it, else a letter before the amps, else the kind of short-circuit figure; null: not to be told. */
export function overcurrentPartOf(spec: ResidualCurrentSpec): 'with' | 'without' | null {
  const standard = textOf(spec.standard);
  if (standard.includes('61008')) return 'without';
  if (standard.includes('61009')) return 'with';
  const { curve, icnAmps, interruptingAmps, conditionalShortCircuitAmps } = spec;
  if (typeof curve === 'string' && !isNone(curve)) return 'with';
  if (isNumber(icnAmps) || isNumber(interruptingAmps)) return 'with';
  if (isNone(curve) || isNumber(conditionalShortCircuitAmps)) return 'without';
  return null;
}

/** Break times by delay; a short time delay keeps the longest times of the general type. */
function times(spec: ResidualCurrentSpec): CanonicalResidualCurrent {
  if (spec.delay === undefined) return {};
  const word = isNone(spec.delay) ? 'general' : spec.delay;
  const row = word === 'S' ? residualSeconds.S : word === 'general' || word === 'short-time-delay' ? residualSeconds.general : null;
  return {
    delay: isNone(spec.delay) ? 'general' : spec.delay,
    secondsAtTwice: row?.atTwice ?? null,
    secondsAtFive: row?.atFive ?? null,
  };
}

/** Marks of the overcurrent part under the names of a breaker's. */
function overcurrentMarks(spec: ResidualCurrentSpec): CanonicalResidualCurrent {
  const standard = textOf(spec.standard);
  const circuitBreaker = standard.includes('60947-2');
  const { curve, ratedAmps, icnAmps, interruptingAmps } = spec;
  const asBreaker = canonicalBreaker({
    ...(curve === undefined ? {} : { curve }),
    ...(ratedAmps === undefined ? {} : { ratedAmps }),
    standard: circuitBreaker ? 'IEC 60947-2' : standard.startsWith('UL') ? 'UL 489' : 'IEC 60898-1',
    ...(icnAmps === undefined ? {} : circuitBreaker ? { icuAmps: icnAmps } : { icnAmps }),
  });
  const breaking =
    interruptingAmps === undefined ? {} : isNone(interruptingAmps) ? { acInterruptingMark: 'none' } : { breakingAmps: interruptingAmps };
  return { ...asBreaker, ...breaking };
}

/** An IEC device has no North American class; a class states its trip level. */
function classMarks(spec: ResidualCurrentSpec): CanonicalResidualCurrent {
  const { protectionClass, tripMilliamps } = spec;
  const own = protectionClass === undefined && textOf(spec.standard).startsWith('IEC') ? 'none' : protectionClass;
  const known = isOneOf(keysOf(groundFaultClasses), own) ? groundFaultClasses[own] : undefined;
  return {
    ...(own === undefined ? {} : { protectionClass: own }),
    ...(tripMilliamps === undefined && known ? { tripMilliamps: known.tripMilliamps[1] } : {}),
  };
}

/** The same for lines that it exempts from: null where a worn mark hides it, left out where no mark speaks of it. */
function overcurrentMark(spec: ResidualCurrentSpec): CanonicalResidualCurrent {
  const part = overcurrentPartOf(spec);
  const worn = [spec.standard, spec.curve, spec.icnAmps, spec.interruptingAmps, spec.conditionalShortCircuitAmps].includes(null);
  return part === null && !worn ? {} : { overcurrentMark: part };
}

/** Returns the canonical form. The input is not changed. */
export function canonicalResidual(spec: ResidualCurrentSpec): CanonicalResidualCurrent {
  const part = overcurrentPartOf(spec);
  return {
    ...(part === 'without' ? {} : overcurrentMarks(spec)),
    ...cleanMarks(spec),
    ...times(spec),
    ...classMarks(spec),
    overcurrentPart: part,
    ...(part === 'without' ? { serviceUse: 'not of its standard' } : {}),
    typeUse: textOf(spec.standard).startsWith('UL') ? 'no type by its standard' : 'typed',
    ...overcurrentMark(spec),
    deviceKind: 'residual-current device',
    currentKinds: ['ac'],
  };
}
