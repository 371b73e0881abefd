/**
 * Longest control run with which a coil still keeps 85 % while it pulls in: the same circuit as the volts left at a coil, solved for the run.
 * The transformer is laid at the worst angle, in line with coil and run. Source: coil limits of IEC 60947-4-1, from memory; Ohm's law.
 */
import { formatQuantity as q } from '../quantities/format-quantity';
import { coilLimits } from '../standards/contactor-limits';
import { answer, numberInput, refuse, worksheet } from './contract';

export const controlRunLongest = worksheet({
  id: 'control-run-longest',
  subject: 'coil',
  title: 'Longest control run',
  question: 'How far may the coil stand from its control supply?',
  inputs: [
    numberInput('controlVolts', 'Control volts', 'V', { above: 0, max: 690 }, 120, 'Lowest that occur; the coil has the nominal mark.'),
    numberInput('markVolts', 'Coil mark', 'V', { above: 0, max: 690 }, 120, 'Rated volts of the coil.'),
    numberInput('inrushVA', 'Coil inrush', 'VA', { above: 0, max: 20000 }, 240, 'VA while pulling in; a DC coil’s watts.'),
    numberInput('inrushPowerFactor', 'Inrush power factor', 'ratio', { above: 0, max: 1 }, 0.6, '0.4 to 0.8 is usual; 1 for DC.'),
    numberInput(
      'supplyOhms',
      'Supply',
      'ohm',
      { min: 0, max: 1000 },
      5.8,
      'Impedance of the control transformer, %Z x V² / VA; 0 for a stiff source.',
    ),
    numberInput(
      'ohmsPerKm',
      'Conductor',
      'ohm',
      { above: 0, max: 200 },
      7.41,
      'Ohms a kilometre of one conductor, cold or warm as it runs.',
    ),
  ],
  compute: (v) => {
    const { controlVolts: volts, markVolts: mark, inrushVA: va, inrushPowerFactor: cos, supplyOhms: supply, ohmsPerKm: perKm } = v;
    const coil = (mark * mark) / va;
    // Coil volts = volts x coil / total, so the total may be at most this.
    const most = (volts * coil) / (coilLimits.pickUp * mark) - supply;
    const sin = Math.sqrt(1 - cos * cos);
    const square = most * most - (coil * sin) ** 2;
    const loop = square < 0 ? -1 : Math.sqrt(square) - coil * cos;
    if (most <= 0 || loop <= 0)
      return refuse('Even beside the supply less than 85 % is left: a stiffer supply, a coil that draws less, or an interposing relay.');
    const metres = (loop / (2 * perKm)) * 1000;
    return answer(
      [
        { name: 'longestMetres', label: 'Longest run, one way', value: metres, unit: 'm' },
        { name: 'loopOhms', label: 'Both conductors', value: loop, unit: 'ohm' },
      ],
      [
        `Coil at inrush: ${q(coil, 'ohm')}; in all at most ${q(most + supply, 'ohm')} for 85 %`,
        `Less the supply’s ${q(supply, 'ohm')} in line with it, the run may have ${q(loop, 'ohm', 'down')}`,
        `${q(loop, 'ohm', 'down')} / (2 x ${perKm} ohm/km) = ${q(metres, 'm', 'down')}`,
      ],
      ['A long AC run may hold the coil in by its capacitance: see that it drops out, too.'],
    );
  },
  sources: ['coilLimits', 'ohmsLaw'],
  checks: [
    {
      values: { controlVolts: 100, markVolts: 100, inrushVA: 100, inrushPowerFactor: 1, supplyOhms: 0, ohmsPerKm: 10 },
      // 100 / 0.85 - 100 = 17.647 ohm over 20 ohm/km
      expect: { loopOhms: 17.647, longestMetres: 882.35 },
      tolerance: 1e-4,
      source: 'by hand: 100 ohm / 0.85 less 100 ohm',
    },
  ],
});
