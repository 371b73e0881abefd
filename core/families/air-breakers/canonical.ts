/**
 * One form of an air breaker's spec for judging: a breaker's marks, what its trip unit can, its short-time withstand at one second,
 * its accessories and the volts of its control circuit.
 * Source: IEC 60947-2 through core/standards. A power breaker of UL 1066 carries 100 % of its rating.
 */
import type { AirBreakerSpec } from './fields';
import type { CanonicalAirBreaker } from './figures';
import {
  MIN_SETTING_SHARE,
  MIN_SHORT_MULTIPLE,
  makingFactor,
  operatingShare,
  PICKUP_TOLERANCE,
  WITHSTAND_SECONDS,
} from '../../standards/breaker-releases';
import { coilBands, coilLayout } from '../../coils/layout';
import { canonicalBreaker } from '../../overcurrent/breaker-marks';

const isNumber = (mark: unknown): mark is number => typeof mark === 'number';

/** Withstand restated at one second: I²t stays for longer times; a shorter time than one second counts less. */
function withstand({ icwAmps, icwSeconds }: AirBreakerSpec): CanonicalAirBreaker {
  if (icwAmps === undefined) return {};
  if (!isNumber(icwAmps)) return { icwAtOneSecond: icwAmps === false ? 'none' : icwAmps };
  if (icwSeconds === null) return { icwAtOneSecond: null };
  const seconds = isNumber(icwSeconds) ? icwSeconds : WITHSTAND_SECONDS;
  return { icwAtOneSecond: icwAmps * Math.sqrt(Math.min(1, seconds / WITHSTAND_SECONDS)) };
}

/** Lowest current at which it can be set to trip without waiting for its heat, tolerance included; "none" where it has only L. */
function settable({ tripUnit, ratedAmps }: AirBreakerSpec): CanonicalAirBreaker {
  if (tripUnit === undefined) return {};
  if (typeof tripUnit !== 'string' || !isNumber(ratedAmps)) return { settableTripAmps: null };
  const least = ratedAmps * MIN_SETTING_SHARE * MIN_SHORT_MULTIPLE * (1 + PICKUP_TOLERANCE);
  return { settableTripAmps: /[SI]/.test(tripUnit) ? least : 'none' };
}

/** Making capacity: marked, or what its standard asks of a breaker with this ultimate breaking capacity. */
function making({ icmAmps, icuAmps, standard }: AirBreakerSpec): CanonicalAirBreaker {
  if (icmAmps !== undefined || !isNumber(icuAmps) || typeof standard !== 'string' || !standard.startsWith('IEC 60947-2')) return {};
  return { icmAmps: icuAmps * makingFactor(icuAmps) };
}

function controlBands(spec: AirBreakerSpec): CanonicalAirBreaker {
  const layout = ([low, high]: readonly [number, number]) => coilBands(spec, (least, most) => [least * low, most * high]);
  const closing = layout(operatingShare.closing);
  return closing === undefined ? {} : { coilClosing: closing, coilTripping: layout(operatingShare.tripping) };
}

/** Returns the canonical form. The input is not changed. */
export function canonicalAirBreaker(spec: AirBreakerSpec): CanonicalAirBreaker {
  const power = typeof spec.standard === 'string' && /^(UL 1066|ANSI)/.test(spec.standard);
  const hundred = spec.hundredPercentRated ?? (power ? true : undefined);
  const { tripUnit, protocol, ratedAmps } = spec;
  const adjustable = spec.longTimeSettingAmps === undefined && typeof tripUnit === 'string' && tripUnit.includes('L');
  return {
    ...canonicalBreaker({ ...spec, ...(hundred === undefined ? {} : { hundredPercentRated: hundred }) }),
    ...coilLayout(spec),
    ...controlBands(spec),
    ...withstand(spec),
    ...making(spec),
    ...settable(spec),
    ...(adjustable && isNumber(ratedAmps) ? { leastSettingAmps: ratedAmps * MIN_SETTING_SHARE } : {}),
    ...(tripUnit === undefined
      ? {}
      : { tripFunctions: typeof tripUnit === 'string' && tripUnit !== 'none' ? tripUnit.split('') : tripUnit }),
    ...(typeof protocol === 'string' && protocol !== 'none' ? { protocol: protocol.trim().toUpperCase() } : {}),
  };
}
