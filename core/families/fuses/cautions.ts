/** Cautions of a fuse position that are no line on a part. Source: common practice. */
import { numberMark } from '../../case/case';
import type { NeedContext } from '../contract';
import { isMotorLoad } from '../../loads/motor-kinds';
import { tableAmpsOf } from '../../overcurrent/maximum-rating';
import { motorConductorCaution } from '../../overcurrent/motor-feeder';

const REPEATED_BLOWS = 2;

/** Returns the cautions in the order shown. */
export function fuseCautions(context: NeedContext): string[] {
  const { supply, load } = context;
  const blown = numberMark(load, 'blownThisMonth');
  const cautions = ['A blown fuse is a question: find what blew it before the next one goes in. Never a larger one, never a link.'];
  if (typeof blown === 'number' && blown >= REPEATED_BLOWS)
    cautions.push(`Blown ${blown} times lately: hunt the cause before anything is fitted.`);
  if (supply.currentKind === 'dc') cautions.push('DC: isolate before the fuse is drawn; a holder is no DC switch.');
  const thin = motorConductorCaution(context, isMotorLoad(load.kind) ? tableAmpsOf(context)?.amps : undefined);
  if (thin) cautions.push(thin);
  cautions.push('Replace the fuses of all phases after a short circuit: the others have been stressed as well.');
  return cautions;
}
