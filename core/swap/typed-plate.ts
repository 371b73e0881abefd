/** Readings of a plate whose line is typed: what it says now, without what it said before and says no more. */
import type { PlateReading } from '../plates/parse-plate';
import type { Reading, Readings } from '../readings/reading';

/** Did a typed line give this reading, so that a changed line takes it back? */
export const isTyped = ({ from }: Reading): boolean => from?.startsWith('typed line') ?? false;

/** Readings after the line was typed; what was entered by hand stays where the line says nothing of it. */
export const retyped = (before: Readings, { readings }: Pick<PlateReading, 'readings'>): Readings => ({
  ...Object.fromEntries(Object.entries(before).filter(([id, reading]) => !isTyped(reading) || readings[id])),
  ...readings,
});
