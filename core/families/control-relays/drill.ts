import type { DrillSeed } from '../contract';

/** Seeds for reading and judging exercises. Source: common practice. */
export const controlRelayDrill: readonly DrillSeed[] = [
  {
    id: 'resistive-motor',
    question: 'A contact is marked 10 A resistive and nothing else. May it switch a 1/2 hp fan?',
    answer: 'Not by that mark: a motor needs horsepower or motor amps. It is not known.',
  },
  {
    id: 'code',
    question: 'A pilot duty contact is marked B300. What may it make and break at 240 V?',
    answer: '3600 VA and 360 VA: 15 A and 1.5 A.',
  },
  {
    id: 'diode',
    question: 'A DC relay with a diode is plugged in where plus and minus are swapped. What happens?',
    answer: 'The diode shorts the supply through the driver.',
  },
  {
    id: 'signal',
    question: 'A 10 A silver contact is to carry a 24 V, 5 mA input. What is wrong?',
    answer: 'It is below its least load: the film is not broken and the contact fails now and then. Gold or bifurcated contacts.',
  },
];
