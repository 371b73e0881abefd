/**
 * Coil volts left at the end of a control run while the coil pulls in.
 * Method: the coil at inrush is an impedance V²/VA with its power factor; the transformer an impedance %Z x V²/VA at its own angle; the
 * run a resistance. All in series on the no-load volts. At least 85 % must be left. A control transformer of 50 to 400 VA is mostly
 * resistance; where its X/R is not given it is laid in line with the rest, the worst angle.
 * Source: coil limits IEC 60947-4-1 (from memory); the series circuit is Ohm's law.
 */
import { formatQuantity as q } from '../quantities/format-quantity';
import { fromRatio } from '../supply/fault-current';
import { coilLimits } from '../standards/contactor-limits';
import { answer, numberInput, worksheet } from './contract';

export const controlRun = worksheet({
  id: 'control-run',
  subject: 'coil',
  title: 'Volts left at the coil',
  question: 'Does the coil keep 85 % at the end of its control run while it pulls in?',
  inputs: [
    numberInput('controlVolts', 'Control volts', 'V', { above: 0, max: 690 }, 120, 'Rated secondary volts; the coil has the same mark.'),
    numberInput('transformerVA', 'Transformer', 'VA', { above: 0, max: 100000 }, 150, 'Rated VA of the control transformer.'),
    numberInput('impedancePercent', 'Impedance', '%', { min: 0, max: 25 }, 6, 'Short-circuit impedance %Z.'),
    numberInput('loopOhms', 'Run', 'ohm', { min: 0, max: 1000 }, 1.4, 'Resistance of both conductors of the run.'),
    numberInput('inrushVA', 'Coil inrush', 'VA', { above: 0, max: 20000 }, 240, 'VA of the coil while pulling in.'),
    numberInput(
      'inrushPowerFactor',
      'Inrush power factor',
      'ratio',
      { above: 0, max: 1 },
      0.6,
      'Power factor of the coil while pulling in, 0.4 to 0.8 is usual.',
    ),
    numberInput(
      'xOverR',
      'Transformer X/R',
      'ratio',
      { min: 0, max: 20 },
      0.3,
      'Reactance to resistance; 50 to 400 VA are mostly resistance, 0.2 to 0.6. Left out: the worst angle.',
      true,
    ),
  ],
  compute: (v) => {
    const volts = v.controlVolts;
    const coil = (volts * volts) / v.inrushVA;
    const cos = v.inrushPowerFactor;
    const sin = Math.sqrt(1 - cos * cos);
    const transformer = ((v.impedancePercent / 100) * volts * volts) / v.transformerVA;
    const loop = v.loopOhms;
    const given = v.xOverR;
    const rest = { r: coil * cos + loop, x: coil * sin };
    const own = given === undefined ? undefined : fromRatio(transformer, given);
    const total = own ? Math.hypot(rest.r + own.r, rest.x + own.x) : Math.hypot(rest.r, rest.x) + transformer;
    const amps = volts / total;
    const left = (amps * coil) / volts;
    return answer(
      [
        { name: 'coilVolts', label: 'Volts at the coil', value: left * volts, unit: 'V' },
        { name: 'percentLeft', label: 'Left', value: left * 100, unit: '%' },
        { name: 'inrushAmps', label: 'Inrush current', value: amps, unit: 'A' },
        { name: 'marginPercent', label: 'Above 85 % by', value: (left - coilLimits.pickUp) * 100, unit: '%' },
      ],
      [
        `Coil at inrush: ${q(volts, 'V')}² / ${q(v.inrushVA, 'VA')} = ${q(coil, 'ohm')} at power factor ${cos}`,
        `Transformer: ${v.impedancePercent} % x ${q(volts, 'V')}² / ${q(v.transformerVA, 'VA')} = ${q(transformer, 'ohm')}, ${given === undefined ? 'at the worst angle' : `X/R ${given}`}`,
        `Run: ${q(loop, 'ohm')}; together ${q(total, 'ohm')}, so ${q(amps, 'A')}`,
        `${q(amps, 'A')} x ${q(coil, 'ohm')} = ${q(left * volts, 'V')}, ${(left * 100).toFixed(1)} %`,
      ],
      left < coilLimits.pickUp
        ? ['Less than 85 %: the coil may not pull in. Thicker or shorter run, a larger transformer, or an interposing relay.']
        : [],
    );
  },
  sources: ['coilLimits', 'ohmsLaw'],
  checks: [
    // By hand: coil 100 ohm resistive, run 10 ohm, no transformer impedance: 100/110.
    {
      values: {
        controlVolts: 100,
        transformerVA: 1000,
        impedancePercent: 0,
        loopOhms: 10,
        inrushVA: 100,
        inrushPowerFactor: 1,
      },
      expect: { percentLeft: 90.909 },
      tolerance: 1e-4,
      source: 'by hand: 100 ohm and 10 ohm in series',
    },
    // Coil 100 ohm at power factor 0.6, transformer 10 ohm: in line with it 100/110, as resistance alone 100/|70 + j80|.
    {
      values: { controlVolts: 100, transformerVA: 100, impedancePercent: 10, loopOhms: 0, inrushVA: 100, inrushPowerFactor: 0.6 },
      expect: { percentLeft: 90.909 },
      tolerance: 1e-4,
      source: 'by hand: worst angle, 100 ohm and 10 ohm in line',
    },
    {
      values: {
        controlVolts: 100,
        transformerVA: 100,
        impedancePercent: 10,
        loopOhms: 0,
        inrushVA: 100,
        inrushPowerFactor: 0.6,
        xOverR: 0,
      },
      expect: { percentLeft: 94.072 },
      tolerance: 1e-4,
      source: 'by hand: 100 / |(60 + 10) + j 80|',
    },
  ],
});
