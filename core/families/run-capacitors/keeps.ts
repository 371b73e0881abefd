/** Marks that should stay as on the removed part. Source: common practice, the substitution matrix. */
import type { KeptMark } from '../../matching/changes';
import type { RunCapacitorFigure } from './figures';

export const runCapacitorKeeps: readonly KeptMark<RunCapacitorFigure>[] = [
  {
    name: 'anyMicrofarads',
    label: 'Capacitance',
    unit: 'µF',
    why: 'Another capacitance heats the winding, even where the motor runs.',
    ask: 'What does the motor’s plate say? The removed one proves nothing.',
    lines: ['capacitance', 'capacitance-motor', 'capacitance-compressor', 'capacitance-fan', 'capacitance-pump'],
  },
  {
    name: 'tolerancePercent',
    label: 'Tolerance',
    unit: '%',
    harmless: 'down',
    why: 'A looser one may stand further from the plate’s figure.',
    ask: 'What tolerance does the motor’s plate give?',
    lines: ['tolerance'],
  },
  {
    name: 'kind',
    label: 'Duty',
    unit: '',
    why: 'A start capacitor in place of a run capacitor bursts.',
    ask: 'Which of the two does the circuit call for?',
    lines: ['duty'],
  },
];
