/**
 * Fault current behind a measured loop impedance: line to neutral by Ohm's law, three-phase bounded by twice that.
 * A tester reads one line against neutral or earth; between lines and on three phases more flows, up to √3 and in practice doubled.
 * Source: common practice; Ohm's law.
 */
import { formatQuantity as q } from '../quantities/format-quantity';
import { answer, numberInput, wordInput, worksheet } from './contract';

/** From one line to three phases a tester's figure is doubled. Common practice. */
const THREE_PHASE_FACTOR = 2;

export const faultBehindLoop = worksheet({
  id: 'fault-behind-loop',
  subject: 'supply',
  title: 'Fault current behind a measured loop',
  question: 'What fault current stands behind this loop impedance?',
  inputs: [
    numberInput(
      'voltsToGround',
      'Volts',
      'V',
      { above: 0, max: 1000 },
      230,
      'Line to neutral or earth, between which the loop was measured.',
    ),
    numberInput('loopOhms', 'Loop impedance', 'ohm', { above: 0, max: 2000 }, 0.18, 'As read.'),
    numberInput('instrumentPercent', 'Instrument', '%', { min: 0, max: 50 }, 5, 'Error of the tester at that reading, plus or minus.'),
    wordInput('system', 'System', ['three-phase', 'single-phase'], 'What the device must break.'),
  ],
  compute: (v) => {
    const [volts, ohms, percent] = [v.voltsToGround, v.loopOhms, v.instrumentPercent] as const;
    const read = volts / ohms;
    const most = volts / (ohms * (1 - percent / 100));
    const least = volts / (ohms * (1 + percent / 100));
    const three = v.system === 'three-phase';
    const highest = most * (three ? THREE_PHASE_FACTOR : 1);
    return answer(
      [
        { name: 'readAmps', label: 'Line to neutral, as read', value: read, unit: 'A' },
        { name: 'highestAmps', label: 'Highest, for interrupting', value: highest, unit: 'A' },
        { name: 'lowestAmps', label: 'Lowest, for tripping', value: least, unit: 'A' },
      ],
      [
        `${q(volts, 'V')} / ${q(ohms, 'ohm')} = ${q(read, 'A')}`,
        `Less ${percent} % of ohms: ${q(most, 'A')}${three ? `, doubled for three phases: ${q(highest, 'A')}` : ''}`,
        `Plus ${percent} % of ohms: ${q(least, 'A')}`,
      ],
      [
        'Near a transformer the resolution of a loop tester is too coarse: work the highest current out from the transformer.',
        'It is a live measurement: only under the site’s rules. Read cold, the loop is higher when the conductors are warm.',
      ],
    );
  },
  sources: ['ohmsLaw', 'commonPractice'],
  checks: [
    {
      values: { voltsToGround: 230, loopOhms: 0.23, instrumentPercent: 0, system: 'three-phase' },
      expect: { readAmps: 1000, highestAmps: 2000, lowestAmps: 1000 },
      tolerance: 1e-9,
      source: 'by hand: 230 / 0.23, doubled',
    },
  ],
});
