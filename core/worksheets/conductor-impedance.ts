/**
 * Resistance and reactance of a conductor that no table lists: by its area, metal, temperature and spacing.
 * R = ρ l / A at 20 °C, restated by the temperature coefficient; X of one of three in a triangle = 2 π f x 2e-7 x ln(spacing / 0.7788 r) a metre.
 * Source: IEC 60028 (copper 0.017241 Ω·mm²/m) and IEC 60889 (aluminium 0.028264), from memory; inductance of round conductors, common practice.
 */
import { formatQuantity as q } from '../quantities/format-quantity';
import { answer, numberInput, refuse, wordInput, worksheet } from './contract';

/** Resistivity at 20 °C, Ω·mm²/m, and change per kelvin. */
const metals = { copper: { rho: 0.017241, perKelvin: 0.00393 }, aluminium: { rho: 0.028264, perKelvin: 0.00403 } } as const;
/** Geometric mean radius of a round conductor as a share of its radius: e^(-1/4). */
const MEAN_RADIUS = Math.exp(-0.25);

export const conductorImpedance = worksheet({
  id: 'conductor-impedance',
  subject: 'supply',
  title: 'Conductor of your own',
  question: 'What are R and X of this conductor?',
  inputs: [
    numberInput('areaMm2', 'Area', 'mm²', { above: 0, max: 5000 }, 43, 'Cross-section of one conductor.'),
    wordInput('metal', 'Metal', ['copper', 'aluminium'], 'Metal of the conductor.'),
    numberInput('metres', 'Length', 'm', { above: 0, max: 10000 }, 60, 'One way.'),
    numberInput(
      'celsius',
      'Temperature',
      '°C',
      { min: -40, max: 250 },
      70,
      'Of the metal: 20 for the highest fault, working temperature for the lowest.',
    ),
    numberInput('spacingMm', 'Spacing', 'mm', { above: 0, max: 2000 }, 16, 'Between the centres of two conductors.'),
    numberInput('hertz', 'Frequency', 'Hz', { above: 0, max: 400 }, 50, 'Of the system.'),
  ],
  compute: (v) => {
    const { areaMm2: area, metres, celsius, spacingMm: spacing, hertz } = v;
    const { rho, perKelvin } = metals[v.metal];
    const radius = Math.sqrt(area / Math.PI);
    if (spacing < 2 * radius)
      return refuse(
        `The conductors would stand in each other: at ${q(area, 'mm²')} the centres are at least ${q(2 * radius, 'mm', 'up')} apart.`,
      );
    const r = (rho * (1 + perKelvin * (celsius - 20)) * metres) / area;
    const x = 2 * Math.PI * hertz * 2e-7 * Math.log(spacing / (MEAN_RADIUS * radius)) * metres;
    return answer(
      [
        { name: 'resistanceOhms', label: 'R', value: r, unit: 'ohm' },
        { name: 'reactanceOhms', label: 'X', value: x, unit: 'ohm' },
        { name: 'impedanceOhms', label: 'Z', value: Math.hypot(r, x), unit: 'ohm' },
      ],
      [
        `R: ${rho} x ${(1 + perKelvin * (celsius - 20)).toFixed(4)} x ${metres} m / ${area} mm² = ${q(r, 'ohm')}`,
        `X: 2π x ${hertz} Hz x 2e-7 x ln(${spacing} / ${(MEAN_RADIUS * radius).toFixed(2)}) x ${metres} m = ${q(x, 'ohm')}`,
      ],
      ['One conductor, one way. Skin effect is left out: above about 185 mm² at 60 Hz a table has the last word. Steel conduit raises X.'],
    );
  },
  sources: ['conductorResistivity', 'commonPractice'],
  checks: [
    {
      values: { areaMm2: 2.5, metal: 'copper', metres: 1000, celsius: 20, spacingMm: 3.6, hertz: 50 },
      // 17.241 / 2.5 = 6.896 ohm; IEC 60228 allows 7.41 for the class.
      expect: { resistanceOhms: 6.8964 },
      tolerance: 1e-4,
      source: 'by hand: 0.017241 x 1000 / 2.5',
    },
    {
      values: { areaMm2: 240, metal: 'copper', metres: 1000, celsius: 20, spacingMm: 22.6, hertz: 50 },
      expect: { reactanceOhms: 0.0751 },
      tolerance: 0.01,
      source: 'by hand: 0.06283 x ln(22.6 / 6.807) ohm/km; tables of such cables say about 0.075 to 0.08 (common practice)',
    },
  ],
});
