/**
 * A residual-current device's plate, with and without overcurrent part. A letter fixed to the amps is a curve and says that
 * there is one; "Type B" beside a waveform is the residual type. IEC 61008 is without, 61009 with (from memory).
 */
import { certain } from '../../certain';
import { single, wyeVolts } from '../../plates/print-patterns';
import { plateFieldsOf } from '../../fields/print';
import type { PlateDefinition } from '../../plates/plate-field';
import { boxesAndCurve, terminalPoles } from '../../plates/modular-forms';
import { americanClass, backup, bareMarks, residual, standards } from './plate-forms';
import { residualCurrentFields } from './fields';

export const residualCurrentPlate: PlateDefinition = {
  id: 'residual-current',
  title: 'Residual-current device',
  side: 'device',
  fields: plateFieldsOf(residualCurrentFields),
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
      ...single(laid, 'poleForm', /(?<![A-Z0-9])([1-4]P\+N)(?![A-Z])/i, (m) => certain(m[1]).toUpperCase()),
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
