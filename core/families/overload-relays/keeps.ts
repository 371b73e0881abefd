/** Marks that should stay as on the removed part. Source: common practice, the substitution matrix. */
import type { KeptMark } from '../../matching/changes';
import type { OverloadRelayFigure } from './figures';

export const overloadKeeps: readonly KeptMark<OverloadRelayFigure>[] = [
  {
    name: 'tripClass',
    label: 'Trip class',
    unit: '',
    why: 'A slower class lets a stalled motor heat longer; a faster one may trip during the start.',
    ask: 'How long does the start take, and how long may the motor stand stalled?',
    lines: ['start-time', 'stall-time'],
  },
  {
    name: 'kind',
    label: 'Type of overload relay',
    unit: '',
    why: 'Thermal, electronic and magnetic relays follow the motor in different ways.',
    ask: 'Does the supply suit it: DC, a drive, frequent starts?',
    lines: ['kind'],
  },
  {
    name: 'poles',
    label: 'Poles',
    unit: 'count',
    why: 'A phase that is not watched is not protected.',
    ask: 'Are all phases led through it?',
    lines: ['poles'],
  },
];
