/** A plug-in control relay's plate: coil apart from contacts, form, base, indicator. Names: common practice. */
import {
  coilHertz,
  coilKind,
  coilMarks,
  coilOhms,
  coilVolts,
  contactForm,
  contactRatings,
  maker,
  mark,
  pins,
  serial,
  sheet,
  standard,
  terminalsMark,
  type,
} from '../../plates/common-fields';
import { contactRatingRows, terminalNumbers } from '../../plates/forms';
import type { PlateDefinition } from '../../plates/plate-field';

const polesOf: Record<string, number> = { 'SPST-NO': 1, 'SPST-NC': 1, SPDT: 1, 'DPST-NO': 2, DPDT: 2, '3PDT': 3, '4PDT': 4 };

export const controlRelayPlate: PlateDefinition = {
  id: 'control-relay',
  title: 'Control relay',
  side: 'device',
  fields: [
    maker,
    type,
    serial,
    standard(['IEC 61810-1', 'UL 508', 'IEC 60947-5-1'], { 'EN 61810-1': 'IEC 61810-1' }),
    coilVolts,
    coilKind,
    coilHertz,
    coilMarks,
    coilOhms,
    contactForm,
    contactRatings,
    pins,
    mark(
      'poles',
      'Poles',
      'number',
      { unit: 'count', names: [], min: 1, max: 6 },
      'Contacts that move together.',
      'Continuity with the coil off.',
    ),
    mark(
      'pilotDuty',
      'Pilot duty',
      'word',
      {
        names: ['PILOT DUTY'],
        words: [
          'A150',
          'A300',
          'A600',
          'B150',
          'B300',
          'B600',
          'C150',
          'C300',
          'C600',
          'D150',
          'D300',
          'Q150',
          'Q300',
          'R150',
          'R300',
          'N300',
          'P300',
        ],
        bareUnit: true,
      },
      'What it may switch as a pilot for other coils (NEMA ICS 5).',
      sheet,
    ),
    mark(
      'ledIndicator',
      'Lamp',
      'flag',
      { names: ['WITH LED', 'LED INDICATOR', 'LED'] },
      'A lamp across the coil; with a plus sign it is polarised.',
      'Look for a lens or a plus at one coil pin.',
    ),
    mark(
      'testButton',
      'Test button',
      'flag',
      { names: ['TEST BUTTON', 'WITH TEST', 'PUSH TO TEST'] },
      'Works the contacts by hand: what they feed starts.',
      'Look for a tab in the cover.',
    ),
    terminalsMark,
  ],
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
