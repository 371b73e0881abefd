/** The device on the curves desk that a part is: what its family's `curve` makes of its marks. */
import type { PartSpec } from '../case/case';
import type { Band } from '../curves/band';
import type { DeviceChoice } from '../curves/curve-device';
import { figureOf, type CurvePlace, type PartCurve } from '../curves/part-curve';
import { familyOf } from './registry';

export type CurvedPart = { id: string; label: string; family: string; spec: PartSpec };

/** What becomes of a maker's own curve of such a part. */
export const ownCurveOf = (family: string): PartCurve['ownCurve'] => familyOf(family)?.curve?.ownCurve ?? 'none';

/** Returns the choice, or undefined where its curve is the maker's alone; `kept` is the curve kept with the part. */
export function choiceOfPart({ id, label, family, spec }: CurvedPart, place: CurvePlace, kept?: Band): DeviceChoice | undefined {
  const curve = familyOf(family)?.curve;
  if (!curve) return undefined;
  const base = {
    id,
    label,
    hot: false,
    settings: {},
    interruptingAmps: curve.breaks(spec, place),
    ...(curve.letsThroughA2s ? { letThroughA2s: curve.letsThroughA2s(spec) } : {}),
  };
  if (kept && curve.ownCurve !== 'none') return { ...base, kind: 'file', ratedAmps: figureOf(spec, 'ratedAmps') ?? 1, band: kept };
  const model = curve.model(spec);
  return model && { ...base, ...model };
}
