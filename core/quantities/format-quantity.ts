/**
 * How is a figure written for a person? Thin space before the unit, engineering prefixes, three significant figures,
 * or as many as the plate shows. Rounding is for display only and towards safety: a need up, an offer down.
 */
import { wordText } from '../language/word-text';
import { NEWTON_METRES_PER_INCH_POUND } from './units';
import { gaugeOf } from './wire-gauge';

const THIN = '\u2009';
const prefixed: Partial<Record<string, [number, string][]>> = {
  A: [
    [1e3, 'kA'],
    [1, 'A'],
    [1e-3, 'mA'],
  ],
  V: [
    [1, 'V'],
    [1e-3, 'mV'],
  ],
  W: [
    [1e3, 'kW'],
    [1, 'W'],
  ],
  VA: [
    [1e6, 'MVA'],
    [1e3, 'kVA'],
    [1, 'VA'],
  ],
  ohm: [
    [1e9, 'GΩ'],
    [1e6, 'MΩ'],
    [1e3, 'kΩ'],
    [1, 'Ω'],
    [1e-3, 'mΩ'],
  ],
  s: [
    [1, 's'],
    [1e-3, 'ms'],
  ],
};
const plain: Partial<Record<string, string>> = { count: '', ratio: '', ohm: 'Ω' };

/** Thousands are written out up to this many of them: 9800 A, 1600 VA. */
const fullUpTo: Record<string, number> = { A: 10, VA: 100 };

/** Rounds to `digits` significant figures: nearest, or up or down. Example: 236.8 up to 3 gives 237. */
export function roundSignificant(value: number, digits: number, toward: 'nearest' | 'up' | 'down' = 'nearest'): number {
  if (value === 0 || !Number.isFinite(value)) return value;
  const scale = 10 ** (digits - 1 - Math.floor(Math.log10(Math.abs(value))));
  // A hair of slack, so that 0.1 + 0.2 does not round up to 0.301.
  const scaled = value * scale;
  const slack = Math.abs(scaled) * 1e-9;
  const rounded = toward === 'up' ? Math.ceil(scaled - slack) : toward === 'down' ? Math.floor(scaled + slack) : Math.round(scaled);
  return rounded / scale;
}

/** Five figures and more before the point stand in groups of three: 1000000 is '1 000 000' with thin spaces. */
const grouped = (text: string): string => (/^-?\d{5,}(\.|$)/.test(text) ? text.replace(/\B(?=(\d{3})+(?=\.|$))/g, THIN) : text);

/**
 * Writes a figure with its unit.
 * @param value in the base unit; any finite number.
 * @param unit base unit; '' and count write no unit.
 * @param figures significant figures; absent: three, or four from 1000 up.
 * Example: 14000, 'A' gives '14 kA'; 0.03, 'A' gives '30 mA'.
 */
export function formatQuantity(value: number, unit: string, toward: 'nearest' | 'up' | 'down' = 'nearest', figures?: number): string {
  const steps = prefixed[unit];
  const size = Math.abs(value);
  const [factor, name]: [number, string] = steps?.find(
    ([step]) => size >= step * (step === 1e3 ? (fullUpTo[unit] ?? 0.9999999) : 0.9999999),
  ) ??
    steps?.at(-1) ?? [1, plain[unit] ?? unit];
  const use: [number, string] = value === 0 ? [1, plain[unit] ?? unit] : [factor, name];
  const scaled = value / use[0];
  const digits = figures ?? (Math.abs(scaled) >= 1000 ? 4 : 3);
  const figure = Number.isInteger(scaled) ? scaled : roundSignificant(scaled, digits, toward);
  const text = grouped(String(Number(figure.toPrecision(12))));
  if (unit === 'in-lb') return `${text}${THIN}in-lb (${roundSignificant(value * NEWTON_METRES_PER_INCH_POUND, 2)}${THIN}N·m)`;
  const gauge = unit === 'mm²' ? gaugeOf(value) : undefined;
  if (gauge) return `${gauge} (${text}${THIN}mm²)`;
  return use[1] === '' ? text : `${text}${use[1] === '%' ? THIN + '%' : THIN + use[1]}`;
}

/** Writes a range; the unit stands once where both ends share it. Example: 0.05, 0.2 ohm gives '50 to 200 mΩ'. */
export function formatRange(low: number, high: number, unit: string): string {
  const [a, b] = [formatQuantity(low, unit), formatQuantity(high, unit)];
  const cut = a.lastIndexOf(THIN);
  // What stands in brackets belongs to its own end: 14 AWG (2.08 mm²).
  const [figure, written] = cut < 0 || a.endsWith(')') ? [a, undefined] : [a.slice(0, cut), a.slice(cut + 1)];
  return written !== undefined && b.endsWith(THIN + written) ? `${figure} to ${b}` : `${a} to ${b}`;
}

/** Writes a limit or a figure that may be a word, a list or a range. */
export function formatValue(value: unknown, unit: string, toward: 'nearest' | 'up' | 'down' = 'nearest'): string {
  if (value === null || value === undefined) return 'not known';
  if (unit === 'ratio' && typeof value === 'number') return `${Math.floor(value * 100 + 1e-9)}${THIN}%`;
  if (typeof value === 'number') return formatQuantity(value, unit, toward);
  if (Array.isArray(value)) {
    if (unit === 'Hz') return value.length === 0 ? 'none' : `${value.join('/')} Hz`;
    // Capacitances are those of several sections, never the ends of a range.
    if (unit === 'µF' && value.length > 0) return value.map((one) => formatValue(one, unit, toward)).join(' and ');
    if (value.length === 2 && value.every((v) => typeof v === 'number') && value[0] !== value[1])
      return formatRange(Number(value[0]), Number(value[1]), unit);
    if (value.length === 2 && value[0] === value[1] && value[0] !== undefined) return formatValue(value[0], unit);
    return value.length === 0 ? 'none' : value.map((v) => formatValue(v, unit)).join(', ');
  }
  return typeof value === 'string' ? wordText(value) : String(value);
}
