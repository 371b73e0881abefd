/** Cautions of a residual-current position that are no line on a part. Sources: common practice; BS 7671 531.3.3 and 643.8, from memory. */
import type { NeedContext } from '../contract';
import { frontEndOf, smoothDcBound } from '../../residual/leakage';
import { leakageOf, smoothDcStoodMilliamps } from '../../standards/residual-current';

/** Returns the cautions in the order shown. */
export function residualCautions({ practice, supply, load }: NeedContext): string[] {
  const cautions = [
    'It sees what does not come back through it: it protects from no overload and no short circuit between conductors unless it has a part for that.',
    'The neutral of this circuit returns through this device and through no other; a borrowed neutral trips it, or blinds it.',
  ];
  const front = frontEndOf(load, supply);
  const bound = smoothDcBound(load);
  if (front && leakageOf[front.electronics].includes('smooth-dc'))
    cautions.push(
      typeof bound === 'number' && bound <= smoothDcStoodMilliamps.A
        ? `No type AC upstream of it: up to ${bound} mA of smooth direct current may pass, which blinds that one.`
        : 'No type AC or A upstream of it: the smooth direct current that this one lets pass would blind that one.',
    );
  if (front === undefined && practice === 'IEC')
    cautions.push('What electronics the load has is not said: type AC is only for loads that are known to have none.');
  if (practice === 'IEC' && supply.upstreamOvercurrentAmps === undefined && load.overcurrentNeededHere !== true)
    cautions.push('A device without overcurrent part needs one upstream: enter it on the supply card.');
  if (load.kind === 'distribution-board' || load.kind === 'mixed-single-phase-loads')
    cautions.push(
      'One over all circuits, or one for each: both are done. One for each is the default, so that a fault puts out one circuit and leakage does not add up; one over them waits (S) and is three times as coarse.',
    );
  if (practice === 'NFPA70') cautions.push('For people: a device that trips at 4 to 6 mA. One of 30 mA protects equipment.');
  if (load.purpose === 'fire') cautions.push('Against fire is not for people: where somebody may touch, 30 mA or less.');
  cautions.push('The test button shows that it can trip, not at how much nor how fast; press it as often as its plate says.');
  return cautions;
}
