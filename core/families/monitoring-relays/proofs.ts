/** What is proved of a monitoring relay on the bench, while fitting and at first start? Common practice. */
import { numberMark } from '../../case/case';
import type { Proof, ProofContext } from '../contract';
import { figureProof, torqueProof, yesProof } from '../proof-makers';
import { motorUnbalance } from '../../standards/unbalance';
import { citeSource } from '../../standards/source';
import { rideThrough } from './needs';
import { plannedLossSeconds } from './settings';

/** A delay is timed by hand within this. Common practice. */
const HAND_SECONDS = 0.5;
/** A delay that is set may be this much longer. Common practice. */
const DELAY_TOLERANCE = 0.1;
const SUPPLY_BAND = 0.1; // NEMA MG 1 12.44, from memory

const benchAndFitting = (context: ProofContext): Proof[] => [
  yesProof(
    'plate',
    'bench',
    'Its own plate',
    'Read nominal volts, between lines or to neutral, wires, hertz and ranges on the relay itself.',
    'Bodies of one size serve many volts.',
  ),
  yesProof(
    'sheet',
    'bench',
    'Settings sheet',
    'Every setting entered in the order of the sheet and written into its “as left” column.',
    'Who comes next must know what was set, and why.',
  ),
  torqueProof(context, 'relay'),
  yesProof(
    'order',
    'fitting',
    'Order of phases',
    'Circuit dead and proved dead: L1, L2, L3 by the old wires’ tags, neutral first where there is one.',
    'Two phases exchanged are a reversal.',
  ),
];

/** What it measures, against the supply. */
function supplyProofs(volts: number | null | undefined): Proof[] {
  return [
    figureProof({
      id: 'measured-volts',
      when: 'first-start',
      title: 'Lowest line volts shown',
      unit: 'V',
      low: typeof volts === 'number' ? volts * (1 - SUPPLY_BAND) : null,
      high: typeof volts === 'number' ? volts * (1 + SUPPLY_BAND) : null,
      severity: 'should',
      how: 'Panel meter or the relay’s own display, doors shut.',
      because: typeof volts === 'number' ? 'The supply within 10 % of its nominal.' : 'System volts are not known.',
      source: citeSource('motorVolts'),
    }),
    figureProof({
      id: 'unbalance',
      when: 'first-start',
      title: 'Unbalance',
      unit: '%',
      low: 0,
      high: motorUnbalance.withoutDeratingPercent,
      severity: 'should',
      how: 'Three line volts from the panel meter: largest deviation from their mean, in percent of the mean.',
      because: 'A motor carries its full load up to 1 %; above 5 % it should not run.',
      source: citeSource('unbalance'),
    }),
  ];
}

/** Returns the proofs in the order of the work. */
export function monitoringProofs(context: ProofContext): Proof[] {
  const { need, part } = context;
  const ride = rideThrough(need);
  const [short, long] = [part.tripDelayMinSeconds, plannedLossSeconds(context) ?? part.tripDelayMaxSeconds];
  return [
    ...benchAndFitting(context),
    ...supplyProofs(numberMark(need.supply, 'systemVolts')),
    figureProof({
      id: 'lost-phase-seconds',
      when: 'first-start',
      title: 'Lost phase, time to trip',
      unit: 's',
      low: typeof ride === 'number' && typeof short === 'number' ? Math.max(0, Math.min(ride, short) - HAND_SECONDS) : 0,
      high: typeof long === 'number' ? long * (1 + DELAY_TOLERANCE) + HAND_SECONDS : null,
      how: 'By the relay’s test key, or with the circuit isolated: one measuring fuse drawn dead, doors shut, energised again; time from on to drop-out.',
      because: 'A simulated loss at commissioning shows that relay, contact and circuit work together.',
    }),
    yesProof(
      'reversed',
      'first-start',
      'Reversed sequence',
      'Isolated and proved dead, two measuring wires exchanged; energised: the relay must not pull in. Isolate again and put them back.',
      'Sequence is seen at start or never.',
    ),
    yesProof(
      'stops',
      'first-start',
      'Its contact stops the load',
      'Load running unloaded, fault simulated: the contactor drops out and stays out for the return delay.',
      'A lamp on the relay stops nothing.',
    ),
  ];
}
