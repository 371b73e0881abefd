/**
 * Where practitioners differ: the views, the default and its reason. A site may choose another; the line names it.
 * Source: common practice.
 */
export type Methods = {
  /** Locked-rotor amps when the plate gives neither amps nor letter nor ratio. */
  startWhenUnread: 'not-asked' | 'table-then-six' | 'five-to-eight' | 'six-to-eight';
  /** Headroom on resistive contact current, ratio; advice only. */
  resistiveHeadroom: 1 | 1.1 | 1.2 | 1.25;
  /** Compare with the unit plate's largest overcurrent device. */
  unitMaximum: 'check' | 'off';
  /** Whether an instantaneous release is held to the asymmetrical first half cycle of a start; advice only. */
  firstPeak: 'asymmetrical' | 'rms';
};

/** The plain case asks for nothing that it does not give. */
export const caseSchools: Methods = {
  startWhenUnread: 'not-asked',
  resistiveHeadroom: 1.2,
  unitMaximum: 'check',
  firstPeak: 'rms',
};
/** A swap always asks how hard the motor starts. */
export const swapSchools: Methods = { ...caseSchools, startWhenUnread: 'table-then-six', firstPeak: 'asymmetrical' };

export const schoolChoices: {
  id: keyof Methods;
  /** Lines on which it may be chosen, by id. */
  lines: readonly string[];
  question: string;
  choices: { value: string | number; words: string }[];
  reason: string;
}[] = [
  {
    id: 'startWhenUnread',
    lines: ['locked-rotor', 'inrush'],
    question: 'Starting current when the plate does not say',
    choices: [
      { value: 'table-then-six', words: 'NEC table, else 6 times' },
      { value: 'five-to-eight', words: '5 to 8 times' },
      { value: 'six-to-eight', words: '6 to 8 times' },
    ],
    reason: 'Default: the table where it holds, else 6 times with the band 5 to 9 drawn. From a method alone the line is at best a check.',
  },
  {
    id: 'resistiveHeadroom',
    lines: ['resistive-headroom'],
    question: 'Headroom on resistive current',
    choices: [
      { value: 1.2, words: '20 %' },
      { value: 1.1, words: '10 %' },
      { value: 1.25, words: '25 %' },
      { value: 1, words: 'none' },
    ],
    reason: 'Default: 20 % as advice, not refusal. None can be chosen, because published ratings already hold margins.',
  },
  {
    id: 'unitMaximum',
    lines: ['unit-maximum'],
    question: "Compare with the unit plate's largest breaker",
    choices: [
      { value: 'check', words: 'Show as a check' },
      { value: 'off', words: 'Leave out' },
    ],
    reason: 'Default: shown as a check. It is a quick field cross-check that oversizes, never a must.',
  },
  {
    id: 'firstPeak',
    lines: ['first-peak'],
    question: 'An instantaneous release against the start of a motor',
    choices: [
      { value: 'asymmetrical', words: 'The first half cycle, 1.8 times' },
      { value: 'rms', words: 'The rms starting current' },
    ],
    reason:
      'Default: the first half cycle as advice; releases are tested with rms currents, but the first peak may trip one near its lower edge.',
  },
];

/** Band of locked-rotor to full-load amps within which a school says nothing for sure. Common practice. */
export const startRatios = {
  low: 5,
  sure: 9,
  'table-then-six': 6,
  'five-to-eight': 8,
  'six-to-eight': 8,
} as const;
