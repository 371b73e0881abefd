/** Faults of an overload relay: it trips, does not trip, or does not come back. Common practice. */
import { lineRead, oneOf, yesNo, type Cause, type FaultTest, type FaultTree, type Symptom } from '../../fault-finding/tree';
import { overcurrentFaults } from '../../overcurrent/overcurrent-faults';
import type { FaultContext } from '../contract';

const symptoms: readonly Symptom[] = [
  {
    id: 'no-trip',
    title: 'It did not trip and the motor suffered',
    words: ['does not trip', 'motor burnt', 'did not protect', 'winding burnt'],
  },
  { id: 'no-reset', title: 'It will not reset', words: ['will not reset', 'stays tripped', 'reset does nothing'] },
];

const tests = ({ verdicts }: FaultContext): FaultTest[] => [
  yesNo(
    'dial',
    'Does its dial stand otherwise than the plate of the motor asks?',
    'Read the dial against the amps on the plate; in the delta of a starter against 0.58 of them.',
    1,
    lineRead(verdicts, ['setting']),
  ),
  yesNo(
    'not-in-circuit',
    'Is its trip contact bridged, or not in the coil circuit?',
    'Isolated: press Test, ohmmeter across 95-96; follow both wires with the drawing.',
    3,
  ),
  yesNo('contactor-welded', 'Did the contactor stay in when it had tripped?', 'Isolated: ohmmeter across each pole with the coil off.', 3),
  yesNo(
    'blocked-vent',
    'Was the motor hot without too many amps?',
    'Fan, dirt, ambient, slow running on a drive: amps do not see heat.',
    1,
  ),
  oneOf(
    'cooled',
    'Has it had some minutes to cool, and is reset by hand set?',
    'Wait; look at the reset switch.',
    1,
    { cooled: 'cooled, and it still stays', hot: 'still warm, or set otherwise' },
    { sound: 'hot' },
  ),
];

const causes: readonly Cause[] = [
  {
    ...{ id: 'dial', title: 'Its dial is set otherwise than the plate asks', then: 'adjust' },
    shows: { symptom: ['no-trip', 'later', 'seconds', 'random'] },
    provedBy: { dial: 'yes' },
    remedy: 'Set it to the plate, old and new on the record; a relay whose dial does not reach is another part.',
  },
  {
    ...{ id: 'not-in-circuit', title: 'Its contact does not open the coil circuit', then: 'mend' },
    shows: { symptom: ['no-trip'] },
    provedBy: { 'not-in-circuit': 'yes' },
    remedy: 'Put it back into the circuit, press Test, and see the contactor drop.',
  },
  {
    ...{ id: 'contactor-welded', title: 'The contactor is welded', then: 'elsewhere' },
    shows: { symptom: ['no-trip'] },
    provedBy: { 'contactor-welded': 'yes' },
    remedy: 'A job at the contactor; nothing that opens a coil opens a weld.',
  },
  {
    ...{ id: 'heat', title: 'The motor was hot without too many amps', then: 'elsewhere' },
    shows: { symptom: ['no-trip'], dial: 'no' },
    provedBy: { 'blocked-vent': 'yes' },
    needs: ['dial'],
    remedy: 'Thermistors or sensors in the winding; current alone does not see it.',
  },
  {
    ...{ id: 'still-warm', title: 'It is still warm, or set to reset otherwise', then: 'adjust' },
    shows: { symptom: ['no-reset'] },
    provedBy: { cooled: 'hot' },
    remedy: 'Let it cool; find out why it tripped. By itself it may come back only where a start can hurt nobody.',
  },
  {
    ...{ id: 'latch', title: 'Its mechanism does not come back', then: 'new part' },
    shows: { symptom: ['no-reset'] },
    provedBy: { cooled: 'cooled' },
    remedy: 'New part, same class, dial set to the plate.',
  },
];

export const overloadRelayFaults = (context: FaultContext): FaultTree =>
  overcurrentFaults(context, { symptoms, tests: tests(context), causes, earthFaultToo: [] });
