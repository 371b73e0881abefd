/** A walk past the positions of a panel: which of their plates are read, and what waits until the panel is dead. */
import { loadPlates, plateOf } from '../families/plates';
import { labelIn } from '../fields/field';
import { sayIn } from '../language/by-practice';
import type { Practice } from '../language/practice';
import type { PlateDefinition } from '../plates/plate-field';
import type { Reading, Readings } from '../readings/reading';
import { applyChanges } from '../swap/swap';
import { isOfLine, type LineChange } from '../swap/typed-plate';
import { FROM_TEMPLATE } from './templates';

export type PlateSection = 'load' | 'removed';
export type Standing = {
  device: string;
  loadKind: string | null;
  readings: Partial<Record<PlateSection, Readings>>;
};

/** The plates of a position: of what it serves, where that has one, and of the part that stands there. */
export function platesAt({ device, loadKind }: Pick<Standing, 'device' | 'loadKind'>): { section: PlateSection; plate: PlateDefinition }[] {
  const [load, part] = [loadKind === null ? undefined : loadPlates[loadKind], plateOf(device)];
  return [...(load ? [{ section: 'load' as const, plate: load }] : []), ...(part ? [{ section: 'removed' as const, plate: part }] : [])];
}

/** Somebody looked at the plate for it: a template's mark and an assumed one say nothing of that. */
const isSeen = ({ state, from }: Reading): boolean => state !== 'assumed' && from !== FROM_TEMPLATE;

/** A plate that is not read yet, or what on it could not be: the names of its marks; and those that a machine found and nobody looked at. */
export type Waiting = { section: PlateSection; title: string; marks: 'all' | string[]; toConfirm: string[] };

/** What of a position waits until the panel is dead, in the words of the practice; empty where every plate is read. */
export function waitingAt(position: Standing, practice: Practice): Waiting[] {
  return platesAt(position).flatMap(({ section, plate }): Waiting[] => {
    const title = sayIn(practice, plate.title);
    const seen = Object.entries(position.readings[section] ?? {}).filter(([, reading]) => isSeen(reading));
    if (seen.length === 0) return [{ section, title, marks: 'all', toConfirm: [] }];
    const namesOf = (is: (reading: Reading) => boolean): string[] => {
      const ids = new Set(seen.filter(([, reading]) => is(reading)).map(([id]) => id));
      return plate.fields.filter(({ id }) => ids.has(id)).map(({ of }) => labelIn(practice, of));
    };
    const [marks, toConfirm] = [namesOf(({ state }) => state === 'unreadable'), namesOf((reading) => reading.toConfirm === true)];
    return marks.length + toConfirm.length === 0 ? [] : [{ section, title, marks, toConfirm }];
  });
}

export type WalkState = 'read' | 'in part' | 'not read';

/** How far a position is read. */
export function walkStateOf(position: Standing): WalkState {
  const waiting = waitingAt(position, 'IEC');
  if (waiting.length === 0) return 'read';
  return waiting.filter(({ marks }) => marks === 'all').length === platesAt(position).length ? 'not read' : 'in part';
}

type Plates = Record<PlateSection, Readings>;
/** What a walk changes at a position, by path: a reading, or null where what stands there is taken away. */
export type WalkChanges = Record<string, Reading | null>;

export const withWalked = <P extends Plates>(stands: P, changes: WalkChanges): P =>
  applyChanges(
    stands,
    Object.entries(changes).map(([path, value]) => ({ path, value })),
  );

/** The changes with these readings of a plate: what stands at the position already is no change. */
export function changedAgainst(stands: Plates, before: WalkChanges, section: PlateSection, next: Readings): WalkChanges {
  const changes = { ...before };
  const there = stands[section];
  for (const id of new Set([...Object.keys(there), ...Object.keys(withWalked(stands, before)[section]), ...Object.keys(next)])) {
    const path = `${section}.${id}`;
    if (JSON.stringify(there[id]) === JSON.stringify(next[id])) delete changes[path];
    else changes[path] = next[id] ?? null;
  }
  return changes;
}

/** The changes after a plate's line was changed: where it says no more what it had said, what stands at the position stands again. */
export function lineTyped(stands: Plates, before: WalkChanges, section: PlateSection, line: LineChange): WalkChanges {
  const kept: WalkChanges = Object.fromEntries(
    Object.entries(before).filter(([path, value]) => {
      const [of, id = ''] = path.split('.');
      return of !== section || value === null || !isOfLine(id, value, line);
    }),
  );
  return changedAgainst(stands, kept, section, { ...withWalked(stands, kept)[section], ...line.gives });
}
