/**
 * A device on the curves desk as plain data: kind, rating and settings. `modelOf` gives its band. What a part's spec makes of it is its
 * family's `curve`; `choiceOfPart` asks it.
 */
import { certain } from '../certain';
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
import { tripUnitBreaker, tripUnitDefaults } from './trip-unit';

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
      return miniatureBreaker(certain(kind.at(-1)).toUpperCase() as 'B', ratedAmps);
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
