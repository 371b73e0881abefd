/**
 * Cautions of a contactor position that are no line on a part.
 * Sources: common practice; NFPA 70 430.84 and 424.20 for poles that stay live (from memory).
 */
import { numberMark } from '../../case/case';
import { connectedVolts } from '../../loads/connected-volts';
import { formatQuantity as q } from '../../quantities/format-quantity';
import { sameVoltageClass } from '../../standards/voltage-class';
import type { NeedContext } from '../contract';

const VOLTS_BAND = 0.1; // NEMA MG 1 and IEC 60034-1 zone B, from memory

/** Returns the cautions in the order shown; each is one or two sentences. */
export function contactorCautions({ supply, load }: NeedContext): string[] {
  const cautions: string[] = [];
  const system = numberMark(supply, 'systemVolts');
  const toGround = numberMark(supply, 'voltsToGround');
  if (numberMark(load, 'polesToSwitch') === 1 && typeof system === 'number' && typeof toGround === 'number' && toGround < system)
    cautions.push('One pole leaves the other leg live when the load is off. Isolate both before touching it.');
  const plate = typeof system === 'number' ? connectedVolts(load.plateVolts, system) : undefined;
  if (typeof system === 'number' && plate !== undefined && !sameVoltageClass(plate, system) && Math.abs(system / plate - 1) > VOLTS_BAND)
    cautions.push(
      `The load’s plate says ${q(plate, 'V')} and the system has ${q(system, 'V')}: more than 10 % apart. Check the connection before anything is fitted.`,
    );
  if (load.starter === 'reversing' || load.starterRole === 'forward' || load.starterRole === 'reverse')
    cautions.push('Reversing pair: mechanical and electrical interlock belong to the choice; match both contactors.');
  if (load.mustHoldOnControlLoss === true)
    cautions.push('The load stays on when control power is lost: switching off the control circuit does not stop it.');
  return cautions;
}
