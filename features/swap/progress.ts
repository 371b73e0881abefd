/** How far a job is: a few words at each stage, and whether it is done. */
import { askedOf } from './derived';
import type { Stage } from './StageRail';
import type { Job } from './use-job';

/** Example: '3 lines'. */
export const several = (count: number, word: string) => `${count} ${word}${count > 1 ? 's' : ''}`;

/** Marks of the position that nobody could read. */
const wornOf = ({ load, removed, supply }: Job['state']): number =>
  [...Object.values(load), ...Object.values(removed), ...Object.values(supply)].filter(({ state }) => state === 'unreadable').length;

/** Lines whose limit is not known. */
export const unknownOf = ({ needs }: Job['derived']) => needs.filter((need) => need.ways[0].limit === null);

export function progressOf(job: Pick<Job, 'state' | 'derived' | 'board' | 'part' | 'obstacles' | 'view' | 'choice'>): {
  notes: Record<Stage, string>;
  done: Record<Stage, boolean>;
} {
  const { state, derived, board, part, obstacles, view, choice } = job;
  const unknown = unknownOf(derived).length;
  const worn = wornOf(state);
  const taken = choice?.taken === true;
  const open = obstacles.filter(({ kind }) => kind === 'proof').length;
  const signed = view.status === 'signed';
  return {
    notes: {
      safe: derived.openSteps === 0 ? 'confirmed' : `${derived.openSteps} to confirm`,
      read: worn > 0 ? `${several(worn, 'field')} unreadable` : 'all fields readable',
      need: `${askedOf(derived.needs, derived.removed, part).length} lines${unknown > 0 ? `, ${unknown} not known` : ''}`,
      match: taken ? 'taken' : board ? `${board.holding} with no failing line, ${board.onShelf} in stock` : '',
      prove: !taken ? '' : open > 0 ? `${open} open` : 'proved',
      record: signed ? 'signed' : 'not signed',
    },
    done: {
      safe: derived.openSteps === 0,
      read: worn === 0,
      need: unknown === 0,
      match: taken,
      prove: taken && open === 0,
      record: signed,
    },
  };
}
