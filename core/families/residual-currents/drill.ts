import type { DrillSeed } from '../contract';

/** Seeds for reading and judging exercises. Source: IEC 61008-1, BS 7671, common practice. */
export const residualDrill: readonly DrillSeed[] = [
  {
    id: 'letter',
    question: '"40 A type B 30 mA" beside a waveform: is there an overcurrent part inside?',
    answer: 'No. Type B is the residual type; a curve letter stands fixed to the amps, as in B40.',
  },
  {
    id: 'blind',
    question: 'A drive on three phases leaks to earth behind a type AC. Does it trip?',
    answer: 'Perhaps never: smooth direct current saturates its transformer, and then it sees no alternating fault either.',
  },
  {
    id: 'leakage',
    question: 'Eleven desks leak 1.2 mA each on one 30 mA device. Will it stay in?',
    answer: 'Hardly: 13.2 mA is 44 % of 30 mA. Divide the circuits; 30 % is the advice and from half it may trip.',
  },
  {
    id: 'people',
    question: 'In NFPA practice, does a 30 mA device protect people?',
    answer: 'No: equipment. People ask for class A, which trips at 4 to 6 mA.',
  },
];
