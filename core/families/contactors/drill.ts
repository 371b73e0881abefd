import type { DrillSeed } from '../contract';

/** Seeds for reading and judging exercises. Source: common practice. */
export const contactorDrill: readonly DrillSeed[] = [
  {
    id: 'row',
    question: 'The plate gives 180 A locked rotor at 240 V and 150 A at 480 V. The system has 480 V. Which row counts?',
    answer: 'The 480 V row: 150 A.',
  },
  {
    id: 'coil',
    question: 'A 24 V coil is found where the control supply has 120 V. What happens?',
    answer: 'It is destroyed; the mark must suit the supply.',
  },
  {
    id: 'hold',
    question: 'Lights must stay on when control power is lost. Which contactor holds them?',
    answer: 'A mechanically held or latched one.',
  },
];
