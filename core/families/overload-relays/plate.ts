/** An overload relay's plate: setting range, trip class, phase loss, reset. Names: common practice; classes as in IEC 60947-4-1. */
import { AMPS, maker, mark, ratedVolts, currentKind, serial, sheet, standard, terminalsMark, type } from '../../plates/common-fields';
import type { PlateDefinition } from '../../plates/plate-field';

export const overloadRelayPlate: PlateDefinition = {
  id: 'overload-relay',
  title: 'Overload relay',
  side: 'device',
  fields: [
    maker,
    type,
    serial,
    standard(['IEC 60947-4-1', 'NEMA ICS 2', 'UL 508', 'UL 60947-4-1'], {
      'IEC/EN 60947-4-1': 'IEC 60947-4-1',
      'EN 60947-4-1': 'IEC 60947-4-1',
    }),
    mark(
      'settingRangeAmps',
      'Setting',
      'range',
      { unit: 'A', names: ['SETTING RANGE', 'SETTING', 'RANGE', 'IR', 'IE', 'FLA'], units: AMPS, bareUnit: true, min: 0.01, max: 2000 },
      'Range of its dial. The motor’s full-load amps must lie inside.',
      'The two ends of the dial; the maker’s sheet by type.',
    ),
    mark(
      'tripClass',
      'Class',
      'word',
      { names: ['TRIP CLASS', 'CLASS', 'CL.'], words: ['5', '10', '10A', '20', '30', '40'] },
      'How long it waits with a stalled motor: class time is its own upper limit.',
      sheet,
    ),
    mark(
      'phaseLossSensitive',
      'Phase loss',
      'flag',
      { names: ['PHASE LOSS SENSITIVE', 'PHASE FAILURE SENSITIVE', 'PHASE LOSS', 'SINGLE PHASE PROTECTION'] },
      'Trips sooner when one phase is missing.',
      sheet,
    ),
    mark(
      'reset',
      'Reset',
      'word',
      {
        names: ['RESET'],
        words: ['manual', 'automatic', 'manual or automatic'],
        printed: { 'MAN/AUTO': 'manual or automatic', 'MAN.': 'manual', MAN: 'manual', 'H/A': 'manual or automatic', AUTO: 'automatic' },
      },
      'Manual keeps it out until someone comes; automatic starts again by itself.',
      'The position of the reset lever or dial.',
    ),
    ratedVolts('Insulation or rated volts of its main circuit.'),
    currentKind,
    terminalsMark,
  ],
  cues: [
    [/OVERLOAD|TRIP CLASS|THERMAL RELAY/i, 8],
    [/PHASE LOSS|RESET/i, 2],
    [/\b9[5-8]\b[\s\S]*\b9[5-8]\b/, 3],
  ],
};
