/** Cases of each family with parts, for its contract: the worked examples and the demo's positions, and a stride of the catalogue. */
import { everyCase, everySpec } from '../laws/cases';
import type { Sample } from './contract-faults';

const STRIDE = 37;

export function samplesOf(family: string): Sample[] {
  const catalogue = everySpec(family).filter((_, i) => i % STRIDE === 0);
  const own = everyCase().filter(({ plain }) => plain.family === family);
  return own.map(({ plain, own: spec }, i) => ({ plain, specs: [...(spec ? [spec] : []), ...(i === 0 ? catalogue : [])] }));
}
