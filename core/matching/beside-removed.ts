/** Judges parts beside the one that was removed: each by the same lines, with what would be another than on it. */
import type { Practice } from '../case/case';
import { changesFrom, type Change, type KeptMark } from './changes';
import type { CompiledNeed } from './evaluate';
import type { CanonicalSpec } from './canonical';
import { judgePart, type JudgedPart } from './judge';

export type BesideRemoved = {
  /** The removed part by the same lines; null where none is given. */
  removed: JudgedPart | null;
  candidate: (spec: CanonicalSpec) => { judged: JudgedPart; changes: Change[] };
};

/** @param shown lines that are answered; verdicts and changes are the same either way. */
export function judgeBeside(
  kept: readonly KeptMark[],
  asked: readonly CompiledNeed[],
  removed: CanonicalSpec | null,
  practice: Practice,
  shown: 'all' | 'decisive' = 'all',
): BesideRemoved {
  const old = removed && judgePart(asked, removed, practice, shown);
  const failed = new Set(old?.lines.filter(({ verdict }) => verdict === 'fails').map(({ need }) => need.id));
  return {
    removed: old,
    candidate: (spec) => {
      const judged = judgePart(asked, spec, practice, shown);
      return { judged, changes: changesFrom(kept, removed, spec, failed, judged.lines) };
    },
  };
}
