/** Cautions of an overload relay that are no line on a part. Sources: common practice; NFPA 70 430.32(C), 430.43, from memory. */
import type { NeedContext } from '../contract';

/** Returns the cautions in the order shown. */
export function overloadCautions({ practice, load }: NeedContext): string[] {
  const cautions = ['The dial is set to the plate amps of the motor that is there, by its own marks; never turned up to stop it tripping.'];
  if (load.control === 'two-wire') cautions.push('Maintained control: with automatic reset the motor starts again by itself.');
  if (load.starter === 'star-delta' && load.overloadPosition === undefined)
    cautions.push('Star-delta: a relay in the phase of the delta is set to 0.58 of the line amps; in the line to the full amps.');
  if (load.starter === 'variable-speed-drive')
    cautions.push('Behind a drive the drive protects the motor; a relay there sees a current it is not made for.');
  if (practice === 'NFPA70')
    cautions.push('140 or 130 % is for a motor that does not start or carry its load at the first value, nothing else.');
  return cautions;
}
