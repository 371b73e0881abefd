/** Marks that should stay as on the removed part. Source: common practice, the substitution matrix. */
import type { KeptMark } from '../../matching/changes';
import type { BreakerCoilFigure } from './figures';
import { coilVoltsKept } from '../../coils/keeps';

export const breakerCoilKeeps: readonly KeptMark<BreakerCoilFigure>[] = [
  {
    name: 'function',
    label: 'Function',
    unit: '',
    why: 'A shunt trip and an undervoltage release work in opposite senses.',
    ask: 'What must happen when the command, or the supply, goes?',
    lines: ['function', 'release-lowest', 'release-highest'],
  },
  {
    name: 'frame',
    label: 'Frame and bay',
    unit: '',
    why: 'The bay decides what the plunger works on.',
    ask: 'Does it enter the same bay of the same frame?',
    lines: ['frame'],
  },
  {
    name: 'coilKinds',
    label: 'Coil AC or DC',
    unit: '',
    why: 'An AC coil on DC burns, a DC coil on AC does not operate.',
    ask: 'Was the control supply changed?',
    lines: ['coil-kind'],
  },
  coilVoltsKept,
  {
    name: 'delaySeconds',
    label: 'Delay',
    unit: 's',
    why: 'A delay rides through dips; without one the breaker opens on each of them.',
    ask: 'How deep and how long are the dips here?',
    lines: ['dip'],
  },
];
