/** A plug-in control relay's plate: coil apart from contacts, form, base, indicator. Names: common practice. */
import { contactRatingRows, terminalNumbers } from '../../plates/print-patterns';
import { plateFieldsOf } from '../../fields/print';
import type { PlateDefinition } from '../../plates/plate-field';
import { controlRelayFields } from './fields';

const polesOf: Record<string, number> = { 'SPST-NO': 1, 'SPST-NC': 1, SPDT: 1, 'DPST-NO': 2, DPDT: 2, '3PDT': 3, '4PDT': 4 };

export const controlRelayPlate: PlateDefinition = {
  id: 'control-relay',
  title: 'Control relay',
  side: 'device',
  fields: plateFieldsOf(controlRelayFields),
  special: contactRatingRows,
  derive: (found, laid) => {
    const form = found.get('contactForm');
    const marks = terminalNumbers(laid).filter((m) => /^(A[12]|[1-4][124])$/.test(m));
    return [
      ...(typeof form === 'string' && polesOf[form] ? [{ field: 'poles', value: polesOf[form], start: 0, end: 0 }] : []),
      ...(marks.length >= 3 ? [{ field: 'terminals', value: marks.join(' '), start: 0, end: 0 }] : []),
    ];
  },
  cues: [
    [/\bRELAY\b/i, 2],
    [/\b(SPDT|DPDT|3PDT|4PDT)\b|C\/O/i, 3],
    [/CONTACTS?\s/i, 2],
    [/\bCOIL\b/i, 2],
    [/\d\s?(Ω|OHM)/i, 3],
    [/\d[ -]?PINS?\b/i, 1],
    [/TIME|DELAY|MONITOR|VOLTAGE MONITORING/i, -5],
  ],
};
