/**
 * What number does a person mean by a typed text such as "30 mA", "1,5", "7 1/2 hp"?
 * A text becomes a number whole or not at all; what is left over is a fault with a next step, never trimmed away.
 * The unit may be left out, then the field's own unit holds. A unit of another dimension is refused.
 * Not for: sets and ranges ("240/480"); the plate grammar reads those.
 */
import { certain } from '../certain';
import { formatQuantity } from './format-quantity';
import { NEWTON_METRES_PER_INCH_POUND, proposeUnit, readUnitOf, type Unit } from './units';
import { readGauge } from './wire-gauge';

export type QuantityReading = { ok: true; value: number } | { ok: false; fault: string };

/** Units in which some fields are held though they are no base units. */
const held: Partial<Record<string, { base: Unit; size: number }>> = {
  mA: { base: 'A', size: 1e-3 },
  ms: { base: 's', size: 1e-3 },
  mm: { base: 'm', size: 1e-3 },
  'in-lb': { base: 'N·m', size: NEWTON_METRES_PER_INCH_POUND },
};

const NUMBER = /^([+-]?)(?:(\d+)\s+)?(\d+(?:[.,]\d+)?|\d*[.,]\d+)(?:\s*\/\s*(\d+))?(?:e([+-]?\d+))?/i;

/**
 * Reads one number with an optional unit.
 * @param text as typed; decimal point or comma; mixed fractions only for hp.
 * @param unit the field's base unit; `label` names the field in a fault.
 * @returns the value in base units, or a fault in one or two sentences.
 * Example: "30 mA" for A gives 0.03; "30 mV" for A is refused.
 */
export function readQuantity(text: string, unit: string, label: string): QuantityReading {
  // Groups of three with thin or hard spaces are one figure; a plain space is not, or '7 500 V' would be.
  const trimmed = text
    .trim()
    .replace(/(\d)[\u2009\u00a0](?=\d{3}(?!\d))/g, '$1')
    .replace(/\u2009|\u00a0/g, ' ');
  if (trimmed === '') return { ok: false, fault: `${label} is empty. Type a number, or mark it as not readable.` };
  // What stands in brackets is the same figure in the other unit, as we write it ourselves.
  const aside = /^(.*\S)\s*\([^()]*\)$/.exec(trimmed);
  if (aside && (unit === 'mm²' || unit === 'in-lb')) return readQuantity(certain(aside[1]), unit, label);
  const gauge = unit === 'mm²' ? readGauge(trimmed) : undefined;
  if (gauge !== undefined) return { ok: true, value: gauge };
  const match = NUMBER.exec(trimmed);
  if (!match)
    return {
      ok: false,
      fault: `${label} is '${short(trimmed)}'; a number is needed, such as ${sample(unit)}.`,
    };
  const [all, sign, whole, figure, divisor, exponent] = match;
  if ((whole || divisor) && unit !== 'hp')
    return {
      ok: false,
      fault: `${label} is '${short(trimmed)}'; one number is needed, such as ${sample(unit)}.`,
    };
  let value = Number(certain(figure).replace(',', '.'));
  if (divisor) value /= Number(divisor);
  if (whole) value += Number(whole);
  if (exponent) value *= 10 ** Number(exponent);
  if (sign === '-') value = -value;
  const rest = trimmed.slice(all.length).trim();
  if (!Number.isFinite(value)) return { ok: false, fault: `${label} is '${short(trimmed)}'; that is not a finite number.` };
  if (rest === '' || (unit === 'count' && rest === '')) return { ok: true, value };
  const written = readUnitOf(rest, unit);
  if (!written) {
    const proposal = proposeUnit(rest, held[unit]?.base ?? unit);
    const next = proposal ? ` Did you mean '${proposal}'?` : ` Write it in ${unit || 'figures only'}.`;
    return { ok: false, fault: `Unit '${short(rest)}' is not known for ${label}.${next}` };
  }
  const own = held[unit];
  if (own && written.unit === own.base) return { ok: true, value: Number(((value * written.factor) / own.size).toPrecision(12)) };
  if (written.unit !== unit)
    return {
      ok: false,
      fault: `${label} is in ${unit || 'no unit'}; '${short(trimmed)}' is in ${written.unit}. Write it in ${unit}.`,
    };
  return { ok: true, value: value * written.factor };
}

const short = (text: string) => (text.length > 24 ? `${text.slice(0, 24)}…` : text);
const sample = (unit: string) => (unit === 'count' ? '3' : unit === 'hp' ? '7 1/2 hp' : `28 ${unit}`.trim());

/**
 * As `readQuantity`, and an empty text is a figure that is not there.
 * @param field its unit, its name in a fault, and the ends of what is accepted, both included.
 */
export function readInRange(
  text: string,
  field: { unit: string; label: string; min: number; max: number },
): { ok: true; value: number | undefined } | { ok: false; fault: string } {
  if (text.trim() === '') return { ok: true, value: undefined };
  const { unit, label, min, max } = field;
  const read = readQuantity(text, unit, label);
  if (!read.ok || (read.value >= min && read.value <= max)) return read;
  return { ok: false, fault: `${label}: ${formatQuantity(min, unit)} to ${formatQuantity(max, unit)} is accepted.` };
}
