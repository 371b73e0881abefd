/** What should be ordered? From least and most, what lies there, what is on order, and what open jobs have chosen. */

export type Held = {
  /** Pieces at the site, over all its places. */
  lying: number;
  /** Pieces that open jobs of the site have chosen. */
  wanted: number;
  onOrder: number;
  /** Null: nobody set limits. */
  least: number | null;
  most: number | null;
};

/**
 * Pieces to order now: up to the most where fewer than the least would be free, and never fewer than open jobs want. What is on order already
 * counts as if it lay there. Returns 0 or more, whole.
 */
export function toOrder({ lying, wanted, onOrder, least, most }: Held): number {
  const free = lying + onOrder - wanted;
  if (least !== null && free < least) return Math.max(most ?? least, least) - free;
  return Math.max(0, -free);
}
