/** The whole demo catalogue, family by family. */
import { demoBreakers } from './breakers';
import { demoContactors } from './contactors';
import { demoControlRelays } from './control-relays';
import { demoFuses } from './fuses';
import { demoMonitoringRelays } from './monitoring-relays';
import { demoOverloadRelays } from './overload-relays';
import { demoTimingRelays } from './timing-relays';
import type { DemoPart } from './part';

export const demoParts = (): DemoPart[] => [
  ...demoBreakers(),
  ...demoContactors(),
  ...demoControlRelays(),
  ...demoFuses(),
  ...demoMonitoringRelays(),
  ...demoOverloadRelays(),
  ...demoTimingRelays(),
];
