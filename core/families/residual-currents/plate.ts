/**
 * A residual-current device's plate, with and without overcurrent part. A letter fixed to the amps is a curve and says that
 * there is one; "Type B" beside a waveform is the residual type. IEC 61008 is without, 61009 with (from memory).
 */
import { currentKind, hertz, maker, mark, poles, ratedAmps, ratedVolts, serial, sheet, standard, type } from '../../plates/common-fields';
import { toNumber } from '../../plates/characters';
import { single } from '../../plates/forms';
import type { Laid } from '../../plates/layout';
import type { Hit, PlateDefinition } from '../../plates/plate-field';
import { boxesAndCurve, terminalPoles } from '../../plates/modular-forms';

/** "0.03 A", "30 mA", with or without IΔn before it: in amperes, only a preferred value. */
function residual(laid: Laid): Hit[] {
  const usual = new Set([6, 10, 30, 100, 300, 500, 1000, 3000]);
  const found = [...laid.text.matchAll(/(?:I\s?[ΔA4]\s?N\s*=?\s*)?(?<![\d.,])(0[.,]\d{1,3}\s?A|\d{1,4}\s?MA)(?![A-Z])/gi)];
  const hit = found
    .map((m) => ({ m, milliamps: /mA/i.test(m[1]!) ? parseInt(m[1]!, 10) : Math.round(toNumber(m[1]!.replace(/[^\d.,]/g, '')) * 1000) }))
    .find(({ milliamps }) => usual.has(milliamps));
  return hit ? [{ field: 'sensitivityMilliamps', value: hit.milliamps, start: hit.m.index, end: hit.m.index + hit.m[0].length }] : [];
}

/** "In 63 A"; "63 A" beside "0.03 A": the larger is the rated current. "gG 63 A" is the backup fuse. */
function backup(laid: Laid): Hit[] {
  return [
    ...single(laid, 'backupFuseAmps', /\bG[GL]\s?(\d{2,3})\s?A?(?![A-Z0-9])/i, (m) => Number(m[1])),
    ...single(laid, 'makingBreakingAmps', /(?:\b[I1l] ?m\b|[I1l][ΔAa4]m\b)[^\d\n]{0,12}(\d{3,5}) ?A(?![A-Z])/i, (m) => Number(m[1])),
  ];
}

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
      'Type',
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
      ...single(laid, 'minTempC', /(?<![\d])-\s?(\d{2})\s?°?\s?C(?![A-Z])/i, (m) => -Number(m[1])),
      ...single(laid, 'poleForm', /(?<![A-Z0-9])([1-4]P\+N)(?![A-Z])/i, (m) => m[1]!.toUpperCase()),
      ...boxed.map((hit) => (without && hit.field === 'icnAmps' ? { ...hit, field: 'conditionalShortCircuitAmps' } : hit)),
    ];
  },
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
