/** Cautions of a monitoring relay's position that are no line on a part. Common practice. */
import { numberMark } from '../../case/case';
import type { NeedContext } from '../contract';
import { rideThrough } from './needs';

/** Returns the cautions in the order shown. */
export function monitoringCautions(context: NeedContext): string[] {
  const { supply, load } = context;
  const cautions = [
    'It sees the supply at its own terminals alone: no overload, no earth fault, nothing lost on the load’s side. Overload and short-circuit protection stay.',
    'Its contact must stop the load: prove it by a simulated loss at commissioning, not by the lamp.',
  ];
  if (numberMark(load, 'regeneratedPercent') === undefined && (load.kind === 'motor-3ph' || load.kind === 'motor-group'))
    cautions.push(
      'A running motor holds a dead phase at 80 to 95 % of its volts: undervoltage alone does not see it. Say how much, or ask for asymmetry.',
    );
  if (numberMark(supply, 'wires') === 4)
    cautions.push('Four wires: without its neutral a 4-wire relay reads nonsense; the neutral is wired first and proved.');
  if (load.failSafeNeeded !== true)
    cautions.push('Energised on fault: when its supply goes, it tells nothing. Energised when healthy is the usual choice.');
  if (load.kind === 'hermetic-compressor')
    cautions.push('A compressor needs its rest before it starts again: set the return delay by its plate, minutes rather than seconds.');
  if (rideThrough(context) === undefined) cautions.push('No dip to be ridden through is known: a start or a changeover may trip it.');
  return cautions;
}
