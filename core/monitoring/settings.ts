/**
 * Settings of a monitoring relay in plain names, and what cannot stand together. Volts are between the conductors that it measures.
 * Names: off delay = how long a fault lasts before it drops out; on delay = how long it waits before it pulls in. Common practice.
 */
import { entriesOf } from '../certain';
import { seconds as secondsText } from '../case/field-text';
import { formatQuantity as q } from '../quantities/format-quantity';
import type { UnbalanceDefinition } from '../standards/unbalance';

export type MonitoringSettings = {
  nominalVolts: number;
  /** Thresholds, V; null where the function is off. */
  underVolts: number | null;
  overVolts: number | null;
  /** Volts that must be gained back before a fault of volts ends. */
  hysteresisVolts: number;
  underHertz: number | null;
  overHertz: number | null;
  hysteresisHertz: number;
  asymmetryPercent: number | null;
  asymmetryBy: UnbalanceDefinition;
  hysteresisPercent: number;
  /** A phase below this share of nominal is lost, %; null: off. */
  phaseLossPercent: number | null;
  phaseSequence: boolean;
  /** Shift of the neutral that counts as open, V; null: off or no neutral. */
  neutralShiftVolts: number | null;
  tripDelaySeconds: number;
  /** Delay of lost phase and reversed sequence, usually fixed and short. */
  lossDelaySeconds: number;
  returnDelaySeconds: number;
  powerOnDelaySeconds: number;
  latch: boolean;
  failSafe: boolean;
};

/** Limits of a relay's dials; a field left out is not held. */
export type SettingLimits = Partial<Record<'underVolts' | 'asymmetryPercent' | 'tripDelaySeconds', readonly [low: number, high: number]>>;
export type Conflict = { settings: readonly (keyof MonitoringSettings)[]; words: string };

/** What the site does to the supply: dips that must be ridden through, the worst of them by share of nominal. */
export type Site = { dips?: readonly { name: string; leftPercent: number; seconds: number }[] };

const positive = (value: number) => Number.isFinite(value) && value > 0;

/** What cannot stand together, in sentences; [] where all can. Such settings are refused, not warned of. */
export function conflictsOf(settings: MonitoringSettings, limits: SettingLimits = {}, site: Site = {}): Conflict[] {
  const out: Conflict[] = [];
  const add = (names: readonly (keyof MonitoringSettings)[], words: string) => out.push({ settings: names, words });
  const { nominalVolts, underVolts, overVolts, hysteresisVolts, underHertz, overHertz, hysteresisHertz } = settings;
  if (!positive(nominalVolts)) add(['nominalVolts'], 'The reference volts must be above 0.');
  if (underVolts !== null && overVolts !== null && underVolts >= overVolts)
    add(
      ['underVolts', 'overVolts'],
      `Undervoltage ${q(underVolts, 'V')} is not below overvoltage ${q(overVolts, 'V')}: it could never be healthy.`,
    );
  else if (underVolts !== null && overVolts !== null && 2 * hysteresisVolts >= overVolts - underVolts)
    add(
      ['hysteresisVolts'],
      `The hysteresis of ${q(hysteresisVolts, 'V')} at both ends is as wide as the window of ${q(overVolts - underVolts, 'V')}: once tripped it never comes back.`,
    );
  if (underVolts !== null && underVolts + hysteresisVolts >= nominalVolts)
    add(
      ['underVolts', 'hysteresisVolts'],
      `It comes back at ${q(underVolts + hysteresisVolts, 'V')}, not below the nominal ${q(nominalVolts, 'V')}.`,
    );
  if (overVolts !== null && overVolts - hysteresisVolts <= nominalVolts)
    add(
      ['overVolts', 'hysteresisVolts'],
      `It comes back at ${q(overVolts - hysteresisVolts, 'V')}, not above the nominal ${q(nominalVolts, 'V')}.`,
    );
  if (underHertz !== null && overHertz !== null && underHertz >= overHertz)
    add(['underHertz', 'overHertz'], 'Underfrequency is not below overfrequency.');
  else if (underHertz !== null && overHertz !== null && 2 * hysteresisHertz >= overHertz - underHertz)
    add(['hysteresisHertz'], 'The hysteresis of frequency is as wide as its window.');
  if (settings.asymmetryPercent !== null && settings.hysteresisPercent >= settings.asymmetryPercent)
    add(['hysteresisPercent', 'asymmetryPercent'], 'The hysteresis of asymmetry is as large as its threshold: it never comes back.');
  for (const [name, value] of [
    ['hysteresisVolts', hysteresisVolts],
    ['tripDelaySeconds', settings.tripDelaySeconds],
    ['returnDelaySeconds', settings.returnDelaySeconds],
    ['powerOnDelaySeconds', settings.powerOnDelaySeconds],
    ['lossDelaySeconds', settings.lossDelaySeconds],
  ] as const)
    if (!(value >= 0) || !Number.isFinite(value)) add([name], 'A delay or hysteresis is 0 or more.');
  for (const dip of site.dips ?? []) {
    const volts = (dip.leftPercent / 100) * nominalVolts;
    if (underVolts !== null && volts < underVolts && settings.tripDelaySeconds < dip.seconds)
      add(
        ['tripDelaySeconds'],
        `${dip.name} leaves ${q(volts, 'V')} for ${secondsText(dip.seconds)}: the off delay of ${secondsText(settings.tripDelaySeconds)} is shorter, so it trips each time.`,
      );
    if (settings.phaseLossPercent !== null && dip.leftPercent < settings.phaseLossPercent && settings.lossDelaySeconds < dip.seconds)
      add(['phaseLossPercent'], `${dip.name} leaves ${dip.leftPercent} %, below the limit of a lost phase.`);
  }
  for (const [name, limit] of entriesOf(limits)) {
    const value = settings[name];
    if (value !== null && (value < limit[0] || value > limit[1]))
      add(
        [name],
        `${name === 'tripDelaySeconds' ? secondsText(value) : Number(value.toPrecision(4))} cannot be set on this relay: ${limit[0]} to ${limit[1]}.`,
      );
  }
  return out;
}
