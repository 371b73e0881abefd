/** Marks of a relay's or timer's plate as marks of the case: poles by form, base by its pins, supply as coil. */
import type { FieldValues } from '../case/case';

const forms: Record<string, Record<string, number>> = {
  'SPST-NO': { 'SPST-NO': 1 },
  'SPST-NC': { 'SPST-NC': 1 },
  SPDT: { SPDT: 1 },
  'DPST-NO': { 'SPST-NO': 2 },
  DPDT: { SPDT: 2 },
  '3PDT': { SPDT: 3 },
  '4PDT': { SPDT: 4 },
};
/** Round bases are counted in pins, flat ones in blades. Common practice. */
const basesByPins: Record<number, string> = { 5: '5-blade', 8: 'octal-8', 11: '11-pin', 14: '14-blade' };

/** Returns the marks under the names of the case; names that are already the case's stay. */
export function relaySpecFromPlate(marks: FieldValues): FieldValues {
  const out: FieldValues = { ...marks };
  if (marks.contactForms === undefined && marks.contactForm !== undefined)
    out.contactForms = marks.contactForm === null ? null : (forms[String(marks.contactForm)] ?? null);
  if (marks.base === undefined && marks.pins !== undefined && marks.pins !== 'none')
    out.base = typeof marks.pins === 'number' ? (basesByPins[marks.pins] ?? null) : null;
  // A lamp on a DC coil may stand with a diode: which of the two is not told by the lamp.
  if (marks.polarity === undefined && marks.ledIndicator === true) out.polarity = marks.coilKind === 'ac' ? 'led' : null;
  return out;
}
