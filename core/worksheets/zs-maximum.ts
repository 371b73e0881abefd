/** Largest earth-fault loop impedance of a miniature breaker, and what a cold reading is held to. BS 7671 411.4.4, appendix 3. */
import { formatQuantity as q } from '../quantities/format-quantity';
import { instantaneousAc } from '../standards/breaker-gates';
import { C_MIN, COLD_READING_SHARE } from '../standards/disconnection';
import { answer, numberInput, wordInput, worksheet } from './contract';

export const zsMaximum = worksheet({
  id: 'zs-maximum',
  subject: 'protection',
  title: 'Largest loop impedance',
  question: 'Below which loop impedance does this breaker disconnect at once?',
  inputs: [
    wordInput('curve', 'Curve', ['B', 'C', 'D'], 'Letter before the amps, IEC 60898-1.'),
    numberInput('ratedAmps', 'Rated current', 'A', { above: 0, max: 125 }, 25, 'In of the breaker.'),
    numberInput('volts', 'Volts to earth', 'V', { min: 50, max: 600 }, 230, 'Nominal, U0.'),
    numberInput(
      'readOhms',
      'Reading',
      'ohm',
      { above: 0, max: 2000 },
      0.9,
      'Loop impedance as read, conductors cold; may be left out.',
      true,
    ),
  ],
  compute: ({ curve, ratedAmps, volts, readOhms }) => {
    const multiple = instantaneousAc[curve][1];
    const trips = multiple * ratedAmps;
    const limit = (volts * C_MIN) / trips;
    const cold = limit * COLD_READING_SHARE;
    const read = readOhms;
    return answer(
      [
        { name: 'limitOhms', label: 'Limit, conductors hot', value: limit, unit: 'ohm' },
        { name: 'coldLimitOhms', label: 'Limit for a cold reading', value: cold, unit: 'ohm' },
        { name: 'withoutFactorOhms', label: 'Without the voltage factor', value: volts / trips, unit: 'ohm' },
        ...(read === undefined ? [] : [{ name: 'marginOhms', label: 'In hand', value: cold - read, unit: 'ohm' }]),
      ],
      [
        `${curve}: trips for sure at ${multiple} x ${q(ratedAmps, 'A')} = ${q(trips, 'A')}`,
        `${q(volts, 'V')} x ${C_MIN} / ${q(trips, 'A')} = ${q(limit, 'ohm', 'nearest', 4)}`,
        `x ${COLD_READING_SHARE} for a cold reading = ${q(cold, 'ohm', 'nearest', 4)}`,
      ],
      [
        'Readings are held to the unrounded limit; printed tables round some of them up.',
        ...(read !== undefined && read > cold
          ? ['The reading is above the limit: lower the impedance, take an earlier curve if the load allows it, or add a residual device.']
          : []),
      ],
    );
  },
  sources: ['loopImpedanceLimits', 'measuredLoopImpedance', 'miniatureBreakers'],
  checks: (
    [
      ['B', 6, 7.28],
      ['B', 10, 4.37],
      ['B', 16, 2.73],
      ['B', 20, 2.19],
      ['B', 25, 1.75],
      ['B', 32, 1.37],
      ['B', 40, 1.09],
      ['B', 50, 0.87],
      ['B', 63, 0.69],
      ['C', 6, 3.64],
      ['C', 10, 2.19],
      ['C', 16, 1.37],
      ['C', 20, 1.09],
      ['C', 25, 0.87],
      ['C', 32, 0.68],
      ['C', 40, 0.55],
      ['C', 50, 0.44],
      ['C', 63, 0.35],
      ['D', 6, 1.82],
      ['D', 10, 1.09],
      ['D', 16, 0.68],
      ['D', 20, 0.55],
      ['D', 25, 0.44],
      ['D', 32, 0.34],
      ['D', 40, 0.27],
      ['D', 50, 0.22],
      ['D', 63, 0.17],
    ] as const
  ).map(([curve, ratedAmps, ohms]) => ({
    values: { curve, ratedAmps, volts: 230 },
    expect: { limitOhms: ohms },
    tolerance: 0.005 / ohms + 0.003,
    source: `BS 7671 table 41.3, ${curve}${ratedAmps}, from memory`,
  })),
});
