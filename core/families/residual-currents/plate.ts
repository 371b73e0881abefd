/**
 * A residual-current device's plate, with and without overcurrent part. A letter fixed to the amps is a curve and says that
 * there is one; "Type B" beside a waveform is the residual type. IEC 61008 is without, 61009 with (from memory).
 */
import { currentKind, hertz, maker, mark, poles, ratedAmps, ratedVolts, serial, sheet, standard, type } from '../../plates/common-fields';
import { single, wyeVolts } from '../../plates/forms';
import type { PlateDefinition } from '../../plates/plate-field';
import { boxesAndCurve, terminalPoles } from '../../plates/modular-forms';
import { protectionClasses } from '../../case/residual-fields';
import { americanClass, backup, bareMarks, residual, standards } from './plate-forms';

export const residualCurrentPlate: PlateDefinition = {
  id: 'residual-current',
  title: 'Residual-current device',
  side: 'device',
  fields: [
    maker,
    { ...type, names: ['CAT. NO.', 'CAT NO', 'MODEL'] },
    serial,
    standard(['IEC/EN 61008-1', 'IEC/EN 61009-1', 'IEC/EN 62423', 'IEC/EN 60947-2', 'UL 943', 'UL 1053'], {
      'IEC 61008-1': 'IEC/EN 61008-1',
      'EN 61008-1': 'IEC/EN 61008-1',
      'IEC 61008': 'IEC/EN 61008-1',
      'EN 61008': 'IEC/EN 61008-1',
      'IEC 61009-1': 'IEC/EN 61009-1',
      'EN 61009-1': 'IEC/EN 61009-1',
      'IEC 61009': 'IEC/EN 61009-1',
      'EN 61009': 'IEC/EN 61009-1',
      'EN 62423': 'IEC/EN 62423',
      'IEC 62423': 'IEC/EN 62423',
      'EN 60947-2': 'IEC/EN 60947-2',
    }),
    mark(
      'curve',
      'Curve',
      'letter',
      { names: ['CURVE'], words: ['B', 'C', 'D', 'K', 'Z'] },
      'Letter fixed to the amps: there is an overcurrent part.',
      sheet,
    ),
    { ...ratedAmps, names: ['RATED CURRENT', 'IN'] },
    mark(
      'sensitivityMilliamps',
      'Sensitivity',
      'number',
      { unit: 'mA', min: 4, max: 30000 },
      'Residual current at which it must trip (I-delta-n), in milliamps.',
      'The test button proves nothing of it; a residual tester does, at half and full.',
    ),
    mark(
      'residualType',
      'Residual type',
      'word',
      { names: ['RCD TYPE', 'TYPE'], words: ['AC', 'A', 'F', 'B', 'B+'] },
      'Waveforms it sees: one sine AC; sine over two humps A; more below F or B.',
      'By its drawn symbol; unknown is not AC.',
    ),
    mark(
      'delay',
      'Delay',
      'word',
      { names: ['DELAY'], words: ['general', 'S', 'short-time-delay'] },
      'S in a box waits so that one downstream goes first.',
      'By its drawn symbol.',
    ),
    mark(
      'protectionClass',
      'Class',
      'word',
      { names: [], words: [...protectionClasses] },
      'North America: class A is for people, GFPE for equipment.',
      'The word on its face; a tester of its class.',
    ),
    mark(
      'tripMilliamps',
      'Trips at',
      'number',
      { unit: 'mA', min: 4, max: 3000 },
      'North America: current to ground at which it trips; class A 4 to 6 mA.',
      sheet,
    ),
    poles,
    ratedVolts('Volts for which it is made.'),
    currentKind,
    hertz,
    mark(
      'icnAmps',
      'Icn',
      'number',
      { unit: 'A', names: ['ICN'], units: { KA: 1000, A: 1 }, min: 500, max: 200000 },
      'Short-circuit capacity of the overcurrent part: the figure in the long box.',
      sheet,
    ),
    mark(
      'energyLimitingClass',
      'Energy class',
      'number',
      { unit: 'count', min: 1, max: 3 },
      'Energy-limiting class: the small box.',
      sheet,
    ),
    mark(
      'conditionalShortCircuitAmps',
      'Inc',
      'number',
      { unit: 'A', names: ['INC', 'IΔC'], units: { KA: 1000, A: 1 }, min: 500, max: 50000 },
      'Fault current it stands with the named device before it.',
      sheet,
    ),
    mark(
      'backupFuseAmps',
      'Backup fuse',
      'number',
      { unit: 'A', min: 6, max: 250 },
      'Largest fuse before it for its conditional rating.',
      sheet,
    ),
    mark(
      'makingBreakingAmps',
      'Im',
      'number',
      { unit: 'A', min: 100, max: 50000 },
      'Current it makes and breaks by itself: without overcurrent part it needs one before it.',
      sheet,
    ),
    mark('poleForm', 'Pole form', 'text', {}, 'Poles with or without a switched neutral.', 'Terminals marked N.'),
    mark('minTempC', 'Down to', 'number', { unit: '°C', min: -60, max: 0 }, 'Lowest temperature at which it works.', sheet),
  ],
  special: (laid) => {
    const boxed = boxesAndCurve(laid);
    const without = /61008/.test(laid.text) || !boxed.some(({ field }) => field === 'curve');
    return [
      ...backup(laid),
      ...residual(laid),
      ...americanClass(laid),
      ...standards(laid),
      ...wyeVolts(laid),
      ...single(laid, 'minTempC', /(?<![\d])-\s?(\d{2})\s?°?\s?C(?![A-Z])/i, (m) => -Number(m[1])),
      ...single(laid, 'poleForm', /(?<![A-Z0-9])([1-4]P\+N)(?![A-Z])/i, (m) => m[1]!.toUpperCase()),
      ...boxed.map((hit) => (without && hit.field === 'icnAmps' ? { ...hit, field: 'conditionalShortCircuitAmps' } : hit)),
    ];
  },
  fallback: bareMarks,
  derive: (found, laid) => {
    const poles_ = terminalPoles(laid);
    return poles_ && !found.has('poles') && !found.has('poleForm')
      ? [{ field: 'poles', value: poles_.count + (poles_.neutral ? 1 : 0), start: poles_.start, end: poles_.end }]
      : [];
  },
  cues: [
    [/61008|61009|62423/i, 8],
    [/I\s?[ΔA]\s?N|RCCB|RCBO|RCD|RESIDUAL|GFCI/i, 6],
    [/\b0[.,]0?[13]\s?A\b|\b(30|100|300)\s?MA\b/i, 5],
    [/TEST MONTHLY/i, 3],
  ],
};
