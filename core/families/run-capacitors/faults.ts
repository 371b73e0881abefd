/** Faults around a run capacitor, with those of its motor, which look alike. Common practice. */
import { lineRead, oneOf, yesNo, type Cause, type FaultTest, type FaultTree, type Symptom } from '../../fault-finding/tree';
import type { FaultContext } from '../contract';

const symptoms: readonly Symptom[] = [
  { id: 'hums', title: 'The motor hums and does not start', words: ['hums', 'does not start', 'starts by hand', 'buzzes'] },
  { id: 'slow', title: 'It starts slowly, or runs hot', words: ['slow', 'weak', 'hot', 'trips after a while'] },
  { id: 'blown', title: 'The can is swollen, leaks or has burst', words: ['swollen', 'bulged', 'burst', 'leaks', 'oil'] },
  { id: 'again', title: 'A new one failed again', words: ['fails again', 'second capacitor', 'blows again'] },
];

/** What was read on it says of its sections, where every one was read. */
const measured = (condition: FaultContext['condition']): { read?: string } =>
  condition.some(({ verdict }) => verdict === 'fails')
    ? { read: 'low' }
    : condition.length > 0 && condition.every(({ verdict }) => verdict === 'fits')
      ? { read: 'sound' }
      : {};

const tests = ({ verdicts, condition }: FaultContext): FaultTest[] => [
  oneOf(
    'when',
    'When did it begin?',
    'Ask.',
    1,
    { 'first-start': 'since work was done here', slowly: 'slowly, over months', sudden: 'from one start to the next' },
    { first: true },
  ),
  oneOf(
    'microfarads',
    'Measured µF of each section, against what is printed',
    'Isolated, proved dead, discharged through a resistor and proved again, wires off: capacitance meter, both sections of a dual one.',
    2,
    { sound: 'within its tolerance', low: 'below', high: 'above, or no reading' },
    { sound: 'sound', ...measured(condition) },
  ),
  yesNo('to-case', 'Does a terminal conduct to the case?', 'Discharged, wires off: ohmmeter, each terminal to bare metal of the can.', 2),
  yesNo(
    'other-value',
    'Is it another value than the motor asks for?',
    'Plate of the motor, against what is printed on the can.',
    1,
    lineRead(verdicts, ['capacitance-run', 'capacitance-herm', 'capacitance-fan']),
  ),
  yesNo(
    'few-volts',
    'Are its printed volts lower than this motor needs?',
    'Plate of the motor; the volts across it are higher than those of the supply.',
    1,
    lineRead(verdicts, ['volts']),
  ),
  yesNo(
    'hot-place',
    'Does it sit where it is hotter than its mark?',
    'Temperature class on the can; warm air of the motor or sun on the unit.',
    1,
    lineRead(verdicts, ['case-temperature']),
  ),
  yesNo('shaft', 'Turned by hand: does the shaft bind?', 'Isolated, locked off, discharged.', 2),
  oneOf(
    'windings',
    'Resistance of the windings, terminal to terminal and to the case',
    'Isolated, wires off: start plus run equals both in line; nothing to the case.',
    3,
    { sound: 'add up', open: 'one is open', wrong: 'do not add up, or one goes to the case' },
    { sound: 'sound' },
  ),
  yesNo(
    'relay',
    'Does a start relay or switch not open or not close?',
    'Isolated: its contact by ohmmeter, at rest and as its drawing shows.',
    3,
  ),
  yesNo('volts-low', 'Are the volts at the motor too low while it tries to start?', 'Meter fitted while dead, lowest value held.', 3),
];

const causes: readonly Cause[] = [
  {
    ...{ id: 'spent', title: 'The capacitor is spent', then: 'new part' },
    shows: { symptom: ['hums', 'slow'] },
    provedBy: { microfarads: ['low', 'high'] },
    remedy: 'A new one of the value on the motor’s plate. Low amps alone prove nothing.',
  },
  {
    ...{ id: 'end-of-life', title: 'It came to its end', then: 'new part' },
    shows: { symptom: ['blown'], 'few-volts': 'no', 'hot-place': 'no', when: ['slowly', 'sudden'] },
    provedBy: { microfarads: ['low', 'high'] },
    needs: ['few-volts', 'hot-place'],
    remedy: 'A new one of the value on the motor’s plate; ten degrees less double its life.',
  },
  {
    ...{ id: 'to-case', title: 'A terminal goes to the case', then: 'new part' },
    shows: { symptom: ['hums', 'blown', 'slow', 'again'] },
    provedBy: { 'to-case': 'yes' },
    remedy: 'Out at once: the can may carry volts. New one of the value on the motor’s plate.',
  },
  {
    ...{ id: 'other-value', title: 'Another value than the motor asks for', then: 'another part' },
    shows: { symptom: ['hums', 'slow', 'again', 'blown'], when: ['first-start', 'slowly'] },
    provedBy: { 'other-value': 'yes' },
    remedy: 'The value on the plate, neither more nor less: more drives the winding hot.',
  },
  {
    ...{ id: 'few-volts', title: 'Its printed volts are too few', then: 'another part' },
    shows: { symptom: ['again', 'blown'] },
    provedBy: { 'few-volts': 'yes' },
    remedy: 'The volts that the requirements name, or more.',
  },
  {
    ...{ id: 'hot-place', title: 'It sits too hot', then: 'mend' },
    shows: { symptom: ['again', 'blown'] },
    provedBy: { 'hot-place': 'yes' },
    remedy: 'Another place, air, or a higher class.',
  },
  {
    ...{ id: 'shaft', title: 'The shaft binds', then: 'elsewhere' },
    shows: { symptom: ['hums', 'slow', 'again'] },
    provedBy: { shaft: 'yes' },
    remedy: 'Bearing or load. The capacitor stays if its µF are right.',
  },
  {
    ...{ id: 'winding', title: 'A winding is open or shorted', then: 'elsewhere' },
    shows: { symptom: ['hums', 'slow', 'again'] },
    provedBy: { windings: ['open', 'wrong'] },
    remedy: 'The motor goes. A new capacitor does not help it.',
  },
  {
    ...{ id: 'relay', title: 'Start relay or switch does not work', then: 'elsewhere' },
    shows: { symptom: ['hums', 'slow', 'again'], when: ['slowly', 'sudden'] },
    provedBy: { relay: 'yes' },
    remedy: 'Renew it; a start winding that stays in circuit burns, and its capacitor with it.',
  },
  {
    ...{ id: 'volts-low', title: 'Too few volts at the motor', then: 'elsewhere' },
    shows: { symptom: ['hums', 'slow'] },
    provedBy: { 'volts-low': 'yes' },
    remedy: 'Supply, long run, burnt contact: torque falls with the square of the volts.',
  },
];

export const runCapacitorFaults = (context: FaultContext): FaultTree => ({
  symptoms,
  tests: tests(context),
  causes,
  noAnswer: 'A larger capacitor is no answer.',
  beyond: 'it is none of these: measure volts and amps of the motor over a start.',
});
