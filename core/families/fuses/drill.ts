import type { DrillSeed } from '../contract';

/** Seeds for reading and judging exercises. Source: common practice. */
export const fuseDrill: readonly DrillSeed[] = [
  {
    id: 'volts',
    question: 'A fuse is rated 250 V and the circuit has 400 V. It carries the amps. Does it serve?',
    answer: 'No: after it has blown the gap must stand the 400 V.',
  },
  {
    id: 'am',
    question: 'An aM fuse is the only protection of a cable. Is the cable protected from overload?',
    answer: 'No: aM breaks short circuits only.',
  },
  {
    id: 'dc',
    question: 'A fuse carries no DC figure on a fully legible body. May it stand on 125 V DC?',
    answer: 'No: it is not rated for DC.',
  },
];
