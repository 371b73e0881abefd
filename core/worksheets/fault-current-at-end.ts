/** Fault current behind a transformer and a cable, impedance method and point-to-point side by side. IEC 60909-0; common practice. */
import { certain, messageOf } from '../certain';
import { formatQuantity as q } from '../quantities/format-quantity';
import { conductorSizes } from '../standards/conductors';
import { faultNodes, highestWords } from '../supply/fault-current';
import type { SupplyPath } from '../supply/path';
import { answer, numberInput, refuse, wordInput, worksheet } from './contract';

export const faultCurrentAtEnd = worksheet({
  id: 'fault-current-at-end',
  subject: 'supply',
  title: 'Fault current at the end of a cable',
  question: 'How much can flow at the panel at the most, and how little at the least?',
  inputs: [
    numberInput('kva', 'Transformer', 'kVA', { above: 0, max: 100000 }, 160, 'Rated power on its plate.'),
    numberInput('impedancePercent', 'Impedance', '%', { min: 0.5, max: 20 }, 4.2, '%Z or uk on its plate.'),
    numberInput('xOverR', 'X/R', 'ratio', { min: 0.1, max: 50 }, 3, 'Reactance to resistance of the transformer; 2 to 5 for small ones.'),
    numberInput('volts', 'Volts', 'V', { min: 50, max: 1000 }, 400, 'Line to line, secondary side.'),
    wordInput('size', 'Conductor', ['25 mm²', ...conductorSizes.filter((size) => size !== '25 mm²')], 'Size of one line conductor.'),
    wordInput('metal', 'Metal', ['copper', 'aluminium'], 'Metal of the conductor.'),
    numberInput('metres', 'Length', 'm', { min: 0, max: 5000 }, 35, 'One way.'),
    numberInput('parallel', 'Side by side', 'count', { min: 1, max: 12 }, 1, 'Conductors in parallel per phase.'),
    numberInput(
      'hotCelsius',
      'Working temperature',
      '°C',
      { min: 20, max: 110 },
      70,
      'Of the conductor in service: 70 PVC, 75 or 90 others.',
    ),
    wordInput('practice', 'Practice', ['IEC', 'NFPA70'], 'Tolerances and voltage factors.'),
  ],
  compute: (v) => {
    const practice = v.practice;
    const volts = v.volts;
    const path: SupplyPath = {
      system: 'three-phase',
      volts,
      voltsToGround: volts / Math.sqrt(3),
      elements: [
        {
          kind: 'transformer',
          name: 'transformer',
          ratedVA: v.kva * 1000,
          impedancePercent: v.impedancePercent,
          xOverR: v.xOverR,
          parallel: 1,
        },
        {
          kind: 'cable',
          name: 'cable',
          size: v.size,
          metal: v.metal,
          metres: v.metres,
          parallel: v.parallel,
          steelConduit: false,
          hotCelsius: v.hotCelsius,
        },
      ],
    };
    try {
      const [source, end] = faultNodes(path, practice);
      return answer(
        [
          { name: 'highestAmps', label: 'Highest, impedance method', value: certain(end).highestAmps, unit: 'A' },
          { name: 'pointToPointAmps', label: 'Highest, point to point', value: certain(end).pointToPointAmps, unit: 'A' },
          { name: 'terminalAmps', label: 'At the transformer', value: certain(source).highestAmps, unit: 'A' },
          { name: 'lowestAmps', label: 'Lowest, line to line', value: certain(end).lowestAmps, unit: 'A' },
          { name: 'earthFaultAmps', label: 'Lowest, to earth', value: certain(end).earthFaultAmps, unit: 'A' },
          { name: 'loopOhms', label: 'Loop, hot', value: certain(end).loopOhms, unit: 'ohm' },
        ],
        [
          `Transformer: ${certain(source).step}. ${highestWords(practice, v.impedancePercent)}`,
          `Cable: ${certain(end).step}`,
          `They differ by ${q((certain(end).highestAmps / certain(certain(end).pointToPointAmps) - 1) * 100, '%')}: one adds R and X apart, with its voltage factor; the other adds magnitudes.`,
        ],
        [
          'The highest counts for interrupting, the lowest for tripping.',
          'Motors running behind this point add four to six times their amps; the network before the transformer is taken as endless.',
        ],
      );
    } catch (error) {
      return refuse(messageOf(error));
    }
  },
  sources: ['shortCircuitMethod', 'pointToPoint', 'cableImpedance', 'conductorProperties'],
  checks: [
    {
      values: {
        kva: 500,
        impedancePercent: 5,
        xOverR: 4.9,
        volts: 400,
        size: '240 mm²',
        metal: 'copper',
        metres: 0,
        parallel: 1,
        hotCelsius: 70,
        practice: 'IEC',
      },
      expect: { terminalAmps: 16838, highestAmps: 16838 },
      tolerance: 0.001,
      source: 'by hand: 721.7 A x 1.05 / 0.045',
    },
    {
      values: {
        kva: 100,
        impedancePercent: 4,
        xOverR: 0.1,
        volts: 400,
        size: '16 mm²',
        metal: 'copper',
        metres: 100,
        parallel: 1,
        hotCelsius: 20,
        practice: 'IEC',
      },
      expect: { highestAmps: 1409 },
      tolerance: 0.005,
      source: 'by hand: 230.9 x 1.05 / |(57.3 + 115) + j(5.7 + 8) mohm|',
    },
  ],
});
