/** Curve of a fuse: by its category or its UL class. */
import { figureOf, type PartCurve } from '../../curves/part-curve';

export const fuseCurve: PartCurve = {
  ownCurve: 'drawn',
  breaks: (spec, { dc }) => figureOf(spec, dc ? 'interruptingAmpsDc' : 'interruptingAmpsAc'),
  letsThroughA2s: (spec) => figureOf(spec, 'clearingI2tA2s'),
  model: (spec) => {
    const ratedAmps = figureOf(spec, 'ratedAmps');
    if (ratedAmps === null) return undefined;
    if (spec.utilisation === 'gG') return { kind: 'fuse-gg', ratedAmps };
    if (spec.utilisation === 'aM') return { kind: 'fuse-am', ratedAmps };
    if (!String(spec.standard).startsWith('UL')) return undefined;
    return { kind: spec.speed === 'time-delay' ? 'fuse-td' : 'fuse-fast', ratedAmps };
  },
};
