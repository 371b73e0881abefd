/**
 * Which units does the trade write, and how many base units is each?
 * Inside the core every figure is in the base unit of its dimension (A, V, W, VA, ohm, Hz, s, °C).
 * Prefixes are case sensitive where it matters (mA is not MA); 'kv' is refused with a proposal.
 * Horsepower is a unit of its own, since plates and tables are stepped in it.
 * Source of prefixes: IEC 60027 / ISO 80000 (from memory); 1 hp = 745.7 W (NIST SP 811, from memory).
 */
import { certain } from '../certain';
export const WATTS_PER_HORSEPOWER = 745.7;
/** Exact: 1 in = 25.4 mm. */
const METRES_PER_INCH = 0.0254;
/** 1 lbf·in (NIST SP 811, from memory). */
export const NEWTON_METRES_PER_INCH_POUND = 0.1129848;

export type Unit =
  | 'V'
  | 'A'
  | 'W'
  | 'VA'
  | 'ohm'
  | 'Hz'
  | 's'
  | '°C'
  | 'hp'
  | '%'
  | 'count'
  | 'h'
  | 'years'
  | 'm'
  | 'mm²'
  | 'rpm'
  | 'in-lb'
  | 'N·m'
  | 'kg'
  | 'lb'
  | 'oz'
  | 'psig'
  | 'µF'
  | 'A²s'
  /** Held so in the case: inputs and pauses. */
  | 'mA'
  | 'ms'
  | 'mm'
  | 'ratio'
  | '';

const prefixes: Record<string, number> = { m: 1e-3, k: 1e3, M: 1e6, G: 1e9, µ: 1e-6, u: 1e-6 };
const bases: Record<string, Unit> = {
  V: 'V',
  VAC: 'V',
  VDC: 'V',
  A: 'A',
  W: 'W',
  VA: 'VA',
  Ω: 'ohm',
  ohm: 'ohm',
  ohms: 'ohm',
  Hz: 'Hz',
  HZ: 'Hz',
  s: 's',
  '°C': '°C',
  C: '°C',
  hp: 'hp',
  HP: 'hp',
  '%': '%',
  rpm: 'rpm',
  'in-lb': 'in-lb',
  'lb-in': 'in-lb',
  'N·m': 'N·m',
  'N.m': 'N·m',
  Nm: 'N·m',
  kg: 'kg',
  lb: 'lb',
  oz: 'oz',
  psig: 'psig',
  µF: 'µF',
  uF: 'µF',
  MFD: 'µF',
  h: 'h',
  m: 'm',
  'mm²': 'mm²',
  mm2: 'mm²',
  sqmm: 'mm²',
  y: 'years',
  years: 'years',
};

/** Returns base unit and factor of a written unit, or undefined when it is not known. Example: 'kA' gives A, 1000. */
export function readUnit(written: string): { unit: Unit; factor: number } | undefined {
  if (written === 'in') return { unit: 'm', factor: METRES_PER_INCH };
  const whole = bases[written];
  if (whole) return { unit: whole, factor: 1 };
  const factor = prefixes[written[0] ?? ''];
  const rest = bases[written.slice(1)];
  if (factor === undefined || rest === undefined || rest === 'hp' || rest === '%') return undefined;
  return { unit: rest, factor };
}

/** Returns base unit and factor of a unit as it is written beside a figure of this kind: ohms are written '20 k' and '0.5 M' too. */
export const readUnitOf = (written: string, unit: string): { unit: Unit; factor: number } | undefined =>
  unit === 'ohm' && (written === 'k' || written === 'M') ? { unit, factor: certain(prefixes[written]) } : readUnit(written);

/** Returns the known unit of that kind that differs only in letter case, for 'Did you mean'. Example: 'kv' gives 'kV'. */
export function proposeUnit(written: string, kind: string): string | undefined {
  const all = Object.keys(bases).flatMap((base) => [base, ...Object.keys(prefixes).map((p) => p + base)]);
  return all.find((unit) => unit.toLowerCase() === written.toLowerCase() && readUnit(unit)?.unit === kind);
}
