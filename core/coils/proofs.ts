/** Bench proof of a coil: its resistance, with the leads taken off. Common practice. */
import { coilBandsIn } from '../matching/canonical';
import { formatQuantity as q } from '../quantities/format-quantity';
import { citeSource } from '../standards/source';
import type { Proof, ProofContext } from '../families/contract';
import { figureProof } from '../families/proof-makers';
import { coilSupplyOf } from './needs';

/** Spread of a winding and its temperature. Common practice. */
export const COIL_OHMS_TOLERANCE = 0.15;

/** Coil resistance expected: as stated, or V²/W of a DC coil; undefined where nothing tells. */
export function expectedCoilOhms({ need, part }: ProofContext): number | undefined {
  if (typeof part.coilOhms === 'number') return part.coilOhms;
  const key = coilSupplyOf(need);
  const volts = coilBandsIn(part, 'coilRated')?.[key]?.[0]?.[0];
  const watts = part.coilPullInWattsDc;
  return key === 'dc' && typeof watts === 'number' && volts ? (volts * volts) / watts : undefined;
}

/** From this many ohms on a coil counts as open, whatever it is made for. Common practice. */
const OPEN_OHMS = 1e6;
/** Beyond half and twice what is expected it is no spread any more: shorted turns, or another coil. Common practice. */
const NO_SPREAD = 2;
/**
 * Share of the impedance at pull-in that the copper of an AC coil has at least: the power factor of its inrush, which is mostly copper.
 * It never has more than the whole. Common practice.
 */
const COPPER_SHARE = 0.25;

type Band = Pick<Proof, 'low' | 'high' | 'because'> & { rejectBelow?: number; rejectAbove: number };

/** Between what of an AC coil's impedance at pull-in its copper must lie; undefined where its volts or inrush are not known. */
function copperOfAc({ need, part }: ProofContext): Band | undefined {
  const key = coilSupplyOf(need);
  const volts = coilBandsIn(part, 'coilRated')?.[key]?.[0]?.[0];
  const inrush = part.coilInrushVA;
  if (key === 'dc' || !volts || typeof inrush !== 'number' || !(inrush > 0)) return undefined;
  const impedance = (volts * volts) / inrush;
  return {
    low: impedance * COPPER_SHARE,
    high: impedance * (1 + COIL_OHMS_TOLERANCE),
    rejectBelow: (impedance * COPPER_SHARE) / NO_SPREAD,
    rejectAbove: impedance * NO_SPREAD,
    because: `With ${q(inrush, 'VA')} at pull-in it has an impedance of ${q(impedance, 'ohm')}; the copper is a quarter of it at least, and never more than all. Far below, turns are shorted.`,
  };
}

/** What the resistance of this coil should be: stated, by its power on DC, by its inrush on AC; or only neither open nor shorted. */
function plausible(context: ProofContext): Band {
  const expected = expectedCoilOhms(context);
  if (expected !== undefined)
    return {
      low: expected * (1 - COIL_OHMS_TOLERANCE),
      high: expected * (1 + COIL_OHMS_TOLERANCE),
      rejectBelow: expected / NO_SPREAD,
      rejectAbove: expected * NO_SPREAD,
      because: `${typeof context.part.coilOhms === 'number' ? 'The maker states' : 'From the coil power'} ${q(expected, 'ohm')}, within 15 % for winding and temperature.`,
    };
  return (
    copperOfAc(context) ?? {
      ...{ low: 0.1, high: OPEN_OHMS, rejectBelow: 0.1, rejectAbove: OPEN_OHMS },
      because:
        'The maker states no resistance. An open coil reads without end, a shorted one near nothing; on AC the resistance says nothing of the impedance.',
    }
  );
}

/** `at` names the coil's two terminals or pins. */
export const coilOhms = (context: ProofContext, at = 'A1 and A2'): Proof =>
  figureProof({
    id: 'coil-ohms',
    when: 'bench',
    title: 'Coil resistance',
    unit: 'ohm',
    leads: true,
    severity: 'should',
    how: `Coil disconnected, ohmmeter across ${at}. Enter the resistance of the leads as well; it is taken off.`,
    ...plausible(context),
    source: citeSource('commonPractice'),
  });
