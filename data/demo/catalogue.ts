/** The whole demo catalogue, family by family. */
import { demoAirBreakers, demoBreakerCoils } from './air-breakers';
import { demoBreakers } from './breakers';
import { demoContactors } from './contactors';
import { demoControlRelays } from './control-relays';
import { demoFuses } from './fuses';
import { demoMonitoringRelays } from './monitoring-relays';
import { demoOverloadRelays } from './overload-relays';
import { demoResidualCurrents } from './residual-currents';
import { demoRunCapacitors } from './run-capacitors';
import { demoTimingRelays } from './timing-relays';
import type { DemoPart } from './part';

export const demoParts = (): DemoPart[] => [
  ...demoAirBreakers(),
  ...demoBreakers(),
  ...demoBreakerCoils(),
  ...demoContactors(),
  ...demoControlRelays(),
  ...demoFuses(),
  ...demoMonitoringRelays(),
  ...demoOverloadRelays(),
  ...demoResidualCurrents(),
  ...demoRunCapacitors(),
  ...demoTimingRelays(),
];
