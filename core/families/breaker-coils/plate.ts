/**
 * Plate of a coil that works an air or moulded-case breaker: shunt trip, closing coil, undervoltage release, charging motor.
 * They look alike and are not alike: the word and the operating band decide. Names: common practice.
 */
import { certain } from '../../certain';
import { single } from '../../plates/print-patterns';
import type { Laid } from '../../plates/layout';
import { plateFieldsOf } from '../../fields/print';
import type { Hit, PlateDefinition } from '../../plates/plate-field';
import { breakerCoilFields } from './fields';

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
  fields: plateFieldsOf(breakerCoilFields),
  special: (laid) => [
    ...bothBays(laid),
    ...single(
      laid,
      'terminals',
      /(?:TERMINALS?\s*)?([ACDU][1-4])\s?-\s?([ACDU][1-4])(?![A-Z0-9])/i,
      (m) => `${certain(m[1]).toUpperCase()} ${certain(m[2]).toUpperCase()}`,
    ),
  ],
  cues: [
    [/UNDER ?VOLTAGE RELEASE|SHUNT (TRIP|RELEASE)|CLOSING (COIL|RELEASE)|CHARGING MOTOR|NO-VOLT/i, 9],
    [/DROP-?OUT|PICK-?UP/i, 3],
    [/% ?UN/i, 3],
  ],
};
