/** Cautions of an air breaker that are no line on a part. Source: common practice; NFPA 70 240.87, from memory. */
import { numberMark } from '../../case/case';
import { usualAirBreakerAmps } from '../../standards/breaker-releases';
import type { NeedContext } from '../contract';

/** Returns the cautions in the order shown. */
export function airBreakerCautions({ load, practice }: NeedContext): string[] {
  const cautions = [
    'It holds energy in its springs with every supply off, and it is loud: discharge it, stand clear, work it from afar where that can be had.',
    'Racking is done with it open; the arc of one that is racked closed is not inside anything.',
  ];
  const amps = numberMark(load, 'loadAmps');
  const [low, high] = usualAirBreakerAmps;
  if (typeof amps === 'number' && amps < low) cautions.push(`Below ${low} A a moulded-case breaker is usual.`);
  if (typeof amps === 'number' && amps > high) cautions.push(`Above ${high} A there is hardly a single breaker: divide the supply.`);
  if (load.maintenanceModeNeeded === true)
    cautions.push('Maintenance mode lowers what trips at once, not the rating; it is on for the time of the work and off again, by name.');
  if (practice === 'NFPA70')
    cautions.push('From 1200 A a means to reduce arc energy is asked for; say which one this breaker has and who uses it.');
  cautions.push('Control volts are what the plate says: 24, 48, 110, 120, 125, 220 to 240 V, AC or DC. No list stands in for reading it.');
  return cautions;
}
