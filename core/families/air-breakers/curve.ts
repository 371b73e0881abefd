/** Curve of an air circuit breaker: its trip unit as set; with a ground-fault part that is not set, that part's defaults. */
import { breakerBreaks, figureOf, tripUnitSettings, type PartCurve } from '../../curves/part-curve';
import { groundFaultDefaults } from '../../curves/trip-unit';

export const airBreakerCurve: PartCurve = {
  ownCurve: 'none',
  breaks: breakerBreaks,
  model: (spec) => {
    const ratedAmps = figureOf(spec, 'ratedAmps');
    if (ratedAmps === null) return undefined;
    const unset = typeof spec.tripUnit === 'string' && spec.tripUnit.includes('G') && spec.groundFaultPickupAmps === undefined;
    return { kind: 'trip-unit', ratedAmps, settings: { ...tripUnitSettings(spec), ...(unset ? groundFaultDefaults(ratedAmps) : {}) } };
  },
};
