/** Cautions of a breaker's coil that are no line on a part. Source: common practice; IEC 60947-2, from memory. */
import { wordMark } from '../../case/case';
import type { NeedContext } from '../contract';
import { actionOf } from './needs';

/** Returns the cautions in the order shown. */
export function breakerCoilCautions(context: NeedContext): string[] {
  const action = actionOf(context);
  const cautions = [
    'Springs hold energy with every supply off: discharge them, withdraw or isolate, and keep out of the mechanism. It is loud; stand clear.',
  ];
  if (action === 'opens-when-supply-fails') {
    const school = wordMark(context.load, 'school');
    cautions.push(
      school === 'secure supply with delay'
        ? 'Fed from a secure supply it rides dips, and no longer opens when the breaker’s own supply fails: see what else does.'
        : 'Fed from the line side it opens with the supply it stands on, and every deep dip opens it too; a secure supply with a delay is the other school.',
      'It holds the breaker open while it is without power: look there first when the breaker will not close.',
      'Never in place of a shunt trip, nor a shunt trip in its place: they work in opposite senses.',
    );
  }
  if (action === 'opens-on-signal' || action === 'closes-on-signal')
    cautions.push(
      'Shunt trip and closing coil are one part only where both are marked on it; that a shaft stands out is a hint, no proof.',
    );
  if (action === 'charges-the-spring') cautions.push('The motor starts by itself after a close: its supply is isolated apart.');
  cautions.push('Position letters are the maker’s own: keep your table of them, and read bay, part, cover and cap.');
  return cautions;
}
