/** Faults of a contactor: it does not pull in, hums, chatters, stays in, lets go, or its contacts are spent. Common practice. */
import { coilCauses, coilTests } from '../../coils/coil-faults';
import {
  limited,
  lineRead,
  oneOf,
  withReads,
  yesNo,
  type Cause,
  type FaultTest,
  type FaultTree,
  type Symptom,
} from '../../fault-finding/tree';
import type { FaultContext } from '../contract';

const symptoms: readonly Symptom[] = [
  { id: 'no-pull-in', title: 'It does not pull in', words: ['does nothing', 'no click', 'dead', 'does not close', 'will not start'] },
  { id: 'hums', title: 'It hums and does not pull in fully', words: ['hums', 'buzzes', 'does not seal', 'noisy', 'growls'] },
  { id: 'chatters', title: 'It chatters', words: ['chatter', 'rattles', 'clatters', 'machine-gun'] },
  {
    id: 'stays-in',
    title: 'It stays in with the control off',
    words: ['welded', 'stuck', 'will not drop out', 'keeps running', 'does not stop'],
  },
  { id: 'slow', title: 'It drops out late', words: ['slow drop-out', 'drops out slowly', 'hangs'] },
  { id: 'lets-go', title: 'It drops out by itself', words: ['drops out', 'falls out', 'lets go', 'stops by itself'] },
  { id: 'burnt', title: 'Its coil is burnt, or smells', words: ['burnt coil', 'smoke', 'coil hot'] },
  {
    id: 'single-phase',
    title: 'The motor runs or hums on two phases',
    words: ['single phasing', 'single-phasing', 'phase missing', 'two phases'],
  },
  { id: 'worn', title: 'Its contacts are spent too soon', words: ['worn contacts', 'pitted', 'burnt contacts', 'wears out'] },
];
const MAGNET = ['hums', 'chatters'];
const UNBALANCE_PERCENT = 5; // NEMA MG 1, as the hunt of an overload relay

const before: readonly FaultTest[] = [
  oneOf(
    'when',
    'When does it do that?',
    'Ask who works the machine.',
    1,
    { 'first-start': 'since work was done here', always: 'at every start', others: 'when something large starts', random: 'now and then' },
    { first: true },
  ),
  yesNo('short-behind', 'Has a fuse or breaker behind it operated at the same time?', 'Look at the branch device, and ask.', 1, {
    first: true,
  }),
  yesNo('often', 'Does it jog, plug or start many times an hour?', 'Ask, or count for ten minutes.', 1),
];

const after: readonly FaultTest[] = [
  oneOf(
    'carrier',
    'Moved by hand: does the carrier go in freely and spring back?',
    'Isolated, locked off, proved dead on both sides: push it in with an insulated rod and let go.',
    2,
    { free: 'freely', binds: 'binds or is blocked', stays: 'stays in' },
    { sound: 'free' },
  ),
  yesNo(
    'poles-closed',
    'Coil off: does a main pole still conduct?',
    'Isolated, proved dead, load wires off one side: ohmmeter across each pole. Until then the load counts as fed.',
    3,
  ),
  oneOf(
    'pole-faces',
    'What do the faces of the magnet look like?',
    'Isolated, cover or arc chamber off.',
    4,
    { clean: 'clean and flat', dirty: 'dirt, rust or a burr', ring: 'shading ring cracked or gone', sticky: 'grease, or no air gap left' },
    { sound: 'clean' },
  ),
  yesNo(
    'steady',
    'While it chatters: do the volts at the coil come and go with it?',
    'Meter with lowest and highest value, fitted while dead; command from its usual place.',
    3,
  ),
  oneOf(
    'contacts',
    'What do the main contacts look like?',
    'Isolated, proved dead, arc chamber off. Grey and rough is in order; nothing is filed.',
    4,
    {
      even: 'grey and even',
      spent: 'thin, one pole or all',
      beads: 'beads or a melted spot',
      one: 'one pole burnt, its terminal discoloured',
    },
    { sound: 'even' },
  ),
  limited('unbalance', 'Running amps of the three phases: largest deviation from their mean', 'Meters or clamps fitted while dead.', {
    ...{ unit: '%', at: UNBALANCE_PERCENT, wrong: 'above', says: `at most ${UNBALANCE_PERCENT} %`, span: [0, 100] },
  }),
  yesNo('phase-before', 'Is a phase missing on the line side already?', 'Monitoring relay, panel meter, or a meter fitted while dead.', 3),
  yesNo('undersize', 'Is it too small for this load or duty?', 'The requirements of this job say which amps and which duty.', 1),
  yesNo('diode', 'Is a diode or another slow suppressor across its coil?', 'Look at the coil terminals and at the plug-in block.', 1),
];

/** The duty of the position says whether it jogs. */
const jogs = ({ need: { duty } }: FaultContext): { read?: string } =>
  typeof duty.joggingPerMinute === 'number' ? { read: duty.joggingPerMinute > 0 ? 'yes' : 'no' } : {};

/** A weld, by what made it: that it is one is seen on its poles, and why is told by what went before. */
const weld = (id: string, title: string, by: Record<string, string>, remedy: string): Cause => ({
  ...{ id, title, remedy, then: 'new part' },
  shows: { symptom: ['stays-in'], 'poles-closed': 'yes' },
  provedBy: by,
  needs: ['poles-closed'],
});
const spent = (id: string, title: string, by: Record<string, string>, remedy: string): Cause => ({
  ...{ id, title, remedy, then: 'another part' },
  shows: { symptom: ['worn'] },
  provedBy: by,
  needs: ['contacts'],
});

const causes: readonly Cause[] = [
  ...coilCauses({
    out: ['no-pull-in', 'lets-go'],
    weak: ['hums', 'chatters', 'lets-go'],
    held: ['stays-in', 'slow', 'lets-go'],
    burnt: ['burnt'],
  }),
  {
    id: 'blocked',
    title: 'Carrier binds',
    shows: {
      symptom: ['no-pull-in', 'hums', 'burnt', 'slow', 'stays-in'],
      'coil-volts': ['enough', 'high'],
      when: ['always', 'random', 'first-start'],
    },
    provedBy: { carrier: 'binds' },
    remedy: 'Dirt, a broken guide, the mechanical interlock, or mounted on its side. Clean or free it; a bent one is replaced.',
    then: 'mend',
  },
  {
    id: 'faces',
    title: 'Faces of the magnet do not meet',
    shows: { symptom: MAGNET, when: ['always', 'random'] },
    provedBy: { 'pole-faces': 'dirty' },
    remedy: 'Clean and wipe dry; rust that has eaten the faces wants a new part. Nothing is filed: the air gap is made to measure.',
    then: 'mend',
  },
  {
    id: 'shading-ring',
    title: 'Shading ring is broken',
    shows: { symptom: MAGNET, 'coil-other': 'no', when: ['always', 'random'] },
    provedBy: { 'pole-faces': 'ring' },
    remedy: 'New magnet or new part; no cleaning helps.',
    then: 'new part',
  },
  {
    id: 'command-flutters',
    title: 'A contact before the coil flutters',
    shows: { symptom: ['chatters', 'lets-go'], when: ['random', 'always', 'first-start'] },
    provedBy: { steady: 'yes' },
    remedy:
      'Limit or pressure switch at its edge, a loose terminal, a worn seal-in contact. Mend that; what chattered may be welded or worn.',
    then: 'elsewhere',
  },
  {
    id: 'sticky',
    title: 'The magnet sticks',
    shows: { symptom: ['stays-in', 'slow'], 'poles-closed': 'yes', 'coil-volts-left': 'no' },
    provedBy: { 'pole-faces': 'sticky' },
    remedy: 'Wipe grease off; a worn air gap holds by the iron alone and wants a new part.',
    then: 'new part',
  },
  {
    id: 'suppressor',
    title: 'The suppressor makes it slow',
    shows: { symptom: ['slow'], 'poles-closed': 'no', when: ['first-start', 'always'] },
    provedBy: { diode: 'yes' },
    remedy: 'A diode lengthens the drop-out three to ten times: a varistor or the maker’s own block, if the time matters.',
    then: 'adjust',
  },
  weld(
    'welded-short',
    'Welded by a short circuit behind it',
    { 'short-behind': 'yes' },
    'Find and clear the short first. After such a fault the contactor is replaced even where it opens again.',
  ),
  weld(
    'welded-often',
    'Welded by jogging or too many starts',
    { often: 'yes' },
    'A part rated for that duty: the requirements hold its jogging figure. A tap that frees it proves the weld and is no repair.',
  ),
  weld(
    'welded-small',
    'Welded because it is too small',
    { undersize: 'yes' },
    'The size that the requirements name; the same one again welds again.',
  ),
  weld(
    'welded-weak',
    'Welded because its coil was weak',
    { 'coil-volts': 'low' },
    'With too few volts it closes slowly and bounces on the starting current: mend the control supply, then a new part.',
  ),
  spent(
    'spent-often',
    'Worn by jogging or too many starts',
    { often: 'yes' },
    'A part rated for that duty: the requirements hold its jogging figure.',
  ),
  spent('spent-small', 'Worn because it is too small', { undersize: 'yes' }, 'The size that the requirements name.'),
  {
    id: 'contacts-spent',
    title: 'Main contacts are at their end',
    shows: { symptom: ['worn', 'single-phase'], undersize: 'no', often: 'no' },
    provedBy: { contacts: ['spent', 'beads'] },
    remedy: 'New contacts as a whole set, or a new part; then the duty: how often, at what amps.',
    then: 'new part',
  },
  {
    id: 'terminal',
    title: 'A terminal was loose',
    shows: { symptom: ['single-phase', 'worn', 'lets-go'] },
    provedBy: { contacts: 'one' },
    remedy: 'Renew the burnt end and the part, tighten to the torque on its plate, look again after an hour.',
    then: 'new part',
  },
  {
    id: 'phase-lost',
    title: 'A phase is lost before it',
    shows: { symptom: ['single-phase'] },
    provedBy: { 'phase-before': 'yes' },
    remedy: 'Fuse, breaker or terminal before it. The part stays.',
    then: 'elsewhere',
  },
  {
    id: 'phase-unequal',
    title: 'The phases are unequal under load',
    shows: { symptom: ['single-phase'], 'phase-before': 'no', contacts: ['even'] },
    provedBy: { unbalance: 'yes' },
    remedy: 'Volts first, then the winding: exchange all three wires in order; if the high amps follow the wires it is the motor.',
    then: 'elsewhere',
  },
];

export const contactorFaults = (context: FaultContext): FaultTree => ({
  symptoms,
  tests: withReads([...before, ...coilTests(context), ...after], {
    often: jogs(context),
    undersize: lineRead(context.verdicts, ['running', 'locked-rotor', 'jogging']),
  }),
  causes,
  noAnswer: 'A new one in its place is no answer before it is known why.',
  beyond: 'it is none of these: record volts at the coil and the amps of each phase over a start.',
});
