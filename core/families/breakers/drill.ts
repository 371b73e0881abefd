import type { DrillSeed } from '../contract';

/** Seeds for reading and judging exercises. Source: common practice. */
export const breakerDrill: readonly DrillSeed[] = [
  {
    id: 'two-amps',
    question: 'A breaker reads 40 A and 14 kA. Which one says what it can break?',
    answer: '14 kA; the 40 A is what it carries.',
  },
  {
    id: 'slash',
    question: 'A breaker is marked 480Y/277 V. May it stand on an ungrounded 480 V delta?',
    answer: 'No: a slash rating holds on solidly grounded systems alone.',
  },
  {
    id: 'edge',
    question: 'A load peaks inside the instantaneous band of a breaker. Will it trip?',
    answer: 'It may: a check. Only below the lower edge does it hold for sure.',
  },
];
