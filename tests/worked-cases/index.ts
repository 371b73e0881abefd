/** Worked examples by family: tables that only tests read, worked out by hand. */
import { breakerCases } from './breakers';
import { contactorCases } from './contactors';
import { baseCases } from './control-relays/base-and-coil';
import { contactCases } from './control-relays/contacts';
import { fuseCases } from './fuses';
import { monitoringCases } from './monitoring-relays';
import { overloadCases } from './overload-relays';
import { timingCases } from './timing-relays';
import type { WorkedCase } from './worked-case';

export const workedCases: Record<string, readonly WorkedCase[]> = {
  contactor: contactorCases,
  breaker: breakerCases,
  fuse: fuseCases,
  'overload-relay': overloadCases,
  'control-relay': [...contactCases, ...baseCases],
  'monitoring-relay': monitoringCases,
  'timing-relay': timingCases,
};
