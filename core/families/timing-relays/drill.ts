import type { DrillSeed } from '../contract';

/** Seeds for reading and judging exercises. Source: common practice. */
export const timingDrill: readonly DrillSeed[] = [
  { id: 'dial', question: 'A dial of 0.5 to 20 s is to give 7 s. Where does it stand?', answer: 'At 35 % of its top.' },
  {
    id: 'off-delay',
    question: 'A plate says off-delay and nothing else. What must be known before it can be chosen?',
    answer: 'Whether it has a control input: with one its supply stays on, without one it times after the supply has gone.',
  },
  {
    id: 'interval',
    question: 'The supply goes half way through an interval. What does the contact do?',
    answer: 'It opens at once; the time starts anew with the supply.',
  },
  {
    id: 'volts',
    question: 'A timer takes a dry contact on its control pins, the old one took 120 V. What happens if it is plugged in?',
    answer: 'Its input is destroyed. The kind of signal is a must.',
  },
];
