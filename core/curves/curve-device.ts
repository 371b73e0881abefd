/**
 * A device on the curves desk as plain data: kind, rating and settings. `modelOf` gives its band; `choiceOfSpec` takes one
 * from a part's spec. What the spec does not say is not made up: no choice comes back.
 */
import type { PartSpec } from '../case/case';
import { classMultiple } from '../standards/overload-classes';
import type { Band } from './band';
import type { CurveDevice } from './judge-branch';
import {
  classFuse,
  electronicBreaker,
  generalPurposeFuse,
  miniatureBreaker,
  motorFuse,
  mouldedCaseBreaker,
  overloadRelay,
  type Model,
} from './models';
import { groundFaultDefaults, tripUnitBreaker, tripUnitDefaults } from './trip-unit';

export const deviceKinds = {
  'breaker-b': 'Miniature breaker B',
  'breaker-c': 'Miniature breaker C',
  'breaker-d': 'Miniature breaker D',
  'breaker-ul': 'Moulded-case breaker, UL 489',
  'trip-unit': 'Breaker with trip unit',
  electronic: 'Electronic 24 V breaker',
  'fuse-gg': 'Fuse gG',
  'fuse-am': 'Fuse aM',
  'fuse-td': 'Fuse UL, time-delay (J, RK)',
  'fuse-fast': 'Fuse UL, fast',
  'relay-10a': 'Overload relay class 10A',
  'relay-10': 'Overload relay class 10',
  'relay-20': 'Overload relay class 20',
  'relay-30': 'Overload relay class 30',
  file: 'Own curve from a file',
} as const;
export type DeviceKind = keyof typeof deviceKinds;

export type DeviceChoice = {
  id: string;
  label: string;
  kind: DeviceKind;
  /** Rated current, or the dial of a relay, A. */
  ratedAmps: number;
  settings: Record<string, number>;
  interruptingAmps: number | null;
  hot: boolean;
  /** Total I²t that it lets through at the highest fault, A²s; the maker's figure. */
  letThroughA2s?: number | null;
  /** The maintenance setting of a trip unit is on. */
  maintenance?: boolean;
  /** Of a file. */
  band?: Band;
};

const UL_MAGNETIC_MULTIPLE = 10;
/** Returns the model of a choice; undefined where no gates are published for its size. NFPA practice states relay classes at 6 times. */
export function modelOf({ kind, ratedAmps, settings, hot, band, maintenance }: DeviceChoice, nema: boolean): Model | undefined {
  const relay = (word: string) => overloadRelay(word, settings.dialAmps ?? ratedAmps, hot, nema ? classMultiple.nema : classMultiple.iec);
  switch (kind) {
    case 'breaker-b':
    case 'breaker-c':
    case 'breaker-d':
      return miniatureBreaker(kind.at(-1)!.toUpperCase() as 'B', ratedAmps);
    case 'breaker-ul':
      return mouldedCaseBreaker(ratedAmps, settings.magneticMultiple ?? UL_MAGNETIC_MULTIPLE);
    case 'trip-unit':
      return tripUnitBreaker({ ...tripUnitDefaults(ratedAmps), ...settings }, ratedAmps, { maintenance: maintenance === true, nema });
    case 'electronic':
      return electronicBreaker(ratedAmps, settings.tripAmps ?? ratedAmps * 1.4, 0.1);
    case 'fuse-gg':
      return generalPurposeFuse(ratedAmps);
    case 'fuse-am':
      return motorFuse(ratedAmps);
    case 'fuse-td':
      return classFuse('J', ratedAmps, true);
    case 'fuse-fast':
      return classFuse('J', ratedAmps, false);
    case 'relay-10a':
      return relay('10A');
    case 'relay-10':
    case 'relay-20':
    case 'relay-30':
      return relay(kind.slice(-2));
    case 'file':
      return band && { band, source: 'commonPractice', settings: [], note: 'Points of the maker, as given.' };
  }
}

/** The device as the judgements take it; undefined where it has no band. */
export function curveDevice(choice: DeviceChoice, nema: boolean): CurveDevice | undefined {
  const model = modelOf(choice, nema);
  return (
    model && {
      id: choice.id,
      label: choice.label,
      band: model.band,
      earthBand: model.earthBand,
      remarks: model.remarks ?? [],
      letThroughA2s: choice.letThroughA2s ?? null,
      interruptingAmps: choice.interruptingAmps,
      breaksFaults: !choice.kind.startsWith('relay'),
    }
  );
}

const number = (mark: unknown): number | null => (typeof mark === 'number' ? mark : null);

function interruptingOf(family: string, spec: PartSpec, systemVolts: number | null, dc: boolean): number | null {
  if (family === 'fuse') return number(dc ? spec.interruptingAmpsDc : spec.interruptingAmpsAc);
  if (dc) return null;
  if (typeof spec.icuAmps === 'number' || typeof spec.icnAmps === 'number') return number(spec.icuAmps) ?? number(spec.icnAmps);
  const rows = Array.isArray(spec.interruptingRatings) ? (spec.interruptingRatings as { volts: number; amps: number }[]) : [];
  const suits = rows.filter(({ volts }) => systemVolts !== null && volts >= systemVolts).sort((a, b) => a.volts - b.volts);
  return number(suits[0]?.amps);
}

/** Settings of a trip unit that its card gives. */
function settingsOfSpec(spec: PartSpec): Record<string, number> {
  const given = {
    longTimeAmps: number(spec.longTimeSettingAmps),
    groundFaultAmps: number(spec.groundFaultPickupAmps),
    groundFaultSeconds: number(spec.groundFaultSeconds),
  };
  return Object.fromEntries(Object.entries(given).filter((entry): entry is [string, number] => entry[1] !== null));
}

/** A choice from a part's spec, or undefined where its curve is the maker's alone. */
export function choiceOfSpec(
  id: string,
  label: string,
  family: string,
  spec: PartSpec,
  systemVolts: number | null,
  dc: boolean,
  /** A curve kept with the part. */
  kept?: Band,
): DeviceChoice | undefined {
  const amps = number(spec.ratedAmps);
  const base = { id, label, settings: {}, hot: false, interruptingAmps: interruptingOf(family, spec, systemVolts, dc) };
  if (family === 'overload-relay') {
    const dial = number(spec.settingMaxAmps);
    const word = String(spec.tripClass ?? '')
      .replace('E', '')
      .toLowerCase();
    const kind = `relay-${word}`;
    return dial !== null && kind in deviceKinds ? { ...base, kind: kind as DeviceKind, ratedAmps: dial } : undefined;
  }
  if (kept) {
    const letThroughA2s = family === 'fuse' ? number(spec.clearingI2tA2s) : null;
    return { ...base, kind: 'file', ratedAmps: amps ?? 1, letThroughA2s, band: kept };
  }
  if (amps === null) return undefined;
  if (family === 'fuse') {
    const fuse = { ...base, letThroughA2s: number(spec.clearingI2tA2s), ratedAmps: amps };
    if (spec.utilisation === 'gG') return { ...fuse, kind: 'fuse-gg' };
    if (spec.utilisation === 'aM') return { ...fuse, kind: 'fuse-am' };
    if (String(spec.standard).startsWith('UL')) return { ...fuse, kind: spec.speed === 'time-delay' ? 'fuse-td' : 'fuse-fast' };
    return undefined;
  }
  if (family === 'air-breaker') {
    const ground = typeof spec.tripUnit === 'string' && spec.tripUnit.includes('G') && spec.groundFaultPickupAmps === undefined;
    return {
      ...base,
      kind: 'trip-unit',
      ratedAmps: amps,
      settings: { ...settingsOfSpec(spec), ...(ground ? groundFaultDefaults(amps) : {}) },
    };
  }
  // The overcurrent part of a residual-current device is a miniature breaker's.
  if (family !== 'breaker' && !(family === 'residual-current' && String(spec.standard).includes('61009'))) return undefined;
  const letter = String(spec.curve ?? '').toLowerCase();
  if (['b', 'c', 'd'].includes(letter) && !String(spec.standard).includes('60947'))
    return { ...base, kind: `breaker-${letter}` as DeviceKind, ratedAmps: amps };
  if (spec.standard === 'electronic')
    return {
      ...base,
      kind: 'electronic',
      ratedAmps: amps,
      settings: typeof spec.guaranteedTripAmps === 'number' ? { tripAmps: spec.guaranteedTripAmps } : {},
    };
  if (spec.technology === 'electronic') return { ...base, kind: 'trip-unit', ratedAmps: amps, settings: settingsOfSpec(spec) };
  return String(spec.standard).startsWith('UL 489') ? { ...base, kind: 'breaker-ul', ratedAmps: amps } : undefined;
}
