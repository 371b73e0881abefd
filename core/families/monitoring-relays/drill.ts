import type { DrillSeed } from '../contract';

/** Seeds for reading and judging exercises. Sources: NEMA MG 1, common practice. */
export const monitoringDrill: readonly DrillSeed[] = [
  {
    id: 'back-emf',
    question: 'A phase is lost while a motor runs and holds it at 85 %. Undervoltage is set to 80 %. Does it trip?',
    answer: 'Not by undervoltage: asymmetry must see it.',
  },
  {
    id: 'definition',
    question: 'One phase stands at 90 %, the others at 100. How large is the asymmetry?',
    answer: '10 % as the spread, 6.9 % as the deviation from the mean.',
  },
  {
    id: 'neutral',
    question: 'A 4-wire relay is fitted where there is no neutral. What does it show?',
    answer: 'Nonsense: its phase volts float.',
  },
  {
    id: 'delays',
    question: 'What do off delay and on delay mean on a monitoring relay?',
    answer: 'How long a fault lasts before it drops out, and how long it waits before it pulls in again.',
  },
];
