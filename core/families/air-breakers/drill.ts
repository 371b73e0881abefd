import type { DrillSeed } from '../contract';

/** Seeds for reading and judging exercises. Source: IEC 60947-2, common practice. */
export const airBreakerDrill: readonly DrillSeed[] = [
  {
    id: 'withstand',
    question: 'A main breaker is to wait 0.4 s on 42 kA; its Icw is 36 kA for 1 s. May its instantaneous be switched off?',
    answer: 'No: it does not stand the fault while it waits.',
  },
  {
    id: 'remote',
    question: 'What does a breaker need to be worked from afar?',
    answer: 'Closing coil, shunt trip, charging motor and auxiliary contacts, all for the control volts that are there.',
  },
  {
    id: 'mode',
    question: 'Does maintenance mode lower the rated current?',
    answer: 'No. It lowers the instantaneous trip while somebody works beyond it.',
  },
];
