/** The rating of a part as label and panel show it: the figure that its line of current was held against. */
import { formatQuantity } from '../quantities/format-quantity';
import type { LineValue } from '../needs/need';

/** Every family that carries a load asks it under this id. */
const RATING_LINE = 'running';

/** Example: '32 A'; empty where the part has no such line or no figure there. */
export function ratingText(lines: readonly { id: string; have: LineValue | null | undefined; unit: string }[]): string {
  const line = lines.find(({ id }) => id === RATING_LINE);
  return line && typeof line.have === 'number' ? formatQuantity(line.have, line.unit) : '';
}
