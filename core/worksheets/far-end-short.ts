/** Short circuit at the far end of a long low-voltage DC run: does the device trip? The supply itself limits. */
import { formatQuantity as q } from '../quantities/format-quantity';
import { conductorPerMetre, conductorSizes } from '../standards/conductors';
import { answer, numberInput, refuse, wordInput, worksheet } from './contract';

/** A thermal-magnetic C release on DC trips for sure at this many times its rating; B at the other. IEC 60898-2. */
const sureOnDc = { 'breaker C': 15, 'breaker B': 7 } as const;

export const farEndShort = worksheet({
  id: 'far-end-short',
  subject: 'protection',
  title: 'Far-end short on a long run',
  question: 'Is the current at the far end enough to trip the device?',
  inputs: [
    numberInput('volts', 'Volts', 'V', { above: 0, max: 250 }, 24, 'Lowest of the supply.'),
    numberInput('supplyAmps', 'Supply', 'A', { above: 0, max: 1000 }, 10, 'Rated current.'),
    numberInput(
      'limitRatio',
      'Supply limits at',
      'ratio',
      { min: 1, max: 10 },
      1.5,
      'Times its rated current; about 1.1 to 1.5 where no boost is stated.',
    ),
    wordInput('size', 'Conductor', ['1.5 mm²', ...conductorSizes.filter((size) => size !== '1.5 mm²')], 'Copper.'),
    numberInput('metres', 'Length', 'm', { above: 0, max: 5000 }, 60, 'One way.'),
    numberInput('celsius', 'Conductor at', '°C', { min: -20, max: 110 }, 40, 'Warm: the lowest current counts.'),
    wordInput('device', 'Device', ['electronic', 'breaker C', 'breaker B'], 'What must trip.'),
    numberInput(
      'deviceAmps',
      'Its figure',
      'A',
      { above: 0, max: 1000 },
      4,
      'Electronic: the guaranteed trip current. Breaker: its rated current.',
    ),
  ],
  compute: (v) => {
    const each = conductorPerMetre(v.size, 'copper', v.celsius);
    if (!each) return refuse(`No figures for ${v.size}.`);
    const ohms = 2 * v.metres * each.r;
    const wire = v.volts / ohms;
    const most = v.supplyAmps * v.limitRatio;
    const far = Math.min(wire, most);
    const multiple = v.device === 'electronic' ? 1 : sureOnDc[v.device];
    const needed = multiple * v.deviceAmps;
    return answer(
      [
        { name: 'farEndAmps', label: 'At the far end', value: far, unit: 'A' },
        { name: 'neededAmps', label: 'Trips for sure at', value: needed, unit: 'A' },
        { name: 'marginAmps', label: 'In hand', value: far - needed, unit: 'A' },
      ],
      [
        `Wire: 2 x ${q(v.metres, 'm')} x ${q(each.r, 'ohm')} = ${q(ohms, 'ohm')}; ${q(v.volts, 'V')} / ${q(ohms, 'ohm')} = ${q(wire, 'A')}`,
        `Supply: ${v.limitRatio} x ${q(v.supplyAmps, 'A')} = ${q(most, 'A')}`,
        `The smaller, ${q(far, 'A', 'down')}, against ${q(needed, 'A', 'up')}`,
      ],
      far < needed
        ? [
            'It does not trip: take an electronic breaker with a guaranteed figure, a thicker or shorter run, a smaller rating, or a supply with a short-circuit boost.',
          ]
        : ['It trips, as long as the guaranteed figure is the maker’s.'],
    );
  },
  sources: ['ohmsLaw', 'cableImpedance', 'miniatureBreakersDc'],
  checks: [
    {
      values: {
        volts: 48,
        supplyAmps: 1000,
        limitRatio: 10,
        size: '2.5 mm²',
        metres: 15,
        celsius: 20,
        device: 'electronic',
        deviceAmps: 20,
      },
      expect: { farEndAmps: 215.9 },
      tolerance: 0.001,
      source: 'by hand: 48 V / (2 x 15 m x 7.41 mohm)',
    },
    {
      values: { volts: 24, supplyAmps: 10, limitRatio: 1.5, size: '1.5 mm²', metres: 20, celsius: 20, device: 'breaker C', deviceAmps: 4 },
      expect: { farEndAmps: 15, neededAmps: 60, marginAmps: -45 },
      tolerance: 1e-9,
      source: 'by hand: the supply limits at 15 A',
    },
  ],
});
