/** Cautions of a breaker position that are no line on a part. Sources: common practice; NFPA 70 240.87, 430.52, from memory. */
import { numberMark } from '../../case/case';
import type { NeedContext } from '../contract';
import { ARC_ENERGY_FROM_AMPS, groundFaultEquipment } from '../../standards/ground-fault';
import { isMotorLoad } from '../../loads/motor-kinds';
import { tableAmpsOf } from '../../overcurrent/maximum-rating';
import { motorConductorCaution } from '../../overcurrent/motor-feeder';
import { groundFaultAsked } from '../../overcurrent/large-disconnect';
import { waysOut } from './alternatives';

/** Returns the cautions in the order shown. */
export function breakerCautions(context: NeedContext): string[] {
  const { practice, supply, load } = context;
  const cautions = [
    'A breaker that has cleared a short circuit is inspected, and replaced above its service capacity, before it is used again.',
  ];
  cautions.unshift(...(waysOut(context)?.words ?? []));
  if (supply.currentKind === 'dc')
    cautions.push('DC: connect line, load and polarity as the maker’s diagram shows; reversed, a polarised breaker cannot open.');
  if (isMotorLoad(load.kind) && load.kind !== 'motor-group')
    cautions.push('The branch device of a motor protects against short circuit; overload is the relay’s work, set to the plate amps.');
  if (isMotorLoad(load.kind) && practice === 'IEC')
    cautions.push(
      'Type 1 or type 2 co-ordination is the maker’s statement for this device with that starter: take it from the maker’s table, nowhere else.',
    );
  const thin = motorConductorCaution(context, isMotorLoad(load.kind) ? tableAmpsOf(context)?.amps : undefined);
  if (thin) cautions.push(thin);
  const ampacity = numberMark(load, 'conductorAmpacityAmps');
  if (practice === 'NFPA70' && typeof ampacity === 'number' && ampacity >= ARC_ENERGY_FROM_AMPS)
    cautions.push(
      'From 1200 A a means to reduce arc energy is asked for; where there is a maintenance setting, say who switches it and when.',
    );
  if (groundFaultAsked(context) && typeof ampacity === 'number' && ampacity >= groundFaultEquipment.fromRatedAmps)
    cautions.push(
      'From 1000 A this disconnect needs earth-fault protection of its own: where the card of a breaker does not speak of it, ask before it is fitted.',
    );
  cautions.push('Listed or certified for this panel is the maker’s statement: read it on the panel and the breaker.');
  return cautions;
}
