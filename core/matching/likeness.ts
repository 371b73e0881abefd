/**
 * How like the removed part is a candidate, for the order on the board alone: the verdict never rests on it. Like for like stands before another
 * kind, so that nobody is led to a dearer device by a line that both hold.
 */
import type { CanonicalSpec } from './canonical';
import { comparable, type KeptMark } from './changes';

export type Likeness = {
  /** 0 for the same; two for each mark that differs, one for a mark that one of the two legibly has not. What is not known of either counts for nothing. */
  unlike: number;
  /** Marks that it has and the removed part has not, by label. */
  more: string[];
};

const isKnown = (mark: unknown): boolean => mark !== undefined && mark !== null;
const says = (mark: unknown): boolean => isKnown(mark) && mark !== 'none' && mark !== false;

/**
 * Returns the function that holds a part against the removed one; a mark that answers a line on which the removed part failed is left out,
 * since it is there to be changed. Without a removed part every candidate is equally like.
 */
export function likenessTo(
  kept: readonly KeptMark[],
  removed: CanonicalSpec | null,
  failed: ReadonlySet<string>,
): (spec: CanonicalSpec) => Likeness {
  if (!removed) return () => ({ unlike: 0, more: [] });
  const held = kept
    .filter(({ lines }) => !lines.some((id) => failed.has(id)))
    .map(({ name, label }) => ({ name, label, was: removed[name], text: comparable(removed[name]) }));
  return (spec) => {
    let unlike = 0;
    const more: string[] = [];
    for (const { name, label, was, text } of held) {
      const is = spec[name];
      if (says(was) && says(is)) unlike += is === was || comparable(is) === text ? 0 : 2;
      else if (isKnown(was) && isKnown(is) && says(was) !== says(is)) {
        unlike += 1;
        if (says(is)) more.push(label);
      }
    }
    return { unlike, more };
  };
}
