import type { DrillSeed } from '../contract';

/** Seeds for reading and judging exercises. Source: IEC 60947-2, common practice. */
export const breakerCoilDrill: readonly DrillSeed[] = [
  {
    id: 'opposite',
    question: 'The undervoltage release is burnt and a shunt trip of the same volts lies on the shelf. Does it go in?',
    answer: 'No. One holds while powered, the other acts while powered: the breaker would trip at once or never.',
  },
  {
    id: 'seventy',
    question: 'A 110 V shunt trip and a battery down to 80 V. Does it still trip?',
    answer: 'Yes: it works from 70 %, 77 V. A closing coil, from 85 %, 93.5 V, does not.',
  },
  {
    id: 'maintained',
    question: 'A relay contact stays closed on a short-time shunt trip. What happens?',
    answer: 'The coil burns, unless it is rated continuous or an auxiliary contact in series takes it off.',
  },
];
