/** Faults of a control relay: it does not pull in, its contact does not carry or does not let go, its lamp is dark. Common practice. */
import { coilCauses, coilTests } from '../../coils/coil-faults';
import { limited, lineRead, oneOf, yesNo, type Cause, type FaultTest, type FaultTree, type Symptom } from '../../fault-finding/tree';
import type { FaultContext } from '../contract';

const symptoms: readonly Symptom[] = [
  { id: 'no-pull-in', title: 'It does not pull in', words: ['does nothing', 'no click', 'dead'] },
  { id: 'chatters', title: 'It chatters or hums', words: ['chatter', 'hums', 'buzzes', 'rattles'] },
  {
    id: 'no-contact',
    title: 'It pulls in and the load does not come',
    words: ['contact open', 'no output', 'intermittent', 'bad contact', 'clicks but nothing'],
  },
  { id: 'stays-in', title: 'The load stays on with the coil off', words: ['welded', 'stuck', 'will not drop out', 'does not release'] },
  { id: 'lets-go', title: 'It drops out by itself', words: ['drops out', 'falls out', 'lets go'] },
  { id: 'lamp-dark', title: 'Its lamp stays dark', words: ['LED dark', 'lamp dark', 'no light', 'indicator'] },
  { id: 'counts-double', title: 'What it signals counts or acts twice', words: ['bounce', 'double count', 'twice'] },
];
/** Of a contact in order, with its socket: the tests of this family pass up to here. */
const CONTACT_OHMS = 0.1;

const tests = (context: FaultContext): FaultTest[] => [
  oneOf(
    'when',
    'When does it do that?',
    'Ask who works the machine.',
    1,
    { 'first-start': 'since work was done here', always: 'always', random: 'now and then' },
    { first: true },
  ),
  yesNo(
    'seated',
    'Is it loose in its socket, or a pin bent or dark?',
    'Isolated: pull it, look at pins and clips, put it back until it locks.',
    2,
  ),
  ...coilTests(context),
  yesNo(
    'reversed',
    'Does a polarity mark (+, A1, diode, lamp) stand the other way round?',
    'Read the marks of coil and socket against the drawing, isolated.',
    1,
    lineRead(context.verdicts, ['coil-polarity']),
  ),
  limited(
    'contact-ohms',
    'Resistance of the closed contact, leads taken off',
    'Out of its socket, coil fed on the bench: ohmmeter across the contact, several times.',
    {
      ...{ unit: 'ohm', at: CONTACT_OHMS, wrong: 'above', says: 'at most 100 mΩ, several times', span: [0, 1e9] },
    },
  ),
  yesNo('least-load', 'Does it switch a signal of a few mA or a few volts?', 'Drawing, or the data of what it feeds.', 1),
  yesNo(
    'welded',
    'Coil off: does the normally open contact still conduct?',
    'Out of its socket: ohmmeter across the contact. A tap may free it, and proves the weld.',
    3,
  ),
  yesNo(
    'too-small',
    'Is its contact too small for what it switches?',
    'The requirements of this job say which kind of load and which amps.',
    1,
    lineRead(context.verdicts, ['contacts', 'contacts-together']),
  ),
  yesNo('works-dark', 'Does it switch all the same, with the lamp dark?', 'Listen, or the lamp of what it feeds.', 1),
  yesNo(
    'input-fast',
    'Does what it feeds count faster than a contact settles?',
    'Data of the counter or input: its filter time, against some milliseconds of bounce.',
    1,
  ),
];

const causes: readonly Cause[] = [
  ...coilCauses({
    out: ['no-pull-in', 'lamp-dark', 'lets-go'],
    weak: ['chatters', 'lets-go'],
    held: ['stays-in', 'lamp-dark'],
    burnt: ['no-pull-in', 'lamp-dark'],
  }),
  {
    ...{ id: 'socket', title: 'Socket or pin does not make contact', then: 'mend' },
    shows: { symptom: ['no-pull-in', 'no-contact', 'lets-go', 'lamp-dark'] },
    provedBy: { seated: 'yes' },
    remedy: 'Set it right, renew a burnt socket; the relay may be in order.',
  },
  {
    ...{ id: 'polarity', title: 'Coil polarity is reversed', then: 'adjust' },
    shows: { symptom: ['no-pull-in', 'lamp-dark'], when: ['first-start', 'always'] },
    provedBy: { reversed: 'yes' },
    remedy: 'Plus on the marked terminal. A free-wheel diode the wrong way round is a short circuit: look at fuse and output too.',
  },
  {
    ...{ id: 'contact-film', title: 'Film on the contact: the signal is too small for it', then: 'another part' },
    shows: { symptom: ['no-contact'], 'least-load': 'yes', when: ['random', 'always'] },
    provedBy: { 'contact-ohms': 'yes' },
    needs: ['least-load'],
    remedy: 'A part with a contact for signals (gold, or a stated least load); silver tarnishes.',
  },
  {
    ...{ id: 'contact-burnt', title: 'Contact is burnt', then: 'new part' },
    shows: { symptom: ['no-contact'], 'least-load': 'no' },
    provedBy: { 'contact-ohms': 'yes' },
    needs: ['least-load'],
    remedy: 'New part; then whether its contact was large enough, and suppressed.',
  },
  {
    ...{ id: 'welded-small', title: 'Contact welded: too small for what it switches', then: 'another part' },
    shows: { symptom: ['stays-in'], welded: 'yes' },
    provedBy: { 'too-small': 'yes' },
    needs: ['welded'],
    remedy: 'The kind of load and amps that the requirements name; lamps and electronic supplies draw many times their amps at first.',
  },
  {
    ...{ id: 'welded', title: 'Contact welded', then: 'new part' },
    shows: { symptom: ['stays-in'], 'too-small': 'no' },
    provedBy: { welded: 'yes' },
    needs: ['too-small'],
    remedy: 'New part; look for a short behind it, and for inrush that no plate names.',
  },
  {
    ...{ id: 'lamp', title: 'Only its lamp is gone', then: 'adjust' },
    shows: { symptom: ['lamp-dark'], reversed: 'no', 'coil-volts': ['enough', 'high'] },
    provedBy: { 'works-dark': 'yes' },
    needs: ['reversed'],
    remedy: 'It works without; a new part at the next shutdown. A dark lamp is no proof that it is dead.',
  },
  {
    ...{ id: 'bounce', title: 'Bounce of the contact is counted', then: 'adjust' },
    shows: { symptom: ['counts-double'] },
    provedBy: { 'input-fast': 'yes' },
    remedy: 'Filter time of the input, or a solid-state output; a new relay bounces as well.',
  },
];

export const controlRelayFaults = (context: FaultContext): FaultTree => ({
  symptoms,
  tests: tests(context),
  causes,
  noAnswer: 'Pulling it and putting another in is a test of the socket, too: look first.',
  beyond: 'it is none of these: record the volts at the coil and at the contact over an hour.',
});
