import type { DrillSeed } from '../contract';

/** Seeds for reading and judging exercises. Source: common practice. */
export const runCapacitorDrill: readonly DrillSeed[] = [
  {
    id: 'volts',
    question: 'The plate asks for 440 V and a 370 V of equal µF is on the shelf. Does it go in?',
    answer: 'No: volts equal or higher, never lower.',
  },
  {
    id: 'exact',
    question: 'A motor asks for 45 µF; 50 µF runs it with fewer amps. Leave it?',
    answer: 'No: the capacitance of the plate, exactly. Fewer amps are no proof; the winding heats.',
  },
  {
    id: 'start',
    question: 'A start capacitor of equal µF and volts for a run capacitor?',
    answer: 'Never: it is made for seconds and bursts in continuous duty.',
  },
];
