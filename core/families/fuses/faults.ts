/** Faults of a fuse: it blows again and again, or the load is dead behind a sound one. Common practice. */
import { oneOf, yesNo, type Cause, type FaultTest, type FaultTree, type Symptom } from '../../fault-finding/tree';
import { overcurrentFaults } from '../../overcurrent/overcurrent-faults';
import type { FaultContext } from '../contract';

const symptoms: readonly Symptom[] = [
  { id: 'load-dead', title: 'The load is dead', words: ['no power', 'dead', 'phase missing', 'one phase gone'] },
];

const tests: readonly FaultTest[] = [
  oneOf(
    'fuse-ohms',
    'Out of its holder: resistance of the fuse',
    'Isolated, proved dead, fuse out: ohmmeter. Near 0 Ω is good; a look proves nothing on a filled or opaque body.',
    2,
    { open: 'without end', sound: 'near nothing' },
    { sound: 'sound' },
  ),
  yesNo(
    'holder',
    'Is a clip weak, dark or corroded, or the fuse of another size than its holder?',
    'Isolated, fuse out: look, and press each clip.',
    2,
  ),
];

const causes: readonly Cause[] = [
  {
    ...{ id: 'blown', title: 'It has blown', then: 'new part' },
    shows: { symptom: ['load-dead'] },
    provedBy: { 'fuse-ohms': 'open' },
    remedy: 'The same kind and amps, never more; and first why: once may be age, a second time is a fault.',
  },
  {
    ...{ id: 'holder', title: 'Its holder does not make contact', then: 'mend' },
    shows: { symptom: ['load-dead', 'later', 'random'], 'fuse-ohms': 'sound' },
    provedBy: { holder: 'yes' },
    needs: ['fuse-ohms'],
    remedy: 'Renew the holder; a bridge in its place is never an answer.',
  },
];

export const fuseFaults = (context: FaultContext): FaultTree =>
  overcurrentFaults(context, { symptoms, tests, causes, earthFaultToo: ['load-dead'] });
