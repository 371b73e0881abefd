/**
 * Do the marks of one plate agree with each other? Each check looks at two or more readings, says what it found and changes
 * nothing. 'impossible' is against physics or a standard; 'unlikely' deserves a second look.
 */
import { certain } from '../certain';
import { tableFullLoadAmps } from '../standards/motor-tables';
import { isCodeLetter, kilovoltAmperesPerHorsepower } from '../standards/code-letters';
import { voltageClassOf } from '../standards/voltage-class';
import { formatQuantity as q } from '../quantities/format-quantity';
import { isKnown, type Readings } from '../readings/reading';
import type { PlateDefinition } from './plate-field';

export type Finding = { fields: string[]; severity: 'impossible' | 'unlikely'; text: string; source: string };

type Look = {
  one: (id: string) => number | undefined;
  all: (id: string) => number[];
  word: (id: string) => string | undefined;
};
const look = (readings: Readings): Look => {
  const value = (id: string) => (isKnown(readings[id]) ? readings[id].value : undefined);
  const word = (id: string) => {
    const v = value(id);
    return typeof v === 'string' ? v : undefined;
  };
  const all = (id: string): number[] => {
    const v = value(id);
    if (typeof v === 'number') return [v];
    if (Array.isArray(v)) return v.filter((n): n is number => typeof n === 'number');
    return typeof v === 'string' && /^[\d./-]+$/.test(v) ? v.split(/[/-]/).map(Number) : [];
  };
  return { all, one: (id) => all(id)[0], word };
};

type Check = (l: Look) => Finding[];
const finding = (fields: string[], severity: Finding['severity'], text: string, source = 'common practice'): Finding[] => [
  { fields, severity, text, source },
];

const lockedAboveFull: Check = ({ all }) => {
  const [full, locked] = [all('fullLoadAmps').concat(all('ratedLoadAmps')), all('lockedRotorAmps')];
  return full.length > 0 && locked.length > 0 && Math.max(...locked) < Math.min(...full)
    ? finding(
        ['lockedRotorAmps', 'fullLoadAmps'],
        'impossible',
        `Locked-rotor ${q(Math.max(...locked), 'A')} is less than full-load ${q(Math.min(...full), 'A')}: one of them is misread.`,
      )
    : [];
};

/** Amps of a three-phase motor for its shaft power: 0.62 to 0.95 for efficiency times power factor covers small to large. */
const ampsAgainstPower: Check = ({ all, one }) => {
  const [hp, kilowatts] = [one('horsepower'), one('kilowatts')];
  const [volts, amps] = [all('plateVolts'), all('fullLoadAmps')];
  const watts = hp !== undefined ? hp * 745.7 : kilowatts !== undefined ? kilowatts * 1000 : undefined;
  if (watts === undefined || volts.length === 0 || amps.length === 0 || (one('phases') ?? 3) !== 3) return [];
  const own = one('powerFactor') && one('efficiency') ? certain(one('powerFactor')) * certain(one('efficiency')) : undefined;
  const pairs =
    volts.length === amps.length ? volts.map((v, i) => [v, certain(amps[i])] as const) : [[Math.min(...volts), Math.max(...amps)] as const];
  return pairs.flatMap(([v, a]) => {
    const at = (share: number) => watts / (Math.sqrt(3) * v * share);
    const [low, high] = own ? [at(own) * 0.85, at(own) * 1.15] : [at(1) * 0.98, at(watts < 1000 ? 0.3 : 0.5)];
    if (a >= low && a <= high) return [];
    const table = hp !== undefined && voltageClassOf(v)?.column ? tableFullLoadAmps(hp, certain(voltageClassOf(v)).column, 3) : undefined;
    return finding(
      ['fullLoadAmps', hp !== undefined ? 'horsepower' : 'kilowatts', 'plateVolts'],
      a < at(1) * 0.98 ? 'impossible' : 'unlikely',
      `${q(a, 'A')} at ${q(v, 'V')} does not go with ${hp !== undefined ? q(hp, 'hp') : q(watts, 'W')}: ${q(low, 'A', 'down')} to ${q(high, 'A', 'up')} would${table ? `; NEC table 430.250 has ${q(table, 'A')}` : ''}.`,
      table ? 'NFPA 70 (2023) table 430.250, from memory' : 'P = √3 V I η cos φ',
    );
  });
};

const pairedVoltsAmps: Check = ({ all }) => {
  const [volts, amps] = [all('plateVolts'), all('fullLoadAmps')];
  if (volts.length < 2 || volts.length !== amps.length) return [];
  const products = volts.map((v, i) => v * certain(amps[i]));
  return Math.max(...products) / Math.min(...products) > 1.2
    ? finding(
        ['plateVolts', 'fullLoadAmps'],
        'unlikely',
        `Volts and amps do not pair: ${volts.map((v, i) => `${q(v, 'V')} ${q(certain(amps[i]), 'A')}`).join(', ')}. Of two connections the higher volts take the fewer amps.`,
      )
    : [];
};

const lockedAgainstLetter: Check = ({ all, one, word }) => {
  const letter = word('codeLetter');
  const band = letter && isCodeLetter(letter) ? kilovoltAmperesPerHorsepower(letter) : undefined;
  const [hp, volts, locked] = [one('horsepower'), all('plateVolts'), all('lockedRotorAmps')];
  if (!band || hp === undefined || volts.length === 0 || locked.length === 0) return [];
  const root = one('phases') === 1 ? 1 : Math.sqrt(3);
  const v = volts.length === locked.length ? certain(volts[0]) : Math.min(...volts);
  const kva = (root * v * Math.max(...locked)) / 1000 / hp;
  return kva < band.low * 0.93 || (band.high !== undefined && kva > band.high * 1.07)
    ? finding(
        ['lockedRotorAmps', 'codeLetter'],
        'unlikely',
        `Locked-rotor amps give ${kva.toFixed(1)} kVA/hp; letter ${letter} is ${band.low} to ${band.high ?? 'more'}.`,
        'NFPA 70 (2023) table 430.7(B), from memory',
      )
    : [];
};

const speedAgainstHertz: Check = ({ one, all }) => {
  const [speed, f] = [one('rpm'), one('hertz')];
  if (speed === undefined || f === undefined || all('hertz').length !== 1) return [];
  const fits = [2, 4, 6, 8, 10, 12].some((p) => speed <= (120 * f) / p && speed > ((120 * f) / p) * 0.85);
  return fits ? [] : finding(['rpm', 'hertz'], 'unlikely', `${speed} rpm is just under no synchronous speed at ${f} Hz.`);
};

const coilSanity: Check = ({ one, word }) => {
  const [v, r] = [one('coilVolts'), one('coilOhms')];
  if (v === undefined || r === undefined || word('coilKind') === 'ac') return [];
  const watts = (v * v) / r;
  return watts < 0.1 || watts > 250
    ? finding(
        ['coilVolts', 'coilOhms'],
        'unlikely',
        `${q(v, 'V')} on ${q(r, 'ohm')} would take ${q(watts, 'W')}: a relay takes about 0.5 to 2 W, a contactor up to some tens.`,
      )
    : [];
};

const capacitorSize: Check = ({ all, one }) => {
  const size = Math.max(0, ...all('microfarads'));
  if (size > 200)
    return finding(
      ['microfarads'],
      'unlikely',
      `${size} µF is no run capacitor: those end near 100 µF. A start capacitor is never a substitute.`,
    );
  const [v, a, f] = [one('measuredVolts'), one('measuredAmps'), one('hertz') ?? 60];
  if (v === undefined || a === undefined || size === 0) return [];
  const measured = (a / (2 * Math.PI * f * v)) * 1e6;
  return Math.abs(measured / size - 1) > 0.15
    ? finding(
        ['microfarads', 'measuredAmps'],
        'unlikely',
        `Running amps and volts give ${measured.toFixed(1)} µF against ${size} µF on the plate.`,
        'C = I / (2π f V)',
      )
    : [];
};

const residualStandard: Check = ({ word }) => {
  const [standard, curve] = [word('standard') ?? '', word('curve')];
  if (/61008/.test(standard) && curve)
    return finding(
      ['standard', 'curve'],
      'impossible',
      `61008 has no overcurrent part, but the rating carries curve ${curve}: one of them is misread. 61009 has both.`,
      'IEC 61008-1, IEC 61009-1, from memory',
    );
  if (/60898/.test(standard) && word('residualType'))
    return finding(['standard', 'residualType'], 'impossible', '60898 is a breaker without residual part.', 'IEC 60898-1, from memory');
  return [];
};

const breakingPair: Check = ({ one }) => {
  const [icu, ics] = [one('icuAmps'), one('icsAmps')];
  return icu !== undefined && ics !== undefined && ics > icu
    ? finding(
        ['icsAmps', 'icuAmps'],
        'impossible',
        `Ics ${q(ics, 'A')} above Icu ${q(icu, 'A')}: service is never more than ultimate.`,
        'IEC 60947-2, from memory',
      )
    : [];
};

const checks: readonly Check[] = [
  lockedAboveFull,
  ampsAgainstPower,
  pairedVoltsAmps,
  lockedAgainstLetter,
  speedAgainstHertz,
  coilSanity,
  capacitorSize,
  residualStandard,
  breakingPair,
];

/** Returns what does not agree between the readings of one plate. */
export const crossChecks = (readings: Readings, plate?: PlateDefinition): Finding[] => {
  const l = look(readings);
  return checks
    .flatMap((check) => check(l))
    .filter(({ fields }) => !plate || fields.some((id) => plate.fields.some((field) => field.id === id)));
};
