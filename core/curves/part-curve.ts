/** How the marks of a part give its curve: what a family declares, and the marks that several of them share. */
import { numberMark, rowsMark, type PartSpec } from '../case/case';
import { isOneOf } from '../certain';
import type { DeviceChoice, DeviceKind } from './curve-device';

/** Where the part stands: its system's volts where they are known, and whether it is direct current. */
export type CurvePlace = { systemVolts: number | null; dc: boolean };
/** Kind of curve, rating and settings that a spec gives. */
export type PartModel = Pick<DeviceChoice, 'kind' | 'ratedAmps'> & { settings?: Record<string, number> };

export type PartCurve = {
  /** Whether the maker's own curve may be kept with the part and goes before the model; `judged`: its edges are held against needs too. */
  ownCurve: 'none' | 'drawn' | 'judged';
  /** The model; undefined where its curve is the maker's alone: what the spec does not say is not made up. */
  model: (spec: PartSpec) => PartModel | undefined;
  /** Fault current that it breaks at the place, A; null where that is not known. */
  breaks: (spec: PartSpec, place: CurvePlace) => number | null;
  /** Total I²t that it lets through at the highest fault, A²s; absent where the family states none. */
  letsThroughA2s?: (spec: PartSpec) => number | null;
};

export const figureOf = (spec: PartSpec, name: string): number | null => numberMark(spec, name) ?? null;

/** Breaking capacity of a breaker: Icu or Icn, else the lowest listed volts that cover the system. AC only. */
export function breakerBreaks(spec: PartSpec, { systemVolts, dc }: CurvePlace): number | null {
  if (dc) return null;
  if (typeof spec.icuAmps === 'number' || typeof spec.icnAmps === 'number') return figureOf(spec, 'icuAmps') ?? figureOf(spec, 'icnAmps');
  const [least] = rowsMark(spec.interruptingRatings)
    .map((row) => ({ volts: Number(row.volts), amps: numberMark(row, 'amps') }))
    .filter(({ volts }) => systemVolts !== null && volts >= systemVolts)
    .sort((a, b) => a.volts - b.volts);
  return least?.amps ?? null;
}

const letters: readonly DeviceKind[] = ['breaker-b', 'breaker-c', 'breaker-d'];
/** A miniature breaker by its letter; a letter on a 60947-2 device is its maker's data. */
export function miniatureModel(spec: PartSpec): PartModel | undefined {
  const kind = `breaker-${String(spec.curve ?? '').toLowerCase()}`;
  const ratedAmps = figureOf(spec, 'ratedAmps');
  return ratedAmps !== null && isOneOf(letters, kind) && !String(spec.standard).includes('60947') ? { kind, ratedAmps } : undefined;
}

/** Settings of a trip unit that its card gives. */
export function tripUnitSettings(spec: PartSpec): Record<string, number> {
  const given = {
    longTimeAmps: figureOf(spec, 'longTimeSettingAmps'),
    groundFaultAmps: figureOf(spec, 'groundFaultPickupAmps'),
    groundFaultSeconds: figureOf(spec, 'groundFaultSeconds'),
  };
  return Object.fromEntries(Object.entries(given).filter((entry): entry is [string, number] => entry[1] !== null));
}
