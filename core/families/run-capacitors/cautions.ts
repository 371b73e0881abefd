/** Cautions of a run capacitor that are no line on a part. Source: common practice. */
import type { NeedContext } from '../contract';
import { sectionsAsked } from './needs';

/** Returns the cautions in the order shown: the charge first. */
export function runCapacitorCautions({ load }: NeedContext): string[] {
  const asked = sectionsAsked(load);
  const cautions = ['Discharge first: through a resistor across each section, then prove dead. It holds its charge with the supply off.'];
  if (!asked || asked.length === 0)
    cautions.push(
      'Without the motor’s plate nothing is proved: the part that came out may be the wrong one already. Find the plate or the unit’s label.',
    );
  if (asked && asked.length > 1)
    cautions.push(
      'Two singles may replace a dual: common joined to common. A part that reads good on one section may be spent on the other: read both.',
    );
  cautions.push('Fewer running amps are no proof: a wrong capacitance may draw less and still burn the winding.');
  return cautions;
}
