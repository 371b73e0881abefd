/**
 * Why does it operate again and again? A guided hunt: each cause with the measurement that settles it, before anything larger goes in.
 * Which causes are asked follows from the family and what stands at the position. Readings are taken dead, or by instruments
 * fitted while dead. Source: common practice.
 */
import { familyOf } from '../families/registry';
import type { Cause } from './cause';
import { leakCauses } from './leak-causes';
import { overcurrentCauses } from './overcurrent-causes';
import type { SwapState } from './swap';

export type CauseHunt = {
  causes: readonly Cause[];
  /** What is no answer to a device that operates. */
  noAnswer: string;
  /** Where to look when every cause is ruled out. */
  allRuledOut: string;
};

/** The hunt that a job opens; undefined where its family has none of this kind. */
export function causeHuntOf(state: SwapState): CauseHunt | undefined {
  switch (familyOf(state.family)?.faultFinding) {
    case 'why-it-operated':
      return {
        causes: overcurrentCauses(state),
        noAnswer: 'A larger device or a later curve is no answer.',
        allRuledOut: 'look at the supply and at what else runs then',
      };
    case 'why-it-leaks':
      return {
        causes: leakCauses(state),
        noAnswer: 'A coarser or slower device is no answer.',
        allRuledOut: 'log leakage over a day, and look at what else runs then',
      };
    default:
      return undefined;
  }
}
