/** Readings of a plate whose line is typed: what it says now, without what it said before and says no more. */
import { parsePlate } from '../plates/parse-plate';
import type { PlateDefinition } from '../plates/plate-field';
import type { Reading, Readings } from '../readings/reading';

/** Did a typed line give this reading, so that a changed line takes it back? */
export const isTyped = ({ from }: Reading): boolean => from?.startsWith('typed line') ?? false;

/** A line under a plate: as it was, and as it is now. */
export type LineChange = { was: string; now: string };

/**
 * Readings after the line was changed. What was entered by hand stays where the line says nothing of it, and so does what another line
 * gave, of the day when the position was read: a line takes back only what itself had said.
 */
export function retyped(before: Readings, plate: PlateDefinition, { was, now }: LineChange): Readings {
  const [gave, gives] = [parsePlate(was, plate).readings, parsePlate(now, plate).readings];
  return { ...Object.fromEntries(Object.entries(before).filter(([id, reading]) => !isTyped(reading) || !gave[id])), ...gives };
}

/** Readings under a whole new wording of the plate: nothing that was typed before stays. */
export const reworded = (before: Readings, plate: PlateDefinition, wording: string): Readings => ({
  ...Object.fromEntries(Object.entries(before).filter(([, reading]) => !isTyped(reading))),
  ...parsePlate(wording, plate).readings,
});
