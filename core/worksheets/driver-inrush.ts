/**
 * Inrush of several drivers or ballasts that switch together, against what the contact or the breaker stands.
 * The peaks come at the same moment of the wave and add; the maker of the driver states how many one breaker of a kind may carry. Source: common practice.
 */
import { formatQuantity as q } from '../quantities/format-quantity';
import { answer, numberInput, worksheet } from './contract';

export const driverInrush = worksheet({
  id: 'driver-inrush',
  subject: 'contacts',
  title: 'Inrush of several drivers',
  question: 'How many drivers may be switched together?',
  inputs: [
    numberInput('drivers', 'Drivers', 'count', { min: 1, max: 1000 }, 14, 'Switched together.'),
    numberInput('inrushPeakAmps', 'Peak each', 'A', { above: 0, max: 1000 }, 28, 'From the driver’s sheet.'),
    numberInput('runningAmps', 'Running each', 'A', { above: 0, max: 100 }, 0.42, 'From its plate.'),
    numberInput(
      'limitPeakAmps',
      'Stands a peak of',
      'A',
      { above: 0, max: 100000 },
      320,
      'Contact’s peak, or lower edge of the breaker’s band x √2.',
    ),
    numberInput(
      'makerMost',
      'Maker’s limit',
      'count',
      { min: 1, max: 1000 },
      16,
      'Drivers for this breaker by the driver’s maker; left out: none stated.',
      true,
    ),
  ],
  compute: (v) => {
    const [drivers, peak, running, limit] = [v.drivers, v.inrushPeakAmps, v.runningAmps, v.limitPeakAmps] as const;
    const maker = v.makerMost;
    const byPeak = Math.floor((limit / peak) * (1 + 1e-9));
    const most = Math.min(byPeak, maker ?? Infinity);
    return answer(
      [
        { name: 'peakAmps', label: 'Peak together', value: drivers * peak, unit: 'A' },
        { name: 'maxDrivers', label: 'At the most', value: most, unit: '' },
        { name: 'runningAmps', label: 'Running together', value: drivers * running, unit: 'A' },
      ],
      [
        `${drivers} x ${q(peak, 'A')} = ${q(drivers * peak, 'A')} against ${q(limit, 'A')}: ${byPeak} by the peak`,
        maker === undefined ? 'The maker states no number.' : `By the maker of the driver ${maker}; the smaller counts: ${most}`,
      ],
      [
        ...(drivers > most ? ['Too many together: split them, switch at zero volts, or limit the inrush.'] : []),
        'A long cable lowers the peak, a stiff supply raises it; the maker’s number is for the breaker that his sheet names.',
      ],
    );
  },
  sources: ['commonPractice'],
  checks: [
    {
      values: { drivers: 10, inrushPeakAmps: 30, runningAmps: 0.5, limitPeakAmps: 240, makerMost: 9 },
      expect: { peakAmps: 300, maxDrivers: 8, runningAmps: 5 },
      tolerance: 1e-9,
      source: 'by hand: 240 / 30 = 8, below the maker’s 9',
    },
  ],
});
