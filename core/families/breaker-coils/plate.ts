/**
 * Plate of a coil that works an air or moulded-case breaker: shunt trip, closing coil, undervoltage release, charging motor.
 * They look alike and are not alike: the word and the operating band decide. Names: common practice.
 */
import { accessoryFunctions } from '../../case/accessory-fields';
import { AMPS, currentKind, maker, mark, serial, sheet, standard, type, VOLTS } from '../../plates/common-fields';
import { single } from '../../plates/forms';
import type { Laid } from '../../plates/layout';
import type { Hit, PlateDefinition } from '../../plates/plate-field';

const band = (id: string, label: string, names: string[], meaning: string) =>
  mark(id, label, 'range', { unit: '%', names, units: { '% UN': 1, '%UN': 1, '%': 1 }, min: 5, max: 130 }, meaning, sheet);
/** "SHUNT TRIP / CLOSING COIL": one part marked for both bays. */
const bothBays = (laid: Laid): Hit[] =>
  single(
    laid,
    'function',
    /(?:SHUNT (?:TRIP|RELEASE))\s?(?:\/|,|&|OR|AND|\+)\s?(?:CLOSING (?:COIL|RELEASE))|(?:CLOSING (?:COIL|RELEASE))\s?(?:\/|,|&|OR|AND|\+)\s?(?:SHUNT (?:TRIP|RELEASE))/i,
    () => ['shunt-trip', 'closing-coil'],
  );

export const breakerCoilPlate: PlateDefinition = {
  id: 'breaker-coil',
  title: 'Breaker coil',
  side: 'device',
  fields: [
    maker,
    type,
    serial,
    standard(['IEC 60947-2', 'UL 489', 'UL 1066'], { 'EN 60947-2': 'IEC 60947-2', 'IEC/EN 60947-2': 'IEC 60947-2' }),
    mark(
      'function',
      'Function',
      'word',
      {
        names: ['FUNCTION'],
        bareUnit: true,
        words: [...accessoryFunctions],
        printed: {
          'UNDERVOLTAGE RELEASE': 'undervoltage-release',
          'UNDER VOLTAGE RELEASE': 'undervoltage-release',
          UVR: 'undervoltage-release',
          'SHUNT TRIP': 'shunt-trip',
          'SHUNT RELEASE': 'shunt-trip',
          'CLOSING COIL': 'closing-coil',
          'CLOSING RELEASE': 'closing-coil',
          'CHARGING MOTOR': 'charging-motor',
          'MOTOR OPERATOR': 'charging-motor',
          'NO-VOLT RELEASE': 'no-volt-release',
          'NO VOLT RELEASE': 'no-volt-release',
          'AUXILIARY CONTACT': 'auxiliary-contact',
          'AUX. CONTACT': 'auxiliary-contact',
          'AUX CONTACT': 'auxiliary-contact',
          'AUXILIARY SWITCH': 'auxiliary-contact',
          'ALARM CONTACT': 'alarm-contact',
          'ALARM SWITCH': 'alarm-contact',
        },
      },
      'What it does: trip, close, hold or charge. An undervoltage release is never a shunt trip.',
      'Letter code and bay; whether its shaft stands out unpowered is a hint, no proof.',
    ),
    mark(
      'coilVoltsRange',
      'Volts',
      'range',
      {
        unit: 'V',
        names: ['UN', 'US', 'RATED VOLTAGE'],
        units: VOLTS,
        bareUnit: true,
        min: 5,
        max: 690,
        tail: { kind: 'currentKind', hertz: 'coilHertz' },
      },
      'Volts of its control supply.',
      'The control supply is the authority; the drawing first.',
    ),
    mark(
      'coilVolts',
      'Volts',
      'coil',
      {
        unit: 'V',
        names: ['UN', 'US', 'RATED VOLTAGE'],
        units: VOLTS,
        bareUnit: true,
        min: 5,
        max: 690,
        tail: { kind: 'currentKind', hertz: 'coilHertz' },
      },
      'Volts of its control supply.',
      'The control supply is the authority; the drawing first.',
    ),
    currentKind,
    mark(
      'coilHertz',
      'Hertz',
      'hertz',
      { unit: 'Hz', names: ['HZ'], units: { HZ: 1 }, bareUnit: true, max: 400 },
      'Frequencies it is made for.',
      'The system’s frequency.',
    ),
    band(
      'releasePercent',
      'Drops out',
      ['DROP-OUT', 'DROP OUT', 'RELEASE'],
      'Band in which an undervoltage release lets go: 35 to 70 % by standard.',
    ),
    band('pickUpPercent', 'Picks up', ['PICK-UP', 'PICK UP', 'CLOSE'], 'Band in which it allows closing: from 85 %.'),
    band(
      'operatePercent',
      'Operates',
      ['OPERATING RANGE', 'OPERATION', 'OPERATES'],
      'Band in which a shunt trip (70 to 110 %) or closing coil (85 to 110 %) must work.',
    ),
    mark(
      'powerVA',
      'Power',
      'number',
      { unit: 'VA', names: ['POWER', 'HOLD', 'SEALED'], units: { VA: 1 }, max: 5000 },
      'What it takes of its supply.',
      sheet,
    ),
    mark(
      'powerWatts',
      'Power, W',
      'number',
      { unit: 'W', names: ['POWER', 'HOLD'], units: { W: 1 }, max: 5000 },
      'What it takes of its supply.',
      sheet,
    ),
    mark(
      'inrushVA',
      'Inrush',
      'number',
      { unit: 'VA', names: ['INRUSH', 'PICK-UP POWER'], units: { VA: 1, W: 1 }, max: 5000 },
      'What it asks while pulling in.',
      sheet,
    ),
    mark(
      'onTimeSeconds',
      'On time',
      'number',
      { unit: 's', names: ['MAX. ON TIME', 'MAX ON TIME', 'ON TIME'], units: { S: 1, SEC: 1 }, max: 3600 },
      'Longest command: a short-time coil burns under a maintained one.',
      sheet,
    ),
    mark(
      'coilAmps',
      'Current',
      'number',
      { unit: 'A', names: ['CURRENT'], units: AMPS, max: 50 },
      'Current at rated volts.',
      'Volts over resistance on DC.',
    ),
    mark(
      'terminals',
      'Terminals',
      'text',
      { names: ['TERMINALS', 'TERM.'] },
      'C1-C2 shunt trip, D1-D2 undervoltage, A1-A2 closing are usual; the maker’s diagram decides.',
      'The diagram.',
    ),
  ],
  special: (laid) => [
    ...bothBays(laid),
    ...single(
      laid,
      'terminals',
      /(?:TERMINALS?\s*)?([ACDU][1-4])\s?-\s?([ACDU][1-4])(?![A-Z0-9])/i,
      (m) => `${m[1]!.toUpperCase()} ${m[2]!.toUpperCase()}`,
    ),
  ],
  cues: [
    [/UNDER ?VOLTAGE RELEASE|SHUNT (TRIP|RELEASE)|CLOSING (COIL|RELEASE)|CHARGING MOTOR|NO-VOLT/i, 9],
    [/DROP-?OUT|PICK-?UP/i, 3],
    [/% ?UN/i, 3],
  ],
};
