/** Settings that the plan gives, under the names of the curves desk; an instantaneous that is off stands at its highest. */
import { HIGHEST_INSTANTANEOUS } from '../../curves/trip-unit';
import type { ProofContext } from '../contract';
import { planTripUnit } from './plan';

export function plannedCurve(context: ProofContext): Record<string, number> {
  const plan = planTripUnit(context);
  if (!plan) return {};
  const { longTimeAmps, shortTimeAmps, shortTimeSeconds, instantaneousAmps, groundFaultAmps, groundFaultSeconds } = plan;
  const given = {
    longTimeAmps,
    shortTimeAmps,
    shortTimeSeconds,
    instantaneousAmps: instantaneousAmps === null ? HIGHEST_INSTANTANEOUS * plan.ratedAmps : instantaneousAmps,
    groundFaultAmps,
    groundFaultSeconds,
  };
  return Object.fromEntries(Object.entries(given).filter((entry): entry is [string, number] => entry[1] !== undefined));
}
