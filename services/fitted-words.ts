/** How a position names what stands there, out of what was read on it. */
import { ratingText } from '../core/record/rating';
import type { Readings } from '../core/readings/reading';
import type { PanelRow, PositionRow, SiteRow } from '../data/positions';
import { judgeFitted } from './panels';
import { suppliedReadings } from './supply-paths';

export const NOT_READ = 'not read yet';

const textOf = (readings: Readings | undefined, mark: string): string => {
  const value = readings?.[mark]?.value;
  return typeof value === 'string' ? value : '';
};

/** Its name by maker and type, and its rating where its line of current has one. */
export function describeFitted(
  drawn: Pick<PositionRow, 'family' | 'load_kind' | 'readings'>,
  panel: PanelRow,
  site: SiteRow,
): { device_name: string; rating: string } {
  const { removed } = drawn.readings;
  const position = { hazards: {}, run: null, ...drawn };
  const judged = judgeFitted(position, site, suppliedReadings(position, panel, site));
  return {
    device_name: [textOf(removed, 'maker'), textOf(removed, 'type')].filter(Boolean).join(' ') || NOT_READ,
    rating: judged ? ratingText(judged.lines.map(({ need, have, unit }) => ({ id: need.id, have, unit }))) : '',
  };
}
