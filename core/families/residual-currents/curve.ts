/** Curve of a residual-current device: its overcurrent part, where it has one, is a miniature breaker's. */
import { breakerBreaks, miniatureModel, type PartCurve } from '../../curves/part-curve';

export const residualCurrentCurve: PartCurve = {
  ownCurve: 'none',
  breaks: breakerBreaks,
  model: (spec) => (String(spec.standard).includes('61009') ? miniatureModel(spec) : undefined),
};
