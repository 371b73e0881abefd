/**
 * What is proved of a run capacitor: discharged, read by section against its tolerance, fitted with its terminals, amps in its lead.
 * Expected amps I = 2 pi f C V. Source: definition of capacitive reactance; UL 810 on clearance; common practice.
 */
import { numberMark } from '../../case/case';
import { formatQuantity as q } from '../../quantities/format-quantity';
import { citeSource } from '../../standards/source';
import type { Proof, ProofContext } from '../contract';
import { figureProof, runningAmpsProof, yesProof } from '../proof-makers';
import { sectionsAsked } from './needs';

/** Usual tolerance where none is printed, %: common practice, shown as such. */
const USUAL_TOLERANCE = 6;

function sectionProofs({ need, part }: ProofContext): Proof[] {
  const printed = typeof part.tolerancePercent === 'number' ? part.tolerancePercent : undefined;
  const tolerance = printed ?? USUAL_TOLERANCE;
  return (sectionsAsked(need.load) ?? []).flatMap(({ name, microfarads }) =>
    microfarads === null
      ? []
      : [
          figureProof({
            id: `reads-${name}`,
            when: 'bench',
            title: `Reads, common to ${name}`,
            unit: 'µF',
            low: microfarads * (1 - tolerance / 100),
            high: microfarads * (1 + tolerance / 100),
            severity: printed === undefined ? 'should' : 'must',
            how: 'Discharged through a resistor, proved dead, leads off: capacitance meter from common to that terminal.',
            because: `${q(microfarads, 'µF')} ± ${tolerance} %${printed === undefined ? ', a usual tolerance, since none is printed' : ''}.`,
            source: citeSource('runCapacitors'),
          }),
        ],
  );
}

/** Returns the proofs in the order of the work. */
export function runCapacitorProofs(context: ProofContext): Proof[] {
  const { need, part } = context;
  const full = numberMark(need.load, 'fullLoadAmps') ?? numberMark(need.load, 'ratedLoadAmps');
  const safe = part.protection === 'protected' || part.protection === 'S2' || part.protection === 'S3';
  return [
    yesProof(
      'discharged',
      'bench',
      'Discharged, the old and the new',
      'Through a resistor of some kilo-ohms across each section, then proved dead with a meter; never with a screwdriver.',
      'It keeps its charge with the supply off.',
    ),
    ...sectionProofs(context),
    figureProof({
      id: 'to-case',
      when: 'bench',
      title: 'Terminals to case',
      unit: 'ohm',
      low: 1e6,
      high: null,
      how: 'Ohmmeter from each terminal to the metal case, discharged.',
      because: 'A section that reaches its case is shorted to earth.',
    }),
    yesProof('body', 'bench', 'Body sound', 'No bulge, no oil, terminals tight.', 'A bulged lid has done its work already.'),
    yesProof(
      'terminals',
      'fitting',
      'Terminals as on the map',
      'Common to common, compressor to HERM, fan to FAN; a section that stays free is insulated.',
      'Crossed, the fan gets the compressor’s capacitance.',
    ),
    yesProof(
      'mounting',
      'fitting',
      safe ? 'Held, with room above its lid' : 'Held and cooled',
      safe ? 'In its strap, upright, free above the lid by what the maker states, leads slack.' : 'In its strap, away from what is hot.',
      safe ? 'A protected one lifts its lid to disconnect itself; without room it cannot.' : 'Ten degrees more halve its life.',
      citeSource('runCapacitors'),
    ),
    yesProof(
      'starts',
      'first-start',
      'Motor starts at once',
      'Doors shut, started as usual: it starts without humming and turns the right way.',
      'A wrong section starts it weak or backwards.',
    ),
    ...(typeof full === 'number'
      ? [runningAmpsProof(full, `The plate says ${q(full, 'A')}. Fewer amps are no proof that the capacitance is right.`)]
      : []),
  ];
}
