/** One form of a control relay's spec for judging: coil, base, contacts by form and by kind of load, polarity. */
import type { ControlRelaySpec } from './fields';
import type { CanonicalControlRelay } from './figures';
import { cleanMarks } from '../normalise-spec';
import { coilLayout } from '../../coils/layout';
import { contactFormLayout, contactRatingLayout, polarityLayout } from '../../relays/layout';

/** Returns the canonical form. The input is not changed. */
export function canonicalControlRelay(spec: ControlRelaySpec): CanonicalControlRelay {
  return { ...cleanMarks(spec), ...contactRatingLayout(spec), ...contactFormLayout(spec), ...polarityLayout(spec), ...coilLayout(spec) };
}
