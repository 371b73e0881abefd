/**
 * What does a monitoring relay see of a phase that is lost while a motor runs and holds it up? Volts to neutral and between lines,
 * asymmetry in both senses. Between lines a phase at r leaves √((1 + r + r²)/3) of nominal. Sources: circuit law, NEMA MG 1.
 */
import { formatQuantity as q } from '../quantities/format-quantity';
import { deviationPercent, spreadPercent } from '../standards/unbalance';
import { answer, numberInput, worksheet } from './contract';

export const lostPhase = worksheet({
  id: 'lost-phase',
  subject: 'motor',
  title: 'Lost phase with back-EMF',
  question: 'Does the relay see a phase that a running motor holds up?',
  inputs: [
    numberInput('lineVolts', 'Volts between lines', 'V', { above: 0, max: 1000 }, 400, 'Nominal of the system.'),
    numberInput(
      'heldPercent',
      'Held at',
      '%',
      { min: 0, max: 100 },
      84,
      'Volts to neutral that the motor holds on the dead phase; 80 to 95 % when lightly loaded.',
    ),
    numberInput('underPercent', 'Undervoltage set to', '%', { above: 0, max: 100 }, 85, 'Of nominal.'),
  ],
  compute: (v) => {
    const line = v.lineVolts;
    const r = v.heldPercent / 100;
    const under = v.underPercent / 100;
    const low = line * Math.sqrt((1 + r + r * r) / 3);
    const phase = line / Math.sqrt(3);
    const phases = [phase, phase, phase * r] as const;
    return answer(
      [
        { name: 'lowestLineVolts', label: 'Lowest between lines', value: low, unit: 'V' },
        { name: 'lowestPhaseVolts', label: 'Lowest to neutral', value: phases[2], unit: 'V' },
        { name: 'lineSpreadPercent', label: 'Spread, lines', value: spreadPercent(line, low, low, line), unit: '%' },
        { name: 'lineDeviationPercent', label: 'Deviation, lines', value: deviationPercent(line, low, low), unit: '%' },
        { name: 'phaseSpreadPercent', label: 'Spread, to neutral', value: spreadPercent(...phases, phase), unit: '%' },
        { name: 'phaseDeviationPercent', label: 'Deviation, to neutral', value: deviationPercent(...phases), unit: '%' },
      ],
      [
        `${q(line, 'V')} x √((1 + ${r} + ${(r * r).toPrecision(3)}) / 3) = ${q(low, 'V')} between the dead phase and the others`,
        `To neutral ${q(phase, 'V')} x ${r} = ${q(phases[2], 'V')}`,
      ],
      [
        ...(low >= line * under ? [`Undervoltage at ${v.underPercent} % between lines does not see it.`] : []),
        ...(phases[2] >= phase * under ? [`Undervoltage at ${v.underPercent} % to neutral does not see it either: asymmetry must.`] : []),
        'Between lines it is half hidden: the same fault is a smaller asymmetry there than to neutral.',
      ],
    );
  },
  sources: ['unbalance', 'commonPractice'],
  checks: [
    {
      values: { lineVolts: 400, heldPercent: 0, underPercent: 85 },
      // Two lines see the phase volts alone: 400 / √3
      expect: { lowestLineVolts: 230.94, lowestPhaseVolts: 0 },
      tolerance: 1e-4,
      source: 'a dead phase leaves two lines at the phase volts',
    },
    {
      values: { lineVolts: 400, heldPercent: 88, underPercent: 85 },
      expect: { phaseSpreadPercent: 12, phaseDeviationPercent: 8.333 },
      tolerance: 1e-3,
      source: 'NEMA MG 1 14.36 against spread, by hand',
    },
  ],
});
