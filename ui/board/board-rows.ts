/** Which lines of a board tell the candidates apart, and which hold for all of them? */
import type { JudgedNeed, JudgedPart } from '@/core/matching/judge';
import type { Need } from '@/core/needs/need';

export const lineOf = (part: JudgedPart, id: string): JudgedNeed | undefined => part.lines.find((line) => line.need.id === id);

/** Lines that any of the parts carries. */
export const askedLines = (needs: readonly Need[], parts: readonly JudgedPart[]): Need[] =>
  needs.filter((need) => parts.some((part) => lineOf(part, need.id)));

/**
 * Splits the lines by whether they decide: a line that every candidate and the removed part meets says nothing here.
 * @returns `decide` in the order of the needs, and `hold`, which may be folded away.
 */
export function splitLines(
  needs: readonly Need[],
  candidates: readonly JudgedPart[],
  removed: JudgedPart | null,
): { decide: Need[]; hold: Need[] } {
  const parts = removed ? [...candidates, removed] : candidates;
  const holds = (need: Need) => parts.every((part) => (lineOf(part, need.id)?.verdict ?? 'fits') === 'fits');
  const asked = askedLines(needs, parts);
  return { decide: asked.filter((need) => !holds(need)), hold: asked.filter(holds) };
}
