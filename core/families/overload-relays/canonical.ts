/**
 * One form of an overload relay's spec for judging: the full-load amps that its dial serves, by what it may trip at;
 * the time that it surely holds and by which it surely trips; contacts with what a changeover covers.
 * Sources: NFPA 70 430.32, IEC 60947-4-1, through core/standards.
 */
import type { OverloadRelaySpec } from './fields';
import type { CanonicalOverloadRelay } from './figures';
import { overloadTripPercent } from '../../standards/motor-branch';
import { tripClassSeconds, ultimateTripRatio } from '../../standards/overload-classes';
import { cleanMarks, flagWord } from '../normalise-spec';

/** Heater tables are made for a trip at 125 %. */
const ELEMENT_TRIP_RATIO = overloadTripPercent.serviceFactor115 / 100;
/** Percents that a need may allow, each with a range of its own. */
export const tripPercents = [...new Set(Object.values(overloadTripPercent))];

function tripRatio(spec: OverloadRelaySpec): number | null {
  const given = spec.ultimateTripPercentOfSetting;
  if (typeof given === 'number') return given / 100;
  // A worn standard takes no default that only one of them gives.
  if (given === null || spec.standard === null) return null;
  return String(spec.standard ?? '').startsWith('IEC') ? ultimateTripRatio.iec : ultimateTripRatio.nema;
}

/** Full-load amps served: a dial that trips later than allowed is set below the plate amps. */
function servedAmps(spec: OverloadRelaySpec): CanonicalOverloadRelay {
  const { settingMinAmps: min, settingMaxAmps: max, elementMinFullLoadAmps: from, elementMaxFullLoadAmps: to } = spec;
  const out: CanonicalOverloadRelay = {};
  const element = from !== undefined || to !== undefined;
  if (min === undefined && max === undefined && !element) return {};
  const [low, high] = element ? [from, to] : [min, max];
  const ratio = element ? ELEMENT_TRIP_RATIO : tripRatio(spec);
  const known = typeof low === 'number' && typeof high === 'number';
  out.servesAsDial = known ? [[low, high]] : null;
  for (const percent of tripPercents) {
    const share = ratio === null ? null : Math.min(1, percent / 100 / ratio);
    out[`serves_${percent}`] = known && share !== null ? [[low / share, high / share]] : null;
  }
  return out;
}

function times(spec: OverloadRelaySpec): CanonicalOverloadRelay {
  const { tripClass } = spec;
  if (tripClass === undefined) return {};
  const edges = typeof tripClass === 'string' ? tripClassSeconds[tripClass] : undefined;
  return { classHoldsSeconds: edges ? edges[0] : null, classTripsSeconds: edges ? edges[1] : null };
}

/** Returns the canonical form. The input is not changed. */
export function canonicalOverloadRelay(spec: OverloadRelaySpec): CanonicalOverloadRelay {
  const contacts = Array.isArray(spec.tripContacts)
    ? [...new Set(spec.tripContacts.flatMap((one: unknown) => (one === 'CO' ? ['CO', 'NC', 'NO'] : [one])))]
    : undefined;
  const sensitive = flagWord(spec.phaseLossSensitive === 'none' ? false : spec.phaseLossSensitive, 'sensitive', 'not sensitive');
  const { polesCarryingCurrent: used, poles } = spec;
  const allUsed = typeof used === 'number' && typeof poles === 'number' ? used >= poles : undefined;
  const singlePhase =
    used === undefined || used === 'none'
      ? undefined
      : used === null || allUsed === undefined
        ? null
        : allUsed
          ? 'all poles in series'
          : sensitive === 'not sensitive'
            ? 'some poles, not sensitive'
            : sensitive === 'sensitive'
              ? 'some poles'
              : null;
  return {
    ...cleanMarks(spec),
    ...servedAmps(spec),
    ...times(spec),
    ...(contacts && contacts.length > 0 ? { tripContacts: contacts } : {}),
    ...(sensitive === undefined ? {} : { phaseLoss: sensitive }),
    ...(singlePhase === undefined ? {} : { singlePhaseUse: singlePhase }),
  };
}
