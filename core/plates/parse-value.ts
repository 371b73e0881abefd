/**
 * Is this print a value of that field, and which? Only what is physically possible passes; a figure that is impossible as it
 * stands is repaired only where the repaired one is possible and common, and the repair is said.
 */
import { certain } from '../certain';
import type { ReadingValue } from '../readings/reading';
import { asDigits, toNumber } from './characters';
import { readGaugeRange } from '../quantities/wire-gauge';
import type { PlateField } from './plate-field';

export type Value = { value: ReadingValue; repair?: string };

/** Frequencies that exist in service, Hz. */
export const FREQUENCIES = [16.7, 25, 50, 60, 400];
/** Horsepower steps of motors (NEMA MG 1 10.32, from memory). */
const HORSEPOWERS = [
  1 / 20,
  1 / 15,
  1 / 12,
  1 / 10,
  1 / 8,
  1 / 6,
  1 / 5,
  1 / 4,
  1 / 3,
  1 / 2,
  3 / 4,
  1,
  1.5,
  2,
  3,
  5,
  7.5,
  10,
  15,
  20,
  25,
  30,
  40,
  50,
  60,
  75,
  100,
  125,
  150,
  200,
  250,
  300,
  350,
  400,
  450,
  500,
];
const isHorsepower = (hp: number) => HORSEPOWERS.some((step) => Math.abs(hp / step - 1) < 0.02);

export const inRange = (field: Pick<PlateField, 'min' | 'max'>, n: number): boolean =>
  Number.isFinite(n) && n >= (field.min ?? 0) && n <= field.max && (n > 0 || field.min !== undefined);

const factorOf = (field: PlateField, unit: string | undefined): number => {
  if (unit === undefined) return 1;
  const bare = unit.replace(/[\s.]/g, '').toUpperCase();
  const known = Object.entries(field.units ?? {}).find(([name]) => name.replace(/[\s.]/g, '').toUpperCase() === bare);
  return known?.[1] ?? 1;
};

function numberOf(field: PlateField, text: string, factor: number): Value | undefined {
  const plain = toNumber(text) * factor;
  const ratio = field.unit === 'ratio' && field.max === 1 && plain > 1 && plain <= 100 ? plain / 100 : plain;
  if (field.unit === 'hp') {
    // "71/2" is 7 1/2 with its space lost: 35 1/2 hp is made by nobody.
    const glued = /^(\d{1,2})(\d\/\d)$/.exec(text.trim());
    const split = glued ? Number(glued[1]) + toNumber(certain(glued[2])) : NaN;
    if (glued && !isHorsepower(plain) && isHorsepower(split))
      return { value: split, repair: `'${text.trim()}' taken as ${glued[1]} ${glued[2]}` };
  }
  if (!inRange(field, ratio) || (field.unit === 'count' && !Number.isInteger(ratio))) return undefined;
  return { value: Number(ratio.toPrecision(12)) };
}

/** More like shapes than true digits is no figure. */
const mayBeFigure = (field: PlateField, text: string): boolean =>
  field.kind === 'flag' ||
  field.words !== undefined ||
  field.kind === 'text' ||
  text.replace(/\D/g, '').length * 2 >= text.replace(/[^\dA-Z|]/gi, '').length;

/**
 * Reads one value.
 * @param text the value without its name; @param unit the printed unit behind it, if any.
 * @param loose like shapes were let in: digits are put in for them and the repair is said.
 */
export function readValue(field: PlateField, text: string, unit: string | undefined, loose = false): Value | undefined {
  if (loose && !mayBeFigure(field, text)) return undefined;
  const factor = factorOf(field, unit);
  const digits = loose && /^(number|numbers|volts|range|hertz|coil)$/.test(field.kind) ? asDigits(text) : text;
  const repaired = digits === text ? {} : { repair: `'${text.trim()}' taken as ${digits.trim()}` };
  const list = () => digits.split(/\s?[/-]\s?|\s(?=\d)/).map((part) => Number((toNumber(part) * factor).toPrecision(12)));
  switch (field.kind) {
    case 'flag':
      return { value: true };
    case 'letter': {
      const letter = text.toUpperCase();
      return certain(field.words).includes(letter) ? { value: letter } : undefined;
    }
    case 'word': {
      const bare = text.trim().replace(/\s+/g, ' ').toUpperCase();
      const word =
        field.printed?.[bare] ??
        certain(field.words).find(
          (one) => one.toUpperCase() === bare || one.replace(/[\s.]/g, '').toUpperCase() === bare.replace(/[\s.]/g, ''),
        );
      return word === undefined ? undefined : { value: word };
    }
    case 'text':
      return text.trim() === '' ? undefined : { value: text.trim().replace(/\s+/g, ' ').slice(0, 80) };
    case 'hertz': {
      const all = list();
      if (!all.every((n) => FREQUENCIES.includes(n)) || new Set(all).size !== all.length) return undefined;
      return { value: field.id === 'hertz' && all.length === 1 ? certain(all[0]) : all, ...repaired };
    }
    case 'volts': {
      const clean = digits.replace(/\s/g, '').replace(/,/g, '.');
      const all = clean.split(/[/-]/).map(Number);
      return all.every((n) => inRange(field, n)) ? { value: all.length === 1 ? certain(all[0]) : clean, ...repaired } : undefined;
    }
    case 'range': {
      // Without mm² behind them they are gauges, or nothing: 6-14 beside AWG is no 6 to 14 mm².
      if (field.unit === 'mm²' && !/^mm/i.test(unit ?? '')) {
        const gauges = readGaugeRange(digits);
        return gauges?.every((n) => inRange(field, n)) ? { value: gauges, ...repaired } : undefined;
      }
      const all = digits
        .split(/\s?(?:-|TO|\.{2,3})\s?/i)
        .map((part) => Number((toNumber(part.replace(/[^\d.,]/g, '')) * factor).toPrecision(12)));
      return all.length === 2 && all.every((n) => inRange(field, n)) && certain(all[0]) < certain(all[1])
        ? { value: all, ...repaired }
        : undefined;
    }
    case 'numbers':
    case 'coil': {
      const all = list();
      return all.every((n) => inRange(field, n)) ? { value: all.length === 1 ? certain(all[0]) : all, ...repaired } : undefined;
    }
    default: {
      const one = numberOf(field, digits, factor);
      return one && { ...repaired, ...one };
    }
  }
}
