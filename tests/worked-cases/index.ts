/** Worked examples by family: tables that only tests read, worked out by hand. */
import { airBreakerCases } from './air-breakers';
import { breakerCoilCases } from './breaker-coils';
import { breakerCases } from './breakers';
import { contactorCases } from './contactors';
import { baseCases } from './control-relays/base-and-coil';
import { contactCases } from './control-relays/contacts';
import { fuseCases } from './fuses';
import { monitoringCases } from './monitoring-relays';
import { overloadCases } from './overload-relays';
import { detectionCases } from './residual-currents/detection';
import { placeCases } from './residual-currents/place';
import { runCapacitorCases } from './run-capacitors';
import { timingCases } from './timing-relays';
import type { WorkedCase } from './worked-case';

export const workedCases: Record<string, readonly WorkedCase[]> = {
  contactor: contactorCases,
  'air-breaker': airBreakerCases,
  breaker: breakerCases,
  'breaker-coil': breakerCoilCases,
  fuse: fuseCases,
  'overload-relay': overloadCases,
  'control-relay': [...contactCases, ...baseCases],
  'monitoring-relay': monitoringCases,
  'residual-current': [...detectionCases, ...placeCases],
  'run-capacitor': runCapacitorCases,
  'timing-relay': timingCases,
};
