import type { DrillSeed } from '../contract';

/** Seeds for reading and judging exercises. Source: common practice. */
export const overloadDrill: readonly DrillSeed[] = [
  {
    id: 'which-amps',
    question: 'Plate amps or table amps: which sets the overload relay?',
    answer: 'The plate amps; the table sizes conductors and branch devices.',
  },
  {
    id: 'class',
    question: 'A fan takes 8 s to start. Does a class 10 relay surely hold?',
    answer: 'No: its lower edge is 4 s, so it may trip. A class 30 holds 9 s.',
  },
  { id: 'delta', question: 'The relay sits in the phase of a star-delta motor of 40 A. What is it set to?', answer: '0.58 x 40 = 23 A.' },
];
