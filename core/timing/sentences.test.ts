/** Plain sentences of what an output does after what happens. Source: common practice. */
import { describe, expect, it } from 'vitest';
import { functionsOfBehaviour } from './sentences';

describe('a sentence that describes one behaviour names its function', () => {
  it.each([
    ['output closes 12 s after the supply is applied', 'on-delay'],
    ['output after supply', 'on-delay'],
    ['the pump starts 30 s after power comes back', 'on-delay'],
    ['the fan starts 10 s after the signal comes', 'on-delay with control signal'],
    ['the fan runs on for 3 minutes after the door contact opens', 'delay on break with control signal'],
    ['output stays closed 5 s after the signal goes', 'delay on break with control signal'],
    ['the lamp stays on for 5 s after the supply is lost', 'true off-delay (no auxiliary supply)'],
    ['one pulse for each press', 'one-shot on signal'],
    ['a pulse of 2 s each time the button is pressed', 'one-shot on signal'],
    ['output is on at once when the supply comes and opens after 8 s', 'interval'],
    ['a pulse when the supply goes', 'impulse on de-energising'],
    ['star contact opens, then after a pause of 50 ms delta closes', 'star-delta'],
    ['star to delta with a dead time', 'star-delta'],
    ['flashes, starting with a pulse', 'recycle starting on'],
    ['flashes, starting with a pause', 'recycle starting off'],
    ['first press on, next press off', 'step on signal'],
  ])('%s', (sentence, fn) => expect(functionsOfBehaviour(sentence)).toEqual([fn]));
  it.each(['the fan comes later', 'it flashes', 'as before', ''])('%s: nothing for sure', (sentence) =>
    expect(functionsOfBehaviour(sentence)).toEqual([]),
  );
});
