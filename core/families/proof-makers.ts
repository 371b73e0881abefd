/** Short makers of proofs: a yes or no, and a figure with its band. Nothing here asks for live work. */
import type { Practice } from '../case/case';
import { citeSource } from '../standards/source';
import { isBand } from '../matching/canonical';
import { formatQuantity, formatRange } from '../quantities/format-quantity';
import type { Proof } from './contract';

const common = citeSource('commonPractice');

/** A figure with its limits; a must without leads unless said otherwise. */
export const figureProof = (
  proof: Omit<Proof, 'kind' | 'leads' | 'severity' | 'source'> & Partial<Pick<Proof, 'leads' | 'severity' | 'source'>>,
): Proof => ({ kind: 'figure', leads: false, severity: 'must', source: common, ...proof });

/** Contact resistance net of leads: above the first look closer, above the second reject; an open one has at least the third, ohm. Common practice. */
export const contactOhms = { caution: 0.1, reject: 1, open: 1e6 } as const;

/** A yes or no. */
export const yesProof = (id: string, when: Proof['when'], title: string, how: string, because: string, source = common): Proof => ({
  id,
  when,
  title,
  how,
  because,
  source,
  unit: '',
  low: null,
  high: null,
  severity: 'must',
  leads: false,
  kind: 'yes-no',
});

/** Running amps per phase at first start, held to the need's running line. */
export const runningAmpsProof = (limitAmps: number, words: string): Proof =>
  figureProof({
    id: 'running-amps',
    when: 'first-start',
    title: 'Running amps, highest conductor',
    unit: 'A',
    low: 0,
    high: limitAmps,
    severity: 'should',
    how: 'Clamp or panel meter fitted while dead, doors shut, loaded as usual.',
    because: words,
  });

/** Tightened to what is printed, with the part's own figures where they are known, and what the screwdriver was set to, as applied. */
export function torqueProof(context: { need: { practice: Practice }; part: { [name: string]: unknown } }, what: string): Proof {
  const { torqueInLb, wireRangeMm2 } = context.part;
  const torque = typeof torqueInLb === 'number' ? `${formatQuantity(torqueInLb, 'in-lb')}, as printed` : 'the torque printed';
  const wires = isBand(wireRangeMm2) ? `${formatRange(...wireRangeMm2, 'mm²')} in each` : 'wires within its range';
  return {
    asApplied: context.need.practice === 'IEC' ? 'N·m' : 'in-lb',
    ...yesProof('torque', 'fitting', 'Torque', `Terminals tightened to ${torque} on the ${what}, ${wires}.`, 'Loose terminals burn.'),
  };
}
