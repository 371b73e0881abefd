/** Small drawings of the cards: what a word does not show as fast. Common practice. */
import type { Drawing } from './card';

export const contactSymbols: Drawing = {
  shows:
    'Four symbols at rest: a make contact apart, a break contact touching, a change-over with three terminals, a coil with a plus sign at A1.',
  lines: [
    [
      [20, 10],
      [20, 34],
    ],
    [
      [20, 56],
      [20, 80],
    ],
    [
      [20, 56],
      [6, 36],
    ],
    [
      [80, 10],
      [80, 34],
      [94, 34],
    ],
    [
      [80, 56],
      [80, 80],
    ],
    [
      [80, 56],
      [92, 30],
    ],
    [
      [130, 10],
      [130, 34],
    ],
    [
      [160, 10],
      [160, 34],
    ],
    [
      [145, 80],
      [145, 58],
      [132, 32],
    ],
    [
      [205, 28],
      [225, 28],
      [225, 60],
      [205, 60],
      [205, 28],
    ],
    [
      [215, 28],
      [215, 10],
    ],
    [
      [215, 60],
      [215, 80],
    ],
  ],
  words: [
    [26, 48, 'NO'],
    [98, 48, 'NC'],
    [120, 9, '12'],
    [164, 9, '14'],
    [150, 86, '11'],
    [221, 18, 'A1 +'],
    [221, 82, 'A2'],
  ],
};

export const startingCurrents: Drawing = {
  shows:
    'Current over the time of a start: across the line highest, star-delta at a third with a step at the change, a soft starter flat and longest.',
  lines: [
    [
      [24, 8],
      [24, 78],
      [232, 78],
    ],
    [
      [24, 78],
      [28, 14],
      [96, 20],
      [112, 66],
      [228, 66],
    ],
    [
      [24, 78],
      [28, 56],
      [118, 58],
      [120, 34],
      [132, 66],
    ],
    [
      [24, 78],
      [52, 42],
      [176, 42],
      [190, 66],
    ],
  ],
  words: [
    [100, 16, 'across the line'],
    [46, 53, 'star-delta'],
    [180, 40, 'soft'],
    [4, 12, 'A'],
    [222, 88, 't'],
  ],
};

export const overvoltageRegimes: Drawing = {
  shows: 'Three regimes of overvoltage: a surge of microseconds, some milliamps on a signal input, a wrong supply that stays.',
  lines: [
    [
      [16, 8],
      [16, 76],
      [232, 76],
    ],
    [
      [24, 60],
      [38, 60],
      [40, 12],
      [43, 60],
      [84, 60],
    ],
    [
      [84, 60],
      [92, 60],
      [98, 34],
      [104, 68],
      [110, 48],
      [116, 62],
      [124, 60],
      [150, 60],
    ],
    [
      [150, 60],
      [156, 46],
      [222, 46],
      [228, 60],
    ],
  ],
  words: [
    [26, 88, 'surge, µs'],
    [88, 88, 'signal, mA'],
    [152, 88, 'wrong supply'],
    [4, 12, 'V'],
  ],
};

export const neutralOnDc: Drawing = {
  shows:
    'An AC panel put to DC: plus and minus each through a pole of their own; between the bar that was neutral and the enclosure a strap that is in or out.',
  lines: [
    [
      [30, 10],
      [30, 30],
    ],
    [
      [30, 48],
      [30, 80],
    ],
    [
      [30, 48],
      [20, 32],
    ],
    [
      [80, 10],
      [80, 30],
    ],
    [
      [80, 48],
      [80, 80],
    ],
    [
      [80, 48],
      [70, 32],
    ],
    [
      [140, 40],
      [210, 40],
    ],
    [
      [175, 40],
      [175, 78],
    ],
    [
      [155, 78],
      [195, 78],
    ],
  ],
  words: [
    [36, 18, '+'],
    [86, 18, '−'],
    [140, 34, 'bar, was neutral'],
    [180, 62, 'strap: in?'],
    [198, 82, 'enclosure'],
  ],
};
