/**
 * What is proved on the bench, while fitting and at first start, and within which limits?
 * Limits come from the need and the part: coil resistance, pick-up volts, running amps per phase, unbalance.
 * Contact resistance: above 0.1 ohm is a caution, above 1 ohm a rejection (common practice).
 * Nothing here asks for live work: first-start readings are taken with instruments fitted while dead, doors shut.
 */
import { coilBandsIn } from '../../matching/canonical';
import { certain } from '../../certain';
import { numberMark } from '../../case/case';
import { formatQuantity as q } from '../../quantities/format-quantity';
import { citeSource } from '../../standards/source';
import type { NeedContext, Proof, ProofContext } from '../contract';
import { contactOhms, figureProof, yesProof, torqueProof } from '../proof-makers';
import { coilSupplyOf } from '../../coils/needs';
import { coilOhms } from '../../coils/proofs';
import { isMotor } from '../../loads/motor-kinds';
import { currentDemand } from './load-needs';

const UNBALANCE_NO_DERATING = 1; // percent, NEMA MG 1
const RESISTIVE_TOLERANCE = 0.1;
/** Beyond these a coil is shorted or open, whatever it is made for, ohm. Common practice. */
const RELEASE_COIL_OHMS = { low: 0.1, high: 1e6 } as const;

const practice = citeSource('commonPractice');

/** One coil, or the two of a latched contactor: one closes it, the other lets it go, and either may be the dead one. */
function coilProofs(context: ProofContext): Proof[] {
  const { holding } = context.part;
  if (holding !== 'mechanical' && holding !== 'magnetic-latch') return [coilOhms(context)];
  return [
    { ...coilOhms(context), title: 'Resistance of the closing coil' },
    figureProof({
      id: 'release-coil-ohms',
      when: 'bench',
      title: 'Resistance of the release coil',
      unit: 'ohm',
      leads: true,
      severity: 'should',
      low: RELEASE_COIL_OHMS.low,
      high: RELEASE_COIL_OHMS.high,
      rejectBelow: RELEASE_COIL_OHMS.low,
      rejectAbove: RELEASE_COIL_OHMS.high,
      how: 'Coil disconnected, ohmmeter across its own two terminals; a single coil with a polarity of its own for each way is read once more.',
      because: 'The plate gives the closing coil. This one is neither open nor shorted, or it never opens again.',
      source: practice,
    }),
    yesProof(
      'latches',
      'bench',
      'Latches and lets go',
      'Pushed in by hand it stays; its release lever lets it go at once.',
      'A latch that does not hold opens with the first knock; one that does not let go holds the load for good.',
    ),
  ];
}

function bench(context: ProofContext): Proof[] {
  const poles = typeof context.part.poles === 'number' ? context.part.poles : 3;
  return [
    yesProof(
      'coil-mark',
      'bench',
      'Coil mark',
      'Read the mark on the coil itself, not on the box.',
      'Contactor bodies of one family look alike with any coil.',
    ),
    ...coilProofs(context),
    figureProof({
      id: 'contact-closed',
      when: 'bench',
      title: `Highest resistance of ${poles} poles, closed`,
      unit: 'ohm',
      leads: true,
      severity: 'should',
      low: 0,
      high: contactOhms.caution,
      rejectAbove: contactOhms.reject,
      how: 'Push the carrier in by hand, ohmmeter across each pole; enter the highest reading and the leads.',
      because: 'Above 0.1 Ω net of leads look closer, above 1 Ω reject. A millivolt drop under load says more than an ohmmeter.',
      source: practice,
    }),
    figureProof({
      id: 'contact-open',
      when: 'bench',
      title: `Lowest resistance of ${poles} poles, open`,
      unit: 'ohm',
      low: contactOhms.open,
      high: null,
      how: 'Carrier released, ohmmeter across each pole.',
      because: 'An open pole has no continuity.',
      source: practice,
    }),
    yesProof(
      'moves',
      'bench',
      'Moves freely',
      'Push the carrier in and let go; it must return by itself without sticking.',
      'A carrier that sticks does not drop out.',
    ),
  ];
}

function fitting(context: ProofContext): Proof[] {
  const { need } = context;
  const reversing = need.load.starter === 'reversing' || need.load.starterRole === 'forward' || need.load.starterRole === 'reverse';
  return [
    {
      ...torqueProof(context, 'contactor'),
      because: 'Where a torque is stated it is required.',
      source: 'NFPA 70 (2023), 110.14(D), from memory; IEC 60947-1 leaves it to the maker',
    },
    yesProof(
      'map',
      'fitting',
      'Wired by the map',
      'Every wire stands where the terminal map says.',
      'Two wires exchanged turn a start into a fault.',
    ),
    ...(reversing
      ? [
          yesProof(
            'interlock',
            'fitting',
            'Interlock',
            'With one contactor held in by hand, the other must not close, mechanically and through its auxiliary.',
            'Both closed together are a short circuit between phases.',
          ),
        ]
      : []),
  ];
}

/** What it draws while it runs, against its plate. */
function runningProofs(need: NeedContext): Proof[] {
  const { supply, load } = need;
  const demand = currentDemand(need);
  const plate = isMotor(load.kind)
    ? (numberMark(load, load.kind === 'hermetic-compressor' ? 'ratedLoadAmps' : 'fullLoadAmps') ?? null)
    : demand.amount;
  const sf = numberMark(load, 'serviceFactor') ?? 1;
  if (isMotor(load.kind)) {
    const proofs = [
      figureProof({
        id: 'running-amps',
        when: 'first-start',
        title: 'Running amps, highest conductor',
        unit: 'A',
        low: plate === null ? null : 0,
        high: plate === null ? null : plate * certain(sf),
        how: 'Clamp meter fitted while dead, read after the start with the doors shut.',
        because:
          plate === null
            ? 'The plate amps are not known.'
            : `The plate allows ${q(plate, 'A')}${sf !== 1 ? ` x service factor ${sf}` : ''}.`,
        source: citeSource('motorAmpsRule'),
      }),
    ];
    if (load.kind !== 'motor-1ph' && supply.phases === 3)
      proofs.push(
        figureProof({
          id: 'unbalance',
          when: 'first-start',
          title: 'Volts unbalance',
          unit: '%',
          low: 0,
          high: UNBALANCE_NO_DERATING,
          severity: 'should',
          how: 'Largest deviation of a phase-to-phase voltage from the mean, in percent of the mean.',
          because: 'Up to 1 % needs no derating; above 5 % a motor should not run.',
          source: citeSource('unbalance'),
        }),
      );
    return proofs;
  }
  return [
    figureProof({
      id: 'running-amps',
      when: 'first-start',
      title: 'Amps, highest pole',
      unit: 'A',
      low: plate === null ? null : plate * (1 - RESISTIVE_TOLERANCE),
      high: plate === null ? null : plate * (1 + RESISTIVE_TOLERANCE),
      severity: 'should',
      how: 'Clamp meter fitted while dead, read with the doors shut.',
      because: plate === null ? 'The load current is not known.' : `${q(plate, 'A')} within 10 %; less means an open element.`,
      source: practice,
    }),
  ];
}

function firstStart({ need, part }: ProofContext): Proof[] {
  const { supply } = need;
  const key = coilSupplyOf(need);
  const proofs: Proof[] = [];
  const bands = coilBandsIn(part, 'coilOperating')?.[key];
  const nominal = numberMark(supply, 'controlVolts');
  const band = bands?.find(([low, high]) => typeof nominal !== 'number' || (low <= nominal && high >= nominal)) ?? bands?.[0];
  proofs.push(
    figureProof({
      id: 'pick-up-volts',
      when: 'first-start',
      title: 'Volts at the coil while pulling in',
      unit: 'V',
      low: band?.[0] ?? null,
      high: band?.[1] ?? null,
      how: 'Instrument fitted while dead, lowest reading held while it pulls in.',
      because: band ? `${q(band[0], 'V', 'up')} to ${q(band[1], 'V', 'down')}: 85 to 110 % of the mark.` : 'The coil mark is not known.',
      source: citeSource('coilLimits'),
    }),
    yesProof('chatter', 'first-start', 'No chatter', 'Listen while it pulls in and holds.', 'Chatter burns contacts and coil.'),
  );
  proofs.push(...runningProofs(need));
  proofs.push(
    yesProof(
      'drops-out',
      'first-start',
      'Drops out',
      'Take the command away: the load must stop at once.',
      'A welded or sticking contactor does not stop its load.',
    ),
    yesProof(
      'warm',
      'first-start',
      'Terminals after an hour',
      'Thermal camera or after isolating: no terminal hotter than its neighbours.',
      'A loose terminal shows itself by heat.',
    ),
  );
  return proofs;
}

/** Returns all proofs in the order in which they are done. */
export const contactorProofs = (context: ProofContext): Proof[] => [...bench(context), ...fitting(context), ...firstStart(context)];
