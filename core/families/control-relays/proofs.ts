/** What is proved of a plug-in relay on the bench, while fitting and at first start? Common practice. */
import { coilSupplyOf } from '../../coils/needs';
import { COIL_OHMS_TOLERANCE, coilOhms, expectedCoilOhms } from '../../coils/proofs';
import type { Proof, ProofContext } from '../contract';
import { figureProof, yesProof } from '../proof-makers';
import { contactProofs } from '../../relays/proofs';
import { baseOf } from '../../relays/bases';
import { numberMark } from '../../case/case';
import { formatQuantity as q } from '../../quantities/format-quantity';

/** Current of a DC coil at the control volts, A; on AC its impedance decides, which a resistance does not tell. */
function coilCurrent(context: ProofContext): Proof[] {
  const volts = numberMark(context.need.supply, 'controlVolts');
  const ohms = expectedCoilOhms(context);
  if (coilSupplyOf(context.need) !== 'dc' || typeof volts !== 'number' || ohms === undefined) return [];
  const amps = volts / ohms;
  return [
    figureProof({
      id: 'coil-current',
      when: 'bench',
      title: 'Coil current',
      unit: 'A',
      low: amps * (1 - COIL_OHMS_TOLERANCE),
      high: amps * (1 + COIL_OHMS_TOLERANCE),
      severity: 'should',
      how: 'From a bench supply at the nominal volts, meter in series.',
      because: `${q(volts, 'V')} over ${q(ohms, 'ohm')} = ${q(amps, 'A')}, within 15 %.`,
    }),
  ];
}

/** Returns the proofs in the order of the work. */
export function controlRelayProofs(context: ProofContext): Proof[] {
  const { need, part } = context;
  const base = baseOf(part.base);
  const polarised = part.polarity !== undefined && part.polarity !== 'not polarised';
  return [
    yesProof(
      'plate',
      'bench',
      'Its own plate',
      'Read coil volts, kind and contacts on the relay itself.',
      'AC and DC bodies look alike and fit the same socket.',
    ),
    coilOhms(context, base ? `pins ${base.coil.join(' and ')}` : 'the coil pins'),
    ...coilCurrent(context),
    ...contactProofs(context),
    yesProof(
      'look',
      'bench',
      'Contacts looked at',
      'Through the cover: no carbon, no pitting, nothing loose.',
      'Pitted or welded contacts are replaced, not filed.',
    ),
    ...(polarised
      ? [
          yesProof(
            'polarity',
            'fitting',
            'Plus on its pin',
            'Socket unplugged, circuit dead and proved dead: continuity from plus to the pin that the diagram marks.',
            'A reversed diode shorts the driver; a reversed lamp stays dark.',
          ),
        ]
      : []),
    yesProof(
      'seated',
      'fitting',
      'Seated and held',
      'Key lined up, pushed home, spring or clip closed.',
      'A relay that walks out of its socket fails warm.',
    ),
    yesProof(
      'works',
      'first-start',
      'Works what it must',
      'Commanded once on and off with people clear; every load on its contacts follows, nothing else does.',
      need.supply.controlKind === 'dc'
        ? 'Drop-out is later with a diode across the coil.'
        : 'A lamp alone tells of volts at the coil, not of contacts.',
    ),
  ];
}
