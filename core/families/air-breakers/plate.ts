/** An air circuit breaker's plate: frame, trip unit L S I G, breaking and short-time withstand. Names: common practice. */
import {
  AMPS,
  currentKind,
  hertz,
  maker,
  mark,
  poles,
  ratedAmps,
  ratedVolts,
  serial,
  sheet,
  standard,
  type,
  insulationVolts,
} from '../../plates/common-fields';
import type { PlateDefinition } from '../../plates/plate-field';

const kilo = (id: string, label: string, names: string[], meaning: string) =>
  mark(id, label, 'number', { unit: 'A', names, units: { KA: 1000, A: 1 }, min: 1000, max: 300000 }, meaning, sheet);
export const airBreakerPlate: PlateDefinition = {
  id: 'air-breaker',
  title: 'Air breaker',
  side: 'device',
  fields: [
    maker,
    type,
    serial,
    standard(['IEC 60947-2', 'UL 1066', 'ANSI C37.13'], { 'EN 60947-2': 'IEC 60947-2', 'IEC/EN 60947-2': 'IEC 60947-2' }),
    { ...ratedAmps, names: ['RATED CURRENT', 'IN', 'IU'], min: 100 },
    mark(
      'frameAmps',
      'Frame',
      'number',
      { unit: 'A', names: ['FRAME'], units: AMPS, min: 200, max: 6300 },
      'Size of the body; no rating by itself.',
      'Measure it against the maker’s sheet.',
    ),
    poles,
    ratedVolts('Volts at which it may be used.'),
    currentKind,
    hertz,
    kilo('icuAmps', 'Icu', ['ICU'], 'Ultimate breaking capacity at its volts.'),
    kilo('icsAmps', 'Ics', ['ICS'], 'Service breaking capacity: it stays usable.'),
    kilo('icwAmps', 'Icw', ['ICW'], 'Current it stands closed for the stated time.'),
    kilo('icmAmps', 'Icm', ['ICM'], 'Making capacity, as a peak.'),
    insulationVolts,
    mark(
      'tripUnit',
      'Trip unit',
      'word',
      { names: ['TRIP UNIT', 'RELEASE', 'PROTECTION'], words: ['L', 'LI', 'LS', 'LSI', 'LSIG'], bareUnit: true },
      'L long-time, S short-time, I instantaneous, G earth fault.',
      'Its dials and display show it.',
    ),
    mark(
      'mounting',
      'Mounting',
      'word',
      {
        words: ['fixed', 'draw-out'],
        printed: { 'DRAW-OUT': 'draw-out', DRAWOUT: 'draw-out', WITHDRAWABLE: 'draw-out', FIXED: 'fixed' },
        bareUnit: true,
      },
      'Fixed or on a carriage.',
      'A racking handle hole means draw-out.',
    ),
    mark(
      'springCharge',
      'Springs',
      'flag',
      { names: ['CHARGED', 'DISCHARGED', 'CHARGING HANDLE'] },
      'Stored energy: it can close or open by itself.',
      'The window beside the handle.',
    ),
  ],
  cues: [
    [/AIR CIRCUIT BREAKER|\bACB\b|DRAW-?OUT|WITHDRAWABLE/i, 8],
    [/\bICW\b|LSIG?\b/i, 3],
    [/SPRING|CHARGED/i, 3],
  ],
};
