/**
 * Three-phase fault current behind a transformer with a run, the source taken as endless: the highest it can be.
 * Method: the function of the supply path, so that every sheet gives the same figure: marked impedance less its tolerance, and the
 * voltage factor, by practice. The run is added as a resistance. Source: IEC 60909-0, simplified; ANSI tolerances; from memory.
 * For interrupting; not for tripping.
 */
import { formatQuantity as q } from '../quantities/format-quantity';
import { faultFactors, fromRatio, highestWords, impedanceTolerance, magnitude } from '../supply/fault-current';
import { answer, numberInput, wordInput, worksheet } from './contract';

/** Without X/R the transformer is taken as reactance: beside the resistance of a run that gives the most current. */
const PURE_REACTANCE = 1e6;

export const faultCurrentAtTransformer = worksheet({
  id: 'fault-current-at-transformer',
  subject: 'supply',
  title: 'Fault current behind a transformer',
  question: 'What can the fault current be at this panel, at the most?',
  inputs: [
    numberInput('kva', 'Transformer', 'kVA', { above: 0, max: 100000 }, 112, 'Rated power on its plate.'),
    numberInput('impedancePercent', 'Impedance', '%', { min: 0.5, max: 20 }, 3.2, '%Z or uk on its plate.'),
    numberInput('volts', 'Volts', 'V', { above: 0, max: 1000 }, 480, 'Line to line, secondary side.'),
    numberInput(
      'runOhms',
      'Run, one conductor',
      'ohm',
      { min: 0, max: 100 },
      0.006,
      'Resistance of one conductor from transformer to panel, cold; 0 at its terminals.',
    ),
    wordInput('practice', 'Practice', ['NFPA70', 'IEC'], 'Tolerance of the impedance and voltage factor.'),
    numberInput('xOverR', 'X/R', 'ratio', { min: 0.1, max: 50 }, 4, 'Of the transformer; left out it counts as reactance alone.', true),
  ],
  compute: ({ kva, impedancePercent, volts, runOhms, practice: word, xOverR }) => {
    const practice = word === 'IEC' ? 'IEC' : 'NFPA70';
    const percent = impedancePercent;
    const marked = (volts ** 2 / (kva * 1000)) * (percent / 100);
    const own = fromRatio(marked * (1 - impedanceTolerance(practice, percent)), xOverR ?? PURE_REACTANCE);
    const z = magnitude({ r: own.r + runOhms, x: own.x });
    const at = (ohms: number, factor: number) => (factor * volts) / (Math.sqrt(3) * ohms);
    const { highest } = faultFactors[practice];
    return answer(
      [
        { name: 'faultAmps', label: 'At the panel, highest', value: at(z, highest), unit: 'A' },
        { name: 'terminalAmps', label: 'At the transformer, highest', value: at(magnitude(own), highest), unit: 'A' },
        { name: 'plateAmps', label: 'At the transformer, by the plate alone', value: at(marked, 1), unit: 'A' },
      ],
      [
        `Transformer as marked: ${volts}² / ${kva} kVA x ${percent} % = ${q(marked, 'ohm')}`,
        `${highestWords(practice, percent)}: ${q(magnitude(own), 'ohm')}`,
        `With the run: ${q(z, 'ohm')}`,
        `${highest} x ${volts} V / (√3 x ${q(z, 'ohm')}) = ${q(at(z, highest), 'A')}`,
      ],
      [
        'Motors running at that moment add about four to six times their rated current.',
        'This is the highest value, for interrupting; whether a device trips in time is judged on the lowest.',
      ],
    );
  },
  sources: ['shortCircuitCalculation', 'shortCircuitMethod'],
  checks: [
    {
      values: { kva: 1000, impedancePercent: 5, volts: 480, runOhms: 0, practice: 'NFPA70' },
      expect: { plateAmps: 24056, terminalAmps: 26007, faultAmps: 26007 },
      tolerance: 0.001,
      source: 'by hand: 1202.8 A / 0.05, and / (0.05 x 0.925)',
    },
    {
      values: { kva: 100, impedancePercent: 2.5, volts: 480, runOhms: 0, practice: 'NFPA70' },
      expect: { terminalAmps: 5346 },
      tolerance: 0.001,
      source: 'by hand: 120.28 A / (0.025 x 0.9)',
    },
    {
      values: { kva: 500, impedancePercent: 5, volts: 400, runOhms: 0, practice: 'IEC', xOverR: 4.9 },
      expect: { terminalAmps: 16838 },
      tolerance: 0.001,
      source: 'by hand: 721.7 A x 1.05 / 0.045, the same as at the end of a cable without length',
    },
  ],
});
