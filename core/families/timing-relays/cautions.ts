/** Cautions of a timing relay's position that are no line on a part. Sources: common practice; IEC 61812-1, from memory. */
import type { NeedContext } from '../contract';
import { requiredFunction } from './required';

/** Returns the cautions in the order shown. */
export function timingCautions(context: NeedContext): string[] {
  const required = requiredFunction(context)?.functions ?? [];
  const cautions = [
    'Contacts are drawn as on the shelf: not energised. Interrupting the supply while it times resets it; give it its recovery time.',
  ];
  if (required.includes('true off-delay (no auxiliary supply)'))
    cautions.push(
      'Off-delay without supply: it must have been energised for its least time to store enough, and it may change state in transport. Energise it once before fitting.',
    );
  if (context.load.signalKind === 'volt-free' || context.load.controlSignal === true)
    cautions.push(
      'Some control inputs are volt-free and some take volts. A voltage on a volt-free input destroys it: read the diagram before anything is wired.',
    );
  if (required.length > 1)
    cautions.push(
      'Several functions give the trace shown. They differ when supply or signal is lost at another moment: play both before choosing.',
    );
  if (typeof context.load.deadTimeMillisecondsMin === 'number')
    cautions.push('Star-delta: the pause is no substitute for the interlock of the two contactors; keep both.');
  return cautions;
}
