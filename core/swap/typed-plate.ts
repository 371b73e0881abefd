/** Readings of a plate whose line is typed: what it says now, without what it said before and says no more. */
import { parsePlate } from '../plates/parse-plate';
import type { PlateDefinition } from '../plates/plate-field';
import type { Reading, Readings } from '../readings/reading';

/** Did a typed line give this reading, so that a changed line takes it back? */
export const isTyped = ({ from }: Reading): boolean => from?.startsWith('typed line') ?? false;

/** What a line under a plate gave before it was changed, and what it gives now. */
export type LineChange = { gave: Readings; gives: Readings };

/** Is this a reading that the line gave, and that goes with it? What another line gave, of the day when the position was read, stays. */
export const isOfLine = (id: string, reading: Reading, { gave }: LineChange): boolean => isTyped(reading) && gave[id] !== undefined;

/** Readings after the line was changed: it takes back only what itself had said, and puts what it says in place of what stood. */
export const retyped = (before: Readings, line: LineChange): Readings => ({
  ...Object.fromEntries(Object.entries(before).filter(([id, reading]) => !isOfLine(id, reading, line))),
  ...line.gives,
});

/** Readings under a whole new wording of the plate: nothing that was typed before stays. */
export const reworded = (before: Readings, plate: PlateDefinition, wording: string): Readings => ({
  ...Object.fromEntries(Object.entries(before).filter(([, reading]) => !isTyped(reading))),
  ...parsePlate(wording, plate).readings,
});
