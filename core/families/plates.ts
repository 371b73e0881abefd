/**
 * The only list of plates that can be read: loads first, then devices in the order in which their families are built.
 * `guessPlate` says which plate a text is likely to come from; it is a guess and is shown as one.
 */
import { motorPlates } from '../loads/motor-plates';
import { unitPlates } from '../loads/unit-plates';
import { fold } from '../plates/characters';
import type { PlateDefinition } from '../plates/plate-field';
import { airBreakerPlate } from './air-breakers/plate';
import { breakerCoilPlate } from './breaker-coils/plate';
import { breakerPlate } from './breakers/plate';
import { contactorPlate } from './contactors/plate';
import { controlRelayPlate } from './control-relays/plate';
import { fusePlate } from './fuses/plate';
import { monitoringRelayPlate } from './monitoring-relays/plate';
import { overloadRelayPlate } from './overload-relays/plate';
import { residualCurrentPlate } from './residual-currents/plate';
import { runCapacitorPlate } from './run-capacitors/plate';
import { timingRelayPlate } from './timing-relays/plate';

export const plates: readonly PlateDefinition[] = Object.freeze([
  ...motorPlates,
  ...unitPlates,
  contactorPlate,
  overloadRelayPlate,
  breakerPlate,
  fusePlate,
  controlRelayPlate,
  timingRelayPlate,
  monitoringRelayPlate,
  residualCurrentPlate,
  airBreakerPlate,
  breakerCoilPlate,
  runCapacitorPlate,
]);

/** Load plates by load kind, for the bench. */
export const loadPlates: Readonly<Record<string, PlateDefinition>> = Object.fromEntries(
  plates.filter(({ side }) => side === 'load').map((plate) => [plate.id, plate]),
);

/** Returns the plate with this id, or undefined. */
export const plateOf = (id: string): PlateDefinition | undefined => plates.find((plate) => plate.id === id);

export type Guess = { id: string; title: string; weight: number };

/** Returns the kinds of plate that the words speak for, likeliest first; empty where nothing speaks for any. */
export function guessPlate(text: string): Guess[] {
  const folded = fold(text.slice(0, 4000));
  return plates
    .map((plate) => ({
      id: plate.id,
      title: plate.title,
      weight: plate.cues.reduce((sum, [cue, weight]) => sum + (cue.test(folded) ? weight : 0), 0),
    }))
    .filter(({ weight }) => weight >= 3)
    .sort((a, b) => b.weight - a.weight);
}
