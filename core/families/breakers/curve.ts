/** Curve of a breaker: by its letter, its electronics, or its UL 489 size. */
import { breakerBreaks, figureOf, miniatureModel, tripUnitSettings, type PartCurve } from '../../curves/part-curve';

export const breakerCurve: PartCurve = {
  ownCurve: 'judged',
  breaks: breakerBreaks,
  model: (spec) => {
    const ratedAmps = figureOf(spec, 'ratedAmps');
    if (ratedAmps === null) return undefined;
    const miniature = miniatureModel(spec);
    if (miniature) return miniature;
    if (spec.standard === 'electronic')
      return {
        kind: 'electronic',
        ratedAmps,
        settings: typeof spec.guaranteedTripAmps === 'number' ? { tripAmps: spec.guaranteedTripAmps } : {},
      };
    if (spec.technology === 'electronic') return { kind: 'trip-unit', ratedAmps, settings: tripUnitSettings(spec) };
    return String(spec.standard).startsWith('UL 489') ? { kind: 'breaker-ul', ratedAmps } : undefined;
  },
};
