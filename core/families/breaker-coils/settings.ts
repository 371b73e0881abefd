/** What is set on a coil of a breaker? A release with a delay: longer than the dip that it must ride, within what the part can. */
import { numberMark } from '../../case/case';
import { formatQuantity as q } from '../../quantities/format-quantity';
import { citeSource } from '../../standards/source';
import type { ProofContext, SettingSheet } from '../contract';

/** Delays of releases come in steps of this, s. Common practice. */
const STEP_SECONDS = 0.1;

/** Returns the delay to be set; no rows where the part has none or no dip is given. */
export function breakerCoilSettings({ need, part }: ProofContext): SettingSheet {
  const dip = numberMark(need.load, 'dipSeconds');
  const most = part.delaySeconds;
  if (typeof dip !== 'number' || typeof most !== 'number' || most === 0) return { rows: [], conflicts: [] };
  const wanted = Number((Math.ceil(dip / STEP_SECONDS - 1e-9) * STEP_SECONDS + STEP_SECONDS).toFixed(3));
  const set = Math.min(wanted, most);
  return {
    rows: [
      {
        id: 'delay',
        name: 'Delay',
        value: q(set, 's'),
        reason: `One step above the dip of ${q(dip, 's')}; longer leaves the load on a failed supply.`,
        source: citeSource('commonPractice'),
      },
    ],
    conflicts: set < dip ? [`The part delays ${q(most, 's')} at the most; the dip lasts ${q(dip, 's')}.`] : [],
  };
}
