/** Curve of an overload relay: its class, drawn at the top of its dial. It breaks no fault. */
import { isOneOf } from '../../certain';
import type { DeviceKind } from '../../curves/curve-device';
import { figureOf, type PartCurve } from '../../curves/part-curve';

const classes: readonly DeviceKind[] = ['relay-10a', 'relay-10', 'relay-20', 'relay-30'];

export const overloadRelayCurve: PartCurve = {
  ownCurve: 'none',
  breaks: () => null,
  model: (spec) => {
    const ratedAmps = figureOf(spec, 'settingMaxAmps');
    const kind = `relay-${String(spec.tripClass ?? '')
      .replace('E', '')
      .toLowerCase()}`;
    return ratedAmps !== null && isOneOf(classes, kind) ? { kind, ratedAmps } : undefined;
  },
};
