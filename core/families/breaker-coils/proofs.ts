/**
 * What is proved of a coil of a breaker: letters of bay and part, resistance, the volts at which it works or lets go, and the whole
 * breaker by its command. The spring is discharged before a hand goes in. Sources: IEC 60947-2 limits, common practice; from memory.
 */
import { coilBandsIn } from '../../matching/canonical';
import { numberMark } from '../../case/case';
import { formatQuantity as q } from '../../quantities/format-quantity';
import { operatingShare, undervoltageShare } from '../../standards/breaker-releases';
import { citeSource } from '../../standards/source';
import { coilOhms } from '../../coils/proofs';
import { coilSupplyOf } from '../../coils/needs';
import type { Proof, ProofContext } from '../contract';
import { contactOhms, figureProof, torqueProof, yesProof } from '../proof-makers';
import { actionOf } from './needs';

const limits = citeSource('breakerReleases');

/** Lowest and highest marked volts for this supply; undefined where no mark speaks for it. */
function ratedBand({ need, part }: ProofContext): readonly [number, number] | undefined {
  const bands = coilBandsIn(part, 'coilRated')?.[coilSupplyOf(need)];
  return bands?.[0];
}

function operateProof(context: ProofContext, title: string, share: readonly [number, number]): Proof[] {
  const band = ratedBand(context);
  if (!band) return [];
  return [
    figureProof({
      id: 'works-from',
      when: 'bench',
      title,
      unit: 'V',
      low: 0,
      high: band[0] * share[0],
      how: 'Out of the breaker, on a bench supply of its kind of current raised from nothing by short pulses: lowest volts at which it moves fully.',
      because: `It must work from ${Math.round(share[0] * 100)} % of ${q(band[0], 'V')}.`,
      source: limits,
    }),
  ];
}

function releaseProofs(context: ProofContext): Proof[] {
  const band = ratedBand(context);
  if (!band) return [];
  const [low, high] = undervoltageShare.letsGo;
  return [
    figureProof({
      id: 'closes-from',
      when: 'bench',
      title: 'Holds in from',
      unit: 'V',
      low: 0,
      high: band[0] * undervoltageShare.closesFrom,
      how: 'Bench supply raised slowly, the plunger pushed in by hand: lowest volts at which it stays.',
      because: `From 85 % of ${q(band[0], 'V')} the breaker must close.`,
      source: limits,
    }),
    figureProof({
      id: 'lets-go',
      when: 'bench',
      title: 'Lets go at',
      unit: 'V',
      low: band[0] * low,
      high: band[0] * high,
      how: 'Bench supply lowered slowly from its mark: volts at which the plunger springs out.',
      because: `Between ${q(band[0] * low, 'V')} and ${q(band[0] * high, 'V')}: 35 to 70 % of its mark.`,
      source: limits,
    }),
  ];
}

/** A shunt trip. */
function tripProofs(context: ProofContext): Proof[] {
  const { load } = context.need;
  return [
    ...operateProof(context, 'Trips from', operatingShare.tripping),
    yesProof(
      'opens',
      'first-start',
      'Signal opens it',
      'Withdrawn or isolated, spring charged, closed by hand: give the signal; it opens.',
      'The whole chain counts, not the coil.',
    ),
    yesProof(
      'command-ends',
      'first-start',
      'Its current ends',
      load.commandMaintained === true
        ? 'With the signal still on, meter fitted while dead: the current is off, or the coil is marked continuous.'
        : 'After the signal the coil has no volts.',
      'A short-time coil under a command that stays on burns.',
    ),
  ];
}

/** An undervoltage release. */
function undervoltageProofs(context: ProofContext): Proof[] {
  const { load } = context.need;
  return [
    ...releaseProofs(context),
    yesProof(
      'closes-powered',
      'first-start',
      'Closes with its supply on',
      'Withdrawn or isolated, spring charged: with its supply it closes.',
      'Unpowered it holds the breaker open.',
    ),
    yesProof(
      'opens-unpowered',
      'first-start',
      'Opens when its supply goes',
      'Take its supply off: the breaker opens and does not close again.',
      'That is what it is for.',
    ),
    ...(typeof numberMark(load, 'dipSeconds') === 'number'
      ? [
          yesProof(
            'rides',
            'first-start',
            'Rides the dip',
            'Take its supply off for less than its delay: the breaker stays closed.',
            'The dip must not open it.',
          ),
        ]
      : []),
  ];
}

const closingProofs = (context: ProofContext): Proof[] => [
  ...operateProof(context, 'Closes from', operatingShare.closing),
  yesProof(
    'closes',
    'first-start',
    'Signal closes it',
    'Withdrawn or isolated, spring charged: give the signal once; it closes once.',
    'A signal that stays on must not pump.',
  ),
];

const motorProofs = (context: ProofContext): Proof[] => [
  ...operateProof(context, 'Runs from', operatingShare.closing),
  yesProof(
    'charges',
    'first-start',
    'Charges and stops',
    'After a close it charges by itself and its switch stops it.',
    'A switch that does not stop it burns the motor.',
  ),
];

const contactProofs = (): Proof[] => [
  figureProof({
    id: 'contact-closed',
    when: 'bench',
    title: 'Worst contact, closed',
    unit: 'ohm',
    leads: true,
    severity: 'should',
    low: 0,
    high: contactOhms.caution,
    rejectAbove: contactOhms.reject,
    how: 'Worked by hand, ohmmeter across each; enter the worst and the leads.',
    because: 'Above 0.1 Ω net of leads look closer, above 1 Ω reject.',
  }),
  yesProof(
    'follows',
    'first-start',
    'Follows the breaker',
    'Withdrawn or isolated: open, close, trip; each contact changes when it should.',
    'A signal that lies is worse than none.',
  ),
];

function byAction(context: ProofContext): Proof[] {
  switch (actionOf(context.need)) {
    case 'opens-on-signal':
      return tripProofs(context);
    case 'opens-when-supply-fails':
      return undervoltageProofs(context);
    case 'closes-on-signal':
      return closingProofs(context);
    case 'charges-the-spring':
      return motorProofs(context);
    default:
      return contactProofs();
  }
}

/** Returns the proofs in the order of the work. */
export function breakerCoilProofs(context: ProofContext): Proof[] {
  const contact = actionOf(context.need)?.startsWith('signals');
  return [
    yesProof(
      'discharged',
      'bench',
      'Spring discharged, breaker open',
      'Withdrawn or isolated; closed and opened by hand until both flags show discharged and open.',
      'A charged spring works with the supply off and takes a finger.',
    ),
    yesProof(
      'letters',
      'bench',
      'Four letters agree',
      'Read the code on the bay, on the part, on the cover and on its cap against your own table for this maker.',
      'Coils of one size do opposite things; the bay decides which.',
    ),
    ...(contact ? [] : [coilOhms(context, 'its two terminals')]),
    ...byAction(context).filter(({ when }) => when === 'bench'),
    yesProof(
      'seats',
      'fitting',
      'Seats and is free',
      'In its bay to the stop, its dimples, flats and cap as the bay asks, clip home, plunger free by hand.',
      'A plunger that rubs trips late or never.',
    ),
    torqueProof(context, 'coil'),
    ...byAction(context).filter(({ when }) => when === 'first-start'),
  ];
}
