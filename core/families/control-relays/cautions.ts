/** Cautions of a control relay's position that are no line on a part. Sources: common practice; IEC 60947-5-1 for DC-13, from memory. */
import { formatQuantity as q } from '../../quantities/format-quantity';
import { dc13TimeMilliseconds } from '../../standards/pilot-duty';
import type { NeedContext } from '../contract';
import { switchedOf } from '../../relays/contact-needs';

const OPEN_FRAME_VOLTS = 50;

/** Returns the cautions in the order shown. */
export function controlRelayCautions(context: NeedContext): string[] {
  const { supply, load } = context;
  const cautions: string[] = ['A test button works the contacts by hand: what they feed starts. Isolate it first.'];
  const list = switchedOf(context) ?? [];
  const highest = Math.max(0, ...list.map(({ volts }) => volts ?? 0));
  if (highest >= OPEN_FRAME_VOLTS) cautions.push(`Contacts carry ${q(highest, 'V')}: an open-frame relay has live parts within reach.`);
  const feeds = new Set(list.map(({ volts, kind }) => `${volts} ${kind}`));
  if (feeds.size > 1) cautions.push('Its contacts come from more than one supply: isolate every one of them and prove each dead.');
  if (list.some(({ loadType }) => loadType === 'motor'))
    cautions.push(
      'A relay that switches a motor is its controller: horsepower or motor amps at its volts, and the motor still needs overload protection.',
    );
  const constant = load.timeConstantMilliseconds;
  for (const { kind, volts, amps, loadType } of list)
    if (typeof constant === 'number' && kind === 'dc' && loadType === 'DC-13' && typeof volts === 'number' && typeof amps === 'number') {
      // T0.95 is three times L/R.
      const tested = dc13TimeMilliseconds(volts * amps);
      if (3 * constant > tested)
        cautions.push(
          `The coil’s time constant of ${constant} ms is longer than DC-13 is tested with (${Math.round(tested / 3)} ms at ${q(volts * amps, 'W')}): suppress the coil, or take a contact of a higher rating.`,
        );
    }
  if (/gas|vapour|vapor/i.test(String(load.environment ?? '')))
    cautions.push(
      'Flammable gas is possible: a sealed relay is no certified equipment. Ask for the zone or class before anything is fitted.',
    );
  if (supply.controlKind === 'dc')
    cautions.push(
      'A free-wheel diode across the coil lengthens drop-out 3 to 10 times: contacts open slower and wear. Where release time counts, a Zener or varistor.',
    );
  return cautions;
}
