/** The whole demo catalogue, family by family. */
import { demoBreakers } from './breakers';
import { demoContactors } from './contactors';
import { demoFuses } from './fuses';
import { demoOverloadRelays } from './overload-relays';
import type { DemoPart } from './part';

export const demoParts = (): DemoPart[] => [...demoBreakers(), ...demoContactors(), ...demoFuses(), ...demoOverloadRelays()];
