/** Faults of a timing relay: it does nothing, times wrong or at the wrong moment, ends early, never resets. Common practice. */
import { lineRead, oneOf, withReads, yesNo, type Cause, type FaultTest, type FaultTree, type Symptom } from '../../fault-finding/tree';
import type { FaultContext } from '../contract';

const symptoms: readonly Symptom[] = [
  { id: 'nothing', title: 'It does nothing', words: ['dead', 'no display', 'lamp dark', 'never times'] },
  {
    id: 'wrong-moment',
    title: 'It switches at the wrong moment',
    words: ['wrong function', 'at once', 'reversed', 'inverted', 'starts too early'],
  },
  { id: 'wrong-time', title: 'Its time is wrong', words: ['too long', 'too short', 'drifts', 'wrong time'] },
  {
    id: 'starts-anew',
    title: 'It starts anew or ends early at random',
    words: ['resets', 'random', 'interrupted', 'drops out', 'at night'],
  },
  { id: 'never-ends', title: 'It does not time out or does not reset', words: ['will not reset', 'stays on', 'hangs', 'never stops'] },
];

const tests: readonly FaultTest[] = [
  oneOf(
    'when',
    'When does it do that?',
    'Ask who works the machine.',
    1,
    {
      'first-start': 'since work was done here',
      always: 'at every cycle',
      others: 'when something large starts or stops',
      random: 'now and then',
    },
    { first: true },
  ),
  oneOf(
    'supply',
    'Volts at its supply terminals while it should time',
    'Meter with lowest value held, fitted while dead, or at test terminals by the site’s rules.',
    3,
    { none: 'none', low: 'below 85 % of its mark', enough: 'within its band', dips: 'within, with dips' },
    { sound: 'enough' },
  ),
  yesNo(
    'other-supply',
    'Is it marked for another supply than it has?',
    'Read volts, AC or DC and frequency on it, against the control supply.',
    1,
  ),
  yesNo(
    'other-function',
    'Does its trace differ from the one that this position wants?',
    'On the bench, or in the Relay lab with its marks: throw the signal, count, take the supply away, repeat.',
    3,
  ),
  yesNo(
    'selector',
    'Does a selector or dial stand otherwise than the settings sheet?',
    'Read function, range, unit and time on its front against the sheet.',
    1,
  ),
  yesNo(
    'signal-left',
    'With the start signal off: do volts stay at its input?',
    'Meter at the signal terminal fitted while dead. A solid-state output, a lamp or a long AC run may leave some.',
    3,
  ),
  yesNo(
    'signal-comes',
    'Does the start signal reach it?',
    'Its lamp, or a meter at the signal terminal fitted while dead; command from its usual place.',
    3,
    { sound: 'yes' },
  ),
  yesNo(
    'signal-kind',
    'Does it take another kind of signal than it gets?',
    'Dry contact or volts: read the diagram on its side against the drawing.',
    1,
  ),
  yesNo(
    'timed-off',
    'One timed run: is it off by more than a tenth of the time set?',
    'Stop-watch from signal to switching, at a time of some seconds or more.',
    2,
  ),
  yesNo(
    'contact',
    'Does its lamp show the output, and the contact does not follow?',
    'Out of its socket, fed on the bench: ohmmeter across the contact.',
    3,
  ),
];

const causes: readonly Cause[] = [
  {
    ...{ id: 'no-supply', title: 'It has no supply', then: 'elsewhere' },
    shows: { symptom: ['nothing', 'starts-anew'] },
    provedBy: { supply: 'none' },
    remedy: 'Fuse, terminal or contact before it. The part stays.',
  },
  {
    ...{ id: 'few-volts', title: 'Too few volts at its supply', then: 'elsewhere' },
    shows: { symptom: ['nothing', 'starts-anew', 'wrong-time'] },
    provedBy: { supply: 'low' },
    remedy: 'Control transformer, long run or burnt contact before it.',
  },
  {
    ...{ id: 'dips', title: 'Its supply dips and it starts anew', then: 'elsewhere' },
    shows: { symptom: ['starts-anew'], when: ['others', 'random'] },
    provedBy: { supply: 'dips' },
    remedy: 'What starts then, and from which transformer; a supply that holds over, or a function that keeps its time.',
  },
  {
    ...{ id: 'other-supply', title: 'Made for another supply', then: 'another part' },
    shows: { symptom: ['nothing', 'wrong-time', 'starts-anew'], when: ['first-start', 'always'] },
    provedBy: { 'other-supply': 'yes' },
    remedy: 'The supply that the requirements name; without a mark for DC it is not rated for DC.',
  },
  {
    ...{ id: 'selector', title: 'Function, range or dial is set otherwise', then: 'adjust' },
    shows: { symptom: ['wrong-moment', 'wrong-time', 'never-ends'] },
    provedBy: { selector: 'yes' },
    remedy: 'Set it by the sheet, take its supply away once: many read their selectors at power-on only.',
  },
  {
    ...{ id: 'other-function', title: 'Another function than the position wants', then: 'another part' },
    shows: { symptom: ['wrong-moment', 'never-ends'], selector: 'no', when: ['first-start', 'always'] },
    provedBy: { 'other-function': 'yes' },
    needs: ['selector'],
    remedy: 'Letters of a worn label say little, and vary by maker: find the function from the trace, then a part that has it.',
  },
  {
    ...{ id: 'signal-left', title: 'Volts stay at its signal input', then: 'elsewhere' },
    shows: { symptom: ['never-ends', 'wrong-moment'] },
    provedBy: { 'signal-left': 'yes' },
    remedy: 'Leakage of an output or a long run holds the signal: a bleeder, another output, or a dry contact.',
  },
  {
    ...{ id: 'no-signal', title: 'The start signal does not arrive', then: 'elsewhere' },
    shows: { symptom: ['nothing'], supply: ['enough', 'dips'] },
    provedBy: { 'signal-comes': 'no' },
    needs: ['supply'],
    remedy: 'Follow its wire with the drawing. The part stays.',
  },
  {
    ...{ id: 'signal-kind', title: 'Another kind of start signal', then: 'another part' },
    shows: { symptom: ['nothing', 'wrong-moment'], when: ['first-start', 'always'] },
    provedBy: { 'signal-kind': 'yes' },
    remedy: 'A part that takes the signal that is there. Volts on an input for a dry contact destroy it.',
  },
  {
    ...{ id: 'contact', title: 'Its contact does not follow', then: 'new part' },
    shows: { symptom: ['nothing', 'never-ends'] },
    provedBy: { contact: 'yes' },
    remedy: 'New part; then whether its contact is large enough for what it works.',
  },
  {
    ...{ id: 'worn', title: 'It times wrong by itself', then: 'new part' },
    shows: { symptom: ['wrong-time'], selector: 'no', supply: ['enough', 'dips'], when: ['always', 'random'] },
    provedBy: { 'timed-off': 'yes' },
    needs: ['selector', 'supply'],
    remedy: 'New part with the same function and a range in which the time can be set.',
  },
];

export const timingRelayFaults = ({ verdicts }: FaultContext): FaultTree => ({
  symptoms,
  tests: withReads(tests, {
    'other-supply': lineRead(verdicts, ['coil-volts', 'coil-kind']),
    'other-function': lineRead(verdicts, ['function', 'two-times']),
    'signal-kind': lineRead(verdicts, ['signal-input', 'signal-kind']),
  }),
  causes,
  noAnswer: 'A new one set by guess is no answer: first what it should do, from the drawing or from who works the machine.',
  beyond: 'it is none of these: record supply, signal and contact over several cycles, and draw the trace in the Relay lab.',
});
