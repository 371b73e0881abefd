/** Faults of a monitoring relay: it trips without a reason, does not trip with one, does not come back, shows nothing. Common practice. */
import { lineRead, oneOf, withReads, yesNo, type Cause, type FaultTest, type FaultTree, type Symptom } from '../../fault-finding/tree';
import type { FaultContext } from '../contract';

const symptoms: readonly Symptom[] = [
  {
    id: 'nuisance',
    title: 'It trips and nothing seems wrong',
    words: ['nuisance', 'trips at random', 'at night', 'false trip', 'drops out', 'trips when others start'],
  },
  { id: 'misses', title: 'It did not trip when it should', words: ['does not trip', 'phase lost', 'motor burnt', 'did not see'] },
  { id: 'no-return', title: 'It does not come back', words: ['will not reset', 'stays tripped', 'locked', 'latched'] },
  { id: 'dark', title: 'It shows nothing', words: ['no display', 'lamp dark', 'dead'] },
];

const tests: readonly FaultTest[] = [
  oneOf(
    'when',
    'When does it do that?',
    'Its own fault memory first: what does it name, and when? Then ask.',
    1,
    {
      'first-start': 'since work was done here',
      others: 'when something large starts',
      night: 'at night or at weekends',
      random: 'now and then',
      always: 'always',
    },
    { first: true },
  ),
  oneOf(
    'named',
    'What does it name as its fault?',
    'Display, lamp code or menu, against the table of its maker.',
    1,
    {
      volts: 'too many or too few volts',
      unequal: 'unequal phases',
      phase: 'phase lost',
      sequence: 'phase sequence',
      neutral: 'neutral',
      none: 'nothing',
    },
    { first: true },
  ),
  oneOf(
    'volts',
    'Volts of the phases, over the time in which it trips',
    'Recorder or the panel meter of that supply; lowest and highest value.',
    3,
    {
      steady: 'within what is set',
      beyond: 'truly beyond what is set',
      short: 'beyond for less than a second',
      unequal: 'unequal beyond what is set',
    },
    { sound: 'steady' },
  ),
  yesNo(
    'narrow',
    'Are its limits or its delay narrower than this supply allows?',
    'Read the settings as left against the sheet of this job.',
    1,
  ),
  yesNo(
    'other-reference',
    'Does it measure against another reference than the site means?',
    'Between lines or to neutral; deviation from the mean or spread: read its menu against the sheet.',
    1,
  ),
  yesNo('neutral-missing', 'Is its neutral missing or loose?', 'Isolated: continuity from its N terminal to the neutral bar.', 3),
  yesNo(
    'back-fed',
    'Do motors that run feed a lost phase back?',
    'Does it sit behind running motors and see volts only? Asymmetry of some percent must then trip it.',
    1,
  ),
  yesNo('not-fitted', 'Is the function that was wanted missing or switched off?', 'Read its menu, and the requirements of this job.', 1),
  yesNo('load-side', 'Did the phase go behind the place where it measures?', 'Drawing: what lies between its tap and the motor.', 1),
  yesNo(
    'memory',
    'Is it set to stay tripped until it is reset, or does it lie inside its hysteresis?',
    'Menu: reset and hysteresis; volts now against the return point.',
    1,
  ),
  yesNo('sequence', 'Is the phase sequence reversed?', 'Sequence indicator fitted while dead; after work on the feeder first of all.', 3),
  yesNo('fuse', 'Is a fuse before its measuring input open?', 'Isolated, fuses out: ohmmeter. A look is no test.', 3),
  yesNo('supply', 'Has it its own supply?', 'Meter at its supply terminals fitted while dead.', 3, { sound: 'yes' }),
  yesNo(
    'injected',
    'On a test set: does it trip outside what is set?',
    'Out of circuit, or at test terminals: variable volts, its display and a stop-watch.',
    4,
  ),
];

const causes: readonly Cause[] = [
  {
    ...{ id: 'true-fault', title: 'The supply is truly beyond its limits', then: 'elsewhere' },
    shows: { symptom: ['nuisance', 'no-return'] },
    provedBy: { volts: 'beyond' },
    remedy: 'It does what it is for. Tap changer, feeder or the supplier; nothing is set wider than the load stands.',
  },
  {
    ...{ id: 'dips', title: 'Short dips at large starts, and no delay over them', then: 'adjust' },
    shows: { symptom: ['nuisance'], when: ['others', 'random', 'always'] },
    provedBy: { volts: 'short' },
    remedy: 'A delay longer than the dip, where the load stands it; old and new setting on the sheet.',
  },
  {
    ...{ id: 'unequal', title: 'Phases are truly unequal', then: 'elsewhere' },
    shows: { symptom: ['nuisance', 'no-return'], named: ['unequal', 'phase', 'volts', 'none'] },
    provedBy: { volts: 'unequal' },
    remedy: 'Single-phase loads, a weak joint, a blown fuse of a capacitor bank: a few percent in volts are many in motor amps.',
  },
  {
    ...{ id: 'narrow', title: 'Set narrower than the supply allows', then: 'adjust' },
    shows: { symptom: ['nuisance', 'no-return'], volts: ['steady', 'short'] },
    provedBy: { narrow: 'yes' },
    remedy: 'Set it by the sheet of this job; old and new setting are kept.',
  },
  {
    ...{ id: 'reference', title: 'Another reference than the site means', then: 'adjust' },
    shows: { symptom: ['nuisance', 'misses', 'no-return'], when: ['first-start', 'always'] },
    provedBy: { 'other-reference': 'yes' },
    remedy: 'Set or choose it for the volts and wires that are there; 400 V between lines are 230 V to neutral.',
  },
  {
    ...{ id: 'neutral', title: 'Its neutral is missing', then: 'mend' },
    shows: { symptom: ['nuisance', 'dark', 'no-return'], named: ['neutral', 'volts', 'unequal', 'none', 'phase'] },
    provedBy: { 'neutral-missing': 'yes' },
    remedy: 'Mend the neutral, and look at every load that hangs on it: their volts may have been far off.',
  },
  {
    ...{ id: 'back-fed', title: 'The lost phase was fed back by running motors', then: 'another part' },
    shows: { symptom: ['misses'] },
    provedBy: { 'back-fed': 'yes' },
    remedy: 'A part that sees asymmetry, set below what is fed back; watching volts alone cannot see it.',
  },
  {
    ...{ id: 'function', title: 'The function is missing or off', then: 'another part' },
    shows: { symptom: ['misses'] },
    provedBy: { 'not-fitted': 'yes' },
    remedy: 'Switch it on, or a part that has it.',
  },
  {
    ...{ id: 'load-side', title: 'The fault lay behind where it measures', then: 'elsewhere' },
    shows: { symptom: ['misses'] },
    provedBy: { 'load-side': 'yes' },
    remedy: 'It cannot see that: an overload relay with phase-failure sense, or a measuring point behind the contactor.',
  },
  {
    ...{ id: 'memory', title: 'It waits for a reset, or for its return point', then: 'adjust' },
    shows: { symptom: ['no-return'] },
    provedBy: { memory: 'yes' },
    remedy: 'Find out why it tripped first. Then reset, or a hysteresis that the supply comes back over.',
  },
  {
    ...{ id: 'sequence', title: 'Phase sequence is reversed', then: 'elsewhere' },
    shows: { symptom: ['nuisance', 'no-return'], named: ['sequence', 'none'], when: ['first-start', 'always'] },
    provedBy: { sequence: 'yes' },
    remedy: 'Two conductors were exchanged on the feeder: put that right there, never at the relay.',
  },
  {
    ...{ id: 'fuse', title: 'A fuse of its measuring input is open', then: 'elsewhere' },
    shows: { symptom: ['nuisance', 'no-return', 'dark'], named: ['phase', 'unequal', 'volts', 'none'] },
    provedBy: { fuse: 'yes' },
    remedy: 'Why did it go: measure the wires to earth first, then a fuse of the same kind.',
  },
  {
    ...{ id: 'no-supply', title: 'It has no supply', then: 'elsewhere' },
    shows: { symptom: ['dark'] },
    provedBy: { supply: 'no' },
    remedy: 'Fuse or terminal before it. The part stays.',
  },
  {
    ...{ id: 'itself', title: 'It measures wrong by itself', then: 'new part' },
    shows: { symptom: ['nuisance', 'misses', 'dark'], volts: 'steady' },
    provedBy: { injected: 'yes' },
    needs: ['volts'],
    remedy: 'New part, set by the sheet.',
  },
];

export const monitoringRelayFaults = ({ verdicts }: FaultContext): FaultTree => ({
  symptoms,
  tests: withReads(tests, {
    'other-reference': lineRead(verdicts, ['nominal-volts', 'wires']),
    'back-fed': lineRead(verdicts, ['lost-phase']),
    'not-fitted': lineRead(verdicts, ['functions']),
  }),
  causes,
  noAnswer: 'Wider limits or a bridge over its contact are no answer.',
  beyond: 'it is none of these: record the three voltages over a day beside its fault memory.',
});
