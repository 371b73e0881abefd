/** Marks of an overload relay. Names and synonyms: common practice. */
import { device } from '../../fields/device-marks';
import type { MarksOf } from '../../fields/mark-types';
import { mountingWidth, torque, wireRange } from '../../fields/mounting-fields';
import { flag, mark, num, upTo, word, words, type Field } from '../../fields/field';
import {
  currentKind,
  maker,
  ratedVoltsMark,
  serial,
  standardField,
  terminalsMark,
  type,
  approvals,
  deratingNote,
} from '../../fields/plate-marks';
import { AMPS, sheet } from '../../fields/print';
import { tripClasses } from '../../fields/protection-fields';

export const overloadRelayFields = [
  maker,
  type,
  serial,
  approvals,
  deratingNote,
  standardField(['IEC 60947-4-1', 'UL 60947-4-1', 'NEMA ICS 2', 'UL 508'], {
    'IEC/EN 60947-4-1': 'IEC 60947-4-1',
    'EN 60947-4-1': 'IEC 60947-4-1',
  }),
  mark(
    'settingRangeAmps',
    'Setting',
    'range',
    { unit: 'A', min: 0.01, max: 2000, names: ['SETTING RANGE', 'SETTING', 'RANGE', 'IR', 'IE', 'FLA'], units: AMPS, bare: true },
    'Range of its dial. The motor’s full-load amps must lie inside.',
    'The two ends of the dial; the maker’s sheet by type.',
  ),
  word('tripClass', 'Trip class', tripClasses, 'How long it waits with a stalled motor: class time is its own upper limit.', {
    short: 'Class',
    print: { names: ['TRIP CLASS', 'CLASS', 'CL.'] },
    recovery: sheet,
  }),
  flag('phaseLossSensitive', 'Phase-loss sensitive', 'Trips sooner when one phase is missing.', {
    short: 'Phase loss',
    print: { names: ['PHASE LOSS SENSITIVE', 'PHASE FAILURE SENSITIVE', 'PHASE LOSS', 'SINGLE PHASE PROTECTION'] },
    recovery: sheet,
  }),
  words('reset', 'Reset', ['manual', 'automatic', 'remote'], 'Manual keeps it out until someone comes; automatic starts again by itself.', {
    print: {
      kind: 'word',
      names: ['RESET'],
      sets: ['manual or automatic'],
      printed: {
        'MAN/AUTO': 'manual or automatic',
        'MAN.': 'manual',
        MAN: 'manual',
        'H/A': 'manual or automatic',
        AUTO: 'automatic',
      },
    },
    recovery: 'The position of the reset lever or dial.',
  }),
  ratedVoltsMark('Insulation or rated volts of its main circuit.'),
  currentKind,
  terminalsMark,
  num('poles', 'Poles', 'count', { min: 1, max: 3 }, 'Poles.'),
  word(
    'kind',
    'Kind',
    ['adjustable-thermal', 'adjustable-electronic', 'heater-element', 'magnetic'],
    'Bimetal, electronic, heater element chosen by table, or instantaneous.',
  ),
  num('settingMinAmps', 'Dial, minimum', 'A', upTo(2000), 'Lowest setting of the dial.', { short: 'Dial min.' }),
  num('settingMaxAmps', 'Dial, maximum', 'A', upTo(2000), 'Highest setting of the dial.', { short: 'Dial max.' }),
  num(
    'ultimateTripPercentOfSetting',
    'Ultimate trip, percent of setting',
    '%',
    { min: 100, max: 150 },
    'Percent of the dial at which it surely trips.',
    { short: 'Ultimate trip' },
  ),
  words('tripContacts', 'Trip contacts', ['NC', 'NO', 'CO'], 'Contacts that tell of a trip.'),
  num('polesCarryingCurrent', 'Poles carrying current', 'count', { min: 1, max: 3 }, 'Poles that carry the load current as connected.', {
    short: 'Poles in use',
  }),
  num(
    'elementMinFullLoadAmps',
    'Heater element, minimum FLA',
    'A',
    upTo(2000),
    'Least full-load amps that the element serves, by its table.',
    { short: 'Element min.' },
  ),
  num(
    'elementMaxFullLoadAmps',
    'Heater element, maximum FLA',
    'A',
    upTo(2000),
    'Most full-load amps that the element serves, by its table.',
    { short: 'Element max.' },
  ),
  torque,
  wireRange,
  mountingWidth,
  device.maxAltitudeM,
] as const satisfies readonly Field[];

/** Marks of a part, as a case gives them. */
export type OverloadRelaySpec = MarksOf<typeof overloadRelayFields>;
