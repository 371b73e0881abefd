/** Faults of a breaker: it operates again and again, or will not stay closed. Common practice. */
import { oneOf, yesNo, type Cause, type FaultTest, type FaultTree, type Symptom } from '../../fault-finding/tree';
import { overcurrentFaults } from '../../overcurrent/overcurrent-faults';
import type { FaultContext } from '../contract';

const symptoms: readonly Symptom[] = [
  {
    id: 'will-not-close',
    title: 'It will not stay closed',
    words: ['will not close', 'will not reset', 'handle falls back', 'does not latch'],
  },
];

const tests: readonly FaultTest[] = [
  oneOf(
    'tripped',
    'Has it tripped, and on what?',
    'Handle, flag or trip log. Look before anybody closes it again.',
    1,
    { time: 'tripped after a time', 'at once': 'tripped at once', no: 'it was switched off', unknown: 'cannot be seen' },
    { first: true },
  ),
  yesNo(
    'half-way',
    'Was it closed again without going fully to OFF first?',
    'Ask. A tripped handle stands between and takes hold only from OFF.',
    1,
  ),
  {
    ...yesNo(
      'latches-bare',
      'All conductors off on the load side: does it stay closed?',
      'Isolated before it, proved dead, load conductors off every pole and made safe; still dead, work the handle.',
      4,
      { sound: 'yes' },
    ),
    after: 'tripped',
    moves: true,
  },
];

const causes: readonly Cause[] = [
  {
    ...{ id: 'not-reset', title: 'It was not reset', then: 'adjust' },
    shows: { symptom: ['will-not-close'], tripped: ['time', 'at once', 'unknown'] },
    provedBy: { 'half-way': 'yes' },
    remedy: 'Why did it trip: find that first. Then fully to OFF, wait until it has cooled, and ON once.',
  },
  {
    ...{ id: 'mechanism', title: 'Its mechanism does not latch', then: 'new part' },
    shows: { symptom: ['will-not-close'], 'half-way': 'no' },
    provedBy: { 'latches-bare': 'no' },
    needs: ['half-way'],
    remedy: 'New part. One that cleared a large fault is replaced in any case.',
  },
];

export const breakerFaults = (context: FaultContext): FaultTree =>
  overcurrentFaults(context, { symptoms, tests, causes, earthFaultToo: ['will-not-close'] });
