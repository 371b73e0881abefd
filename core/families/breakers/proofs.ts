/**
 * What is proved of a breaker on the bench, while fitting and at first start?
 * Pole resistance: milliohms; above 0.1 ohm look closer (common practice). Loop impedance is measured by the site's rules.
 */
import { numberMark } from '../../case/case';
import { formatQuantity as q } from '../../quantities/format-quantity';
import { C_MIN, COLD_READING_SHARE } from '../../standards/disconnection';
import { citeSource } from '../../standards/source';
import type { Proof, ProofContext } from '../contract';
import { carriedLoadAmps } from '../../overcurrent/load-current';
import { figureProof, runningAmpsProof, torqueProof, yesProof } from '../proof-makers';

const POLE_CAUTION_OHMS = 0.1;
const OPEN_POLE_OHMS = 1e6;

function loopProof({ need, part }: ProofContext): Proof[] {
  const volts = numberMark(need.supply, 'voltsToGround');
  const trips = part.instantaneousTripsAc;
  if (need.practice !== 'IEC' || need.supply.currentKind === 'dc' || typeof volts !== 'number' || typeof trips !== 'number') return [];
  const limit = ((volts * C_MIN) / trips) * COLD_READING_SHARE;
  return [
    figureProof({
      id: 'loop-impedance',
      when: 'first-start',
      title: 'Loop impedance, cold conductors',
      unit: 'ohm',
      low: 0,
      high: limit,
      how: 'Loop tester at the far end, by the site’s rules for testing; or from the last test sheet.',
      because: `${q(volts, 'V')} x ${C_MIN} / ${q(trips, 'A')} x ${COLD_READING_SHARE} for a cold reading = ${q(limit, 'ohm', 'down')}.`,
      source: citeSource('measuredLoopImpedance'),
    }),
  ];
}

/** Returns the proofs in the order of the work. */
export function breakerProofs(context: ProofContext): Proof[] {
  const { need, part } = context;
  const poles = typeof part.poles === 'number' ? part.poles : 3;
  const carry = carriedLoadAmps(need);
  return [
    yesProof(
      'plate',
      'bench',
      'Its own plate',
      'Read volts, amps, curve and interrupting rating on the breaker, not on the box.',
      'Bodies of one frame look alike.',
    ),
    figureProof({
      id: 'poles-closed',
      when: 'bench',
      title: `Highest resistance of ${poles} poles, closed`,
      unit: 'ohm',
      leads: true,
      severity: 'should',
      low: 0,
      high: POLE_CAUTION_OHMS,
      how: 'Out of the circuit, closed, ohmmeter across each pole; enter the highest reading and the leads. Small ratings have heaters: a few milliohms more.',
      because: 'Above 0.1 Ω net of leads look closer.',
    }),
    figureProof({
      id: 'poles-open',
      when: 'bench',
      title: `Lowest resistance of ${poles} poles, open`,
      unit: 'ohm',
      low: OPEN_POLE_OHMS,
      high: null,
      how: 'Opened, ohmmeter across each pole.',
      because: 'An open pole has no continuity.',
    }),
    yesProof(
      'trips',
      'bench',
      'Trips and resets',
      'Close, press the trip button if it has one, reset and close again.',
      'A latch that does not hold or let go is no protection.',
    ),
    torqueProof(context, 'breaker'),
    yesProof(
      'settings',
      'fitting',
      'Settings',
      'Dials set as found or as worked out, and written on the record.',
      'An adjustable release as delivered is set low or high, seldom right.',
    ),
    yesProof(
      'no-trip',
      'first-start',
      'Holds at start',
      'Load started three times as usual; the breaker holds.',
      'A trip at start asks for the inrush, not for a larger breaker.',
    ),
    ...(typeof carry === 'number' ? [runningAmpsProof(carry, `The load takes ${q(carry, 'A')}.`)] : []),
    ...loopProof(context),
  ];
}
